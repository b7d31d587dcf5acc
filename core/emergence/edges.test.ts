import { describe, expect, test } from '@jest/globals';
import { addDays } from '#core/calendar';
import { blend, bookOpinion, firstHatch, readTapes, seasonOpinion, type TapeReading } from './index.ts';

const weekly = (...counts: readonly number[]): TapeReading[] =>
  counts.map((crawlers, i) => ({
    putOn: addDays('2026-05-01', 7 * i),
    takenOff: addDays('2026-05-08', 7 * i),
    crawlers,
  }));
const signal = (...counts: readonly number[]) => readTapes(weekly(...counts)).signal;

describe('what tapes say', () => {
  test.each<[readonly number[], string]>([
    [[], 'no-tapes'],
    [[0], 'none-yet'],
    [[0, 0, 0], 'none-yet'],
    [[4], 'first'],
    [[0, 4], 'first'],
    // 4 then 9, or 9, 8, 7, is no more than such counts scatter.
    [[4, 9], 'level'],
    [[9, 8, 7], 'level'],
    [[4, 60], 'rising'],
    [[60, 4], 'past-the-peak'],
    [[1, 0], 'level'],
    [[0, 3, 0], 'level'],
    [[0, 3, 0, 0], 'over'],
    [[90, 60, 0, 0], 'over'],
  ])('%j: %s', (counts, expected) => {
    expect(signal(...counts)).toBe(expected);
  });

  test('are read in the order they came off, however they are told', () => {
    const told = weekly(4, 9, 90);
    for (const order of [told, told.toReversed(), [told[1]!, told[2]!, told[0]!]])
      expect(readTapes(order)).toMatchObject({ signal: 'rising', perWeek: [4, 9, 90] });
  });

  test('a tape left two weeks is not taken for two', () => {
    const long = { putOn: '2026-05-08', takenOff: '2026-05-22', crawlers: 20 };
    expect(readTapes([...weekly(15), long]).perWeek).toEqual([15, 10]);
  });

  test('a fall counts once such counts do not scatter so far: 60 and 17, not 60 and 18', () => {
    // 43 apart over √(3 · 77) is 2.83 standard deviations; 42 over √(3 · 78) is 2.75.
    expect(signal(60, 17)).toBe('past-the-peak');
    expect(signal(60, 18)).toBe('level');
    expect(signal(17, 60)).toBe('rising');
    expect(signal(18, 60)).toBe('level');
  });

  test('several weeks together can show what none shows alone', () => {
    expect(signal(40, 42, 16)).toBe('level');
    expect(signal(40, 42, 16, 14, 12)).toBe('past-the-peak');
  });

  test('two empty looks after a catch end a hatch; a later catch is read by itself', () => {
    expect(readTapes(weekly(50, 0, 0, 6))).toMatchObject({ signal: 'first', perWeek: [0, 0, 6], hatch: 2 });
    expect(readTapes(weekly(50, 20, 0, 0, 6, 60))).toMatchObject({
      signal: 'rising',
      perWeek: [0, 0, 6, 60],
      firstCatchOn: '2026-06-05',
      lastCatchOn: '2026-06-12',
    });
    expect(readTapes(weekly(0, 0, 0, 6)).perWeek).toEqual([0, 0, 0, 6]);
    expect(readTapes(weekly(50, 0, 6)).perWeek).toEqual([50, 0, 6]);
    expect(readTapes(weekly(50, 4, 0, 6)).perWeek).toEqual([50, 4, 0, 6]);
  });

  test('a clear rise after a clear fall is another hatch, also where none between was empty', () => {
    expect(readTapes(weekly(20, 120, 15, 8, 100))).toMatchObject({
      hatch: 2,
      perWeek: [8, 100],
      signal: 'rising',
    });
    expect(readTapes(weekly(20, 120, 15, 8, 12)).hatch).toBe(1);
  });

  test('a tape that came off before it went on, or a count below nothing, is refused', () => {
    const [tape] = weekly(3);
    expect(() => readTapes([{ ...tape!, takenOff: tape!.putOn }])).toThrow(RangeError);
    expect(() => readTapes([{ ...tape!, takenOff: '2026-04-01' }])).toThrow(RangeError);
    expect(() => readTapes([{ ...tape!, crawlers: -1 }])).toThrow(RangeError);
    expect(() => readTapes([{ ...tape!, crawlers: Number.NaN }])).toThrow(RangeError);
  });
});

