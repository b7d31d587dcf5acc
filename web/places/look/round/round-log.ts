import { useSyncExternalStore } from 'react';
import type { CivilDate } from '#core/calendar';
import { z } from 'zod';
import { civilDate, recordId, type Stop, stopRecord } from '#core/records';
import { newId } from '../../../api/new-id.ts';
import { keptHere } from '../../../parts/kept-here.ts';

/** The round this device is on, with what it did; it outlives a closed tab and a lost signal. */
export interface RoundInHand {
  readonly id: string;
  readonly startedOn: CivilDate;
  readonly stops: readonly Stop[];
  /**
   * Keys of the stops in the order the walk began with: what is done on the way does not shuffle what
   * is left.
   */
  readonly order: readonly string[];
}

const KEY = 'juglans-round';
const listeners = new Set<() => void>();
let shown: { readonly text: string | null; readonly round: RoundInHand | null } = { text: null, round: null };

const ROUNDS = keptHere<RoundInHand>(
  1,
  z.object({
    id: recordId,
    startedOn: civilDate,
    stops: z.array(stopRecord),
    order: z.array(z.string()),
  }),
);

export function roundInHand(): RoundInHand | null {
  const text = localStorage.getItem(KEY);
  if (text !== shown.text) shown = { text, round: ROUNDS.read(KEY) };
  return shown.round;
}

function write(round: RoundInHand | null): void {
  ROUNDS.write(KEY, round);
  listeners.forEach((listener) => listener());
}

export const useRoundInHand = (): RoundInHand | null =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, roundInHand);

/** Begins a round, or joins one begun elsewhere. */
export function takeUpRound(
  startedOn: CivilDate,
  order: readonly string[],
  id: string = newId(),
): RoundInHand {
  const round: RoundInHand = { id, startedOn, stops: [], order };
  write(round);
  return round;
}

export function logStop(stop: Stop): void {
  const round = roundInHand();
  if (round?.id === stop.roundId) write({ ...round, stops: [...round.stops, stop] });
}

export const layRoundDown = (): void => write(null);
