import { type Answers } from './evidence.ts';

export type Life = 'alive' | 'dead' | 'unknown';

export interface LifeFinding {
  readonly life: Life;
  readonly because:
    | 'live-counted'
    | 'crawlers-walk'
    | 'fluid'
    | 'eggs-beneath'
    | 'live-larva'
    | 'dry-and-turned'
    | 'dry-not-turned'
    | 'moist-after-oil'
    | 'not-checked';
}

/** Fewer dry covers turned over than this prove nothing: a dry mother may shelter eggs (grade C). */
export const FEWEST_COVERS_TURNED = 10;

/**
 * Whether an infestation is alive now, from the press, turn-over and larva checks. "Dead" is only
 * said when covers were turned over, at least {@link FEWEST_COVERS_TURNED} of them, and nothing
 * lived beneath; a body can stay moist for weeks after oil, so fluid then proves nothing. Live ones
 * counted this season (`liveCounted`) settle it, and so do crawlers that were caught or seen since it was last
 * looked over (`crawlersSince`): whatever lay dead, its young walk.
 */
export function assessLife(
  answers: Answers,
  coversTurned: number,
  oiledInLastMonth: boolean,
  liveCounted = 0,
  crawlersSince = false,
): LifeFinding {
  if (liveCounted > 0) return { life: 'alive', because: 'live-counted' };
  if (crawlersSince) return { life: 'alive', because: 'crawlers-walk' };
  if (answers['turn-over'] === 'eggs') return { life: 'alive', because: 'eggs-beneath' };
  if (answers.larva === 'inside') return { life: 'alive', because: 'live-larva' };
  if (answers.press === 'fluid' || answers.press === 'pink-red') {
    return oiledInLastMonth
      ? { life: 'unknown', because: 'moist-after-oil' }
      : { life: 'alive', because: 'fluid' };
  }
  if (answers['turn-over'] === 'body') return { life: 'alive', because: 'fluid' };
  if (answers['turn-over'] === 'empty' && coversTurned >= FEWEST_COVERS_TURNED) {
    return { life: 'dead', because: 'dry-and-turned' };
  }
  if (answers.press === 'dry' || answers['turn-over'] === 'empty')
    return { life: 'unknown', because: 'dry-not-turned' };
  return { life: 'unknown', because: 'not-checked' };
}
