/**
 * The keys of a table that is written out in full, in its order. The language itself promises only strings,
 * since a value may have more fields than its type tells; a table does not.
 */
export function keysOf<Key extends string>(table: Readonly<Record<Key, unknown>>): readonly Key[] {
  return Object.keys(table) as Key[];
}

/** Whether a text from outside is one of the table's keys, by itself and not by what every object inherits. */
export function isKeyOf<Key extends string>(
  table: Readonly<Record<Key, unknown>>,
  text: string,
): text is Key {
  return Object.hasOwn(table, text);
}
