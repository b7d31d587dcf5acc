import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import { type Entry, isStuck, isWaiting, type JournalEntry } from './journal-entry.ts';
import {
  bringPiece,
  nextToSend,
  PieceRefusedError,
  tellEntries,
  type Told,
  UnreachableError,
} from './send-entries.ts';

interface JournalSchema extends DBSchema {
  /** Numbered as entered, and never the same number twice: by it the server tells what came late. */
  waiting: { key: number; value: Omit<JournalEntry, 'seq'> & { seq?: number } };
}

/** What became of an entry that somebody waits for. */
export type Became =
  | { readonly kind: 'sent'; readonly answer: unknown }
  | { readonly kind: 'waiting'; readonly seq: number }
  | { readonly kind: 'met'; readonly meanwhile: object }
  | {
      readonly kind: 'refused';
      readonly title: string;
      readonly errors: NonNullable<JournalEntry['errors']>;
    };

/** Whose journal it is, and where the time comes from. */
interface JournalOf {
  readonly database: string;
  /** What the device is called to the server. */
  device(): string;
  /** Told of every number given to an entry. */
  noteNumber(number: number): void;
  now(): number;
}

/**
 * What happened on a device, in order, until the server has it and what is packed here holds it too. Once `enter`
 * resolves an entry is safe here even if the page closes.
 */
