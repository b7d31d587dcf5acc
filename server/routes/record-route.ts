import { Hono } from 'hono';
import { sameId, takenOut } from '../context.ts';
import { ifAsSeen } from '../if-as-seen.ts';
import { schemaOf, type KindTable, type RecordOf } from '../store/kinds.ts';
import type { RecordTable } from '../store/record-table.ts';
import type { Store } from '../store/store.ts';
import { jsonBody } from '#answers';

/**
 * Keeping and taking out the records of one kind: PUT and DELETE at `/:id`. `check` refuses what
 * each field allows but the garden does not.
 */
export function recordRoute<Kind extends KindTable>(
  store: Store,
  kind: Kind,
  table: RecordTable<RecordOf<Kind>>,
  check: (record: RecordOf<Kind>) => void,
) {
  const schema = schemaOf(kind);
  return new Hono()
    .put('/:id', jsonBody(schema), ifAsSeen(schema, table.one), (c) => {
      const record = c.req.valid('json');
      sameId(c.req.param('id'), record);
      check(record);
      table.put(record);
      return c.json({ record });
    })
    .delete('/:id', (c) => c.json(takenOut(store, kind, c.req.param('id'))));
}
