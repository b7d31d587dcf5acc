import { expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import type { WatchClock } from '#core/records';
import { gardenDay } from './garden-day.ts';
import { madeGarden, plantOf, sightingOn, tapeOn, watchOn } from './made-garden.ts';
import { chosenStart, signsOf, timedEvents } from './watch-clock.ts';

const PLANT = plantOf('Hedge', 'spindle');
const WATCH = watchOn(PLANT, 'euonymus-scale');
const trap = (takenOff: CivilDate, caught: number) => ({
  id: takenOff,
  watchId: WATCH.id,
  label: 'T',
  catches: 'males' as const,
  putOn: '2026-05-01',
  takenOff,
  caught,
});

test('signs that start a clock: stages, sightings, and catches of traps and tapes in order, up to the day', () => {
  const day = gardenDay(
    madeGarden({
      plants: [PLANT],
      watches: [WATCH],
      growth: ['2026-05-02', '2026-05-20', '2026-05-21'].map((on) => ({
        id: on,
        plantId: PLANT.id,
        on,
        leaves: null,
        stage: 'bloom-start' as const,
        note: '',
      })),
      sightings: [
        sightingOn(WATCH, '2026-05-20', 'first-crawlers'),
        sightingOn(WATCH, '2026-05-21', 'all-stages'),
      ],
      traps: [trap('2026-05-10', 3), trap('2026-05-20', 4), trap('2026-05-22', 9)],
      tapes: [tapeOn(WATCH, '2026-05-12', 7), tapeOn(WATCH, '2026-05-25', 8)],
    }),
    '2026-05-20',
  );
  const signs = signsOf(day, day.books.watchBook(WATCH.id)!);
  expect(signs.stages.map(({ on }) => on)).toEqual(['2026-05-02', '2026-05-20']);
  expect(signs.sightings.map(({ on }) => on)).toEqual(['2026-05-20']);
  expect(signs.catches).toEqual([
    { catches: 'males', putOn: '2026-05-01', takenOff: '2026-05-10', caught: 3 },
    { catches: 'crawlers', putOn: '2026-05-05', takenOff: '2026-05-12', caught: 7 },
    { catches: 'males', putOn: '2026-05-01', takenOff: '2026-05-20', caught: 4 },
  ]);
});

test('a start a person chose stands for every published one; without a name there is none', () => {
  const start = (startKind: WatchClock['startKind'], startValue: string | null) =>
    chosenStart({ id: WATCH.id, startKind, startValue } as WatchClock);
  expect(chosenStart(null)).toBeNull();
  expect(start('date', '03-01')).toEqual({ kind: 'date', monthDay: '03-01' });
  expect(start('stage', 'petal-fall')).toEqual({ kind: 'stage', stage: 'petal-fall' });
  expect(start('first-males', null)).toEqual({ kind: 'first-males' });
  expect(start('first-crawlers', null)).toEqual({ kind: 'first-crawlers' });
  const book = (watch: typeof WATCH, clock: WatchClock | null) => ({ watch, clock }) as never;
  const chosen = timedEvents(
    book(WATCH, { id: WATCH.id, startKind: 'first-males', startValue: null } as WatchClock),
  );
  expect(chosen.length).toBeGreaterThan(1);
  expect(chosen.every(({ start: { kind } }) => kind === 'first-males')).toBe(true);
  expect(timedEvents(book(WATCH, null)).every(({ start: { kind } }) => kind === 'season')).toBe(true);
  expect(timedEvents(book({ ...WATCH, targetId: null }, null))).toEqual([]);
});
