import { pnorm } from 'lib-r-math.js';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { daysUntilJudged } from '#core/decide';
import type { FailureFacts } from '#core/failure';
import { type Answers, nameIt } from '#core/identify';
import { LIFE_STAGES } from '#core/season-model';
import { countedLevel } from '#core/seasons';
import type { Inspection, SprayRecord } from '#core/records';
import { efficacyAgainst, incubationDays, KEY, killOf, materialById, onsetDays } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import type { LoggedSpray } from '../garden-state.ts';
import { namingScene } from '../naming-scene.ts';
import { seasonCount } from '../summed-sample.ts';
import { modeOfAction } from '../use-facts.ts';
import type { WatchPicture } from '../watch-picture.ts';
import type { TreatedStretch } from './treated-stretch.ts';
import { watchPictures } from '../watch-pictures.ts';

/** What the season's model tells of the days it was done; null where there is none. */
export type Timing = Pick<FailureFacts, 'timing' | 'hatchSeen'>;

/** What is on record that bears on why a treated stretch shows no fall. `then`: the garden when it was counted. */
export function failureFacts(
  then: GardenDay,
  picture: WatchPicture,
  stretch: TreatedStretch,
  timing: Timing,
): FailureFacts {
  const { sprays, lastOn, after } = stretch;
  const looks = picture.inspections.filter(({ on }) => on >= stretch.firstOn);
  const answers = Object.assign({}, ...looks.map((look) => look.answers)) as Answers;
  return {
    ...timing,
    ...nameFacts(then, picture),
    ...wettedFacts(picture, sprays),
    ...weatherFacts(then, picture, sprays),
    ...materialFacts(then, picture, sprays),
    ...sourceFacts(then, picture),
    ...coverFacts(answers, looks),
    stageSeen: stageSeen(sprays),
    ants: saidYes(answers['ants']),
    daysSince: daysBetween(lastOn, after.on),
    daysNeeded: daysNeeded(then, picture.watch, sprays, lastOn),
    seesHalving: seesHalving(stretch),
  };
}

/** With fewer signs than this the key's word on a name somebody else gave is worth nothing. */
const FEWEST_SIGNS = 3;

/** How probable the key, by everything that was seen, has the group it is treated as. */
function nameFacts(
  then: GardenDay,
  { watch, plant, answers }: WatchPicture,
): Pick<FailureFacts, 'nameProbability' | 'namedByLab'> {
  const namedByLab = watch.namedBy === 'lab';
  if (watch.group === null || Object.keys(answers).length < FEWEST_SIGNS)
    return { nameProbability: null, namedByLab };
  const { groups } = nameIt(KEY, namingScene(then, plant).scene, answers);
  return {
    nameProbability: groups.find(({ group }) => group === watch.group)?.probability ?? null,
    namedByLab,
  };
}

function wettedFacts(
  { coverChecks }: WatchPicture,
  sprays: readonly LoggedSpray[],
): Pick<FailureFacts, 'wettedSaid' | 'wettedLooked'> {
  const said = sprays.flatMap(({ coverage }) => coverage ?? []);
  const looked = coverChecks
    .filter(({ sprayId }) => sprays.some(({ id }) => id === sprayId))
    .map(({ units }) => ({
      wet: units.filter(({ counts }) => counts['reached'] === 1).length,
      of: units.length,
    }))
    .sort((a, b) => b.wet / b.of - a.wet / a.of);
  return {
    wettedSaid: said.includes('everything') ? 'everything' : (said[0] ?? null),
    wettedLooked: looked[0] ?? null,
  };
}

/** The kindest weather any of the sprays had, on its day and the next; what rises in the sap does not wash off. */
function weatherFacts(
  then: GardenDay,
  { plant }: WatchPicture,
  sprays: readonly LoggedSpray[],
): Pick<FailureFacts, 'rainAfterMm' | 'hottestC'> {
  const { readings } = then.ofPlant(plant);
  const days = sprays
    .filter(({ parts }) =>
      parts.some(({ productId }) => onsetDays(then.books.product(productId).materialId) === 0),
    )
    .map(({ on, weather }) =>
      [on, addDays(on, 1)].map(
        (date) => readings.find((day) => day.date === date) ?? (date === on && weather ? weather : null),
      ),
    );
  const rain = days.flatMap((both) => {
    const told = both.map((day) => day?.rainMm ?? null);
    return told.includes(null) ? [] : [told.reduce<number>((sum, mm) => sum + mm!, 0)];
  });
  const heat = days.flatMap((both) =>
    both.includes(null) ? [] : [Math.max(...both.map((day) => day!.maxC))],
  );
  return { rainAfterMm: leastOf(rain), hottestC: leastOf(heat) };
}

/** Null for what was not answered, or not with certainty. */
const saidYes = (answer: string | undefined): boolean | null =>
  answer === 'yes' ? true : answer === 'no' ? false : null;

const leastOf = (numbers: readonly number[]): number | null =>
  numbers.length > 0 ? Math.min(...numbers) : null;
const mostOf = (numbers: readonly number[]): number | null =>
  numbers.length > 0 ? Math.max(...numbers) : null;

/** What an efficacy word comes to as a share where no season is modelled (grade C). */
const KILLS = { works: 0.85, 'in part': 0.5, poor: 0.1, avoid: 0.1 } as const;

