import type { GuidePlate, PlateGround } from '#knowledge';

/** The box plates are drawn in, in its own steps. */
export const BOX = { width: 120, height: 84 };
/** A leaf held in the hand, from edge to edge of the box. */
export const LEAF_ACROSS_MM = 80;
const FRUIT_ACROSS_MM = 110;
const HAND_ACROSS_MM = 70;
/** Spots whose longest is smaller than this are looked at from near, on a piece of leaf. */
const NEAR_BELOW_MM = 3;
const NEAR_ACROSS = 9;

/** Lengths of one that go across the box: one alone fills it, a crowd lies among others. */
const ALONE = 1.7;
const FEW = 2.6;
const CROWD = 5.5;
const SPECKS = 8;

export interface Placed {
  readonly x: number;
  readonly y: number;
  readonly turnDeg: number;
  /** Its length in steps of the box. */
  readonly length: number;
}

export interface PlateView {
  /** What the box is wide, mm. */
  readonly acrossMm: number;
  readonly placed: readonly Placed[];
}

const middle = ([shortest, longest]: readonly [number, number]) => (shortest + longest) / 2;

/** Where a crowd sits, as shares of the box, and how it is turned; by ground. */
const SCATTER = [
  [0.2, 0.3, 30],
  [0.42, 0.22, -50],
  [0.66, 0.3, 75],
  [0.84, 0.2, 10],
  [0.32, 0.62, -20],
  [0.56, 0.56, 100],
  [0.8, 0.62, -65],
  [0.16, 0.78, 60],
] as const;
const ALONG = [
  [0.12, 0.43, 8],
  [0.31, 0.57, -6],
  [0.5, 0.42, 12],
  [0.69, 0.57, -10],
  [0.88, 0.44, 4],
] as const;
const ON_NEEDLES = [
  [0.14, 0.3, -9],
  [0.36, 0.26, -9],
  [0.6, 0.22, -9],
  [0.22, 0.62, 6],
  [0.48, 0.655, 6],
  [0.74, 0.69, 6],
] as const;
const IN_FORK = [
  [0.44, 0.5, 70],
  [0.53, 0.42, -30],
  [0.58, 0.55, 20],
  [0.4, 0.62, 95],
  [0.64, 0.38, -40],
  [0.5, 0.66, 10],
] as const;

const SEATS: Readonly<Record<PlateGround, readonly (readonly [number, number, number])[]>> = {
  leaf: SCATTER,
  underleaf: SCATTER,
  bark: SCATTER,
  fruit: SCATTER,
  frond: SCATTER,
  none: SCATTER,
  midrib: ALONG,
  twig: ALONG,
  shoot: ALONG,
  needles: ON_NEEDLES,
  fork: IN_FORK,
};

/** How many lengths of one go across, by what it is. */
function lengthsAcross({ subject, lengthMm, on }: GuidePlate): number {
  if (subject.kind === 'turned') return ALONE;
  if (subject.kind === 'crawler') return SPECKS;
  if (subject.kind === 'egg-batch') return subject.shape === 'mass' ? ALONE : SPECKS;
  if (subject.kind === 'insect') return lengthMm![1] > 4 || on === 'none' ? ALONE + 0.3 : FEW;
  if (subject.kind === 'sac' || (subject.kind === 'dome' && lengthMm![1] > 5)) return 3.6;
  return CROWD;
}

/** Each is as long as its neighbours or a little less: the range is seen in one picture. */
const SIZES = [0.5, 0.9, 0.2, 0.7, 1, 0.35, 0.8, 0.6];

/**
 * How a plate is laid out: what it is across and where each one sits, true to its length. What has no length of
 * its own is drawn as the piece of the plant it is on. What stands on a ground can be drawn at another scale, to
 * lie beside its like; whole leaves and fruit keep theirs.
 */
