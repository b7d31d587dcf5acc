import { describe, expect, test } from '@jest/globals';
import { CLUES, EXPLANATIONS } from '#core/failure';
import { seriesRecord } from '#core/records';
import { LOOK_IDS } from '#knowledge';
import { lessonSeries } from './lesson-series.ts';
import { leanWords } from './learnt-words.ts';
import { evidenceWords, EXPLANATION_WORDS, oddsWords } from './why-words.ts';

const WATCH = '01900000-0000-7004-8000-000000000001';
const scene = {
  watchId: WATCH,
  today: '2026-10-20',
  seasonStart: '2026-01-01',
  hasCrawlers: true,
  countFrom: '2026-10-30',
};

describe('words of why', () => {
  test('every clue and every answer to a look is said', () => {
    for (const code of [...CLUES, ...LOOK_IDS.flatMap((id) => [`${id} yes`, `${id} no`])])
      expect(evidenceWords(code).length).toBeGreaterThan(10);
  });

  test('odds are told in tenths, and never as nothing or all', () => {
    expect([0.01, 0.06, 0.44, 0.97].map(oddsWords)).toEqual([
      'hardly',
      'about 1 in 10',
      'about 4 in 10',
      'nearly certain',
    ]);
  });

  test('a kind of treatment leans to a side only where the counts say so', () => {
    expect(leanWords({ mean: -1, deviation: 0.7 })).toBe('it takes more here than the book has it.');
    expect(leanWords({ mean: 0.6, deviation: 0.95 })).toContain('less here than the book has it so far');
    expect(leanWords({ mean: 0.1, deviation: 0.7 })).toBe('it does here what the book says.');
    expect(leanWords({ mean: 0.1, deviation: 0.97 })).toContain('too little');
  });
});

describe('what is to be done differently', () => {
  test.each(EXPLANATIONS)('%s goes into the programme as a series the records accept', (id) => {
    const series = lessonSeries(id, scene);
    expect(seriesRecord.safeParse(series).error).toBeUndefined();
    expect(series.watchId).toBe(WATCH);
    expect(series.steps[0]!.says).toBe(EXPLANATION_WORDS[id].nextTime);
  });

  test('spring work waits for the coming spring, a count for its day, tapes for crawlers', () => {
    expect(lessonSeries('came-back', scene).steps[0]!.trigger).toMatchObject({
      kind: 'date',
      on: '2027-03-17',
    });
    const inWinter = { ...scene, today: '2026-01-20' };
    expect(lessonSeries('came-back', inWinter).steps[0]!.trigger).toMatchObject({ on: '2026-03-17' });
    expect(lessonSeries('too-early', scene).steps[0]!.trigger).toMatchObject({ on: '2026-10-30' });
    expect(lessonSeries('too-early', { ...scene, countFrom: '2026-05-01' }).steps[0]!.trigger).toMatchObject({
      on: '2026-10-20',
    });
    expect(lessonSeries('wrong-stage', scene).steps[0]!.trigger).toEqual({ kind: 'crawlers' });
    expect(lessonSeries('wrong-stage', { ...scene, hasCrawlers: false }).steps[0]!.action).toBe('errand');
  });
});
