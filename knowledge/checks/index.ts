import type { Check } from '#core/identify';
import { INSECT_SIGNS } from './insect-signs.ts';
import { LEAF_SIGNS } from './leaf-signs.ts';
import { TESTS } from './tests.ts';
import { WOOD_SIGNS } from './wood-signs.ts';

/** What can be looked for, cheap looks first. */
export const CHECKS: readonly Check[] = [...INSECT_SIGNS, ...LEAF_SIGNS, ...WOOD_SIGNS, ...TESTS];
