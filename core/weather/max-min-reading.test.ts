import { expect, test } from '@jest/globals';
import { daysFromReadings, type MaxMinReading } from './index.ts';

const read = (
  readOn: string,
  time: MaxMinReading['time'],
  lowC: number,
  highC: number,
  rainMm: number | null = null,
): MaxMinReading => ({ readOn, time, lowC, highC, rainMm });
const days = (...readings: MaxMinReading[]) =>
  daysFromReadings(readings).map(({ date, minC, maxC, rainMm }) => [date, minC, maxC, rainMm]);

test("a morning's high and rain belong to the day before, its low to that dawn", () => {
  expect(
    days(
      read('2026-05-01', 'morning', 4, 15),
      read('2026-05-02', 'morning', 6, 19, 3),
      read('2026-05-03', 'morning', 7, 22, 0),
    ),
  ).toEqual([
    ['2026-05-01', 4, 19, 3],
    ['2026-05-02', 6, 22, 0],
  ]);
});

test("an evening's reading is its own day's; read twice, the dawn and the afternoon each come from their own", () => {
  expect(days(read('2026-05-01', 'evening', 4, 18), read('2026-05-02', 'evening', 5, 21))).toEqual([
    ['2026-05-01', 4, 18, null],
    ['2026-05-02', 5, 21, null],
  ]);
  expect(
    days(
      read('2026-05-01', 'morning', 4, 15, 1),
      read('2026-05-01', 'evening', 9, 18, 2),
      read('2026-05-02', 'morning', 6, 18, 4),
    ),
  ).toEqual([['2026-05-01', 4, 18, 6]]);
});

test('after a day without a reading it is not known whose high it was', () => {
  expect(
    days(
      read('2026-05-01', 'morning', 4, 15),
      read('2026-05-03', 'morning', 1, 25),
      read('2026-05-04', 'morning', 6, 20),
    ),
  ).toEqual([]);
  expect(
    days(
      read('2026-05-01', 'evening', 4, 15),
      read('2026-05-03', 'evening', 1, 25),
      read('2026-05-04', 'evening', 6, 20),
    ).map(([date]) => date),
  ).toEqual(['2026-05-01', '2026-05-04']);
});

test('a day colder at noon than at dawn is left out, and the order of entry does not matter', () => {
  const readings = [read('2026-05-02', 'morning', 3, 11), read('2026-05-01', 'morning', 12, 15)];
  expect(days(...readings)).toEqual([]);
  const three = [
    read('2026-05-03', 'morning', 7, 22),
    read('2026-05-01', 'morning', 4, 15),
    read('2026-05-02', 'morning', 6, 19),
  ];
  expect(days(...three)).toEqual(days(...three.toReversed()));
});
