import { LEAF, MIDRIB, type Plate } from './plate.tsx';

/** Signs of what mines, rolls, bites or sucks leaves. */
export const LEAF_PLATES: Readonly<Record<string, Plate>> = {
  trail: {
    shows: 'A pale winding trail with a thin dark line, widening to its end.',
    drawing: (
      <>
        {LEAF}
        <path
          d="M18 28 C26 16 30 36 38 24 S50 14 54 26 S62 28 66 18"
          fill="none"
          stroke="#eef0e4"
          strokeWidth="5"
          strokeLinecap="round"
        />
        <path
          d="M18 28 C26 16 30 36 38 24 S50 14 54 26 S62 28 66 18"
          fill="none"
          stroke="#5b5a45"
          strokeWidth="0.9"
        />
      </>
    ),
  },
  'rolled-edge': {
    shows: 'A soft leaf with its edge rolled over.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        <path d="M20 42 C34 50 54 44 66 30 C56 34 38 42 20 42Z" fill="#dfe6cf" stroke="#4c6b3f" />
      </>
    ),
  },
  blister: {
    shows: 'A leaf with a raised pale blister.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        <ellipse
          cx="40"
          cy="30"
          rx="13"
          ry="8"
          fill="#d7c98e"
          stroke="#8a7a3a"
          transform="rotate(-18 40 30)"
        />
        <ellipse cx="37" cy="27" rx="5" ry="2" fill="#fff" opacity="0.6" transform="rotate(-18 37 27)" />
      </>
    ),
  },
  larva: {
    shows: 'A mine against the light with a larva at its wide end.',
    drawing: (
      <>
        {LEAF}
        <path
          d="M16 30 C26 20 34 34 44 24 S58 16 62 22"
          fill="none"
          stroke="#eef0e4"
          strokeWidth="6"
          strokeLinecap="round"
        />
        <ellipse
          cx="61"
          cy="21"
          rx="4.500"
          ry="2.200"
          fill="#d9b13c"
          stroke="#7a5b10"
          strokeWidth="0.8"
          transform="rotate(20 61 21)"
        />
      </>
    ),
  },
  'hooked-shoot': {
    shows: 'A blackened shoot bent over like a hook.',
    drawing: (
      <>
        <path
          d="M30 56 V24 C30 6 52 6 52 22"
          fill="none"
          stroke="#231b16"
          strokeWidth="4.500"
          strokeLinecap="round"
        />
        {[
          [30, 40, 40],
          [30, 30, -140],
          [50, 22, 60],
        ].map(([x, y, turn]) => (
          <path
            key={y}
            d="M0 0 q6 8 2 18 q-8 -6 -2 -18Z"
            transform={`translate(${x} ${y}) rotate(${turn! - 40})`}
            fill="#3b2c22"
          />
        ))}
      </>
    ),
  },
  stipple: {
    shows: 'A leaf pricked all over with fine pale dots.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {Array.from({ length: 46 }, (_, i) => (
          <circle key={i} cx={14 + ((i * 17) % 54)} cy={16 + ((i * 11) % 24)} r="0.9" fill="#f1efc4" />
        ))}
      </>
    ),
  },
  web: {
    shows: 'Fine threads spun between two shoots.',
    drawing: (
      <>
        <path d="M12 52 L24 8 M66 52 L52 8" stroke="#4c6b3f" strokeWidth="3" strokeLinecap="round" />
        {[14, 22, 30, 38].map((y) => (
          <path
            key={y}
            d={`M${23 - (y - 8) / 4} ${y} Q40 ${y + 8} ${53 + (y - 8) / 4} ${y}`}
            fill="none"
            stroke="#8b8577"
            strokeWidth="0.8"
          />
        ))}
        <path d="M24 12 L62 44 M54 12 L16 44" stroke="#8b8577" strokeWidth="0.6" />
      </>
    ),
  },
  'silver-streaks': {
    shows: 'Silvery streaks with black specks on a leaf.',
    drawing: (
      <>
        {LEAF}
        {[
          [18, 28, 34, 24],
          [30, 36, 50, 30],
          [40, 20, 62, 16],
        ].map(([a, b, c, d]) => (
          <path key={a} d={`M${a} ${b} L${c} ${d}`} stroke="#e9ecec" strokeWidth="5" strokeLinecap="round" />
        ))}
        {[
          [24, 27],
          [42, 32],
          [50, 19],
        ].map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r="1" fill="#222" />
        ))}
      </>
    ),
  },
  chewed: {
    shows: 'A leaf with ragged bites and a caterpillar.',
    drawing: (
      <>
        <path
          d="M6 32 C14 10 44 4 74 12 C73 20 68 22 66 28 C60 26 58 32 60 36 C50 46 40 46 34 42 C34 36 26 38 24 42 C16 40 10 38 6 32Z"
          fill="#a9c29a"
          stroke="#4c6b3f"
          strokeWidth="1.500"
        />
        {[0, 5, 10, 15, 20].map((dx) => (
          <circle
            key={dx}
            cx={30 + dx}
            cy={22 - (dx % 10) / 5}
            r="3.600"
            fill="#5c7d33"
            stroke="#2f4317"
            strokeWidth="0.8"
          />
        ))}
      </>
    ),
  },
  galls: {
    shows: 'Round swellings on a leaf.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [26, 22, 4],
          [42, 16, 5],
          [50, 28, 4],
          [34, 34, 3.5],
        ].map(([x, y, r]) => (
          <circle key={x} cx={x} cy={y} r={r} fill="#b4553e" stroke="#6b2a1c" strokeWidth="0.8" />
        ))}
      </>
    ),
  },
  tent: {
    shows: 'A leaf drawn up into a flecked little tent.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        <path d="M30 34 Q42 10 56 28 Q44 36 30 34Z" fill="#cdd6a6" stroke="#4c6b3f" />
        {[
          [40, 24],
          [45, 22],
          [48, 27],
          [42, 30],
        ].map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r="1.300" fill="#f4f4dd" />
        ))}
      </>
    ),
  },
};
