import { addDays } from '#core/calendar';
import { coverAt, infectionEvents, leafHours, type LeafDay } from '#core/infection';
import { laidInHours, sunTimes } from '#core/spray-hours';
import { DISEASES } from '#knowledge';
import { simulateDays, WET_CLIMATE } from '#simulated';
import { medianTime } from './median-time.ts';

const SEASONS = 10,
  PLANTS = 50,
  DISEASES_ASKED = 20;
/** A growing season, from 1 April to the end of October. */
const FROM = '2025-04-01',
  DAYS = 214;
const COVERS = [20, 45, 70].map((day) => ({
  sprayedAt: day * 24,
  dryAt: day * 24 + 24,
  halfLifeDays: 8,
  keepsOff: 0.9,
}));
const ASKED = DISEASES.slice(0, DISEASES_ASKED);

/**
 * Milliseconds for ten seasons of hours, twenty diseases and fifty plants of one place: wetness, every wet time by
 * each rule, and what covered each plant then; and of a bare loop over as many hours and diseases.
 */
export function measure(): { readonly events: number; readonly allMs: number; readonly bareMs: number } {
  const seasons = Array.from({ length: SEASONS }, (_, seed): LeafDay[] => {
    const days = simulateDays(WET_CLIMATE, seed, FROM, addDays(FROM, DAYS - 1));
    return laidInHours(
      days,
      days.map(({ date }) => sunTimes(45, date, 13)),
    ).map((day) => ({ ...day, look: null }));
  });
  let events = 0;
  const allMs = medianTime(() => {
    events = 0;
    for (const season of seasons) {
      const hours = leafHours(season, 1);
      const scene = {
        leavesAt: (hour: number) => Math.min(20, hour / 96),
        rainAt: (hour: number) => hours.rainSumMm[hour] ?? 0,
        openLeaves: 4,
      };
      for (const { rule } of ASKED) {
        const told = infectionEvents(rule, hours, { fewSpores: false });
        events += told.length;
        for (let plant = 0; plant < PLANTS; plant++)
          for (const { from, infects } of told) if (infects.middle) coverAt(COVERS, scene, from);
      }
    }
  }, 3);
  const wet = leafHours(seasons[0]!, 1).wet.middle;
  const bareMs = medianTime(() => {
    let sum = 0;
    for (let season = 0; season < SEASONS; season++)
      for (let disease = 0; disease < DISEASES_ASKED; disease++)
        for (let hour = 0; hour < wet.length; hour++) sum += wet[hour]! * hour;
    if (sum < 0) throw new Error('never');
  }, 3);
  return { events, allMs, bareMs };
}
