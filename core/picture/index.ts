export { laidOn, type Laying, type PicturePlace } from './laid-on.ts';
export { marksPerCm2, mmPerPixel, scaleBarMm, type KnownStretch, type PictureSize } from './scale.ts';
export {
  affectedArea,
  FIND_STEPS,
  findLeaf,
  USUAL_GREENNESS,
  type AffectedArea,
  type FoundLeaf,
  type Outline,
  type PictureDoubt,
} from './leaf-area.ts';
export { type Pixels } from './pixels.ts';
