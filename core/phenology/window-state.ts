import { type CivilDate, daysBetween } from '#core/calendar';
import { type Carry, WIDER_BY } from './carry.ts';
import type { StartedClock } from './clock-start.ts';
import type { TimedEvent } from './event.ts';
import type { SeasonEnsemble } from './ensemble.ts';
import { projectCrossing, type Projection } from './projection.ts';

export type WindowPhase = 'ahead' | 'open' | 'over';

/** A published event laid on this season: where it stands today, when it begins and when it ends. */
export interface EventState {
  readonly event: TimedEvent;
  readonly phase: WindowPhase;
  readonly opens: Projection;
  /** For a `first` point the same as `opens`. */
  readonly closes: Projection;
  /** Heat so far over the heat it begins at, 0 upwards; 0 while its clock has not started. */
  readonly shareOfWay: number;
  /** The day its count began, and what told it; null while nothing did. */
  readonly started: StartedClock | null;
  readonly carry: Carry;
}

/**
 * `ensemble` must have been built with the event's own model. `started` is the event's own clock
 * ({@link startOfClock}); heat before it does not count. Under `wider` the dates allow for a sum
 * {@link WIDER_BY} smaller or larger than published.
 */
export function eventState(
  event: TimedEvent,
  ensemble: SeasonEnsemble,
  started: StartedClock | null,
  carry: Carry = 'as-published',
): EventState {
  if (!started)
    return {
      event,
      phase: 'ahead',
      opens: { kind: 'not-started' },
      closes: { kind: 'not-started' },
      shareOfWay: 0,
      started,
      carry,
    };
  const before = heatBefore(ensemble, started.on);
  const crossing = (cd: number) => widened(ensemble, before, cd, carry);
  const opens = crossing(event.fromCd);
  const closes = event.kind === 'first' ? opens : crossing(event.toCd);
  const phase = opens.kind !== 'reached' ? 'ahead' : closes.kind === 'reached' ? 'over' : 'open';
  return {
    event,
    phase,
    opens,
    closes,
    shareOfWay: Math.max(0, (ensemble.measuredSums.at(-1) ?? 0) - before) / event.fromCd,
    started,
    carry,
  };
}

/** °C·days of the season up to the eve of `date`. */
export function heatBefore(ensemble: SeasonEnsemble, date: CivilDate): number {
  const index = Math.min(daysBetween(ensemble.start, date), ensemble.expectedSums.length) - 1;
  return index < 0 ? 0 : ensemble.expectedSums[index]!;
}

function widened(ensemble: SeasonEnsemble, before: number, cd: number, carry: Carry): Projection {
  const middle = projectCrossing(ensemble, before + cd, before);
  if (carry !== 'wider' || middle.kind !== 'expected') return middle;
  const early = projectCrossing(ensemble, before + cd * (1 - WIDER_BY));
  const late = projectCrossing(ensemble, before + cd * (1 + WIDER_BY));
  return {
    ...middle,
    early: early.kind === 'expected' ? early.early : early.kind === 'reached' ? early.on : middle.early,
    late: late.kind === 'expected' ? late.late : null,
  };
}
