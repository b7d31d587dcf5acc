import { addDays, type CivilDate, daysBetween, seasonName, shiftSeason, yearOf } from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import {
  type Carry,
  type EventState,
  eventState,
  heatBefore,
  indicatorOpinions,
  type IndicatorOpinion,
  pastSpread,
  projectCrossing,
  type Projection,
  type SeasonEnsemble,
  type SpreadPoint,
  type StartedClock,
  startOfClock,
} from '#core/phenology';
import type { CrawlerWindow } from '#core/decide';
import type { Gap } from '#core/weather';
import { BASE_50F, INDICATORS } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import type { SeasonWeather } from './season-weather.ts';
import { usualMonths } from './usual-months.ts';
import { carryAt, signsOf, timedEvents } from './watch-clock.ts';
import { usualSpans, type WatchPicture } from './watch-picture.ts';

/** What a person may lay over the published model, to see what difference it makes. */
export type ModelChoice = Partial<Pick<DegreeDayModel, 'method' | 'cutoff'>>;

/** The degree-day clock of one watch, ready to draw. Sums in °C·days from the day its count started. */
export interface ClockAnswer {
  readonly start: CivilDate;
  readonly today: CivilDate;
  readonly model: DegreeDayModel;
  /** When the count started, and what told it; null while nothing did. */
  readonly started: StartedClock | null;
  /** Sum through each measured day. */
  readonly measured: readonly number[];
  /** Sum through each forecast day, following on. */
  readonly forecast: readonly number[];
  /** Past seasons' spread through each day of the season. */
  readonly spread: readonly SpreadPoint[];
  /** What the past seasons are called. */
  readonly pastSeasons: readonly string[];
  /** Where the futures come from. */
  readonly futures: 'past-years' | 'usual-months' | 'told-climate' | 'none';
  readonly filled: readonly Gap[];
  readonly refused: readonly Gap[];
  /** Days so far that nobody measured. */
  readonly guessedDays: number;
  /** The place whose thermometer it follows, where its own has none; null otherwise. */
  readonly borrowedFrom: string | null;
  /** Days taken from a station that stands in. */
  readonly stoodInDays: number;
  readonly events: readonly EventState[];
  /** Times in which crawlers can be reached: what was caught, else published, else the usual months. */
  readonly windows: readonly CrawlerWindow[];
  /** When it is usually met, by the calendar: what runs now and what comes next. */
  readonly usual: readonly { readonly from: CivilDate; readonly to: CivilDate }[];
  readonly carry: Carry;
  readonly hasColdSeason: boolean;
  /** What plants seen to bloom say beside the thermometer, of the next event. */
  readonly opinions: readonly IndicatorOpinion[];
  readonly tapes: readonly {
    readonly putOn: CivilDate;
    readonly takenOff: CivilDate;
    readonly perWeek: number;
    readonly crawlers: number;
  }[];
  readonly sprayedOn: readonly CivilDate[];
  /**
   * For leaf miners counted by rounds: when an egg laid today has become an adult, and how many rounds
   * have passed.
   */
  readonly round: {
    readonly eggToday: Projection;
    readonly roundsPassed: number;
    readonly roundCd: number;
  } | null;
}

