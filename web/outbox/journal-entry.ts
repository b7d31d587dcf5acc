import type { FieldError } from '#answers';

/** Something that happens here, as it will be told to the server. */
export interface Entry {
  readonly method: 'PUT' | 'DELETE';
  /** Where the record stands, with its own id: telling it again keeps one. */
  readonly path: string;
  /** What it is, for the person who waits: "10 twigs, West hedge". */
  readonly label: string;
  readonly json?: string;
  /** The record as it was when it was changed or taken out, as JSON; none when it is new. */
  readonly from?: string;
  /** The day it was entered. */
  readonly on?: string;
  /** A picture goes with its record. */
  readonly image?: Blob;
}

export interface JournalEntry extends Entry {
  readonly seq: number;
  /** Why the server would not take it; it waits for the person, the others go on. */
  readonly refused?: string;
  readonly errors?: readonly FieldError[];
  /** What it changes was taken out elsewhere. */
  readonly gone?: boolean;
  /** What stands there, as JSON, where it was to be taken out and another changed it first. */
  readonly meanwhile?: string;
  /** How often it could not be sent although the server answers; then the others go on without it. */
  readonly failed?: number;
  /** How much of its picture has arrived, in bytes. */
  readonly arrived?: number;
  /** When the server took it, by this device; it is kept until what is packed here holds it. */
  readonly takenAtMs?: number;
  /** What the server answered to it. */
  readonly answer?: unknown;
}

/** So often an entry holds up those behind it, which may rest on it; then they go past. */
const HOLDS_UP = 3;

export const isWaiting = ({ takenAtMs }: JournalEntry): boolean => takenAtMs === undefined;

/** Whether the others no longer wait for it. */
export const isStuck = ({ failed = 0 }: JournalEntry): boolean => failed >= HOLDS_UP;

/** What the entry is about: a picture and its words are one record. */
export const recordPathOf = ({ path }: Pick<Entry, 'path'>): string => path.replace(/\/image$/, '');

export const jsonObject = (json: string | undefined) => JSON.parse(json ?? '{}') as Record<string, unknown>;

/** The fields in which what was to be taken out differs from what stands there, where another edit came first. */
export function differing({ from, json, meanwhile }: JournalEntry) {
  if (meanwhile === undefined) return [];
  const here = jsonObject(from ?? json);
  const there = jsonObject(meanwhile);
  return Object.keys(there)
    .filter((field) => JSON.stringify(here[field]) !== JSON.stringify(there[field]))
    .map((field) => ({ field, here: here[field], there: there[field] }));
}
