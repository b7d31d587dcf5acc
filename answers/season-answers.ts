import { Hono } from 'hono';
import { z } from 'zod';
import {
  bandAnswer,
  failureAnswer,
  gardenSeasons,
  hourAnswer,
  nowAnswer,
  type PotToMove,
  potsToMove,
  type NowAnswer,
  pathAnswer,
  pictureOf,
  practiceClimate,
  programmeAnswer,
  reviewAnswer,
  seasonsAnswer,
  seriesOffers,
  gardenWinters,
  usualMonths,
  workingDay,
  yearAnswer,
} from '#engine';
import type { AnswersFrom, Keeping } from './answers-from.ts';
import { bookEntries } from './book-entries.ts';
import { byId } from './by-id.ts';
import { calendarEntries } from './calendar-entries.ts';
import { orNotFound } from './problem.ts';
import { query } from './validate.ts';

const aboutWhat = z
  .object({ watch: z.string().max(60).optional(), plant: z.string().max(60).optional() })
  .refine(({ watch, plant }) => (watch === undefined) !== (plant === undefined), 'a watch or a plant');

const anHour = z.object({
  hours: z.coerce.number('a number').min(0.25, 'at least a quarter').max(12, 'at most 12').default(1),
});

/** What the first page shows: what is due, and what is the matter with the records themselves. */
export interface NowPage extends NowAnswer, Pick<Keeping, 'backupTrouble' | 'ahead'> {
  readonly pots: readonly PotToMove[];
}

/** What is due and planned, the band, the seasons and the record book, and the weather they rest on. */
export function seasonAnswers({ day, beside, keeping }: AnswersFrom) {
  return new Hono()
    .get('/now', (c) => {
      const asOf = day();
      const { backupTrouble, ahead } = keeping(asOf.today);
      const now: NowPage = { ...nowAnswer(asOf), pots: potsToMove(asOf), backupTrouble, ahead };
      return c.json({ now });
    })
    .get('/hour', query(anHour), (c) => c.json({ jobs: hourAnswer(day(), c.req.valid('query').hours) }))
    .get('/band', (c) => c.json({ band: bandAnswer(day()) }))
    .get('/book', (c) => c.json({ entries: bookEntries(day()) }))
    .get('/calendar', (c) => {
      const asOf = day();
      return c.json({ address: keeping(asOf.today).calendarAddress, entries: calendarEntries(asOf) });
    })
    .get('/seasons', (c) => c.json({ all: gardenSeasons(day()) }))
    .get('/seasons/:id', (c) => {
      const asOf = day();
      return c.json({
        seasons: seasonsAnswer(asOf, orNotFound(pictureOf(asOf, c.req.param('id')), 'watch')),
      });
    })
    .get('/seasons/:id/path', (c) => {
      const asOf = day();
      return c.json({ path: pathAnswer(asOf, orNotFound(pictureOf(asOf, c.req.param('id')), 'watch')) });
    })
    .get('/seasons/:id/why', (c) => {
      const asOf = day();
      return c.json({ why: failureAnswer(asOf, orNotFound(pictureOf(asOf, c.req.param('id')), 'watch')) });
    })
    .get('/review', (c) => c.json({ review: reviewAnswer(day()) }))
    .get('/year-reviews', (c) => c.json({ reviews: day().books.state.yearReviews }))
    .get('/practice-climate', (c) => c.json({ climate: practiceClimate(day()) }))
    .get('/winters', (c) => c.json({ mild: gardenWinters(day()) }))
    .get('/programme', (c) => c.json({ programme: programmeAnswer(day()) }))
    .get('/working-day', (c) => c.json({ day: workingDay(day()) }))
    .get('/year', (c) => c.json({ year: yearAnswer(day()) }))
    .get('/offers', query(aboutWhat), (c) => {
      const asOf = day();
      const { watch, plant } = c.req.valid('query');
      const picture = watch === undefined ? null : orNotFound(pictureOf(asOf, watch), 'watch');
      const about = picture?.plant ?? orNotFound(byId(asOf.books.state.plants, plant ?? ''), 'plant');
      return c.json({ offers: seriesOffers(asOf, about, picture) });
    })
    .get('/stations', (c) => c.json({ stations: beside.stations() }))
    .get('/stations/:id/readings', (c) => {
      const { id } = orNotFound(byId(beside.stations(), c.req.param('id')), 'thermometer');
      return c.json({ readings: beside.readings(id) });
    })
    .get('/stations/:id/forecast', (c) => {
      const { id } = orNotFound(byId(beside.stations(), c.req.param('id')), 'thermometer');
      const { today, books } = day();
      return c.json({ days: (books.state.forecasts[id] ?? []).filter(({ date }) => date >= today) });
    })
    .get('/normals', (c) => {
      const { state } = day().books;
      return c.json({ normals: state.normals, usual: usualMonths(state) });
    });
}
