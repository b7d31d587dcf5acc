import { z } from 'zod';
import { civilDate, metres, recordId } from './fields.ts';

/** The drawing reaches so far from where it begins, to each side, m. */
const FARTHEST_M = 1000;

const place = {
  xM: z
    .number('a-number-in-metres')
    .min(-FARTHEST_M, 'lies-off-the-plan')
    .max(FARTHEST_M, 'lies-off-the-plan'),
  yM: z
    .number('a-number-in-metres')
    .min(-FARTHEST_M, 'lies-off-the-plan')
    .max(FARTHEST_M, 'lies-off-the-plan'),
  turnDeg: z.number('a-number-of-degrees').min(0, 'least/0').lt(360, 'most/359'),
};

/**
 * Where a plant stands on the plan while it is in a place: a pot has one spot outdoors and another in its winter
 * room. The middle of the plant; metres to the right and down the drawing.
 */
export const plantSpotRecord = z.object({ id: recordId, plantId: recordId, placeId: recordId, ...place });
export type PlantSpot = z.infer<typeof plantSpotRecord>;

export const GROUND_KINDS = [
  'house',
  'shed',
  'glass',
  'fence',
  'wall',
  'path',
  'bed',
  'water',
  'other',
] as const;
export type GroundKind = (typeof GROUND_KINDS)[number];

/** What stands or lies in the garden besides plants, as a box about its middle. */
export const groundShapeRecord = z.object({
  id: recordId,
  kind: z.enum(GROUND_KINDS),
  name: z.string().trim().max(60, 'most/60/characters').default(''),
  /** The place it is, where pots can stand in it. */
  placeId: recordId.nullable().default(null),
  ...place,
  lengthM: metres(500),
  depthM: metres(500),
  /** How high, for its shadow; null for what lies on the ground or nobody measured. */
  heightM: metres(60).nullable().default(null),
});
export type GroundShape = z.infer<typeof groundShapeRecord>;

/** A plant looked over for what was found on another: whether it bears it too. */
export const spreadLookRecord = z.object({
  id: recordId,
  watchId: recordId,
  plantId: recordId,
  on: civilDate,
  bore: z.boolean(),
});
export type SpreadLook = z.infer<typeof spreadLookRecord>;

/** A photo or scan of a plan that lies beneath the drawing, so wide. */
export const groundPictureRecord = z.object({
  id: recordId,
  photoId: recordId,
  ...place,
  widthM: metres(FARTHEST_M),
});
export type GroundPicture = z.infer<typeof groundPictureRecord>;