export function plateView(plate: GuidePlate, wishedAcrossMm?: number): PlateView {
  const { subject, lengthMm, on } = plate;
  if (subject.kind === 'sign') return { acrossMm: subject.acrossMm, placed: [] };
  if (subject.kind === 'twig-gall' || subject.kind === 'mummy')
    return { acrossMm: HAND_ACROSS_MM, placed: [] };
  if (subject.kind === 'spots') return spotsView(lengthMm, on === 'fruit', subject.spread);
  if (subject.kind === 'mine' || subject.kind === 'coat' || lengthMm === null)
    return { acrossMm: LEAF_ACROSS_MM, placed: [] };
  const across = lengthsAcross(plate);
  const acrossMm = wishedAcrossMm ?? middle(lengthMm) * across;
  const perMm = BOX.width / acrossMm;
  if (across < FEW)
    return {
      acrossMm,
      placed: [{ x: BOX.width / 2, y: BOX.height / 2, turnDeg: 0, length: middle(lengthMm) * perMm }],
    };
  const [shortest, longest] = lengthMm;
  const seats = SEATS[on].slice(0, across < 3 ? 2 : across < 5 ? 4 : SEATS[on].length);
  const apart = across < 3 ? FEW_SEATS[on] : undefined;
  return {
    acrossMm,
    placed: (apart ?? seats).map(([x, y, turnDeg], i) => ({
      x: x * BOX.width,
      y: y * BOX.height,
      turnDeg,
      length: (shortest + (longest - shortest) * SIZES[i % SIZES.length]!) * perMm,
    })),
  };
}

/** Where small spots lie on a piece of leaf. */
const NEAR_FEW = [
  [0.3, 0.34, 0],
  [0.62, 0.26, 40],
  [0.52, 0.66, 80],
  [0.82, 0.6, 20],
] as const;
const NEAR_MANY = [
  ...NEAR_FEW,
  [0.14, 0.2, 10],
  [0.44, 0.14, 60],
  [0.8, 0.16, 30],
  [0.16, 0.6, 70],
  [0.36, 0.82, 0],
  [0.68, 0.46, 50],
  [0.7, 0.84, 20],
  [0.92, 0.36, 0],
  [0.42, 0.5, 30],
  [0.08, 0.86, 0],
  [0.92, 0.86, 60],
] as const;

function spotsView(
  lengthMm: readonly [number, number] | null,
  onFruit: boolean,
  spread: 'few' | 'many',
): PlateView {
  if (onFruit) return { acrossMm: FRUIT_ACROSS_MM, placed: [] };
  if (lengthMm === null || lengthMm[1] > NEAR_BELOW_MM) return { acrossMm: LEAF_ACROSS_MM, placed: [] };
  const [shortest, longest] = lengthMm;
  const acrossMm = longest * NEAR_ACROSS;
  return {
    acrossMm,
    placed: (spread === 'few' ? NEAR_FEW : NEAR_MANY).map(([x, y, turnDeg], i) => ({
      x: x * BOX.width,
      y: y * BOX.height,
      turnDeg,
      length: ((shortest + (longest - shortest) * SIZES[i % SIZES.length]!) * BOX.width) / acrossMm,
    })),
  };
}

/** Two large ones keep clear of each other. */
const TWO_FREE = [
  [0.28, 0.36, 24],
  [0.7, 0.6, -40],
] as const;
const TWO_IN_LINE = [
  [0.27, 0.47, 6],
  [0.73, 0.52, -6],
] as const;
const FEW_SEATS: Readonly<Record<PlateGround, readonly (readonly [number, number, number])[]>> = {
  leaf: TWO_FREE,
  underleaf: TWO_FREE,
  bark: TWO_FREE,
  fruit: TWO_FREE,
  frond: TWO_FREE,
  none: TWO_FREE,
  midrib: TWO_IN_LINE,
  twig: TWO_IN_LINE,
  shoot: TWO_IN_LINE,
  needles: TWO_IN_LINE,
  fork: [
    [0.42, 0.62, 80],
    [0.6, 0.42, -30],
  ],
};
