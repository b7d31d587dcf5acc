import { addDays, type CivilDate } from '#core/calendar';
import { byClosing, type DueItem } from '#core/decide';
import type { SprayDay } from '#core/spray-hours';
import type { LevelRange } from '#core/sampling';
import type { GardenDay } from './garden-day.ts';
import { dormantItems } from './dormant-answer.ts';
import { outdoorSprayDays } from './spray-answer.ts';
import type { WatchPicture } from './watch-picture.ts';
import { dueItems, watchPictures } from './watch-pictures.ts';

export interface DueAnswer extends DueItem {
  readonly plantId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly targetId: string | null;
  readonly level: LevelRange | null;
  readonly levelBefore: LevelRange | null;
}

export interface NewsItem {
  readonly on: CivilDate;
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly what:
    | { readonly kind: 'event'; readonly eventId: string }
    | { readonly kind: 'tape'; readonly crawlers: number };
}

export interface NowAnswer {
  readonly today: CivilDate;
  readonly due: readonly DueAnswer[];
  readonly sprayDays: readonly SprayDay[];
  /** What happened in the last seven days, newest first. */
  readonly news: readonly NewsItem[];
  readonly openWatches: number;
}

const NEWS_DAYS = 7;

export function nowAnswer(day: GardenDay): NowAnswer {
  const pictures = watchPictures(day);
  const byId = new Map(pictures.map((picture) => [picture.watch.id, picture]));
  const due = byClosing([...dueItems(day), ...dormantItems(day)]);
  return {
    today: day.today,
    due: due.map((item) => {
      const { plant, targetName, watch, level, levelBefore } = byId.get(item.watchId)!;
      return {
        ...item,
        plantId: plant.id,
        plantName: plant.name,
        targetName,
        targetId: watch.targetId,
        level,
        levelBefore,
      };
    }),
    sprayDays: outdoorSprayDays(day),
    news: pictures
      .flatMap((picture) => newsOf(picture, day.today))
      .sort((a, b) => (a.on > b.on ? -1 : 1))
      .slice(0, 5),
    openWatches: pictures.filter((picture) => picture.watch.outcome === 'open').length,
  };
}

function newsOf(picture: WatchPicture, today: CivilDate): NewsItem[] {
  if (picture.watch.outcome !== 'open' || picture.plant.outOfReach) return [];
  const since = addDays(today, -NEWS_DAYS);
  const about = { watchId: picture.watch.id, plantName: picture.plant.name, targetName: picture.targetName };
  const reached = picture.events.flatMap(({ opens, event }) =>
    opens.kind === 'reached' && opens.on >= since
      ? [{ on: opens.on, ...about, what: { kind: 'event' as const, eventId: event.id } }]
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
