import type { DueItem, DueKind } from '#core/decide';
import type { StepAction } from '#core/records';
import type { GardenDay } from './garden-day.ts';
import { programmeAnswer } from './programme-answer.ts';
import { dueItems } from './watch-pictures.ts';

/** What a series asks for by itself on its own days, so that the rule for what nobody planned is silent. */
const SAID_BY: Readonly<Partial<Record<StepAction, readonly DueKind[]>>> = {
  spray: [
    'treat-now',
    'second-pass',
    'hatch-passing',
    'all-stages',
    'cover-flush',
    'growth-regulator',
    'cover-before-rain',
    'renew-cover',
  ],
  look: ['check-after-treatment', 'next-look'],
  'read-tapes': ['change-tape', 'read-trap'],
  'hang-trap': ['hang-trap'],
};

/** What the rules ask for of every watch, but for what a series that runs on it says better. */
export function dueBesideSeries(day: GardenDay): readonly DueItem[] {
  const said = new Map<string, Set<DueKind>>();
  for (const { series, steps, next } of programmeAnswer(day)) {
    // What has no day yet takes the word from nothing that has.
    if (series.watchId === null || !next?.from) continue;
    const kinds = said.get(series.watchId) ?? new Set<DueKind>();
    for (const { plan, doneOn, state } of steps)
      if (doneOn === null && state !== 'passed') SAID_BY[plan.action]?.forEach((kind) => kinds.add(kind));
    kinds.add('next-look');
    said.set(series.watchId, kinds);
  }
  return dueItems(day).filter(({ watchId, kind }) => !said.get(watchId)?.has(kind));
}
