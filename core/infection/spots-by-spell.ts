/** Leaves of one look: where each stands from the tip (1 the newest) and the fresh spots on it. */
export interface SpottedLeaf {
  readonly place: number;
  readonly fresh: number;
}

/** A time that may have infected, and how many leaves of a shoot were open then. */
export interface SpellOnLeaves {
  readonly id: string;
  readonly leavesThen: number;
}

/** What the leaves say of a time: they must have it from there, may have, or were out in it and are clean. */
export type SpotsVerdict = 'must' | 'may' | 'clean' | 'no-leaf';

/**
 * Which of several times spotted the leaves of one look. A leaf that had not unfolded at a time cannot have its
 * spots from it, nor one too old to be infected then; where only one time is left, it must have been that one.
 * @param leavesNow leaves open on a shoot on the day of the look.
 * @param openLeaves only the newest so many can be infected; null for all.
 */
export function spotsBySpell(
  leaves: readonly SpottedLeaf[],
  leavesNow: number,
  spells: readonly SpellOnLeaves[],
  openLeaves: number | null,
): ReadonlyMap<string, SpotsVerdict> {
  const wasOut = ({ place }: SpottedLeaf, { leavesThen }: SpellOnLeaves): boolean => {
    // Where nobody said which leaf it was, it may have been out in any of them.
    if (place === 0) return true;
    const number = leavesNow - place + 1;
    return number <= leavesThen && (openLeaves === null || number > leavesThen - openLeaves);
  };
  const spotted = leaves.filter(({ fresh }) => fresh > 0);
  const possible = spotted.map((leaf) => spells.filter((spell) => wasOut(leaf, spell)));
  return new Map(
    spells.map((spell) => {
      if (!leaves.some((leaf) => wasOut(leaf, spell))) return [spell.id, 'no-leaf'];
      const among = possible.filter((ofLeaf) => ofLeaf.includes(spell));
      if (among.length === 0) return [spell.id, 'clean'];
      return [spell.id, among.some((ofLeaf) => ofLeaf.length === 1) ? 'must' : 'may'];
    }),
  );
}
