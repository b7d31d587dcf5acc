import { type FigureRange, rangeAfterScore, SHARE } from '#core/season-model';
import type { LearntKind, Spread } from '#core/seasons';
import { type OwnFigures, type PlanFigure } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { type PlanAnswer, planFrom } from '../plan/plan-answer.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { type LearntHere, learntHere } from './learnt-here.ts';

/** The plan of a watch's season, by figures its own counts have taught where they have. */
export function planAnswer(day: GardenDay, picture: WatchPicture): PlanAnswer {
  const plain = planFrom(day, picture);
  if (plain.kind === 'none') return plain;
  const learnt = learntHere(day, picture);
  const figures = learnt ? figuresTaught(learnt, plain.shown) : {};
  return Object.keys(figures).length === 0 ? plain : planFrom(day, picture, undefined, figures);
}

/** Scores with a deviation above this have hardly been moved: the rule of thumb stands. */
const TAUGHT_BELOW = 0.97;
const HAND = 'hand:';

/**
 * Growth as two or more counts have it, and kill and coverage moved to where this garden lies in their ranges.
 * What a treatment left tells of kill and coverage together: either takes half of the move; coverage goes by all
 * sprays.
 */
export function figuresTaught(
  { counts, stretches, watch, kinds }: LearntHere,
  shown: readonly PlanFigure[],
): OwnFigures {
  if (counts.length < 2) return {};
  const taught = kinds.filter(({ score, times }) => times > 0 && score.deviation < TAUGHT_BELOW);
  const sprays = taught.filter(({ kindId }) => !kindId.startsWith(HAND));
  const byId = new Map(shown.map((figure) => [figure.id, figure]));
  const moved = (id: string, score: Spread): [string, FigureRange][] => {
    const figure = byId.get(id);
    return figure ? [[id, rangeAfterScore(figure, score, SHARE)]] : [];
  };
  const longEnough = stretches.some(({ years }) => years > HALF_A_YEAR);
  return Object.fromEntries([
    ...(longEnough && byId.has('growth') ? [['growth', watch.nextYear] as const] : []),
    ...(sprays.length > 0 ? moved('coverage', halfOf(meanScore(sprays))) : []),
    ...taught.flatMap(({ kindId, score }) =>
      killsOf(kindId, shown).flatMap((id) =>
        moved(id, kindId.startsWith(HAND) ? turned(score) : halfOf(score)),
      ),
    ),
  ]);
}

const HALF_A_YEAR = 0.5;

/** Ids of the figures that say what a kind of treatment takes. */
function killsOf(kindId: string, shown: readonly PlanFigure[]): string[] {
  if (kindId.startsWith(HAND)) return [`hand ${kindId.slice(HAND.length)}`];
  if (kindId === 'winter-oil') return ['kill winter-oil'];
  return shown.map(({ id }) => id).filter((id) => id.startsWith(`kill ${kindId} `));
}

/** More left is less taken. */
const turned = ({ mean, deviation }: Spread): Spread => ({ mean: -mean, deviation });

/** Half the variance of what was left is kill's, half coverage's; what is learnt is shared alike. */
function halfOf({ mean, deviation }: Spread): Spread {
  return { mean: -mean * Math.SQRT1_2, deviation: Math.sqrt(1 - (1 - deviation ** 2) / 2) };
}

/** Of several kinds: what taught more weighs more. */
function meanScore(kinds: readonly LearntKind[]): Spread {
  const weights = kinds.map(({ score }) => 1 - score.deviation ** 2);
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return {
    mean: kinds.reduce((so, { score }, i) => so + (weights[i]! * score.mean) / sum, 0),
    deviation: Math.min(...kinds.map(({ score }) => score.deviation)),
  };
}
