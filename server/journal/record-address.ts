import type { z } from 'zod';
import { gardenRecord, RECORDS_AT } from '#core/records';
import { keysOf } from '#core/tables';
import { type KindTable, schemaOf } from '../store/kinds.ts';
import type { Store } from '../store/store.ts';

/** One record by its address: what it is, what it may hold, and how it stands. */
export interface RecordAt {
  readonly kind: KindTable | 'garden';
  readonly recordId: string;
  readonly schema: z.ZodType<object>;
  standing(store: Store): object | null;
}

const KIND_AT = new Map(keysOf(RECORDS_AT).map((kind) => [RECORDS_AT[kind] as string, kind]));

/** The record that is put at an address; null where what is put there is not one record of its own. */
export function recordAt(path: string): RecordAt | null {
  if (path === '/garden')
    return { kind: 'garden', recordId: '', schema: gardenRecord, standing: (store) => store.garden() };
  const [, at = '', recordId = '', ...more] = path.split('/');
  const kind = KIND_AT.get(at);
  if (kind === undefined || recordId === '' || more.length > 0) return null;
  return {
    kind,
    recordId,
    schema: schemaOf(kind),
    standing: (store) =>
      store.every(kind).find((record) => (record as { id?: unknown }).id === recordId) ?? null,
  };
}

/** Where a record of a kind stands. */
export const addressOf = ({
  kind,
  recordId,
}: Pick<RecordAt, 'kind' | 'recordId'>): RecordAt & { path: string } => {
  const path = kind === 'garden' ? '/garden' : `/${RECORDS_AT[kind]}/${recordId}`;
  return { ...recordAt(path)!, path };
};
