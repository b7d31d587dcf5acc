import type { CivilDate } from '#core/calendar';
import type { WindowPhase } from '#core/phenology';
import type { Fact } from './fact.ts';

/** A day with its 80 % range; `late` null where it stays open. */
export interface ExpectedDay {
  readonly median: CivilDate;
  readonly early: CivilDate;
  readonly late: CivilDate | null;
}

/** A time in which crawlers are out and soft enough to be reached. */
export interface CrawlerWindow {
  /** Stable over days. */
  readonly id: string;
  /** Crawlers on a tape or before one's eyes; a published sum of heat; the usual months. */
  readonly basis: 'seen' | 'published' | 'calendar';
  readonly generation: number;
  readonly phase: WindowPhase;
  readonly opens: ExpectedDay;
  readonly closes: ExpectedDay | null;
  /** The last day crawlers were caught or seen in it; null where none were. */
  readonly lastSeenOn: CivilDate | null;
  /** The published event it goes by, if one. */
  readonly eventId: string | null;
  /** When the first hatch is expected, where that is published by itself. */
  readonly firstExpected: ExpectedDay | null;
  /** Another author's first hatch that still lies ahead although this one is open. */
  readonly disputedBy: string | null;
  /** Tapes hang, or were read lately, and caught nothing yet. */
  readonly waitsForTapes: boolean;
  readonly told: readonly Fact[];
}
