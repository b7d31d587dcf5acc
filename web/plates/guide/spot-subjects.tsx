import { type ReactNode, useId } from 'react';
import type { PlateSubject, SpotSubject } from '#knowledge';
import { mixed } from './palette.ts';

/** The leaf of the plates, as large as the box allows. */
export const LEAF_PATH = 'M9 48C21 15 66 6 111 18C105 60 54 81 9 48Z';
const MIDRIB_PATH = 'M9 48C42 45 78 33 111 18';

const TINTS: Readonly<Record<SpotSubject['tint'], readonly [fill: string, edge: string]>> = {
  green: ['#a9c29a', '#4c6b3f'],
  yellowing: ['#d9cf6d', '#6b6b2a'],
  fallen: ['#b18a57', '#6b4a26'],
};

/** A whole leaf with its midrib. */
export const leafDrawing = (tint: SpotSubject['tint'], marks: ReactNode): ReactNode => (
  <>
    <path d={LEAF_PATH} fill={TINTS[tint][0]} stroke={TINTS[tint][1]} strokeWidth="1.6" />
    <path d={MIDRIB_PATH} fill="none" stroke={TINTS[tint][1]} strokeWidth="1.2" />
    {marks}
  </>
);

/** A whole fruit. */
const fruitDrawing = (tint: SpotSubject['tint'], marks: ReactNode): ReactNode => (
  <>
    <circle
      cx="60"
      cy="43"
      r="34"
      fill={tint === 'green' ? '#a9bd6b' : '#dfba5c'}
      stroke="#8a6a20"
      strokeWidth="1.6"
    />
    <path d="M60 9L63 2" stroke="#5b4a2a" strokeWidth="2.4" />
    {marks}
  </>
);

type At = readonly [x: number, y: number];

const FEW: readonly At[] = [
  [40, 38],
  [66, 28],
  [58, 52],
];
const MANY: readonly At[] = [
  ...FEW,
  [28, 44],
  [52, 26],
  [82, 24],
  [76, 42],
  [44, 56],
  [92, 34],
  [34, 30],
  [64, 62],
  [98, 22],
];
const ON_FRUIT: readonly At[] = [
  [48, 34],
  [70, 30],
  [62, 54],
  [44, 56],
  [76, 48],
  [56, 22],
];

/** How large each is between the shortest and the longest; the same at every drawing. */
const SIZES = [0.6, 0.9, 0.4, 0.2, 1, 0.7, 0.5, 0.3, 0.8, 0.1, 0.45, 0.65];

interface Inks {
  readonly fill: string;
  readonly edge: string;
  readonly rim: string;
}

/** One spot, one step across. */
const LOOKS: Readonly<Record<SpotSubject['look'], (inks: Inks) => ReactNode>> = {
  plain: ({ fill, rim }) => <circle r="0.5" fill={fill} stroke={rim} strokeWidth="0.12" />,
  fringed: ({ fill }) => (
    <>
      <circle r="0.34" fill={fill} />
      <path
        d="M0 -.5V.5M-.5 0H.5M-.36 -.36L.36 .36M.36 -.36L-.36 .36M-.2 -.46L.2 .46M.46 -.2L-.46 .2"
        stroke={fill}
        strokeWidth="0.1"
      />
    </>
  ),
  velvet: ({ fill }) => (
    <>
      <circle r="0.5" fill={fill} opacity="0.4" />
      <circle r="0.36" cx="0.03" fill={fill} opacity="0.85" />
    </>
  ),
  rimmed: ({ fill, rim }) => (
    <>
      <circle r="0.43" fill={fill} stroke={rim} strokeWidth="0.16" />
      <circle cx="0.12" cy="-.1" r="0.05" fill={rim} />
      <circle cx="-.14" cy="0.08" r="0.05" fill={rim} />
    </>
  ),
  haloed: ({ fill, rim }) => (
    <>
      <circle r="0.5" fill={rim} opacity="0.8" />
      <circle r="0.26" fill={fill} />
    </>
  ),
  angular: ({ fill, edge }) => (
    <path
      d="M-.5 -.14L-.1 -.46L.4 -.34L.5 .12L.14 .46L-.36 .36Z"
      fill={fill}
      stroke={edge}
      strokeWidth="0.06"
    />
  ),
  eye: ({ fill, rim }) => (
    <>
      <circle r="0.5" fill={rim} opacity="0.85" />
      <circle r="0.36" fill={fill} />
      <circle r="0.14" fill="#7d7a55" />
    </>
  ),
  tar: ({ fill }) => (
    <>
      <path d="M-.5 .02Q-.38 -.46 .06 -.42Q.56 -.36 .5 .06Q.3 .5 -.12 .42Q-.48 .36 -.5 .02Z" fill={fill} />
      <path d="M-.24 -.16q.2 -.14 .4 -.04" stroke="#8b8880" strokeWidth="0.07" fill="none" />
    </>
  ),
  powder: ({ fill }) => (
    <>
      <circle r="0.5" fill={fill} opacity="0.35" />
      <circle r="0.28" fill={fill} />
    </>
  ),
  horned: ({ fill, edge }) => (
    <>
      <circle r="0.5" fill={fill} stroke={edge} strokeWidth="0.06" />
      <circle cx="-.12" cy="-.1" r="0.06" fill={edge} />
      <circle cx="0.14" cy="-.02" r="0.06" fill={edge} />
      <circle cx="-.02" cy="0.16" r="0.06" fill={edge} />
    </>
  ),
  crater: ({ fill, edge, rim }) => (
    <>
      <circle r="0.5" fill={rim} opacity="0.85" />
      <circle r="0.32" fill={fill} stroke={edge} strokeWidth="0.06" />
      <circle r="0.1" fill={edge} />
    </>
  ),
  greasy: ({ fill, rim }) => (
    <>
      <path
        d="M-.5 .04Q-.44 -.4 -.08 -.34Q.4 -.46 .5 -.06Q.44 .44 .02 .4Q-.44 .46 -.5 .04Z"
        fill={rim}
        opacity="0.7"
      />
      <path d="M-.36 .04Q-.3 -.26 0 -.22Q.3 -.28 .34 0Q.26 .28 0 .26Q-.3 .28 -.36 .04Z" fill={fill} />
      <path d="M-.2 -.06q.12 -.12 .26 -.06" stroke="#f4e7b0" strokeWidth="0.07" fill="none" />
    </>
  ),
  stipple: ({ fill, edge }) => <circle r="0.46" fill={fill} stroke={edge} strokeWidth="0.1" />,
  mottle: ({ fill }) => <path d="M-.5 .1Q-.2 -.5 .2 -.2T.5 .1Q.1 .5 -.5 .1Z" fill={fill} opacity="0.8" />,
  pouches: ({ fill, edge }) => (
    <>
      <circle r="0.46" fill={fill} stroke={edge} strokeWidth="0.1" />
      <circle cx="-.14" cy="-.16" r="0.12" fill="#fff" opacity="0.55" />
    </>
  ),
  wart: ({ fill, edge }) => (
    <path d="M-.5 .2L-.26 -.36L.04 -.22L.34 -.42L.5 .1L.1 .4Z" fill={fill} stroke={edge} strokeWidth="0.1" />
  ),
};

