import { describe, expect, test } from '@jest/globals';
import { emptyUnit, type Protocol, PROTOCOL_SHAPES, summarise } from '#core/sampling';
import {
  abbott,
  compareCounts,
  effectBesideUntreated,
  hendersonTilton,
  taggedEffect,
  type SeasonCount,
} from './index.ts';

const count = (on: string, values: readonly number[], more: Partial<SeasonCount> = {}): SeasonCount => {
  const { protocol = 'twig' } = more;
  const { item } = PROTOCOL_SHAPES[protocol].measure;
  const units = values.map((value) => ({ counts: { ...emptyUnit(protocol).counts, [item]: value } }));
  return {
    on,
    protocol,
    measure: summarise(protocol, units, null).measure,
    tagged: false,
    units: values.map((value) => ({ value })),
    ...more,
  };
};

const change = (before: readonly number[], after: readonly number[], more: Partial<SeasonCount> = {}) =>
  compareCounts(count('2025-05-10', before, more), count('2026-05-12', after, more));

const tagged = (on: string, values: readonly number[], protocol: Protocol = 'twig', first = 1) =>
  count(on, values, {
    protocol,
    tagged: true,
    units: values.map((value, i) => ({ value, tagId: String(first + i) })),
  });

const leaves = (hits: number, outOf: number): number[] =>
  Array.from({ length: outOf }, (_, i) => (i < hits ? 1 : 0));

describe('what may be compared', () => {
  const some = [4, 6, 5, 5];

  test('only the same way of counting, and tags only with tags', () => {
    const earlier = count('2025-05-10', some);
    for (const other of [count('2026-05-10', some, { protocol: 'bark' }), tagged('2026-05-10', some)])
      expect(compareCounts(earlier, other)).toEqual({ kind: 'not-comparable', why: 'protocol' });
    expect(compareCounts(tagged('2025-05-10', some), tagged('2026-05-10', some)).kind).toBe(
      'no-change-shown',
    );
  });

  test('only within six weeks of the same time of year, also across New Year', () => {
    const at = (earlier: string, later: string) =>
      compareCounts(count(earlier, some), count(later, some)).kind;
    expect(at('2025-05-10', '2026-06-24')).toBe('no-change-shown');
    expect(at('2025-05-10', '2026-06-25')).toBe('not-comparable');
    expect(at('2025-05-10', '2026-03-26')).toBe('no-change-shown');
    expect(at('2025-12-20', '2027-01-15')).toBe('no-change-shown');
    expect(at('2025-12-01', '2027-01-20')).toBe('not-comparable');
  });
});

