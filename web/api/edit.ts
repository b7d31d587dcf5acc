import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { z } from 'zod';
import { meet, ownFields } from '#core/meeting';
import { askAnew } from './ask-anew.ts';
import { askHavingSeen } from '../outbox/ask.ts';
import { answer, ApiProblem } from './client.ts';

/** A record as it was seen, null when it is new, and as it shall be. */
export interface Edit<T> {
  readonly from: T | null;
  readonly to: T;
}

/** Another edit of the same fields came first. */
export class MetError<T extends object> extends ApiProblem {
  /** What was to be kept: mine where both changed a field, theirs where only they did. */
  readonly mine: T;
  /** What stands there now. */
  readonly theirs: T;
  readonly clashes: readonly (keyof T & string)[];

  constructor(mine: T, theirs: T, clashes: readonly (keyof T & string)[]) {
    super(
      412,
      'Meanwhile the same was changed elsewhere. Look at what stands there now before you change it.',
      [],
    );
    this.mine = mine;
    this.theirs = theirs;
    this.clashes = clashes;
  }
}

type Send<T> = (
  record: T,
  seen: T | null,
) => Promise<{ ok: boolean; status: number; json(): Promise<unknown> }>;

/** What a request of an edit says besides: the record as it was when it was changed. */
export const asSeen = (seen: object | null) => (seen === null ? undefined : { fetch: askHavingSeen(seen) });

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

type Records = typeof import('#core/records');

/**
 * Edits of one kind of record, told by the name of its schema, which the first page does not wait for;
 * whatever became of one, everything shown is asked for anew.
 */
export function useEdit<Name extends keyof Records, T extends object>(name: Name, send: Send<T>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (edit: Edit<T>) =>
      keepEdit((await import('#core/records'))[name] as unknown as z.ZodType<T>, send, edit),
    onSuccess: () => askAnew(client),
    onError: (error) => (error instanceof MetError ? askAnew(client) : undefined),
  });
}
