import { useState } from 'react';
import { MetError } from '../api/met-error.ts';
import { useNotices } from './notices.tsx';
import { alsoChanged } from './record-words.ts';
import type { Editing } from './use-change.ts';

/**
 * A record in a form: what it was when the form read it, null when it is new, and where another's edit of
 * the same fields came first. `showAgain` fills the form anew.
 */
export function useEditing<T extends object>(
  put: Editing<T>,
  record: T | null,
  showAgain: (record: T) => void,
) {
  const { say } = useNotices();
  const [from, setFrom] = useState(record);
  const [met, setMet] = useState<MetError<T> | null>(null);
  const stands = (now: T) => {
    setFrom(now);
    setMet(null);
    showAgain(now);
  };
  const keep = async (seen: T | null, to: T): Promise<T | null> => {
    try {
      const kept = await put.mutateAsync({ from: seen, to });
      stands(kept);
      const also = seen && alsoChanged(to, kept);
      if (also) say(also);
      return kept;
    } catch (error) {
      if (!(error instanceof MetError)) throw error;
      setMet(error as MetError<T>);
      return null;
    }
  };
  return {
    met,
    /** @returns what was kept; null where another edit came first, which is to be looked at. */
    save: (to: T) => keep(from, to),
    keepMine: () => (met ? keep(met.theirs, met.mine) : Promise.resolve(null)),
    takeTheirs: () => met && stands(met.theirs),
  };
}

export type Edited<T extends object> = ReturnType<typeof useEditing<T>>;
