/**
 * How many tags, half of them left untreated, show a halving in eight of ten cases, by how many live there are on
 * each before. Found by simulation (clumped twigs that each go their own way a little), see docs/measured.md; twigs
 * of one plant may differ more, so grade C. Beyond the last row no sensible number does it.
 */
export const TAGS_FOR_HALVING: readonly { readonly liveFrom: number; readonly tags: number }[] = [
  { liveFrom: 40, tags: 18 },
  { liveFrom: 20, tags: 24 },
  { liveFrom: 10, tags: 30 },
  { liveFrom: 5, tags: 54 },
  { liveFrom: 3, tags: 74 },
];
const FEW_ANYWAY = 10;

export interface TagsNeeded {
  /** Tags that show a halving; null where there are too few on each for any sensible number. */
  readonly halving: number | null;
  /** A strong effect, nine in ten taken, shows with about a third of them. */
  readonly strong: number | null;
}

/** `live` a unit as last counted; null where nobody counted yet. */
export function tagsNeeded(live: number | null): TagsNeeded {
  const row = live === null ? TAGS_FOR_HALVING[2] : TAGS_FOR_HALVING.find(({ liveFrom }) => live >= liveFrom);
  if (!row) return { halving: null, strong: null };
  return { halving: row.tags, strong: Math.max(FEW_ANYWAY, 2 * Math.ceil(row.tags / 6)) };
}
