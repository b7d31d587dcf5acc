/** A sign, the typographic minus included. */
const SIGN = /^[-−+]/;
/** Digits with at most one decimal mark, of either kind. */
const PLAIN = /^(\d+([.,]\d*)?|[.,]\d+)$/;
/** Thousands in threes, parted by a space of any width, an apostrophe, or the mark that is not the decimal one. */
const BY_SPACES = /^\d{1,3}([\s'’]\d{3})+([.,]\d+)?$/;
const BY_COMMAS = /^\d{1,3}(,\d{3})+\.\d+$/;
const BY_POINTS = /^\d{1,3}(\.\d{3})+,\d+$/;

const VULGAR: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅙': '1/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};
/** "1/2", "1 1/2", "1-1/2". */
const FRACTION = /^(?:(\d+)[\s-]+)?(\d+)\s*[/⁄]\s*(\d+)$/;

/**
 * A number as people type it and labels print it: with a point or a comma as its decimal mark, thousands parted
 * by spaces (or by the other mark, where both stand in it), and fractions such as ½ and 1 1/2. Null for nothing
 * and for anything else: "1,234" is 1.234, as one mark alone is a decimal one.
 */
export function typedNumber(text: string): number | null {
  return signed(text, unsigned);
}

/** A number as tables print it: only digits and one decimal mark. "1/2" may be a day there. */
export function plainNumber(text: string): number | null {
  return signed(text, (digits) => (PLAIN.test(digits) ? Number(digits.replace(',', '.')) : null));
}

function signed(text: string, read: (digits: string) => number | null): number | null {
  const trimmed = text.trim();
  const sign = SIGN.test(trimmed) ? trimmed[0] : '';
  const value = read(sign === '' ? trimmed : trimmed.slice(1));
  return value === null ? null : sign === '-' || sign === '−' ? -value : value;
}

function unsigned(text: string): number | null {
  if (PLAIN.test(text)) return Number(text.replace(',', '.'));
  if (BY_SPACES.test(text)) return Number(text.replace(/[^\d.,]/g, '').replace(',', '.'));
  if (BY_COMMAS.test(text)) return Number(text.replaceAll(',', ''));
  if (BY_POINTS.test(text)) return Number(text.replaceAll('.', '').replace(',', '.'));
  const spelled = text.replace(/\s*([½⅓⅔¼¾⅕⅙⅛⅜⅝⅞])/u, (_, mark: string) => ` ${VULGAR[mark]!}`).trim();
  const parts = FRACTION.exec(spelled);
  if (!parts) return null;
  const [, whole = '0', above, below] = parts;
  return Number(below) === 0 ? null : Number(whole) + Number(above) / Number(below);
}
