import { addDays, type CivilDate } from '#core/calendar';
import { type InfectionEvent, spotsBetween, spotsBySpell } from '#core/infection';
import type { Disease } from '#knowledge';
import type { LeafWeather } from './leaf-weather.ts';
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

/** When an infection shows, and on which leaves it can. */
export interface Showing {
  readonly from: CivilDate;
  readonly to: CivilDate;
  /** Leaves open on a shoot when it infected. */
  readonly leavesThen: number;
  leavesOn(date: CivilDate): number;
  readonly openLeaves: number | null;
}

/** First and last day on which an event's spots show; null for a disease nothing is told of. */
export function spotsOf(
  { meansC, from }: LeafWeather,
  { targetId }: Disease,
  { to }: InfectionEvent,
): Pick<Showing, 'from' | 'to'> | null {
  const frameDay = Math.floor(to / HOURS);
  const days = spotsBetween(targetId, meansC.slice(frameDay + 1));
  return days && { from: addDays(from, frameDay + days[0]), to: addDays(from, frameDay + days[1]) };
}

const HOURS = 24;

/** A count tells of an infection for so long after its spots have all come (grade C). */
const TELLS_DAYS = 12;

/** What was counted once spots of an infection had begun to show, before later ones blur it. */
export function seenAfter(
  { today }: GardenDay,
  { samples }: WatchBook,
  { from, to, leavesThen, leavesOn, openLeaves }: Showing,
): SpotsSeen {
  if (from > today) return { kind: 'not-yet' };
  const counted = samples.filter(
    ({ on, protocol }) => protocol !== 'cover' && on >= from && on <= addDays(to, TELLS_DAYS) && on <= today,
  );
  const first = counted.find((sample) => sample.on >= to) ?? counted.at(-1);
  if (!first) return to > today ? { kind: 'not-yet' } : { kind: 'not-looked' };
  const spotted =
    first.protocol === 'spots'
      ? leafSpots(first, leavesOn(first.on), leavesThen, openLeaves)
      : hasMoreSpots(first, samples);
  return spotted === null ? { kind: 'not-looked' } : { kind: spotted ? 'spots' : 'none', on: first.on };
}

/** Fresh spots on leaves that were out in it; null where none of the leaves looked at was. */
function leafSpots(
  { units }: Sample,
  leavesNow: number,
  leavesThen: number,
  openLeaves: number | null,
): boolean | null {
  const leaves = units.map(({ counts }) => ({ place: counts.place ?? 0, fresh: counts.fresh ?? 0 }));
  const verdict = spotsBySpell(leaves, leavesNow, [{ id: 'it', leavesThen }], openLeaves).get('it')!;
  return verdict === 'no-leaf' ? null : verdict !== 'clean';
}

/** More than at the count before. */
function hasMoreSpots({ on, units, protocol }: Sample, all: readonly Sample[]): boolean {
  const before = all.findLast(
    (sample) => sample.on < on && sample.protocol === protocol && on < addDays(sample.on, 60),
  );
  const mean = (leaves: Sample['units']) =>
    leaves.reduce((sum, { counts }) => sum + (counts.percent ?? counts.present ?? 0), 0) / leaves.length;
  return mean(units) > (before ? mean(before.units) : 0);
}
