import { factorAt, figureAt, NOT_NEGATIVE, SHARE } from './figure-range.ts';
import type { KindScores } from './drawn-treatment.ts';
import { type Hatch, type HatchBelief, hatchesOf } from './hatch-belief.ts';
import { possibleSeason, type DrawnFigures, type PossibleSeason } from './possible-season.ts';
import { fitDaysOf, type PossibleYear } from './possible-year.ts';
import { drawScores, type Scores } from './scores.ts';
import type { SeasonFigures } from './season-figures.ts';
import type { FitWeather } from './treatment.ts';

/** Everything a plan is judged over: possible seasons, and how each treatment's figures fall in each. */
export interface SeasonDraws {
  readonly seasons: readonly PossibleSeason[];
  kindScores(kindId: string, draw: number): KindScores;
  /** By day: whether it is fit in that draw's weather. */
  fitness(fits: FitWeather, draw: number): Uint8Array;
}

/** What may be doubted. Where a figure is `fixed` every draw has its middle. */
export const DOUBTED = [
  'weather',
  'hatch-first',
  'hatch-span',
  'soft-time',
  'kill',
  'coverage',
  'residue',
  'holed',
  'source',
  'growth',
] as const;
export type Doubted = (typeof DOUBTED)[number];

export interface DrawsAsked {
  readonly belief: HatchBelief;
  readonly figures: SeasonFigures;
  /** The possible years; draws take them in turn. */
  readonly years: readonly PossibleYear[];
  readonly draws: number;
  readonly seed: number;
  /** Figures held at their middle, to see what they do. */
  readonly fixed?: ReadonlySet<Doubted>;
  readonly stepsADay?: number;
}

/**
 * Draws seasons: figures together with possible years, so that a range over them carries both. The same seed gives
 * the same draws, and holding one figure leaves the others as they were.
 * @throws RangeError without a possible year.
 */
export function drawSeasons(asked: DrawsAsked): SeasonDraws {
  const { years, draws, seed, fixed } = asked;
  if (years.length === 0) throw new RangeError('it takes a possible year');
  const scores = drawScores(DOUBTED, draws, seed);
  const score = (figure: Doubted, draw: number) => (fixed?.has(figure) ? 0 : scores.get(figure)![draw]!);
  const yearOf = (draw: number) =>
    fixed?.has('weather') ? years[middleYear(asked)]! : years[draw % years.length]!;
  const hatches = hatchesOf(asked.belief);
  const seasons = Array.from({ length: draws }, (_, draw) =>
    possibleSeason(
      figuresAt(asked, hatches, (figure) => score(figure, draw)),
      yearOf(draw),
      asked.stepsADay,
    ),
  );
  return drawsOf(seasons, seed, fixed);
}

const NONE_FIXED: ReadonlySet<Doubted> = new Set();

/** The season with every figure at its middle in the year whose hatch is the middle one: for drawing. */
export function middleSeason(asked: DrawsAsked): SeasonDraws {
  const season = possibleSeason(
    figuresAt(asked, hatchesOf(asked.belief), () => 0),
    asked.years[middleYear(asked)]!,
    asked.stepsADay,
  );
  return drawsOf([season], asked.seed, new Set(DOUBTED));
}

/** Seasons laid out elsewhere, with scores for the treatments in each. */
export function drawsOf(
  seasons: readonly PossibleSeason[],
  seed: number,
  fixed: ReadonlySet<Doubted> = NONE_FIXED,
): SeasonDraws {
  const byKind = new Map<string, Scores>();
  const scoresOf = (kindId: string): Scores => {
    const names = [`kill ${kindId}`, `residue ${kindId}`, 'coverage'];
    if (!byKind.has(kindId)) byKind.set(kindId, drawScores(names, seasons.length, seed));
    return byKind.get(kindId)!;
  };
  return {
    seasons,
    kindScores(kindId, draw) {
      const scores = scoresOf(kindId);
      const at = (figure: Doubted, name: string) => (fixed.has(figure) ? 0 : scores.get(name)![draw]!);
      return {
        kill: at('kill', `kill ${kindId}`),
        coverage: at('coverage', 'coverage'),
        residue: at('residue', `residue ${kindId}`),
      };
    },
    fitness: (fits, draw) => fitDaysOf(seasons[draw]!.year, fits),
  };
}

function figuresAt(
  { figures }: DrawsAsked,
  hatches: (firstScore: number, spanScore: number) => Hatch,
  score: (figure: Doubted) => number,
): DrawnFigures {
  const soft = score('soft-time');
  const { stages } = figures;
  return {
    hatch: hatches(score('hatch-first'), score('hatch-span')),
    stages: {
      unit: stages.unit,
      crawler: figureAt(stages.crawler, soft, NOT_NEGATIVE),
      settled: figureAt(stages.settled, soft, NOT_NEGATIVE),
      second: figureAt(stages.second, soft, NOT_NEGATIVE),
    },
    lossADay: figures.lossADay,
    hotLoss: figureAt(figures.hotLoss, 0, SHARE),
    holed: figures.holed ? Math.min(MOST_HOLED, figureAt(figures.holed, score('holed'), SHARE)) : 0,
    source: figures.source ? factorAt(figures.source, score('source')) : 0,
    growthAYear: factorAt(figures.growthAYear, score('growth')),
    generations: figures.generations,
    generationLength: figureAt(figures.generationLength, 0, NOT_NEGATIVE),
  };
}

/** Wasps leave some: what is wholly holed would have no scale to plan for. */
const MOST_HOLED = 0.95;

/** The year whose sum of heat by the middle of the frame is the middle one. */
function middleYear({ years }: Pick<DrawsAsked, 'years'>): number {
  const warmth = years.map(({ heatCd }, i) => {
    let sum = 0;
    for (let day = 0; day < heatCd.length / 2; day++) sum += heatCd[day]!;
    return { i, sum };
  });
  return warmth.sort((a, b) => a.sum - b.sum)[Math.floor((warmth.length - 1) / 2)]!.i;
}
