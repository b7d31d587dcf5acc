import { addDays, type CivilDate, daysBetween, shiftSeason } from '#core/calendar';
import { gotThrough } from '#core/infection';
import { pastSpread, type Projection, type SpreadPoint } from '#core/phenology';
import { type DormantSpray, seasonStages, type StageSpan } from '#core/plan';
import { BASE_50F } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { infectionDiary } from './infection/infection-diary.ts';
import { dormantAnswer, type DormantAnswer } from './dormant-answer.ts';
import type { WatchPicture } from './watch-picture.ts';
import { watchPictures } from './watch-pictures.ts';

export type BandWhat =
  | { readonly kind: 'window'; readonly targetName: string; readonly generation: number }
  | { readonly kind: 'winter'; readonly plantName: string; readonly spray: DormantSpray }
  | { readonly kind: 'flush'; readonly plantName: string }
  | { readonly kind: 'sprayed'; readonly plantName: string }
  /** A wet time on bare leaves that infected, or likely did. */
  | {
      readonly kind: 'infected';
      readonly plantName: string;
      readonly targetName: string;
      readonly isSure: boolean;
    };

export interface BandBar {
  readonly id: string;
  readonly watchId: string;
  /** What it shows, to be worded where it is shown. */
  readonly what: BandWhat;
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly state: 'done' | 'open' | 'soon' | 'later' | 'over';
}

/** The garden's year as the season band shows it. */
export interface BandAnswer {
  readonly start: CivilDate;
  readonly days: number;
  readonly today: CivilDate;
  /** Null where there is no dormant season, or no past year to tell. */
  readonly stages: readonly StageSpan[] | null;
  readonly noDormantSeason: boolean;
  /** °C·days, base 10 °C, through each measured day outdoors. */
  readonly heat: readonly number[];
  readonly spread: readonly SpreadPoint[];
  readonly bars: readonly BandBar[];
}

const SOON_DAYS = 21;
const LONGEST_USUAL_DAYS = 100;

export function bandAnswer(day: GardenDay): BandAnswer {
  const days = daysBetween(day.start, shiftSeason(day.start, 1));
  const empty = {
    start: day.start,
    days,
    today: day.today,
    stages: null,
    noDormantSeason: false,
    heat: [],
    spread: [],
  };
  const pictures = watchPictures(day);
  const winter = winterBars(dormantAnswer(day), day.start, addDays(day.start, days - 1));
  const bars = [
    ...winter,
    ...pictures
      .filter(
        (picture) =>
          picture.watch.outcome === 'open' && picture.plant.retiredOn === null && !picture.plant.outOfReach,
      )
      .flatMap((picture) => [
        ...sprayBars(picture, day.start),
        ...windowBars(picture, day),
        ...flushBars(picture),
        ...infectionBars(picture, day),
      ]),
  ].sort((a, b) => (a.from < b.from ? -1 : 1));
  const outdoors = day.books.state.places.find((place) => place.kind === 'outdoors');
  if (!outdoors) return { ...empty, bars };
  const weather = day.ofPlace(outdoors);
  const ensemble = day.ensemble(weather, BASE_50F);
  const hasPast = weather.pastSeasons.length > 0;
  const stages = hasPast ? seasonStages(day.start, weather.pastSeasons) : null;
  return {
    ...empty,
    bars,
    stages,
    noDormantSeason: hasPast && stages === null,
    heat: [...ensemble.measuredSums],
    spread: hasPast ? pastSpread(ensemble.pastSums, days) : [],
  };
}

/** Winter sprays of this season that are not done; done ones show as the sprays they were. */
function winterBars({ plants }: DormantAnswer, first: CivilDate, last: CivilDate): BandBar[] {
  return plants.flatMap(({ plan, watchId, plantName }) =>
    (plan.kind === 'steps' && watchId ? plan.steps : [])
      .filter(
        ({ state, from, to }) =>
          (state === 'due' || state === 'ask' || state === 'coming') && to >= first && from <= last,
      )
      .map((step): BandBar => ({
        id: `${watchId}:winter:${step.place}`,
        watchId: watchId!,
        what: { kind: 'winter', plantName, spray: step.what },
        from: step.from < first ? first : step.from,
        to: step.to > last ? last : step.to,
        state: step.state === 'coming' ? 'later' : 'open',
      })),
  );
}

