import { keptWhile } from '#core/caches';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import {
  byCase,
  type ByCase,
  coverAt,
  infectionChance,
  type InfectionEvent,
  infectionWord,
  type InfectionWord,
  severeFrom,
  severityOf,
  SEVERITIES,
  type Severity,
  tellsSeverity,
  type WetnessBasis,
} from '#core/infection';
import { type Disease, diseaseOf } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { plantWinters } from '../plant-winter.ts';
import type { GardenWeather } from '../season-weather.ts';
import { correctedBy } from './corrected.ts';
import { type DiseaseSpan, diseaseSpans } from './disease-spans.ts';
import { inoculumOf, type Inoculum } from './inoculum.ts';
import { type LeafWeather, leafWeather } from './leaf-weather.ts';
import { plantLeaves } from './plant-leaves.ts';
import { COVERED_FROM, seasonOf } from './season-events.ts';
import { seenAfter, spotsOf, type SpotsSeen } from './spots-seen.ts';
import { type WatchCover, watchCovers } from './watch-covers.ts';

/** An hour of a day, by the clock of the garden. */
export interface Moment {
  readonly date: CivilDate;
  readonly hour: number;
}

/** How an infection stands: kept off, in part, got through, taken afterwards; or not one at all, or not yet. */
export type SpellStanding = 'no-infection' | 'covered' | 'in-part' | 'through' | 'reached-back' | 'ahead';

/** One wet time (or run of fit days) of a disease's season, and what became of it. */
export interface DiarySpell {
  readonly id: string;
  readonly from: Moment;
  /** The end of its last hour. */
  readonly to: Moment;
  readonly wetHours: ByCase<number>;
  readonly basis: WetnessBasis | 'forecast';
  readonly meanC: number;
  readonly neededHours: number | null;
  readonly rainMm: number;
  readonly index: number | null;
  /** Null where it was too short, too cold or too warm in every case. */
  readonly word: InfectionWord | null;
  /** 0–1, of a forecast with what forecasts miss. */
  readonly chance: number;
  readonly severity: Severity | null;
  /** Wet hours from which each severity is reached at that temperature, where a table tells. */
  readonly severityFrom: readonly { readonly severity: Severity; readonly hours: number }[];
  /** Share of what can be infected that a cover protected when it began, 0–1. */
  readonly covered: number;
  readonly sinceCover: SinceCover | null;
  /** Leaves open on a shoot then. */
  readonly leaves: number;
  /** Share of the season's spores that were ripe, where that is told by heat. */
  readonly sporesRipe: number | null;
  readonly standing: SpellStanding;
  /** When its spots show; null where nothing shows. */
  readonly spots: { readonly from: CivilDate; readonly to: CivilDate } | null;
  readonly seen: SpotsSeen;
}

/** What has come over the last cover since. */
export interface SinceCover {
  readonly on: CivilDate;
  readonly rainMm: number;
  readonly days: number;
  readonly newLeaves: number;
  readonly materialIds: readonly string[];
}

/** The infection diary of one watch. */
export interface InfectionDiary {
  readonly disease: Disease;
  readonly span: DiseaseSpan | null;
  readonly spans: readonly DiseaseSpan[];
  readonly spells: readonly DiarySpell[];
  readonly covers: readonly WatchCover[];
  readonly weather: LeafWeather;
  /** How likely each case of wetness is, by what was found of leaves and of spots. */
  readonly cases: ByCase<number>;
  readonly inoculum: Inoculum;
  readonly resists: boolean;
  leavesOn(frameDay: number): number;
  coveredOn(hour: number): number;
}

const HOURS = 24;
/** With less than this covered it got through (rule of thumb, grade C). */
const BARE_BELOW = 0.25;
/** Forecasts of rain are right less and less often with each day (rule of thumb, grade C). */
const FORECAST_RIGHT = 0.9,
  FORECAST_LOSES_A_DAY = 0.04;