describe('means between seasons', () => {
  test('units that happen to agree are no certainty: by hand', () => {
    // Four fours twice: (16 + ½)/4 = 4.125 a twig, which is also the least they vary: error √(2/16.5) = 0.34816;
    // t with 6 free is 2.4469, so the factor is e^0.85191 = 2.3441.
    const same = change([4, 4, 4, 4], [4, 4, 4, 4]);
    if (same.kind !== 'no-change-shown') throw new Error('nothing changed');
    expect(same.by).toMatchObject({ as: 'ratio', value: 1 });
    expect(same.by.high).toBeCloseTo(2.3441, 3);
    expect(same.by.low).toBeCloseTo(1 / 2.3441, 3);
    expect(change([4, 4, 4], [2, 2, 2]).kind).toBe('no-change-shown');
  });

  test('as many ways of dealing them out must be rarer as one in twenty', () => {
    // Three against three are dealt out in 20 ways, two of which part them; four against four in 70.
    expect(change([900, 901, 902], [1, 2, 3]).kind).toBe('no-change-shown');
    expect(change([900, 901, 902, 903], [1, 2, 3, 4]).kind).toBe('fell');
    expect(change([1, 2, 3, 4], [900, 901, 902, 903]).kind).toBe('rose');
    expect(change([900, 901, 902, 903], [1, 2, 902, 4]).kind).toBe('no-change-shown');
  });

  test('one crowded twig among empty ones is no fall when it is missed', () => {
    expect(change([0, 0, 90, 0, 0, 0, 0, 0, 0, 0], [0, 0, 0, 0, 0, 0, 0, 1, 0, 0]).kind).toBe(
      'no-change-shown',
    );
  });

  test('the order of twigs changes nothing', () => {
    const there = change([3, 9, 2, 7, 0], [4, 1, 6, 2]);
    expect(change([0, 2, 3, 7, 9], [6, 4, 2, 1])).toEqual(there);
  });

  test('nothing found is a change only where enough was there to be missed', () => {
    const none = Array<number>(10).fill(0);
    const clear = [5, 3, 6, 4, 8, 2, 5, 7, 4, 6];
    expect(change(clear, none).kind).toBe('gone');
    expect(change(none, clear).kind).toBe('appeared');
    expect(change([0, 0, 2, 0, 0, 1, 0, 0, 0, 0], none).kind).toBe('no-change-shown-none');
    expect(change(none, [0, 0, 2, 0, 0, 1, 0, 0, 0, 0]).kind).toBe('no-change-shown-none');
    expect(change(none, none)).toEqual({ kind: 'none-both-times' });
  });

  test('areas are judged by eye, so leaves that agree are no certainty either', () => {
    const disease = { protocol: 'disease' as const };
    // (20 + ½)/4 = 5.125: an eye a fifth of the area off, error √(2/4) · ln 2/√12 = 0.14149; t with 6 free.
    const same = change([5, 5, 5, 5], [5, 5, 5, 5], disease);
    if (same.kind !== 'no-change-shown') throw new Error('nothing changed');
    expect(same.by.high).toBeCloseTo(Math.exp(2.4469 * 0.14149), 3);
    expect(change([40, 50, 45, 60, 55], [2, 4, 1, 3, 5], disease).kind).toBe('fell');
  });
});

describe('tags are compared with themselves', () => {
  const before = [2, 40, 8, 120, 15, 60, 5, 90];

  test('what sets them apart for good hides no change', () => {
    const halved = before.map((value) => Math.round(value / 2) + (value % 3));
    expect(change(before, halved).kind).toBe('no-change-shown');
    expect(compareCounts(tagged('2025-05-10', before), tagged('2026-05-10', halved)).kind).toBe('fell');
  });

  test('six that all fell are a change, five are not', () => {
    const fall = (n: number) =>
      compareCounts(
        tagged(
          '2025-05-10',
          Array.from({ length: n }, (_, i) => 50 + i),
        ),
        tagged(
          '2026-05-10',
          Array.from({ length: n }, (_, i) => 10 + i),
        ),
      ).kind;
    expect([fall(5), fall(6)]).toEqual(['no-change-shown', 'fell']);
  });

  test('only those counted both times; with fewer than two, as picked afresh', () => {
    const lost = tagged('2026-05-10', [9, 1, 2, 9], 'twig', 7);
    // Tags 7 and 8 of either count: 5 and 90 before, 9 and 1 after.
    const both = compareCounts(tagged('2025-05-10', before), lost);
    expect(both.kind).toBe('no-change-shown');
    const none = tagged('2026-05-10', [9, 1, 2, 9], 'twig', 20);
    expect(compareCounts(tagged('2025-05-10', before), none)).toEqual(change(before, [9, 1, 2, 9]));
    expect(both).not.toEqual(change(before, [9, 1, 2, 9]));
  });

  test('tagged leaves by how many kept what they had', () => {
    const [first, second] = [
      tagged('2025-05-10', leaves(18, 30), 'leaf'),
      tagged('2026-05-10', leaves(12, 30), 'leaf'),
    ];
    expect(compareCounts(first, second).kind).toBe('fell');
    expect(change(leaves(18, 30), leaves(12, 30), { protocol: 'leaf' }).kind).toBe('no-change-shown');
  });
});

