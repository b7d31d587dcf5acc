import type { PrintedRate } from '#core/units';
import { perLitre, RATE_UNIT_IDS, rateIsPer, type RateUnit } from './rate.ts';

/** A printed rate in a unit labels write. */
export interface UnitRate {
  readonly rateLow: number;
  readonly rateHigh: number;
  readonly rateUnit: RateUnit;
}

/**
 * A printed rate in a unit of its own kind: the one in which both ends are the plainest figures a label prints
 * (halves, thirds and the like), else in ml or g of a litre.
 */
export function rateOfPrinted({ by, low, high }: PrintedRate): UnitRate {
  const inUnit = (rateUnit: RateUnit): UnitRate => {
    const one = perLitre(1, rateUnit).amount;
    return { rateUnit, rateLow: tidy(low / one), rateHigh: tidy(high / one) };
  };
  const alike = RATE_UNIT_IDS.filter((unit) => rateIsPer(unit) === 'litre' && perLitre(1, unit).by === by);
  const [plain] = alike
    .map(inUnit)
    .filter(({ rateLow, rateHigh }) => isPlain(rateLow) && isPlain(rateHigh))
    .toSorted((a, b) => figuresOf(a) - figuresOf(b));
  return plain ?? inUnit(by === 'volume' ? 'ml-per-l' : 'g-per-l');
}

/** What a computer makes of thirds and gallons is not shown as more than it is. */
const tidy = (value: number) => Number(value.toPrecision(9));
/** How many figures it takes to write. */
const figuresOf = ({ rateLow, rateHigh }: UnitRate) => `${rateLow}${rateHigh}`.length;
const isPlain = (value: number) => Math.abs(value * 24 - Math.round(value * 24)) < 1e-6 && value < 1000;
