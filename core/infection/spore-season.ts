import { scabSporesRipe } from './scab-spores.ts';

/** A day that ripens spores: its mean temperature, and rain where somebody told it. */
export interface RipeningDay {
  readonly meanC: number;
  readonly rainMm: number | null;
}

/** After so many dry days ripening waits for the next rain (Gadoury & MacHardy 1982; grade B). */
const PAUSE_AFTER_DRY_DAYS = 7;
const WETS_LITTER_MM = 0.2;

/**
 * Share of the season's apple scab spores that are ripe by the end of each day from green tip on, 0–1: °C·days
 * above 0 °C, without those after seven dry days until it rains again. Days whose rain nobody told count as wet, so
 * that spores are not called unripe for want of a gauge.
 */
export function scabSeason(days: readonly RipeningDay[]): number[] {
  let heatCd = 0,
    dryDays = 0;
  return days.map(({ meanC, rainMm }) => {
    dryDays = rainMm === null || rainMm >= WETS_LITTER_MM ? 0 : dryDays + 1;
    if (dryDays <= PAUSE_AFTER_DRY_DAYS) heatCd += Math.max(0, meanC);
    return scabSporesRipe(heatCd);
  });
}

/** Nearly all spores are out from here on. */
export const SPORES_OVER = 0.98;
