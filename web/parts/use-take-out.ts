import { useNotices } from './notices.tsx';

interface Write<T> {
  mutateAsync(record: T): Promise<unknown>;
}

/** Takes a record out, says so, and offers to put the very same record back. */
export function useTakeOut<T>(remove: Write<T>, put: Write<T>, said: string): (record: T) => void {
  const { say } = useNotices();
  // By promise: what was taken out is often the very part of the page that asked for it, and is gone by then.
  return (record) =>
    void remove.mutateAsync(record).then(
      () => say(said, () => void put.mutateAsync(record).catch((error: Error) => say(error.message))),
      (error: Error) => say(error.message),
    );
}
