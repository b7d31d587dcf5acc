import { describe, expect, test } from '@jest/globals';
import { USUAL_GROWTH, yearsOfGarden } from '#simulated';
import { countedLevel, learnYears, type Stretch, type WatchYears } from './index.ts';

const range = (low: number, middle: number, high: number) => ({ low, middle, high });
const alone: Stretch = { years: 1, done: [], source: null };
const at = (level: number, deviation = 0.2) => ({ log: Math.log(level), deviation });
const watch = (levels: readonly number[], stretches: readonly Stretch[], deviation = 0.2): WatchYears => ({
  id: 'hedge',
  levels: levels.map((level) => at(level, deviation)),
  stretches,
});
const oil = (id: string, left = range(0.2, 0.4, 0.7)) => ({ id, kindId: 'oil', left });
const learnt = (...watches: WatchYears[]) => learnYears(watches, { growth: USUAL_GROWTH });
const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low);

describe('what counts teach of years', () => {
  test('one count teaches nothing: growth stays as thought, its part by hand', () => {
    const { growth, watches } = learnt(watch([5], []));
    // A quarter of the doubt is the trouble's: half its deviation; a quarter the plant's: together √½.
    expect(growth.middle).toBeCloseTo(2, 9);
    expect(width(growth)).toBeCloseTo(Math.log(5 / 0.8) / 2, 3);
    expect(width(watches[0]!.growth)).toBeCloseTo(Math.log(5 / 0.8) * Math.SQRT1_2, 3);
  });

  test('a sharp doubling in a year left alone, by hand', () => {
    // On the logarithm: growth variance g = s²/2, chance s²/2 + 0.15², counts 2 · 0.01². The middle is ln 2 as
    // thought and as seen; the variance left is g · (1 − g/(g + chance + counts)).
    const s = Math.log(5 / 0.8) / (2 * 1.2816);
    const g = s ** 2 / 2;
    const other = s ** 2 / 2 + 0.15 ** 2 + 2 * 0.01 ** 2;
    const { watches } = learnt(watch([5, 10], [alone], 0.01));
    expect(watches[0]!.growth.middle).toBeCloseTo(2, 3);
    const left = g * (1 - g / (g + other));
    expect(width(watches[0]!.growth)).toBeCloseTo(2 * 1.2816 * Math.sqrt(left), 2);
  });

  test('more years left alone narrow growth, and what one plant shows is lent to another', () => {
    const tripling = [1, 3, 9, 27, 81];
    const { growth } = learnt(watch(tripling, Array<Stretch>(4).fill(alone))).watches[0]!;
    expect(growth.middle).toBeGreaterThan(2.4);
    expect(width(growth)).toBeLessThan(0.9);
    const lent = learnt(watch(tripling, Array<Stretch>(4).fill(alone)), { ...watch([5], []), id: 'other' });
    const other = lent.watches[1]!.growth;
    expect(other.middle).toBeGreaterThan(2.15);
    expect(other.middle).toBeLessThan(growth.middle);
  });

  test('a treatment that left far fewer than thought is believed to, and so is its kind', () => {
    const done = (id: string): Stretch => ({ ...alone, done: [oil(id)] });
    const { watches, kinds } = learnt(watch([10, 1.2, 0.15], [done('a'), done('b')]));
    for (const { left } of watches[0]!.left) expect(left.middle).toBeLessThan(0.3);
    expect(kinds).toMatchObject([{ kindId: 'oil', times: 2 }]);
    expect(kinds[0]!.score.mean).toBeLessThan(-0.4);
    expect(kinds[0]!.score.deviation).toBeLessThan(1);
  });

  test('with nothing done the path and what was left alone are the same; treated, alone lies above', () => {
    const plain = learnt(watch([4, 8], [alone])).watches[0]!;
    expect(plain.alone[0]!.middle).toBeCloseTo(plain.path[1]!.middle, 9);
    const treated = learnt(watch([4, 2], [{ ...alone, done: [oil('a')] }])).watches[0]!;
    expect(treated.alone[0]!.middle).toBeGreaterThan(2 * treated.path[1]!.middle);
    expect(treated.nextAlone.middle).toBeGreaterThan(treated.path[1]!.middle);
  });

  test('what comes over from a source is not taken for growth', () => {
    const levels = [2, 10, 50];
    const unfed = learnt(watch(levels, [alone, alone])).watches[0]!.growth.middle;
    const fed: Stretch = { ...alone, source: range(1.2, 2, 3) };
    expect(learnt(watch(levels, [fed, fed])).watches[0]!.growth.middle).toBeLessThan(0.85 * unfed);
  });

  test('refuses a watch without a stretch between its counts', () => {
    expect(() => learnt(watch([1, 2], []))).toThrow(RangeError);
  });
});

