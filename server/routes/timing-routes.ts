import { Hono } from 'hono';
import { fieldProblem } from '#answers';
import { notInFuture, refersTo, type AppParts } from '../context.ts';
import { recordRoute } from './record-route.ts';

/** What starts a watch's clock, and what was thought out for its season. */
export function timingRoutes(parts: AppParts) {
  const { store, clock } = parts;
  const watchOf = (id: string, field: string) => refersTo(store.watch(id), field, 'watch');
  return new Hono()
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
    )
    .route(
      '/season-plans',
      recordRoute(store, 'season_plan', store.seasonPlans, (plan) => {
        if (!store.watch(plan.id)) throw fieldProblem('id', 'there is no such watch');
      }),
    )
    .route(
      '/year-reviews',
      recordRoute(store, 'year_review', store.yearReviews, (review) => {
        notInFuture(review.on, 'on', clock.today());
      }),
    );
}
