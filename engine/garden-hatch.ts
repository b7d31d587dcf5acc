import {
  addDays,
  type CivilDate,
  dayNumber,
  daysBetween,
  hemisphereOf,
  type Season,
  seasonOf,
  shiftSeason,
  yearOf,
} from '#core/calendar';
import { accumulateDegreeDays, type DegreeDayModel } from '#core/degree-days';
import {
  blend,
  type Blend,
  bookOpinion,
  fitEmergence,
  firstHatch,
  type EmergenceFit,
  type FitRefusal,
  type HeatCount,
  seasonOpinion,
} from '#core/emergence';
import { type Projection, projectCrossing, type SeasonEnsemble, type TimedEvent } from '#core/phenology';
import type { Tape } from '#core/records';
import { BASE_50F } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { timedEvents } from './watch-clock.ts';
import type { WatchPicture } from './watch-picture.ts';

/** One season's hatch by its own tapes. */
export interface SeasonHatch {
  readonly season: Season;
  readonly counts: readonly (HeatCount & { readonly putOn: CivilDate; readonly takenOff: CivilDate })[];
  readonly fit: EmergenceFit | FitRefusal;
}

/** What a garden's tapes say of a hatch, beside the book. Sums in °C·days from the season's first day. */
export interface GardenHatch {
  readonly model: DegreeDayModel;
  readonly seasons: readonly SeasonHatch[];
  /** Tapes of seasons whose weather is not kept. */
  readonly withoutWeather: number;
  /** The published first point, if there is one. */
  readonly book: TimedEvent | null;
  /** Book and garden together, like with like: the first, and by the garden alone half out. */
  readonly first: Blend | null;
  readonly half: Blend | null;
  readonly firstOn: Projection | null;
  readonly halfOn: Projection | null;
  readonly bookOn: Projection | null;
}

export function gardenHatch(day: GardenDay, picture: WatchPicture): GardenHatch {
  const book =
    timedEvents(day.books.watchBook(picture.watch.id)!).find(
      ({ kind, stage, generation, start }) =>
        kind === 'first' && stage === 'crawlers' && generation === 1 && start.kind === 'season',
    ) ?? null;
  const model = book?.model ?? BASE_50F;
  const weather = day.ofPlant(picture.plant);
  const ensemble = day.ensemble(weather, model);
  const sumsOf = new Map<CivilDate, ArrayLike<number>>([[day.start, ensemble.measuredSums]]);
  weather.pastSeasons.forEach((days, i) => {
    const year = weather.pastYears[i];
    if (year !== undefined)
      sumsOf.set(
        shiftSeason(day.start, year - yearOf(day.start)),
        accumulateDegreeDays(
          days.map(({ minC }) => minC),
          days.map(({ maxC }) => maxC),
          model,
          days.map(({ hoursC }) => hoursC),
        ),
      );
  });
  const bySeason = seasonsOf(day, [...picture.pastTapes, ...picture.tapes]);
  const seasons = [...bySeason.values()].flatMap(({ season, tapes }): SeasonHatch[] => {
    const sums = sumsOf.get(season.start);
    if (!sums) return [];
    const counts = countsOf(firstHatch(tapes), season.start, sums);
    return [{ season, counts, fit: fitEmergence(counts, wholeYearCd(ensemble, sums)) }];
  });
  const fits = seasons.flatMap(({ fit }) => ('curve' in fit ? [fit] : []));
  const first = blend(
    book && bookOpinion(book.fromCd),
    fits.flatMap((fit) => seasonOpinion(fit.first) ?? []),
  );
  const half = blend(
    null,
    fits.filter(({ peakSeen }) => peakSeen).flatMap((fit) => seasonOpinion(fit.half) ?? []),
  );
  return {
    model,
    seasons,
    book,
    first,
    half,
    withoutWeather: [...bySeason.values()]
      .filter(({ season }) => !sumsOf.has(season.start))
      .reduce((sum, { tapes }) => sum + tapes.length, 0),
    firstOn: first && projectBlend(ensemble, first),
    halfOn: half && projectBlend(ensemble, half),
    bookOn: book && projectCrossing(ensemble, book.fromCd),
  };
}

/** Heat of a whole year: of a past one its own, of this one the most that any possible future comes to. */
function wholeYearCd({ members, measuredSums }: SeasonEnsemble, sums: ArrayLike<number>): number {
  if (sums !== measuredSums) return sums[sums.length - 1] ?? Infinity;
  return members.length === 0 ? Infinity : Math.max(...members.map((member) => member.at(-1)!));
}

interface SeasonTapes {
  readonly season: Season;
  readonly tapes: readonly Tape[];
}

/** Tapes by the season they were put up in. */
function seasonsOf({ garden }: GardenDay, tapes: readonly Tape[]): Map<CivilDate, SeasonTapes> {
  const bySeason = new Map<CivilDate, SeasonTapes>();
  for (const tape of tapes) {
    const season = seasonOf(tape.putOn, hemisphereOf(garden.latitudeDeg));
    bySeason.set(season.start, { season, tapes: [...(bySeason.get(season.start)?.tapes ?? []), tape] });
  }
  return bySeason;
}

/** Counts between sums of heat; tapes whose days are not all measured are left out. */
function countsOf(tapes: readonly Tape[], start: CivilDate, sums: ArrayLike<number>): SeasonHatch['counts'] {
  const heatBefore = (date: CivilDate) => (date <= start ? 0 : sums[dayNumber(date) - dayNumber(start) - 1]);
  return tapes.flatMap(({ putOn, takenOff, crawlers }) => {
    const fromCd = heatBefore(putOn),
      toCd = heatBefore(takenOff);
    return fromCd === undefined || toCd === undefined || toCd <= fromCd
      ? []
      : [{ putOn, takenOff, fromCd, toCd, count: crawlers }];
  });
}

/** The date of a blended point: the spread of its heat and the spread of the years together. */
function projectBlend(ensemble: SeasonEnsemble, { valueCd, lowCd, highCd }: Blend): Projection {
  const middle = projectCrossing(ensemble, valueCd);
  if (middle.kind === 'reached') return middle;
  if (middle.kind !== 'expected') return middle;
  const day = (cd: number): CivilDate | null => {
    const at = projectCrossing(ensemble, cd);
    return at.kind === 'reached' ? at.on : at.kind === 'expected' ? at.median : null;
  };
  // Two independent causes of doubt: their half widths add as squares.
  const join = (ofYears: CivilDate | null, ofHeat: CivilDate | null, sign: 1 | -1) =>
    ofYears === null || ofHeat === null
      ? null
      : addDays(
          middle.median,
          sign *
            Math.round(Math.hypot(daysBetween(middle.median, ofYears), daysBetween(middle.median, ofHeat))),
        );
  const early = join(middle.early, day(lowCd), -1)!;
  const firstOpen = addDays(ensemble.start, ensemble.measuredDays);
  return { ...middle, early: early < firstOpen ? firstOpen : early, late: join(middle.late, day(highCd), 1) };
}
