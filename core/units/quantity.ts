import { GRAMS_PER_OUNCE } from './measure.ts';
import { typedNumber } from './typed-number.ts';
import {
  type MeasureSystem,
  ML_PER_IMPERIAL_FLUID_OUNCE,
  ML_PER_IMPERIAL_GALLON,
  ML_PER_US_FLUID_OUNCE,
  ML_PER_US_GALLON,
  SPOONS,
} from './volume.ts';

export type Dimension = 'volume' | 'mass' | 'length';

/** An amount with its unit, as it was typed or printed: ml, g or m. */
export interface Quantity {
  readonly dimension: Dimension;
  readonly amount: number;
}

/** Why a text is no quantity: a code the interface words. */
export type QuantityFault =
  | 'nothing'
  | 'no-number'
  | 'no-unit'
  | 'unknown-unit'
  | 'an-ounce-of-what'
  | 'not-above-0'
  | 'wrong-dimension';

export type ReadQuantity =
  | { readonly ok: true; readonly quantity: Quantity }
  | { readonly ok: false; readonly fault: QuantityFault; readonly what: string };

const ml = (amount: number): Quantity => ({ dimension: 'volume', amount });
const g = (amount: number): Quantity => ({ dimension: 'mass', amount });
const m = (amount: number): Quantity => ({ dimension: 'length', amount });

const ML_PER_FLUID_OUNCE = { us: ML_PER_US_FLUID_OUNCE, imperial: ML_PER_IMPERIAL_FLUID_OUNCE } as const;
const ML_PER_GALLON = { us: ML_PER_US_GALLON, imperial: ML_PER_IMPERIAL_GALLON } as const;
/** A cup is half a US pint, 250 ml elsewhere. */
const CUP_ML = { us: ML_PER_US_GALLON / 16, imperial: 250 } as const;

/** Whose gallons, pints and fluid ounces are meant where a label does not say. */
type Family = keyof typeof ML_PER_GALLON;
const familyOf = (system: MeasureSystem): Family => (system === 'us' ? 'us' : 'imperial');

/** What one of a unit is, by the names labels and people give it, plain and in small letters without points. */
function unitsOf(system: MeasureSystem, family: Family): Readonly<Record<string, Quantity>> {
  const [tablespoon, teaspoon] = SPOONS[system].map(({ volumeMl }) => volumeMl) as [number, number];
  const gallon = ML_PER_GALLON[family];
  const named = (names: string, quantity: Quantity) =>
    names.split(' ').map((name) => [name, quantity] as const);
  return Object.fromEntries([
    ...named('ml milliliter milliliters millilitre millilitres cc ccm cm3 cm³', ml(1)),
    ...named('cl centiliter centilitre centiliters centilitres', ml(10)),
    ...named('dl deciliter decilitre deciliters decilitres', ml(100)),
    ...named('l liter liters litre litres ltr ℓ', ml(1000)),
    ...named('floz fluidounce fluidounces flozs', ml(ML_PER_FLUID_OUNCE[family])),
    ...named('gal gals gallon gallons', ml(gallon)),
    ...named('qt qts quart quarts', ml(gallon / 4)),
    ...named('pt pts pint pints', ml(gallon / 8)),
    ...named('cup cups', ml(CUP_ML[family])),
    ...named('tbsp tbsps tbs tblsp tablespoon tablespoons tablespoonful tablespoonfuls', ml(tablespoon)),
    ...named('tsp tsps teaspoon teaspoons teaspoonful teaspoonfuls', ml(teaspoon)),
    ...named('g gr gm gram grams gramme grammes', g(1)),
    ...named('kg kilo kilos kilogram kilograms kilogramme kilogrammes', g(1000)),
    ...named('mg milligram milligrams', g(0.001)),
    ...named('ozwt drounce dryoz dryounce dryounces ozdry ouncedry ouncesdry ozavoir', g(GRAMS_PER_OUNCE)),
    ...named('lb lbs pound pounds', g(16 * GRAMS_PER_OUNCE)),
    ...named('mm millimeter millimetre millimeters millimetres', m(0.001)),
    ...named('cm centimeter centimetre centimeters centimetres', m(0.01)),
    ...named('m meter meters metre metres', m(1)),
    ...named('ft foot feet', m(0.3048)),
    ...named('in inch inches', m(0.0254)),
    ...named('yd yds yard yards', m(0.9144)),
  ]);
}

