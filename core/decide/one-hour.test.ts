import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fillHours, type HourCandidate, OPTION_IDS } from './index.ts';

const job = (
  watchId: string,
  option: HourCandidate['option'],
  level: number,
  effortHours: number,
): HourCandidate => ({ watchId, option, level, effortHours, score: 50 });

test('what removes most an hour comes first; hand work is begun and left off, a spray is not', () => {
  const jobs = [
    job('hedge', 'spray-now', 3, 1.5),
    job('pot', 'by-hand', 3, 0.4),
    job('box', 'by-hand', 4, 6),
    job('rose', 'leave', 5, 0),
  ];
  const [first, second] = fillHours(jobs, 1);
  expect(first).toEqual({ watchId: 'pot', option: 'by-hand', hours: 0.4, part: 1 });
  expect(second).toMatchObject({ watchId: 'box', option: 'by-hand', hours: 0.6 });
  expect(second!.part).toBeCloseTo(0.1, 12);
  expect(fillHours(jobs, 2).map(({ watchId }) => watchId)).toEqual(['pot', 'hedge']);
});

test('never more than the time there is, one job to a watch, nothing that takes nothing away', () => {
  const candidate = fc.record({
    watchId: fc.constantFrom('a', 'b', 'c', 'd'),
    option: fc.constantFrom(...OPTION_IDS),
    level: fc.constantFrom(null, 0, 2, 5),
    effortHours: fc.double({ min: 0, max: 8, noNaN: true }),
    score: fc.integer({ min: 1, max: 100 }),
  });
  fc.assert(
    fc.property(
      fc.array(candidate, { maxLength: 12 }),
      fc.double({ min: 0.2, max: 6, noNaN: true }),
      (jobs, hours) => {
        const steps = fillHours(jobs, hours);
        expect(steps.reduce((sum, step) => sum + step.hours, 0)).toBeLessThanOrEqual(hours + 1e-9);
        expect(new Set(steps.map(({ watchId }) => watchId)).size).toBe(steps.length);
        expect(
          steps.some(
            ({ option }) => option === 'leave' || option === 'look-again' || option === 'wait-for-helpers',
          ),
        ).toBe(false);
      },
    ),
    { seed: 5 },
  );
});
