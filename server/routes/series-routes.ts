import { Hono } from 'hono';
import { MATERIALS } from '#knowledge';
import { fieldProblem } from '#answers';
import { notInFuture, refersTo, type AppParts } from '../context.ts';
import { recordRoute } from './record-route.ts';
import { watchOrPlant } from './watch-or-plant.ts';

const MATERIAL_IDS = new Set(MATERIALS.map(({ id }) => id));

/** Series of steps, and the steps that are ticked. */
export function seriesRoutes(parts: AppParts) {
  const { store, clock } = parts;
  return new Hono()
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
