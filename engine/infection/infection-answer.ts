import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { grapeMildewIndex, type LearnedWetness } from '#core/infection';
import { type AheadFacts, type InfectionFacts, WORTH_A_COVER } from '#core/decide';
import type { GoodStretch } from '#core/spray-hours';
import { placeOn } from '#core/weather';
import { coverOf, type Disease, diseaseOf } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { heldBack } from '../held-back.ts';
import { leavesOf } from '../leaf-state.ts';
import { pictureOf } from '../watch-pictures.ts';
import { staysOf } from '../season-weather.ts';
import { sprayAnswer } from '../spray-answer.ts';
import { type DiaryRecord, diaryRecord } from './diary-record.ts';
import { type DiseaseSpan } from './disease-spans.ts';
import { aheadOf, infectionFacts } from './infection-facts.ts';
import { type DiarySpell, infectionDiary, type InfectionDiary } from './infection-diary.ts';
import type { Inoculum } from './inoculum.ts';

/** Leaves and what covers them, day by day, for the drawing. */
export interface InfectionDays {
  readonly from: CivilDate;
  readonly leaves: readonly number[];
  /** Share of what can be infected that is covered at noon, 0–1. */
  readonly covered: readonly number[];
  /** Risk index at the end of each day, where the disease has one. */
  readonly index: readonly number[] | null;
  /** How the day's wetness is told. */
  readonly measured: number;
  readonly guessed: number;
  readonly unknown: number;
}

/** The next wet time that may infect, and what a cover before it would be worth. */
export interface AheadCover extends AheadFacts {
  readonly spellId: string;
  readonly isWorthIt: boolean;
  /** Something on the shelf that covers against it; null where there is none. */
  readonly product: { readonly id: string; readonly name: string } | null;
  /** Rules of the weighing that stand against a spray today; the list and the watch's page say the same. */
  readonly heldBy: readonly string[];
  /** Good hours for it before then. */
  readonly hours: readonly GoodStretch[];
}

/** The infection diary as its page shows it. */
export type InfectionAnswer =
  | { readonly kind: 'none'; readonly why: 'no-model' | 'no-weather' }
  | {
      readonly kind: 'diary';
      readonly disease: Omit<Disease, 'rule'> & { readonly ruleKind: Disease['rule']['kind'] };
      readonly span: DiseaseSpan | null;
      readonly sheltered: boolean;
      readonly resists: boolean;
      readonly school: InfectionFacts['school'];
      readonly inoculum: Inoculum;
      /** This season's spells, in order, and those foretold. */
      readonly spells: readonly DiarySpell[];
      readonly covers: readonly {
        readonly sprayId: string;
        readonly on: CivilDate;
        readonly materialIds: readonly string[];
      }[];
      readonly days: InfectionDays;
      readonly ahead: AheadCover | null;
      readonly learned: LearnedWetness;
      readonly placeId: string;
      /** Day on which the calendar's school renews a cover; null out of season. */
      readonly renewOn: CivilDate | null;
      readonly record: DiaryRecord;
      readonly hasForecast: boolean;
    };

const HOURS = 24;
/** Drawn at least so long before today, and so long after. */
const SHOWN_BEFORE = 30,
  SHOWN_AFTER = 14;

export function infectionAnswer(day: GardenDay, watchId: string): InfectionAnswer {
  const book = day.books.watchBook(watchId)!;
  const diary = infectionDiary(day, book);
  const facts = infectionFacts(day, book);
  if (!diary || !facts) return { kind: 'none', why: noDiary(book.watch.targetId) };
  const { plant } = book.plantBook;
  const placeId = placeOn(staysOf(book.plantBook), day.today);
  const { rule, ...disease } = diary.disease;
  const shown = shownDays(day, diary);
  return {
    kind: 'diary',
    disease: { ...disease, ruleKind: rule.kind },
    span: diary.span,
    sheltered: diary.weather.sheltered,
    resists: diary.resists,
    school: facts.school,
    inoculum: diary.inoculum,
    spells: diary.spells.filter(({ to }) => to.date >= shown.from),
    covers: diary.covers.map(({ sprayId, on, materialIds }) => ({ sprayId, on, materialIds })),
    days: daysOf(diary, shown.from, shown.to),
    ahead: aheadCover(day, diary, watchId, plant.id),
    learned: { ...diary.weather.learned, cases: diary.cases },
    placeId,
    renewOn: facts.renewOn,
    record: diaryRecord(diary.spells),
    hasForecast: diary.weather.forecastFrom < diary.weather.hours.days,
  };
}

