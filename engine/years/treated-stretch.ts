import { addDays, type CivilDate } from '#core/calendar';
import type { Handwork } from '#core/records';
import { type Change, compareCounts, notComparable } from '#core/seasons';
import type { LoggedSpray } from '../garden-state.ts';
import { seasonCount, type SummedSample } from '../summed-sample.ts';
import type { WatchPicture } from '../watch-picture.ts';

/** The last work that a count looked at afterwards, with the counts round it. */
export interface TreatedStretch {
  /** The last count before the work that may be compared with the one after; null without such. */
  readonly before: SummedSample | null;
  readonly after: SummedSample;
  readonly sprays: readonly LoggedSpray[];
  readonly handwork: readonly Handwork[];
  readonly firstOn: CivilDate;
  readonly lastOn: CivilDate;
}

/** Without a count before, work of so long before the count is asked about. */
const ASKED_BACK_DAYS = 370;

/** Null where no count came after any work. Who counts and treats on one day counts first. */
export function treatedStretch({ samples, sprays, handwork }: WatchPicture): TreatedStretch | null {
  const work = [...sprays, ...handwork].map(({ on }) => on).sort();
  const after = samples.findLast(({ on }) => work.some((done) => done < on));
  if (!after) return null;
  const lastOn = work.findLast((done) => done < after.on)!;
  const before =
    samples.findLast((count) => count.on <= lastOn && notComparable(count, after) === null) ?? null;
  const from = before?.on ?? addDays(after.on, -ASKED_BACK_DAYS);
  const within = ({ on }: { readonly on: CivilDate }) => on >= from && on < after.on;
  const firstOn = work.find((on) => within({ on }));
  if (firstOn === undefined) return null;
  return {
    before,
    after,
    sprays: sprays.filter(within),
    handwork: handwork.filter(within),
    firstOn,
    lastOn,
  };
}

/** What changed over it; null without a count before. */
export const changeOver = ({ before, after }: Pick<TreatedStretch, 'before' | 'after'>): Change | null =>
  before && compareCounts(seasonCount(before), seasonCount(after));

const FELL: ReadonlySet<Change['kind']> = new Set<Change['kind']>(['fell', 'gone', 'none-both-times']);

/** Whether a count after work shows no fall; null without a count before. */
export function workFailed(stretch: Pick<TreatedStretch, 'before' | 'after'>): boolean | null {
  const change = changeOver(stretch);
  return change && !FELL.has(change.kind);
}
