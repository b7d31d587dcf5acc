import { type FrequencyWord } from '#core/identify';
import { CHECKS, TARGETS } from '#knowledge';
import { simulateObserver } from '#simulated';

const HOST_WEIGHT: Readonly<Record<FrequencyWord, number>> = {
  always: 4,
  usually: 3,
  sometimes: 2,
  rarely: 0,
  never: 0,
};
const ERROR_RATE = 0.1;

/**
 * Simulated people following the key: how many questions it takes, how often it is right, and whether
 * its 80 % is 80 %.
 */
export function observers(perTarget: number): void {
  const cases = TARGETS.flatMap((truth, t) => {
    const hosts = Object.entries(truth.hosts).flatMap(([host, word]) =>
      Array<string>(HOST_WEIGHT[word]).fill(host),
    );
    return Array.from({ length: perTarget }, (_, i) => {
      const month = truth.months[i % Math.max(1, truth.months.length)] ?? 1 + ((i * 5) % 12);
      return simulateObserver(
        truth,
        TARGETS,
        CHECKS,
        { hostId: hosts[(i * 7) % hosts.length]!, month, sheltered: false },
        ERROR_RATE,
        (t * perTarget + i) * 7919 + 1,
      );
    });
  });
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const grouped = cases.filter((entry) => entry.answersToGroup !== null);
  const named = cases.filter((entry) => entry.answersToName !== null);
  const claims = cases.flatMap((entry) => entry.claims);
  console.log(
    `${cases.length} simulated observers, ${100 * ERROR_RATE} % of answers wrong, words a step off:`,
  );
  console.log(
    `  group reached by ${((100 * grouped.length) / cases.length).toFixed(1)} %, after ${mean(grouped.map((entry) => entry.answersToGroup!)).toFixed(1)} answers, right ${(100 * mean(grouped.map((entry) => Number(entry.groupRight)))).toFixed(1)} %`,
  );
  console.log(
    `  species named by ${((100 * named.length) / cases.length).toFixed(1)} %, after ${mean(named.map((entry) => entry.answersToName!)).toFixed(1)} answers, right ${(100 * mean(named.map((entry) => Number(entry.nameRight)))).toFixed(1)} %`,
  );
  for (const [from, to] of [
    [0.35, 0.45],
    [0.55, 0.65],
    [0.75, 0.85],
    [0.85, 0.95],
  ] as const) {
    const inBin = claims.filter((claim) => claim.probability >= from && claim.probability < to);
    console.log(
      `  says ${Math.round(100 * from)}–${Math.round(100 * to)} %: right ${(100 * mean(inBin.map((claim) => Number(claim.right)))).toFixed(1)} % of ${inBin.length}`,
    );
  }
}
