import { useSyncExternalStore } from 'react';
import { ApiProblem } from '../api/client.ts';
import type { Entry, JournalEntry } from './journal-entry.ts';
import { enterByTap, journal, waitingEntries } from './outbox.ts';

export const useWaiting = (): readonly JournalEntry[] =>
  useSyncExternalStore(journal.onChange, waitingEntries);

/**
 * Keeps a record on this device and sends it if it can: 'sent' or 'waiting'. A record the server
 * refuses comes back as a problem to be shown where it was entered, and does not wait.
 * @throws ApiProblem
 */
export async function keepRecord(entry: Entry): Promise<'sent' | 'waiting'> {
  const became = await enterByTap(entry);
  if (became.kind === 'refused') throw new ApiProblem(422, became.title, became.errors);
  return became.kind === 'sent' ? 'sent' : 'waiting';
}

/**
 * A record as it was last entered here and not yet taken by the server; undefined when nothing of it
 * waits.
 */
export function useWaitingRecord<T extends { readonly id: string }>(kind: string, id: string): T | undefined {
  const waiting = useWaiting().findLast(
    (entry) => entry.method === 'PUT' && entry.path === recordPath(kind, id) && entry.json !== undefined,
  );
  return waiting && (JSON.parse(waiting.json!) as T);
}

const recordPath = (kind: string, id: string) => `/${kind}/${id}`;

/** The entry that puts a record; `from` is what it was when it was changed. */
export const putEntry = <T extends { readonly id: string }>(
  kind: string,
  record: T,
  label: string,
  from?: T,
): Entry => ({
  method: 'PUT',
  path: recordPath(kind, record.id),
  json: JSON.stringify(record),
  label,
  ...(from === undefined ? {} : { from: JSON.stringify(from) }),
});

/** The entry that takes a record out as it was seen. */
export const takeOutEntry = (kind: string, record: { readonly id: string }, label: string): Entry => ({
  method: 'DELETE',
  path: recordPath(kind, record.id),
  label: `take out: ${label}`,
  from: JSON.stringify(record),
});
