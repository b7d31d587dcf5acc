import { nameIt, type Answers, type Scene } from '#core/identify';
import { CHECKS, KEY, TARGETS } from '#knowledge';
import { medianTime } from './median-time.ts';

const SCENE: Scene = { hostId: 'camellia', month: 5, sheltered: true };
const WARM_UP = 60;
const RUNS = 60;

/**
 * Milliseconds for one whole naming with every check answered, the first on a fresh page and the median
 * of later ones, and for one bare pass over as many numbers.
 */
export function measure(): { firstMs: number; namingMs: number; passMs: number } {
  const answers: Answers = Object.fromEntries(
    CHECKS.map((check, i) => [check.id, check.answers[i % check.answers.length]!.id]),
  );
  const cells = Float64Array.from(
    { length: (TARGETS.length + 1) * CHECKS.length },
    (_, i) => 0.1 + (i % 7) / 10,
  );
  const pass = () => {
    let sum = 0;
    for (let target = 0; target <= TARGETS.length; target++) {
      let product = 1;
      for (let check = 0; check < CHECKS.length; check++) product *= cells[target * CHECKS.length + check]!;
      sum += product;
    }
    return sum;
  };
  const from = performance.now();
  nameIt(KEY, SCENE, answers);
  const firstMs = performance.now() - from;
  return {
    firstMs,
    namingMs: medianTime(() => nameIt(KEY, SCENE, answers), RUNS, WARM_UP),
    passMs:
      medianTime(
        () => {
          for (let i = 0; i < 100; i++) pass();
        },
        RUNS,
        WARM_UP,
      ) / 100,
  };
}
