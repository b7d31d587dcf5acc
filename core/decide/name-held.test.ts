import { expect, test } from '@jest/globals';
import type { Watch } from '#core/records';
import { nameHeld } from './index.ts';

const SCALE = { targetId: 'euonymus-scale', group: 'armored' } as const;
const OTHER = { targetId: 'tea-scale', group: 'armored' } as const;
const NONE = { targetId: null, group: null } as const;
const GROUP = { targetId: null, group: 'armored' } as const;

type Name = Pick<Watch, 'targetId' | 'group'>;

test.each<[string, Name, Name, string]>([
  ['the same trouble', SCALE, SCALE, 'held'],
  ['a trouble within the group that was said', GROUP, SCALE, 'held'],
  ['the group again', GROUP, GROUP, 'held'],
  ['another trouble', OTHER, SCALE, 'renamed'],
  ['another group', { targetId: null, group: 'soft' }, SCALE, 'renamed'],
  ['less than was said', SCALE, GROUP, 'renamed'],
  ['a name where there was none', NONE, SCALE, 'named-later'],
  ['none still', NONE, NONE, 'open'],
])('%s', (_, first, now, held) => {
  const watch = { ...now, firstTargetId: first.targetId, firstGroup: first.group, namedBy: 'key' } as const;
  expect(nameHeld({ ...watch, outcome: 'open' })).toBe(held);
  expect(nameHeld({ ...watch, outcome: 'closed' })).toBe(held);
  expect(nameHeld({ ...watch, outcome: 'ruled-out' })).toBe('ruled-out');
});

test('a name from before first names were kept is not judged', () => {
  const old = { ...SCALE, firstTargetId: null, firstGroup: null, namedBy: null, outcome: 'open' } as const;
  expect(nameHeld(old)).toBe('not-told');
});