export function openJournal({ database, device, noteNumber, now }: JournalOf) {
  let opened: Promise<IDBPDatabase<JournalSchema>> | null = null;
  const open = () =>
    (opened ??= openDB<JournalSchema>(database, 1, {
      upgrade: (db) => {
        db.createObjectStore('waiting', { keyPath: 'seq', autoIncrement: true });
      },
    }));
  let shown: readonly JournalEntry[] = [];
  const asking = new Set<number>();
  /** What somebody who waits is told of at once, and then no longer kept. */
  const answers = new Map<number, Became>();
  const listeners = new Set<() => void>();
  const newsListeners = new Set<() => void>();

  const all = async () => (await (await open()).getAll('waiting')) as JournalEntry[];
  /** Notes what became of an entry, unless it was given up meanwhile. */
  const put = async (entry: JournalEntry): Promise<void> => {
    const { store } = (await open()).transaction('waiting', 'readwrite');
    if ((await store.getKey(entry.seq)) !== undefined) await store.put(entry);
  };
  const remove = async (seq: number) => (await open()).delete('waiting', seq);
  async function refresh(): Promise<void> {
    shown = await all();
    listeners.forEach((listener) => listener());
  }
  const tellNews = () => newsListeners.forEach((listener) => listener());

  let sending: Promise<void> | null = null;
  /** Sends what waits; one run at a time, and what comes in meanwhile goes with it. */
  const send = () =>
    (sending ??= run().finally(() => {
      sending = null;
    }));

  async function run(): Promise<void> {
    let taken = 0;
    const passed = new Set<number>();
    try {
      for (;;) {
        const waiting = (await all()).filter((entry) => isWaiting(entry) && !passed.has(entry.seq));
        const next = nextToSend(waiting);
        if (next.length === 0) break;
        if (next[0]!.image) {
          const brought = await picture(next[0]!);
          if (brought === 'refused') passed.add(next[0]!.seq);
          if (brought !== 'all') continue;
        }
        const came = await tell(next);
        taken += came.settled;
        if (came.failed === null) continue;
        // It holds up those behind it, which may rest on it, a few times; then they go past.
        if (!isStuck(came.failed)) break;
        passed.add(came.failed.seq);
      }
    } catch (error) {
      if (!(error instanceof UnreachableError)) throw error;
    }
    if (taken > 0) tellNews();
  }

  /** Brings one piece more of a picture, if not all of it is there. */
  async function picture(entry: JournalEntry): Promise<'all' | 'more' | 'refused'> {
    const { image, arrived = 0 } = entry;
    if (arrived >= image!.size) return 'all';
    let brought: 'more' | 'refused' = 'more';
    try {
      await put({ ...entry, arrived: await bringPiece(entry, arrived) });
    } catch (error) {
      if (!(error instanceof PieceRefusedError)) throw error;
      await put({ ...entry, failed: (entry.failed ?? 0) + 1 });
      brought = 'refused';
    }
    await refresh();
    return brought;
  }

  async function tell(entries: readonly JournalEntry[]) {
    const told = await tellEntries(device(), entries, asking);
    let settled = 0,
      mended = false;
    let failed: JournalEntry | null = null;
    for (const [i, came] of told.entries()) {
      const entry = entries[i]!;
      if (came.kind === 'failed') {
        failed = { ...entry, failed: (entry.failed ?? 0) + 1 };
        await put(failed);
        break;
      }
      settled++;
      mended ||= came.kind === 'kept' && entry.errors !== undefined;
      await take(entry, came);
    }
    // What rested on one that was mended may stand now.
    if (mended) await tryRefusedAgain();
    await refresh();
    return { settled, failed };
  }

  async function take(entry: JournalEntry, came: Exclude<Told, { kind: 'failed' }>): Promise<void> {
    const asked = asking.delete(entry.seq);
    if (came.kind === 'kept') {
      const { image: _, ...words } = entry;
      await put({ ...words, takenAtMs: now(), answer: came.answer });
      if (asked) answers.set(entry.seq, { kind: 'sent', answer: came.answer });
      return;
    }
    const why = whyNot(came);
    if (asked) {
      // A form shows each field's message at the field.
      const title = came.kind === 'refused' ? came.title : why.title;
      answers.set(entry.seq, came.kind === 'met' ? came : { kind: 'refused', ...why, title });
      await remove(entry.seq);
      return;
    }
    await put({
      ...entry,
      refused: why.title,
      errors: why.errors,
      ...(came.kind === 'gone' ? { gone: true } : {}),
      ...(came.kind === 'met' ? { meanwhile: JSON.stringify(came.meanwhile) } : {}),
    });
  }

  async function tryRefusedAgain(): Promise<void> {
    for (const entry of (await all()).filter(({ refused, meanwhile }) => refused && !meanwhile)) {
      const { refused: _, errors: __, ...again } = entry;
      await put(again);
    }
  }

  return {
    /** Everything entered here that the server may not have, or what is packed may not hold, oldest first. */
    entries: () => shown,
    onChange(listener: () => void): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    /** Called when the server has taken something, or something has to wait: what is shown is then asked anew. */
    onNews(listener: () => void): () => void {
      newsListeners.add(listener);
      return () => newsListeners.delete(listener);
    },
    refresh,
    send,
    /** Keeps an entry here and sends it with all that waits; says what became of it, for as long as one waits. */
    async enter(entry: Entry, patienceMs: number, { asks }: { readonly asks: boolean }): Promise<Became> {
      const seq = await (await open()).add('waiting', entry);
      noteNumber(seq);
      if (asks) asking.add(seq);
      await refresh();
      // A run that was on its way may have looked for the last time already.
      const wasSending = sending !== null;
      await within(patienceMs, wasSending ? send().then(send) : send());
      asking.delete(seq);
      const answered = answers.get(seq);
      if (answered) {
        answers.delete(seq);
        return answered;
      }
      const left = (await (await open()).get('waiting', seq)) as JournalEntry | undefined;
      if (left?.takenAtMs !== undefined) return { kind: 'sent', answer: left.answer };
      if (left?.refused !== undefined && left.meanwhile === undefined) {
        await remove(seq);
        await refresh();
        return { kind: 'refused', title: left.refused, errors: left.errors ?? [] };
      }
      tellNews();
      return { kind: 'waiting', seq };
    },
    /** Gives up an entry that waits, or lets go of one that was taken; it is gone from this device. */
    async drop(seq: number): Promise<void> {
      await remove(seq);
      await refresh();
    },
    /** Lets an entry be tried again, as it was or mended. */
    async again(seq: number, mended?: Pick<Entry, 'json'>): Promise<void> {
      const db = await open();
      const entry = (await db.get('waiting', seq)) as JournalEntry | undefined;
      if (!entry) return;
      // What stands there has been looked at: it is what this one was made over.
      const { refused: _, meanwhile, failed: __, gone, from, seq: ___, ...rest } = entry;
      const seen = gone ? undefined : (meanwhile ?? from);
      // It happens now: under its old number the server would hold it for one that came late.
      const { store, done } = db.transaction('waiting', 'readwrite');
      await store.delete(seq);
      noteNumber(await store.add({ ...rest, ...mended, ...(seen === undefined ? {} : { from: seen }) }));
      await done;
      await refresh();
      await send();
    },
    /** Lets go of what was taken before a moment, by what was packed then or by whoever no longer comes in. */
    async packedAt(ms: number): Promise<void> {
      for (const entry of (await all()).filter(({ takenAtMs = Infinity }) => takenAtMs < ms))
        await remove(entry.seq);
      await refresh();
    },
  };
}

export type Journal = ReturnType<typeof openJournal>;

/** Waits for some work, but no longer than that. */
async function within(patienceMs: number, work: Promise<void>): Promise<void> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const enough = new Promise<void>((go) => {
    timer = setTimeout(go, patienceMs);
  });
  await Promise.race([work, enough]).finally(() => clearTimeout(timer));
}

function whyNot(came: Exclude<Told, { kind: 'kept' | 'failed' }>) {
  if (came.kind === 'gone')
    return {
      title: 'What it changes is not there: it was taken out elsewhere, or waits itself.',
      errors: [],
    };
  if (came.kind === 'met') return { title: 'Meanwhile it was changed elsewhere.', errors: [] };
  const details = came.errors.map((error) => `${error.path.join(' ')}: ${error.message}`).join('; ');
  return { title: [came.title, details].filter(Boolean).join(' '), errors: came.errors };
}