describe('the first hatch of a season', () => {
  const counts = (tapes: readonly TapeReading[]) => firstHatch(tapes).map(({ crawlers }) => crawlers);

  test('ends with the second empty tape after a catch', () => {
    expect(counts(weekly(0, 0, 5, 9, 0, 0, 7, 2))).toEqual([0, 0, 5, 9, 0, 0]);
    expect(counts(weekly(5, 0, 0))).toEqual([5, 0, 0]);
    expect(counts(weekly(5, 9, 0, 4, 0))).toEqual([5, 9, 0, 4, 0]);
    expect(counts(weekly(0, 0, 0))).toEqual([0, 0, 0]);
    expect(counts([])).toEqual([]);
  });

  test('is told in the order the tapes came off', () => {
    expect(counts(weekly(0, 5, 0, 0, 3).toReversed())).toEqual([0, 5, 0, 0]);
  });
});

describe('book and garden', () => {
  test('a published point is taken for a tenth or so uncertain; nobody says nothing', () => {
    expect(bookOpinion(300).valueCd).toBe(300);
    expect(bookOpinion(600).spreadCd).toBeCloseTo(2 * bookOpinion(300).spreadCd, 9);
    expect(blend(null, [])).toBeNull();
  });

  test('weigh by the inverse of their variance: by hand', () => {
    const both = blend({ valueCd: 300, spreadCd: 30 }, [{ valueCd: 360, spreadCd: 15 }])!;
    // Weights 1/900 and 4/900: (300 + 4 · 360) / 5 = 348; spread √(900/5) = 13.416; z 1.2816.
    expect(both.valueCd).toBeCloseTo(348, 9);
    expect(both.spreadCd).toBeCloseTo(13.4164, 4);
    expect(both.gardenShare).toBeCloseTo(0.8, 9);
    expect(both.lowCd).toBeCloseTo(348 - 1.2816 * 13.4164, 2);
    expect(both.highCd).toBeCloseTo(348 + 1.2816 * 13.4164, 2);
  });

  test('without a book the garden owns it; without seasons the book does', () => {
    expect(blend(null, [{ valueCd: 360, spreadCd: 15 }])).toMatchObject({ valueCd: 360, gardenShare: 1 });
    expect(blend({ valueCd: 300, spreadCd: 30 }, [])).toMatchObject({ valueCd: 300, gardenShare: 0 });
  });

  test('three seasons own more of it than one', () => {
    const season = { valueCd: 360, spreadCd: 30 };
    const book = { valueCd: 300, spreadCd: 30 };
    const shares = [1, 2, 3].map((n) => blend(book, Array(n).fill(season))!.gardenShare);
    expect(shares.map((share) => Math.round(share * 100))).toEqual([50, 67, 75]);
  });

  test("a season's own spread is added to its tapes'; an interval left open says nothing yet", () => {
    expect(seasonOpinion({ valueCd: 400, lowCd: null, highCd: 420 })).toBeNull();
    expect(seasonOpinion({ valueCd: 400, lowCd: 380, highCd: null })).toBeNull();
    // A season shifts by 5 % of its value: 20; the interval of 51.26 is two times 1.2816 times 20.
    const opinion = seasonOpinion({ valueCd: 400, lowCd: 374.37, highCd: 425.63 })!;
    expect(opinion.valueCd).toBe(400);
    expect(opinion.spreadCd).toBeCloseTo(Math.hypot(20, 20), 1);
  });
});
