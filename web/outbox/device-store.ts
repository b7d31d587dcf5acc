import { openDB } from 'idb';

const database = () =>
  openDB('juglans-answers', 1, {
    upgrade: (db) => {
      db.createObjectStore('answers');
    },
  });

/** What is kept on this device beside what waits to be sent; a browser without a database keeps nothing. */
export const deviceStore = {
  get: <Kept>(key: string): Promise<Kept | undefined> =>
    database()
      .then((db) => db.get('answers', key) as Promise<Kept | undefined>)
      .catch(() => undefined),
  /** Whether it is kept. */
  put: (key: string, kept: unknown): Promise<boolean> =>
    database()
      .then((db) => db.put('answers', kept, key))
      .then(
        () => true,
        () => false,
      ),
};

/** Takes everything packed off this device. */
export const forgetPacked = () =>
  database()
    .then((db) => db.clear('answers'))
    .catch(() => undefined);
