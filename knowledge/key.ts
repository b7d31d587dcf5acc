import type { Key } from '#core/identify';
import { CHECKS } from './checks/index.ts';
import { FIRST_WORDS } from './first-words.ts';
import { TARGETS, UNLISTED } from './targets/index.ts';
import { treatedAs } from './told-apart.ts';

/** All the key knows. */
export const KEY: Key = {
  candidates: TARGETS.map((target) => {
    const alike = treatedAs(target.id);
    return alike === null ? target : { ...target, treatedAs: alike };
  }),
  unlisted: UNLISTED,
  checks: CHECKS,
  firstWords: FIRST_WORDS,
};
