import { addDays } from '#core/calendar';
import type { Plant, SprayRecord } from '#core/records';
import { placeOn } from '#core/weather';
import type { GardenDay } from './garden-day.ts';
import type { AttachedWeather } from './garden-state.ts';
import { staysOf } from './season-weather.ts';

/** The weather of a spray's day where the plant stood: measured if it is, else as forecast, else as it was told. */
export function attachedWeather(
  { books, today }: GardenDay,
  plant: Plant,
  { on, toldWeather: told }: Pick<SprayRecord, 'on' | 'toldWeather'>,
): AttachedWeather | null {
  const asTold: AttachedWeather | null = told && {
    minC: told.lowC,
    maxC: told.highC,
    rainMm: told.rain ? null : 0,
    windMs: null,
    origin: 'told',
  };
  const placeId = placeOn(staysOf(books.plantBook(plant.id)), on);
  const place = books.state.places.find(({ id }) => id === placeId);
  if (!place?.stationId) return asTold;
  const ofDay = ({ date }: { readonly date: string }) => date === on;
  const measured = books.state.days[place.stationId]?.find(ofDay);
  // Days long past were never forecast.
  const forecast = on >= addDays(today, -1) ? books.state.forecasts[place.stationId]?.find(ofDay) : undefined;
  const day = measured ?? forecast;
  if (!day) return asTold;
  return {
    minC: day.minC + place.minOffsetC,
    maxC: day.maxC + place.maxOffsetC,
    rainMm: day.rainMm,
    windMs: day.windMs,
    origin: measured ? 'measured' : 'forecast',
  };
}
