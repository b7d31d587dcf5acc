import { countedLevel, learnYears, longestChain } from '#core/seasons';
import type { GardenDay } from '../garden-day.ts';
import { seasonCount } from '../summed-sample.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { growthThought } from './learnt-here.ts';
import { thoughtStretch } from './thought-left.ts';

/** How often something came out as it was said beforehand. */
export interface TrackRecord {
  readonly held: number;
  readonly of: number;
}

/** As good as not counted. */
const UNCOUNTED = 1e3;
const Z80 = 1.2816;

/**
 * How often a count lay within the eight in ten that the counts before it, and what was done since, allowed: each
 * count but the first foretold from those before, without knowing it.
 */
export function rangesHeld(day: GardenDay, picture: WatchPicture): TrackRecord {
  const counts = longestChain(picture.samples);
  const levels = counts.map((count) => countedLevel(seasonCount(count)));
  const stretches = counts.slice(1).map((count, i) => thoughtStretch(day, picture, counts[i]!.on, count.on));
  const held = stretches.map((_, i) => {
    const before = levels.slice(0, i + 1);
    const unseen = { log: before.at(-1)!.log, deviation: UNCOUNTED };
    const { watches } = learnYears(
      [{ id: picture.watch.id, levels: [...before, unseen], stretches: stretches.slice(0, i + 1) }],
      { growth: growthThought(picture) },
    );
    const { low, middle, high } = watches[0]!.path.at(-1)!;
    // What the count itself may be off belongs to what was foretold of it.
    const deviation = Math.hypot(Math.log(high / low) / (2 * Z80), levels[i + 1]!.deviation);
    return Math.abs(levels[i + 1]!.log - Math.log(middle)) <= Z80 * deviation;
  });
  return { held: held.filter(Boolean).length, of: held.length };
}
