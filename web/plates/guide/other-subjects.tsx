import type { ReactNode } from 'react';
import type { PlateSubject } from '#knowledge';
import { mixed } from './palette.ts';

type Batch = Extract<PlateSubject, { kind: 'egg-batch' }>;

/** One egg, one step long; a mass of them where they are laid as one. */
export function eggDrawing({ fill, shape }: Batch): ReactNode {
  const ink = mixed(fill);
  if (shape === 'mass')
    return (
      <>
        <path
          d="M-.5 -.08Q-.3 -.3 0 -.24T.5 -.1Q.52 .16 .2 .24T-.4 .2Q-.52 .1 -.5 -.08Z"
          fill={ink.fill}
          stroke={ink.edge}
          strokeWidth="0.02"
        />
        <path
          d="M-.36 -.08H.38M-.4 .06H.36M-.2 -.18L-.16 .2M.14 -.2L.18 .2"
          stroke={ink.edge}
          strokeWidth="0.015"
        />
      </>
    );
  return (
    <>
      {shape === 'stalked' && <path d="M0 .3V2.4" stroke="#fbfaf5" strokeWidth="0.08" />}
      <ellipse
        rx={shape === 'stalked' ? 0.26 : 0.5}
        ry={shape === 'stalked' ? 0.5 : 0.32}
        fill={ink.fill}
        stroke={ink.edge}
        strokeWidth="0.07"
      />
    </>
  );
}

/** A dried fruit that hangs on. */
export const MUMMY: ReactNode = (
  <>
    <path d="M-2 16C30 10 70 14 122 6" fill="none" stroke="#7a4a27" strokeWidth="6" strokeLinecap="round" />
    <path d="M58 14L60 30" stroke="#5b4a2a" strokeWidth="2.4" />
    <path
      d="M38 50C36 36 48 28 60 30C76 28 86 40 82 54C80 68 70 76 58 74C46 74 38 64 38 50Z"
      fill="#4a3323"
      stroke="#24170d"
      strokeWidth="1.4"
    />
    <path
      d="M44 44Q56 52 52 68M58 34Q64 50 60 72M72 38Q74 54 68 68M42 56Q52 60 60 56"
      stroke="#24170d"
      fill="none"
      opacity="0.8"
    />
    <g fill="#d8ccb4">
      {[
        [50, 42],
        [66, 44],
        [58, 58],
        [72, 56],
        [48, 62],
      ].map(([x, y]) => (
        <circle key={`${x}${y}`} cx={x} cy={y} r="2" />
      ))}
    </g>
  </>
);

/** Swellings along a green twig, some with the holes they were left through. */
export const TWIG_GALL: ReactNode = (
  <>
    <path
      d="M-4 48C14 46 18 44 26 36C36 28 48 30 54 38C60 46 66 46 72 38C80 28 94 30 100 40C104 46 112 46 124 44V56C110 58 104 58 98 62C88 68 78 66 70 60C64 56 58 58 52 64C44 70 30 68 24 62C18 58 10 60 -4 60Z"
      fill="#8fae6e"
      stroke="#4f7036"
      strokeWidth="1.4"
    />
    <g fill="#2a2118">
      {[
        [34, 44],
        [44, 52],
        [82, 42],
        [90, 52],
      ].map(([x, y]) => (
        <circle key={`${x}${y}`} cx={x} cy={y} r="1.7" />
      ))}
    </g>
  </>
);
