import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { blankSeries, blankStep, type Ending } from '#core/records';
import { type DoneWork, type SeriesFacts, unroll } from './index.ts';

/** What holds of any series, whenever its steps are done and whatever is seen between. */

const START: CivilDate = '2026-11-01';
const sprayed = (on: CivilDate): DoneWork => ({
  on,
  action: 'spray',
  hand: null,
  materials: [],
  aimed: true,
});
const facts = (more: Partial<SeriesFacts>): SeriesFacts => ({
  today: addDays(START, 300),
  done: [],
  marks: [],
  looks: [],
  tapes: [],
  rain: [],
  comes: () => null,
  ...more,
});
const repeated = (least: number, most: number, times: number | null, until: Ending[] = []) =>
  blankSeries({
    id: 'a',
    name: 'S',
    watchId: 'w',
    startedOn: START,
    steps: [
      blankStep({
        action: 'spray',
        every: { leastDays: least, mostDays: most, afterRainMm: null },
        times,
        until,
      }),
    ],
  });

const rhythm = fc.tuple(fc.integer({ min: 3, max: 40 }), fc.integer({ min: 0, max: 10 }));
const lateness = fc.array(fc.integer({ min: -1, max: 25 }), { minLength: 1, maxLength: 12 });

test('late or early, across New Year, each turn done is one turn: none is lost and none is doubled', () => {
  fc.assert(
    fc.property(rhythm, lateness, fc.integer({ min: 1, max: 12 }), ([least, more], late, times) => {
      const days = late.reduce<CivilDate[]>(
        (before, by) => [
          ...before,
          addDays(before.at(-1) ?? addDays(START, -least), Math.max(least + by, Math.ceil(least / 3))),
        ],
        [],
      );
      const inTime = days.filter((on) => on >= START);
      const { steps, over } = unroll(
        repeated(least, least + more, times),
        facts({ done: inTime.map(sprayed), today: inTime.at(-1) ?? START }),
      );
      const done = steps.filter(({ state }) => state === 'done').map(({ doneOn }) => doneOn);
      expect(done).toEqual(inTime.slice(0, times));
      expect(over?.why === 'done').toBe(inTime.length >= times);
      const next = steps.find(({ due }) => due !== null);
      if (next && done.length > 0) expect(daysBetween(done.at(-1)!, next.due!.from)).toBe(least);
    }),
    { seed: 11 },
  );
});

test('a second tank within a third of the wait is no turn of its own', () => {
  fc.assert(
    fc.property(rhythm, fc.integer({ min: 0, max: 30 }), ([least, more], after) => {
      const done = [sprayed(START), sprayed(addDays(START, after))];
      const { steps } = unroll(
        repeated(least, least + more, null),
        facts({ done, today: addDays(START, after) }),
      );
      const turns = steps.filter(({ state }) => state === 'done').length;
      expect(turns).toBe(after < Math.max(1, Math.ceil(least / 3)) ? 1 : 2);
    }),
    { seed: 12 },
  );
});

test('once its ending has come it asks for nothing, and before that it does', () => {
  const look = fc.record({ day: fc.integer({ min: 1, max: 80 }), clear: fc.boolean() });
  fc.assert(
    fc.property(
      rhythm,
      fc.uniqueArray(look, { selector: ({ day }) => day, maxLength: 12 }),
      ([least, more], seen) => {
        const looks = seen
          .toSorted((a, b) => a.day - b.day)
          .map(({ day, clear }) => ({ on: addDays(START, day), clear }));
        const ended = looks.findIndex(({ clear }, i) => clear && looks[i - 1]?.clear === true);
        const plan = repeated(least, least + more, null, [{ kind: 'looks-clear', looks: 2 }]);
        const today = addDays(START, Math.min(80, least + more + 50));
        const shown = looks.filter(({ on }) => on <= today);
        const { over } = unroll(plan, facts({ done: [sprayed(START)], looks: shown, today }));
        const isOver = ended >= 0 && looks[ended]!.on <= today;
        expect(over?.why === 'done').toBe(isOver);
      },
    ),
    { seed: 13 },
  );
});

test('what is laid out ahead never goes back in time, nor beyond a day that ends it', () => {
  fc.assert(
    fc.property(
      rhythm,
      fc.integer({ min: 0, max: 120 }),
      fc.integer({ min: 0, max: 60 }),
      ([least, more], lastDay, now) => {
        const on = addDays(START, lastDay);
        const today = addDays(START, Math.min(now, least + more + 59));
        const { steps } = unroll(
          repeated(least, least + more, null, [{ kind: 'date', on }]),
          facts({ done: [sprayed(START)], today }),
        );
        const from = steps.flatMap(({ due }) => (due ? [due.from] : []));
        expect(from).toEqual(from.toSorted());
        expect(from.every((day) => day <= on)).toBe(true);
      },
    ),
    { seed: 14 },
  );
});
