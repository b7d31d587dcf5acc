import type { Thoughts } from '#core/failure';
import type { FigureRange } from '#core/season-model';

const range = (low: number, middle: number, high: number): FigureRange => ({ low, middle, high });

/**
 * How usual each explanation is among treatments that seem to have failed, and what a count then shows. Rules of
 * thumb, grade C: no survey of home sprays is known to us. The usual reasons are those extension guides name first.
 */
export const EXPLAINED: Thoughts = {
  'wrong-stage': { weight: 0.17, shows: { as: 'part', range: range(0.03, 0.2, 0.45) } },
  'too-little-wetted': { weight: 0.15, shows: { as: 'part', range: range(0.15, 0.4, 0.7) } },
  'came-back': { weight: 0.11, shows: { as: 'added', range: range(0.1, 0.3, 0.8) } },
  'old-covers': { weight: 0.11, shows: { as: 'part', range: range(0.1, 0.4, 0.75) } },
  'count-too-small': { weight: 0.09, shows: { as: 'times', range: range(0.8, 1, 1.25) } },
  'washed-or-baked': { weight: 0.06, shows: { as: 'part', range: range(0.1, 0.35, 0.7) } },
  'too-early': { weight: 0.05, shows: { as: 'part', range: range(0.05, 0.3, 0.65) } },
  'too-weak': { weight: 0.05, shows: { as: 'part', range: range(0.25, 0.55, 0.85) } },
  'does-not-reach': { weight: 0.04, shows: { as: 'left', range: range(0.85, 0.95, 1.05) } },
  'helpers-or-ants': { weight: 0.04, shows: { as: 'times', range: range(1.1, 1.5, 2.5) } },
  'wrong-name': { weight: 0.04, shows: { as: 'left', range: range(0.7, 0.93, 1.1) } },
  'same-mode': { weight: 0.02, shows: { as: 'part', range: range(0.1, 0.35, 0.7) } },
  'as-expected': { weight: 0.12, shows: { as: 'times', range: range(0.8, 1, 1.25) } },
};
