import type { ReactNode } from 'react';
import type { CoverOutline, CoverSubject, PlateSubject } from '#knowledge';
import { FADED, mixed } from './palette.ts';
import { DOME, LINE, worn } from './shell-parts.tsx';

const OUTLINES: Readonly<Record<CoverOutline, string>> = {
  pear: 'M-.5 0C-.46 -.11 -.22 -.17 0 -.26C.28 -.37 .5 -.22 .5 0C.5 .22 .28 .37 0 .26C-.22 .17 -.46 .11 -.5 0Z',
  mussel:
    'M-.5 .06C-.44 -.06 -.16 -.1 .1 -.19C.36 -.27 .52 -.14 .5 .02C.48 .17 .3 .2 .06 .17C-.16 .14 -.42 .16 -.5 .06Z',
  round:
    'M-.5 0C-.5 -.28 -.26 -.49 .02 -.49C.3 -.49 .5 -.26 .5 .02C.5 .3 .26 .5 0 .49C-.28 .48 -.5 .28 -.5 0Z',
  disc: 'M-.5 0C-.5 -.28 -.26 -.48 0 -.48C.3 -.48 .5 -.26 .5 0C.5 .28 .26 .48 0 .48C-.28 .48 -.5 .28 -.5 0Z',
  oval: 'M-.5 0C-.5 -.2 -.26 -.32 0 -.32C.26 -.32 .5 -.2 .5 0C.5 .2 .26 .32 0 .32C-.26 .32 -.5 .2 -.5 0Z',
  boat: 'M-.5 0C-.34 -.18 -.1 -.22 .08 -.22C.28 -.22 .42 -.12 .5 0C.42 .12 .28 .22 .08 .22C-.1 .22 -.34 .18 -.5 0Z',
  narrow:
    'M-.5 0C-.5 -.1 -.44 -.15 -.36 -.15H.44Q.5 -.15 .5 -.08V.08Q.5 .15 .44 .15H-.36C-.44 .15 -.5 .1 -.5 0Z',
};

const CAP_AT: Readonly<Record<CoverSubject['capAt'], readonly [number, number]>> = {
  end: [-0.36, 0],
  centre: [0, 0],
  'off-centre': [-0.14, -0.1],
};

const isRound = (outline: CoverOutline) => outline === 'round' || outline === 'disc';

/** A cover apart from the body beneath it, with the cast skins on it. */
export function coverDrawing({ outline, fill, cap, capAt, state }: CoverSubject): ReactNode {
  const body = state === 'old' ? FADED : mixed(fill);
  const skins = mixed(cap);
  const [x, y] = CAP_AT[capAt];
  return (
    <>
      <path d={OUTLINES[outline]} fill={body.fill} stroke={body.edge} strokeWidth={LINE} />
      {isRound(outline) && (
        <circle r="0.33" fill="none" stroke={body.edge} strokeWidth={LINE / 2} opacity="0.5" />
      )}
      {outline === 'mussel' && (
        <path
          d="M-.2 -.06C-.17 0 -.18 .06 -.2 .1M0 -.13C.04 -.04 .03 .08 0 .14M.2 -.18C.25 -.06 .24 .08 .2 .16"
          stroke={body.edge}
          strokeWidth={LINE / 2}
          fill="none"
          opacity="0.7"
        />
      )}
      {outline === 'narrow' && (
        <path
          d="M-.3 -.07H.46M-.3 0H.48M-.3 .07H.46"
          stroke={body.edge}
          strokeWidth={LINE / 2}
          opacity="0.7"
        />
      )}
      {outline === 'boat' && <path d="M-.4 0H.42" stroke={body.edge} strokeWidth={LINE / 2} />}
      {state !== 'old' && (
        <ellipse
          cx={x}
          cy={y}
          rx={isRound(outline) ? 0.16 : 0.12}
          ry={isRound(outline) ? 0.15 : 0.07}
          fill={skins.fill}
          stroke={skins.edge}
          strokeWidth={LINE / 2}
        />
      )}
      {state === 'live' && capAt === 'centre' && isRound(outline) && (
        <circle r="0.055" fill="#fff" opacity="0.65" />
      )}
      {worn(state)}
    </>
  );
}

/** A cover on its back: its rim, the hollow, and what lies in it. */
export function turnedDrawing({
  shell,
  outline,
  inside,
  fill,
}: Extract<PlateSubject, { kind: 'turned' }>): ReactNode {
  const rim = mixed(shell);
  const within = mixed(fill);
  const path = outline === 'dome' ? DOME : OUTLINES[outline];
  const slim = outline === 'mussel' || outline === 'boat' || outline === 'narrow';
  const rows = slim ? [-0.05, 0.05] : [-0.14, 0, 0.14];
  return (
    <>
      <path d={path} fill={rim.fill} stroke={rim.edge} strokeWidth={LINE} />
      <path d={path} transform="scale(.86)" fill="#efe7d8" stroke={rim.edge} strokeWidth={LINE / 2} />
      {inside === 'eggs' ? (
        rows.flatMap((y) =>
          [-0.18, -0.06, 0.06, 0.18, 0.28].map((x) => (
            <ellipse
              key={`${x}${y}`}
              cx={x + y / 4}
              cy={y}
              rx="0.055"
              ry="0.038"
              fill={within.fill}
              stroke={within.edge}
              strokeWidth={LINE / 3}
            />
          )),
        )
      ) : (
        <ellipse
          cx="0.05"
          rx="0.24"
          ry={slim ? 0.1 : 0.2}
          fill={within.fill}
          stroke={within.edge}
          strokeWidth={LINE / 2}
        />
      )}
    </>
  );
}
