import type { ReactNode } from 'react';
import type { DomeSubject, PlateSubject } from '#knowledge';
import { FADED, mixed } from './palette.ts';
import { DOME, LINE, worn } from './shell-parts.tsx';

type Of<Kind extends PlateSubject['kind']> = Extract<PlateSubject, { kind: Kind }>;

/** Scales whose cover is their own skin, wax or wool, and the young that walk. */
export function domeDrawing({ fill, pattern, state }: DomeSubject): ReactNode {
  const body = state === 'old' ? FADED : mixed(fill);
  return (
    <>
      <path d={DOME} fill={body.fill} stroke={body.edge} strokeWidth={LINE} />
      <ellipse cx="0.06" cy="0.08" rx="0.36" ry="0.28" fill={body.edge} opacity="0.22" />
      {pattern === 'blotched' && state !== 'old' && (
        <path
          d="M-.42 -.08L-.2 -.34L-.12 -.06ZM-.06 -.4L.16 -.4L.08 -.1ZM.22 -.32L.44 -.08L.18 0ZM-.4 .14L-.14 .06L-.18 .34ZM-.04 .1L.2 .1L.08 .4ZM.26 .1L.44 .1L.28 .3Z"
          fill="#2d2824"
        />
      )}
      {pattern === 'ridged' && state !== 'old' && (
        <path
          d="M-.2 -.32V.32M.2 -.32V.32M-.2 0H.2"
          stroke="#8b7461"
          strokeWidth="0.07"
          strokeLinecap="round"
          fill="none"
        />
      )}
      {pattern === 'dusted' && state !== 'old' && (
        <path
          d="M-.34 -.1q.1 -.2 .3 -.24M.1 -.3q.2 .04 .28 .2M-.3 .14q.14 .18 .34 .18M.16 .22q.14 -.04 .2 -.14"
          stroke="#fbfaf5"
          strokeWidth="0.09"
          strokeLinecap="round"
          fill="none"
          opacity="0.85"
        />
      )}
      {state === 'live' && pattern !== 'dusted' && (
        <ellipse cx="-0.15" cy="-0.2" rx="0.13" ry="0.07" fill="#fff" opacity="0.55" />
      )}
      {worn(state)}
    </>
  );
}

export function flatDrawing({ fill, state }: Of<'flat'>): ReactNode {
  const body = state === 'old' ? FADED : mixed(fill);
  return (
    <>
      <ellipse rx="0.5" ry="0.31" fill={body.fill} stroke={body.edge} strokeWidth={LINE} opacity="0.92" />
      <path d="M-.42 0H.42" stroke={body.edge} strokeWidth={LINE} opacity="0.5" />
      <path
        d="M-.2 -.16q.1 .06 .22 0M.12 .14q.1 -.06 .2 0M-.3 .12q.08 -.06 .16 0"
        stroke={body.edge}
        strokeWidth={LINE}
        fill="none"
        opacity="0.55"
      />
      <path d="M.44 0L.5 -.04M.44 0L.5 .04" stroke={body.edge} strokeWidth={LINE} />
      {worn(state)}
    </>
  );
}

const LUMP =
  'M-.5 .1C-.54 -.16 -.36 -.36 -.1 -.4C.16 -.46 .44 -.34 .5 -.04C.54 .2 .36 .4 .06 .42C-.22 .44 -.46 .34 -.5 .1Z';
const STAR =
  'M0 -.5L.12 -.2L.42 -.3L.26 -.04L.5 .12L.2 .16L.2 .48L0 .24L-.2 .48L-.2 .16L-.5 .12L-.26 -.04L-.42 -.3L-.12 -.2Z';

export function waxDrawing({ fill, trim, state }: Of<'wax'>): ReactNode {
  const body = state === 'old' ? FADED : mixed(fill);
  const line = { stroke: body.edge, strokeWidth: LINE, fill: 'none', opacity: 0.7 } as const;
  return (
    <>
      <path d={trim === 'star' ? STAR : LUMP} fill={body.fill} stroke={body.edge} strokeWidth={LINE} />
      {trim === 'star' && (
        <ellipse rx="0.14" ry="0.11" fill="#c9776f" stroke="#8a3c36" strokeWidth={LINE / 2} />
      )}
      {trim === 'horn' && (
        <path
          d="M-.06 -.2C0 -.56 .26 -.5 .18 -.3C.14 -.2 .1 -.14 .02 -.1"
          fill={body.fill}
          stroke={body.edge}
          strokeWidth={LINE}
        />
      )}
      {trim === 'plates' && (
        <>
          <path d="M0 -.12L.28 -.34M0 -.12L-.3 -.32M.02 -.06L.46 .1M-.02 -.06L-.46 .1M0 0L.02 .4" {...line} />
          <circle cy="-.04" r="0.14" fill="#fbfaf5" stroke={body.edge} strokeWidth={LINE / 2} />
        </>
      )}
      {trim === 'lines' && (
        <path
          d="M-.44 -.14L-.12 -.04M.44 -.14L.14 -.04M-.3 .34L-.08 .1M.32 .34L.1 .1"
          stroke="#fbfaf5"
          strokeWidth="0.08"
          strokeLinecap="round"
        />
      )}
      {(trim === 'wet' || trim === 'horn') && state === 'live' && (
        <path
          d="M-.34 -.12q.1 -.18 .26 -.18"
          stroke="#fff"
          strokeWidth="0.09"
          strokeLinecap="round"
          fill="none"
        />
      )}
      {trim === 'wet' && <path d="M-.4 .2q.1 .1 .2 0t.2 0t.2 0t.2 -.04" {...line} />}
      {trim === 'blunt' && <path d="M-.26 -.06q.26 -.2 .52 0M-.2 .14q.2 .14 .4 0" {...line} />}
      {worn(state)}
    </>
  );
}

