import { Hono } from 'hono';
import { z } from 'zod';
import { pictureOf, programmeAnswer, seriesOffers, workingDay, yearAnswer } from '#engine';
import { MATERIALS } from '#knowledge';
import { notInFuture, orNotFound, presentDay, refersTo, type AppParts } from '../context.ts';
import { fieldProblem } from '../problem.ts';
import { query } from '../validate.ts';
import { recordRoute } from './record-route.ts';
import { watchOrPlant } from './watch-or-plant.ts';

const MATERIAL_IDS = new Set(MATERIALS.map(({ id }) => id));

const aboutWhat = z
  .object({ watch: z.string().max(60).optional(), plant: z.string().max(60).optional() })
  .refine(({ watch, plant }) => (watch === undefined) !== (plant === undefined), 'a watch or a plant');

/** Series of steps, the usual ones that are offered, and the steps that are ticked. */
export function seriesRoutes(parts: AppParts) {
  const { store, clock } = parts;
  return new Hono()
    .get('/programme', (c) => c.json({ programme: programmeAnswer(presentDay(parts)) }))
    .get('/working-day', (c) => c.json({ day: workingDay(presentDay(parts)) }))
    .get('/year', (c) => c.json({ year: yearAnswer(presentDay(parts)) }))
    .get('/offers', query(aboutWhat), (c) => {
      const day = presentDay(parts);
      const { watch, plant } = c.req.valid('query');
      const picture = watch === undefined ? null : orNotFound(pictureOf(day, watch), 'watch');
      const about = picture?.plant ?? orNotFound(store.plant(plant ?? ''), 'plant');
      return c.json({ offers: seriesOffers(day, about, picture) });
    })
    .route(
      '/series',
      recordRoute(store, 'series', store.series, (series) => {
        if (series.watchId !== null || series.plantId !== null) watchOrPlant(store, series);
        series.steps.forEach(({ materials }, i) => {
          if (materials.some((id) => !MATERIAL_IDS.has(id)))
            throw fieldProblem(`steps.${i}.materials`, 'choose them from the list');
        });
      }),
    )
    .route(
      '/ticks',
      recordRoute(store, 'tick', store.ticks, ({ seriesId, step, on }) => {
        const { steps } = refersTo(store.series.one(seriesId), 'seriesId', 'series');
        notInFuture(on, 'on', clock.today());
        if (step >= steps.length) throw fieldProblem('step', 'the series has no such step');
      }),
    );
}
