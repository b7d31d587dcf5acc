import { isEarlierMoment } from '../api/at-moment.ts';
import { deviceName, noteNumber } from './device-name.ts';
import { openJournal } from './journal.ts';
import { type Entry, isWaiting, type JournalEntry } from './journal-entry.ts';

/** The journal of this device. */
export const journal = openJournal({
  database: 'juglans-outbox',
  device: deviceName,
  noteNumber,
  now: Date.now,
});

const FIRST_RETRY_MS = 8000,
  LAST_RETRY_MS = 120_000;
/** A hand in a glove does not wait for a slow server: what is safe here may be sent later. */
const TAP_PATIENCE_MS = 1500;
/** Whoever has filled a form wants to know what became of it, as long as there is a server. */
const FORM_PATIENCE_MS = 10_000;

/** Everything not yet taken by the server, oldest first, as last known. */
let waiting: readonly JournalEntry[] = [];
journal.onChange(() => {
  waiting = journal.entries().filter(isWaiting);
});
export const waitingEntries = (): readonly JournalEntry[] => waiting;

/** What was entered here and is not in what was packed: what the server would not take does not stand. */
export const enteredSince = () =>
  journal
    .entries()
    .filter(({ refused }) => refused === undefined)
    .map(({ method, path, json }) => ({ method, path, json }));

const EARLIER = 'This is how it stood: nothing can be changed here.';

/** Keeps an entry on this device, then sends everything that waits. */
export const enterByTap = (entry: Entry) => entered(entry, TAP_PATIENCE_MS, false);

/** The same, for somebody who waits to see what became of it. */
export const enterByForm = (entry: Entry) => entered(entry, FORM_PATIENCE_MS, true);

function entered(entry: Entry, patienceMs: number, asks: boolean): ReturnType<typeof journal.enter> {
  if (isEarlierMoment) return Promise.resolve({ kind: 'refused', title: EARLIER, errors: [] });
  const on = new Intl.DateTimeFormat('en-CA').format(new Date());
  return journal.enter({ ...entry, on }, patienceMs, { asks });
}

/** Reads what an earlier page left, and tries again whenever the connection may be back, ever more seldom. */
export function startOutbox(): void {
  let retryMs = FIRST_RETRY_MS;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const tryLater = () => {
    clearTimeout(timer);
    if (!waiting.some((entry) => entry.refused === undefined)) {
      retryMs = FIRST_RETRY_MS;
      return;
    }
    timer = setTimeout(() => {
      retryMs = Math.min(retryMs * 2, LAST_RETRY_MS);
      void journal.send().then(tryLater);
    }, retryMs);
  };
  const tryNow = () => {
    retryMs = FIRST_RETRY_MS;
    void journal.send().then(tryLater);
  };
  void journal.refresh().then(tryNow);
  journal.onNews(tryLater);
  window.addEventListener('online', tryNow);
  document.addEventListener('visibilitychange', () => {
    if (!document.hidden) tryNow();
  });
}
