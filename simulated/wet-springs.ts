import { randomLcg } from 'd3-random';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import {
  type ByCase,
  type InfectionEvent,
  infectionEvents,
  type InfectionRule,
  type InfectionWord,
  type LeafDay,
  leafHours,
  type LeafHours,
  learnWetness,
  USUAL_CASES,
} from '#core/infection';
import { laidInHours, sunTimes } from '#core/spray-hours';
import type { WeatherDay } from '#core/weather';
import { type TrueAir, trueHours, type TrueHours } from './leaf-air.ts';
import { simulateDays, type SimulatedClimate } from './weather.ts';

/** A wet spring at 45° N: rain on two days of five. */
export const WET_CLIMATE: SimulatedClimate = {
  meanC: 9.5,
  seasonalC: 10.5,
  coldestDay: 15,
  dailyRangeWinterC: 6,
  dailyRangeSummerC: 10,
  spreadWinterC: 4,
  spreadSummerC: 2.8,
  persistence: 0.7,
  wetAfterDry: 0.3,
  wetAfterWet: 0.55,
  rainPerWetDayMm: 6,
  windMeanMs: 2.5,
};

const LATITUDE_DEG = 45;
const NOON_HOUR = 13;
const SPRING: CivilDate = '2025-04-15';
const UNTIL: CivilDate = '2025-06-20';

/** Sun of each day from two before the spring, the same in every one. */
const SUNS = Array.from({ length: daysBetween(SPRING, UNTIL) + 3 }, (_, i) =>
  sunTimes(LATITUDE_DEG, addDays(SPRING, i - 2), NOON_HOUR),
);

/** One spring as it was, and as a home with a thermometer and a rain gauge knows it. */
export interface Spring {
  /** Days as read: low, high, rain; and laid out in hours as a guess has to. */
  readonly read: readonly LeafDay[];
  readonly truth: LeafHours;
}

/** Draws a spring: its weather, the hours it really had, and what a max–min thermometer told of it. */
export function drawSpring(seed: number, air: TrueAir, climate: SimulatedClimate = WET_CLIMATE): Spring {
  const days = simulateDays(climate, seed, addDays(SPRING, -2), UNTIL);
  const hours = trueHours(laidInHours(days, SUNS), air, seed + 1);
  const read = days.map((day, i): WeatherDay => ({
    ...day,
    minC: Math.min(...hours[i]!.tempC),
    maxC: Math.max(...hours[i]!.tempC),
  }));
  const laidOut = laidInHours(read, SUNS).map((day): LeafDay => ({
    ...day,
    look: null,
  }));
  return { read: laidOut, truth: asLeafHours(laidOut, hours) };
}

/** Hours that really were, on the terms of guessed ones: all three cases alike. */
function asLeafHours(days: readonly LeafDay[], hours: readonly TrueHours[]): LeafHours {
  const told = days.map(({ day, ...rest }, i) => ({
    ...rest,
    day: {
      ...day,
      hourly: {
        rainMm: hours[i]!.rainMm,
        humidityPercent: hours[i]!.humidityPercent,
        wetShare: hours[i]!.wet.map(Number),
      },
    },
    temperaturesC: hours[i]!.tempC,
  }));
  return leafHours(told, 0);
}

/** The same days with what somebody found of the leaves at breakfast and noon on some of them. */
export function lookedAt(spring: Spring, looks: number, seed: number): LeafDay[] {
  const chance = randomLcg(seed);
  const after = spring.read.flatMap(({ day }, i) => {
    const before = spring.read[i - 1];
    return (day.rainMm ?? 0) + (before?.day.rainMm ?? 0) > 0 ? [i] : [];
  });
  const chosen = new Set(after.toSorted(() => chance() - 0.5).slice(0, looks));
  const isWet = (i: number, hour: number) => spring.truth.wet.middle[i * 24 + hour] === 1;
  return spring.read.map((day, i) =>
    chosen.has(i) ? { ...day, look: { breakfast: isWet(i, 7), noon: isWet(i, 12), dryByHour: null } } : day,
  );
}

/** How often a word was right: of events it was said of, how many really infected. */
export interface WordRecord {
  readonly said: number;
  readonly right: number;
}

/** How a rule's words fared against what the weather really did. */
export interface SpringRecord {
  readonly infections: number;
  /** True infections that were called at least possible. */
  readonly told: number;
  readonly words: Readonly<Record<'possible' | 'likely' | 'sure', WordRecord>>;
}

export const NO_RECORD: SpringRecord = {
  infections: 0,
  told: 0,
  words: { possible: { said: 0, right: 0 }, likely: { said: 0, right: 0 }, sure: { said: 0, right: 0 } },
};

export type Wording = (infects: ByCase<boolean>, cases: ByCase<number>) => InfectionWord | null;

/** Adds how each rule's words fared in one spring, guessed from daily readings and what was found of leaves. */
export function judgeSpring(
  records: readonly SpringRecord[],
  spring: Spring,
  looked: readonly LeafDay[],
  rules: readonly InfectionRule[],
  wording: Wording,
): SpringRecord[] {
  const learned = learnWetness(looked, 1);
  const cases = learned.looks === 0 ? USUAL_CASES : learned.cases;
  // What was looked at teaches; the days themselves are judged as guesses.
  const guess = leafHours(spring.read, learned.dewOffsetC);
  return records.map((record, i) =>
    judgeRule(record, guess, spring.truth, rules[i]!, (infects) => wording(infects, cases)),
  );
}

function judgeRule(
  record: SpringRecord,
  guess: LeafHours,
  truth: LeafHours,
  rule: InfectionRule,
  wording: (infects: ByCase<boolean>) => InfectionWord | null,
): SpringRecord {
  const scene = { fewSpores: false };
  const guessed = infectionEvents(rule, guess, scene);
  const really = infectionEvents(rule, truth, scene).filter(({ infects }) => infects.middle);
  const worded = guessed.map((event) => ({ event, word: wording(event.infects) }));
  const meets = (a: InfectionEvent, b: InfectionEvent) => a.from <= b.to && b.from <= a.to;
  const words = { ...record.words };
  for (const { event, word } of worded) {
    if (!word) continue;
    const right = really.some((infection) => meets(event, infection));
    words[word] = { said: words[word].said + 1, right: words[word].right + Number(right) };
  }
  return {
    infections: record.infections + really.length,
    told:
      record.told +
      really.filter((infection) => worded.some(({ event, word }) => word && meets(event, infection))).length,
    words,
  };
}
