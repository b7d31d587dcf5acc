import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { meet } from '#core/meeting';
import type { ProblemBody } from '#answers';
import { asSeen } from '../api/as-seen.ts';
import { isEarlierMoment } from '../api/at-moment.ts';
import { deviceName, noteNumber } from './device-name.ts';

/**
 * Something entered, as it will be sent. The address carries the record's own id, so that sending it
 * again keeps one.
 */
export interface Entry {
  readonly method: 'PUT' | 'DELETE';
  readonly path: string;
  /** What it is, for the person who waits: "10 twigs, West hedge". */
  readonly label: string;
  readonly json?: string;
  /** The record as it was when it was changed, as JSON; none when it is new. */
  readonly from?: string;
  /** A picture goes with its record. */
  readonly image?: Blob;
}

export interface WaitingEntry extends Entry {
  readonly seq: number;
  /** Why the server would not take it; it waits for the person, the others go on. */
  readonly refused?: string;
  /** What stands there, as JSON, where another edit of the same came first. */
  readonly meanwhile?: string;
  /** How often it could not be sent although the server answers; then the others go on without it. */
  readonly failed?: number;
}

interface OutboxSchema extends DBSchema {
  /** Numbered as entered, and never the same number twice: by it the server tells what came late. */
  waiting: { key: number; value: Omit<WaitingEntry, 'seq'> & { seq?: number } };
}

/** What came of sending one entry. */
type Sent =
  | { readonly kind: 'taken' }
  | { readonly kind: 'unreachable' }
  /** It took too long, or the server was in trouble over it. */
  | { readonly kind: 'failed' }
  | { readonly kind: 'refused'; readonly title: string }
  /** Another edit came first. */
  | { readonly kind: 'met'; readonly meanwhile: object | null };

const RETRY_MS = 8000;
const GIVE_UP_MS = 10_000;
/** A picture is given the time of a slow line. */
const SLOWEST_BYTES_PER_MS = 15;
/** So often an entry holds up those behind it, which may rest on it; then they go past. */
const HOLDS_UP = 3;
const PATIENCE_MS = 1500;

let opened: Promise<IDBPDatabase<OutboxSchema>> | null = null;
const database = () =>
  (opened ??= openDB<OutboxSchema>('juglans-outbox', 1, {
    upgrade: (db) => {
      db.createObjectStore('waiting', { keyPath: 'seq', autoIncrement: true });
    },
  }));

let shown: readonly WaitingEntry[] = [];
const listeners = new Set<() => void>();
const newsListeners = new Set<() => void>();

/** Whether the others no longer wait for it. */
export const isStuck = ({ failed = 0 }: WaitingEntry): boolean => failed >= HOLDS_UP;

/** Everything not yet taken by the server, oldest first, as last known. */
export const waitingEntries = (): readonly WaitingEntry[] => shown;

/** What was entered here and may not be in what was packed then. */
export const enteredSince = (_packedAtMs: number): readonly WaitingEntry[] => shown;

