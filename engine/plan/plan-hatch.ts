import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import {
  bookOpinion,
  blend,
  type EmergenceFit,
  firstHatch,
  type HeatCount,
  seasonOpinion,
  TAPE_OVERDISPERSION,
} from '#core/emergence';
import { heatBefore, type SeasonEnsemble, startOfClock, type TimedEvent, WIDER_BY } from '#core/phenology';
import {
  beliefAfterSighting,
  beliefAfterTapes,
  type FigureRange,
  hatchBelief,
  type HatchBelief,
} from '#core/season-model';
import { BASE_50F, hatchSpanOf } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { gardenHatch } from '../garden-hatch.ts';
import type { SeasonWeather } from '../season-weather.ts';
import { usualSpans, type WatchPicture } from '../watch-picture.ts';
import { carryAt, signsOf, timedEvents } from '../watch-clock.ts';
import { placeOf, type PlanFrame } from './plan-frame.ts';

/** When it hatches as far as is known, and what that rests on. */
export interface PlanHatch {
  readonly model: DegreeDayModel;
  readonly belief: HatchBelief;
  /** A published sum, the garden's own seasons, the usual months, a logged flush, or what was seen alone. */
  readonly basis: 'published' | 'own-seasons' | 'months' | 'flush' | 'seen';
  /** Tapes of this season that were reckoned with, and what they caught. */
  readonly tapes: { readonly count: number; readonly caught: number };
  readonly generations: number;
  readonly generationLength: FigureRange | null;
}

/** 80 % of a normal distribution lie within this many standard deviations. */
const Z80 = 1.2816;
/** How far a window's opening is doubted as a first hatch, beside what a published first is (grade C). */
const WINDOW_SPREAD = 0.2;
/** The length of a hatch seen in other seasons may be so much off this year's (grade C). */
const OWN_SPAN = { low: 0.75, high: 1.35 } as const;
const MOST_GENERATIONS = 4;

/** Null where nothing says when: no sum, no tapes, no usual months. */
export function planHatch(
  day: GardenDay,
  picture: WatchPicture,
  book: WatchBook,
  frame: PlanFrame,
): PlanHatch | null {
  const weather = day.ofPlant(picture.plant);
  return (
    flushHatch(picture, frame) ??
    hatchByHeat(day, picture, book, frame, weather) ??
    hatchByMonths(day, picture, frame) ??
    hatchBySeen(picture, frame)
  );
}

/** A flush that is soft now is what moths lay in. */
function flushHatch({ miner: { flush } }: WatchPicture, frame: PlanFrame): PlanHatch | null {
  if (!flush) return null;
  const [since, early, late] = [flush.since, flush.hardEarly, flush.hardLate].map((date) =>
    placeOf(frame, date),
  ) as [number, number, number];
  const hardBy = placeOf(frame, flush.hardBy);
  return {
    model: BASE_50F,
    belief: hatchBelief(
      'days',
      { low: since, middle: since + 2, high: since + 5 },
      { low: early - since - 3, middle: hardBy - since - 5, high: late - since - 5 },
    ),
    basis: 'flush',
    tapes: NO_TAPES,
    generations: 1,
    generationLength: null,
  };
}

const NO_TAPES = { count: 0, caught: 0 } as const;

function hatchByHeat(
  day: GardenDay,
  picture: WatchPicture,
  book: WatchBook,
  frame: PlanFrame,
  weather: SeasonWeather,
): PlanHatch | null {
  if (weather.pastSeasons.length === 0) return null;
  const point = publishedPoint(day, picture, book, frame, weather);
  const fits = ownFits(day, picture, frame, point);
  const first = blend(
    point && point.opinion,
    fits.flatMap((fit) => seasonOpinion(fit.first) ?? []),
  );
  if (!first) return null;
  const model = point?.event.model ?? BASE_50F;
  const ensemble = day.ensemble(weather, model);
  const counts = countsOfSeason(picture, frame, (date) => heatBefore(ensemble, date));
  const book80: FigureRange = {
    low: first.valueCd - Z80 * first.spreadCd,
    middle: first.valueCd,
    high: first.valueCd + Z80 * first.spreadCd,
  };
  const dayCd = heatOfADay(ensemble, first.valueCd);
  const told = hatchBelief('heat', book80, spanByHeat(picture, fits, dayCd));
  return {
    model,
    basis: point ? 'published' : 'own-seasons',
    ...withSeen(told, picture, frame, counts, (date) => heatBefore(ensemble, date)),
    ...generationsByHeat(day, picture, book, dayCd),
  };
}

