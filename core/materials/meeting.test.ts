import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  INGREDIENTS,
  meeting,
  tankMeeting,
  type Ingredient,
  type MeetingBook,
  type MeetingRule,
} from './index.ts';

const rule = (
  between: readonly [Ingredient, Ingredient],
  tank: MeetingRule['tank'],
  apartDays: number,
): MeetingRule => ({
  id: between.join('-'),
  between,
  tank,
  apartDays,
  says: '',
  grade: 'B',
  sourceIds: ['practice'],
});
const OTHERWISE = { ...rule(['other', 'other'], 'jar-test', 0), id: 'otherwise' };
const BOOK: MeetingBook = {
  rules: [
    rule(['oil', 'soap'], 'jar-test', 1),
    rule(['oil', 'sulfur'], 'no', 30),
    rule(['oil', 'captan'], 'no', 14),
    rule(['lime-sulfur', 'acid'], 'never', 0),
  ],
  otherwise: OTHERWISE,
};
const idsOf = (rules: readonly MeetingRule[]) => rules.map(({ id }) => id).sort();

describe('two loads', () => {
  test('nothing known against them: what the book says otherwise, by name', () => {
    expect(meeting(BOOK, ['copper'], ['spinosad'])).toEqual({
      tank: 'jar-test',
      apartDays: 0,
      rules: [OTHERWISE],
    });
  });

  test('the strictest rule rules the tank, the longest wait the days, and all of them are told', () => {
    const met = meeting(BOOK, ['oil', 'acid'], ['captan', 'sulfur', 'soap', 'lime-sulfur']);
    expect(met.tank).toBe('never');
    expect(met.apartDays).toBe(30);
    expect(idsOf(met.rules)).toEqual(['lime-sulfur-acid', 'oil-captan', 'oil-soap', 'oil-sulfur']);
  });

  test('a milder rule before or after a stricter one changes nothing', () => {
    const turned: MeetingBook = { ...BOOK, rules: BOOK.rules.toReversed() };
    for (const book of [BOOK, turned]) {
      expect(meeting(book, ['oil'], ['soap', 'captan']).tank).toBe('no');
      expect(meeting(book, ['oil'], ['soap', 'captan']).apartDays).toBe(14);
    }
  });

  test('a load is not set against itself: both halves of a pair in one product are no meeting', () => {
    expect(meeting(BOOK, ['oil', 'soap'], ['copper']).rules).toEqual([OTHERWISE]);
  });

  test('which of the two goes first does not matter', () => {
    const loads = fc.subarray([...INGREDIENTS], { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(loads, loads, (a, b) => {
        const [there, back] = [meeting(BOOK, a, b), meeting(BOOK, b, a)];
        expect([there.tank, there.apartDays, idsOf(there.rules)]).toEqual([
          back.tank,
          back.apartDays,
          idsOf(back.rules),
        ]);
      }),
    );
  });
});

describe('a tank', () => {
  test('of one product, or none, meets nothing', () => {
    expect(tankMeeting(BOOK, [])).toBeNull();
    expect(tankMeeting(BOOK, [['oil', 'sulfur']])).toBeNull();
  });

  test.each([
    ['first and second', [['oil'], ['sulfur'], ['copper']]],
    ['first and third', [['oil'], ['copper'], ['sulfur']]],
    ['second and third', [['copper'], ['oil'], ['sulfur']]],
  ] as [string, Ingredient[][]][])('of three is judged by its worst pair: %s', (_, loads) => {
    expect(tankMeeting(BOOK, loads)).toMatchObject({ tank: 'no', apartDays: 30 });
  });

  test('with a pair that is never allowed is never allowed, however many others may meet', () => {
    const loads: Ingredient[][] = [['copper'], ['lime-sulfur'], ['spinosad'], ['oil'], ['acid']];
    for (let turn = 0; turn < loads.length; turn++) {
      const turned = [...loads.slice(turn), ...loads.slice(0, turn)];
      expect(tankMeeting(BOOK, turned)?.tank).toBe('never');
    }
  });

  test('tells each rule once, from every pair', () => {
    const met = tankMeeting(BOOK, [['oil'], ['soap'], ['captan']])!;
    expect(idsOf(met.rules)).toEqual(['oil-captan', 'oil-soap', 'otherwise']);
    expect(met.apartDays).toBe(14);
  });
});
