import { type QuantityFault, type QuantityReading, readQuantity } from './quantity.ts';
import { typedNumber } from './typed-number.ts';
import type { MeasureSystem } from './volume.ts';

/** A rate as a label prints it: product in a litre of finished spray, ml or g. */
export interface PrintedRate {
  readonly by: 'volume' | 'weight';
  readonly low: number;
  readonly high: number;
}

export type ReadRate =
  | { readonly ok: true; readonly rate: PrintedRate }
  | {
      readonly ok: false;
      readonly fault: QuantityFault | 'in-how-much-water' | 'not-a-rate-by-spray' | 'low-above-high';
      readonly what: string;
    };

type RateReading = Pick<QuantityReading, 'system' | 'ounce'>;

/** A stroke after a unit parts product from water; between figures it makes a fraction. */
const PER = /\s*(?:\bper\b|(?<=[\p{L}.]\s*)\/|\bin\b|\beach\b|\bfor\b)\s*/iu;
const OF_WATER = /\b(?:of\s+)?(?:water|spray|finished spray|mix(?:ture)?)\b/gi;
const PERCENT = /%|\bper ?cent\b|\bpercent\b/i;
const RANGE = /\s*(?:–|—|\bto\b|\bup to\b|(?<=[\d\s½¼¾⅓⅔⅛])-(?=\s*[\d½¼¾.,]))\s*/i;
/** By ground or by trunk: asked for in its own unit. */
const NOT_BY_SPRAY =
  /m²|\bm2\b|sq|square|acre|hectare|\bha\b|trunk|diameter|circumference|girth|inch|\btree\b|\bplant\b/i;

/**
 * A rate as it is printed: "2 tbsp per gallon", "5–10 ml / 10 l", "1 1/2 fl oz per 5 l", "0,5 %", "1:200". Product
 * for so much finished spray; where the water has no number, one of it is meant.
 */
export function readRate(text: string, reading: RateReading): ReadRate {
  const trimmed = text.trim();
  if (trimmed === '') return { ok: false, fault: 'nothing', what: '' };
  if (PERCENT.test(trimmed)) return percent(trimmed);
  const dilution = /^1\s*(?::|\bin\b)\s*(\d[\d\s.,]*)$/i.exec(trimmed);
  if (dilution) return diluted(dilution[1]!);
  if (NOT_BY_SPRAY.test(trimmed)) return { ok: false, fault: 'not-a-rate-by-spray', what: trimmed };
  // A label is of one country: where one measure says whose it is, the other is of the same.
  const ofLabel = { ...reading, system: systemSaid(trimmed) ?? reading.system };
  const [product = '', ...waters] = trimmed.replace(OF_WATER, ' ').trim().split(PER);
  if (waters.length !== 1 || waters[0] === '')
    return { ok: false, fault: 'in-how-much-water', what: trimmed };
  const water = readQuantity(startsWithNumber(waters[0]!) ? waters[0]! : `1 ${waters[0]!}`, {
    ...ofLabel,
    plain: null,
    dimension: 'volume',
    // Water is never weighed out: an ounce of it is a fluid ounce.
    ounce: 'volume',
  });
  if (!water.ok) return water;
  const [lowText = '', highText] = product.split(RANGE);
  const unit = (highText ?? lowText).replace(/^[^\p{L}%]*/u, '');
  const ends = (
    highText === undefined ? [lowText] : [/\p{L}/u.test(lowText) ? lowText : `${lowText} ${unit}`, highText]
  ).map((end) => readQuantity(end, { ...ofLabel, plain: null }));
  const refused = ends.find((end) => !end.ok);
  if (refused && !refused.ok) return refused;
  const amounts = ends.flatMap((end) => (end.ok ? end.quantity : []));
  const [low, high = low] = amounts.map(({ amount }) => (1000 * amount) / water.quantity.amount);
  if (amounts.some(({ dimension }) => dimension === 'length' || dimension !== amounts[0]!.dimension))
    return { ok: false, fault: 'wrong-dimension', what: product };
  return inOrder(
    { by: amounts[0]!.dimension === 'mass' ? 'weight' : 'volume', low: low!, high: high! },
    trimmed,
  );
}

const systemSaid = (text: string): MeasureSystem | null =>
  /\bu\.?\s?s\b/i.test(text) ? 'us' : /\b(imp(erial)?|uk|british)\b/i.test(text) ? 'imperial' : null;

const startsWithNumber = (text: string) => /^\s*[\d½⅓⅔¼¾⅕⅙⅛.,]/.test(text) || /^\s*(a|an|one)\s/i.test(text);

/** 1 % of finished spray is 10 ml in a litre. */
function percent(text: string): ReadRate {
  const ends = text
    .replace(new RegExp(PERCENT, 'gi'), '')
    .split(RANGE)
    .map((end) => typedNumber(end));
  if (ends.length > 2 || ends.some((end) => end === null))
    return { ok: false, fault: 'no-number', what: text };
  const [low, high = low] = ends as number[];
  return low! > 0
    ? inOrder({ by: 'volume', low: low! * 10, high: high! * 10 }, text)
    : { ok: false, fault: 'not-above-0', what: text };
}

/** 1:200 is one part in two hundred of the finished spray. */
function diluted(parts: string): ReadRate {
  const whole = typedNumber(parts);
  return whole !== null && whole > 1
    ? { ok: true, rate: { by: 'volume', low: 1000 / whole, high: 1000 / whole } }
    : { ok: false, fault: 'no-number', what: parts };
}

const inOrder = (rate: PrintedRate, what: string): ReadRate =>
  rate.low <= rate.high ? { ok: true, rate } : { ok: false, fault: 'low-above-high', what };
