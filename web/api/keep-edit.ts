import type { z } from 'zod';
import { meet, ownFields } from '#core/meeting';
import { answer, ApiProblem } from './client.ts';
import { MetError } from './met-error.ts';

/** A record as it was seen, null when it is new, and as it shall be. */
export interface Edit<T> {
  readonly from: T | null;
  readonly to: T;
}

export type Send<T> = (
  record: T,
  seen: T | null,
) => Promise<{ ok: boolean; status: number; json(): Promise<unknown> }>;

/**
 * Keeps an edit, and with it what was changed elsewhere meanwhile in other fields.
 * @returns the record as it was kept
 * @throws MetError where both changed the same
 */
export async function keepEdit<T extends object>(
  schema: z.ZodType<T>,
  send: Send<T>,
  { from, to }: Edit<T>,
): Promise<T> {
  for (let seen = from, record = to; ;) {
    try {
      await answer(send(record, seen && ownFields(seen, schema)));
      return record;
    } catch (error) {
      if (!(error instanceof ApiProblem) || error.meanwhile === undefined || seen === null) throw error;
      const theirs = error.meanwhile as T;
      const { together, clashes } = meet(seen, record, theirs);
      if (clashes.length > 0) throw new MetError(together, theirs, clashes);
      seen = theirs;
      record = together;
    }
  }
}
