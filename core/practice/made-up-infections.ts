import { randomLcg, randomNormal } from 'd3-random';
import { wetHoursNeeded } from '#core/infection';
import { figureAt, type Infection, mixed, NOT_NEGATIVE } from '#core/season-model';
import type { WeatherDay } from '#core/weather';
import type { WetDisease, WetTrouble } from './practice-case.ts';

/** Hours that leaves stay wet on a day of rain: an hour for so much, and a night until the sun has dried them. */
const MM_AN_HOUR = 1.5;
const FROM_NIGHT_HOURS = 7;
/** True hours lie so much about that, as a factor's standard deviation. */
const HOURS_SPREAD = 0.3;
/** A little rain wets no leaf for long. */
const LEAST_RAIN_MM: Readonly<Record<WetDisease, number>> = { 'apple-scab': 0.2, 'peach-leaf-curl': 3 };
/** Curl takes no hold once days are warmer than this (Rossi et al. 2006). */
const CURL_COOL_C = 19;

/** What the buds of one made-up spring did, and which of its wet spells infect. */
export interface MadeUpSpring {
  /** Day of the frame on which they open; the frame's length where they never do. */
  readonly openOn: number;
  readonly infections: readonly Infection[];
}

/**
 * Draws a spring: when buds open by heat, how long each day's rain keeps leaves wet, and what that infects by the
 * disease's table. An infection weighs more the longer it lasted beyond the least, and less the later it comes.
 */
export function madeUpSpring(
  trouble: WetTrouble,
  weather: readonly WeatherDay[],
  seed: number,
): MadeUpSpring {
  const normal = randomNormal.source(randomLcg(mixed(seed)))(0, 1);
  const openAtCd = figureAt(trouble.openAtCd, normal(), NOT_NEGATIVE);
  const openOn = dayOfHeat(weather, trouble.baseC, openAtCd);
  const infections = weather.flatMap((day, at): Infection[] => {
    const factor = Math.exp(HOURS_SPREAD * normal());
    if (at < openOn) return [];
    const over = timesNeeded(trouble.disease, day, weather[at + 1] ?? day, factor);
    if (over < 1) return [];
    const young = 0.5 ** ((at - openOn) / trouble.halfOpenDays);
    const weight = young * Math.min(1, over / 2);
    return weight > LEAST_WEIGHT ? [{ day: at, weight }] : [];
  });
  return { openOn, infections };
}

/** Infections that weigh less are none. */
const LEAST_WEIGHT = 0.05;

/** How many times as long as needed leaves stayed wet; 0 where the day could not infect at all. */
function timesNeeded(disease: WetDisease, day: WeatherDay, next: WeatherDay, factor: number): number {
  const rainMm = day.rainMm ?? 0;
  if (rainMm < LEAST_RAIN_MM[disease]) return 0;
  const meanC = (day.minC + day.maxC) / 2;
  const needed = wetHoursNeeded(disease, meanC);
  if (needed === null || (disease === 'peach-leaf-curl' && next.maxC >= CURL_COOL_C)) return 0;
  return Math.min(24, factor * (FROM_NIGHT_HOURS + rainMm / MM_AN_HOUR)) / needed;
}

function dayOfHeat(weather: readonly WeatherDay[], baseC: number, atCd: number): number {
  let sum = 0;
  const at = weather.findIndex(({ minC, maxC }) => (sum += Math.max(0, (minC + maxC) / 2 - baseC)) >= atCd);
  return at < 0 ? weather.length : at;
}
