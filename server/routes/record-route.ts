import { Hono } from 'hono';
import type { z } from 'zod';
import { sameId, takenOut } from '../context.ts';
import type { KindTable } from '../store/kinds.ts';
import type { RecordTable } from '../store/record-table.ts';
import type { Store } from '../store/store.ts';
import { jsonBody } from '../validate.ts';

/**
 * Keeping and taking out the records of one table: PUT and DELETE at `/:id`. `check` refuses what
 * each field allows but the garden does not.
 */
export function recordRoute<Schema extends z.ZodType<{ id: string }>>(
  store: Store,
  kind: KindTable,
  schema: Schema,
  table: RecordTable<z.infer<Schema>>,
  check: (record: z.infer<Schema>) => void,
) {
  return new Hono()
    .put('/:id', jsonBody(schema), (c) => {
      const record = c.req.valid('json') as z.infer<Schema>;
      sameId(c.req.param('id'), record);
      check(record);
      table.put(record);
      return c.json({ record });
    })
    .delete('/:id', (c) => c.json(takenOut(store, kind, c.req.param('id'))));
}
