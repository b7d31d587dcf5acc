import type { OwnRecipe, Wait } from '#core/records';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

/** Mixes of one's own, and waits that run. */
export function recipeStore(db: Db) {
  return {
    recipes: recordTable<OwnRecipe>(
      db,
      'recipe',
      {
        id: 'id',
        name: 'name',
        what: 'what',
        basedOn: 'based_on',
        usualMl: 'usual_ml',
        parts: 'parts',
        steps: 'steps',
        usedWithinHours: 'used_within_hours',
        timesASeason: 'times_a_season',
        note: 'note',
      },
      'name, id',
      { json: ['parts', 'steps'] },
    ),
    waits: recordTable<Wait>(
      db,
      'wait',
      { id: 'id', recipeId: 'recipe_id', recipeName: 'recipe_name', step: 'step', endsAt: 'ends_at' },
      'ends_at, id',
    ),
  };
}

export type RecipeStore = ReturnType<typeof recipeStore>;
