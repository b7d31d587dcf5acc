import { Hono } from 'hono';
import { z } from 'zod';
import { clockAnswer } from '../answers/clock-answer.ts';
import { dormantAnswer } from '../answers/dormant-answer.ts';
import { futuresMaterial } from '../answers/futures-material.ts';
import { gardenHatch } from '../answers/garden-hatch.ts';
import { sprayAnswer } from '../answers/spray-answer.ts';
import { pictureOf } from '../answers/watch-pictures.ts';
import { orNotFound, notInFuture, presentSeason, refersTo, type AppParts } from '../context.ts';
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
    const { reader, today } = presentSeason(parts);
    return { reader, today, picture: orNotFound(pictureOf(store, reader, id, today), 'watch') };
  };
  return new Hono()
    .get('/watches/:id/clock', query(modelChoice), (c) => {
      const { reader, today, picture } = present(c.req.param('id'));
      const { method, cutoff } = c.req.valid('query');
      return c.json({
        clock: clockAnswer(store, reader, picture, today, {
          ...(method ? { method } : {}),
          ...(cutoff ? { cutoff } : {}),
        }),
      });
    })
    .get('/watches/:id/hatch', (c) => {
      const { reader, picture } = present(c.req.param('id'));
      return c.json({ hatch: gardenHatch(store, reader, picture) });
    })
    .get('/watches/:id/futures', (c) => {
      const { reader, picture } = present(c.req.param('id'));
      return c.json({ futures: futuresMaterial(store, reader, picture) });
    })
    .get('/watches/:id/season-days', (c) => {
      const { reader, picture } = present(c.req.param('id'));
      const { start, measured, forecast } = reader.ofPlant(picture.plant);
      return c.json({ start, measured, forecast });
    })
    .get('/dormant', (c) => {
      const { garden, reader, today } = presentSeason(parts);
      return c.json({ dormant: dormantAnswer(store, reader, garden, today) });
    })
    .get('/spray-hours', query(sprayQuestion), (c) => {
      const { garden, reader, today } = presentSeason(parts);
      const asked = c.req.valid('query');
      const product = orNotFound(store.product(asked.product), 'product');
      const line = orNotFound(
        product.lines.find(({ id }) => id === asked.line),
        'label line',
      );
      const plant = orNotFound(store.plant(asked.plant), 'plant');
      return c.json({
        spray: sprayAnswer(
          store,
          reader,
          garden,
          today,
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
