import { addDays, type CivilDate } from '#core/calendar';
import { byClosing, type DueItem, type DueKind } from '#core/decide';
import type { SprayDay } from '#core/spray-hours';
import type { LevelRange } from '#core/sampling';
import { aftercare, type Aftercare } from './aftercare.ts';
import type { GardenDay } from './garden-day.ts';
import { asksRainFor } from './infection/asks-rain.ts';
import { asksWetAt } from './infection/asks-wet.ts';
import { dormantItems } from './dormant-answer.ts';
import { heldBack } from './held-back.ts';
import { plannedItems, type PlannedItem } from './planned-items.ts';
import { dueBesideSeries } from './superseded.ts';
import { outdoorSprayDays } from './spray-answer.ts';
import { warmthOf } from './warmth-of.ts';
import type { WatchPicture } from './watch-picture.ts';
import { watchPictures } from './watch-pictures.ts';

export interface DueAnswer extends DueItem {
  readonly plantId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly targetId: string | null;
  readonly level: LevelRange | null;
  readonly levelBefore: LevelRange | null;
  /** What the weighing says against a spray it asks for, today; empty for anything else. */
  readonly heldBy: readonly string[];
  /** Tags hang on it: the same ones are looked at before and after. */
  readonly isTagged: boolean;
}

export interface NewsItem {
  readonly on: CivilDate;
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly what:
    /** A published sum was passed: of the first of it, or the beginning of its window. */
    | { readonly kind: 'event'; readonly isFirst: boolean }
    | { readonly kind: 'tape'; readonly crawlers: number };
}

export interface NowAnswer {
  readonly today: CivilDate;
  readonly due: readonly DueAnswer[];
  /** Steps of series, winter sprays and feedings that are next, whenever that is. */
  readonly planned: readonly PlannedItem[];
  /** What earlier sprays still ask for: not to be picked, to be kept off. */
  readonly aftercare: readonly Aftercare[];
  readonly sprayDays: readonly SprayDay[];
  /** What happened in the last seven days, newest first. */
  readonly news: readonly NewsItem[];
  readonly openWatches: number;
  /** Where it was wet of late and a fungus is watched whose infections hang on it; null where nowhere. */
  readonly asksWetAt: string | null;
  /** Open watches of a fungus in its season of which nobody tells when it rained. */
  readonly asksRainFor: number;
}

const NEWS_DAYS = 7;

const ASKS_FOR_A_SPRAY: ReadonlySet<DueKind> = new Set([
  'treat-now',
  'second-pass',
  'hatch-passing',
  'all-stages',
  'cover-flush',
  'cover-before-rain',
  'renew-cover',
  'reach-back',
]);

export function nowAnswer(day: GardenDay): NowAnswer {
  const pictures = watchPictures(day);
  const byId = new Map(pictures.map((picture) => [picture.watch.id, picture]));
  const due = byClosing([...dueBesideSeries(day), ...dormantItems(day)]);
  return {
    today: day.today,
    due: due.map((item) => {
      const picture = byId.get(item.watchId)!;
      const { plant, targetName, watch, level, levelBefore } = picture;
      const asksToSpray = ASKS_FOR_A_SPRAY.has(item.kind) && item.standing !== 'soon';
      return {
        ...item,
        plantId: plant.id,
        plantName: plant.name,
        targetName,
        targetId: watch.targetId,
        level,
        levelBefore,
        heldBy: asksToSpray ? heldBack(day, picture) : [],
        isTagged: picture.tags.length > 0,
      };
    }),
    planned: plannedItems(day),
    aftercare: aftercare(day),
    sprayDays: outdoorSprayDays(day),
    news: pictures
      .flatMap((picture) => newsOf(day, picture))
      .sort((a, b) => (a.on > b.on ? -1 : 1))
      .slice(0, 5),
    openWatches: pictures.filter((picture) => picture.watch.outcome === 'open').length,
    asksWetAt: asksWetAt(day),
    asksRainFor: asksRainFor(day),
  };
}

function newsOf(day: GardenDay, picture: WatchPicture): NewsItem[] {
  if (picture.watch.outcome !== 'open' || picture.plant.outOfReach) return [];
  const since = addDays(day.today, -NEWS_DAYS);
  // What no thermometer told has not happened to anybody's knowledge.
  const isRead = warmthOf(day, day.ofPlant(picture.plant)) === 'read';
  const about = { watchId: picture.watch.id, plantName: picture.plant.name, targetName: picture.targetName };
  const reached = picture.events.flatMap(({ opens, event }) =>
    isRead && opens.kind === 'reached' && opens.on >= since
      ? [{ on: opens.on, ...about, what: { kind: 'event' as const, isFirst: event.kind === 'first' } }]
      : [],
  );
  const taped = picture.tapes
    .filter((tape) => tape.takenOff >= since)
    .map((tape) => ({
      on: tape.takenOff,
      ...about,
      what: { kind: 'tape' as const, crawlers: tape.crawlers },
    }));
  return [...reached, ...taped];
}
