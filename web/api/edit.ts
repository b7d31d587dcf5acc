import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { z } from 'zod';
import { askHavingSeen } from '../outbox/ask.ts';
import { askAnew } from './ask-anew.ts';
import type { Edit, Send } from './keep-edit.ts';
import { MetError } from './met-error.ts';

/** What a request of an edit says besides: the record as it was when it was changed. */
export const asSeen = (seen: object | null) => (seen === null ? undefined : { fetch: askHavingSeen(seen) });

const editParts = () => Promise.all([import('./keep-edit.ts'), import('./record-schemas.ts')]);

type Records = typeof import('./record-schemas.ts');

/**
 * Edits of one kind of record, told by the name of its schema; what they need is asked for with the page that
 * edits. Whatever became of one, everything shown is asked for anew.
 */
export function useEdit<Name extends keyof Records, T extends object>(name: Name, send: Send<T>) {
  const client = useQueryClient();
  // The computer at home may be out of reach by the time the edit is made.
  useEffect(() => void editParts().catch(() => undefined), []);
  return useMutation({
    mutationFn: async (edit: Edit<T>) => {
      const [{ keepEdit }, schemas] = await editParts();
      return keepEdit(schemas[name] as unknown as z.ZodType<T>, send, edit);
    },
    onSuccess: () => askAnew(client),
    onError: (error) => (error instanceof MetError ? askAnew(client) : undefined),
  });
}
