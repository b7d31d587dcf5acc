import type { ReactNode } from 'react';
import type { InsectBuild, InsectSubject } from '#knowledge';
import { mixed } from './palette.ts';

/** Everything here is drawn one step long, from -0.5 to 0.5, its head to the left. */
const LINE = 0.025;

interface Ink {
  readonly fill: string;
  readonly edge: string;
}

const legs = (edge: string, reach: number, at: readonly number[] = [-0.2, -0.04, 0.12]) => (
  <path
    d={at.map((x) => `M${x} 0l-.06 ${reach}M${x} 0l-.06 ${-reach}`).join('')}
    stroke={edge}
    strokeWidth={LINE}
    fill="none"
  />
);
const feelers = (edge: string, at = -0.46) => (
  <path
    d={`M${at} -.03q-.08 -.1 .02 -.16M${at} .03q-.08 .1 .02 .16`}
    stroke={edge}
    strokeWidth={LINE}
    fill="none"
  />
);
const glass = { fill: '#eef3f2', stroke: '#7d877d', strokeWidth: LINE / 1.5, opacity: 0.85 } as const;

const wingedFly = ({ fill, edge }: Ink, slim: boolean) => (
  <>
    {legs(edge, slim ? 0.42 : 0.26)}
    <ellipse cx="-.1" rx="0.16" ry={slim ? 0.08 : 0.13} fill={fill} stroke={edge} strokeWidth={LINE} />
    <ellipse cx="0.2" rx="0.26" ry={slim ? 0.07 : 0.12} fill={fill} stroke={edge} strokeWidth={LINE} />
    <circle cx="-.33" r={slim ? 0.07 : 0.11} fill={edge} />
    <ellipse cx="0.16" cy="-.17" rx="0.32" ry="0.09" transform="rotate(-22 0 -.1)" {...glass} />
    <ellipse cx="0.16" cy="0.17" rx="0.32" ry="0.09" transform="rotate(22 0 .1)" {...glass} />
  </>
);

