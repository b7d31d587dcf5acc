import type { CivilDate } from '#core/calendar';
import type { WeatherDay } from './day.ts';
import { asFahrenheit } from './quality.ts';

/** What a person decided about a run of doubtful days. The readings themselves are kept as they came. */
export interface WeatherFix {
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly kind: 'leave-out' | 'fahrenheit';
}

/** Readings with the fixes laid over them: days left out, or turned from °F. */
export function setRight(days: readonly WeatherDay[], fixes: readonly WeatherFix[]): WeatherDay[] {
  if (fixes.length === 0) return [...days];
  return days.flatMap((day) => {
    const over = fixes.filter(({ from, to }) => day.date >= from && day.date <= to);
    if (over.some(({ kind }) => kind === 'leave-out')) return [];
    return [over.length > 0 ? asFahrenheit(day) : day];
  });
}
