import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Cover, coverAt, type CoverScene } from './index.ts';

const spray = (day: number, more: Partial<Cover> = {}): Cover => ({
  sprayedAt: day * 24,
  dryAt: day * 24 + 24,
  halfLifeDays: 8,
  keepsOff: 0.9,
  ...more,
});
const scene = (more: Partial<CoverScene> = {}): CoverScene => ({
  leavesAt: () => 10,
  rainAt: () => 0,
  openLeaves: null,
  ...more,
});

describe('what covers still protect', () => {
  test('nothing before it is dry, all of what it wetted after', () => {
    expect(coverAt([spray(2)], scene(), 2 * 24 + 23)).toBe(0);
    expect(coverAt([spray(2)], scene(), 3 * 24)).toBeCloseTo(0.9, 9);
  });

  test('half after its days, half after 25 mm, a quarter after both; rain of its own day counts', () => {
    const rainAt = (hour: number) => (hour >= 12 ? 25 : 0);
    expect(coverAt([spray(0)], scene(), 24 + 8 * 24)).toBeCloseTo(0.45, 9);
    expect(coverAt([spray(0)], scene({ rainAt }), 24)).toBeCloseTo(0.45, 9);
    expect(coverAt([spray(0)], scene({ rainAt }), 24 + 8 * 24)).toBeCloseTo(0.225, 9);
  });

  test('leaves that unfolded since have none; the newest alone are the barer', () => {
    // One leaf a day, ten when it was sprayed: twenty ten days on.
    const leavesAt = (hour: number) => 10 + hour / 24;
    const kept = { halfLifeDays: 1e9, keepsOff: 1 };
    expect(coverAt([spray(0, kept)], scene({ leavesAt }), 240)).toBeCloseTo(0.5, 6);
    expect(coverAt([spray(0, kept)], scene({ leavesAt, openLeaves: 12 }), 240)).toBeCloseTo(2 / 12, 6);
    expect(coverAt([spray(0, kept)], scene({ leavesAt, openLeaves: 4 }), 240)).toBe(0);
  });

  test('each leaf counts with the best of the sprays since it unfolded', () => {
    const leavesAt = (hour: number) => 10 + hour / 24;
    const first = spray(0, { halfLifeDays: 1e9, keepsOff: 0.8 });
    const second = spray(5, { halfLifeDays: 1e9, keepsOff: 0.4 });
    // Twenty leaves: ten by the first, five by the second, five bare.
    expect(coverAt([first, second], scene({ leavesAt }), 240)).toBeCloseTo((10 * 0.8 + 5 * 0.4) / 20, 6);
  });

  test('on buds and bark nothing unfolds from under it', () => {
    expect(coverAt([spray(0)], scene({ leavesAt: () => null }), 24)).toBeCloseTo(0.9, 9);
  });

  test('never outside 0 to 1, never more for more rain or more days, whatever was sprayed', () => {
    const covers = fc.array(
      fc.record({
        day: fc.integer({ min: 0, max: 20 }),
        halfLifeDays: fc.integer({ min: 0, max: 20 }),
        keepsOff: fc.double({ min: 0, max: 1, noNaN: true }),
      }),
      { maxLength: 5 },
    );
    fc.assert(
      fc.property(
        covers,
        fc.integer({ min: 0, max: 900 }),
        fc.integer({ min: 0, max: 80 }),
        (drawn, hour, mm) => {
          const put = drawn.map(({ day, ...more }) => spray(day, more));
          const leavesAt = (at: number) => Math.min(20, 2 + at / 96);
          const dry = coverAt(put, scene({ leavesAt }), hour);
          const rained = coverAt(put, scene({ leavesAt, rainAt: (at) => (at === hour ? mm : 0) }), hour);
          expect(dry).toBeGreaterThanOrEqual(0);
          expect(dry).toBeLessThanOrEqual(1);
          expect(rained).toBeLessThanOrEqual(dry + 1e-12);
        },
      ),
    );
  });
});
