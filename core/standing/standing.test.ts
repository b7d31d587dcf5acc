import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { BASES, type Claim, mostTrusted } from './index.ts';

type Word = 'bare' | 'leafy' | 'nobody knows';
const claim = (basis: Claim<Word>['basis'], value: Word, span: Partial<Claim<Word>> = {}): Claim<Word> => ({
  value,
  basis,
  since: null,
  trustedTo: null,
  holdsTo: null,
  ...span,
});
const NOTHING = claim('unknown', 'nobody knows');
const on = (...claims: Claim<Word>[]) => mostTrusted(claims, '2026-05-10', NOTHING);

test('what was seen rules over what was logged, measured, published or read off a calendar', () => {
  for (const [i, basis] of BASES.entries())
    for (const lesser of BASES.slice(i + 1))
      expect(on(claim(lesser, 'bare'), claim(basis, 'leafy')).value).toBe('leafy');
});

test('of two alike the later one; neither one to come nor one that has run out', () => {
  expect(
    on(claim('logged', 'bare', { since: '2026-04-01' }), claim('logged', 'leafy', { since: '2026-05-01' }))
      .value,
  ).toBe('leafy');
  expect(on(claim('seen', 'leafy', { since: '2026-05-11' }), claim('calendar', 'bare')).value).toBe('bare');
  expect(on(claim('logged', 'bare', { holdsTo: '2026-05-09' }), claim('calendar', 'leafy')).value).toBe(
    'leafy',
  );
  expect(on(claim('logged', 'bare', { holdsTo: '2026-05-10' }), claim('calendar', 'leafy')).value).toBe(
    'bare',
  );
});

test('what holds from today on holds today, and what always held gives way to what began', () => {
  expect(on(claim('seen', 'leafy', { since: '2026-05-10' }), claim('calendar', 'bare')).value).toBe('leafy');
  expect(on(claim('logged', 'leafy', { since: '2026-05-01' }), claim('logged', 'bare')).value).toBe('leafy');
  expect(on(claim('logged', 'bare'), claim('logged', 'leafy', { since: '2026-05-01' })).value).toBe('leafy');
  expect(on(claim('logged', 'leafy'), claim('logged', 'bare')).value).toBe('bare');
  // Nothing known by nature, or by any basis, is less than what is said to be unknown.
  expect(on(claim('unknown', 'leafy')).value).toBe('leafy');
});

test('past the day it is trusted to, or without any claim, it is asked', () => {
  expect(on()).toMatchObject({ value: 'nobody knows', ask: true });
  expect(on(claim('logged', 'bare', { trustedTo: '2026-05-10' })).ask).toBe(false);
  expect(on(claim('logged', 'bare', { trustedTo: '2026-05-09' })).ask).toBe(true);
});

test('the order in which claims are given changes nothing', () => {
  const days = fc.constantFrom('2026-03-01', '2026-05-01', '2026-05-10', '2026-06-01');
  const anyClaim = fc.record({
    value: fc.constant<Word>('bare'),
    basis: fc.constantFrom(...BASES),
    since: days,
    trustedTo: fc.constant(null),
    holdsTo: days,
  });
  fc.assert(
    fc.property(fc.array(anyClaim, { maxLength: 6 }), (claims) => {
      const [there, back] = [on(...claims), on(...claims.toReversed())];
      expect([back.basis, back.since]).toEqual([there.basis, there.since]);
    }),
  );
});