const BUILDS: Readonly<Record<InsectBuild, (ink: Ink) => ReactNode>> = {
  moth: ({ fill, edge }) => (
    <>
      {feelers(edge)}
      <path
        d="M-.44 0C-.36 -.12 -.1 -.2 .5 -.26L.4 0L.5 .26C-.1 .2 -.36 .12 -.44 0Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
      />
      <path
        d="M-.36 0H.4M-.12 -.13L.06 0L-.12 .13M.14 -.18L.28 0L.14 .18"
        stroke={edge}
        strokeWidth={LINE}
        fill="none"
        opacity="0.7"
      />
      <circle cx="0.4" cy="-.2" r="0.03" fill={edge} />
      <circle cx="0.4" cy="0.2" r="0.03" fill={edge} />
      <circle cx="-.42" r="0.08" fill={fill} stroke={edge} strokeWidth={LINE} />
    </>
  ),
  fly: (ink) => wingedFly(ink, false),
  midge: (ink) => (
    <>
      {feelers(ink.edge, -0.38)}
      {wingedFly(ink, true)}
    </>
  ),
  sawfly: (ink) => (
    <>
      {feelers(ink.edge, -0.4)}
      {wingedFly(ink, false)}
      <ellipse cx="0.06" cy="-.2" rx="0.24" ry="0.07" transform="rotate(-40 -.1 -.1)" {...glass} />
      <ellipse cx="0.06" cy="0.2" rx="0.24" ry="0.07" transform="rotate(40 -.1 .1)" {...glass} />
    </>
  ),
  wasp: ({ fill, edge }) => (
    <>
      {feelers(edge, -0.4)}
      {legs(edge, 0.28)}
      <circle cx="-.38" r="0.1" fill={fill} stroke={edge} strokeWidth={LINE} />
      <ellipse cx="-.14" rx="0.15" ry="0.11" fill={fill} stroke={edge} strokeWidth={LINE} />
      <ellipse cx="0.26" rx="0.24" ry="0.12" fill={fill} stroke={edge} strokeWidth={LINE} />
      <ellipse cx="0.12" cy="-.19" rx="0.3" ry="0.09" transform="rotate(-24 0 -.1)" {...glass} />
      <ellipse cx="0.12" cy="0.19" rx="0.3" ry="0.09" transform="rotate(24 0 .1)" {...glass} />
    </>
  ),
  beetle: ({ fill, edge }) => (
    <>
      {feelers(edge, -0.44)}
      {legs(edge, 0.38)}
      <circle cx="-.36" r="0.13" fill={edge} />
      <ellipse cx="0.08" rx="0.42" ry="0.29" fill={fill} stroke={edge} strokeWidth={LINE} />
      <path d="M-.3 0H.5" stroke={edge} strokeWidth={LINE * 1.6} />
    </>
  ),
  aphid: ({ fill, edge }) => (
    <>
      {legs(edge, 0.4)}
      {feelers(edge, -0.4)}
      <path
        d="M-.44 0C-.36 -.16 0 -.3 .26 -.24C.42 -.2 .48 -.08 .48 0C.48 .08 .42 .2 .26 .24C0 .3 -.36 .16 -.44 0Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
      />
      <path d="M.28 -.2L.42 -.3M.28 .2L.42 .3" stroke={edge} strokeWidth="0.05" strokeLinecap="round" />
      <circle cx="-.36" cy="-.06" r="0.03" fill="#17120e" />
      <circle cx="-.36" cy="0.06" r="0.03" fill="#17120e" />
    </>
  ),
  whitefly: ({ fill, edge }) => (
    <>
      <ellipse
        cx="0.04"
        cy="-.15"
        rx="0.44"
        ry="0.16"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
        transform="rotate(-9)"
      />
      <ellipse
        cx="0.04"
        cy="0.15"
        rx="0.44"
        ry="0.16"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
        transform="rotate(9)"
      />
      <circle cx="-.4" r="0.1" fill="#f0dc8c" stroke={edge} strokeWidth={LINE} />
    </>
  ),
  'flat-young': ({ fill, edge }) => (
    <>
      <ellipse rx="0.48" ry="0.33" fill="none" stroke="#fff" strokeWidth="0.06" strokeDasharray="0.03 0.03" />
      <ellipse rx="0.44" ry="0.29" fill={fill} stroke={edge} strokeWidth={LINE} opacity="0.9" />
      <path d="M.1 -.22V.22M.22 -.18V.18" stroke={edge} strokeWidth={LINE} opacity="0.6" />
      <circle cx="-.3" cy="-.09" r="0.03" fill="#8a2a22" />
      <circle cx="-.3" cy="0.09" r="0.03" fill="#8a2a22" />
    </>
  ),
  mealybug: ({ fill, edge }) => (
    <>
      <path
        d={
          [-0.36, -0.2, -0.04, 0.12, 0.28].map((x) => `M${x} -.2v-.12M${x} .2v.12`).join('') +
          'M.42 -.08l.12 -.06M.42 .08l.12 .06'
        }
        stroke="#fbfaf5"
        strokeWidth="0.05"
        strokeLinecap="round"
      />
      <ellipse rx="0.46" ry="0.25" fill={fill} stroke={edge} strokeWidth={LINE} />
      <path
        d="M-.26 -.2V.2M-.12 -.24V.24M.02 -.24V.24M.16 -.23V.23M.3 -.18V.18"
        stroke={edge}
        strokeWidth={LINE}
        opacity="0.6"
      />
    </>
  ),
  thrips: ({ fill, edge }) => (
    <>
      {feelers(edge)}
      {legs(edge, 0.13, [-0.3, -0.18, -0.06])}
      <path
        d="M-.48 0C-.44 -.06 -.2 -.09 .1 -.08C.3 -.07 .46 -.02 .5 0C.46 .02 .3 .07 .1 .08C-.2 .09 -.44 .06 -.48 0Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE / 1.5}
      />
      <path d="M-.1 -.03H.46M-.1 .03H.46" stroke="#eef0ea" strokeWidth={LINE} />
    </>
  ),
  'lace-bug': ({ fill, edge }) => (
    <>
      {feelers(edge)}
      <path
        d="M-.42 -.1L-.16 -.28L.5 -.24V.24L-.16 .28L-.42 .1Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
      />
      <path
        d="M-.1 -.26V.26M.06 -.26V.26M.22 -.25V.25M.38 -.24V.24M-.3 -.12H.5M-.3 .12H.5M-.3 0H.5"
        stroke={edge}
        strokeWidth={LINE / 2}
        opacity="0.75"
      />
      <ellipse cx="-.12" rx="0.28" ry="0.07" fill={edge} />
    </>
  ),
  hopper: ({ fill, edge }) => (
    <>
      <path d="M-.5 0L.36 -.38Q.5 -.2 .42 0Q.5 .2 .36 .38Z" fill={fill} stroke={edge} strokeWidth={LINE} />
      <path d="M-.42 0L.36 -.2M-.42 0L.4 0M-.42 0L.36 .2" stroke="#eef0ea" strokeWidth={LINE} />
      <circle cx="-.46" r="0.06" fill={edge} />
    </>
  ),
  'shield-bug': ({ fill, edge }) => (
    <>
      {legs(edge, 0.42)}
      {feelers(edge)}
      <path
        d="M-.44 -.08L-.2 -.3L.24 -.26L.48 0L.24 .26L-.2 .3L-.44 .08Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
        strokeLinejoin="round"
      />
      <path d="M-.16 -.28L.14 0L-.16 .28M.14 0H.44" stroke={edge} strokeWidth={LINE} fill="none" />
      <g fill="#fbfaf5">
        {[
          [-0.26, -0.12],
          [-0.26, 0.12],
          [0.26, -0.12],
          [0.26, 0.12],
        ].map(([x, y]) => (
          <circle key={`${x}${y}`} cx={x} cy={y} r="0.026" />
        ))}
      </g>
    </>
  ),
  lanternfly: ({ fill, edge }) => (
    <>
      <path
        d="M-.4 -.02C-.1 -.3 .3 -.32 .5 -.24L.44 0L.5 .24C.3 .32 -.1 .3 -.4 .02Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
      />
      <g fill="#17120e">
        {[
          [-0.1, -0.1],
          [0.06, -0.18],
          [0.14, -0.06],
          [0.28, -0.18],
          [-0.1, 0.1],
          [0.06, 0.18],
          [0.14, 0.06],
          [0.28, 0.18],
        ].map(([x, y]) => (
          <circle key={`${x}${y}`} cx={x} cy={y} r="0.03" />
        ))}
      </g>
      <path d="M.2 -.04L.42 -.05V.05L.2 .04Z" fill="#b5372c" />
      <circle cx="-.42" r="0.08" fill="#17120e" />
    </>
  ),
  psyllid: ({ fill, edge }) => (
    <>
      {feelers(edge)}
      <path d="M-.34 -.04C-.1 -.2 .3 -.22 .5 -.1L.34 0L.5 .1C.3 .22 -.1 .2 -.34 .04Z" {...glass} />
      <path
        d="M-.2 -.08L.36 -.1M-.2 .08L.36 .1M0 -.13L.2 -.05M0 .13L.2 .05"
        stroke="#7d877d"
        strokeWidth={LINE / 1.5}
      />
      <ellipse cx="-.1" rx="0.34" ry="0.06" fill={fill} stroke={edge} strokeWidth={LINE} />
      <circle cx="-.42" r="0.08" fill={fill} stroke={edge} strokeWidth={LINE} />
      <circle cx="-.45" cy="-.06" r="0.03" fill="#b98a1e" />
      <circle cx="-.45" cy="0.06" r="0.03" fill="#b98a1e" />
    </>
  ),
  mite: ({ fill, edge }) => (
    <>
      {legs(edge, 0.44, [-0.3, -0.16, 0.1, 0.26])}
      <ellipse rx="0.44" ry="0.32" fill={fill} stroke={edge} strokeWidth={LINE} />
      <ellipse cx="0.06" cy="-.16" rx="0.13" ry="0.09" fill="#3f3a22" opacity="0.85" />
      <ellipse cx="0.06" cy="0.16" rx="0.13" ry="0.09" fill="#3f3a22" opacity="0.85" />
    </>
  ),
  'gall-mite': ({ fill, edge }) => (
    <>
      <path
        d="M-.34 -.06l-.12 -.1M-.28 -.08l-.08 -.12M-.34 .06l-.12 .1M-.28 .08l-.08 .12"
        stroke={edge}
        strokeWidth={LINE}
      />
      <path
        d="M-.48 0C-.42 -.1 -.2 -.12 0 -.1C.24 -.08 .46 -.03 .5 0C.46 .03 .24 .08 0 .1C-.2 .12 -.42 .1 -.48 0Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE / 1.5}
      />
      <path
        d="M-.2 -.1V.1M-.1 -.1V.1M0 -.1V.1M.1 -.09V.09M.2 -.07V.07M.3 -.05V.05"
        stroke={edge}
        strokeWidth={LINE / 2}
      />
    </>
  ),
  caterpillar: ({ fill, edge }) => (
    <>
      {[0.42, 0.3, 0.18, 0.06, -0.06, -0.18, -0.3].map((x, i) => (
        <circle
          key={x}
          cx={x}
          cy={i % 2 === 0 ? 0.02 : -0.02}
          r="0.085"
          fill={fill}
          stroke={edge}
          strokeWidth={LINE / 1.5}
        />
      ))}
      <circle cx="-.41" r="0.085" fill="#2a2118" />
      <path d="M-.3 -.05H.42" stroke={edge} strokeWidth={LINE} strokeDasharray="0.03 0.03" />
    </>
  ),
  grub: ({ fill, edge }) => (
    <>
      <path
        d="M-.48 .02C-.36 -.14 -.1 -.16 .16 -.12C.36 -.09 .5 -.02 .48 .05C.46 .12 .3 .12 .1 .12C-.14 .12 -.42 .14 -.48 .02Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
      />
      <path
        d="M-.24 -.13V.12M-.1 -.14V.12M.04 -.13V.12M.18 -.11V.12M.32 -.08V.11"
        stroke={edge}
        strokeWidth={LINE / 2}
        opacity="0.7"
      />
      <circle cx="-.42" cy="0.01" r="0.06" fill="#7a4a27" />
    </>
  ),
  pupa: ({ fill, edge }) => (
    <>
      <path
        d="M-.46 0C-.4 -.16 -.16 -.2 .06 -.16C.3 -.12 .44 -.05 .5 0C.44 .05 .3 .12 .06 .16C-.16 .2 -.4 .16 -.46 0Z"
        fill={fill}
        stroke={edge}
        strokeWidth={LINE}
      />
      <path
        d="M.06 -.16V.16M.18 -.14V.14M.3 -.1V.1M-.4 0C-.2 -.06 -.1 -.06 .04 -.1M-.4 0C-.2 .06 -.1 .06 .04 .1"
        stroke={edge}
        strokeWidth={LINE / 1.5}
        fill="none"
      />
    </>
  ),
  'woolly-larva': ({ fill, edge }) => (
    <>
      {legs('#4a423a', 0.26, [-0.3, -0.2, -0.1])}
      <path
        d={
          [-0.3, -0.15, 0, 0.15, 0.3].map((x) => `M${x} 0q-.04 -.2 .06 -.3M${x} 0q-.04 .2 .06 .3`).join('') +
          'M.36 0q.08 -.1 .14 -.1M.36 0q.08 .1 .14 .1'
        }
        stroke={fill}
        strokeWidth="0.08"
        strokeLinecap="round"
        fill="none"
      />
      <ellipse rx="0.4" ry="0.14" fill={fill} stroke={edge} strokeWidth={LINE} />
      <circle cx="-.42" r="0.07" fill="#4a423a" />
    </>
  ),
};

export const insectDrawing = ({ build, fill }: InsectSubject): ReactNode => BUILDS[build](mixed(fill));