/** An older cover is gone and is not told of. */
const COVER_TOLD_DAYS = 90;

const diaries = keptWhile<GardenWeather, string, WatchBook, InfectionDiary | null>();

/** The diary of a watch whose trouble the weather tells of; null for any other, or without any weather. */
export function infectionDiary(day: GardenDay, book: WatchBook): InfectionDiary | null {
  return diaries(day.weather, book.watch.id, book, () => {
    const disease = diseaseOf(book.watch.targetId);
    const weather = disease && leafWeather(day, book.plantBook.plant);
    return disease && weather ? written(day, book, disease, weather) : null;
  });
}

function written(day: GardenDay, book: WatchBook, disease: Disease, weather: LeafWeather): InfectionDiary {
  const { plant } = book.plantBook;
  const leavesOn = plantLeaves(day, plant, weather.from);
  const sprays = book.sprays.filter(({ on }) => on <= day.today);
  const covers = watchCovers(day, sprays, disease.targetId, weather.from);
  const rainAt = (hour: number) =>
    weather.hours.rainSumMm[Math.min(Math.max(0, Math.floor(hour)), weather.hours.rainSumMm.length - 1)] ?? 0;
  const scene = {
    leavesAt: (hour: number) => (disease.lands === 'buds' ? null : leavesOn(hour / HOURS)),
    rainAt,
    openLeaves: disease.openLeaves,
  };
  const coveredOn = (hour: number) => coverAt(covers, scene, hour);
  const first = inoculumOf(day, book);
  const leafFalls = plantWinters(day, plant).map(({ leafFall }) => leafFall.on);
  const lookedAt = (event: InfectionEvent) => lookAt(day, book, weather, disease, leavesOn, event);
  const seasons = diseaseSpans(day, plant, disease).map((span) =>
    seasonOf(disease, weather, span, first.few, {
      leafFalls,
      coveredOn,
      lookedAt,
    }),
  );
  const spans = seasons.map(({ span }) => span);
  const events = seasons.flatMap((season) => season.events);
  const { cases, inoculum } = correctedBy(
    events.map(({ event }) => ({
      event,
      bare: 1 - coveredOn(event.from),
      seen: lookedAt(event),
    })),
    weather,
    first,
  );
  const diary = {
    disease,
    weather,
    covers,
    spans,
    cases,
    inoculum,
    leavesOn,
    coveredOn,
    span: spans.find(({ to }) => to >= day.today) ?? null,
    resists: plant.resists.includes(disease.targetId),
  };
  return {
    ...diary,
    spells: events.map(({ event, sporesRipe }) => spellOf(day, book, diary, event, sporesRipe, rainAt)),
  };
}

type Open = Omit<InfectionDiary, 'spells'>;

/** What was found on the days an event's spots would show. */
function lookAt(
  day: GardenDay,
  book: WatchBook,
  weather: LeafWeather,
  disease: Disease,
  leavesOn: (frameDay: number) => number,
  event: InfectionEvent,
): SpotsSeen {
  const isAhead = Math.floor(event.from / HOURS) >= weather.forecastFrom;
  const spots = event.infects.long && !isAhead ? spotsOf(weather, disease, event) : null;
  return spots
    ? seenAfter(day, book, {
        ...spots,
        leavesThen: leavesOn(event.from / HOURS),
        leavesOn: (date) => leavesOn(daysBetween(weather.from, date)),
        openLeaves: disease.openLeaves,
      })
    : { kind: 'not-yet' };
}

