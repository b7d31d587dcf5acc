/**
 * Share of the pest a treatment took away, allowing for what happened where nothing was done:
 * 1 − (treated after · untreated before) / (treated before · untreated after)
 * (Henderson & Tilton 1955, J. Econ. Entomol. 48:157). Mean counts per unit, any one unit. Negative
 * when the treated plant did worse. One plant against one is unreplicated: it shows a difference
 * between two plants, not its cause.
 * Returns null when a count it divides by is 0.
 */
export function hendersonTilton(counts: {
  treatedBefore: number;
  treatedAfter: number;
  untreatedBefore: number;
  untreatedAfter: number;
}): number | null {
  const { treatedBefore, treatedAfter, untreatedBefore, untreatedAfter } = counts;
  if (treatedBefore === 0 || untreatedAfter === 0 || untreatedBefore === 0) return null;
  return 1 - (treatedAfter * untreatedBefore) / (treatedBefore * untreatedAfter);
}

/**
 * Share of the pest a treatment took away when both plants started alike: 1 − treated after /
 * untreated after (Abbott 1925, J. Econ. Entomol. 18:265). Returns null when the untreated has none.
 */
export function abbott(treatedAfter: number, untreatedAfter: number): number | null {
  return untreatedAfter === 0 ? null : 1 - treatedAfter / untreatedAfter;
}
