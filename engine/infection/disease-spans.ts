import { addDays, type CivilDate, hemisphereOf, northernMonth, monthOf } from '#core/calendar';
import type { Winter, WinterBasis } from '#core/plan';
import type { Growth, Plant } from '#core/records';
import { type Disease, evergreenOf, type SeasonTurn } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { plantWinters } from '../plant-winter.ts';

/** Days in which a disease can infect a plant, and what they rest on. */
export interface DiseaseSpan {
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly basis: 'logged' | 'computed' | 'calendar';
  /** The turn that nobody has logged and that would move it; null where none would. */
  readonly asks: SeasonTurn | null;
}

/** One growing season: the winter before it and the one after it. */
interface Year {
  readonly before: Winter;
  readonly after: Winter;
}

/** Stone fruit blooms before its leaves, other fruit some three weeks after (rules of thumb, grade C). */
const BLOOM_AFTER_GREEN_DAYS = { stone: -4, other: 20 } as const;
const BLOOM_DAYS = 12;
const STONE_FRUIT = new Set(['peach', 'almond', 'apricot', 'cherry', 'plum', 'nectarine']);
/** How far a logged bloom may lie from where it is expected and still be of that year. */
const BLOOM_REACH_DAYS = 60;

/** Last season's and this season's spans, and the one that begins in the coming autumn; in order. */
export function diseaseSpans(day: GardenDay, plant: Plant, { season }: Disease): DiseaseSpan[] {
  if (season.kind === 'months') return monthSpans(day, season.months);
  const { growth } = day.books.plantBook(plant.id);
  const log = growth.filter(({ on }) => on <= day.today);
  if (season.kind === 'after-bloom') return afterBloom(day, log, season.days, season.months);
  if (evergreenOf(plant)) return monthSpans(day, ALL_YEAR);
  const winters = plantWinters(day, plant);
  const years: Year[] = [
    { before: winters[0], after: winters[1] },
    { before: winters[1], after: winters[2] },
    { before: winters[2], after: oneYearOn(winters[2]) },
  ];
  return years.map((year) => {
    const from = turnIn(year, season.from.turn, plant, log, 'from');
    const until = turnIn(year, season.until.turn, plant, log, 'until');
    const last = addDays(until.on, season.until.days);
    const first = addDays(from.on, season.from.days);
    return {
      from: first,
      to: last < first ? first : last,
      basis: from.basis,
      asks: from.basis === 'logged' ? null : season.from.turn,
    };
  });
}

/**
 * The same where no weather tells whether spots on the plant carry a season on: as long as they may, to leaf fall,
 * even where the spores of last year's leaves run out sooner.
 */
export function longestSpans(day: GardenDay, plant: Plant, disease: Disease): DiseaseSpan[] {
  const spans = diseaseSpans(day, plant, disease);
  if (!disease.sporesByHeat) return spans;
  const falls = plantWinters(day, plant).map(({ leafFall }) => leafFall.on);
  return spans.map((span) => ({ ...span, to: falls.find((on) => on > span.to) ?? span.to }));
}

const ALL_YEAR = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12];

function turnIn(
  { before, after }: Year,
  turn: SeasonTurn,
  plant: Plant,
  log: readonly Growth[],
  edge: 'from' | 'until',
): { readonly on: CivilDate; readonly basis: DiseaseSpan['basis'] } {
  const dated = ({ on, basis }: Winter['budSwell']) => ({ on, basis: basisOf(basis) });
  switch (turn) {
    case 'bud-swell':
      return dated(before.budSwell);
    case 'green-tip':
      return dated(before.greenTip);
    case 'leaf-fall':
      return dated(edge === 'from' ? before.leafFall : after.leafFall);
    case 'bloom-start':
    case 'bloom-end':
      return bloomIn(before.greenTip.on, turn, plant, log);
  }
}

function bloomIn(
  greenTip: CivilDate,
  turn: 'bloom-start' | 'bloom-end',
  plant: Plant,
  log: readonly Growth[],
): { readonly on: CivilDate; readonly basis: DiseaseSpan['basis'] } {
  const begins = addDays(greenTip, BLOOM_AFTER_GREEN_DAYS[STONE_FRUIT.has(plant.hostId) ? 'stone' : 'other']);
  const near = (stages: readonly Growth['stage'][]) =>
    log.find(
      ({ stage, on }) =>
        stages.includes(stage) &&
        on >= addDays(begins, -BLOOM_REACH_DAYS) &&
        on <= addDays(begins, BLOOM_REACH_DAYS),
    )?.on;
  const started = near(['bloom-start']);
  const ended = near(['bloom-end', 'petal-fall']);
  const logged = turn === 'bloom-start' ? started : ended;
  if (logged) return { on: logged, basis: 'logged' };
  if (turn === 'bloom-end' && started) return { on: addDays(started, BLOOM_DAYS), basis: 'computed' };
  return { on: turn === 'bloom-start' ? begins : addDays(begins, BLOOM_DAYS), basis: 'computed' };
}

const basisOf = (basis: WinterBasis): DiseaseSpan['basis'] =>
  basis === 'logged' || basis === 'seen' ? 'logged' : basis === 'calendar' ? 'calendar' : 'computed';

const oneYearOn = (winter: Winter): Winter => {
  const later = ({ on }: Winter['budSwell']) => ({ on: addDays(on, 365), basis: 'default' as const });
  return {
    leafFall: later(winter.leafFall),
    budSwell: later(winter.budSwell),
    greenTip: later(winter.greenTip),
  };
};

/** Runs of months of the year, from a year before today to a year after. */
function monthSpans(day: GardenDay, northern: readonly number[]): DiseaseSpan[] {
  const hemisphere = hemisphereOf(day.garden.latitudeDeg);
  const months = new Set(northern.map((month) => northernMonth(month, hemisphere)));
  const spans: DiseaseSpan[] = [];
  const last = addDays(day.today, YEAR_DAYS);
  let first: CivilDate | null = null;
  for (let date = addDays(day.today, -YEAR_DAYS); date <= last; date = addDays(date, 1)) {
    if (months.has(monthOf(date))) first ??= date;
    else if (first) {
      spans.push({ from: first, to: addDays(date, -1), basis: 'calendar', asks: null });
      first = null;
    }
  }
  return first ? [...spans, { from: first, to: last, basis: 'calendar', asks: null }] : spans;
}

const YEAR_DAYS = 400;

/** From each logged end of bloom; by the usual months where nobody logged one within the year. */
function afterBloom(
  day: GardenDay,
  log: readonly Growth[],
  days: number,
  months: readonly number[],
): DiseaseSpan[] {
  const falls = log
    .filter(
      ({ stage, on }) =>
        (stage === 'petal-fall' || stage === 'bloom-end') && on >= addDays(day.today, -YEAR_DAYS),
    )
    .map(({ on }): DiseaseSpan => ({ from: on, to: addDays(on, days), basis: 'logged', asks: null }));
  return falls.length > 0 ? falls : monthSpans(day, months).map((span) => ({ ...span, asks: 'bloom-end' }));
}
