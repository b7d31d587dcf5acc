export { type ColdNights, firstColdNights, lastColdNights } from './cold-nights.ts';
export {
  hardeningOff,
  type HardeningStep,
  MOVING_IN,
  movingIn,
  type MovingDone,
  type MovingInDue,
  type MovingInStep,
  quarantine,
  QUARANTINE_DAYS,
} from './moving-in.ts';
