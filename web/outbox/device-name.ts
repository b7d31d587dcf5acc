import { newId } from '../api/new-id.ts';

/** What this device is called to the server, with the last number given to an entry under that name. */
interface DeviceName {
  readonly name: string;
  readonly lastNumber: number;
}

const KEY = 'juglans-device';

/** A page that may not keep anything has a name for as long as it is open. */
let here: DeviceName = { name: newId(), lastNumber: 0 };

function read(): DeviceName {
  try {
    const { name, lastNumber } = JSON.parse(localStorage.getItem(KEY) ?? '') as Partial<DeviceName>;
    if (typeof name === 'string' && typeof lastNumber === 'number') here = { name, lastNumber };
  } catch {
    // Nothing is kept there, or nothing that makes sense.
  }
  return here;
}

export const deviceName = (): string => read().name;

/**
 * Notes that an entry was given a number. Where the numbers begin anew, since what waits was cleared away, the
 * device takes another name: under the old one the server would take new entries for old ones.
 */
export function noteNumber(number: number): void {
  const { name, lastNumber } = read();
  here = { name: number > lastNumber ? name : newId(), lastNumber: number };
  try {
    localStorage.setItem(KEY, JSON.stringify(here));
  } catch {
    // The name lasts as long as the page.
  }
}
