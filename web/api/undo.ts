import type { TakenOut } from '#server/store/taking-out';
import { answer, api } from './client.ts';
import { useWrite } from './use-write.ts';

export type { TakenOut };

/** Puts back what was taken out in one go. */
export const useUndo = () => useWrite((undo: TakenOut) => answer(api.undo.$post({ json: undo })));
