import { z } from 'zod';
import { deviceDay, type DeviceClock, type DeviceDay } from '#core/calendar';
import { keptHere } from '../parts/kept-here.ts';
import { dayIn } from '../show/day-in.ts';
import type { PackLabel } from './pack.ts';

const KEY = 'juglans-clock';
/** What was answered when the clocks were last compared at that moment. */
const TRUST = keptHere(1, z.object({ comparedAtMs: z.number(), trusts: z.enum(['here', 'at-home']) }));

/** The garden's day by this device, and whether that is to be asked about. */
export function dayHere(
  { packedAtMs, aheadMs, today, timeZone, stepped }: PackLabel,
  nowMs: number,
): DeviceDay {
  if (stepped) return { day: today, doubt: null, other: null };
  const answered = TRUST.read(KEY);
  return deviceDay({
    nowMs,
    here: dayIn(timeZone, nowMs),
    atHome: dayIn(timeZone, nowMs + aheadMs),
    comparedAtMs: packedAtMs,
    comparedOn: today,
    aheadMs,
    trusts: answered?.comparedAtMs === packedAtMs ? answered.trusts : null,
  });
}

/** Notes which clock its owner holds to be right, until they are compared anew. */
export const trustClock = ({ packedAtMs }: PackLabel, trusts: NonNullable<DeviceClock['trusts']>): void =>
  TRUST.write(KEY, { comparedAtMs: packedAtMs, trusts });