describe('the level a count stands for', () => {
  const mean = { kind: 'mean', value: 0, low: 0, high: 0 } as never;
  const units = (...values: number[]) => values.map((value) => ({ value }));

  test('of counts: half a one added, chance and clumping, by hand', () => {
    // Sum 20½ of 5; usual clumping 1 weighs 6, that seen (variance 0 − 4 < 0: none) 4: 0.6; 1/20½ + 0.6/5.
    const level = countedLevel({ measure: mean, units: units(4, 4, 4, 4, 4) });
    expect(level.log).toBeCloseTo(Math.log(4.1), 12);
    expect(level.deviation).toBeCloseTo(Math.sqrt(1 / 20.5 + 0.6 / 5), 12);
    // None found: the usual clumping alone, and chance.
    const none = countedLevel({ measure: mean, units: units(0, 0, 0, 0) });
    expect(none.log).toBeCloseTo(Math.log(0.125), 12);
    expect(none.deviation).toBeCloseTo(Math.sqrt(2 + 1 / 4), 12);
  });

  test('of shares: as many as fall by chance to leave so few free; by hand', () => {
    const share = { kind: 'share', value: 0.5, low: 0.3, high: 0.7, units: 20 } as never;
    const level = countedLevel({ measure: share, units: units(0, 1) });
    expect(level.log).toBeCloseTo(Math.log(Math.LN2), 9);
    // The interval's half width, 0.2/1.96, lies below √(¼/20): a share varies at least as by chance.
    expect(level.deviation).toBeCloseTo(Math.sqrt(0.25 / 20) / (0.5 * Math.LN2), 9);
    const all = { kind: 'share', value: 1, low: 0.84, high: 1, units: 20 } as never;
    expect(Number.isFinite(countedLevel({ measure: all, units: units(1, 1) }).log)).toBe(true);
  });

  test('of areas: their logarithm, never without doubt', () => {
    const area = { kind: 'area', value: 8, low: 4, high: 16, units: 20 } as never;
    const level = countedLevel({ measure: area, units: units(8, 8) });
    expect(level.log).toBeCloseTo(Math.log(8), 12);
    expect(level.deviation).toBeCloseTo(Math.log(4) / 3.92, 9);
    const same = { kind: 'area', value: 0, low: 0, high: 0, units: 20 } as never;
    expect(countedLevel({ measure: same, units: units(0, 0) }).deviation).toBe(0.2);
  });
});

describe('2,000 simulated gardens of known truth', () => {
  const gardens = Array.from({ length: 2000 }, (_, i) => {
    const garden = yearsOfGarden(50_000 + i);
    return { garden, learnt: learnYears(garden.watches, { growth: USUAL_GROWTH }) };
  });
  const holds = (value: number, { low, high }: { low: number; high: number }) =>
    low <= value && value <= high;
  const shareThat = (held: readonly boolean[]) => held.filter(Boolean).length / held.length;

  test('eight in ten ranges for growth hold it', () => {
    const held = gardens.flatMap(({ garden, learnt: { watches } }) =>
      watches.map(({ growth }, w) => holds(garden.growth[w]!, growth)),
    );
    expect(shareThat(held)).toBeGreaterThan(0.75);
    expect(shareThat(held)).toBeLessThan(0.85);
  });

  test('and eight in ten for what a treatment left', () => {
    const held = gardens.flatMap(({ garden, learnt: { watches } }) =>
      watches.flatMap((each) => each.left.map(({ id, left }) => holds(garden.left[id]!, left))),
    );
    expect(shareThat(held)).toBeGreaterThan(0.75);
    expect(shareThat(held)).toBeLessThan(0.85);
  });

  test('and they are far narrower than what was thought before', () => {
    const widths = gardens.flatMap(({ learnt: { watches } }) => watches.map(({ growth }) => width(growth)));
    const thought = Math.log(5 / 0.8) * Math.SQRT1_2;
    expect(widths.reduce((sum, each) => sum + each, 0) / widths.length).toBeLessThan(0.7 * thought);
  });
});
