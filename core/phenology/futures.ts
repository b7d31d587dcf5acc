import type { CivilDate } from '#core/calendar';
import { addDays } from '#core/calendar';
import { accumulateDegreeDays } from '#core/degree-days';
import { type ClimateNormals, generateDays } from '#core/weather';
import { type SeasonEnsemble, seasonEnsemble, type SeasonInput } from './ensemble.ts';
import { firstIndexAtLeast } from './projection.ts';

/** On how many of the drawn futures a sum was reached by each day; days from the season's start. */
export interface FutureCrossings {
  readonly drawn: number;
  /** Day index of each future that reached it, rising. */
  readonly days: readonly number[];
}

/** How many futures are drawn between two words of progress. */
const CHUNK = 20;

export interface FuturesAsked extends Omit<SeasonInput, 'pastSeasons'> {
  readonly normals: ClimateNormals;
  readonly thresholdCd: number;
  readonly futures: number;
  readonly seed: number;
  /** Last day of the season. */
  readonly end: CivilDate;
}

/**
 * Many futures of a season drawn from a place's normals, as far as one sum of heat goes. `onDrawn`
 * hears how many are drawn and says whether to go on; stopped, it gives what it has.
 */
export async function drawFutures(
  asked: FuturesAsked,
  onDrawn: (drawn: number) => Promise<boolean> | boolean,
): Promise<FutureCrossings> {
  const { normals, thresholdCd, futures, seed, start, end } = asked;
  const days: number[] = [];
  let drawn = 0;
  while (drawn < futures) {
    const count = Math.min(CHUNK, futures - drawn);
    const pastSeasons = Array.from({ length: count }, (_, i) =>
      generateDays(normals, seed + drawn + i, start, end),
    );
    for (const sums of seasonEnsemble({ ...asked, pastSeasons }).members) {
      const day = firstIndexAtLeast(sums, thresholdCd);
      if (day !== null) days.push(day);
    }
    drawn += count;
    if (!(await onDrawn(drawn))) break;
  }
  return { drawn, days: days.sort((a, b) => a - b) };
}

/** A sum of heat at which something happens, under its own model. */
export interface EventSum {
  readonly model: SeasonInput['model'];
  readonly cd: number;
}

/**
 * The first day each event's sum is reached in each of many whole seasons, and in each member of
 * this season's ensemble; events of one model share their sums. Day index or null. For looking
 * over decades at once.
 */
export function eventsOverYears(
  seasons: SeasonInput['pastSeasons'],
  input: SeasonInput,
  events: readonly EventSum[],
): { readonly years: (number | null)[][]; readonly members: (number | null)[][] } {
  const byModel = new Map<string, { sums: Float64Array[]; ensemble: SeasonEnsemble }>();
  const sumsUnder = (model: SeasonInput['model']) => {
    const key = JSON.stringify(model);
    const cached = byModel.get(key) ?? {
      sums: seasons.map((days) =>
        accumulateDegreeDays(
          days.map((d) => d.minC),
          days.map((d) => d.maxC),
          model,
          days.map((d) => d.hoursC),
        ),
      ),
      ensemble: seasonEnsemble({ ...input, model }),
    };
    byModel.set(key, cached);
    return cached;
  };
  return {
    years: events.map(({ model, cd }) => sumsUnder(model).sums.map((sums) => firstIndexAtLeast(sums, cd))),
    members: events.map(({ model, cd }) =>
      sumsUnder(model).ensemble.members.map((sums) => firstIndexAtLeast(sums, cd)),
    ),
  };
}

/** The middle, tenth and ninetieth of the futures that reach it, as dates; null when fewer than half do. */
export function futureRange(
  { drawn, days }: FutureCrossings,
  start: CivilDate,
): { readonly early: CivilDate; readonly median: CivilDate; readonly late: CivilDate | null } | null {
  const at = (p: number) => days[Math.floor(p * (drawn - 1))];
  const [early, median, late] = [at(0.1), at(0.5), at(0.9)];
  if (early === undefined || median === undefined) return null;
  return {
    early: addDays(start, early),
    median: addDays(start, median),
    late: late === undefined ? null : addDays(start, late),
  };
}
