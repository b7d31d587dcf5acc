import { keepRecord, putEntry, takeOutEntry } from '../outbox/use-outbox.ts';
import { useNotices } from './notices.tsx';

/** One record to be kept, and what it is called while it waits. */
export interface Kept {
  readonly kind: string;
  readonly record: { readonly id: string } & Readonly<Record<string, unknown>>;
  readonly label: string;
}

/** Keeps and takes out records, with what was done told and undone; a refusal is told, and answers false. */
export function useKeeping() {
  const { say } = useNotices();
  const failed = (error: Error) => {
    say(error.message);
    return false;
  };
  const put = ({ kind, record, label }: Kept, from?: Kept['record']) =>
    keepRecord(putEntry(kind, record, label, from));
  const out = ({ kind, record, label }: Kept) => keepRecord(takeOutEntry(kind, record, label));
  return {
    keep: (one: Kept, told: string, from?: Kept['record']): Promise<boolean> =>
      put(one, from).then(() => {
        say(told, () => void (from ? put({ ...one, record: from }, one.record) : out(one)).catch(failed));
        return true;
      }, failed),
    /** Several at once: where one is refused, those before it are taken out again. */
    async keepAll(all: readonly Kept[], told: string): Promise<boolean> {
      const done: Kept[] = [];
      try {
        for (const one of all) {
          await put(one);
          done.push(one);
        }
      } catch (error) {
        for (const one of done) await out(one).catch(failed);
        return failed(error as Error);
      }
      say(told, () => all.forEach((one) => void out(one).catch(failed)));
      return true;
    },
    takeOut: (one: Kept, told: string): Promise<boolean> =>
      out(one).then(() => {
        say(told, () => void put(one).catch(failed));
        return true;
      }, failed),
  };
}
