/**
 * A cache that lives with the objects its answers were worked out from: answers by object and key, gone
 * with the object. Fit only where the object never changes, or is replaced when it does.
 * @returns for an object and a key the kept answer, or that of `work`, which is then kept.
 */
export function keptWith<Source extends object, Key, Answer>(): (
  source: Source,
  key: Key,
  work: () => Answer,
) => Answer {
  const bySource = new WeakMap<Source, Map<Key, Answer>>();
  return (source, key, work) => {
    const byKey = bySource.get(source) ?? new Map<Key, Answer>();
    bySource.set(source, byKey);
    if (!byKey.has(key)) byKey.set(key, work());
    return byKey.get(key)!;
  };
}
