import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { useNotices } from '../../parts/notices.tsx';

/** Keeps and takes out records of Mix, with what was done told and undone. */
export function useKeeping() {
  const { say } = useNotices();
  const failed = (error: Error) => say(error.message);
  const put = <T extends { readonly id: string }>(kind: string, record: T, label: string, from?: T) =>
    keepRecord(putEntry(kind, record, label, from));
  return {
    keep: <T extends { readonly id: string }>(
      kind: string,
      record: T,
      label: string,
      told: string,
      from?: T,
    ) =>
      put(kind, record, label, from).then(
        () =>
          say(
            told,
            () =>
              void (
                from ? put(kind, from, label, record) : keepRecord(takeOutEntry(kind, record, label))
              ).catch(failed),
          ),
        failed,
      ),
    takeOut: <T extends { readonly id: string }>(kind: string, record: T, label: string, told: string) =>
      keepRecord(takeOutEntry(kind, record, label)).then(
        () => say(told, () => void put(kind, record, label).catch(failed)),
        failed,
      ),
  };
}
