import ipaddr from 'ipaddr.js';

/**
 * Slows guessing, by where the guesses come from: after a few failures each further one doubles the wait. A
 * try counts as failed from its beginning, so that many sent at once are no more than as many sent in turn,
 * and no source holds up another.
 */
export interface Throttle {
  /**
   * Begins a try, unless the source has to wait or has one going on.
   * @returns seconds to wait; 0 when the try has begun, which must then be ended.
   */
  begin(source: string, nowMs: number): number;
  ended(source: string, wasRight: boolean): void;
}

const FREE_TRIES = 5;
const FIRST_WAIT_S = 15;
const LONGEST_WAIT_S = 15 * 60;
const WHILE_ONE_IS_CHECKED_S = 1;
const MOST_SOURCES = 1000;

interface Tries {
  count: number;
  until: number;
  going: boolean;
}

export function throttle(): Throttle {
  const bySource = new Map<string, Tries>();
  return {
    begin(source, nowMs) {
      const before = bySource.get(source) ?? { count: 0, until: 0, going: false };
      if (before.going) return WHILE_ONE_IS_CHECKED_S;
      const waitS = Math.ceil((before.until - nowMs) / 1000);
      if (waitS > 0) return waitS;
      const count = before.count + 1;
      const nextWaitS =
        count < FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (count - FREE_TRIES));
      bySource.delete(source);
      bySource.set(source, { count, until: nowMs + nextWaitS * 1000, going: true });
      // The one that tried longest ago is let go of first.
      if (bySource.size > MOST_SOURCES) bySource.delete(bySource.keys().next().value!);
      return 0;
    },
    ended(source, wasRight) {
      const tries = bySource.get(source);
      if (wasRight) bySource.delete(source);
      else if (tries) tries.going = false;
    },
  };
}

/** What counts as one source: an IPv4 address, or the network of an IPv6 address, which has as many as it likes. */
export function sourceOf(address: string | undefined): string {
  if (address === undefined || !ipaddr.isValid(address)) return 'unknown';
  const read = ipaddr.process(address);
  if (read.kind() === 'ipv4') return read.toString();
  return (read as ipaddr.IPv6).parts
    .slice(0, 4)
    .map((part) => part.toString(16))
    .join(':');
}
