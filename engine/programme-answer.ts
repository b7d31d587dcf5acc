import { keptWith } from '#core/caches';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { DAYS } from '#core/decide';
import { type ProgrammeStep, unroll, type Unrolled } from '#core/programme';
import type { Series } from '#core/records';
import type { SeriesSubject } from './comes.ts';
import type { GardenDay } from './garden-day.ts';
import { seriesFacts, subjectOf } from './series-facts.ts';
import { type AssumedSpray, type StepUse, stepUse } from './step-use.ts';
import { NO_TROUBLE } from './use-facts.ts';

/** A step with what it would be done with, and on which days, as the rules of use have it. */
export interface SettledStep extends ProgrammeStep {
  /** Null for what is no spray, is done, or waits. */
  readonly use: StepUse | null;
  /** The step's days, moved where the rules keep it off; null for what is done, waits, or is refused. */
  readonly from: CivilDate | null;
  readonly to: CivilDate | null;
}

/** A series as it stands. */
export interface SeriesAnswer {
  readonly series: Series;
  /** Null for the whole garden. */
  readonly plantId: string | null;
  readonly plantName: string;
  /** Empty where it is for no watch. */
  readonly targetName: string;
  readonly steps: readonly SettledStep[];
  /** The step that is next; null once the series is over. */
  readonly next: SettledStep | null;
  readonly end: Unrolled['end'];
  readonly over: Unrolled['over'];
}

const kept = keptWith<GardenDay, 'programme', readonly SeriesAnswer[]>();

/** Every series of what is still there, with its steps behind and ahead. Winter sprays are told by the winter. */
export function programmeAnswer(day: GardenDay): readonly SeriesAnswer[] {
  return kept(day, 'programme', () =>
    day.books.state.series
      .filter(({ winter }) => !winter)
      .flatMap((series) => {
        const subject = subjectOf(day, series);
        return subject ? [seriesAnswer(day, series, subject)] : [];
      }),
  );
}

/** One series laid out; also for one that is only offered. */
export function seriesAnswer(day: GardenDay, series: Series, subject: SeriesSubject): SeriesAnswer {
  const unrolled = unroll(series, seriesFacts(day, series, subject));
  const assumed: AssumedSpray[] = [];
  let slipDays = 0;
  const steps = unrolled.steps.map((step): SettledStep => {
    const settled = settle(day, subject, laterBy(step, slipDays), assumed);
    const { use, from, due } = settled;
    if (from && due) slipDays += Math.max(0, daysBetween(later(due.from, day.today), from));
    if (use?.kind === 'use' && from)
      assumed.push({
        on: later(from, day.today),
        materialId: use.materialId,
        productId: use.productId,
      });
    return settled;
  });
  return {
    series,
    steps,
    plantId: subject.plant?.id ?? null,
    plantName: subject.plant?.name ?? '',
    targetName: subject.picture?.targetName ?? '',
    next: steps.find(({ state }) => IS_AHEAD.has(state)) ?? null,
    end: unrolled.end,
    over: unrolled.over,
  };
}

const later = (a: CivilDate, b: CivilDate): CivilDate => (a > b ? a : b);

/** A turn that counts from one the rules put off comes as much later. */
function laterBy(step: ProgrammeStep, days: number): ProgrammeStep {
  const { due } = step;
  if (days === 0 || due?.because.kind !== 'after') return step;
  const because = { ...due.because, on: addDays(due.because.on, days) };
  return { ...step, due: { ...due, because, from: addDays(due.from, days), to: addDays(due.to, days) } };
}

const IS_AHEAD: ReadonlySet<ProgrammeStep['state']> = new Set(['late', 'open', 'coming', 'waits']);

function settle(
  day: GardenDay,
  { plant, picture }: SeriesSubject,
  step: ProgrammeStep,
  assumed: readonly AssumedSpray[],
): SettledStep {
  const { due, plan, state, material } = step;
  if (!due || !IS_AHEAD.has(state)) return { ...step, use: null, from: null, to: null };
  if (plan.action !== 'spray' || !plant) return { ...step, use: null, from: due.from, to: due.to };
  const use = stepUse(day, plant, picture?.watch ?? NO_TROUBLE, due, material, assumed);
  if (use.kind === 'refused') return { ...step, use, from: null, to: null };
  const from = use.kind === 'use' && use.from > due.from && use.waitsFor ? use.from : due.from;
  const to = from > due.to ? from : due.to;
  return { ...step, state: from > day.today ? 'coming' : state, use, from, to };
}

export type StepStanding = 'late' | 'open' | 'soon' | 'later' | 'waits' | 'refused';

/** How pressing the next step of a series is. */
export function standingOf({ state, from, use }: SettledStep, today: CivilDate): StepStanding {
  if (use?.kind === 'refused') return 'refused';
  if (state === 'waits' || from === null) return 'waits';
  if (state === 'late' || state === 'open') return state;
  return daysBetween(today, from) <= DAYS.openingSoon ? 'soon' : 'later';
}
