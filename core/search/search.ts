/** Something that can be found: its id, what it is called, and the words it may be looked for by. */
export interface Findable {
  readonly id: string;
  readonly title: string;
  readonly words: string;
}

export interface Found {
  readonly id: string;
  readonly score: number;
}

/** Where a word stands counts: in the title ten times as much as in the text; a whole word twice a beginning. */
const TITLE_WEIGHT = 10;
const WHOLE_WORD = 2;

/**
 * Entries that hold every word of `query`, or a word that begins with it, best first. Plain
 * wording ("squiggly line") is turned into the guide's own by `synonyms`: plain word → guide words.
 */
export function search(
  entries: readonly Findable[],
  query: string,
  synonyms: ReadonlyMap<string, string> = new Map(),
): Found[] {
  const asked = wordsOf(query).map((word) => [word, ...wordsOf(synonyms.get(word) ?? '')]);
  if (asked.length === 0) return [];
  return entries
    .map((entry) => {
      const title = wordsOf(entry.title);
      const text = wordsOf(entry.words);
      const scores = asked.map((alternatives) =>
        Math.max(...alternatives.map((word) => TITLE_WEIGHT * matches(title, word) + matches(text, word))),
      );
      return {
        id: entry.id,
        score: scores.every((score) => score > 0) ? scores.reduce((sum, score) => sum + score, 0) : 0,
      };
    })
    .filter(({ score }) => score > 0)
    .sort((a, b) => b.score - a.score || (a.id < b.id ? -1 : 1));
}

function matches(words: readonly string[], asked: string): number {
  let best = 0;
  for (const word of words) {
    if (word === asked) return WHOLE_WORD;
    if (asked.length >= 3 && word.startsWith(asked)) best = 1;
  }
  return best;
}

function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .split(/[^a-z0-9]+/)
    .filter((word) => word.length > 1);
}
