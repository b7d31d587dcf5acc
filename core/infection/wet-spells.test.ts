import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wetSpells } from './wet-spells.ts';

/** "w" wet, "." dry; temperature rises by a degree an hour from 10 °C. */
const hours = (signs: string) =>
  [[...signs].map((sign) => Number(sign === 'w')), [...signs].map((_, i) => 10 + i)] as const;

describe('wet spells', () => {
  test('one spell: its hours and the mean of the wet ones', () => {
    expect(wetSpells(...hours('..www..'), 24)).toEqual([{ from: 2, to: 4, wetHours: 3, meanC: 13 }]);
  });

  test('a dry break shorter than the limit joins, and its hours are not counted', () => {
    const [spell, ...more] = wetSpells(...hours(`ww${'.'.repeat(23)}ww`), 24);
    expect(more).toEqual([]);
    expect(spell).toMatchObject({ from: 0, to: 26, wetHours: 4 });
    // 10 and 11 °C, then 35 and 36 °C.
    expect(spell!.meanC).toBeCloseTo(23, 9);
  });

  test('a break of the limit parts them', () => {
    expect(wetSpells(...hours(`ww${'.'.repeat(24)}ww`), 24)).toHaveLength(2);
    expect(wetSpells(...hours('w.w'), 1)).toHaveLength(2);
    expect(wetSpells(...hours('w.w'), 2)).toHaveLength(1);
  });

  test('dry weather has none; a break below an hour is refused', () => {
    expect(wetSpells(...hours('....'), 24)).toEqual([]);
    expect(() => wetSpells(...hours('w'), 0)).toThrow(RangeError);
  });

  test('every wet hour is in one spell, whatever the limit, and a longer limit never makes more of them', () => {
    fc.assert(
      fc.property(
        fc.array(fc.boolean(), { maxLength: 200 }),
        fc.integer({ min: 1, max: 30 }),
        (wet, limit) => {
          const told = [wet.map(Number), wet.map(() => 12)] as const;
          const spells = wetSpells(...told, limit);
          const inSpells = spells.reduce((sum, { wetHours }) => sum + wetHours, 0);
          expect(inSpells).toBe(wet.filter(Boolean).length);
          expect(wetSpells(...told, limit + 1).length).toBeLessThanOrEqual(spells.length);
        },
      ),
    );
  });
});
