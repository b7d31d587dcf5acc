/** How a record's field and its value are told where no form stands around them. */

/** "placeId" and "place_id" are both "place". */
export const fieldName = (field: string): string =>
  field
    .replace(/(.)(Id|_id)$/, '$1')
    .replace(/_day$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replaceAll('_', ' ')
    .toLowerCase()
    .replace(/ (m|ml|mm|c|percent|deg)$/, (_, unit: string) => `, ${UNITS[unit] ?? unit}`);

const UNITS: Readonly<Record<string, string>> = { c: '°C', percent: '%', deg: '°' };

/** Longer things are cut: the whole stands in the archive. */
const LONGEST = 200;

/** `nameOf` knows what records are called, by id. */
export function shownValue(value: unknown, nameOf: (id: string) => string | undefined): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return cut(nameOf(value) ?? value);
  return cut(JSON.stringify(value));
}

const cut = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text);

/** What was changed elsewhere meanwhile and is kept too; null where nothing was. */
export function alsoChanged<T extends object>(wanted: T, kept: T): string | null {
  const fields = (Object.keys(kept) as (keyof T & string)[])
    .filter((field) => JSON.stringify(kept[field]) !== JSON.stringify(wanted[field]))
    .map(fieldName);
  if (fields.length === 0) return null;
  return `Meanwhile changed elsewhere, and kept too: ${fields.join('; ')}.`;
}
