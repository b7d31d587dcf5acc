import { hash } from 'ohash';
import { isEqual } from 'ohash/utils';
import type { z } from 'zod';

/** A record without what came beside it in an answer; one that its schema no longer allows as it is. */
export const ownFields = <T>(record: T, schema: z.ZodType<T>): T => schema.safeParse(record).data ?? record;

/** The name of a record's state: the same for the same values, whatever their order, and for nothing else. */
export const versionOf = (record: object): string => hash(JSON.parse(JSON.stringify(record)));

/** Two edits of a record that were made from the same state. */
export interface Meeting<T> {
  /** Both edits in one record; where both changed a field to different values, mine. */
  readonly together: T;
  /** The fields both changed to different values. */
  readonly clashes: readonly (keyof T & string)[];
}

/** Brings two edits together, field by field: what only one of them changed is as that one has it. */
export function meet<T extends object>(from: T, mine: T, theirs: T): Meeting<T> {
  const fields = Object.keys({ ...theirs, ...mine }) as (keyof T & string)[];
  const changedByMe = fields.filter((field) => !isEqual(mine[field], from[field]));
  return {
    together: {
      ...theirs,
      ...(Object.fromEntries(changedByMe.map((field) => [field, mine[field]])) as Partial<T>),
    },
    clashes: changedByMe.filter(
      (field) => !isEqual(theirs[field], from[field]) && !isEqual(theirs[field], mine[field]),
    ),
  };
}
