import type { WarmthOrigin } from './fact.ts';
import type { CivilDate } from '#core/calendar';
import type { TapeReading } from '#core/emergence';
import type { Life, TargetGroup } from '#core/identify';
import type { EventState } from '#core/phenology';
import type { SoftFlush } from '#core/plan';
import type { InfectionFacts } from './infection-facts.ts';
import type { CrawlerWindow } from './crawler-window.ts';

/** What is known of one watch on one day; the season's own records only, where it says so. */
export interface WatchFacts {
  readonly watchId: string;
  readonly openedOn: CivilDate;
  /** Closed and ruled-out watches ask for nothing. */
  readonly open: boolean;
  /** False for what stands over the fence: it can be looked at, and nothing else. */
  readonly reachable: boolean;
  readonly named: boolean;
  readonly group: TargetGroup | null;
  /** Whether there is something on the plant, as it stands now, that it can be counted on. */
  readonly countable: boolean;
  readonly life: Life;
  /** Published events laid on this season, for the named target. */
  readonly events: readonly EventState[];
  /** Days of this season on which crawlers were seen by eye. */
  readonly crawlersSeenOn: readonly CivilDate[];
  /** How long its young stay soft (least, usually, at most), and how long it hatches, in days. */
  /** Whether the sums of heat rest on a thermometer. */
  readonly warmth: WarmthOrigin;
  readonly hatch: { readonly softDays: readonly [number, number, number]; readonly spanDays: number };
  /** When its crawlers are usually met, by calendar: last season to next. */
  readonly usualWindows: readonly {
    readonly from: CivilDate;
    readonly to: CivilDate;
    readonly generation: number;
  }[];
  /** The last day anybody looked at it, counted it, or opened the watch. */
  readonly lookedOn: CivilDate;
  /** The last count or look found nothing; when, and whether that still stands. */
  readonly clearedOn: CivilDate | null;
  readonly clear: boolean;
  /** Days from infection to what can be seen, for a fungus; null for others. */
  readonly incubationDays: number | null;
  /** Its last drench, and days until that has risen; null where there was none. */
  readonly drench: { readonly on: CivilDate; readonly onsetDays: number } | null;
  /** This season's tapes. */
  readonly tapes: readonly TapeReading[];
  /** Days on which the tapes that hang now were hung. */
  readonly tapesHungOn: readonly CivilDate[];
  /** Days of its treatments in the last year. */
  readonly treatedOn: readonly CivilDate[];
  /** Days of its work by hand in the last year. */
  readonly workedOn: readonly CivilDate[];
  /** Days of all counts. */
  readonly countedOn: readonly CivilDate[];
  /** Last day on which all stages were seen at once this season. */
  readonly allStagesOn: CivilDate | null;
  /** Days of this season on which its adults were trapped or seen to fly: males of a scale, adult miners. */
  readonly adultsSeenOn: readonly CivilDate[];
  /** Whether a trap hangs, or has told this season. */
  readonly trapHangs: boolean;
  /** The trap that hangs longest unread: since when, and the day it is to be read; null where none hangs. */
  readonly trapUnread: { readonly since: CivilDate; readonly due: CivilDate } | null;
  readonly miner: MinerFacts;
  /** Null where no weather tells of its infections. */
  readonly infection: InfectionFacts | null;
  readonly seasonStart: CivilDate;
  readonly schools: WatchSchools;
  /**
   * Days to leave after the last spray: the rule of thumb, or more where its labels or the school ask
   * for more.
   */
  readonly repeatAfterDays: number;
  /** From swelling buds to first green, where the school sprays then; else null. */
  readonly beforeLeaves: { readonly from: CivilDate; readonly to: CivilDate } | null;
}

/** The same with what follows from it on one day. */
export interface WatchToday extends WatchFacts {
  /** Times in which its crawlers can be reached, by what was caught, published, or usual. */
  readonly windows: readonly CrawlerWindow[];
}

/** The schools that decide when a watch is sprayed. */
export interface WatchSchools {
  readonly crawlers: 'while-catching' | 'at-peak' | 'at-fall' | 'growth-regulator';
  readonly mining: 'young-or-third' | 'every-flush' | 'monthly';
}

/** What decides about leaf miners; all null or false for other troubles. */
export interface MinerFacts {
  /** Whether this is a miner of citrus flushes at all. */
  readonly mines: boolean;
  /** The soft growth a citrus leaf miner can mine. */
  readonly flush: SoftFlush | null;
  readonly young: boolean;
  /** Share of leaves mined at the last count, 0–1. */
  readonly minedShare: number | null;
  /** For miners that winter in fallen leaves: from when to when those are cleared. */
  readonly leavesDown: CivilDate | null;
  readonly budSwell: CivilDate | null;
}
