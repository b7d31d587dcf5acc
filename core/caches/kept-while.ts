import { keptWith } from './kept-with.ts';

/**
 * A cache like `keptWith` for what changes: an answer is good for as long as its version stays the same,
 * and only the newest is kept.
 * @returns for an object, a key and a version the kept answer, or that of `work`, which then replaces it.
 */
export function keptWhile<Source extends object, Key, Version, Answer>(): (
  source: Source,
  key: Key,
  version: Version,
  work: () => Answer,
) => Answer {
  const newest = keptWith<
    Source,
    Key,
    { last: { readonly version: Version; readonly answer: Answer } | null }
  >();
  return (source, key, version, work) => {
    const slot = newest(source, key, () => ({ last: null }));
    if (slot.last?.version !== version) slot.last = { version, answer: work() };
    return slot.last.answer;
  };
}
