import { useSyncExternalStore } from 'react';
import { ApiProblem } from '../api/client.ts';
import {
  dropWaiting,
  type Entry,
  keepAndSend,
  onWaitingChange,
  type WaitingEntry,
  waitingEntries,
} from './outbox.ts';

export const useWaiting = (): readonly WaitingEntry[] =>
  useSyncExternalStore(onWaitingChange, waitingEntries);

/**
 * Keeps a record on this device and sends it if it can: 'sent' or 'waiting'. A record the server
 * refuses comes back as a problem to be shown where it was entered, and does not wait.
 * @throws ApiProblem
 */
export async function keepRecord(entry: Entry): Promise<'sent' | 'waiting'> {
  const result = await keepAndSend(entry);
  if (typeof result === 'string') return result;
  const ownEntry = waitingEntries().findLast(
    (waiting) => waiting.path === entry.path && waiting.refused !== undefined,
  );
  // Where two edits meet, both are shown among what waits.
  if (ownEntry && ownEntry.meanwhile === undefined) await dropWaiting(ownEntry.seq);
  throw new ApiProblem(422, result.refused, []);
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

/** The entry that takes it out again. */
export const takeOutEntry = (kind: string, record: { readonly id: string }, label: string): Entry => ({
  method: 'DELETE',
  path: recordPath(kind, record.id),
  label: `take out: ${label}`,
});
