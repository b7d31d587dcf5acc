import type { RowFault } from '#core/formats';

/**
 * What the quality flags of GHCN-Daily mean (its readme, section III; Durre et al. 2010, J. Appl.
 * Meteorol. Climatol. 49:1615).
 */
export const GHCN_QUALITY_FLAGS: Readonly<Record<string, string>> = {
  D: 'a repeat of another record',
  G: 'a gap in its distribution',
  I: 'at odds with itself',
  K: 'in a streak of equal values',
  L: "too long to be one day's",
  M: "above the world's records",
  N: 'reported as zero by mistake',
  O: 'an outlier for its place',
  R: 'behind the neighbouring hour',
  S: 'at odds with stations near',
  T: 'at odds in time',
  W: 'too warm for snow',
  X: 'beyond bounds',
  Z: 'flagged by hand', // Values with any of these have failed a check.
};

/** Why a row of a weather file was left out. */
export function rowWords(fault: RowFault): string {
  switch (fault.kind) {
    case 'date-missing':
      return 'the date is missing';
    case 'time-missing':
      return 'the time is missing';
    case 'not-a-day':
      return `"${fault.text}" is not a day`;
    case 'not-a-day-so-ordered':
      return `"${fault.text}" is not a day in the order chosen`;
    case 'no-time-of-day':
      return `"${fault.text}" holds no time of day`;
    case 'not-a-number':
      return `the ${fault.of} "${fault.text}" is not a number`;
    case 'not-an-amount':
      return `the rain "${fault.text}" is not an amount`;
    case 'not-a-speed':
      return `the wind "${fault.text}" is not a speed`;
    case 'not-weather': {
      const [from, to] = [toTenths(fault.fromC), toTenths(fault.toC)];
      return `${from === to ? from : `${from} to ${to}`} °C is not weather: is the unit right?`;
    }
    case 'upside-down': {
      const when = fault.date ? `${fault.date}: ` : '';
      return `${when}the maximum (${toTenths(fault.maxC)} °C) is below the minimum (${toTenths(fault.minC)} °C)`;
    }
    case 'day-twice':
      return `${fault.date} stands in an earlier row with other figures`;
    case 'too-few-hours':
      return `${fault.date} has ${fault.hours} of 24 hours: too few for its low and high`;
    case 'nothing-sound':
      return `${fault.date}: no sound ${fault.of}`;
  }
}

const toTenths = (value: number) => Math.round(value * 10) / 10;

const FILE_WORDS: Readonly<Record<string, (value: string) => string>> = {
  'not-text': () => 'this is not a text file',
  'too-few-columns': (fewest) =>
    `the first line should name at least three columns: date, minimum, maximum${fewest === '2' ? '; or two: time and temperature' : ''}`,
  'too-many-columns': (columns) => `${columns} columns are too many for a weather table`,
  'no-rows': () => 'there are no rows below the first line',
  'not-ghcn': () => 'this is not a GHCN-Daily file',
  'no-such-station': (id) => `there is no station ${id} in it`,
  'no-values': () => 'there are no values in it',
  'columns-not-named': () => 'it has no columns named for date, minimum and maximum',
  'temperature-unit-open': () =>
    'it leaves open whether its temperatures are °C or °F: no unit is named, or the values contradict it',
  'date-order-open': () => 'its dates can be read day first or month first; write them as 2026-05-31',
};

/** Why a whole weather file was not read, by the code its reader gave; other words stay as they are. */
export function fileWords(code: string): string {
  const [kind = '', value = ''] = code.split('/');
  return FILE_WORDS[kind]?.(value) ?? code;
}
