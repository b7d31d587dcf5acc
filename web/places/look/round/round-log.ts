import { useSyncExternalStore } from 'react';
import type { CivilDate } from '#core/calendar';
import type { Stop } from '#core/records';
import { newId } from '../../../api/new-id.ts';

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

function read(): RoundInHand | null {
  const text = localStorage.getItem(KEY);
  if (text !== shown.text) shown = { text, round: text === null ? null : (JSON.parse(text) as RoundInHand) };
  return shown.round;
}

function write(round: RoundInHand | null): void {
  if (round) localStorage.setItem(KEY, JSON.stringify(round));
  else localStorage.removeItem(KEY);
  listeners.forEach((listener) => listener());
}

export const useRoundInHand = (): RoundInHand | null =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, read);

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
  const round = read();
  if (round?.id === stop.roundId) write({ ...round, stops: [...round.stops, stop] });
}

export const layRoundDown = (): void => write(null);
