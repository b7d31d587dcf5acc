import { randomLcg, randomNormal } from 'd3-random';
import { hypothesesIn, scenePriors, type Scene } from '#core/identify';
import { HOSTS, KEY } from '#knowledge';
import { type ObservedCase, type ObserverWays, simulateObserver } from '#simulated';

/** A tenth of the answers is chance, three in ten are "not sure". */
export const ORDINARY: ObserverWays = { errorRate: 0.1, notSureRate: 0.3, mostQuestions: 20 };

/** Seeds for choosing figures and seeds for proving them are never the same. */
export const SETTING_SEED = 1;
export const PROOF_SEED = 500_009;

/** How far off the key's figures of how usual troubles are on a plant, as a deviation of log odds. */
const OFF_LOG_ODDS = 0.7;

/**
 * People with plants of all listed kinds in all months of leaf; what each has is drawn by how usual troubles are
 * there, unlisted ones among them, by figures that are off from the key's.
 */
export function observe(people: number, ways: ObserverWays, firstSeed: number): ObservedCase[] {
  const hosts = HOSTS.filter(({ id }) => !id.startsWith('other-'));
  return Array.from({ length: people }, (_, i) => {
    const seed = firstSeed + i * 7919;
    const chance = randomLcg(seed + 13);
    for (let skipped = 0; skipped < 3; skipped++) chance();
    const scene: Scene = {
      hostId: hosts[Math.floor(chance() * hosts.length)]!.id,
      month: 4 + Math.floor(chance() * 7),
      sheltered: false,
    };
    return simulateObserver(truthFor(scene, chance), KEY, scene, ways, seed);
  });
}

function truthFor(scene: Scene, chance: () => number): string {
  const hypotheses = hypothesesIn(KEY, scene.month);
  const off = randomNormal.source(chance)(0, OFF_LOG_ODDS);
  const weights = scenePriors(hypotheses, scene).map((prior) => prior * Math.exp(off()));
  let left = chance() * weights.reduce((sum, weight) => sum + weight, 0);
  return hypotheses[weights.findIndex((weight) => (left -= weight) < 0)]!.id;
}

export const BINS: readonly (readonly [number, number])[] = [
  [0.3, 0.4],
  [0.4, 0.5],
  [0.5, 0.6],
  [0.6, 0.7],
  [0.7, 0.8],
  [0.8, 0.9],
  [0.9, 1.001],
];

const share = (values: readonly boolean[]) => values.filter(Boolean).length / values.length;
const percent = (part: number) => `${(100 * part).toFixed(1)} %`;

/**
 * Simulated people following the key: how many questions it takes, how often it is right, and whether
 * its 80 % is 80 %.
 */
export function observers(people: number, firstSeed: number): void {
  const cases = observe(people, ORDINARY, firstSeed);
  const grouped = cases.flatMap(({ questionsToGroup }) =>
    questionsToGroup === null ? [] : [questionsToGroup],
  );
  const listed = new Set(KEY.candidates.map(({ id }) => id));
  const withListed = cases.filter(({ truthId }) => listed.has(truthId));
  const early = ({ questionsToGroup }: ObservedCase) => questionsToGroup !== null && questionsToGroup <= 12;
  const within = cases.map(early);
  console.log(
    `${cases.length} simulated observers, 10 % of answers chance, 30 % "not sure", words a step off:`,
  );
  console.log(
    `  something said within 12 questions by ${percent(share(within))}, of those with a listed trouble by ${percent(share(withListed.map(early)))}, after ${(grouped.reduce((sum, n) => sum + n, 0) / grouped.length).toFixed(1)} on average; group right ${percent(share(cases.map(({ groupRight }) => groupRight)))}`,
  );
  for (const kind of ['named', 'alike', 'group', 'none-of-these', 'not-enough'] as const) {
    const ended = cases.filter((each) => each.ended === kind);
    const right =
      ended.length === 0 ? '' : `, right ${percent(share(ended.map(({ endedRight }) => endedRight)))}`;
    console.log(`  ended "${kind}": ${percent(ended.length / cases.length)}${right}`);
  }
  for (const [from, to] of BINS) {
    const claims = cases.flatMap((each) => each.claims).filter(({ probability: p }) => p >= from && p < to);
    const mean = claims.reduce((sum, { probability }) => sum + probability, 0) / claims.length;
    console.log(
      `  says ${percent(mean)} (${claims.length} times): right ${percent(share(claims.map(({ right }) => right)))}`,
    );
  }
}
