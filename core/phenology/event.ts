import type { DegreeDayModel } from '#core/degree-days';
import type { Grade } from '#core/figures';
import type { ClockStart } from './clock-start.ts';

/**
 * A published point or span on the degree-day scale. The two kinds mean different things and are
 * never averaged: `first` is when the first hatch or crawlers are seen; `window` is when to treat
 * the stage that can be reached.
 */
export interface TimedEvent {
  readonly id: string;
  readonly targetId: string;
  readonly kind: 'first' | 'window';
  readonly generation: number;
  readonly stage: 'crawlers' | 'adults';
  /** What its count begins with. */
  readonly start: ClockStart;
  /** °C·days from that start; equal for a `first` point. */
  readonly fromCd: number;
  readonly toCd: number;
  /** The figure as published, in the words and unit of its source. */
  readonly published: string;
  readonly model: DegreeDayModel;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
  readonly note?: string;
}
