import { type ByCase, WETNESS_CASES } from './wetness-case.ts';

/** How sure it is that a wet time infected, or will. */
export type InfectionWord = 'possible' | 'likely' | 'sure';

const SURE_FROM = 0.9,
  LIKELY_FROM = 0.5;

/** Chance that it infected, 0–1: the cases that say so, each by how likely it is. */
export const infectionChance = (infects: ByCase<boolean>, cases: ByCase<number>): number =>
  WETNESS_CASES.reduce((sum, at) => sum + (infects[at] ? cases[at] : 0), 0);

/**
 * Possible where only the long case infects, likely where the usual one does, sure where the short one does too:
 * by the chance of the cases, as far as a place has taught them. Null where none infects.
 */
export function infectionWord(infects: ByCase<boolean>, cases: ByCase<number>): InfectionWord | null {
  if (!WETNESS_CASES.some((at) => infects[at])) return null;
  const chance = infectionChance(infects, cases);
  return chance >= SURE_FROM ? 'sure' : chance >= LIKELY_FROM ? 'likely' : 'possible';
}