/** Hatches of other seasons as the garden's tapes had them, on the same sums of heat. */
function ownFits(
  day: GardenDay,
  picture: WatchPicture,
  frame: PlanFrame,
  point: ReturnType<typeof publishedPoint>,
): EmergenceFit[] {
  const { model, seasons } = gardenHatch(day, picture);
  const sameSums =
    point === null || (point.fromSeason && JSON.stringify(point.event.model) === JSON.stringify(model));
  if (!sameSums) return [];
  return seasons.flatMap(({ season, fit }) => (season.start !== frame.season && 'curve' in fit ? [fit] : []));
}

/** Days by which the first of a hatch may lie before and after the day somebody met it (grade C). */
const SEEN_WITHIN = { before: 9, after: 3 } as const;

/** Of a kind with no date anywhere: from the day crawlers were caught or seen this season. */
function hatchBySeen(picture: WatchPicture, frame: PlanFrame): PlanHatch | null {
  const caughtOn = firstHatch(picture.tapes).find(({ crawlers }) => crawlers > 0)?.takenOff;
  const seenOn = picture.sightings.find(({ what }) => what === 'first-crawlers')?.on;
  const [met] = [caughtOn, seenOn].filter((on) => on !== undefined && on >= frame.season).sort();
  if (met === undefined) return null;
  const at = (date: CivilDate) => placeOf(frame, date);
  const first = at(met);
  const told = hatchBelief(
    'days',
    { low: first - SEEN_WITHIN.before, middle: first - 2, high: first + SEEN_WITHIN.after },
    hatchSpanOf(picture.watch.targetId).days,
  );
  return {
    model: BASE_50F,
    basis: 'seen',
    ...withSeen(told, picture, frame, countsOfSeason(picture, frame, at), at),
    generations: 1,
    generationLength: null,
  };
}

/** This season's tapes of the first hatch between points of a scale. */
function countsOfSeason(
  { tapes }: WatchPicture,
  frame: PlanFrame,
  at: (date: CivilDate) => number,
): HeatCount[] {
  return firstHatch(tapes)
    .filter(({ putOn }) => putOn >= frame.season)
    .map(({ putOn, takenOff, crawlers }) => ({ fromCd: at(putOn), toCd: at(takenOff), count: crawlers }))
    .filter(({ fromCd, toCd }) => toCd > fromCd);
}

/** What is believed once this season's tapes, or crawlers seen by eye, are reckoned with. */
function withSeen(
  told: HatchBelief,
  { sightings }: WatchPicture,
  frame: PlanFrame,
  counts: readonly HeatCount[],
  at: (date: CivilDate) => number,
): Pick<PlanHatch, 'belief' | 'tapes'> {
  const seen = sightings.find(({ what, on }) => what === 'first-crawlers' && on >= frame.season);
  const before = seen && counts.length === 0 ? beliefAfterSighting(told, at(seen.on)) : told;
  return {
    belief: beliefAfterTapes(before, counts, TAPE_OVERDISPERSION),
    tapes: { count: counts.length, caught: counts.reduce((sum, { count }) => sum + count, 0) },
  };
}

/** The first published point of the first generation that counts from a day of this frame. */
function publishedPoint(
  day: GardenDay,
  picture: WatchPicture,
  book: WatchBook,
  frame: PlanFrame,
  weather: SeasonWeather,
) {
  const stage = picture.watch.group === 'leaf-miner' ? 'adults' : 'crawlers';
  const carry = carryAt(weather);
  const usable = timedEvents(book)
    .filter((event) => event.stage === stage && event.generation === 1)
    .flatMap((event) => {
      const offsetCd = heatBeforeCount(day, book, event, frame, weather);
      const byCalendar = event.start.kind === 'season' || event.start.kind === 'date';
      return offsetCd === null || (byCalendar && carry === 'refused')
        ? []
        : [{ event, offsetCd, byCalendar }];
    });
  const best = usable.find(({ event }) => event.kind === 'first') ?? usable[0];
  if (!best) return null;
  const { event, offsetCd, byCalendar } = best;
  const opinion = bookOpinion(event.fromCd);
  const doubts = [
    event.kind === 'window' ? WINDOW_SPREAD * event.fromCd : opinion.spreadCd,
    byCalendar && carry === 'wider' ? WIDER_BY * event.fromCd : 0,
  ];
  return {
    event,
    fromSeason: event.start.kind === 'season',
    opinion: { valueCd: offsetCd + event.fromCd, spreadCd: Math.hypot(...doubts) },
  };
}