function materialFacts(
  then: GardenDay,
  picture: WatchPicture,
  sprays: readonly LoggedSpray[],
): Pick<FailureFacts, 'rateOfLowest' | 'kills' | 'helpersKilled' | 'sameModeInARow'> {
  const parts = sprays.flatMap((spray) => spray.parts);
  const { group, targetId } = picture.watch;
  const words = group ? efficacyAgainst({ id: targetId ?? '', group }) : [];
  const kills = parts.flatMap(({ productId }) => {
    const { materialId } = then.books.product(productId);
    const word = words.find((each) => each.materialId === materialId)?.word;
    const kill = group ? killOf(materialId, group) : null;
    if (word === 'poor' || word === 'avoid') return [KILLS[word]];
    if (kill) return [Math.max(...LIFE_STAGES.map((stage) => kill.kill[stage].middle))];
    return word ? [KILLS[word]] : [];
  });
  return {
    rateOfLowest: mostOf(parts.flatMap((part) => rateOfLowest(then, part))),
    kills: mostOf(kills),
    helpersKilled: mostOf(
      parts.flatMap(({ productId }) => {
        const kill = group ? killOf(then.books.product(productId).materialId, group) : null;
        return kill ? [kill.helpersKilled.middle] : [];
      }),
    ),
    sameModeInARow: sameModeInARow(then, picture.sprays),
  };
}

function rateOfLowest(then: GardenDay, { productId, lineId, rate }: SprayRecord['parts'][number]): number[] {
  const line = then.books.product(productId).lines.find(({ id }) => id === lineId);
  return line ? [rate / line.rateLow] : [];
}

/** How many of the last sprays, counted back, had one mode of action that pests grow used to. */
function sameModeInARow(then: GardenDay, sprays: readonly LoggedSpray[]): number {
  const modes = sprays.map(({ parts }) =>
    parts.flatMap(({ productId }) => {
      const product = then.books.product(productId);
      return materialById(product.materialId).resistanceRisk ? [modeOfAction(product)] : [];
    }),
  );
  const [last] = modes.at(-1) ?? [];
  if (last === undefined) return 0;
  const other = modes.findLastIndex((some) => !some.includes(last));
  return modes.length - 1 - other;
}

function sourceFacts(
  then: GardenDay,
  { watch, plant }: WatchPicture,
): Pick<FailureFacts, 'source' | 'sourceFound'> {
  const { touching } = then.books.plantBook(plant.id);
  const ofTrouble = watchPictures(then).filter(
    (other) =>
      other.watch.id !== watch.id && watch.targetId !== null && other.watch.targetId === watch.targetId,
  );
  const named = watch.sourcePlantId;
  const beside = ofTrouble.filter(({ plant: { id } }) => id === named || touching.includes(id));
  const level = mostOf(beside.flatMap((other) => (other.level ? [other.level.level] : [])));
  const sourceFound = level === null ? null : level > 0 ? ('infested' as const) : ('clear' as const);
  const isThere = (id: string) => then.books.plantBook(id).plant.retiredOn === null;
  if (named !== null && isThere(named))
    return { source: touching.includes(named) ? 'touching' : 'near', sourceFound };
  // A plant that touches and carries the same is a source, named or not.
  return { source: sourceFound === 'infested' ? 'touching' : null, sourceFound };
}

function stageSeen(sprays: readonly LoggedSpray[]): FailureFacts['stageSeen'] {
  const seen = sprays.flatMap(({ stageSeen: stage }) => stage ?? []);
  if (seen.some((stage) => stage === 'crawlers' || stage === 'settled-young' || stage === 'larvae'))
    return 'soft';
  return seen.some((stage) => stage === 'eggs' || stage === 'adults') ? 'hard' : null;
}

/** What pressing and turning covers showed since; where most sit tells whether new growth was settled. */
function coverFacts(
  answers: Answers,
  looks: readonly Inspection[],
): Pick<FailureFacts, 'newGrowth' | 'pressed' | 'turned'> {
  const { press, 'turn-over': turnedOver, where } = answers;
  const alive = press === 'fluid' || press === 'pink-red' || turnedOver === 'body' || turnedOver === 'eggs';
  const dry = turnedOver === 'empty' || (press === 'dry' && turnedOver === undefined);
  return {
    pressed: alive ? 'alive' : dry ? 'dry' : null,
    // Most on old bark says nothing: some live there. Clean growth is asked for by a look of its own.
    newGrowth: where === 'twigs' || where === 'leaves' ? 'live' : null,
    turned: looks.length > 0 ? looks.some(({ coversTurned }) => coversTurned > 0) : null,
  };
}

/** Days after the last work from which a count can tell. */
export function daysNeeded(
  then: GardenDay,
  watch: WatchPicture['watch'],
  sprays: readonly LoggedSpray[],
  lastOn: CivilDate,
): number {
  const onsets = sprays.flatMap(({ on, parts }) =>
    parts.map(({ productId }) => ({ on, onsetDays: onsetDays(then.books.product(productId).materialId) })),
  );
  const drench = onsets.find(({ onsetDays: onset }) => onset > 0) ?? null;
  return daysUntilJudged(
    { group: watch.group, incubationDays: incubationDays(watch.targetId, watch.group), drench },
    lastOn,
  );
}

const Z95 = 1.96;

/** How probable it is that two counts as sharp as these show a halving. */
function seesHalving({ before, after }: TreatedStretch): number {
  const deviation = Math.hypot(
    ...[before ?? after, after].map((count) => countedLevel(seasonCount(count)).deviation),
  );
  return pnorm(Math.LN2 / deviation - Z95);
}
