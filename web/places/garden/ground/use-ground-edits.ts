import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef, useState } from 'react';
import type { GroundPicture, GroundShape, PlantSpot } from '#core/records';
import { askAnew } from '../../../api/ask-anew.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../../outbox/use-outbox.ts';
import { useNotices } from '../../../parts/notices.tsx';

/** One thing of the drawing as it was and as it is to be; null where it was not, or is to be no more. */
export type GroundChange =
  | { readonly kind: 'plant-spots'; readonly before: PlantSpot | null; readonly after: PlantSpot | null }
  | {
      readonly kind: 'ground-shapes';
      readonly before: GroundShape | null;
      readonly after: GroundShape | null;
    }
  | {
      readonly kind: 'ground-pictures';
      readonly before: GroundPicture | null;
      readonly after: GroundPicture | null;
    };

interface Laid {
  readonly change: GroundChange;
  /** Its number: a later one of the same thing stands above it. */
  readonly number: number;
}

export interface GroundEdits {
  /** Things as they were just laid down, by the plant's or their own id, until the records say the same. */
  readonly laid: ReadonlyMap<string, GroundChange>;
  /** Shows it at once, keeps it, and can take it back. */
  make(change: GroundChange): void;
  /** Shows it at once, and keeps what it came to when no other follows for a moment. */
  nudge(change: GroundChange): void;
  undo(): void;
  readonly canUndo: boolean;
}

const STILL_MS = 500;
const MOST_UNDONE = 100;

/** Changing the drawing: each change shows at once, is kept on this device and sent, and can be taken back. */
export function useGroundEdits(): GroundEdits {
  const client = useQueryClient();
  const { say } = useNotices();
  const [laid, setLaid] = useState<ReadonlyMap<string, Laid>>(new Map());
  const [done, setDone] = useState<readonly GroundChange[]>([]);
  const counter = useRef(0);
  const resting = useRef<{ change: GroundChange; timer: ReturnType<typeof setTimeout> } | null>(null);

  const lay = useCallback((change: GroundChange): number => {
    const number = ++counter.current;
    setLaid((all) => new Map(all).set(thingOf(change), { change, number }));
    return number;
  }, []);
  const forget = useCallback((id: string) => {
    setLaid((all) => new Map([...all].filter(([key]) => key !== id)));
  }, []);
  const keep = useCallback(
    async (change: GroundChange, number: number) => {
      try {
        await keepRecord(entryOf(change));
      } catch (error) {
        say((error as Error).message);
      }
      await askAnew(client);
      setLaid((all) => {
        if (all.get(thingOf(change))?.number !== number) return all;
        const rest = new Map(all);
        rest.delete(thingOf(change));
        return rest;
      });
    },
    [client, say],
  );
  const settle = useCallback(() => {
    const waiting = resting.current;
    if (!waiting) return;
    clearTimeout(waiting.timer);
    resting.current = null;
    setDone((all) => [...all.slice(-MOST_UNDONE), waiting.change]);
    void keep(waiting.change, lay(waiting.change));
  }, [keep, lay]);
  const make = useCallback(
    (change: GroundChange) => {
      settle();
      setDone((all) => [...all.slice(-MOST_UNDONE), change]);
      void keep(change, lay(change));
    },
    [keep, lay, settle],
  );
  const nudge = useCallback(
    (change: GroundChange) => {
      const waiting = resting.current;
      const isSame = waiting !== null && thingOf(waiting.change) === thingOf(change);
      if (waiting && !isSame) settle();
      if (isSame) clearTimeout(waiting.timer);
      const whole = isSame ? ({ ...change, before: waiting.change.before } as GroundChange) : change;
      lay(whole);
      resting.current = { change: whole, timer: setTimeout(settle, STILL_MS) };
    },
    [lay, settle],
  );
  const undo = useCallback(() => {
    const waiting = resting.current;
    if (waiting) {
      clearTimeout(waiting.timer);
      resting.current = null;
      // It was never kept: the records say where it stood.
      forget(thingOf(waiting.change));
      return;
    }
    const last = done.at(-1);
    if (!last) return;
    setDone(done.slice(0, -1));
    const back = turnedBack(last);
    void keep(back, lay(back));
  }, [done, keep, lay, forget]);

  const changes = useMemo(() => new Map([...laid].map(([id, { change }]) => [id, change])), [laid]);
  return {
    laid: changes,
    make,
    nudge,
    undo,
    canUndo: done.length > 0,
  };
}

const thingOf = ({ kind, before, after }: GroundChange): string =>
  kind === 'plant-spots' ? (after ?? before)!.plantId : (after ?? before)!.id;

const turnedBack = ({ kind, before, after }: GroundChange): GroundChange =>
  ({ kind, before: after, after: before }) as GroundChange;

const LABELS: Readonly<Record<GroundChange['kind'], string>> = {
  'plant-spots': 'where a plant stands',
  'ground-shapes': 'a part of the plan',
  'ground-pictures': 'a picture beneath the plan',
};

function entryOf({ kind, before, after }: GroundChange) {
  if (after === null) return takeOutEntry(kind, before!, LABELS[kind]);
  return before === null ? putEntry(kind, after, LABELS[kind]) : putEntry(kind, after, LABELS[kind], before);
}
