import { eventsOverYears } from '#core/phenology';
import { generateDays, normalsFromTable } from '#core/weather';
import { EVENTS } from '#knowledge';
import { forecastHours, sprayHours, sprayLimits, goodStretches } from '#core/spray-hours';
import { addDays } from '#core/calendar';
import { medianTime } from './median-time.ts';

const YEARS = 40;
const MEMBERS = 40;
const TARGETS = 30;
const RUNS = 9;

const NORMALS = normalsFromTable(
  Array.from({ length: 12 }, (_, i) => {
    const middleC = 9 - 14 * Math.cos((2 * Math.PI * (i + 0.5)) / 12);
    return { minC: middleC - 5, maxC: middleC + 5, rainMm: 70, wetDays: 10 };
  }),
);

/**
 * Milliseconds for the events of 30 troubles over 40 years with a 40-member ensemble, for a ten-day
 * grid of 50 plants and 5 products, and for a bare pass over as many days.
 */
export function measure(): {
  eventsMs: number;
  barePassMs: number;
  hoursMs: number;
  bareHoursMs: number;
  models: number;
} {
  const season = (year: number) => generateDays(NORMALS, year, `${year}-01-01`, `${year}-12-31`);
  const seasons = Array.from({ length: YEARS }, (_, i) => season(1980 + i));
  const members = Array.from({ length: MEMBERS }, (_, i) => season(1900 + i));
  // The published events, with thresholds moved a little so that thirty troubles have a model of their
  // own each.
  const events = Array.from({ length: TARGETS }, (_, i) => ({
    model: { ...EVENTS[i % EVENTS.length]!.model, lowerC: 9 + i / 20 },
    cd: EVENTS[i % EVENTS.length]!.fromCd,
  }));
  const measured = season(2026).slice(0, 150);
  const eventsMs = medianTime(
    () =>
      eventsOverYears(
        seasons,
        { start: '2026-01-01', measured, forecast: [], pastSeasons: members, model: events[0]!.model },
        events,
      ),
    RUNS,
  );
  const barePassMs = medianTime(() => {
    let sum = 0;
    for (let i = 0; i < TARGETS; i++)
      for (const days of [...seasons, ...members])
        for (const day of days) sum += Math.max(0, (day.minC + day.maxC) / 2 - 10);
    return sum;
  }, RUNS);
  const days = Array.from({ length: 11 }, (_, i) => ({
    date: addDays('2026-05-28', i),
    minC: 10,
    maxC: 22,
    rainMm: 0,
    windMs: 2,
  }));
  const products = Array.from({ length: 5 }, (_, i) =>
    sprayLimits({
      isOil: i % 2 === 0,
      labelLeastC: null,
      labelGreatestC: null,
      labelRainFreeHours: null,
      schoolTopC: 27 + i,
      isCitrus: false,
    }),
  );
  const hoursMs = medianTime(() => {
    for (let plant = 0; plant < 50; plant++) {
      const hours = forecastHours(days, 45, 13);
      for (const limits of products) goodStretches(sprayHours(hours, limits), 2);
    }
  }, RUNS);
  const bareHoursMs = medianTime(() => {
    let good = 0;
    for (let i = 0; i < 50 * 5 * 11 * 24; i++) if (Math.sin(i) > 0) good++;
    return good;
  }, RUNS);
  return {
    eventsMs,
    barePassMs,
    hoursMs,
    bareHoursMs,
    models: new Set(events.map(({ model }) => JSON.stringify(model))).size,
  };
}
