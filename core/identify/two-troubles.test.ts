import { expect, test } from '@jest/globals';
import { nameIt, type Candidate, type Check } from './index.ts';

const YES_NO = [
  { id: 'yes', label: '' },
  { id: 'no', label: '' },
];
const sign = (id: string): Check => ({
  id,
  kind: 'sign',
  name: '',
  question: '',
  how: '',
  effort: 'look',
  answers: YES_NO,
});
const CHECKS = ['domes', 'sticky', 'flies', 'rise'].map(sign);
const candidate = (id: string, group: Candidate['group'], ...shows: string[]): Candidate => ({
  id,
  name: id,
  group,
  hosts: { oak: 'usually' },
  months: [],
  shelter: 'either',
  looks: Object.fromEntries(
    CHECKS.map((check) => [check.id, { yes: shows.includes(check.id) ? 'always' : 'never' }]),
  ),
});
const SCALE = candidate('scale', 'soft', 'domes', 'sticky');
const FLY = candidate('fly', 'sap-sucker', 'flies', 'rise');
const OTHER_SCALE = candidate('other-scale', 'soft', 'flies', 'rise');
const run = (candidates: Candidate[], answers: Record<string, string>) =>
  nameIt(
    { candidates, unlisted: [], checks: CHECKS, firstWords: [] },
    { hostId: 'oak', month: 6, sheltered: false },
    answers,
  );

test('signs of both are two troubles, signs of one are one', () => {
  const both = run([SCALE, FLY], { domes: 'yes', sticky: 'yes', flies: 'yes', rise: 'yes' }).two!;
  expect([...both.targetIds].sort()).toEqual(['fly', 'scale']);
  expect(both.probability).toBeGreaterThan(0.8);
  expect(run([SCALE, FLY], { domes: 'yes', sticky: 'yes', flies: 'no', rise: 'no' }).two).toBeNull();
  expect(run([SCALE, FLY], {}).two).toBeNull();
});

test('a single stray sign is more likely a mistake than a second trouble', () => {
  expect(run([SCALE, FLY], { domes: 'yes', sticky: 'yes', flies: 'yes', rise: 'no' }).two).toBeNull();
});

test('two of one group are never said: they would be treated alike', () => {
  expect(
    run([SCALE, OTHER_SCALE], { domes: 'yes', sticky: 'yes', flies: 'yes', rise: 'yes' }).two,
  ).toBeNull();
});
