import type { CivilDate } from '#core/calendar';
import type { WeatherDay } from './day.ts';
import type { StandInDay } from './neighbour.ts';

/** From this date on the plant stands in this place. */
export interface Stay {
  readonly placeId: string;
  readonly from: CivilDate;
}

/** The place a plant stands in on a date: the latest stay that has begun; before the first, the first. */
export function placeOn(stays: readonly Stay[], date: CivilDate): string {
  const first = stays[0];
  if (!first) throw new RangeError('a plant stands somewhere: it needs at least one stay');
  let current = first;
  for (const stay of stays) if (stay.from <= date && stay.from >= current.from) current = stay;
  return current.placeId;
}

/**
 * The temperatures a plant lived through: each day's reading from the place it stood in that day.
 * `seriesByPlace` gives each place's days by date. Days its place has no reading for are left out.
 */
export function followPlant(
  stays: readonly Stay[],
  seriesByPlace: ReadonlyMap<string, ReadonlyMap<CivilDate, StandInDay>>,
  dates: readonly CivilDate[],
): StandInDay[] {
  const ordered = [...stays].sort((a, b) => (a.from < b.from ? -1 : 1));
  return dates.flatMap((date) => seriesByPlace.get(placeOn(ordered, date))?.get(date) ?? []);
}

/** A place that has no thermometer of its own: the station's days moved by a fixed offset, °C. */
export function offsetDays<Day extends WeatherDay>(
  days: readonly Day[],
  minOffsetC: number,
  maxOffsetC: number,
): Day[] {
  if (minOffsetC === 0 && maxOffsetC === 0) return [...days];
  return days.map((day) => {
    const minC = day.minC + minOffsetC;
    const maxC = Math.max(minC, day.maxC + maxOffsetC);
    // Each hour moves by its share of the way between the two.
    const part = (valueC: number) => (day.maxC > day.minC ? (valueC - day.minC) / (day.maxC - day.minC) : 0);
    return {
      ...day,
      minC,
      maxC,
      ...(day.hoursC ? { hoursC: day.hoursC.map((valueC) => minC + part(valueC) * (maxC - minC)) } : {}),
    };
  });
}
