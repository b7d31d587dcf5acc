import type { CoverOutline, PlateColour, PlateGround } from './plate.ts';

const OUTLINES: Readonly<Record<CoverOutline, string>> = {
  pear: 'pear-shaped',
  mussel: 'mussel-shaped',
  round: 'round',
  disc: 'flat and round',
  oval: 'oval',
  boat: 'boat-shaped',
  narrow: 'narrow, straight-sided',
};
export const outlineWords = (outline: CoverOutline): string => OUTLINES[outline];

export const colourWords = (colour: PlateColour): string => colour.replace('-', ' ');

const GROUNDS: Readonly<Record<PlateGround, string>> = {
  leaf: 'on a leaf',
  underleaf: 'under a leaf',
  midrib: 'along the midrib',
  twig: 'on a twig',
  fork: 'in a fork',
  bark: 'on bark',
  needles: 'on needles',
  frond: 'under a frond',
  fruit: 'on fruit',
  shoot: 'on a soft shoot',
  none: '',
};
export const groundWords = (on: PlateGround): string => GROUNDS[on];
