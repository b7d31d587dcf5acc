/** How the temperature is taken to run between the day's minimum and maximum. */
export type Method = 'average' | 'single-triangle' | 'double-triangle' | 'single-sine' | 'double-sine';

/** What heat above the upper threshold does: nothing special, no more, slows, or stops development. */
export type Cutoff = 'none' | 'horizontal' | 'intermediate' | 'vertical';

/** A degree-day model. Thresholds in °C; `upperC` null means there is none, whatever `cutoff` says. */
export interface DegreeDayModel {
  readonly lowerC: number;
  readonly upperC: number | null;
  readonly method: Method;
  readonly cutoff: Cutoff;
}

/**
 * Refuses a model that has no meaning.
 * @throws RangeError when a threshold is not a number, the upper is not above the lower, or the
 *   average method is asked for a cutoff other than none or horizontal.
 */
export function checkModel(model: DegreeDayModel): void {
  const { lowerC, upperC, method, cutoff } = model;
  if (!Number.isFinite(lowerC)) throw new RangeError('the lower threshold must be a temperature in °C');
  if (upperC !== null && !(Number.isFinite(upperC) && upperC > lowerC)) {
    throw new RangeError(`the upper threshold (${upperC} °C) must lie above the lower (${lowerC} °C)`);
  }
  if (method === 'average' && (cutoff === 'intermediate' || cutoff === 'vertical')) {
    throw new RangeError(
      `the average method has no ${cutoff} cutoff: it knows no share of the day above a threshold`,
    );
  }
}