function spellOf(
  day: GardenDay,
  book: WatchBook,
  diary: Open,
  event: InfectionEvent,
  sporesRipe: number | null,
  rainAt: (hour: number) => number,
): DiarySpell {
  const { weather, disease, covers, cases } = diary;
  const frameDay = Math.floor(event.from / HOURS);
  const isAhead = frameDay >= weather.forecastFrom;
  // Of told hours the three cases are a little less or more humid air, each as likely.
  const weights = weather.hours.basis[frameDay] === 'measured' ? byCase(() => 1 / 3) : cases;
  const byWeather = infectionWord(event.infects, weights);
  const isForetold = weather.foretold[frameDay] === true;
  const word = isForetold || isAhead ? noSurerThan(isAhead ? 'likely' : 'possible', byWeather) : byWeather;
  const certain = infectionChance(event.infects, weights);
  const leadDays = Math.max(0, frameDay - weather.forecastFrom);
  const chance =
    isAhead || isForetold
      ? certain * Math.max(0.5, FORECAST_RIGHT - FORECAST_LOSES_A_DAY * leadDays)
      : certain;
  const covered = word ? diary.coveredOn(event.from) : 0;
  const wetHours = event.wetHours.middle;
  const spots = word ? spotsOf(weather, disease, event) : null;
  const standing = isAhead ? 'ahead' : !word ? 'no-infection' : standingOf(covers, event, covered);
  return {
    id: `${momentOf(weather.from, event.from).date}T${event.from % HOURS}`,
    from: momentOf(weather.from, event.from),
    to: momentOf(weather.from, event.to + 1),
    wetHours: event.wetHours,
    basis: isAhead || isForetold ? 'forecast' : weather.hours.basis[frameDay]!,
    meanC: event.meanC,
    neededHours: event.neededHours,
    rainMm: event.rainMm,
    index: event.index,
    word,
    chance,
    severity: word && event.infects.middle ? severityOf(disease.targetId, event.meanC, wetHours) : null,
    severityFrom: tellsSeverity(disease.targetId)
      ? SEVERITIES.flatMap((severity) => {
          const hours = severeFrom(disease.targetId, severity, event.meanC);
          return hours === null ? [] : [{ severity, hours }];
        })
      : [],
    covered,
    sinceCover: sinceCover(diary, event.from, rainAt),
    leaves: diary.leavesOn(event.from / HOURS),
    sporesRipe,
    standing,
    spots,
    seen: lookAt(day, book, weather, disease, diary.leavesOn, event),
  };
}

const SURENESS = ['possible', 'likely', 'sure'] as const satisfies readonly InfectionWord[];

/** What is to come is not sure; what was forecast and never read is not known to have been. */
const noSurerThan = (most: InfectionWord, word: InfectionWord | null): InfectionWord | null =>
  word && SURENESS[Math.min(SURENESS.indexOf(most), SURENESS.indexOf(word))]!;

function standingOf(covers: readonly WatchCover[], event: InfectionEvent, covered: number): SpellStanding {
  if (covered >= COVERED_FROM) return 'covered';
  if (reachedBack(covers, event)) return 'reached-back';
  return covered >= BARE_BELOW ? 'in-part' : 'through';
}

export const momentOf = (from: CivilDate, hour: number): Moment => ({
  date: addDays(from, Math.floor(hour / HOURS)),
  hour: hour % HOURS,
});

/** A spray whose label reaches so far back, put on after it began; it is counted from the end of its day. */
const reachedBack = (covers: readonly WatchCover[], event: InfectionEvent): boolean =>
  covers.some(({ dryAt, reachBackHours }) => dryAt > event.from && dryAt - event.from <= reachBackHours);

function sinceCover(
  { covers, leavesOn }: Open,
  hour: number,
  rainAt: (hour: number) => number,
): SinceCover | null {
  const before = covers.findLast(({ sprayedAt }) => sprayedAt < hour);
  if (!before || hour - before.sprayedAt > COVER_TOLD_DAYS * HOURS) return null;
  return {
    on: before.on,
    rainMm: Math.max(0, rainAt(hour) - rainAt(before.sprayedAt - 1)),
    days: Math.floor((hour - before.sprayedAt) / HOURS),
    newLeaves: Math.max(0, leavesOn(hour / HOURS) - leavesOn(before.sprayedAt / HOURS)),
    materialIds: before.materialIds,
  };
}
