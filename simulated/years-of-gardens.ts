import { randomLcg, randomNormal } from 'd3-random';
import { factorAt, figureAt, type FigureRange, SHARE, summariseLeft } from '#core/season-model';
import { countedLevel, type Stretch, type WatchYears } from '#core/seasons';
import { type Measure, PROTOCOL_SHAPES, summarise } from '#core/sampling';
import { simulateTwigs } from './twigs.ts';

/** A garden with several watches of one trouble over years: what a gardener would know of it, and the truth. */
export interface YearsOfGarden {
  readonly watches: readonly WatchYears[];
  /** Growth a year left alone, by watch. */
  readonly growth: readonly number[];
  /** What each treatment really left, by its id. */
  readonly left: Readonly<Record<string, number>>;
}

/** As many after a year left alone: middle, and eight in ten. */
export const USUAL_GROWTH: FigureRange = { low: 0.8, middle: 2, high: 5 };

/** A kind of treatment: what it kills where it wets, what it wets, and the part it meets, each known as a range. */
interface TreatmentFigures {
  readonly kindId: string;
  readonly kill: FigureRange;
  readonly wetted: FigureRange;
  readonly met: FigureRange;
}

const KINDS: readonly TreatmentFigures[] = [
  {
    kindId: 'oil at crawlers',
    kill: { low: 0.8, middle: 0.9, high: 0.96 },
    wetted: { low: 0.55, middle: 0.75, high: 0.9 },
    met: { low: 0.4, middle: 0.65, high: 0.85 },
  },
  {
    kindId: 'winter oil',
    kill: { low: 0.4, middle: 0.6, high: 0.75 },
    wetted: { low: 0.55, middle: 0.75, high: 0.9 },
    met: { low: 0.85, middle: 0.95, high: 1 },
  },
  {
    kindId: 'cut out',
    kill: { low: 0.95, middle: 0.98, high: 1 },
    wetted: { low: 0.15, middle: 0.35, high: 0.6 },
    met: { low: 1, middle: 1, high: 1 },
  },
];

const SEED_STEP = 7919;
const FIRST_DRAWS = 3;

/**
 * One garden by its seed. Growth varies by garden, plant and year; a spray kills a share of what it wets and meets,
 * its kill the garden's for good, the wetting and the moment each time's own; a source adds young every year as
 * many as it has, however few are left. Twigs are clumped, more on some plants than on others.
 */
export function yearsOfGarden(seed: number): YearsOfGarden {
  const chance = randomLcg(seed * SEED_STEP + 17);
  for (let drawn = 0; drawn < FIRST_DRAWS; drawn++) chance();
  const normal = randomNormal.source(chance)(0, 1);
  const whole = (from: number, to: number) => from + Math.floor(chance() * (to - from + 1));
  const shared = normal();
  const killScore = new Map(KINDS.map(({ kindId }) => [kindId, normal()]));
  const wettingHere = normal();
  const left: Record<string, number> = {};
  const growth: number[] = [];
  const watches = Array.from({ length: whole(1, 4) }, (_, w): WatchYears => {
    const plantsScore = Math.SQRT1_2 * (Math.SQRT1_2 * (shared + normal()));
    growth.push(factorAt(USUAL_GROWTH, plantsScore));
    const clumping = 0.5 + 1.5 * chance();
    const sourceShare = chance() < 0.25 ? factorAt({ low: 0.1, middle: 0.25, high: 0.6 }, normal()) : 0;
    let level = 2 * Math.exp(normal());
    const counts = [count(level, clumping, whole(8, 20), whole(1, 1e6))];
    const stretches: Stretch[] = [];
    for (let year = whole(2, 5); year > 0; year--) {
      const done = KINDS.filter(() => chance() < 0.4).map((kind) => {
        const id = `${w} ${year} ${kind.kindId}`;
        const took =
          figureAt(kind.kill, killScore.get(kind.kindId)!, SHARE) *
          figureAt(kind.wetted, Math.SQRT1_2 * (wettingHere + normal()), SHARE) *
          figureAt(kind.met, normal(), SHARE);
        left[id] = 1 - took;
        return { id, kindId: kind.kindId, left: THOUGHT_LEFT.get(kind.kindId)! };
      });
      const spared = done.reduce((so, { id }) => so * left[id]!, 1);
      // A treatment of the plant does not reach the source.
      level *= (spared + sourceShare) * factorAt(USUAL_GROWTH, plantsScore + Math.SQRT1_2 * normal());
      level = Math.min(level, MOST_A_TWIG);
      counts.push(count(level, clumping, whole(8, 20), whole(1, 1e6)));
      const thoughtSpared = done.reduce((so, each) => so * each.left.middle, 1);
      stretches.push({ years: 1, done, source: sourceShare > 0 ? cameOver(thoughtSpared) : null });
    }
    return { id: String(w), levels: counts.map(countedLevel), stretches };
  });
  return { watches, growth, left };
}

/** More do not find room on a twig. */
const MOST_A_TWIG = 150;

const cameOver = (spared: number): FigureRange => ({
  low: 1 + 0.1 / spared,
  middle: 1 + 0.25 / spared,
  high: 1 + 0.6 / spared,
});

function count(level: number, clumping: number, twigs: number, seed: number) {
  const units = simulateTwigs(
    { livePerTwig: level, deadPerLive: 0.5, holedShare: 0.1, clumping },
    twigs,
    seed,
  );
  const { item } = PROTOCOL_SHAPES.twig.measure;
  const measure: Measure = summarise('twig', units, null).measure;
  return { measure, units: units.map(({ counts }) => ({ value: counts[item]! })) };
}

const THOUGHT_DRAWS = 400;

/** What the figures alone make of a treatment, as the season's model draws them. */
function thoughtLeft({ kill, wetted, met }: TreatmentFigures): FigureRange {
  const normal = randomNormal.source(randomLcg(0.5))(0, 1);
  const draws = Array.from(
    { length: THOUGHT_DRAWS },
    () =>
      1 -
      figureAt(kill, normal(), SHARE) * figureAt(wetted, normal(), SHARE) * figureAt(met, normal(), SHARE),
  );
  const { low, median, high } = summariseLeft(draws);
  return { low, middle: median, high };
}

const THOUGHT_LEFT = new Map(KINDS.map((kind) => [kind.kindId, thoughtLeft(kind)]));
