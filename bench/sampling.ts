import { randomBeta, randomBinomial, randomLcg } from 'd3-random';
import { meanArea, planAround, sequentialVerdict, summarise, wilson, type Unit } from '#core/sampling';
import { simulateTwigs } from '#simulated';

const RUNS = 5000;

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

interface Cell {
  readonly name: string;
  readonly held: number;
}

/** Mean and worst coverage over a grid of truths and sizes, 5,000 draws a cell. */
function report(what: string, cells: readonly Cell[]): void {
  const mean = cells.reduce((sum, { held }) => sum + held, 0) / cells.length;
  const worst = cells.reduce((a, b) => (Math.abs(b.held - 0.95) > Math.abs(a.held - 0.95) ? b : a));
  console.log(
    `${what}: 95 % interval held ${percent(mean)} on average over ${cells.length} cells; worst ${worst.name}: ${percent(worst.held)}`,
  );
}

function shares(): Cell[] {
  return [10, 20, 30, 50, 100].flatMap((n) =>
    [0.02, 0.05, 0.1, 0.2, 0.5].map((p) => {
      const draw = randomBinomial.source(randomLcg(n * 1000 + p * 100))(n, p);
      let held = 0;
      for (let run = 0; run < RUNS; run++) {
        const { low, high } = wilson(draw(), n);
        if (low <= p && p <= high) held++;
      }
      return { name: `${n} units, true share ${p}`, held: held / RUNS };
    }),
  );
}

function clustered(): Cell[] {
  return [1, 2, 4, 8, 16].flatMap((trees) =>
    [0.1, 0.3, 0.5].flatMap((p) =>
      [0.05, 0.2].map((likeness) => {
        const source = randomLcg(trees * 97 + p * 1000 + likeness * 10);
        const strength = 1 / likeness - 1;
        const share = randomBeta.source(source)(p * strength, (1 - p) * strength);
        const binomial = randomBinomial.source(source);
        let held = 0;
        for (let run = 0; run < RUNS; run++) {
          const units: Unit[] = [];
          for (let tree = 1; tree <= trees; tree++) {
            const hits = binomial(10, share())();
            for (let i = 0; i < 10; i++) units.push({ counts: { present: i < hits ? 1 : 0 }, tree });
          }
          const { low, high } = summarise('present', units, null).measure;
          if (low <= p && p <= high) held++;
        }
        return {
          name: `${trees} trees of 10, true share ${p}, likeness within a tree ${likeness}`,
          held: held / RUNS,
        };
      }),
    ),
  );
}

function counts(): Cell[] {
  return [0.5, 1, 2.5].flatMap((clumping) =>
    [10, 20, 40].flatMap((n) =>
      [0.5, 3, 15].map((live) => {
        let held = 0;
        for (let run = 1; run <= RUNS; run++) {
          const { low, high } = summarise(
            'twig',
            simulateTwigs({ livePerTwig: live, deadPerLive: 0.3, holedShare: 0.1, clumping }, n, run * 7919),
            null,
          ).measure;
          if (low <= live && live <= high) held++;
        }
        return { name: `${n} twigs, true mean ${live}, clumping k ${clumping}`, held: held / RUNS };
      }),
    ),
  );
}

function areas(): Cell[] {
  return [20, 50].flatMap((n) =>
    [2, 10, 30].map((mean) => {
      const share = randomBeta.source(randomLcg(n + mean))((mean / 100) * 4, (1 - mean / 100) * 4);
      let held = 0;
      for (let run = 0; run < RUNS; run++) {
        const { low, high } = meanArea(Array.from({ length: n }, () => 100 * share()));
        if (low <= mean && mean <= high) held++;
      }
      return { name: `${n} leaves, true mean ${mean} %`, held: held / RUNS };
    }),
  );
}

function sequential(): void {
  for (const threshold of [0.2, 0.6]) {
    const plan = planAround(threshold);
    const draw = randomLcg(threshold * 1000);
    for (const truth of [plan.low, threshold, plan.high]) {
      let above = 0,
        looked = 0;
      for (let run = 0; run < RUNS; run++) {
        for (let n = 1, hits = 0; ; n++) {
          if (draw() < truth) hits++;
          const verdict = sequentialVerdict(plan, hits, n);
          if (verdict === 'go-on') continue;
          if (verdict === 'above') above++;
          looked += n;
          break;
        }
      }
      const nominal =
        truth === plan.low
          ? `at most ${percent(plan.falseAlarm)}`
          : truth === plan.high
            ? `at least ${percent(1 - plan.missed)}`
            : 'either';
      console.log(
        `sequential plan at ${percent(threshold)}, true share ${percent(truth)}: called above ${percent(above / RUNS)} (nominal ${nominal}), ${(looked / RUNS).toFixed(1)} units on average, ${plan.most} at most`,
      );
    }
  }
}

export function samplingCoverage(): void {
  report('share of units (Wilson)', shares());
  report('share over trees that differ', clustered());
  report('mean count, over-dispersed', counts());
  report('mean leaf area', areas());
  sequential();
}
