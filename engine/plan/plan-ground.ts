import {
  bestDays,
  type BestDays,
  type Decider,
  drawSeasons,
  FIT,
  fitDaysOf,
  type LeftSummary,
  leftInDraws,
  type LooksAsked,
  type LookWorth,
  middleSeason,
  type PlannedTreatment,
  planTable,
  type PlanTable,
  possibleYears,
  stream,
  type StreamDay,
  summariseLeft,
  treatmentsIn,
  UNTOLD,
  whatALookTells,
  whatDecides,
} from '#core/season-model';
import type { PlanMaterial } from './plan-answer.ts';
import { HUNG_BEFORE_DAYS, planSchools, type SchoolsSideBySide, USUAL_TAPES } from './plan-schools.ts';
import type { PlanWay } from './plan-ways.ts';
import { planYears, type YearsOutcome } from './plan-years.ts';

/** A treatment thought of: the place of its day in the frame, and with what. */
export interface PlanCut {
  readonly day: number;
  readonly wayId: string;
}

/** What a set of cuts comes to. */
export interface PlanOutcome {
  readonly left: LeftSummary;
  /** The middle season from day to day. */
  readonly stream: readonly StreamDay[];
}

/** What may be done on a day, by the weather of the possible years. */
export interface DayChance {
  /** Share of the years in which that day or one of the two after it is fit, 0–1; null where nobody told. */
  readonly good: number | null;
}

/** The possible seasons of one watch, drawn once, with everything that is asked of them. */
export interface PlanGround {
  /** Nothing done beyond what was done already, and nothing done at all. */
  readonly alone: readonly StreamDay[];
  /** First and last day on which crawlers are about in the middle season; null where none hatch. */
  readonly hatching: readonly [from: number, to: number] | null;
  outcome(cuts: readonly PlanCut[]): PlanOutcome;
  chance(cut: PlanCut): DayChance;
  /** The best days for so many more with one way, besides the cuts that stay. */
  best(
    asked: BestDaysAsked,
    onShare?: (share: number) => void,
  ): (BestDays & { readonly left: LeftSummary }) | null;
  decides(cuts: readonly PlanCut[]): Decider[];
  /** What each school leaves here, from today on; of sprays against crawlers with one way. */
  schools(wayId: string): SchoolsSideBySide[];
  /** How many there are after each of some years, by what is done in them. */
  yearsAhead(cuts: readonly PlanCut[]): YearsOutcome[];
  /** What each look would narrow of the range of what is left. */
  looks(cuts: readonly PlanCut[]): LookWorth[];
}

export interface BestDaysAsked {
  readonly wayId: string;
  readonly count: 1 | 2 | 3;
  /** Cuts that stay where they are. */
  readonly beside: readonly PlanCut[];
  readonly freeDays: readonly number[];
}

/** Possible seasons drawn, and where their drawing starts. */
const DRAWS = 200;
const SEED = 1907;
/** A good day may come so many days late. */
const LATE_DAYS = 2;

