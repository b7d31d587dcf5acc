import MiniSearch from 'minisearch';

/** Something that can be found: its id, what it is called, and the words it may be looked for by. */
export interface Findable {
  readonly id: string;
  readonly title: string;
  readonly words: string;
}

/** Where a word stands counts: in the title ten times as much as in the text. */
const TITLE_WEIGHT = 10;
/** Words this long may be finished for the person who types, and may hold a slip in every fifth letter. */
const SHORTEST_BEGINNING = 3;
const SHORTEST_MISSPELT = 5;
const SLIPS = 0.2;

/** Runs of letters and digits of any script, without case or accents; single ones say nothing. */
function wordsOf(text: string): string[] {
  const plain = text.toLowerCase().normalize('NFKD').replace(/\p{M}/gu, '');
  return (plain.match(/[\p{L}\p{N}]+/gu) ?? []).filter((word) => word.length > 1);
}

/**
 * An index over entries, made once; it answers a query with the ids of entries that hold all of its
 * words, their beginnings or a near spelling, best first. Plain wording ("squiggly line") is looked
 * for by `synonyms` too: plain word → the guide's words.
 */
export function finder(
  entries: readonly Findable[],
  synonyms: ReadonlyMap<string, string> = new Map(),
): (query: string) => string[] {
  const index = new MiniSearch<Findable>({
    fields: ['title', 'words'],
    tokenize: wordsOf,
    processTerm: (term) => term,
    searchOptions: {
      boost: { title: TITLE_WEIGHT },
      prefix: (term) => term.length >= SHORTEST_BEGINNING,
      fuzzy: (term) => (term.length >= SHORTEST_MISSPELT ? SLIPS : false),
    },
  });
  index.addAll(entries);
  return (query) => {
    const asked = wordsOf(query);
    if (asked.length === 0) return [];
    const queries = asked.map((word) => ({
      combineWith: 'OR' as const,
      queries: [word, ...wordsOf(synonyms.get(word) ?? '')],
    }));
    return index.search({ combineWith: 'AND', queries }).map(({ id }) => id as string);
  };
}
