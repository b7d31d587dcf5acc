import { expect, test } from '@jest/globals';
import { signsMet, type Candidate, type Check, type FrequencyWord, type Key } from './index.ts';

const sign = (id: string): Check => ({
  id,
  kind: 'sign',
  name: '',
  question: '',
  how: '',
  effort: 'look',
  answers: [
    { id: 'yes', label: '' },
    { id: 'no', label: '' },
  ],
});
const CHECKS = ['trail', 'domes', 'web', 'rust'].map(sign);
const candidate = (id: string, host: string, looks: Readonly<Record<string, FrequencyWord>>): Candidate => ({
  id,
  name: id,
  group: 'soft',
  hosts: { [host]: 'usually' },
  months: [],
  shelter: 'either',
  looks: Object.fromEntries(CHECKS.map(({ id: check }) => [check, { yes: looks[check] ?? 'never' }])),
});
const KEY: Key = {
  candidates: [
    candidate('miner', 'lemon', { trail: 'always', web: 'sometimes' }),
    candidate('scale', 'lemon', { domes: 'usually', rust: 'rarely' }),
    candidate('rust', 'rose', { rust: 'always' }),
  ],
  unlisted: [],
  checks: CHECKS,
  firstWords: [],
};

test('every sign that something on this plant shows at least sometimes, and no other', () => {
  const met = (hostId: string) => signsMet(KEY, { hostId, month: 6, sheltered: false });
  expect([...met('lemon')].sort()).toEqual(['domes', 'trail', 'web']);
  expect(met('rose')).toEqual(['rust']);
});

test('what tells most stands first', () => {
  expect(signsMet(KEY, { hostId: 'lemon', month: 6, sheltered: false })[0]).not.toBe('web');
});