describe('shares between seasons', () => {
  const between = (before: number[], after: number[]) => change(before, after, { protocol: 'leaf' });

  test('move by points, and a change is claimed when they leave out nought', () => {
    const fell = between(leaves(24, 30), leaves(6, 30));
    expect(fell).toMatchObject({ kind: 'fell', by: { as: 'points' } });
    if (fell.kind !== 'fell') throw new Error('it fell');
    expect(fell.by.value).toBeCloseTo(-0.6, 12);
    expect(between(leaves(6, 30), leaves(24, 30)).kind).toBe('rose');
    expect(between(leaves(15, 30), leaves(12, 30)).kind).toBe('no-change-shown');
  });

  test('to nothing it is gone, from nothing it appeared, and both need enough leaves', () => {
    expect(between(leaves(20, 30), leaves(0, 30))).toEqual({ kind: 'gone' });
    expect(between(leaves(0, 30), leaves(20, 30))).toEqual({ kind: 'appeared' });
    expect(between(leaves(1, 30), leaves(0, 30)).kind).toBe('no-change-shown');
    expect(between(leaves(0, 30), leaves(0, 30))).toEqual({ kind: 'none-both-times' });
  });

  test('spurs of the same trees are compared tree by tree, of other trees as picked afresh', () => {
    const winter = (on: string, hits: readonly number[], trees: readonly number[]) => {
      const units = hits.flatMap((some, i) => leaves(some, 10).map((value) => ({ value, tree: trees[i]! })));
      const measured = units.map(({ value, tree }) => ({
        counts: { ...emptyUnit('spur').counts, liveScale: value },
        tree,
      }));
      return count(on, [0, 0], {
        protocol: 'spur',
        measure: summarise('spur', measured, null).measure,
        units,
      });
    };
    const [before, after] = [
      [10, 9, 8, 2, 3, 1],
      [8, 6, 5, 0, 0, 0],
    ];
    const trees = [1, 2, 3, 4, 5, 6];
    const same = compareCounts(winter('2025-01-10', before!, trees), winter('2026-01-10', after!, trees));
    expect(same.kind).toBe('fell');
    const others = winter('2026-01-10', after!, [7, 8, 9, 10, 11, 12]);
    expect(compareCounts(winter('2025-01-10', before!, trees), others).kind).toBe('no-change-shown');
  });
});

describe('beside a plant left alone', () => {
  const twice = (before: number[], after: number[]) => ({
    before: count('2025-05-10', before),
    after: count('2025-06-20', after),
  });

  test('the effect is of the four means, its interval of both ratios', () => {
    // Six fours: 24½ each, error √(2/24.5) = 0.28571, t with 10 free 2.2281: half 0.63661, both together √2 of it.
    const still = twice(Array(6).fill(4), Array(6).fill(4));
    const effect = effectBesideUntreated(still, still)!;
    expect(effect.value).toBe(0);
    expect(effect.low).toBeCloseTo(1 - Math.exp(0.63661 * Math.SQRT2), 3);
    expect(effect.high).toBeCloseTo(1 - Math.exp(-0.63661 * Math.SQRT2), 3);
  });

  test('one clear fall beside a steady plant is told; none left is all taken away, at most', () => {
    const treated = twice([20, 22, 18, 25, 21, 19], [2, 3, 1, 2, 4, 2]);
    const steady = twice([20, 18, 22, 19, 21, 24], [20, 21, 18, 23, 19, 20]);
    const effect = effectBesideUntreated(treated, steady)!;
    expect(effect.low).toBeGreaterThan(0.5);
    expect(effect.high).toBeLessThan(1);
    const gone = effectBesideUntreated(twice([20, 22, 18, 25, 21, 19], Array(6).fill(0)), steady)!;
    expect([gone.value, gone.high]).toEqual([1, 1]);
    expect(effectBesideUntreated(treated, twice([20, 18, 22], [0, 0, 0]))).toBeNull();
  });
});

