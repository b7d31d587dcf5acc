import { addDays, type CivilDate } from '#core/calendar';
import type { Sample } from '#core/records';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';

/** What a look on the days an infection shows told of it. */
export type SpotsSeen =
  /** Its days have not come, or it had none. */
  | { readonly kind: 'not-yet' }
  /** They have, and nobody counted. */
  | { readonly kind: 'not-looked' }
  | { readonly kind: 'spots'; readonly on: CivilDate }
  | { readonly kind: 'none'; readonly on: CivilDate };

/** A count tells of an infection for so long after its spots have all come (grade C). */
const TELLS_DAYS = 12;

/** What was counted once spots of an infection had begun to show, before later ones blur it. */
export function seenAfter(
  { today }: GardenDay,
  { samples }: WatchBook,
  { from, to }: { readonly from: CivilDate; readonly to: CivilDate },
): SpotsSeen {
  if (from > today) return { kind: 'not-yet' };
  const counted = samples.filter(
    ({ on, protocol }) => protocol !== 'cover' && on >= from && on <= addDays(to, TELLS_DAYS) && on <= today,
  );
  const first = counted.find((sample) => sample.on >= to) ?? counted.at(-1);
  if (!first) return to > today ? { kind: 'not-yet' } : { kind: 'not-looked' };
  return { kind: hasSpots(first, samples) ? 'spots' : 'none', on: first.on };
}

/** Fresh spots where they were told apart from old ones, else more than at the count before. */
function hasSpots({ on, units, protocol }: Sample, all: readonly Sample[]): boolean {
  if (protocol === 'spots') return units.some(({ counts }) => (counts.fresh ?? 0) > 0);
  const before = all.findLast(
    (sample) => sample.on < on && sample.protocol === protocol && on < addDays(sample.on, 60),
  );
  const mean = (leaves: Sample['units']) =>
    leaves.reduce((sum, { counts }) => sum + (counts.percent ?? counts.present ?? 0), 0) / leaves.length;
  return mean(units) > (before ? mean(before.units) : 0);
}
