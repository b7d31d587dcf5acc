import type { Doubt } from '#core/weather';
import { showFullDate } from '../../show/dates.ts';
import type { Show } from '../../show/units.ts';

/** What is odd about a run of days. */
export function doubtWords(doubt: Doubt, show: Show): string {
  const when =
    doubt.from === doubt.to
      ? showFullDate(doubt.from)
      : `${showFullDate(doubt.from)} to ${showFullDate(doubt.to)}`;
  switch (doubt.kind) {
    case 'spike':
      return `${when}: ${show.temperature(doubt.minC)} stands out from the days on both sides`;
    case 'stuck':
      return `${when}: the same reading day after day (${show.temperature(doubt.minC)} to ${show.temperature(doubt.maxC)}), as of a thermometer nobody reset`;
    case 'fahrenheit':
      return `${when}: ${show.temperature(doubt.minC)} to ${show.temperature(doubt.maxC)} fits its surroundings if it was °F`;
  }
}
