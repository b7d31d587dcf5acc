import { type CivilDate, dayNumber, yearOf } from '#core/calendar';
import { accumulateDegreeDays } from '#core/degree-days';
import { TAPE_OVERDISPERSION } from '#core/emergence';
import type { Tape } from '#core/records';
import { BASE_50F } from '#knowledge';
import type { WeatherSource } from '#server/sources/weather-source';
import { simulateTapeCount, type HatchCurve } from '#simulated';
import { recordOf, watchId } from './ids.ts';

/** How the west hedge truly hatches; the app only sees its tapes. */
const HEDGE_HATCH: HatchCurve = { halfOutCd: 340, scaleCd: 16, totalPerTape: 520 };
const TAPE_SEED = 3123;

/**
 * The counts that a person at Fallow Bank finds on the hedge's weekly tapes, from those taken off
 * after `after` up to `upTo`: drawn from the hedge's true hatch over the station's own days.
 */
export function hedgeTapes(
  station: WeatherSource,
  watch: number,
  firstOn: CivilDate,
  after: CivilDate,
  upTo: CivilDate,
): Tape[] {
  const year = yearOf(firstOn);
  const days = station.measured(`${year}-01-01`, `${year}-12-31`);
  const sums = accumulateDegreeDays(
    days.map((d) => d.minC),
    days.map((d) => d.maxC),
    BASE_50F,
  );
  const heatBefore = (date: CivilDate) => sums[dayNumber(date) - dayNumber(`${year}-01-01`) - 1]!;
  const first = dayNumber(firstOn);
  const tapes: Tape[] = [];
  for (let week = 0; week < 9; week++) {
    const putOn = new Date((first + 7 * week) * 864e5).toISOString().slice(0, 10);
    const takenOff = new Date((first + 7 * week + 7) * 864e5).toISOString().slice(0, 10);
    if (takenOff <= after || takenOff > upTo) continue;
    const crawlers = simulateTapeCount(
      heatBefore(putOn),
      heatBefore(takenOff),
      HEDGE_HATCH,
      TAPE_OVERDISPERSION,
      TAPE_SEED + first + week,
    );
    tapes.push({
      id: recordOf(watch)(first + week),
      watchId: watchId(watch),
      label: 'Hedge, gate end',
      putOn,
      takenOff,
      crawlers,
      colour: 'yellow',
    });
  }
  return tapes;
}
