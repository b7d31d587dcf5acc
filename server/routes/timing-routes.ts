import { Hono } from 'hono';
import { z } from 'zod';
import { clockAnswer, dormantAnswer, futuresMaterial, gardenHatch, pictureOf, sprayAnswer } from '#engine';
import { orNotFound, notInFuture, presentDay, refersTo, type AppParts } from '../context.ts';
import { fieldProblem } from '../problem.ts';
import { query } from '../validate.ts';
import { recordRoute } from './record-route.ts';

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

const flag = z
  .enum(['yes', 'no'])
  .default('no')
  .transform((word) => word === 'yes');
const sprayQuestion = z.object({
  plant: z.string(),
  product: z.string(),
  line: z.string(),
  bees: flag,
  thirsty: flag,
  hours: z.coerce.number().int('a whole number').min(1, 'at least 1').max(12, 'at most 12').default(2),
});

/** When the moment is: clocks, what starts them, what the garden's own tapes say. */
export function timingRoutes(parts: AppParts) {
  const { store, clock } = parts;
  const watchOf = (id: string, field: string) => refersTo(store.watch(id), field, 'watch');
  const present = (id: string) => {
    const day = presentDay(parts);
    return { day, picture: orNotFound(pictureOf(day, id), 'watch') };
  };
  return new Hono()
    .get('/watches/:id/clock', query(modelChoice), (c) => {
      const { day, picture } = present(c.req.param('id'));
      const { method, cutoff } = c.req.valid('query');
      return c.json({
        clock: clockAnswer(day, picture, {
          ...(method ? { method } : {}),
          ...(cutoff ? { cutoff } : {}),
        }),
      });
    })
    .get('/watches/:id/hatch', (c) => {
      const { day, picture } = present(c.req.param('id'));
      return c.json({ hatch: gardenHatch(day, picture) });
    })
    .get('/watches/:id/futures', (c) => {
      const { day, picture } = present(c.req.param('id'));
      return c.json({ futures: futuresMaterial(day, picture) });
    })
    .get('/watches/:id/season-days', (c) => {
      const { day, picture } = present(c.req.param('id'));
      const { start, measured, forecast } = day.ofPlant(picture.plant);
      return c.json({ start, measured, forecast });
    })
    .get('/dormant', (c) => {
      const day = presentDay(parts);
      return c.json({ dormant: dormantAnswer(day) });
    })
    .get('/spray-hours', query(sprayQuestion), (c) => {
      const day = presentDay(parts);
      const asked = c.req.valid('query');
      const product = orNotFound(store.product(asked.product), 'product');
      const line = orNotFound(
        product.lines.find(({ id }) => id === asked.line),
        'label line',
      );
      const plant = orNotFound(store.plant(asked.plant), 'plant');
      return c.json({
        spray: sprayAnswer(
          day,
          plant,
          product,
          line,
          { beesAtHoneydew: asked.bees, thirsty: asked.thirsty },
          asked.hours,
        ),
      });
    })
    .route(
      '/sightings',
      recordRoute(store, 'sighting', store.sightings, (sighting) => {
        watchOf(sighting.watchId, 'watchId');
        notInFuture(sighting.on, 'on', clock.today());
      }),
    )
    .route(
      '/watch-clocks',
      recordRoute(store, 'watch_clock', store.clocks, (chosen) => {
        if (!store.watch(chosen.id)) throw fieldProblem('id', 'there is no such watch');
      }),
    );
}
