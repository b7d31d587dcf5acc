/**
 * The keys of a table that is written out in full, in its order. The language itself promises only strings,
 * since a value may have more fields than its type tells; a table does not.
 */
export function keysOf<Key extends string>(table: Readonly<Record<Key, unknown>>): readonly Key[] {
  return Object.keys(table) as Key[];
}
