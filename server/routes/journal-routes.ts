import { Hono } from 'hono';
import { z } from 'zod';
import { civilDate } from '#core/records';
import { jsonBody, orNotFound, Problem } from '#answers';
import { addressOf } from '../journal/record-address.ts';
import { type Outcome, settle, takeEntry } from '../journal/take-entry.ts';
import type { Store } from '../store/store.ts';

const record = z.record(z.string(), z.unknown());
const journal = z.object({
  device: z.string().regex(/^[\w-]{1,64}$/, 'a name of letters and digits'),
  entries: z
    .array(
      z.object({
        number: z.number().int().min(1),
        method: z.enum(['PUT', 'DELETE']),
        path: z.string().max(300),
        record: record.optional(),
        from: record.optional(),
        asks: z.boolean().default(false),
        on: civilDate.optional(),
      }),
    )
    .max(200),
});
/** What a record is called: by its own name, or after the plant it is about; null where it is about none. */
function calledAfter(store: Store, record: Readonly<Record<string, unknown>>): string | null {
  if (typeof record.name === 'string') return record.name;
  const watch = typeof record.watchId === 'string' ? store.watch(record.watchId) : undefined;
  const plantId = watch?.plantId ?? record.plantId;
  return (typeof plantId === 'string' ? store.plant(plantId)?.name : undefined) ?? null;
}

const choice = z.object({ take: z.enum(['kept-aside', 'standing']) });

/**
 * What devices tell of what happened on them, in their order, and what two of them told differently. `records`
 * keeps each entry as its own address would.
 */
export function journalRoutes(store: Store, records: Hono) {
  return (
    new Hono()
      .post('/journal', jsonBody(journal), async (c) => {
        const { device, entries } = c.req.valid('json');
        const outcomes: Outcome[] = [];
        for (const entry of entries) {
          const outcome = await takeEntry(store, records, device, entry);
          outcomes.push(outcome);
          // What comes after may rest on it: the device decides whether to go past.
          if (outcome.kind === 'failed') break;
        }
        return c.json({ outcomes });
      })
      // What was taken out meanwhile has nothing left to settle.
      .get('/unsettled', (c) =>
        c.json({
          unsettled: store.unsettled().flatMap((one) => {
            const { path, standing } = addressOf(one);
            const stood = standing(store) as Readonly<Record<string, unknown>> | null;
            if (stood === null) return [];
            return [{ ...one, path, stands: stood[one.field], label: calledAfter(store, stood) }];
          }),
        }),
      )
      .put('/unsettled/:id', jsonBody(choice), async (c) => {
        const one = store.unsettled().find(({ id }) => id === c.req.param('id'));
        const outcome = await settle(records, store, orNotFound(one, 'difference'), c.req.valid('json').take);
        if (outcome.kind === 'refused') throw new Problem(422, outcome.title, outcome.errors);
        if (outcome.kind !== 'kept') throw new Problem(409, 'It was changed just now. Look at it again.');
        return c.json({ settled: true });
      })
  );
}
