import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { scaleMark, smallLengthWords } from './small-lengths.ts';

describe('a mark beneath a picture', () => {
  test('the longest round one that takes a third of it', () => {
    expect(scaleMark(12, false)).toEqual({ mm: 2, words: '2 mm' });
    expect(scaleMark(80, false).words).toBe('20 mm');
    expect(scaleMark(1.9, false).words).toBe('0.5 mm');
  });

  test('in parts of an inch where one has its measure in inches, in millimetres below that', () => {
    expect(scaleMark(12, true).words).toBe('1/8 in');
    expect(scaleMark(12, true).mm).toBeCloseTo(3.175, 9);
    expect(scaleMark(80, true).words).toBe('1 in');
    expect(scaleMark(1.9, true).words).toBe('0.5 mm');
  });

  test('never wider than the picture', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 400, noNaN: true }), fc.boolean(), (acrossMm, inches) => {
        expect(scaleMark(acrossMm, inches).mm).toBeLessThanOrEqual(acrossMm * 0.35);
      }),
    );
  });
});

describe('a small length in words', () => {
  test('millimetres, and inches beside them where one has those', () => {
    expect(smallLengthWords([1.5, 2], false)).toBe('1.5–2 mm');
    expect(smallLengthWords([2, 2], false)).toBe('2 mm');
    expect(smallLengthWords([1.5, 2], true)).toBe('1.5–2 mm (to 3/32 in)');
    expect(smallLengthWords([22, 27], true)).toBe('22–27 mm (to 1 1/16 in)');
    expect(smallLengthWords([20, 25.4], true)).toBe('20–25.4 mm (to 1 in)');
  });

  test('what no ruler in inches shows is left in millimetres', () => {
    expect(smallLengthWords([0.2, 0.3], true)).toBe('0.2–0.3 mm');
  });
});
