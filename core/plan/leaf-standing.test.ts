import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { type LeafFacts, type LeafSign, leafStanding, usualYearAt, type UsualYear } from './index.ts';

/** Swell on 5 April, first green on 26 April, leaves down on 6 November. */
const YEAR: UsualYear = { budSwell: 94, greenTip: 115, leafFall: 309, marginDays: 14, basis: 'measured' };
const sign = (kind: LeafSign['kind'], on: string, leafState: LeafSign['leafState']): LeafSign => ({
  kind,
  on,
  leafState,
});
const FALL = sign('leaf-fall', '2025-11-12', 'dormant');

const wears = (on: string, signs: readonly LeafSign[] = [], changes: Partial<LeafFacts> = {}) => {
  const { value, basis, question } = leafStanding(
    { evergreen: false, signs, year: YEAR, seasonStart: '2026-01-01', ...changes },
    on,
  );
  return [value, basis, question];
};

describe('what a plant wears', () => {
  test('a leaf fall logged in November holds until buds may swell, is asked then, and says nothing in May', () => {
    expect(wears('2025-11-12', [FALL])).toEqual(['dormant', 'seen', null]);
    expect(wears('2026-03-21', [FALL])).toEqual(['dormant', 'logged', null]);
    expect(wears('2026-03-23', [FALL])).toEqual(['dormant', 'logged', 'green-yet']);
    expect(wears('2026-05-20', [FALL])).toEqual(['in-leaf', 'measured', null]);
  });
  test('a swell lasts weeks, then leaves are out; it says nothing in October', () => {
    const swell = sign('bud-swell', '2026-03-20', 'delayed-dormant');
    expect(wears('2026-04-02', [FALL, swell])).toEqual(['delayed-dormant', 'logged', null]);
    expect(wears('2026-04-20', [FALL, swell])).toEqual(['delayed-dormant', 'logged', 'green-yet']);
    expect(wears('2026-05-10', [FALL, swell])).toEqual(['in-leaf', 'logged', null]);
    expect(wears('2026-11-25', [FALL, swell])).toEqual(['dormant', 'measured', null]);
  });
  test('a spray in leaf or a count on leaves ends a leaf fall', () => {
    for (const kind of ['sprayed', 'counted-on-leaves', 'seen-in-leaf'] as const)
      expect(wears('2026-03-10', [FALL, sign(kind, '2026-03-01', 'in-leaf')])).toEqual([
        'in-leaf',
        'logged',
        null,
      ]);
  });
  test('green in autumn is asked about as leaves begin to fall', () => {
    const green = sign('green-tip', '2026-04-20', 'in-leaf');
    expect(wears('2026-10-20', [green])).toEqual(['in-leaf', 'logged', null]);
    expect(wears('2026-10-30', [green])).toEqual(['in-leaf', 'logged', 'leaves-down-yet']);
    expect(wears('2026-11-25', [green])).toEqual(['dormant', 'measured', null]);
  });
  test('an evergreen is in leaf; one that may be is asked, and was never bare by a calendar', () => {
    expect(wears('2026-01-15', [], { evergreen: true })).toEqual(['in-leaf', 'nature', null]);
    expect(wears('2026-01-15', [], { evergreen: null })).toEqual(['in-leaf', 'unknown', 'evergreen-or-not']);
    expect(wears('2026-01-15', [sign('seen-bare', '2026-01-10', 'dormant')], { evergreen: null })[0]).toBe(
      'dormant',
    );
  });
});

describe('with nothing logged and no thermometer', () => {
  const bare = (latitudeDeg: number, on: string) =>
    wears(on, [], {
      year: usualYearAt(latitudeDeg),
      seasonStart: latitudeDeg < 0 ? (on >= '2026-07-01' ? '2026-07-01' : '2025-07-01') : '2026-01-01',
    });
  test('the calendar knows deep winter and summer, north and south, and asks between', () => {
    expect(bare(45, '2026-01-15')).toEqual(['dormant', 'calendar', null]);
    expect(bare(45, '2026-07-15')).toEqual(['in-leaf', 'calendar', null]);
    expect(bare(45, '2026-04-10')).toEqual(['in-leaf', 'unknown', 'green-yet']);
    expect(bare(45, '2026-11-10')).toEqual(['in-leaf', 'unknown', 'leaves-down-yet']);
    expect(bare(-45, '2026-07-15')).toEqual(['dormant', 'calendar', null]);
    expect(bare(-45, '2026-01-15')).toEqual(['in-leaf', 'calendar', null]);
    expect(bare(-45, '2026-10-10')).toEqual(['in-leaf', 'unknown', 'green-yet']);
  });
  test('where winters are short it never takes bare wood for granted', () => {
    for (let i = 0; i < 365; i++) expect(bare(25, addDays('2026-01-01', i))[0]).toBe('in-leaf');
  });
  test('spring comes later nearer the pole, and leaf fall sooner', () => {
    const [low, high] = [usualYearAt(32), usualYearAt(-55)];
    expect(high.budSwell).toBeGreaterThan(low.budSwell);
    expect(high.leafFall).toBeLessThan(low.leafFall);
    for (const latitudeDeg of [-90, -20, 0, 23, 70, 90]) {
      const { budSwell, greenTip, leafFall } = usualYearAt(latitudeDeg);
      expect(budSwell < greenTip && greenTip < leafFall && leafFall < 365).toBe(true);
    }
  });
});
