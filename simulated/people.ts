import { randomLcg, randomNormal } from 'd3-random';
import { hypothesesIn, type Key, type Scene, scenePriors } from '#core/identify';
import { type ObservedCase, type ObserverWays, simulateObserver } from './observer.ts';

/** How far off the key's figures of how usual troubles are on a plant, as a deviation of log odds. */
const OFF_LOG_ODDS = 0.7;
/** Seeds of people lie this far apart, since a generator begins almost alike from seeds that follow each other. */
const SEED_STEP = 7919;
const FIRST_DRAWS = 3;

/** The first and the last month of the north in which people look at leaves. */
const [FIRST_MONTH, MONTHS] = [4, 7];

/**
 * People with plants of given kinds in the months of leaf; what each has is drawn by how usual troubles are
 * there, unlisted ones among them, by figures that are off from the key's. The same seed gives the same people.
 */
export function simulatePeople(
  key: Key,
  hostIds: readonly string[],
  people: number,
  ways: ObserverWays,
  firstSeed: number,
): ObservedCase[] {
  return Array.from({ length: people }, (_, i) => {
    const seed = firstSeed + i * SEED_STEP;
    const chance = randomLcg(seed + 13);
    for (let drawn = 0; drawn < FIRST_DRAWS; drawn++) chance();
    const scene: Scene = {
      hostId: hostIds[Math.floor(chance() * hostIds.length)]!,
      month: FIRST_MONTH + Math.floor(chance() * MONTHS),
      sheltered: false,
    };
    return simulateObserver(truthFor(key, scene, chance), key, scene, ways, seed);
  });
}

function truthFor(key: Key, scene: Scene, chance: () => number): string {
  const hypotheses = hypothesesIn(key, scene.month);
  const off = randomNormal.source(chance)(0, OFF_LOG_ODDS);
  const weights = scenePriors(hypotheses, scene).map((prior) => prior * Math.exp(off()));
  let left = chance() * weights.reduce((sum, weight) => sum + weight, 0);
  return hypotheses[weights.findIndex((weight) => (left -= weight) < 0)]!.id;
}

/** The shares of claims that were right, by how probable they were said to be, in tenths from 0.3 on. */
export function calibration(
  cases: readonly ObservedCase[],
): { readonly said: number; readonly right: number; readonly claims: number }[] {
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const all = cases.flatMap(({ claims }) => claims);
  return [3, 4, 5, 6, 7, 8, 9]
    .map((tenth) => all.filter(({ probability }) => Math.min(9, Math.floor(10 * probability)) === tenth))
    .map((claims) => ({
      said: mean(claims.map(({ probability }) => probability)),
      right: mean(claims.map(({ right }) => Number(right))),
      claims: claims.length,
    }));
}
