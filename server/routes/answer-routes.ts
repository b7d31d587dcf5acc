import { Hono } from 'hono';
import { z } from 'zod';
import {
  bandAnswer,
  countedWatches,
  hourAnswer,
  nowAnswer,
  type NowAnswer,
  pictureOf,
  seasonsAnswer,
} from '#engine';
import { bookCsv, bookEntries } from '../answers/book-answer.ts';
import { orNotFound, presentDay, type AppParts } from '../context.ts';
import type { DaysAhead } from '../store/days-ahead.ts';
import { query } from '../validate.ts';

/** What the first page shows: what is due, and what is the matter with the records themselves. */
export interface NowPage extends NowAnswer {
  /** Why the last backup could not be made; null when it could. */
  readonly backupTrouble: string | null;
  /** Records of days that have not come by this computer's clock; null when there are none. */
  readonly ahead: DaysAhead | null;
}

/** What the garden's records come to today. */
export function answerRoutes(parts: AppParts) {
  return (
    new Hono()
      .get('/now', (c) => {
        const day = presentDay(parts);
        const now: NowPage = {
          ...nowAnswer(day),
          backupTrouble: parts.backups?.lastTrouble() ?? null,
          ahead: parts.store.daysAhead(day.today),
        };
        return c.json({ now });
      })
      // Everything a device needs to answer by itself while it cannot reach this server.
      .get('/state', (c) => {
        const day = presentDay(parts);
        return c.json({ state: day.books.state, today: day.today, stepped: parts.clock.step !== undefined });
      })
      .get(
        '/hour',
        query(
          z.object({
            hours: z.coerce
              .number('a number')
              .min(0.25, 'at least a quarter')
              .max(12, 'at most 12')
              .default(1),
          }),
        ),
        (c) => {
          const day = presentDay(parts);
          return c.json({ jobs: hourAnswer(day, c.req.valid('query').hours) });
        },
      )
      .get('/band', (c) => {
        const day = presentDay(parts);
        return c.json({ band: bandAnswer(day) });
      })
      .get('/book', (c) => c.json({ entries: bookEntries(parts.store, presentDay(parts).today) }))
      .get('/book.csv', (c) =>
        c.body(bookCsv(bookEntries(parts.store, presentDay(parts).today)), 200, {
          'content-type': 'text/csv; charset=utf-8',
          'content-disposition': 'attachment; filename="record-book.csv"',
        }),
      )
      .get('/seasons', (c) => {
        const day = presentDay(parts);
        return c.json({ watches: countedWatches(day) });
      })
      .get('/seasons/:id', (c) => {
        const day = presentDay(parts);
        return c.json({
          seasons: seasonsAnswer(day, orNotFound(pictureOf(day, c.req.param('id')), 'watch')),
        });
      })
  );
}
