import { useNotices } from './notices.tsx';

interface Write<T> {
  mutate(record: T, options?: { onSuccess?: () => void; onError?: (error: Error) => void }): void;
}

/** Takes a record out, says so, and offers to put the very same record back. */
export function useTakeOut<T>(remove: Write<T>, put: Write<T>, said: string): (record: T) => void {
  const { say } = useNotices();
  return (record) => remove.mutate(record, {
    onSuccess: () => say(said, () => put.mutate(record)),
    onError: (error) => say(error.message),
  });
}
