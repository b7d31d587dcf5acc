import { describe, expect, test } from '@jest/globals';
import type { PathAnswer } from '#engine';
import { layOutPath, ticksBetween, treatmentLetters } from './path-layout.ts';

const range = (low: number, middle: number, high: number) => ({ low, middle, high });
const done = (id: string, on: string) => ({
  id,
  on,
  name: 'Oil',
  thought: range(0.3, 0.5, 0.7),
  left: range(0.2, 0.4, 0.6),
});
const count = (on: string, value: number, kind: 'mean' | 'share' = 'mean') =>
  ({
    sampleId: on,
    on,
    protocol: 'twig',
    level: null,
    measure: { kind, value },
    path: value > 0 ? range(value * 0.8, value, value * 1.2) : range(0.2, 0.4, 0.9),
  }) as never;

const PATH: PathAnswer = {
  watchId: 'w',
  plantName: 'Hedge',
  targetName: 'Scale',
  counts: [count('2025-04-01', 10), count('2026-04-01', 0)],
  stretches: [
    {
      from: '2025-04-01',
      to: '2026-04-01',
      fromSource: false,
      alone: range(12, 20, 40),
      done: [done('a', '2025-06-01'), done('b', '2025-06-05'), done('c', '2026-01-10')],
    },
  ],
  apart: [],
  growth: range(1, 2, 4),
  growthThought: range(0.8, 2, 5),
  nextYear: range(1, 2, 4),
  growthHere: range(1, 2, 4),
  watches: 1,
  nextAlone: range(1, 2, 4),
  kinds: [],
};

describe('a path as it is drawn', () => {
  test('treatments carry letters in order; those close together share a place', () => {
    expect([...treatmentLetters(PATH)]).toEqual([
      ['a', 'A'],
      ['b', 'B'],
      ['c', 'C'],
    ]);
    expect(layOutPath(PATH).marks.map(({ label }) => label)).toEqual(['A B', '', 'C']);
  });

  test('a branch rises from a count to what would have been there, and one leads on a year', () => {
    const { branches, next } = layOutPath(PATH);
    expect(branches).toHaveLength(1);
    expect(branches[0]!.map(({ level }) => level)).toEqual([10, 20]);
    expect(next[1]!.day - next[0]!.day).toBe(365);
    const untouched = { ...PATH, stretches: PATH.stretches.map((stretch) => ({ ...stretch, done: [] })) };
    expect(layOutPath(untouched).branches).toEqual([]);
  });

  test('shares are drawn in percent, and what was not found still has a place on the scale', () => {
    const shares = layOutPath({
      ...PATH,
      counts: [count('2025-04-01', 0.2, 'share'), count('2026-04-01', 0.1, 'share')],
    });
    expect(shares.points.map(({ counted }) => counted)).toEqual([20, 10]);
    const none = layOutPath(PATH);
    expect(none.points[1]!.counted).toBeCloseTo(0.1, 9);
    expect(none.domain[0]).toBeGreaterThan(0);
  });

  test('the scale is labelled by 1, 2 and 5', () => {
    expect(ticksBetween(0.4, 22)).toEqual([0.5, 1, 2, 5, 10, 20]);
    expect(ticksBetween(30, 40)).toEqual([]);
  });
});
