import { useMutation, useQueryClient } from '@tanstack/react-query';
import { askAnew } from './ask-anew.ts';

/** A write, after which everything shown is asked for anew: almost every answer rests on every record. */
export function useWrite<Input, Output>(write: (input: Input) => Promise<Output>) {
  const client = useQueryClient();
  return useMutation({ mutationFn: write, onSuccess: () => askAnew(client) });
}
