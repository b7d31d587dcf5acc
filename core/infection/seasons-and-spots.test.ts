import { describe, expect, test } from '@jest/globals';
import { leavesOpen, scabSeason, severityOf, severeFrom, spotsBetween, spotsBySpell } from './index.ts';

describe('scab spores by heat', () => {
  const days = (count: number, meanC: number, rainMm: number | null) =>
    Array.from({ length: count }, () => ({ meanC, rainMm }));

  test('half are ripe at 249 °C·days, 95 % at about 413', () => {
    const shares = scabSeason(days(42, 10, 1));
    expect(shares[24]).toBeCloseTo(0.504, 2);
    expect(shares[40]).toBeCloseTo(0.946, 2);
  });

  test('ripening waits after seven dry days until it rains; untold rain counts as wet', () => {
    const dry = scabSeason(days(20, 10, 0));
    expect(dry[19]).toBe(dry[6]);
    const again = scabSeason([...days(20, 10, 0), ...days(1, 10, 5)]);
    expect(again[20]).toBeGreaterThan(again[19]!);
    expect(scabSeason(days(20, 10, null))[19]).toBeGreaterThan(dry[19]!);
  });

  test('frost takes nothing back', () => {
    expect(scabSeason([...days(5, 10, 1), ...days(3, -4, 1)])[7]).toBe(scabSeason(days(5, 10, 1))[4]);
  });
});

describe('days to spots', () => {
  test('scab: 9 to 10 days at 18 °C, 16 to 17 at 10, more in a cold spell', () => {
    expect(spotsBetween('apple-scab', [18])).toEqual([9, 10]);
    expect(spotsBetween('apple-scab', [10])).toEqual([16, 17]);
    const cold = spotsBetween('apple-scab', [...Array.from({ length: 5 }, () => 4.5), 18])!;
    // Five days at half the pace of nine degrees: five thirty-seconds of the way.
    expect(cold[0]).toBeGreaterThan(9);
    expect(spotsBetween('apple-scab', [30])).toEqual([9, 10]);
  });

  test('others have their span; what nothing is told of has none', () => {
    expect(spotsBetween('rose-black-spot', [20])).toEqual([3, 16]);
    expect(spotsBetween('tar-spot', [20])).toBeNull();
  });
});

describe('how much it comes to', () => {
  test('scab: light, moderate and severe by hours at a temperature; nothing where no table tells', () => {
    expect(severityOf('apple-scab', 11, 13)).toBe('light');
    expect(severityOf('apple-scab', 11, 18)).toBe('moderate');
    expect(severityOf('apple-scab', 11, 26)).toBe('severe');
    expect(severityOf('cedar-apple-rust', 14, 5)).toBe('severe');
    expect(severityOf('rose-black-spot', 20, 30)).toBeNull();
    expect(severeFrom('apple-scab', 'moderate', 11)).toBe(18);
    expect(severeFrom('apple-scab', 'light', 11)).toBe(9);
    expect(severeFrom('rose-black-spot', 'severe', 20)).toBeNull();
  });
});

describe('leaves of a shoot', () => {
  const growth = { from: 10, daysALeaf: 4, most: 20, counts: [] };

  test('two at first, one for every four days, until the shoot is grown', () => {
    expect([9, 10, 18, 200].map((day) => leavesOpen(growth, day))).toEqual([0, 2, 4, 20]);
    expect(leavesOpen({ ...growth, from: null }, 50)).toBe(20);
  });

  test('counted leaves rule: between two on a line, after the last one on from it', () => {
    const counted = {
      ...growth,
      counts: [
        { day: 20, leaves: 6 },
        { day: 30, leaves: 9 },
      ],
    };
    expect([20, 25, 30, 34, 18].map((day) => leavesOpen(counted, day))).toEqual([6, 7.5, 9, 10, 5.5]);
    expect(leavesOpen({ ...growth, counts: [{ day: 20, leaves: 30 }] }, 40)).toBe(30);
  });
});

describe('which time spotted the leaves', () => {
  const spells = [
    { id: 'first', leavesThen: 4 },
    { id: 'second', leavesThen: 8 },
  ];

  test('spots on a leaf that unfolded between the two are of the second', () => {
    // Ten leaves now: the fourth from the tip is the seventh to unfold.
    const verdicts = spotsBySpell(
      [
        { place: 4, fresh: 3 },
        { place: 8, fresh: 0 },
      ],
      10,
      spells,
      null,
    );
    expect(Object.fromEntries(verdicts)).toEqual({ first: 'clean', second: 'must' });
  });

  test('on a leaf that was out in both it may be either, unless it was too old for the second', () => {
    const old = [{ place: 8, fresh: 2 }];
    expect(Object.fromEntries(spotsBySpell(old, 10, spells, null))).toEqual({ first: 'may', second: 'may' });
    expect(Object.fromEntries(spotsBySpell(old, 10, spells, 4))).toEqual({
      first: 'must',
      second: 'no-leaf',
    });
  });

  test('leaves younger than both tell of neither', () => {
    expect(Object.fromEntries(spotsBySpell([{ place: 1, fresh: 1 }], 10, spells, null))).toEqual({
      first: 'no-leaf',
      second: 'no-leaf',
    });
  });
});