describe('what a treatment took away', () => {
  test('beside an untreated plant: Henderson and Tilton, worked by hand', () => {
    const counts = { treatedBefore: 20, treatedAfter: 4, untreatedBefore: 10, untreatedAfter: 16 };
    // 1 − (4 · 10) ÷ (20 · 16) = 0.875.
    expect(hendersonTilton(counts)).toBeCloseTo(0.875, 12);
    expect(hendersonTilton({ ...counts, treatedAfter: 0 })).toBe(1);
    expect(hendersonTilton({ ...counts, treatedAfter: 64 })).toBeCloseTo(-1, 12);
    for (const key of ['treatedBefore', 'untreatedBefore', 'untreatedAfter'] as const)
      expect(hendersonTilton({ ...counts, [key]: 0 })).toBeNull();
  });

  test('where both started alike: Abbott', () => {
    expect(abbott(3, 12)).toBe(0.75);
    expect(abbott(0, 12)).toBe(1);
    expect(abbott(15, 12)).toBe(-0.25);
    expect(abbott(3, 0)).toBeNull();
  });

  const pair = (untouched: boolean, before: number, after: number) => ({ untouched, before, after });

  test('by tags of which some were left alone, and tags that agree are no certainty: by hand', () => {
    // Sums with a half: treated 10½/20½, untouched 20½/20½. Errors by chance: 1/10½ + 1/20½ = 0.144019, which the
    // tags' own scatter of 0.0005 does not reach, and 2/20½ = 0.097561; 1.93 free, so t is 4.45.
    const effect = taggedEffect([
      pair(false, 10, 5),
      pair(false, 10, 5),
      pair(true, 10, 10),
      pair(true, 10, 10),
    ])!;
    expect(effect).toMatchObject({ treated: 2, untouched: 2 });
    expect(effect.takenAway.value).toBeCloseTo(1 - 10.5 / 20.5, 12);
    const half = Math.log((1 - effect.takenAway.low) / (10.5 / 20.5));
    expect(half / Math.sqrt(0.144019 + 0.097561)).toBeGreaterThan(4.4);
    expect(half / Math.sqrt(0.144019 + 0.097561)).toBeLessThan(4.5);
    expect(Math.log(10.5 / 20.5 / (1 - effect.takenAway.high))).toBeCloseTo(half, 9);
  });

  test("with Welch's interval on the logarithm", () => {
    // Treated 20½/20½ with a scatter of (10² + 10²) · 2 ÷ 20½² = 0.951814; untouched by chance 2/1000½ = 0.002.
    const effect = taggedEffect([
      pair(false, 10, 0),
      pair(false, 10, 20),
      pair(true, 500, 500),
      pair(true, 500, 500),
    ])!;
    // Freedom 0.953813² / (0.951814² + 0.002²) = 1.0042: t 12.62.
    const half = 12.62 * Math.sqrt(0.953813);
    expect(effect.takenAway.value).toBeCloseTo(0, 9);
    expect(Math.log(1 - effect.takenAway.low)).toBeCloseTo(half, 0);
    expect(Math.log(1 - effect.takenAway.high)).toBeCloseTo(-half, 0);
  });

  test('a crowded tag weighs less than its numbers: by hand', () => {
    // Before 10 and 30: weights 1/2 and 1/4, of a mean of 3/8, so 4/3 and 2/3. Before 40/3 + 20 + ½, after
    // 16/3 + 4 + ½.
    const alone = [pair(true, 10, 10), pair(true, 10, 10)];
    const effect = taggedEffect([pair(false, 10, 4), pair(false, 30, 6), ...alone])!;
    expect(effect.takenAway.value).toBeCloseTo(1 - (16 / 3 + 4.5) / (40 / 3 + 20.5), 12);
  });

  test('needs two tags of either kind', () => {
    const [treated, untouched] = [pair(false, 9, 2), pair(true, 9, 8)];
    expect(taggedEffect([treated, untouched, untouched])).toBeNull();
    expect(taggedEffect([treated, treated, untouched])).toBeNull();
    expect(taggedEffect([treated, treated, untouched, untouched])).not.toBeNull();
    expect(taggedEffect([])).toBeNull();
  });
});
