import { Hono } from 'hono';
import type { AppParts } from '../context.ts';
import { recordRoute } from './record-route.ts';

/** Mixes of one's own, and waits that run. */
export function recipeRoutes({ store }: AppParts) {
  const anything = () => undefined;
  return new Hono()
    .route('/recipes', recordRoute(store, 'recipe', store.recipes, anything))
    .route('/waits', recordRoute(store, 'wait', store.waits, anything));
}