export function onWaitingChange(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Called when the server has taken something, or something has to wait: what is shown is then asked for anew. */
export function onNews(listener: () => void): () => void {
  newsListeners.add(listener);
  return () => newsListeners.delete(listener);
}

async function refresh(): Promise<void> {
  shown = (await (await database()).getAll('waiting')) as WaitingEntry[];
  listeners.forEach((listener) => listener());
}

/**
 * Keeps an entry on this device, then sends everything that waits, in the order it was entered.
 * Once this resolves the entry is safe here even if the page closes. Says whether the server has it.
 */
export async function keepAndSend(entry: Entry): Promise<'sent' | 'waiting' | { readonly refused: string }> {
  if (isEarlierMoment) return { refused: 'This is how it stood: nothing can be changed here.' };
  const db = await database();
  const seq = await db.add('waiting', entry);
  noteNumber(seq);
  await refresh();
  // A hand in a glove does not wait for a slow server: what is safe here may be sent later.
  await Promise.race([
    sendWaiting(),
    new Promise((go) => {
      setTimeout(go, PATIENCE_MS);
    }),
  ]);
  const left = await db.get('waiting', seq);
  if (!left) return 'sent';
  if (left.refused !== undefined) return { refused: left.refused };
  newsListeners.forEach((listener) => listener());
  return 'waiting';
}

let sending: Promise<void> | null = null;

/** Sends what waits; one run at a time, and what comes in meanwhile goes with it. */
export function sendWaiting(): Promise<void> {
  sending ??= runSending().finally(() => {
    sending = null;
  });
  return sending;
}

async function runSending(): Promise<void> {
  const db = await database();
  let taken = 0;
  for (let after = 0; ;) {
    const next = (await db.getAll('waiting', IDBKeyRange.lowerBound(after, true), 1))[0] as
      WaitingEntry | undefined;
    if (!next) break;
    after = next.seq;
    if (next.refused !== undefined) continue;
    const sent = await send(next);
    if (sent.kind === 'unreachable') break;
    if (sent.kind === 'failed') {
      const failed = (next.failed ?? 0) + 1;
      await db.put('waiting', { ...next, failed });
      await refresh();
      if (!isStuck({ ...next, failed })) break;
      continue;
    }
    if (sent.kind === 'met') {
      const together = metOf(next, sent.meanwhile);
      await db.put('waiting', together);
      // Where both can be kept they are, at once.
      if (together.refused === undefined) after = next.seq - 1;
    } else if (sent.kind === 'taken') await db.delete('waiting', next.seq);
    else await db.put('waiting', { ...next, refused: sent.title });
    taken++;
    await refresh();
  }
  if (taken > 0) newsListeners.forEach((listener) => listener());
}

async function send(entry: WaitingEntry): Promise<Sent> {
  let response: Response;
  try {
    response = await fetch(`/api${entry.path}`, {
      method: entry.method,
      signal: AbortSignal.timeout(GIVE_UP_MS + (entry.image?.size ?? 0) / SLOWEST_BYTES_PER_MS),
      ...bodyOf(entry, deviceName()),
    });
  } catch (error) {
    return { kind: (error as Error).name === 'TimeoutError' ? 'failed' : 'unreachable' };
  }
  // Taken out already is taken out. A server in trouble is asked again later.
  if (response.ok || (entry.method === 'DELETE' && response.status === 404)) return { kind: 'taken' };
  if (response.status === 401) return { kind: 'unreachable' };
  if (response.status >= 500) return { kind: 'failed' };
  const problem = (await response.json().catch(() => null)) as ProblemBody | null;
  if (response.status === 412) return { kind: 'met', meanwhile: problem?.meanwhile ?? null };
  const details = problem?.errors?.map((error) => `${error.path.join(' ')}: ${error.message}`).join('; ');
  return {
    kind: 'refused',
    title: [problem?.title ?? 'The server would not take it.', details].filter(Boolean).join(' '),
  };
}

/** An entry that met another edit: with both in it, or waiting for the person if both changed the same. */
function metOf(entry: WaitingEntry, standing: object | null): WaitingEntry {
  if (!standing) {
    const { from: _, ...anew } = entry;
    return { ...anew, refused: 'Meanwhile it was taken out elsewhere.' };
  }
  const { together, clashes } = meet(jsonObject(entry.from), jsonObject(entry.json), standing);
  const met = { ...entry, json: JSON.stringify(together), from: JSON.stringify(standing) };
  if (clashes.length === 0) return met;
  return {
    ...met,
    refused: 'Meanwhile the same was changed elsewhere.',
    meanwhile: met.from,
  };
}

/** The fields in which an entry differs from what stands there, where another edit came first. */
export function differing({ json, meanwhile }: WaitingEntry) {
  if (meanwhile === undefined) return [];
  const here: Readonly<Record<string, unknown>> = jsonObject(json);
  const there: typeof here = jsonObject(meanwhile);
  return Object.keys(here)
    .filter((field) => JSON.stringify(here[field]) !== JSON.stringify(there[field]))
    .map((field) => ({ field, here: here[field], there: there[field] }));
}

const jsonObject = (json: string | undefined) => JSON.parse(json ?? '{}') as Record<string, unknown>;

function bodyOf(
  { json, image, seq, from }: WaitingEntry,
  device: string,
): { body?: BodyInit; headers: Record<string, string> } {
  const headers = {
    'entered-by': device,
    'entered-as': String(seq),
    ...(from === undefined ? {} : asSeen(jsonObject(from))),
  };
  if (json === undefined) return { headers };
  if (!image) return { body: json, headers: { ...headers, 'content-type': 'application/json' } };
  const form = new FormData();
  form.set('record', json);
  form.set('image', image, 'photo.jpg');
  return { body: form, headers };
}

/** Gives up an entry that waits; it is gone from this device. */
export async function dropWaiting(seq: number): Promise<void> {
  await (await database()).delete('waiting', seq);
  await refresh();
}

/** Lets a refused entry be tried again. */
export async function retryRefused(seq: number): Promise<void> {
  const db = await database();
  const entry = await db.get('waiting', seq);
  if (!entry) return;
  const { refused: _, meanwhile: __, ...again } = entry;
  await db.put('waiting', again);
  await refresh();
  await sendWaiting();
}

/** Reads what an earlier page left, and tries again whenever the connection may be back. */
export function startOutbox(): void {
  void refresh().then(sendWaiting);
  window.addEventListener('online', () => void sendWaiting());
  document.addEventListener('visibilitychange', () => {
    if (!document.hidden) void sendWaiting();
  });
  setInterval(() => {
    if (shown.some((entry) => entry.refused === undefined)) void sendWaiting();
  }, RETRY_MS);
}
