import {
  type DrawnFigures,
  type FigureRange,
  hatchBelief,
  type HatchBelief,
  type PossibleYear,
  type SeasonFigures,
  sharp,
  type TreatmentKind,
} from '#core/season-model';
import { simulateDays, type SimulatedClimate } from './weather.ts';

/** An invented place with warm summers and about 45° of latitude, for hedges that are not there. */
export const HEDGE_CLIMATE: SimulatedClimate = {
  meanC: 9,
  seasonalC: 13,
  coldestDay: 20,
  dailyRangeWinterC: 8,
  dailyRangeSummerC: 11,
  spreadWinterC: 4.5,
  spreadSummerC: 3,
  persistence: 0.7,
  wetAfterDry: 0.2,
  wetAfterWet: 0.45,
  rainPerWetDayMm: 7,
  windMeanMs: 2.5,
};

const BASE_C = 10;

/** Possible years of a whole season from 1 January. */
export function hedgeYears(years: number, seed: number): PossibleYear[] {
  return Array.from({ length: years }, (_, i) => {
    const days = simulateDays(HEDGE_CLIMATE, seed + i * 7919, '2026-01-01', '2026-12-31');
    return {
      heatCd: Float64Array.from(days, ({ minC, maxC }) => Math.max(0, (minC + maxC) / 2 - BASE_C)),
      minC: Float64Array.from(days, ({ minC }) => minC),
      maxC: Float64Array.from(days, ({ maxC }) => maxC),
      rainMm: Float64Array.from(days, ({ rainMm }) => rainMm ?? NaN),
    };
  });
}

const range = (low: number, middle: number, high: number): FigureRange => ({ low, middle, high });

/** A scale of one generation that settles under covers in about two weeks. */
export const HEDGE_FIGURES: SeasonFigures = {
  stages: { unit: 'days', crawler: range(1, 2, 3), settled: range(10, 14, 20), second: range(12, 16, 22) },
  lossADay: { crawler: 0.1, settled: 0.02, second: 0.008, grown: 0.003 },
  hotLoss: range(0.2, 0.4, 0.6),
  holed: null,
  source: null,
  growthAYear: range(0.8, 2, 5),
  generations: 1,
  generationLength: sharp(600),
};

/** Its hatch as a book would have it: from about 230 °C·days, over 80 to 160. */
export const hedgeBelief = (): HatchBelief => hatchBelief('heat', range(190, 230, 270), range(80, 110, 160));

/** An oil in leaf. */
export const HEDGE_OIL: TreatmentKind = {
  id: 'oil',
  acts: 'contact',
  kill: {
    crawler: range(0.9, 0.95, 0.98),
    settled: range(0.75, 0.85, 0.95),
    second: range(0.5, 0.65, 0.8),
    grown: range(0.2, 0.35, 0.5),
  },
  winterKill: null,
  coverage: range(0.6, 0.75, 0.9),
  residueHalfLifeDays: sharp(0),
  onsetDays: sharp(0),
  lastsDays: sharp(0),
  helpersKilled: sharp(0),
  fits: { leastC: 5, greatestC: 29, dry: true },
};

/** Figures without doubt, for working by hand. */
export const HEDGE_DRAWN: DrawnFigures = {
  hatch: { by: 'heat', first: 230, span: 110 },
  stages: { unit: 'days', crawler: 2, settled: 14, second: 16 },
  lossADay: HEDGE_FIGURES.lossADay,
  hotLoss: 0,
  holed: 0,
  source: 0,
  growthAYear: 2,
  generations: 1,
  generationLength: 600,
};
