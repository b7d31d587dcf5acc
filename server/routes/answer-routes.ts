import { Hono } from 'hono';
import { z } from 'zod';
import { bandAnswer } from '../answers/band-answer.ts';
import { bookCsv, bookEntries } from '../answers/book-answer.ts';
import { hourAnswer } from '../answers/hour-answer.ts';
import { nowAnswer } from '../answers/now-answer.ts';
import { countedWatches, seasonsAnswer } from '../answers/seasons-answer.ts';
import { pictureOf } from '../answers/watch-pictures.ts';
import { orNotFound, presentSeason, type AppParts } from '../context.ts';
import { query } from '../validate.ts';

/** What the garden's records come to today. */
export function answerRoutes(parts: AppParts) {
  return new Hono()
    .get('/now', (c) => {
      const { garden, reader, today } = presentSeason(parts);
      const trouble = parts.backups?.lastTrouble() ?? null;
      return c.json({ now: nowAnswer(parts.store, reader, garden, today, trouble) });
    })
    .get(
      '/hour',
      query(
        z.object({
          hours: z.coerce.number('a number').min(0.25, 'at least a quarter').max(12, 'at most 12').default(1),
        }),
      ),
      (c) => {
        const { garden, reader, today } = presentSeason(parts);
        return c.json({ jobs: hourAnswer(parts.store, reader, garden, today, c.req.valid('query').hours) });
      },
    )
    .get('/band', (c) => {
      const { garden, reader, today } = presentSeason(parts);
      return c.json({ band: bandAnswer(parts.store, reader, garden, today) });
    })
    .get('/book', (c) => c.json({ entries: bookEntries(parts.store, presentSeason(parts).today) }))
    .get('/book.csv', (c) =>
      c.body(bookCsv(bookEntries(parts.store, presentSeason(parts).today)), 200, {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="record-book.csv"',
      }),
    )
    .get('/seasons', (c) => {
      const { reader, today } = presentSeason(parts);
      return c.json({ watches: countedWatches(parts.store, reader, today) });
    })
    .get('/seasons/:id', (c) => {
      const { reader, today } = presentSeason(parts);
      return c.json({
        seasons: seasonsAnswer(
          parts.store,
          reader,
          orNotFound(pictureOf(parts.store, reader, c.req.param('id'), today), 'watch'),
          today,
        ),
      });
    });
}
