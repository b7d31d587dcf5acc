import { useEffect, useRef, useState } from 'react';
import { journal } from './outbox.ts';
import { packedPhotos, packLabel, packNow, type PackLabel } from './pack.ts';
import { MANY, type PicturesHere, picturesHere, takePicturesAlong } from './pictures-here.ts';

/** What this device has with it. */
export interface Packed {
  /** Null where nothing is packed. */
  readonly label: PackLabel | null;
  readonly pictures: PicturesHere;
  /** All that the browser keeps for the program here, bytes; null where it does not say. */
  readonly allBytes: number | null;
  /** Whether the browser promised to keep it when space runs short. */
  readonly promised: boolean;
}

async function whatIsHere(): Promise<Packed> {
  const { storage } = navigator as { storage?: StorageManager };
  return {
    label: await packLabel(),
    pictures: await picturesHere(),
    allBytes: (await storage?.estimate())?.usage ?? null,
    promised: (await storage?.persisted?.()) ?? false,
  };
}

/** How far packing has come; null while nothing is being packed. */
export type PackingStep =
  | { readonly kind: 'records' }
  | { readonly kind: 'pictures'; readonly taken: number; readonly total: number };

/** Packs the garden onto this device when told to, with progress and a stop, and says what is here. */
export function usePacking() {
  const [packed, setPacked] = useState<Packed | null>(null);
  const [step, setStep] = useState<PackingStep | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const stop = useRef<AbortController | null>(null);
  useEffect(() => {
    let isHere = true;
    void whatIsHere().then((here) => isHere && setPacked(here));
    return () => {
      isHere = false;
      stop.current?.abort();
    };
  }, []);
  const pack = async () => {
    const stopping = new AbortController();
    stop.current = stopping;
    setProblem(null);
    setStep({ kind: 'records' });
    try {
      await navigator.storage?.persist?.();
      const label = await packNow(Date.now());
      await journal.packedAt(label.packedAtMs);
      const photoIds = (await packedPhotos()).slice(0, MANY).map(({ id }) => id);
      const total = photoIds.length;
      setStep({ kind: 'pictures', taken: 0, total });
      await takePicturesAlong(photoIds, stopping.signal, (taken) =>
        setStep({ kind: 'pictures', taken, total }),
      );
    } catch (error) {
      // What was stopped by hand is no trouble.
      if (!stopping.signal.aborted) setProblem((error as Error).message);
    }
    setPacked(await whatIsHere());
    setStep(null);
  };
  return { packed, step, problem, pack, stop: () => stop.current?.abort() };
}
