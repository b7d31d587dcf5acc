import { shiftSeason } from '#core/calendar';
import type { LevelRange } from '#core/sampling';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { sumUp } from '../summed-sample.ts';

/** What last year left to infect with. */
export interface Inoculum {
  /** Level of the last count of last season; null where nobody counted. */
  readonly level: LevelRange | null;
  /** So little that rain in the dark may be left out. */
  readonly few: boolean;
  /** How much it weighs, 0–1; what is not known weighs as usual. */
  readonly weight: number;
}

/** Weight by level 0–5 (rules of thumb, grade C). */
const WEIGHTS = [0.3, 0.5, 0.8, 1, 1, 1] as const;
const UNKNOWN = 0.8;
const FEW_UP_TO = 1;

/** The level of last season's last count is what this season begins with. */
export function inoculumOf(day: GardenDay, { watch, samples, tags }: WatchBook): Inoculum {
  const last = samples.findLast(
    ({ on, protocol }) => on < day.start && on >= shiftSeason(day.start, -1) && protocol !== 'cover',
  );
  const level = last ? sumUp(last, watch, tags).summary.level : null;
  if (!level) return { level: null, few: false, weight: UNKNOWN };
  return { level, few: level.high <= FEW_UP_TO, weight: WEIGHTS[level.level] ?? 1 };
}
