import { useUndo, type Undo } from '../api/undo.ts';
import { useNotices } from './notices.tsx';

interface TakingOut<T> {
  mutateAsync(record: T): Promise<{ readonly undo: Undo }>;
}

/** Takes a record out, says so, and offers to put back exactly what went: it, and what went with it. */
export function useTakeOut<T>(remove: TakingOut<T>, said: string): (record: T) => void {
  const { say } = useNotices();
  const back = useUndo();
  // By promise: what was taken out is often the very part of the page that asked for it, and is gone by then.
  return (record) =>
    void remove.mutateAsync(record).then(
      ({ undo }) => say(said, () => void back.mutateAsync(undo).catch((error: Error) => say(error.message))),
      (error: Error) => say(error.message),
    );
}
