import { daysBetween, type CivilDate } from './civil-date.ts';

/** What a device knows of the time while it cannot ask the computer at home. */
export interface DeviceClock {
  /** The device's clock now, ms since 1970. */
  readonly nowMs: number;
  /** The day its clock shows in the garden's zone. */
  readonly here: CivilDate;
  /** The day in the garden's zone by the clock at home, carried on by the device's own. */
  readonly atHome: CivilDate;
  /** When it last compared, by its own clock, ms since 1970. */
  readonly comparedAtMs: number;
  /** The garden's day then, by the computer at home. */
  readonly comparedOn: CivilDate;
  /** The clock at home less the device's when they were compared, ms. */
  readonly aheadMs: number;
  /** Which of the two its owner holds to be right; null before he said. */
  readonly trusts: 'here' | 'at-home' | null;
}

/** Why a device's day is asked about. */
export type DayDoubt =
  /** Its clock and the one at home show different days. */
  | 'apart'
  /** Its clock stands before the moment it compared: it was set back since. */
  | 'set-back'
  /** So long since it compared that either may have been set. */
  | 'long-ago';

export interface DeviceDay {
  /** The day to go by; of two that differ the one at home until somebody says otherwise. */
  readonly day: CivilDate;
  /** Null where there is nothing to ask. */
  readonly doubt: DayDoubt | null;
  /** The other day it might be; null where there is no other. */
  readonly other: CivilDate | null;
}

/** Clocks closer than this agree: around midnight they may show two days all the same. */
const AGREE_MS = 10 * 60_000;
/** A walk, a holiday, but no season: after this many days a clock is asked about. */
const LONG_AGO_DAYS = 30;

/**
 * The garden's civil day by a device on its own, and whether that is to be asked about. A clock that is clearly
 * wrong is never trusted silently; before anybody answers, the clock at home is, since it dates what is sent.
 */
export function deviceDay(clock: DeviceClock): DeviceDay {
  const { nowMs, here, atHome, comparedAtMs, comparedOn, aheadMs, trusts } = clock;
  if (nowMs < comparedAtMs - AGREE_MS) {
    // How long it is since it was set back nobody can tell: at least no time.
    const day = trusts === 'here' ? here : comparedOn;
    return { day, doubt: trusts === null ? 'set-back' : null, other: here === comparedOn ? null : here };
  }
  if (Math.abs(aheadMs) > AGREE_MS && here !== atHome) {
    const day = trusts === 'here' ? here : atHome;
    return { day, doubt: trusts === null ? 'apart' : null, other: day === here ? atHome : here };
  }
  const isLongAgo = daysBetween(comparedOn, here) > LONG_AGO_DAYS;
  return { day: here, doubt: isLongAgo && trusts === null ? 'long-ago' : null, other: null };
}