/** Spots of a leaf or a fruit at `perMm` steps to a millimetre; what has no length is drawn as large patches. */
export function spotsDrawing(
  subject: SpotSubject,
  lengthMm: readonly [number, number] | null,
  perMm: number,
  onFruit: boolean,
): ReactNode {
  const { spread, tint } = subject;
  const [shortest, longest] = lengthMm ?? [8, 22];
  const top = spread === 'few' ? (shortest + longest) / 2 : longest;
  const seats = onFruit ? ON_FRUIT.slice(0, spread === 'few' ? 3 : 6) : spread === 'few' ? FEW : MANY;
  const marks = seats.map(([x, y], i) => (
    <g
      key={`${x}-${y}-${i}`}
      transform={`translate(${x} ${y.toFixed(1)}) scale(${((shortest + (top - shortest) * SIZES[i % SIZES.length]!) * perMm).toFixed(2)})`}
    >
      {spotDrawing(subject)}
    </g>
  ));
  return onFruit ? fruitDrawing(tint, marks) : leafDrawing(tint, <WithinLeaf>{marks}</WithinLeaf>);
}

/** One spot by itself, one step across. */
export function spotDrawing({ look, fill, rim }: SpotSubject): ReactNode {
  const ink = mixed(fill);
  return LOOKS[look]({ ...ink, rim: rim === null ? ink.edge : mixed(rim).fill });
}

/** A piece of leaf in the tint of the whole. */
export const leafPiece = (tint: SpotSubject['tint']): ReactNode => (
  <>
    <rect width="120" height="84" fill={TINTS[tint][0]} />
    <path
      d="M-4 96L126 -14M8 78L-6 40M36 54L20 6M66 29L56 -6M22 70L70 92M50 46L104 74M80 20L126 36"
      stroke={TINTS[tint][1]}
      strokeWidth="1"
      fill="none"
      opacity="0.35"
    />
  </>
);

/** What lies on a leaf ends at its edge. */
function WithinLeaf({ children }: { children: ReactNode }) {
  const id = useId();
  return (
    <>
      <clipPath id={id}>
        <path d={LEAF_PATH} />
      </clipPath>
      <g clipPath={`url(#${id})`}>{children}</g>
    </>
  );
}

/** A bloom that lies on the leaf: patches, or nearly all of it. */
export function coatDrawing({ fill, spread }: Extract<PlateSubject, { kind: 'coat' }>): ReactNode {
  const { fill: colour } = mixed(fill);
  const patches = spread === 'few' ? [...FEW, [86, 30] as const] : MANY;
  return leafDrawing(
    'green',
    <WithinLeaf>
      <g fill={colour}>
        {spread === 'many' && <path d={LEAF_PATH} opacity="0.45" />}
        {patches.map(([x, y], i) => (
          <g key={`${x}-${y}`} transform={`translate(${x} ${y})`}>
            <circle r={7 + (i % 3) * 2} opacity="0.5" />
            <circle r={4 + (i % 2) * 2} opacity="0.75" />
          </g>
        ))}
      </g>
    </WithinLeaf>,
  );
}
