import type { Estimate } from '#core/sampling';
import type { Change, Move } from '#core/seasons';
import type { GardenSeasons } from '#engine';
import { howMany } from '#knowledge';
import { significant } from '../../show/units.ts';

/** What changed between two counts in one sentence, or that no change can be shown. */
export function changeWords(change: Change): string {
  switch (change.kind) {
    case 'fell':
      return change.by.as === 'points'
        ? `It fell by ${points(change.by)}.`
        : `It fell to ${range(change.by)} of the count before.`;
    case 'rose':
      return change.by.as === 'points'
        ? `It rose by ${points(change.by)}.`
        : `It rose to ${range(change.by)} of the count before.`;
    case 'no-change-shown':
      return change.by.as === 'points'
        ? `No change can be shown: between ${signed(change.by.low)} and ${signed(change.by.high)} points, and an unchanged plant fits that too.`
        : `No change can be shown: ${range(change.by)} of the count before, and an unchanged plant fits that too.`;
    case 'gone':
      return 'None were found where some would have been, had nothing changed.';
    case 'appeared':
      return 'Found now where none were found before.';
    case 'none-both-times':
      return 'None found either time.';
    case 'no-change-shown-none':
      return 'One of the counts found none, but too few were looked at to call it a change.';
    case 'not-comparable':
      return change.why === 'stage'
        ? 'Not compared: counted at different times of the year.'
        : 'Not compared: counted in different ways.';
  }
}

/** "40 % (24–67 %)", "3.1 times (1.2–7.9)". */
function range({ value, low, high }: Move): string {
  if (high < 10) return `${Math.round(value * 100)} % (${Math.round(low * 100)}–${Math.round(high * 100)} %)`;
  return `${significant(value, 1)} times (${significant(low, 1)}–${significant(high, 1)})`;
}

/** "40 points (25–53)", without its sign. */
function points({ value, low, high }: Move): string {
  const [a, b] = [Math.abs(low), Math.abs(high)].sort((x, y) => x - y);
  return `${Math.round(Math.abs(value) * 100)} points of a hundred (${Math.round(a! * 100)}–${Math.round(b! * 100)})`;
}

const signed = (value: number) => `${value < 0 ? '−' : '+'}${Math.round(Math.abs(value) * 100)}`;

/** How the share of covers holed by wasps moved, where it moved further than by chance. */
export function holedWords(by: Estimate): string {
  const move: Move = { as: 'points', ...by };
  return by.value > 0
    ? `Covers holed by wasps rose by ${points(move)}: helpers are at work.`
    : `Covers holed by wasps fell by ${points(move)}.`;
}

/** What the last counted season came to over all watches, as a title. */
export function headline({ told, changes }: GardenSeasons): string {
  if (!told) return 'No counts yet to compare';
  const levels = changes.flatMap((each) => (each.kind === 'level' ? [each.change.kind] : []));
  const fell = levels.filter((kind) => kind === 'fell' || kind === 'gone').length;
  const rose = levels.filter((kind) => kind === 'rose' || kind === 'appeared').length;
  if (levels.length === 0) return `${told.name}: nothing compared with an earlier year yet`;
  if (fell + rose === 0) return `${told.name}: no change can be shown`;
  const parts = [
    ...(fell > 0 ? [`${howMany(fell, 'watch', 'watches')} fell`] : []),
    ...(rose > 0 ? [`${rose === 1 && fell === 0 ? '1 watch' : rose} rose`] : []),
  ];
  return `${told.name}: ${parts.join(', ')}`;
}
