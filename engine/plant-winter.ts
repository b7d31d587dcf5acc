import { addDays, type CivilDate, shiftSeason, yearOf } from '#core/calendar';
import { accumulateDegreeDays, type DegreeDayModel } from '#core/degree-days';
import { firstIndexAtLeast, projectCrossing } from '#core/phenology';
import { type StageByHeat, type Winter, winterAfter, winterOf } from '#core/plan';
import type { Growth, Plant } from '#core/records';
import { evergreenOf } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { leafSigns, usualYear } from './leaf-state.ts';
import type { SeasonWeather } from './season-weather.ts';

/** Buds wake to warmth above about 4 °C, counted from the season's first day (rule of thumb, grade C). */
const BUD_WARMTH: DegreeDayModel = { lowerC: 4, upperC: null, method: 'single-sine', cutoff: 'none' };

/** The winter of a deciduous plant, or the cool season of an evergreen, that matters on a day. */
export function plantWinter(day: GardenDay, plant: Plant, on: CivilDate = day.today): Winter {
  const book = day.books.plantBook(plant.id);
  const weather = day.ofPlant(plant);
  const log = book.growth.filter((entry) => entry.on <= on);
  const signs = evergreenOf(plant) ? [] : leafSigns(book, on);
  return winterOf(usualYear(day, book), day.start, on, signs, stageByHeat(day, weather, log));
}

/** Its winters at the end of the season before last, the last, and this one: a growing season lies between. */
export function plantWinters(day: GardenDay, plant: Plant): readonly [Winter, Winter, Winter] {
  const book = day.books.plantBook(plant.id);
  const log = book.growth.filter((entry) => entry.on <= day.today);
  const signs = evergreenOf(plant) ? [] : leafSigns(book, day.today);
  const byHeat = stageByHeat(day, day.ofPlant(plant), log);
  const after = (season: number) => winterAfter(season, usualYear(day, book), day.start, signs, byHeat);
  return [after(-2), after(-1), after(0)];
}

/** When a stage comes by the mean warmth the plant had at it in earlier, measured years. */
function stageByHeat(day: GardenDay, weather: SeasonWeather, log: readonly Growth[]): StageByHeat {
  return (stage, year) => {
    const warmths = log.filter((entry) => entry.stage === stage).flatMap(({ on }) => warmthAt(weather, on));
    if (warmths.length === 0) return null;
    const warmthCd = warmths.reduce((sum, value) => sum + value, 0) / warmths.length;
    const ensemble = day.ensemble(weather, BUD_WARMTH);
    if (year === yearOf(day.start)) {
      const at = projectCrossing(ensemble, warmthCd);
      return at.kind === 'reached' ? at.on : at.kind === 'expected' ? at.median : null;
    }
    const days = ensemble.pastSums
      .flatMap((sums) => firstIndexAtLeast(sums, warmthCd) ?? [])
      .sort((a, b) => a - b);
    return days.length === 0
      ? null
      : addDays(shiftSeason(day.start, year - yearOf(day.start)), days[Math.floor((days.length - 1) / 2)]!);
  };
}

function warmthAt(weather: SeasonWeather, on: CivilDate): number[] {
  const season = weather.pastSeasons.find(
    (days, i) => weather.pastYears[i] !== undefined && days[0]!.date <= on && on <= days.at(-1)!.date,
  );
  if (!season) return [];
  const before = season.filter(({ date }) => date < on);
  return before.length === 0
    ? []
    : [
        accumulateDegreeDays(
          before.map(({ minC }) => minC),
          before.map(({ maxC }) => maxC),
          BUD_WARMTH,
        ).at(-1)!,
      ];
}
