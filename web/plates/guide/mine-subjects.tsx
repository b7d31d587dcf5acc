import type { ReactNode } from 'react';
import type { PlateSubject } from '#knowledge';
import { mixed } from './palette.ts';
import { LEAF_PATH, leafDrawing } from './spot-subjects.tsx';

type Mine = Extract<PlateSubject, { kind: 'mine' }>;

/** What a mine is once it is left: brown and dry. */
const DRY = { fill: '#b08a5a', edge: '#6b4a26' };
const FRASS = '#3b3226';

const TRAIL = 'M30 44C38 26 46 54 56 36S74 22 80 38S92 42 98 26';
const TRAIL_BEGUN = 'M30 44C34 36 37 36 40 40';

interface Part {
  readonly shape: ReactNode;
  /** Where the larva lies, and how it is turned. */
  readonly larvaAt: readonly [x: number, y: number, turnDeg: number];
}

const trail = (ink: { fill: string; edge: string }, begun: boolean): Part => ({
  shape: (
    <>
      <path
        d={begun ? TRAIL_BEGUN : TRAIL}
        fill="none"
        stroke={ink.fill}
        strokeWidth={begun ? 2.4 : 6.5}
        strokeLinecap="round"
      />
      <path d={begun ? TRAIL_BEGUN : TRAIL} fill="none" stroke={FRASS} strokeWidth={begun ? 0.7 : 1.1} />
    </>
  ),
  larvaAt: begun ? [40, 40, 40] : [97, 27, -60],
});

const patch = (d: string, ink: { fill: string; edge: string }, larvaAt: Part['larvaAt']): Part => ({
  shape: (
    <>
      <path d={d} fill={ink.fill} stroke={ink.edge} strokeWidth="1" />
      <g fill={FRASS} opacity="0.65">
        {[
          [-5, -2],
          [-2, 3],
          [3, -3],
          [6, 2],
        ].map(([dx, dy]) => (
          <circle key={`${dx}${dy}`} cx={larvaAt[0] - 9 + dx!} cy={larvaAt[1] + dy!} r="0.9" />
        ))}
      </g>
    </>
  ),
  larvaAt,
});

const SHAPES: Readonly<Record<Exclude<Mine['way'], 'trail'>, readonly [d: string, at: Part['larvaAt']]>> = {
  blotch: ['M46 36Q58 20 78 26Q92 34 80 46Q60 58 48 50Q40 44 46 36Z', [70, 38, 20]],
  'tip-blotch': ['M111 18C107 40 96 52 84 54Q76 40 82 24Q96 14 111 18Z', [94, 34, -40]],
  'between-veins': [
    'M36 40L58 20L70 18L54 38ZM50 46L84 36L78 54L58 62ZM76 30L92 16L104 18L90 28Z',
    [70, 48, 10],
  ],
  round: ['M52 28a10 10 0 1 0 .1 0ZM78 22a9 9 0 1 0 .1 0ZM68 46a8 8 0 1 0 .1 0Z', [54, 38, 30]],
  fingers: [
    'M46 44Q56 34 66 36L64 20L70 20L72 34L84 20L89 23L80 38L98 32L99 37L82 46Q66 58 50 54Q42 50 46 44Z',
    [70, 44, 0],
  ],
  blister: ['M44 40Q54 26 74 28Q86 34 78 46Q62 56 48 50Q42 46 44 40Z', [64, 42, -10]],
  'midrib-blister': ['M20 46C46 36 80 30 104 18C96 34 62 48 34 52Q22 52 20 46Z', [66, 38, -16]],
  tent: ['M44 50Q62 14 86 40Q66 56 44 50Z', [66, 42, -10]],
};

const SMALLEST_LARVA = 7;

/** A mined leaf: begun, with its larva, in full, or left behind. */
export function mineDrawing(
  { way, fill, state, larva }: Mine,
  lengthMm: readonly [number, number] | null,
  perMm: number,
): ReactNode {
  const ink = state === 'old' ? DRY : mixed(fill);
  const { shape, larvaAt } =
    way === 'trail' ? trail(ink, state === 'begun') : patch(SHAPES[way][0], ink, SHAPES[way][1]);
  const [x, y, turnDeg] = larvaAt;
  const isRaised = way === 'blister' || way === 'tent' || way === 'midrib-blister';
  return leafDrawing(
    'green',
    <>
      {state === 'begun' && way !== 'trail' ? (
        <g transform={`translate(${x * 0.78} ${y * 0.78}) scale(.22)`}>{shape}</g>
      ) : (
        shape
      )}
      {isRaised && state !== 'begun' && (
        <path
          d={`M${x - 14} ${y - 5}q10 -8 22 -5`}
          stroke="#fff"
          strokeWidth="2.4"
          fill="none"
          opacity="0.6"
          strokeLinecap="round"
        />
      )}
      {way === 'tent' && state !== 'begun' && (
        <g fill="#f6f4dd">
          {[
            [60, 34],
            [66, 30],
            [72, 36],
            [64, 40],
            [76, 42],
          ].map(([cx, cy]) => (
            <circle key={`${cx}${cy}`} cx={cx} cy={cy} r="1.5" />
          ))}
        </g>
      )}
      {state === 'larva' && (
        <g
          transform={`translate(${x} ${y}) rotate(${turnDeg}) scale(${Math.max(SMALLEST_LARVA, lengthMm![1] * perMm).toFixed(1)})`}
        >
          <ellipse
            rx="0.5"
            ry="0.22"
            fill={mixed(larva).fill}
            stroke={mixed(larva).edge}
            strokeWidth="0.06"
          />
          <circle cx="-.4" r="0.1" fill="#7a4a27" />
        </g>
      )}
      {state === 'old' && (
        <ellipse cx={x} cy={y} rx="2.2" ry="1.2" fill="#17120e" transform={`rotate(${turnDeg} ${x} ${y})`} />
      )}
      <path d={LEAF_PATH} fill="none" stroke="#4c6b3f" strokeWidth="1.6" />
    </>,
  );
}
