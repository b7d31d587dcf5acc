import type { OptionId } from './weigh.ts';

/** Something that could be done today on one watch, as weighed. */
export interface HourCandidate {
  readonly watchId: string;
  readonly option: OptionId;
  readonly score: number;
  readonly effortHours: number;
  /** Infestation level, 0–5; null where nobody counted. */
  readonly level: number | null;
}

export interface HourStep {
  readonly watchId: string;
  readonly option: OptionId;
  readonly hours: number;
  /** Part of the whole job that fits, 0–1. */
  readonly part: number;
}

/** What a finished job takes away, as a share of what is there: rules of thumb (grade C). */
const TAKES_AWAY: Readonly<Partial<Record<OptionId, number>>> = {
  'by-hand': 0.7,
  'spray-now': 0.6,
  'winter-spray': 0.6,
  'cut-back': 0.9,
  'set-apart': 0.1,
  'improve-place': 0.1,
  'deal-with-source': 0.15,
};
/** Jobs that can be begun and left off; a spray is done whole or not at all. */
const PARTIAL: ReadonlySet<OptionId> = new Set(['by-hand', 'improve-place', 'cut-back']);
/** Less than this is not worth fetching the tools for. Hours. */
const LEAST_HOURS = 0.2;
/** Level 3 is far more than three times level 1: levels stand for steps of about four times as many. */
const perLevel = (level: number) => 2 ** level;

/**
 * What removes most within `hours`: jobs by what they take away in an hour, one to a watch, the
 * last one in part if it can be left off. Jobs that take nothing away are not in it.
 */
export function fillHours(candidates: readonly HourCandidate[], hours: number): HourStep[] {
  const gain = ({ option, level, effortHours }: HourCandidate) =>
    ((TAKES_AWAY[option] ?? 0) * perLevel(level ?? 2)) / Math.max(effortHours, LEAST_HOURS);
  const ordered = candidates
    .filter(({ option }) => (TAKES_AWAY[option] ?? 0) > 0)
    .sort((a, b) => gain(b) - gain(a) || b.score - a.score || (a.watchId < b.watchId ? -1 : 1));
  const steps: HourStep[] = [];
  let left = hours;
  for (const { watchId, option, effortHours } of ordered) {
    if (left < LEAST_HOURS || steps.some((step) => step.watchId === watchId)) continue;
    const whole = Math.max(effortHours, LEAST_HOURS);
    if (whole > left && !PARTIAL.has(option)) continue;
    const spent = Math.min(whole, left);
    steps.push({ watchId, option, hours: spent, part: spent / whole });
    left -= spent;
  }
  return steps;
}
