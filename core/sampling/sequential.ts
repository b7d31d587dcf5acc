/** A plan for deciding, unit by unit, on which side of a threshold a share lies. */
export interface SequentialPlan {
  /** Shares (0–1) meant to be told apart: at `low` or less it is "below", at `high` or more "above". */
  readonly low: number;
  readonly high: number;
  /** Chance of calling `low` above. */
  readonly falseAlarm: number;
  /** Chance of calling `high` below. */
  readonly missed: number;
  /** After this many units it is decided by the nearer line. */
  readonly most: number;
  /** Before this many units nothing is decided. */
  readonly least: number;
}

export type SequentialVerdict = 'below' | 'above' | 'go-on';

/** At least 5 units each way from the share looked for, in tens of per cent: the usual plan (grade C). */
export function planAround(threshold: number, most = 100): SequentialPlan {
  const gap = Math.min(0.1, threshold / 2, (1 - threshold) / 2);
  return { low: threshold - gap, high: threshold + gap, falseAlarm: 0.1, missed: 0.1, most, least: 5 };
}

/**
 * Wald's sequential probability ratio test for a share (Wald 1945, Ann. Math. Stat. 16:117), cut
 * off at `plan.most` units. Each unit is taken to be picked by itself. Looking at a fixed-size
 * interval again after every unit errs far more often than it says; this does not.
 * @throws RangeError unless 0 < low < high < 1 and 0 ≤ hits ≤ outOf.
 */
export function sequentialVerdict(plan: SequentialPlan, hits: number, outOf: number): SequentialVerdict {
  const { low, high, falseAlarm, missed } = plan;
  if (!(low > 0 && low < high && high < 1)) throw new RangeError('a plan needs 0 < low < high < 1');
  if (!(hits >= 0 && hits <= outOf)) throw new RangeError('needs 0 ≤ hits ≤ outOf');
  if (outOf < plan.least) return 'go-on';
  const ratio = hits * Math.log(high / low) + (outOf - hits) * Math.log((1 - high) / (1 - low));
  const above = Math.log((1 - missed) / falseAlarm);
  const below = Math.log(missed / (1 - falseAlarm));
  if (ratio >= above) return 'above';
  if (ratio <= below) return 'below';
  if (outOf < plan.most) return 'go-on';
  return ratio >= (above + below) / 2 ? 'above' : 'below';
}