/** Draws the possible seasons of what a watch is planned from. The same material gives the same seasons. */
export function planGround(material: PlanMaterial, count = DRAWS): PlanGround {
  const { frame, hatch, weather, figures, ways } = material;
  const years = possibleYears({ ...frame, ...weather, model: hatch.model, years: count, seed: SEED });
  const asked = { belief: hatch.belief, figures, years, draws: count, seed: SEED };
  const draws = drawSeasons(asked);
  const middle = middleSeason(asked);
  const [season] = middle.seasons as [(typeof middle.seasons)[number]];
  const wayOf = new Map(ways.map((way) => [way.id, way]));
  const done = material.done.map(({ day, way }): PlannedTreatment => ({ day, kind: way.kind, done: true }));
  const planned = (cuts: readonly PlanCut[]): PlannedTreatment[] => [
    ...done,
    ...cuts.flatMap(({ day, wayId }) => {
      const way = wayOf.get(wayId);
      return way ? [{ day, kind: way.way.kind }] : [];
    }),
  ];
  const hatching = hatchingDays(season.generations);
  const latest: { key: string; table: PlanTable | null } = { key: '', table: null };
  /** The table of the latest search: one, two and three are looked for with the same. */
  const tableOf = (key: string, make: () => PlanTable): PlanTable => {
    if (latest.key !== key || !latest.table) Object.assign(latest, { key, table: make() });
    return latest.table!;
  };
  return {
    alone: stream(season, []),
    hatching,
    outcome: (cuts) => ({
      left: summariseLeft(leftInDraws(draws, planned(cuts))),
      stream: stream(season, treatmentsIn(middle, 0, planned(cuts).map(onItsDay))),
    }),
    chance({ day, wayId }) {
      const fits = wayOf.get(wayId)?.way.kind.fits;
      if (!fits) return { good: null };
      const days = Array.from({ length: LATE_DAYS + 1 }, (_, i) => day + i);
      let good = 0,
        untold = 0;
      for (const { year } of draws.seasons) {
        const fit = fitDaysOf(year, fits);
        if (days.some((each) => fit[each] === FIT)) good++;
        else if (days.some((each) => fit[each] === UNTOLD)) untold++;
      }
      return { good: untold > count / 2 ? null : good / count };
    },
    best({ wayId, count, beside, freeDays }, onShare) {
      const way = wayOf.get(wayId);
      if (!way) return null;
      const base = planned(beside);
      const used = beside.filter((cut) => cut.wayId === wayId).length;
      if (way.usesLeft !== null && used + count > way.usesLeft) return null;
      const { kind } = way.way;
      const days = allowedDays(material, way, beside, freeDays);
      const key = JSON.stringify([wayId, beside, freeDays]);
      const best = bestDays(
        {
          draws,
          base,
          kind,
          days,
          table: tableOf(key, () => planTable(draws, base, kind, days)),
          count,
          intervalDays: way.intervalDays,
          earlier: true,
        },
        onShare,
      );
      if (!best) return null;
      const plan = [...base, ...best.days.map((day) => ({ day, kind }))];
      return { ...best, left: summariseLeft(leftInDraws(draws, plan)) };
    },
    decides: (cuts) => whatDecides(asked, planned(cuts)),
    schools: (wayId) => planSchools({ material, draws, done, hatching, seed: SEED }, wayId),
    yearsAhead: (cuts) => planYears({ material, draws, done, seed: SEED }, planned(cuts)),
    looks: (cuts) => whatALookTells(asked, planned(cuts), looksFrom(frame.today, hatching)),
  };
}

/** In the drawing a cut takes on its own day, so that the stream follows the hand that drags it. */
const onItsDay = (treatment: PlannedTreatment): PlannedTreatment => ({ ...treatment, done: true });

/** Tapes are hung when they are of use, and not before today. */
const looksFrom = (today: number, hatching: readonly [number, number] | null): LooksAsked => ({
  tapesFrom: Math.max(0, today, (hatching?.[0] ?? 0) - HUNG_BEFORE_DAYS),
  ...USUAL_TAPES,
  spots: 10,
  coversApart: 10,
});

/** Days on which a way may be planned: not fenced, on a free day of the week, apart from its other cuts. */
export function allowedDays(
  { frame }: Pick<PlanMaterial, 'frame'>,
  { id, within: [from, to], fences, intervalDays }: PlanWay,
  beside: readonly PlanCut[],
  freeDays: readonly number[],
): number[] {
  const firstWeekday = new Date(`${frame.start}T00:00:00Z`).getUTCDay();
  return Array.from({ length: to - from + 1 }, (_, i) => from + i).filter(
    (day) =>
      !fences.some((fence) => day >= fence.from && day <= fence.to) &&
      (freeDays.length === 0 || freeDays.includes((firstWeekday + day) % 7)) &&
      beside.every((cut) => cut.wayId !== id || Math.abs(cut.day - day) >= intervalDays),
  );
}

function hatchingDays(
  generations: readonly { readonly hatchedOn: Float64Array; readonly share: Float64Array }[],
): readonly [number, number] | null {
  const first = generations[0],
    last = generations.at(-1);
  if (!first || !last || first.hatchedOn.length === 0) return null;
  return [Math.floor(first.hatchedOn[0]!), Math.ceil(last.hatchedOn[last.hatchedOn.length - 1]!)];
}
