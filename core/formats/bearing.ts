import { decimal } from './cells.ts';

const POINTS = [
  'n',
  'nne',
  'ne',
  'ene',
  'e',
  'ese',
  'se',
  'sse',
  's',
  'ssw',
  'sw',
  'wsw',
  'w',
  'wnw',
  'nw',
  'nnw',
];

/** Names of a column that says where the wind comes from. */
export const NAMES_BEARING = /\bwind ?(dir|from|deg|bearing)|\bdir(ection)? of wind/;
/** Names of a column that says how strong it is. */
export const NAMES_WIND_SPEED = /\bwind(?! ?(dir|from|deg|bearing))/;

/** Degrees clockwise from north, 0 up to 360, of a cell such as "225" or "SW"; null where it says neither. */
export function readBearing(cell: string | undefined): number | null {
  const point = POINTS.indexOf((cell ?? '').trim().toLowerCase());
  if (point >= 0) return point * 22.5;
  const value = decimal(cell);
  return value === null || value < 0 || value > 360 ? null : value % 360;
}
