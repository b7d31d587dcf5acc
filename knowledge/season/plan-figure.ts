import type { Grade } from '#core/figures';
import type { FigureRange } from '#core/season-model';

export type FigureUnit = 'share' | 'days' | 'times';

/** A figure the season is computed from, with what it is worth. */
export interface PlanFigure extends FigureRange {
  readonly id: string;
  readonly name: string;
  readonly unit: FigureUnit;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

/** A gardener's own figures, by id. */
export type OwnFigures = Readonly<Record<string, FigureRange>>;

export const range = (low: number, middle: number, high: number): FigureRange => ({ low, middle, high });
/** A published span with its middle halfway. */
export const between = (low: number, high: number): FigureRange => range(low, (low + high) / 2, high);

/** A rule of thumb, unless the gardener has one of their own. */
export const ruleOfThumb = (
  id: string,
  name: string,
  unit: FigureUnit,
  usual: FigureRange,
  gardeners: OwnFigures = {},
): PlanFigure => ({ id, name, unit, grade: 'C', sourceIds: ['practice'], ...(gardeners[id] ?? usual) });

export const bare = ({ low, middle, high }: FigureRange): FigureRange => ({ low, middle, high });