/** Heat of the season before an event's count began; null while it has not, or where it began in another season. */
function heatBeforeCount(
  day: GardenDay,
  book: WatchBook,
  event: TimedEvent,
  frame: PlanFrame,
  weather: SeasonWeather,
): number | null {
  if (event.start.kind === 'season') return 0;
  if (frame.season !== day.start) return null;
  const started = startOfClock(event.start, day.start, day.today, signsOf(day, book));
  return started && heatBefore(day.ensemble(weather, event.model), started.on);
}

function spanByHeat({ watch }: WatchPicture, fits: readonly EmergenceFit[], dayCd: number): FigureRange {
  const spans = fits
    .filter(({ peakSeen }) => peakSeen)
    .map(({ first, last }) => last.valueCd - first.valueCd);
  if (spans.length > 0) {
    const middle = spans.reduce((sum, span) => sum + span, 0) / spans.length;
    return { low: middle * OWN_SPAN.low, middle, high: middle * OWN_SPAN.high };
  }
  const { days, heatCd } = hatchSpanOf(watch.targetId);
  return heatCd ?? { low: days.low * dayCd, middle: days.middle * dayCd, high: days.high * dayCd };
}

/** °C·days of a usual day while it hatches: the mean of three weeks from a sum of heat on. */
function heatOfADay({ members, measuredSums }: SeasonEnsemble, fromCd: number): number {
  const sums = members[Math.floor(members.length / 2)] ?? measuredSums;
  const at = sums.findIndex((sum) => sum >= fromCd);
  const from = Math.max(0, at < 0 ? sums.length - 22 : Math.min(at, sums.length - 22));
  return Math.max(1, (sums[from + 21]! - sums[from]!) / 21);
}

function generationsByHeat(
  day: GardenDay,
  picture: WatchPicture,
  book: WatchBook,
  dayCd: number,
): Pick<PlanHatch, 'generations' | 'generationLength'> {
  const usual = usualGenerations(day, picture);
  const firsts = (generation: number) =>
    timedEvents(book).find((event) => event.generation === generation && event.stage !== 'adults') ??
    timedEvents(book).find((event) => event.generation === generation);
  const [one, two] = [firsts(1), firsts(2)];
  const lengthCd =
    one && two && one.kind === two.kind
      ? two.fromCd - one.fromCd
      : usual.lengthDays && usual.lengthDays * dayCd;
  if (!lengthCd || usual.generations < 2) return { generations: 1, generationLength: null };
  return { generations: usual.generations, generationLength: around(lengthCd) };
}

const around = (length: number): FigureRange => ({ low: length * 0.85, middle: length, high: length * 1.2 });

/** How many hatches the usual months of a place have, and how far apart they begin. */
function usualGenerations(day: GardenDay, picture: WatchPicture) {
  const spans = usualSpans(day, picture).filter(
    ({ from }) => from >= day.start && from < addDays(day.start, 365),
  );
  const [first, second] = spans;
  return {
    generations: Math.min(MOST_GENERATIONS, Math.max(1, spans.length)),
    lengthDays: first && second ? daysBetween(first.from, second.from) : null,
  };
}

function hatchByMonths(day: GardenDay, picture: WatchPicture, frame: PlanFrame): PlanHatch | null {
  const spans = usualSpans(day, picture)
    .map(({ from, to }) => ({ from: placeOf(frame, from), to: placeOf(frame, to) }))
    .filter(({ from }) => from > 0 && from < frame.days);
  const [usual, second] = spans;
  if (!usual) return null;
  const weeks = usual.to - usual.from;
  const { days } = hatchSpanOf(picture.watch.targetId);
  const told = hatchBelief(
    'days',
    { low: usual.from - 5, middle: usual.from + 0.15 * weeks, high: usual.from + 0.4 * weeks },
    days,
  );
  const at = (date: CivilDate) => placeOf(frame, date);
  return {
    model: BASE_50F,
    basis: 'months',
    ...withSeen(told, picture, frame, countsOfSeason(picture, frame, at), at),
    generations: Math.min(MOST_GENERATIONS, spans.length),
    generationLength: second ? around(second.from - usual.from) : null,
  };
}