const noDiary = (targetId: string | null): 'no-model' | 'no-weather' =>
  diseaseOf(targetId) ? 'no-weather' : 'no-model';

/** The season now, or the one just over; a month back and a fortnight on at the least. */
function shownDays(day: GardenDay, { spans, weather }: InfectionDiary) {
  const current = spans.findLast(({ from }) => from <= addDays(day.today, SHOWN_AFTER)) ?? spans[0];
  const last = addDays(weather.from, weather.hours.days - 1);
  const earliest = addDays(day.today, -SHOWN_BEFORE);
  const wanted = current && current.from < earliest ? current.from : earliest;
  const from = wanted < weather.from ? weather.from : wanted;
  const to = addDays(day.today, SHOWN_AFTER);
  return { from, to: to < last ? to : last };
}

function daysOf(
  { weather, leavesOn, coveredOn, disease, spans }: InfectionDiary,
  from: CivilDate,
  to: CivilDate,
): InfectionDays {
  const first = daysBetween(weather.from, from);
  const count = Math.max(1, daysBetween(from, to) + 1);
  const each = <T>(make: (frameDay: number) => T) => Array.from({ length: count }, (_, i) => make(first + i));
  const told = each((frameDay) => weather.hours.basis[frameDay] ?? 'unknown');
  const having = (basis: string) => told.filter((entry) => entry === basis).length;
  const span = spans.findLast((entry) => entry.from <= to);
  return {
    from,
    leaves: each(leavesOn),
    covered: each((frameDay) => coveredOn(frameDay * HOURS + 12)),
    index:
      disease.rule.kind === 'heat-index' && span
        ? indexOn(weather.hours.tempC, Math.max(0, daysBetween(weather.from, span.from)), first, count)
        : null,
    measured: having('measured'),
    guessed: having('guessed'),
    unknown: having('unknown'),
  };
}

/** The mildew index from budbreak, on the days shown. */
function indexOn(tempC: Float64Array, budbreak: number, first: number, count: number): number[] {
  const days = Math.max(0, first + count - budbreak);
  const indices = grapeMildewIndex(
    Array.from({ length: days }, (_, i) =>
      Array.from(tempC.subarray((budbreak + i) * HOURS, (budbreak + i + 1) * HOURS)),
    ),
  );
  return Array.from({ length: count }, (_, i) => indices[first + i - budbreak] ?? 0);
}

function aheadCover(
  day: GardenDay,
  diary: InfectionDiary,
  watchId: string,
  plantId: string,
): AheadCover | null {
  const coming = diary.spells
    .filter(({ standing, word }) => standing === 'ahead' && word !== null)
    .map((spell) => ({ spell, facts: aheadOf(diary, spell) }));
  // The first that would be worth a cover; where none would, the first there is.
  const next = coming.find(({ facts }) => facts.worth >= WORTH_A_COVER) ?? coming[0];
  if (!next) return null;
  const { spell, facts } = next;
  const { plant } = day.books.plantBook(plantId);
  const leafState = leavesOf(day, plant).value;
  const choice = day.books.state.products.flatMap((product) => {
    const line = product.lines.find(
      ({ groups, hostIds, leafStates }) =>
        groups.includes('fungus') &&
        leafStates.includes(leafState) &&
        (hostIds.length === 0 || hostIds.includes(plant.hostId)),
    );
    return line && coverOf(product.materialId, diary.disease.targetId, leafState !== 'in-leaf')
      ? [{ product, line }]
      : [];
  })[0];
  const hours = choice
    ? sprayAnswer(day, plant, choice.product, choice.line, { beesAtHoneydew: false, thirsty: false }, 2)
        .stretches
    : [];
  return {
    ...facts,
    spellId: spell.id,
    heldBy: heldBack(day, pictureOf(day, watchId)!),
    isWorthIt: facts.worth >= WORTH_A_COVER,
    product: choice ? { id: choice.product.id, name: choice.product.name } : null,
    hours: hours.filter(({ date }) => date <= facts.coverBy).slice(0, 3),
  };
}
