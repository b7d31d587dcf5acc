import type { ReactNode } from 'react';
import type { PlateGround } from '#knowledge';
import { BOX } from './plate-view.ts';

/** Thickness of what is drawn beneath, mm; kept within what the box can show. */
const TWIG_MM = 7;
const NEEDLE_MM = 1.6;

const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));

function leafSkin(fill: string, vein: string): ReactNode {
  return (
    <>
      <rect width={BOX.width} height={BOX.height} fill={fill} />
      <path
        d="M-4 96 L126 -14 M8 78 L-6 40 M36 54 L20 6 M66 29 L56 -6 M22 70 L70 92 M50 46 L104 74 M80 20 L126 36"
        stroke={vein}
        strokeWidth="1"
        fill="none"
        opacity="0.55"
      />
    </>
  );
}

function midribSkin(): ReactNode {
  return (
    <>
      <rect width={BOX.width} height={BOX.height} fill="#a9c29a" />
      <path d="M0 36 C40 40 80 34 120 40 V46 C80 42 40 48 0 45Z" fill="#d5dfbd" stroke="#7c9a68" />
      <path
        d="M14 36 L24 0 M44 38 L56 0 M76 36 L90 0 M104 38 L116 4 M20 46 L30 84 M52 46 L64 84 M84 43 L98 84"
        stroke="#7c9a68"
        fill="none"
        opacity="0.7"
      />
    </>
  );
}

function twigAt(perMm: number, fill = '#b99f7c', edge = '#6e5538'): ReactNode {
  const thick = within(TWIG_MM * perMm, 16, 62);
  const top = BOX.height / 2 - thick / 2;
  const foot = BOX.height / 2 + thick / 2;
  return (
    <>
      <rect width={BOX.width} height={BOX.height} fill="#f3f5ef" />
      <path
        d={`M0 ${top} Q40 ${top - 3} 72 ${top} T120 ${top - 1} V${foot} Q84 ${foot + 2} 50 ${foot} T0 ${foot}Z`}
        fill={fill}
        stroke={edge}
      />
      <path
        d={`M6 ${top + thick * 0.24} q20 -2 40 1 M60 ${top + thick * 0.74} q22 2 48 -1 M70 ${top + thick * 0.3} q16 1 30 -1`}
        stroke={edge}
        opacity="0.35"
        fill="none"
      />
    </>
  );
}

function needlesAt(perMm: number): ReactNode {
  const thick = within(NEEDLE_MM * perMm, 9, 40);
  return (
    <>
      <rect width={BOX.width} height={BOX.height} fill="#f3f5ef" />
      <path
        d="M-8 30 L128 11 M-8 48 L128 62"
        stroke="#5d7c4a"
        strokeWidth={thick}
        strokeLinecap="round"
        fill="none"
      />
      <path d="M-8 30 L128 11 M-8 48 L128 62" stroke="#86a56e" strokeWidth={thick * 0.25} fill="none" />
    </>
  );
}

const BARK = (
  <>
    <rect width={BOX.width} height={BOX.height} fill="#a08566" />
    <path
      d="M0 14 q30 6 60 0 t60 2 M0 36 q24 -6 50 2 t70 -2 M0 58 q40 6 70 -2 t50 4 M0 76 q30 -6 64 0 t56 -2"
      stroke="#5f4834"
      strokeWidth="1.2"
      fill="none"
      opacity="0.6"
    />
    <path d="M24 22 q6 4 12 0 M82 46 q8 4 16 0 M10 66 q6 4 12 0" stroke="#b89a78" fill="none" />
  </>
);

const FORK = (
  <>
    <rect width={BOX.width} height={BOX.height} fill="#f3f5ef" />
    <path
      d="M0 64 C30 60 46 56 56 46 C66 34 84 20 108 -4 L126 6 C104 24 88 40 80 52 C96 56 110 58 124 60 V84 C84 82 40 84 0 82Z"
      fill="#a98c68"
      stroke="#5a3f28"
      strokeLinejoin="round"
    />
  </>
);

const FROND = (
  <>
    <rect width={BOX.width} height={BOX.height} fill="#f3f5ef" />
    {[6, 27, 48, 69].map((y) => (
      <rect key={y} x="-4" y={y} width="128" height="15" rx="6" fill="#7f9f6b" stroke="#52703f" />
    ))}
  </>
);

const FRUIT = (
  <>
    <rect width={BOX.width} height={BOX.height} fill="#e2c064" />
    <path d="M0 0 Q60 30 120 0" fill="#ecd48c" opacity="0.7" />
  </>
);

const BLANK = <rect width={BOX.width} height={BOX.height} fill="#f3f5ef" />;

/** What a plate's subject sits on, at `perMm` steps of the box to a millimetre. */
export function groundOf(on: PlateGround, perMm: number): ReactNode {
  switch (on) {
    case 'leaf':
      return leafSkin('#9dba8b', '#6c8b58');
    case 'underleaf':
      return leafSkin('#bccfab', '#8aa476');
    case 'midrib':
      return midribSkin();
    case 'twig':
      return twigAt(perMm);
    case 'shoot':
      return twigAt(perMm, '#8fae6e', '#557a3c');
    case 'needles':
      return needlesAt(perMm);
    case 'bark':
      return BARK;
    case 'fork':
      return FORK;
    case 'frond':
      return FROND;
    case 'fruit':
      return FRUIT;
    case 'none':
      return BLANK;
  }
}