export function clockAnswer(day: GardenDay, picture: WatchPicture, choice: ModelChoice): ClockAnswer {
  const weather = day.ofPlant(picture.plant);
  const book = day.books.watchBook(picture.watch.id)!;
  const published = timedEvents(book);
  const model: DegreeDayModel = { ...(published[0]?.model ?? BASE_50F), ...choice };
  const ensemble = day.ensemble(weather, model);
  const signs = signsOf(day, book);
  const started = startOfClock(published[0]?.start ?? { kind: 'season' }, day.start, day.today, signs);
  const carry = carryAt(weather);
  const events =
    weather.measured.length === 0
      ? []
      : published
          .filter(
            (event) => carry !== 'refused' || (event.start.kind !== 'season' && event.start.kind !== 'date'),
          )
          .map((event) =>
            eventState(
              { ...event, model: { ...event.model, ...choice } },
              day.ensemble(weather, { ...event.model, ...choice }),
              startOfClock(event.start, day.start, day.today, signs),
              carry === 'refused' ? 'as-published' : carry,
            ),
          );
  const fromStart = countedFrom(ensemble, started);
  return {
    start: weather.start,
    today: day.today,
    model,
    started,
    carry,
    events,
    windows: picture.windows,
    usual: usualSpans(day, picture).filter(({ to }) => to >= day.today),
    measured: fromStart.measured,
    forecast: fromStart.forecast,
    spread: fromStart.spread,
    pastSeasons: weather.pastYears.map((year) =>
      seasonName(shiftSeason(day.start, year - yearOf(day.start))),
    ),
    futures: futuresOf(day, weather),
    filled: weather.filled,
    refused: weather.refused,
    guessedDays: weather.guessedDays,
    borrowedFrom:
      weather.borrowedFrom === null ? null : (day.books.place(weather.borrowedFrom)?.name ?? null),
    stoodInDays: weather.stoodInDays,
    hasColdSeason: weather.hasColdSeason,
    opinions: opinionsOn(day, events, ensemble),
    tapes: picture.tapes.map((tape) => ({
      putOn: tape.putOn,
      takenOff: tape.takenOff,
      crawlers: tape.crawlers,
      perWeek: (7 * tape.crawlers) / daysBetween(tape.putOn, tape.takenOff),
    })),
    sprayedOn: picture.sprays.filter((spray) => spray.on >= weather.start).map((spray) => spray.on),
    round: roundOf(events, ensemble),
  };
}

/** What the years ahead are taken or drawn from. */
function futuresOf(day: GardenDay, { pastYears, pastSeasons }: SeasonWeather): ClockAnswer['futures'] {
  if (pastYears.length > 0) return 'past-years';
  if (pastSeasons.length === 0) return 'none';
  return usualMonths(day.books.state)?.origin === 'told' ? 'told-climate' : 'usual-months';
}

/** Rounds of a miner whose events are all a development time apart. */
function roundOf(events: readonly EventState[], ensemble: SeasonEnsemble): ClockAnswer['round'] {
  const first = events.find(({ event }) => event.start.kind === 'first-mines' && event.generation === 1);
  if (!first) return null;
  const nowCd = ensemble.measuredSums.at(-1) ?? 0;
  return {
    eggToday: projectCrossing(ensemble, nowCd + first.event.fromCd, nowCd),
    roundCd: first.event.fromCd,
    roundsPassed: events.filter(
      ({ event, opens }) => event.start.kind === 'first-mines' && opens.kind === 'reached',
    ).length,
  };
}

/**
 * The season's curves with what lies before the count's start taken off; past years from the same day
 * of theirs.
 */
function countedFrom(
  ensemble: SeasonEnsemble,
  started: StartedClock | null,
): Pick<ClockAnswer, 'measured' | 'forecast' | 'spread'> {
  const first = started ? daysBetween(ensemble.start, started.on) : 0;
  const before = started ? heatBefore(ensemble, started.on) : 0;
  const less = (sums: ArrayLike<number>, offset: number) =>
    Array.from(sums, (sum) => Math.max(0, sum - offset));
  const past = ensemble.pastSums.map((sums) =>
    less(sums, first > 0 ? sums[Math.min(first, sums.length) - 1]! : 0),
  );
  const seasonDays = daysBetween(ensemble.start, addDays(ensemble.start, 365));
  return {
    measured: less(ensemble.measuredSums, before),
    forecast: less(ensemble.expectedSums.slice(ensemble.measuredDays), before),
    spread: past.length > 0 ? pastSpread(past, seasonDays) : [],
  };
}

/** First blooms logged this season on plants with a published place on the same scale of heat. */
function opinionsOn(
  day: GardenDay,
  events: readonly EventState[],
  ensemble: SeasonEnsemble,
): IndicatorOpinion[] {
  const next =
    events.find(({ phase, event }) => phase === 'ahead' && event.start.kind === 'season') ??
    events.find(({ event }) => event.start.kind === 'season');
  if (!next) return [];
  const hostOf = new Map(day.books.state.plants.map((plant) => [plant.id, plant.hostId]));
  const blooms = day.books.state.growth
    .filter(({ stage, on }) => stage === 'bloom-start' && on >= day.start)
    .flatMap(({ plantId, on }) => {
      const indicator = INDICATORS.find(({ hostId }) => hostId === hostOf.get(plantId));
      return indicator ? [{ indicator, on }] : [];
    });
  return indicatorOpinions(next.event, ensemble, blooms);
}