/** Wet times that likely got through what covered; the last weeks' only, so that the band stays quiet. */
function infectionBars({ watch, plant, targetName }: WatchPicture, day: GardenDay): BandBar[] {
  const book = day.books.watchBook(watch.id);
  const diary = book && infectionDiary(day, book);
  return (diary?.spells ?? [])
    .filter((spell) => gotThrough(spell) && spell.from.date >= addDays(day.today, -INFECTED_DAYS))
    .map(({ id, from, to, word, seen }) => ({
      id: `${watch.id}:infected:${id}`,
      watchId: watch.id,
      what: {
        kind: 'infected',
        plantName: plant.name,
        targetName,
        isSure: word === 'sure' || seen.kind === 'spots',
      },
      from: from.date,
      to: to.date > from.date ? to.date : addDays(from.date, 1),
      state: 'over',
    }));
}

const INFECTED_DAYS = 30;

/** A flush that is soft is a window of its own. */
function flushBars({ watch, plant, miner }: WatchPicture): BandBar[] {
  if (!miner.flush) return [];
  return [
    {
      id: `${watch.id}:flush`,
      watchId: watch.id,
      what: { kind: 'flush', plantName: plant.name },
      from: miner.flush.since,
      to: miner.flush.hardBy,
      state: 'open',
    },
  ];
}

function windowBars(picture: WatchPicture, { start, today }: GardenDay): BandBar[] {
  const ofCrawlers = picture.windows
    .filter(
      ({ opens, closes }) =>
        closes !== null && closes.median >= start && opens.median < shiftSeason(start, 1),
    )
    // Where rounds overlap all summer the usual months tell nothing of a day.
    .filter(
      ({ basis, opens, closes }) =>
        basis !== 'calendar' || daysBetween(opens.median, closes!.median) <= LONGEST_USUAL_DAYS,
    )
    .map(({ id, basis, generation, phase, opens, closes }) => ({
      id,
      generation,
      // In the usual months alone nothing is open: they are told, quietly.
      phase: basis === 'calendar' && phase === 'open' ? ('ahead' as const) : phase,
      quiet: basis === 'calendar',
      from: opens.median,
      to: closes!.median,
    }));
  const ofAdults = picture.events
    .filter(({ event }) => event.kind === 'window' && event.stage === 'adults')
    .flatMap(({ event, phase, opens, closes }) => {
      const [from, to] = [dayOf(opens), dayOf(closes)];
      return from && to
        ? [{ id: event.id, generation: event.generation, phase, quiet: false, from, to }]
        : [];
    });
  return [...ofCrawlers, ...ofAdults].map(({ id, generation, phase, quiet, from, to }): BandBar => ({
    id: `${picture.watch.id}:${id}`,
    watchId: picture.watch.id,
    what: { kind: 'window', targetName: picture.targetName, generation },
    from: from < start ? start : from,
    to,
    state: phase !== 'ahead' ? phase : !quiet && daysBetween(today, from) <= SOON_DAYS ? 'soon' : 'later',
  }));
}

function sprayBars(picture: WatchPicture, start: CivilDate): BandBar[] {
  return picture.sprays
    .filter((spray) => spray.on >= start)
    .map((spray) => ({
      id: spray.id,
      watchId: picture.watch.id,
      what: { kind: 'sprayed', plantName: picture.plant.name },
      from: spray.on,
      to: addDays(spray.on, 2),
      state: 'done',
    }));
}

function dayOf(projection: Projection): CivilDate | null {
  if (projection.kind === 'reached') return projection.on;
  return projection.kind === 'expected' ? projection.median : null;
}
