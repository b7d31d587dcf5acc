import { Hono } from 'hono';
import { z } from 'zod';
import { jsonBody, orNotFound, Problem } from '#answers';
import type { AppParts } from '../context.ts';
import { isKeptKind } from '../store/change-log.ts';
import { BelongsToNothingError } from '../store/taking-out.ts';

/** What taking something out answered. */
const takenOutAs = z.object({ from: z.number().int().min(1), to: z.number().int().min(1) });

/** Earlier states of records, and taking back that something was taken out. */
export function historyRoutes({ store }: AppParts) {
  return new Hono()
    .get('/changes/:kind/:id', (c) => {
      const { kind, id } = c.req.param();
      return c.json(store.changesOf(orNotFound(isKeptKind(kind) ? kind : null, 'kind of record'), id));
    })
    .post('/undo', jsonBody(takenOutAs), (c) => {
      try {
        return c.json({ back: store.putBack(c.req.valid('json')) });
      } catch (error) {
        if (error instanceof BelongsToNothingError)
          throw new Problem(409, `${error.message} Put that back first.`);
        throw error;
      }
    });
}
