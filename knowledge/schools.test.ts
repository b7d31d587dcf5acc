import { describe, expect, test } from '@jest/globals';
import { sprayLimits } from '#core/spray-hours';
import {
  HANDWORK,
  INDICATORS,
  EVENTS,
  HOSTS,
  oilTopC,
  SCHOOL_QUESTIONS,
  schoolFor,
  SOURCES,
} from './index.ts';

describe('schools', () => {
  test('the first is followed until another is chosen; one that is gone falls back to the first', () => {
    for (const { id, schools } of SCHOOL_QUESTIONS) {
      expect(schoolFor(id, {})).toBe(schools[0]);
      expect(schoolFor(id, { [id]: schools.at(-1)!.id })).toBe(schools.at(-1));
      expect(schoolFor(id, { [id]: 'no longer there' })).toBe(schools[0]);
      expect(schools.length).toBeGreaterThan(1);
      expect(new Set(schools.map((school) => school.id)).size).toBe(schools.length);
    }
  });

  test('no school ever lets oil go above a label', () => {
    for (const { id } of SCHOOL_QUESTIONS.find((question) => question.id === 'oil-top')!.schools) {
      const limits = (labelGreatestC: number | null) =>
        sprayLimits({
          isOil: true,
          labelLeastC: null,
          labelGreatestC,
          labelRainFreeHours: null,
          schoolTopC: oilTopC({ 'oil-top': id }),
          isCitrus: false,
        });
      expect(limits(26).greatestC).toBe(26);
      expect(limits(null).greatestC).toBe(Number(id));
    }
  });
});

test('indicators bloom in the published order, on plants the garden knows, from sources that are listed', () => {
  const sources = new Set(SOURCES.map(({ id }) => id)),
    hosts = new Set(HOSTS.map(({ id }) => id));
  expect(INDICATORS.map(({ bloomCd }) => bloomCd)).toEqual(
    INDICATORS.map(({ bloomCd }) => bloomCd).toSorted((a, b) => a - b),
  );
  for (const { hostId, sourceIds } of INDICATORS) {
    expect(hosts.has(hostId)).toBe(true);
    expect(sourceIds.every((id) => sources.has(id))).toBe(true);
  }
  for (const { sourceIds } of EVENTS) expect(sourceIds.every((id) => sources.has(id))).toBe(true);
});

test('a later generation comes after the one before it, and a window does not end before it begins', () => {
  for (const event of EVENTS) {
    expect(event.toCd).toBeGreaterThanOrEqual(event.fromCd);
    const before = EVENTS.find(
      ({ targetId, kind, generation, start }) =>
        targetId === event.targetId &&
        kind === event.kind &&
        generation === event.generation - 1 &&
        start.kind === event.start.kind,
    );
    if (before) expect(event.fromCd).toBeGreaterThan(before.fromCd);
  }
});

test('each way of hand work says how, what the plant stands and what becomes of it', () => {
  for (const text of Object.values(HANDWORK))
    for (const part of [text.name, text.done, text.how, text.stands, text.bin])
      expect(part.length).toBeGreaterThan(4);
});
