/** What is believed of several numbers together: a normal distribution by its means and covariances. */
export interface NormalBelief {
  readonly means: Float64Array;
  /** Row by row. */
  readonly covariances: Float64Array;
}

/** A sum of some of the numbers: the place of each and its weight; a place may stand in it more than once. */
export type WeightedSum = readonly (readonly [place: number, weight: number])[];

export interface Spread {
  readonly mean: number;
  readonly deviation: number;
}

/** Numbers that are believed apart from each other. */
export function apart(spreads: readonly Spread[]): NormalBelief {
  const covariances = new Float64Array(spreads.length ** 2);
  spreads.forEach(({ deviation }, i) => (covariances[i * spreads.length + i] = deviation ** 2));
  return { means: Float64Array.from(spreads, ({ mean }) => mean), covariances };
}

/**
 * The belief after a weighted sum was measured as `seen`, give or take `deviation`: Bayes' rule for normals, the
 * same as a step of Kalman's filter with a state that stands still (Kalman 1960, J. Basic Eng. 82:35).
 * @throws RangeError for a deviation that is not above 0.
 */
export function afterMeasuring(
  belief: NormalBelief,
  sum: WeightedSum,
  seen: number,
  deviation: number,
): NormalBelief {
  if (!(deviation > 0)) throw new RangeError('a measurement has a deviation above 0');
  const { means, covariances } = belief;
  const n = means.length;
  const along = covarianceWith(belief, sum);
  const variance = sumOver(sum, along) + deviation ** 2;
  const off = seen - sumOver(sum, means);
  const after = covariances.slice();
  for (let i = 0; i < n; i++) {
    const part = along[i]! / variance;
    if (part !== 0) for (let j = 0; j < n; j++) after[i * n + j]! -= part * along[j]!;
  }
  return { means: means.map((mean, i) => mean + (along[i]! / variance) * off), covariances: after };
}

/** What is believed of a weighted sum. */
export function spreadOf(belief: NormalBelief, sum: WeightedSum): Spread {
  return {
    mean: sumOver(sum, belief.means),
    deviation: Math.sqrt(Math.max(0, sumOver(sum, covarianceWith(belief, sum)))),
  };
}

function covarianceWith({ means, covariances }: NormalBelief, sum: WeightedSum): Float64Array {
  const n = means.length;
  const along = new Float64Array(n);
  for (const [place, weight] of sum)
    for (let i = 0; i < n; i++) along[i]! += weight * covariances[place * n + i]!;
  return along;
}

const sumOver = (sum: WeightedSum, numbers: Float64Array): number =>
  sum.reduce((total, [place, weight]) => total + weight * numbers[place]!, 0);
