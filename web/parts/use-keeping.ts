import { keepRecord, putEntry, takeOutEntry } from '../outbox/use-outbox.ts';
import { useNotices } from './notices.tsx';

type AnyRecord = { readonly id: string } & Readonly<Record<string, unknown>>;

/** One record to be kept, and what it is called while it waits. */
export interface Kept {
  readonly kind: string;
  readonly record: AnyRecord;
  readonly label: string;
  /** The record as it was when it was changed; left out where it is new. */
  readonly from?: AnyRecord;
}

const put = ({ kind, record, label, from }: Kept) => keepRecord(putEntry(kind, record, label, from));
const out = ({ kind, record, label }: Kept) => keepRecord(takeOutEntry(kind, record, label));
/** A new one is taken out again, a changed one is as it was. */
const undo = (one: Kept) => (one.from ? put({ ...one, record: one.from, from: one.record }) : out(one));

/** Keeps and takes out records, with what was done told and undone; a refusal is told, and answers false. */
export function useKeeping() {
  const { say } = useNotices();
  const failed = (error: Error) => {
    say(error.message);
    return false;
  };
  return {
    keep: (one: Kept, told: string): Promise<boolean> =>
      put(one).then(() => {
        say(told, () => void undo(one).catch(failed));
        return true;
      }, failed),
    /** Several at once: where one is refused, those before it are undone. */
    async keepAll(all: readonly Kept[], told: string): Promise<boolean> {
      const done: Kept[] = [];
      try {
        for (const one of all) {
          await put(one);
          done.push(one);
        }
      } catch (error) {
        for (const one of done) await undo(one).catch(failed);
        return failed(error as Error);
      }
      say(told, () => all.forEach((one) => void undo(one).catch(failed)));
      return true;
    },
    takeOut: (one: Kept, told: string): Promise<boolean> =>
      out(one).then(() => {
        say(told, () => void put(one).catch(failed));
        return true;
      }, failed),
  };
}