const NUMBER_THEN_UNIT = /^([-−+]?(?:[\d.,'’\s/⁄½⅓⅔¼¾⅕⅙⅛⅜⅝⅞]|(?<=\d)-(?=\d+[/⁄]))+)(.*)$/u;
const UNIT_WORD = /[^\p{L}\d³]/gu;

/** How an amount is read: what a bare number stands for, whose units, and of what kind it must be. */
export interface QuantityReading {
  readonly system: MeasureSystem;
  /** What 1 without a unit stands for; null where a unit must be said. */
  readonly plain: Quantity | null;
  readonly dimension?: Dimension;
  /** What an ounce without "fl" is here: a volume for liquids, a weight for powders; null to ask. */
  readonly ounce?: 'volume' | 'mass' | null;
}

/**
 * An amount as it is typed or printed: "16 fl oz", "1 1/2 pints", "½ l", "2,5 kg", in two measures, "1 lb 8 oz" or
 * 5'6", and said twice, "16 fl oz (473 ml)". US and imperial are told apart where it says so, and by the garden's
 * system where it does not.
 */
export function readQuantity(text: string, reading: QuantityReading): ReadQuantity {
  const once = withFeet(text.replace(SAID_AGAIN, ' ')).trim();
  const whole = readOne(once, reading);
  if (whole.ok || whole.fault !== 'unknown-unit') return whole;
  return readTwo(once, reading) ?? whole;
}

/** The same amount in other units, in brackets. */
const SAID_AGAIN = /\([^)]*\)/g;

const FEET = /(\d)\s*['′](?=\s*$|\s*\d{1,2}\s*["″]?\s*$)/;
const INCHES_ALONE = /(\d)\s*["″]\s*$/;

/** Feet and inches by their marks: 5'6", 6', 18". */
function withFeet(text: string): string {
  const feet = text.replace(FEET, '$1 ft ');
  const inches = feet.replace(INCHES_ALONE, '$1 in');
  return feet !== text && /\d$/.test(inches.trim()) ? `${inches.trim()} in` : inches;
}

const TWO_MEASURES = /^(.*?[\p{L}.])[\s,/=·]+(\d.*)$/u;
/** Two measures of one amount are rounded apart by no more than this. */
const SAME_AMOUNT = 0.03;

/** A larger and a smaller measure that add up, or one amount said in two systems; null where it is neither. */
function readTwo(text: string, reading: QuantityReading): ReadQuantity | null {
  const parts = TWO_MEASURES.exec(text);
  if (!parts) return null;
  // A pound and ounces: the ounces are of weight too.
  const first = readOne(parts[1]!, reading);
  if (!first.ok) return null;
  const { dimension, amount } = first.quantity;
  const ounce = dimension === 'length' ? null : dimension;
  const second = readQuantity(parts[2]!, { ...reading, plain: null, dimension, ounce });
  if (!second.ok) return null;
  if (Math.abs(second.quantity.amount / amount - 1) <= SAME_AMOUNT) return first;
  if (second.quantity.amount > amount) return null;
  return { ok: true, quantity: { dimension, amount: amount + second.quantity.amount } };
}

function readOne(trimmed: string, reading: QuantityReading): ReadQuantity {
  if (trimmed === '') return { ok: false, fault: 'nothing', what: '' };
  const parts = NUMBER_THEN_UNIT.exec(trimmed);
  const [, digits = '', rest = ''] = parts ?? [];
  const value = /^\s*(a|an|one)\s/i.test(trimmed) ? 1 : typedNumber(digits);
  if (value === null) return { ok: false, fault: 'no-number', what: trimmed };
  if (!(value > 0)) return { ok: false, fault: 'not-above-0', what: digits.trim() };
  const said = (
    parts && value === typedNumber(digits) ? rest : trimmed.replace(/^\s*(a|an|one)\s/i, '')
  ).trim();
  const one = said === '' ? reading.plain : unitNamed(said, reading);
  if (one === null)
    return { ok: false, fault: said === '' ? 'no-unit' : 'unknown-unit', what: said || trimmed };
  if (one === 'an-ounce-of-what') return { ok: false, fault: one, what: said };
  if (reading.dimension && one.dimension !== reading.dimension)
    return { ok: false, fault: 'wrong-dimension', what: said };
  return { ok: true, quantity: { dimension: one.dimension, amount: value * one.amount } };
}

/** What one of a unit is; null for a name nobody knows. */
export function unitNamed(
  said: string,
  { system, ounce = null }: Pick<QuantityReading, 'system' | 'ounce'>,
): Quantity | 'an-ounce-of-what' | null {
  const words = said
    .toLowerCase()
    .replace(/\bu\.?\s?s\.?\b|\bus\b/g, 'us')
    .trim();
  const family: Family = /^us\b|\bus\b/.test(words)
    ? 'us'
    : /imp|uk|british/.test(words)
      ? 'imperial'
      : familyOf(system);
  const name = words
    .replace(/\bus\b|\bimp(erial)?\b|\buk\b|\bbritish\b|\bliquid\b|\bliq\b/g, '')
    .replace(UNIT_WORD, '');
  if (/^(oz|ozs|ounce|ounces)$/.test(name)) {
    if (ounce === null) return 'an-ounce-of-what';
    return ounce === 'volume' ? ml(ML_PER_FLUID_OUNCE[family]) : g(GRAMS_PER_OUNCE);
  }
  const spoonsOf = family === 'us' ? 'us' : system === 'us' ? 'imperial' : system;
  const units = unitsOf(spoonsOf, family);
  return Object.hasOwn(units, name) ? units[name]! : null;
}
