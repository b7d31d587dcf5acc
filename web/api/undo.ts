import type { TakenOut } from '#server/store/taking-out';
import { journal } from '../outbox/outbox.ts';
import { answer, api } from './client.ts';
import { useWrite } from './use-write.ts';

/** How something taken out is had back: from the server, or from what waits on this device. */
export type Undo = TakenOut | { readonly waiting: number };

const putBack = (undo: TakenOut) => answer(api.undo.$post({ json: undo }));

/** Has back what was not sent yet; if it was sent meanwhile, from the server. */
async function haveBack(seq: number): Promise<unknown> {
  // It may be on its way: what became of it is waited for first.
  await journal.send();
  const entry = journal.entries().find((one) => one.seq === seq);
  if (!entry) throw new Error('It went home meanwhile, and is taken out there. Its earlier states are kept.');
  const { undo } = (entry.answer ?? {}) as { undo?: TakenOut };
  return undo ? putBack(undo) : journal.drop(seq);
}

/** Puts back what was taken out in one go. */
export const useUndo = () =>
  useWrite((undo: Undo): Promise<unknown> => ('waiting' in undo ? haveBack(undo.waiting) : putBack(undo)));
