import { expect, test } from '@jest/globals';
import { nameIt, provingChecks, type Candidate, type Check, type Key } from './index.ts';

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
const CHECKS = ['white-flecks', 'mealy', 'trail'].map(sign);
const candidate = (id: string, ...shows: string[]): Candidate => ({
  id,
  name: id,
  group: 'soft',
  hosts: { oak: 'usually' },
  months: [],
  shelter: 'either',
  looks: Object.fromEntries(
    CHECKS.map((check) => [check.id, { yes: shows.includes(check.id) ? 'always' : 'never' }]),
  ),
});
const KEY: Key = {
  candidates: [
    candidate('flecked', 'white-flecks'),
    candidate('mealy', 'mealy'),
    candidate('mined', 'trail'),
  ],
  unlisted: [],
  checks: CHECKS,
  firstWords: [{ id: 'white', signs: ['white-flecks', 'mealy'] }],
};
const SCENE = { hostId: 'oak', month: 6, sheltered: false };
const chances = (answers: Record<string, string>) => {
  const { standings } = nameIt(KEY, SCENE, answers);
  return Object.fromEntries(standings.map(({ targetId, probability }) => [targetId, probability]));
};

test('a first word makes likelier what shows one of its signs, and counts as no answer', () => {
  const before = chances({})['mined']!;
  const after = chances({ 'first-word': 'white' });
  expect(after['mined']!).toBeLessThan(before / 2);
  expect(after['flecked']).toBeCloseTo(after['mealy']!, 12);
  expect(nameIt(KEY, SCENE, { 'first-word': 'white' }).answered).toBe(0);
});

test('a sign of the word that was seen explains it: the word adds nothing more', () => {
  expect(chances({ 'first-word': 'white', 'white-flecks': 'yes' })).toEqual(
    chances({ 'white-flecks': 'yes' }),
  );
});

test('a sign that is not there leaves the word to the others', () => {
  const told = chances({ 'first-word': 'white', 'white-flecks': 'no' });
  const without = chances({ 'white-flecks': 'no' });
  expect(told['mealy']!).toBeGreaterThan(without['mealy']!);
});

test('a word nobody knows is no word', () => {
  expect(chances({ 'first-word': 'purple' })).toEqual(chances({}));
});

test('who says what it is gets the looks that would prove it wrong, and with which answer', () => {
  expect(provingChecks(KEY, SCENE, {}, 'mealy')).toEqual([
    { checkId: 'mealy', against: ['no'] },
    { checkId: 'white-flecks', against: ['yes'] },
  ]);
  expect(provingChecks(KEY, SCENE, { mealy: 'yes' }, 'mealy', 1)).toHaveLength(1);
  expect(provingChecks(KEY, SCENE, {}, 'unheard-of')).toEqual([]);
});
