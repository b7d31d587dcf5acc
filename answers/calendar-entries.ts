import type { CivilDate } from '#core/calendar';
import type { CrawlerWindow, DueItem } from '#core/decide';
import type { EventState, Projection } from '#core/phenology';
import type { DormantSpray } from '#core/plan';
import {
  dormantItems,
  dueBesideSeries,
  programmeAnswer,
  yearAnswer,
  type YearWhat,
  type GardenDay,
  watchPictures,
  type WatchPicture,
} from '#engine';
import { DUE_TITLES, EVENTS, inSentence, rhythmWords, ruleById, stepTitle } from '#knowledge';

/**
 * One entry of the calendar, whole days. The id stays while the date moves, so that calendars move it
 * too.
 */
export interface CalendarEntry {
  readonly id: string;
  readonly title: string;
  readonly from: CivilDate;
  /** Last day, that day included. */
  readonly to: CivilDate;
  readonly text: string;
}

/** Windows of open watches, checks due, sprays done this season, and everything planned. */
export function calendarEntries(day: GardenDay): CalendarEntry[] {
  const pictures = watchPictures(day).filter(
    ({ watch, plant }) => watch.outcome === 'open' && plant.retiredOn === null && !plant.outOfReach,
  );
  const byId = new Map(pictures.map((picture) => [picture.watch.id, picture]));
  const windows = pictures.flatMap((picture) => [
    ...picture.windows.map((window) => crawlerEntry(picture, window)),
    ...picture.events
      .filter(({ event }) => event.stage !== 'crawlers' || event.kind === 'first')
      .flatMap((state) => windowEntry(picture, state)),
  ]);
  const sprays = pictures.flatMap((picture) =>
    picture.sprays
      .filter((spray) => spray.on >= day.start && !isTurn(day, picture.watch.id, spray.on))
      .map((spray): CalendarEntry => ({
        id: `spray-${spray.id}`,
        title: `Sprayed: ${aboutOf(picture)}`,
        from: spray.on,
        to: spray.on,
        text: '',
      })),
  );
  // Windows stand for themselves; what remains are the checks.
  const checks = [...dueBesideSeries(day), ...dormantItems(day)].flatMap((item): CalendarEntry[] => {
    const picture = byId.get(item.watchId);
    const last = item.closes ?? item.opens;
    if (!picture || !last || isAboutWindow(item) || item.kind === 'dormant-spray') return [];
    const from = item.opens && item.opens < last ? item.opens : last;
    return [
      {
        id: item.id,
        title: DUE_TITLES[item.kind](aboutOf(picture), picture.plant.name),
        from,
        to: last,
        text: ruleById(item.ruleId).says,
      },
    ];
  });
  return [...windows, ...checks, ...sprays, ...plannedEntries(day)].sort((a, b) =>
    a.from < b.from ? -1 : a.from > b.from ? 1 : a.id < b.id ? -1 : 1,
  );
}

/** A spray that was a turn of a series stands as that, so that the entry there was becomes what was done. */
const isTurn = (day: GardenDay, watchId: string, on: CivilDate): boolean =>
  programmeAnswer(day).some(
    ({ series, steps }) => series.watchId === watchId && steps.some(({ doneOn }) => doneOn === on),
  );

/** Turns of series with those done, winter sprays, feedings and days on which nothing is picked. */
function plannedEntries(day: GardenDay): CalendarEntry[] {
  return yearAnswer(day).rows.flatMap((row) =>
    row.bars.flatMap(({ id, what, from, to, early, late }): CalendarEntry[] => {
      const words = plannedWords(what);
      if (!words) return [];
      const about = row.targetName ? `${row.plantName}, ${inSentence(row.targetName)}` : row.plantName;
      const range = early === null ? '' : ` Between ${early} and ${late ?? 'later'} four times in five.`;
      return [
        {
          id,
          title: about ? `${words.title}: ${about}` : words.title,
          from,
          to,
          text: `${words.text}${range}`,
        },
      ];
    }),
  );
}

