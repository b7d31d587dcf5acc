/**
 * Slows guessing: after a few failures each further one doubles the wait, for one caller and for all
 * together.
 */
export interface Throttle {
  /** Seconds still to wait before this caller may try; 0 when it may. */
  waitSeconds(caller: string, nowMs: number): number;
  failed(caller: string, nowMs: number): void;
  succeeded(caller: string): void;
}

const FREE_TRIES = 5;
const FIRST_WAIT_S = 15;
const LONGEST_WAIT_S = 15 * 60;
/** All callers together are given more room, so that one cannot lock the others out by a few tries. */
const FREE_TRIES_OF_ALL = 40;
const MOST_CALLERS = 1000;
const ALL = '*';

interface Failures {
  count: number;
  until: number;
}

export function throttle(): Throttle {
  const failuresByCaller = new Map<string, Failures>();
  const note = (caller: string, free: number, nowMs: number) => {
    const count = (failuresByCaller.get(caller)?.count ?? 0) + 1;
    const waitS = count < free ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (count - free));
    failuresByCaller.delete(caller);
    failuresByCaller.set(caller, { count, until: nowMs + waitS * 1000 });
    // The oldest are let go of first; the memory of all together stays.
    if (failuresByCaller.size > MOST_CALLERS)
      failuresByCaller.delete([...failuresByCaller.keys()].find((key) => key !== ALL)!);
  };
  return {
    waitSeconds: (caller, nowMs) =>
      Math.max(
        0,
        ...[caller, ALL].map((key) => Math.ceil(((failuresByCaller.get(key)?.until ?? 0) - nowMs) / 1000)),
      ),
    failed(caller, nowMs) {
      note(caller, FREE_TRIES, nowMs);
      note(ALL, FREE_TRIES_OF_ALL, nowMs);
    },
    succeeded: (caller) => {
      failuresByCaller.delete(caller);
      failuresByCaller.delete(ALL);
    },
  };
}
