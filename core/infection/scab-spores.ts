import { pnorm } from 'lib-r-math.js';

/** Probit of ripe ascospores by heat (Gadoury & MacHardy 1982, Phytopathology 72:901). */
const AT_GREEN_TIP = 2.51,
  A_DEGREE_DAY = 0.01;
/** A probit is a normal score and five. */
const PROBIT_ZERO = 5;

/**
 * Share of the season's apple scab ascospores that are ripe, 0–1, by °C·days above 0 °C since half the buds showed
 * green: half at 249, 95 % at about 413. Days that are not told of after a dry week belong left out: ripening
 * pauses (the sum is the caller's). Published for north-eastern America; grade B.
 */
export function scabSporesRipe(sinceGreenTipCd: number): number {
  return pnorm(AT_GREEN_TIP + A_DEGREE_DAY * sinceGreenTipCd - PROBIT_ZERO);
}
