import type { MiddlewareHandler } from 'hono';
import { Problem } from '#answers';

/** A while in which nothing is written but by the one who asked for it. */
export interface Quiet {
  /** @throws Problem 409 while another has it. */
  whileNothingIsWritten<T>(work: () => Promise<T>): Promise<T>;
  /** Refuses changes for as long as it lasts; they are to be sent again. */
  readonly refusing: MiddlewareHandler;
}

const RETRY_AFTER_S = 2;

export function quiet(): Quiet {
  let lasts = false;
  return {
    async whileNothingIsWritten(work) {
      if (lasts) throw new Problem(409, 'An archive is being taken in already.');
      lasts = true;
      try {
        return await work();
      } finally {
        lasts = false;
      }
    },
    refusing: async (c, next) => {
      if (!lasts || c.req.method === 'GET' || c.req.path.startsWith('/api/archive/')) return next();
      c.header('retry-after', String(RETRY_AFTER_S));
      throw new Problem(503, 'An archive is being taken in. Nothing was kept: try again in a moment.');
    },
  };
}