export function sacDrawing({ body, sac, state }: Of<'sac'>): ReactNode {
  const skin = state === 'old' ? FADED : mixed(body);
  const wool = state === 'old' ? { fill: '#d5d0c6', edge: '#8b8577' } : mixed('white');
  const hole = (x: number) =>
    state === 'holed' && <circle cx={x} r="0.07" fill="#17120e" stroke="#f3f5ef" strokeWidth="0.015" />;
  const soft = { fill: wool.fill, stroke: wool.edge, strokeWidth: LINE };

  if (sac === 'cushion')
    return (
      <>
        <circle r="0.5" {...soft} strokeDasharray="0.06 0.03" />
        <ellipse cy="-.05" rx="0.24" ry="0.2" fill={skin.fill} stroke={skin.edge} strokeWidth={LINE} />
        {hole(0)}
      </>
    );
  if (sac === 'ribbed')
    return (
      <>
        <path d="M-.26 -.22H.34Q.5 -.16 .5 0T.34 .22H-.26Z" {...soft} />
        <path
          d="M-.2 -.14H.46M-.2 -.05H.5M-.2 .05H.5M-.2 .14H.46"
          stroke={wool.edge}
          strokeWidth={LINE / 2}
          fill="none"
        />
        <ellipse cx="-.3" rx="0.2" ry="0.22" fill={skin.fill} stroke={skin.edge} strokeWidth={LINE} />
        <path
          d="M-.42 -.18l-.05 -.08M-.36 -.21l0 -.08M-.42 .18l-.05 .08M-.36 .21l0 .08"
          stroke="#1d140e"
          strokeWidth={LINE}
        />
        {hole(-0.3)}
      </>
    );
  if (sac === 'loose')
    return (
      <>
        {[
          [0.02, -0.08, 0.2],
          [0.22, -0.1, 0.2],
          [0.34, 0.06, 0.16],
          [0.14, 0.1, 0.22],
          [-0.04, 0.1, 0.16],
        ].map(([x, y, r]) => (
          <circle key={`${x}${y}`} cx={x} cy={y} r={r} {...soft} />
        ))}
        <ellipse
          cx="-.28"
          cy="-.02"
          rx="0.22"
          ry="0.17"
          fill={skin.fill}
          stroke={skin.edge}
          strokeWidth={LINE}
          transform="rotate(-14 -.28 0)"
        />
        {hole(-0.28)}
      </>
    );
  return (
    <>
      <path d="M-.28 -.15C0 -.2 .3 -.19 .46 -.13Q.52 0 .46 .13C.3 .19 0 .2 -.28 .15Z" {...soft} />
      <path
        d="M-.1 -.06q.2 .04 .4 -.02M-.06 .08q.2 -.05 .42 0"
        stroke={wool.edge}
        strokeWidth={LINE / 2}
        fill="none"
        opacity="0.6"
      />
      <ellipse cx="-.34" rx="0.16" ry="0.13" fill={skin.fill} stroke={skin.edge} strokeWidth={LINE} />
      {hole(-0.34)}
    </>
  );
}

export function feltDrawing({ fill, fringed, state }: Of<'felt'>): ReactNode {
  const body = state === 'old' ? FADED : mixed(fill);
  return (
    <>
      {fringed && (
        <ellipse
          rx="0.46"
          ry="0.31"
          fill="none"
          stroke={state === 'old' ? '#d5d0c6' : '#fbfaf5'}
          strokeWidth="0.12"
          strokeDasharray="0.05 0.025"
        />
      )}
      <ellipse
        rx={fringed ? 0.4 : 0.5}
        ry={fringed ? 0.25 : 0.33}
        fill={body.fill}
        stroke={body.edge}
        strokeWidth={LINE}
        strokeDasharray={fringed ? undefined : '0.05 0.03'}
      />
      <path
        d={
          fringed
            ? 'M-.2 -.14V.14M-.05 -.18V.18M.1 -.18V.18M.25 -.14V.14'
            : 'M-.3 -.1q.3 .08 .6 -.02M-.28 .1q.3 -.08 .56 .02'
        }
        stroke={body.edge}
        strokeWidth={LINE / 2}
        fill="none"
        opacity="0.6"
      />
      {worn(state)}
    </>
  );
}

export function crawlerDrawing({ fill }: Of<'crawler'>): ReactNode {
  const body = mixed(fill);
  return (
    <>
      <path
        d="M-.2 -.24l-.12 -.16M0 -.28v-.16M.18 -.24l.1 -.16M-.2 .24l-.12 .16M0 .28v.16M.18 .24l.1 .16M-.44 -.08l-.16 -.1M-.44 .08l-.16 .1"
        stroke={body.edge}
        strokeWidth="0.05"
        fill="none"
      />
      <ellipse rx="0.5" ry="0.3" fill={body.fill} stroke={body.edge} strokeWidth={LINE} />
      <circle cx="-.38" cy="-.11" r="0.035" fill="#17120e" />
      <circle cx="-.38" cy="0.11" r="0.035" fill="#17120e" />
    </>
  );
}
