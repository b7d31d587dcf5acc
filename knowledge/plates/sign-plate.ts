import type { GuidePlate, PlateStage } from './plate.ts';

/** A sign of the key as a stage of a trouble, with how wide a piece of the plant its drawing shows. */
export const signPlate = (
  stage: PlateStage,
  checkId: string,
  shows: string,
  acrossMm: number,
  metIn: readonly number[] = [],
): GuidePlate => ({
  stage,
  shows,
  on: 'none',
  subject: { kind: 'sign', checkId, acrossMm },
  lengthMm: null,
  months: metIn,
});
