import { factorAt, figureAt, type FigureRange, SHARE } from './figure-range.ts';
import { dayDone, drawnKind, leavesOf } from './drawn-treatment.ts';
import { type LeftSummary, summariseLeft } from './left-summary.ts';
import type { PossibleSeason } from './possible-season.ts';
import { drawScores } from './scores.ts';
import type { SeasonDraws } from './season-draws.ts';
import { type DoneTreatment, endOf, shareLeft, winterLeft } from './season-outcome.ts';
import type { PlannedTreatment } from './treatment.ts';

/** What is done year after year. */
export interface YearsAheadAsked {
  readonly draws: SeasonDraws;
  readonly growthAYear: FigureRange;
  readonly years: number;
  readonly seed: number;
  /** What was done or is planned this season, and what is done again in each that follows. */
  readonly thisYear: readonly PlannedTreatment[];
  readonly eachYear: readonly PlannedTreatment[];
  /** From now on nothing comes over from a source. */
  readonly sourceCleared: boolean;
  /** Share that cutting the plant back takes before this season; null: it is not cut back. */
  readonly cutBack: FigureRange | null;
  /** How many times the odds of being holed grow in a year in which helpers are let be; null: they stay. */
  readonly helpersGrow: FigureRange | null;
}

/** A plant carries no more than so many times what it carries now (grade C). */
export const MOST_CARRIED = 20;
/** Of a year's growth half is the plant's own, half the year's. */
const OWN_PART = Math.SQRT1_2;

/**
 * How many there are after each year, of 100 now: what a season leaves, times the growth of a year. Each draw goes
 * through several of the possible seasons one after the other; what comes over from a source stays as large as it
 * is however few are left.
 */
export function yearsAhead(asked: YearsAheadAsked): LeftSummary[] {
  const { draws, years, seed } = asked;
  const names = Array.from({ length: years }, (_, year) => `growth ${year}`);
  const scores = drawScores(['growth', 'cut-back', 'helpers', ...names], draws.seasons.length, seed);
  const score = (name: string, draw: number) => scores.get(name)![draw]!;
  const levels = names.map(() => new Float64Array(draws.seasons.length));
  for (let draw = 0; draw < draws.seasons.length; draw++) {
    let level = asked.cutBack ? 1 - figureAt(asked.cutBack, score('cut-back', draw), SHARE) : 1;
    const holedFactor = asked.helpersGrow ? factorAt(asked.helpersGrow, score('helpers', draw)) : 1;
    for (let year = 0; year < years; year++) {
      const growth = factorAt(
        asked.growthAYear,
        OWN_PART * (score('growth', draw) + score(names[year]!, draw)),
      );
      const spared = sparedByHelpers(draws.seasons[draw]!.holed, holedFactor ** (year + 1));
      level = Math.min(MOST_CARRIED, growth * spared * afterSeason(asked, draw, year, level));
      levels[year]![draw] = 100 * level;
    }
  }
  return levels.map(summariseLeft);
}

/** What a season makes of so many, in units of what it makes of as many as now, left alone without a source. */
function afterSeason(asked: YearsAheadAsked, draw: number, year: number, level: number): number {
  const { draws, thisYear, eachYear, sourceCleared } = asked;
  const { seasons } = draws;
  // The next season is another of the possible ones; the figures of the sprays stay this draw's.
  const at = (draw + year * Math.ceil(seasons.length / asked.years)) % seasons.length;
  const season = seasons[at]!;
  const done = (year === 0 ? thisYear : eachYear).map((treatment): DoneTreatment => {
    const kind = drawnKind(treatment.kind, draws.kindScores(treatment.kind.id, draw));
    const again = year === 0 ? treatment : { day: treatment.day };
    return { kind, day: dayDone(again, draws.fitness(treatment.kind.fits, at)) };
  });
  const shares = sharesLeft(season, done);
  const source = sourceCleared ? 0 : season.source;
  const alone = endOf({ ...season, source: 0 }, 1, nothingTaken(season));
  return endOf({ ...season, source }, level * winterLeft(season, done), shares) / alone;
}

const nothingTaken = (season: PossibleSeason) => season.generations.map(() => 1);

const sharesLeft = (season: PossibleSeason, done: readonly DoneTreatment[]) =>
  season.generations.map((generation) =>
    shareLeft(
      generation,
      done.map(({ kind, day }) => leavesOf(season, generation, kind, day)),
    ),
  );

/** How many more or fewer live than with as many holed as now, where the odds of it are so many times as large. */
function sparedByHelpers(holed: number, timesTheOdds: number): number {
  if (holed === 0 || timesTheOdds === 1) return 1;
  const odds = (holed / (1 - holed)) * timesTheOdds;
  return 1 / (1 + odds) / (1 - holed);
}
