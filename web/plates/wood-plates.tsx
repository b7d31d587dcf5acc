import { type Plate, TWIG } from './plate.tsx';

const TRUNK = <path d="M26 56 C30 38 28 18 30 0 H52 C52 18 52 38 56 56Z" fill="#8d6a4a" stroke="#5a3f28" />;

/** Signs on wood, buds and flowers, and insects seen beside them. */
export const WOOD_PLATES: Readonly<Record<string, Plate>> = {
  'gum-ooze': {
    shows: 'A trunk with drops of amber gum.',
    drawing: (
      <>
        {TRUNK}
        <path d="M40 14 q6 8 3 16 q-3 5 -6 0 q-2 -8 3 -16Z" fill="#c9741a" />
        <circle cx="46" cy="36" r="4" fill="#a85a12" />
        <path d="M40 18 q2 4 1 8" stroke="#f4d9a4" fill="none" />
      </>
    ),
  },
  'sunken-bark': {
    shows: 'A trunk with a sunken, cracked patch of dead bark.',
    drawing: (
      <>
        {TRUNK}
        <ellipse cx="41" cy="28" rx="8" ry="16" fill="#4a3423" stroke="#2f2015" />
        <path d="M38 18 l3 6 l-2 6 l4 6 l-2 6" stroke="#1d140d" fill="none" />
      </>
    ),
  },
  'trunk-base': {
    shows: 'A trunk with a dark patch where it meets the soil.',
    drawing: (
      <>
        {TRUNK}
        <path d="M27 52 C30 36 44 34 54 52Z" fill="#3d2a1c" />
        <rect x="0" y="50" width="80" height="6" fill="#6b5a3a" />
      </>
    ),
  },
  wilting: {
    shows: 'A shoot whose leaves hang limp.',
    drawing: (
      <>
        <path d="M40 56 V20 q0 -10 10 -8" fill="none" stroke="#7a4a27" strokeWidth="3" />
        <g fill="#93ad7c" stroke="#4c6b3f">
          <path d="M40 26 q-16 4 -16 24 q12 -4 16 -24Z" />
          <path d="M40 30 q16 4 16 22 q-12 -2 -16 -22Z" />
          <path d="M50 12 q12 8 8 22 q-10 -6 -8 -22Z" />
        </g>
      </>
    ),
  },
  'bore-holes': {
    shows: 'A trunk with round holes and sawdust below.',
    drawing: (
      <>
        {TRUNK}
        <circle cx="38" cy="16" r="3.5" fill="#1d140d" />
        <circle cx="45" cy="30" r="3" fill="#1d140d" />
        <g fill="#e6cfa4">
          {[
            [36, 22],
            [39, 25],
            [44, 36],
            [47, 39],
            [42, 40],
            [40, 46],
            [46, 47],
          ].map(([x, y]) => (
            <circle key={`${x}${y}`} cx={x} cy={y} r="1.6" />
          ))}
        </g>
      </>
    ),
  },
  'stained-wood': {
    shows: 'A twig cut across with a dark ring in the wood.',
    drawing: (
      <>
        <circle cx="40" cy="28" r="22" fill="#8d6a4a" stroke="#5a3f28" />
        <circle cx="40" cy="28" r="18" fill="#e8d3a8" />
        <circle cx="40" cy="28" r="12" fill="none" stroke="#4f5a35" strokeWidth="3" strokeDasharray="7 3" />
      </>
    ),
  },
  toadstools: {
    shows: 'Toadstools at the base of a trunk.',
    drawing: (
      <>
        {TRUNK}
        <rect x="0" y="50" width="80" height="6" fill="#6b5a3a" />
        {[
          [16, 40],
          [26, 44],
          [62, 42],
        ].map(([x, y]) => (
          <g key={x}>
            <path d={`M${x} ${y} v12`} stroke="#e8dcc0" strokeWidth="3" />
            <path d={`M${x! - 7} ${y! + 1} q7 -10 14 0Z`} fill="#c08a3a" stroke="#7a5520" />
          </g>
        ))}
      </>
    ),
  },
  gnawed: {
    shows: 'A trunk stripped of bark with tooth marks.',
    drawing: (
      <>
        {TRUNK}
        <path d="M30 24 q12 -8 22 0 l1 16 q-12 8 -24 0Z" fill="#ecd9ae" stroke="#a8763d" />
        <path d="M33 28 l4 6 M39 26 l3 7 M45 27 l3 6 M36 36 l4 4 M44 36 l4 4" stroke="#a8763d" />
      </>
    ),
  },
  'petal-rot': {
    shows: 'A flower whose petals brown from the middle, veins darker.',
    drawing: (
      <>
        {[0, 72, 144, 216, 288].map((turn) => (
          <g key={turn} transform={`rotate(${turn} 40 28)`}>
            <path d="M40 28 q-10 -12 0 -24 q10 12 0 24Z" fill="#e9aabb" stroke="#b56b80" />
            <path d="M40 28 q-6 -8 0 -15 q6 7 0 15Z" fill="#8a5a2f" />
            <path d="M40 26 V10" stroke="#4d2f16" strokeWidth="0.8" />
          </g>
        ))}
      </>
    ),
  },
  'fallen-buds': {
    shows: 'A twig with one brown bud and another that has fallen.',
    drawing: (
      <>
        <path
          d="M4 16 C30 10 50 14 76 8"
          fill="none"
          stroke="#7a4a27"
          strokeWidth="5"
          strokeLinecap="round"
        />
        <path d="M36 12 q-8 10 0 18 q8 -8 0 -18Z" fill="#7a5230" stroke="#4d3315" />
        <path d="M56 40 q10 -2 14 6 q-10 4 -14 -6Z" fill="#7a5230" stroke="#4d3315" />
        <path d="M2 52 H78" stroke="#6b5a3a" strokeWidth="3" />
      </>
    ),
  },
  'white-wool': {
    shows: 'A twig with loose white wool in a wound.',
    drawing: (
      <>
        {TWIG}
        <g fill="#fdfdfb" stroke="#c9cdc4" strokeWidth="0.8">
          {[
            [30, 34],
            [36, 30],
            [42, 33],
            [38, 38],
            [46, 30],
          ].map(([x, y]) => (
            <circle key={`${x}${y}`} cx={x} cy={y} r="6" />
          ))}
        </g>
        <path d="M28 38 q-4 8 -2 12 M44 38 q6 6 3 12" stroke="#eef0ea" strokeWidth="2" fill="none" />
      </>
    ),
  },
  hoppers: {
    shows: 'A small broad-winged insect leaping off a stem.',
    drawing: (
      <>
        <path d="M10 56 V4" stroke="#6f9459" strokeWidth="5" />
        <path d="M16 40 q16 -26 34 -20" fill="none" stroke="#9aa39a" strokeDasharray="3 3" />
        <path d="M50 12 l18 4 l-8 14 l-14 -4Z" fill="#a8906a" stroke="#5a4630" />
        <path d="M52 30 l-4 8 M58 30 l4 7" stroke="#5a4630" />
      </>
    ),
  },
  'big-bugs': {
    shows: 'A large flat bug on a shoot.',
    drawing: (
      <>
        <path d="M6 48 C30 40 52 40 76 30" fill="none" stroke="#6f9459" strokeWidth="4" />
        <path
          d="M40 8 l14 8 l4 16 l-18 12 l-18 -12 l4 -16Z"
          fill="#c8772a"
          stroke="#6b3a10"
          strokeWidth="1.5"
        />
        <path d="M26 16 H54 M40 16 L33 40 M40 16 L47 40" stroke="#6b3a10" />
        <path d="M36 8 L32 0 M44 8 L48 0" stroke="#6b3a10" />
      </>
    ),
  },
  froth: {
    shows: 'A blob of froth in the angle of a leaf.',
    drawing: (
      <>
        <path d="M40 56 V6 M40 34 q18 -2 26 -16" fill="none" stroke="#6f9459" strokeWidth="4" />
        <g fill="#f7faf8" stroke="#c3ccc6">
          {[
            [38, 30, 6],
            [46, 32, 6],
            [42, 25, 6],
            [48, 25, 5],
            [36, 36, 5],
            [44, 38, 5],
          ].map(([x, y, r]) => (
            <circle key={`${x}${y}`} cx={x} cy={y} r={r} />
          ))}
        </g>
      </>
    ),
  },
  'no-mark': {
    shows: 'A fly resting on a sound leaf.',
    drawing: (
      <>
        <path
          d="M6 32 C14 10 44 4 74 12 C70 40 36 54 6 32Z"
          fill="#a9c29a"
          stroke="#4c6b3f"
          strokeWidth="1.5"
        />
        <ellipse cx="42" cy="26" rx="9" ry="5" fill="#3a3f45" transform="rotate(-16 42 26)" />
        <path
          d="M42 24 q10 -12 18 -8 q-6 10 -18 8Z M40 26 q6 12 16 12 q-2 -10 -16 -12Z"
          fill="#dfe6ea"
          opacity="0.8"
        />
        <circle cx="33" cy="28" r="3.4" fill="#7a2a22" />
      </>
    ),
  },
  colour: {
    shows: 'Patches of the colours to choose from.',
    drawing: (
      <>
        {['#ffffff', '#9a9a94', '#7a4a27', '#1f1b17', '#d9701d', '#e3c62f', '#a8324a', '#6f8a3f'].map(
          (fill, i) => (
            <circle
              key={fill}
              cx={14 + (i % 4) * 17}
              cy={i < 4 ? 18 : 39}
              r="7"
              fill={fill}
              stroke="#6b6b60"
              strokeWidth="0.8"
            />
          ),
        )}
      </>
    ),
  },
};
