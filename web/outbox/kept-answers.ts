import type { PersistedClient, Persister } from '@tanstack/react-query-persist-client';
import { openDB } from 'idb';

const database = () =>
  openDB('juglans-answers', 1, {
    upgrade: (db) => {
      db.createObjectStore('answers');
    },
  });
/** What is kept on this device beside the outbox; a browser without a database keeps nothing. */
export const deviceStore = {
  get: <Kept>(key: string): Promise<Kept | undefined> =>
    database()
      .then((db) => db.get('answers', key) as Promise<Kept | undefined>)
      .catch(() => undefined),
  put: (key: string, kept: unknown): Promise<unknown> =>
    database()
      .then((db) => db.put('answers', kept, key))
      .catch(() => undefined),
};

const KEY = 'all';
/** Written at most this often: answers change by the dozen when one entry is kept. */
const WRITE_AFTER_MS = 1000;
const ASK_FOR_MS = 2500;

/** Whether the server answers now. */
export async function serverAnswers(): Promise<boolean> {
  return fetch('/api/health', { signal: AbortSignal.timeout(ASK_FOR_MS) }).then(
    (response) => response.ok,
    () => false,
  );
}

/** Takes every kept answer off this device. */
export const forgetKeptAnswers = () =>
  database()
    .then((db) => db.clear('answers'))
    .catch(() => undefined);

export const keepingNothing: Persister = {
  persistClient: () => undefined,
  restoreClient: () => undefined,
  removeClient: () => undefined,
};

/**
 * Keeps the server's answers on this device, so that pages seen before open without it. A browser
 * without a database simply keeps none.
 */
export function answersKeptHere(): Persister {
  let waiting: PersistedClient | null = null;
  const write = async () => {
    const client = waiting;
    waiting = null;
    if (client) await deviceStore.put(KEY, client);
  };
  return {
    persistClient(client) {
      if (!waiting) setTimeout(() => void write(), WRITE_AFTER_MS);
      waiting = client;
    },
    // Old answers are shown only when there are no new ones to be had: a form filled from them would
    // undo what was changed since.
    restoreClient: async () => ((await serverAnswers()) ? undefined : deviceStore.get<PersistedClient>(KEY)),
    removeClient: () =>
      database()
        .then((db) => db.delete('answers', KEY))
        .catch(() => undefined),
  };
}
