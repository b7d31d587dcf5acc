import { Hono } from 'hono';
import { z } from 'zod';
import {
  clockAnswer,
  futuresMaterial,
  gardenHatch,
  infectionAnswer,
  listedWatch,
  namesRecord,
  pictureOf,
  planAnswer,
  planBack,
  spreadAnswer,
  watchAnswer,
  watchPictures,
  weighAnswer,
} from '#engine';
import type { AnswersFrom } from './answers-from.ts';
import { orNotFound } from './problem.ts';
import { query } from './validate.ts';

const said = z
  .enum(['yes', 'no', 'unsaid'])
  .default('unsaid')
  .transform((word) => (word === 'unsaid' ? null : word === 'yes'));
const seenOnTheSpot = z.object({
  helpersSeen: said,
  antsSeen: said,
  beesAtHoneydew: said,
  thirsty: said,
  cropIsOff: said,
  bloomSoon: said,
});

const modelChoice = z
  .object({
    method: z
      .enum(['average', 'single-triangle', 'single-sine', 'double-sine', 'double-triangle'])
      .optional(),
    cutoff: z.enum(['none', 'horizontal', 'intermediate', 'vertical']).optional(),
  })
  .refine(
    ({ method, cutoff }) =>
      method !== 'average' || cutoff === undefined || cutoff === 'none' || cutoff === 'horizontal',
    { path: ['cutoff'], message: 'the average method has no such cutoff' },
  );

/** Watches: what stands of each, how it weighs, when its moment is and where it may go. */
export function watchAnswers({ day, beside }: AnswersFrom) {
  const present = (id: string) => {
    const now = day();
    return { now, picture: orNotFound(pictureOf(now, id), 'watch') };
  };
  return new Hono()
    .get('/watches', (c) => c.json({ watches: watchPictures(day()).map(listedWatch) }))
    .get('/names', (c) => c.json({ names: namesRecord(day()) }))
    .get('/watches/:id', (c) =>
      c.json({ picture: orNotFound(watchAnswer(day(), c.req.param('id')), 'watch') }),
    )
    .get('/watches/:id/weigh', query(seenOnTheSpot), (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ answer: weighAnswer(now, picture, c.req.valid('query')) });
    })
    .get('/watches/:id/spread', (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ spread: spreadAnswer(now, picture.watch) });
    })
    .get('/watches/:id/clock', query(modelChoice), (c) => {
      const { now, picture } = present(c.req.param('id'));
      const { method, cutoff } = c.req.valid('query');
      return c.json({
        clock: clockAnswer(now, picture, { ...(method ? { method } : {}), ...(cutoff ? { cutoff } : {}) }),
      });
    })
    .get('/watches/:id/hatch', (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ hatch: gardenHatch(now, picture) });
    })
    .get('/watches/:id/futures', (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ futures: futuresMaterial(now, picture) });
    })
    .get('/watches/:id/plan', (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ plan: planAnswer(now, picture) });
    })
    .get('/watches/:id/infections', (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ infections: infectionAnswer(now, picture.watch.id) });
    })
    .get('/watches/:id/plan-back', (c) => {
      const { now, picture } = present(c.req.param('id'));
      return c.json({ back: planBack(now, picture.watch.id) });
    })
    .get('/watches/:id/season-days', (c) => {
      const { now, picture } = present(c.req.param('id'));
      const { start, measured, forecast } = now.ofPlant(picture.plant);
      return c.json({ start, measured, forecast });
    })
    .get('/watches/:id/photos', (c) => {
      const { picture } = present(c.req.param('id'));
      return c.json({ photos: beside.photos().filter(({ watchId }) => watchId === picture.watch.id) });
    });
}
