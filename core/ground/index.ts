export { type Box, cornersOf, holdsPoint, spotsIn } from './box.ts';
export { type Contact, contactBetween, contactsOf, TOUCH_GAP_M, touchingPairs } from './contacts.ts';
export { type Footprint, footprintOf, type GroundSize, middleOf, outlineOf, type Spot } from './footprint.ts';
export { freeSpot } from './free-spot.ts';
export { gapM, gapToPointM } from './gap.ts';
export { between, type Point, pointAt, pointFrom } from './point.ts';
export { snapped, type Snapping, turned } from './snap.ts';
export {
  HALF_SHADE_HOURS,
  type InTheLight,
  lightOf,
  type Sunlight,
  sunlightOn,
  type SunQuestion,
  SUNNY_HOURS,
} from './sunlight.ts';
export { walkLengthM, walkPast, type WalkPoint } from './walk.ts';
export {
  blowsToDeg,
  DOWNWIND_HALF_DEG,
  FEWEST_WIND_DAYS,
  isDownwind,
  LEAST_STEADINESS,
  type WindDay,
  type WindOfMonths,
  windOfMonths,
} from './wind.ts';
