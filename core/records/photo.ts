import { z } from 'zod';
import { civilDate, note, ON_ONE, recordId, shortText } from './fields.ts';

/** Along one side, from 0 at the left or top to 1. */
const share = z.number('a-number').min(0, 'lies-outside-the-picture').max(1, 'lies-outside-the-picture');

/** A `fixed` one stays from year to year, a bud scar or a fork: pictures are laid on each other by such. */
export const SPOT_KINDS = ['bump', 'hole', 'mine', 'fixed'] as const;
export type SpotKind = (typeof SPOT_KINDS)[number];

const spot = z.object({ kind: z.enum(SPOT_KINDS), x: share, y: share });
export type Spot = z.infer<typeof spot>;

/** A stretch of known length in the picture: a ruler, a coin, a matchstick. */
const scale = z
  .object({
    fromX: share,
    fromY: share,
    toX: share,
    toY: share,
    lengthMm: z.number('a-length-in-mm').min(0.1, 'least/0.1/mm').max(2000, 'most/2000/mm'),
  })
  .refine((mark) => mark.fromX !== mark.toX || mark.fromY !== mark.toY, {
    path: ['toX'],
    message: 'needs-two-different-ends',
  });
export type ScaleMark = z.infer<typeof scale>;

/** What is known of a photo besides the picture itself. */
export const photoRecord = z
  .object({
    id: recordId,
    /**
     * The watch it belongs to, or the plant where it shows no trouble; neither for a picture of the whole
     * garden.
     */
    watchId: recordId.nullable(),
    plantId: recordId.nullable().default(null),
    takenOn: civilDate,
    /** Who says when it was taken: the camera, or the day it was added. */
    takenFrom: z.enum(['camera', 'added']),
    scale: scale.nullable(),
    spots: z.array(spot).max(500, 'most/500/marks'),
    /** The tagged leaf or twig it shows, or a spot by its name, so that pictures of one spot find each other. */
    tagId: recordId.nullable().default(null),
    spot: shortText(40).nullable().default(null),
    note,
  })
  .refine(({ watchId, plantId }) => watchId === null || plantId === null, ON_ONE);
export type PhotoRecord = z.infer<typeof photoRecord>;

/** A photo as kept: what is known of it and its size, without the picture. */
export interface Photo extends PhotoRecord {
  readonly widthPx: number;
  readonly heightPx: number;
}
