import type { Edit } from '../api/keep-edit.ts';
import { useNotices } from './notices.tsx';
import { alsoChanged } from './record-words.ts';

export interface Editing<T> {
  mutateAsync(edit: Edit<T>): Promise<T>;
}

/** Changes a record with one tap: says so and offers to take it back, or says why it was not kept. */
export function useChange<T extends object>(put: Editing<T>): (from: T, to: T, said: string) => void {
  const { say } = useNotices();
  const failed = (error: Error) => say(error.message);
  return (from, to, said) =>
    void put.mutateAsync({ from, to }).then((kept) => {
      say(said, () => void put.mutateAsync({ from: to, to: from }).catch(failed));
      const also = alsoChanged(to, kept);
      if (also) say(also);
    }, failed);
}