const DORMANT_TITLES: Readonly<Record<DormantSpray, string>> = {
  oil: 'Dormant oil',
  copper: 'Fixed copper',
  'oil-and-copper': 'Oil with fixed copper',
  'spur-sample': 'Spur sample',
};

function plannedWords(what: YearWhat): { title: string; text: string } | null {
  switch (what.kind) {
    case 'series': {
      const { plan, material, use, state } = what.step;
      const title = stepTitle(plan, use?.kind === 'use' ? use.materialId : material);
      const rhythm = rhythmWords(plan, (on) => on);
      return {
        title: state === 'done' ? `Done: ${title}` : title,
        text: `${what.name}${rhythm ? `: ${rhythm}` : ''}. It moves with what is logged; the label comes first.`,
      };
    }
    case 'winter':
      return {
        title: DORMANT_TITLES[what.spray],
        text: `Winter programme.${what.mattersMost ? ' The one that counts most.' : ''} The label comes first.`,
      };
    case 'feeding':
      return { title: 'Feed', text: 'By the school followed.' };
    case 'no-picking':
      return { title: 'Do not pick', text: `After ${what.product}. Washing does not replace the days.` };
    default:
      return null;
  }
}

/** A window stands in the calendar by itself. */
const isAboutWindow = ({ kind, eventId }: DueItem) =>
  eventId !== null || kind === 'treat-now' || kind === 'hatch-passing';

function aboutOf({ plant, targetName }: WatchPicture): string {
  return `${plant.name}, ${inSentence(targetName)}`;
}

const RESTS_ON: Readonly<Record<CrawlerWindow['basis'], string>> = {
  seen: 'Crawlers were caught or seen: that rules over any published sum.',
  published: 'By a published sum of heat; go by the tapes where they say otherwise.',
  calendar: 'By the usual months only (a rule of thumb, grade C): tapes tell.',
};

function crawlerEntry(picture: WatchPicture, window: CrawlerWindow): CalendarEntry {
  const { id, basis, generation, opens, closes, eventId } = window;
  const event = EVENTS.find((entry) => entry.id === eventId);
  const range =
    opens.early === opens.median
      ? ''
      : ` Opens between ${opens.early} and ${opens.late ?? 'later'} four times in five.`;
  return {
    id: `${picture.watch.id}-${id}`,
    title: `${basis === 'calendar' ? 'Usual months of' : 'Window for'} crawlers${generation > 1 ? `, generation ${generation}` : ''}: ${aboutOf(picture)}`,
    from: opens.median,
    to: closes && closes.median >= opens.median ? closes.median : opens.median,
    text: `${RESTS_ON[basis]}${event ? ` Published: ${event.published} (grade ${event.grade}).` : ''}${range} The label comes first.`,
  };
}

function windowEntry(picture: WatchPicture, { event, opens, closes }: EventState): CalendarEntry[] {
  const from = expected(opens),
    to = expected(closes);
  if (!from) return [];
  const what =
    event.kind === 'window'
      ? `Window for ${event.stage}`
      : event.stage === 'crawlers'
        ? 'First crawlers expected'
        : 'Next moths expected';
  const generation = event.generation > 1 ? `, generation ${event.generation}` : '';
  const range =
    from.early === from.late
      ? ''
      : ` Opens between ${from.early} and ${from.late ?? 'later'} four times in five.`;
  return [
    {
      id: `${picture.watch.id}-${event.id}`,
      title: `${what}${generation}: ${aboutOf(picture)}`,
      from: from.day,
      to: event.kind === 'window' && to && to.day >= from.day ? to.day : from.day,
      text: `Published: ${event.published} (grade ${event.grade}).${range} Go by the tapes where they say otherwise; the label comes first.`,
    },
  ];
}

function expected(
  projection: Projection,
): { day: CivilDate; early: CivilDate; late: CivilDate | null } | null {
  if (projection.kind === 'reached') return { day: projection.on, early: projection.on, late: projection.on };
  return projection.kind === 'expected'
    ? { day: projection.median, early: projection.early, late: projection.late }
    : null;
}
