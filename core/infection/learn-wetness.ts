import { dewPointC } from './air-moisture.ts';
import { type LeafDay, leafHours } from './leaf-hours.ts';
import {
  byCase,
  type ByCase,
  toldHours,
  USUAL_CASES,
  WETNESS_CASES,
  type WetnessCase,
} from './wetness-case.ts';

/** What a place has taught of how long its leaves stay wet. */
export interface LearnedWetness {
  /** How likely each case is; sums to 1. */
  readonly cases: ByCase<number>;
  /** How far below the night's low the dew point lies, °C. */
  readonly dewOffsetC: number;
  /** Days somebody looked, and nights a sensor told the humidity of. */
  readonly looks: number;
  readonly nights: number;
}

/** A case that foretells what was found is right so often, else leaves differ on the same day (grade C). */
const AGREES = 0.85;
const DEW_OFFSETS_C = [0, 1, 2, 3, 4, 5];
/** With fewer nights a sensor has told too little of its place (grade C). */
const FEWEST_NIGHTS = 5;
/** How far a place's dew point may lie from what its climate suggests. °C. */
const PRIOR_SPREAD_C = 1.5;
/** What is usual counts as much as so many days that were looked at (grade C). */
export const PRIOR_DAYS = 5;
const ROUNDS = 12;

/**
 * How often each case comes and how far the dew point lies below the night's low, by what was found of leaves
 * and by nights with a humidity sensor. Each day has a case of its own: a look makes those likelier that foretold
 * it, and the shares are the mean over the days, with what is usual among them. Rules of thumb to begin with, grade
 * C.
 * @param usualDewOffsetC what the climate suggests before anybody looked.
 */
export function learnWetness(days: readonly LeafDay[], usualDewOffsetC: number): LearnedWetness {
  const nights = days.flatMap((day) => nightOffset(day) ?? []);
  const looks = days.filter(({ look }) => look !== null && toldHours(look).length > 0).length;
  const measuredC = nights.length >= FEWEST_NIGHTS ? middle(nights) : null;
  const rest = { looks, nights: nights.length };
  if (looks === 0) return { cases: USUAL_CASES, dewOffsetC: measuredC ?? usualDewOffsetC, ...rest };
  const offsets = measuredC === null ? DEW_OFFSETS_C : [measuredC];
  const learned = offsets.map((offsetC) => {
    const agreeing = agreements(days, offsetC);
    const cases = sharesOf(agreeing);
    const beforeLog = measuredC === null ? -(((offsetC - usualDewOffsetC) / PRIOR_SPREAD_C) ** 2) / 2 : 0;
    return { offsetC, cases, weightLog: beforeLog + sum(agreeing.map((day) => Math.log(mixed(day, cases)))) };
  });
  const best = Math.max(...learned.map(({ weightLog }) => weightLog));
  const weights = learned.map((entry) => ({ ...entry, weight: Math.exp(entry.weightLog - best) }));
  const all = sum(weights.map(({ weight }) => weight));
  return {
    cases: byCase((at) => sum(weights.map(({ cases, weight }) => cases[at] * weight)) / all),
    dewOffsetC: sum(weights.map(({ offsetC, weight }) => offsetC * weight)) / all,
    ...rest,
  };
}

/** Share of days of each case, with what is usual counting along. */
const sharesOf = (agreeing: readonly ByCase<number>[]): ByCase<number> =>
  sharesAfter(USUAL_CASES, PRIOR_DAYS, agreeing);

/**
 * Shares of the cases once each of some days spoke for them: by rounds of what each day was likelier to be, the
 * shares `prior` counting as much as `days` of them.
 */
export function sharesAfter(
  prior: ByCase<number>,
  days: number,
  agreeing: readonly ByCase<number>[],
): ByCase<number> {
  let shares = prior;
  for (let round = 0; round < ROUNDS; round++) {
    const before = shares;
    shares = byCase(
      (at) =>
        (days * prior[at] + sum(agreeing.map((day) => (day[at] * before[at]) / mixed(day, before)))) /
        (days + agreeing.length),
    );
  }
  return shares;
}

const mixed = (day: ByCase<number>, cases: ByCase<number>): number =>
  sum(WETNESS_CASES.map((at) => day[at] * cases[at]));

/** For each day that was looked at: how likely what was found is under each case. */
function agreements(days: readonly LeafDay[], offsetC: number): ByCase<number>[] {
  const { wet } = leafHours(
    days.map((day) => ({ ...day, look: null })),
    offsetC,
  );
  return days.flatMap(({ look }, i) => {
    const told = look ? toldHours(look) : [];
    if (told.length === 0) return [];
    const agrees = (at: WetnessCase, hour: number, isWet: boolean) =>
      (wet[at][i * 24 + hour] === 1) === isWet;
    return [
      byCase((at) =>
        told.reduce((odds, [hour, isWet]) => odds * (agrees(at, hour, isWet) ? AGREES : 1 - AGREES), 1),
      ),
    ];
  });
}

const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

/** How far the dew point lay below the low in the coldest hour of a night whose humidity was told. */
function nightOffset({ day, temperaturesC }: LeafDay): number | null {
  const told = day.hourly?.humidityPercent;
  if (!told) return null;
  const coldest = temperaturesC.indexOf(Math.min(...temperaturesC.slice(0, 12)));
  const humidity = told[coldest] ?? null;
  return humidity === null || humidity <= 0
    ? null
    : temperaturesC[coldest]! - dewPointC(temperaturesC[coldest]!, humidity);
}

const middle = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]!;
