import { Bench } from 'tinybench';
import { accumulateDegreeDays, type DegreeDayModel } from '#core/degree-days';
import { FALLOW_BANK } from '#demo/stations';
import { simulateDays } from '#simulated';

const MODELS = 20;

/**
 * The same sums by the barest loop over typed arrays: single sine, horizontal cutoff, nothing checked,
 * nothing kept but the total.
 */
function bareLoop(
  minC: Float64Array,
  maxC: Float64Array,
  lowerC: number,
  upperC: number,
  sums: Float64Array,
): void {
  let total = 0;
  for (let i = 0; i < minC.length; i++) {
    const low = minC[i]!,
      high = maxC[i]!;
    const mean = (low + high) / 2;
    let above = 0,
      over = 0;
    if (low >= lowerC) above = mean - lowerC;
    else if (high > lowerC) {
      const half = (high - low) / 2;
      const angle = Math.asin((lowerC - mean) / half);
      above = ((mean - lowerC) * (Math.PI / 2 - angle) + half * Math.cos(angle)) / Math.PI;
    }
    if (low >= upperC) over = mean - upperC;
    else if (high > upperC) {
      const half = (high - low) / 2;
      const angle = Math.asin((upperC - mean) / half);
      over = ((mean - upperC) * (Math.PI / 2 - angle) + half * Math.cos(angle)) / Math.PI;
    }
    total += above - over;
    sums[i] = total;
  }
}

/** 30 years of days through 20 models, against the bare loop in the same run. */
export async function benchAccumulate(): Promise<void> {
  const days = simulateDays(FALLOW_BANK, 1, '1990-01-01', '2019-12-31');
  const minC = Float64Array.from(days, (day) => day.minC);
  const maxC = Float64Array.from(days, (day) => day.maxC);
  const models: DegreeDayModel[] = Array.from({ length: MODELS }, (_, i) => ({
    lowerC: 4 + i * 0.5,
    upperC: 28 + i * 0.2,
    method: 'single-sine',
    cutoff: 'horizontal',
  }));
  const sums = new Float64Array(days.length);
  const bench = new Bench({ time: 1500, warmupTime: 500 });
  bench.add('ours', () => models.forEach((model) => accumulateDegreeDays(minC, maxC, model)));
  bench.add('bare', () =>
    models.forEach(({ lowerC, upperC }) => bareLoop(minC, maxC, lowerC, upperC!, sums)),
  );
  await bench.run();
  const [ours, bare] = bench.tasks.map((task) => {
    const { result } = task;
    if (!('latency' in result)) throw new Error(`${task.name} did not run`);
    return result.latency.p50;
  });
  const last = accumulateDegreeDays(minC, maxC, models.at(-1)!).at(-1)!;
  bareLoop(minC, maxC, models.at(-1)!.lowerC, models.at(-1)!.upperC!, sums);
  console.log(
    `accumulate ${days.length} days × ${MODELS} models: ${ours!.toFixed(1)} ms, bare loop ${bare!.toFixed(1)} ms, ratio ${(ours! / bare!).toFixed(2)} (aim: within 2); sums differ by ${Math.abs(last - sums.at(-1)!).toExponential(1)}`,
  );
}
