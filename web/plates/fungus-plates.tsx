import { LEAF, MIDRIB, type Plate } from './plate.tsx';

/** Signs of fungal disease, and the injuries taken for it. */
export const FUNGUS_PLATES: Readonly<Record<string, Plate>> = {
  'fringed-spots': {
    shows: 'A yellowing leaf with feathered black spots.',
    drawing: (
      <>
        <path
          d="M6 32 C14 10 44 4 74 12 C70 40 36 54 6 32Z"
          fill="#d6cf6a"
          stroke="#6b6b2a"
          strokeWidth="1.500"
        />
        {[
          [28, 26],
          [46, 20],
          [42, 36],
        ].map(([x, y]) => (
          <g key={x} transform={`translate(${x} ${y})`} stroke="#1f1b17" strokeWidth="1.200">
            <circle r="5" fill="#1f1b17" />
            <path d="M0 -8V8M-8 0H8M-6 -6L6 6M6 -6L-6 6" />
          </g>
        ))}
      </>
    ),
  },
  'velvet-spots': {
    shows: 'A leaf with dull olive spots without a sharp edge.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [26, 26, 6],
          [44, 22, 7],
          [40, 38, 5],
        ].map(([x, y, r]) => (
          <g key={x}>
            <circle cx={x} cy={y} r={r! + 2} fill="#5f6136" opacity="0.4" />
            <circle cx={x} cy={y} r={r} fill="#4d4c2a" opacity="0.8" />
          </g>
        ))}
      </>
    ),
  },
  'white-bloom': {
    shows: 'A leaf dusted white.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        <path d="M14 30 C24 14 46 10 66 14 C58 28 36 42 14 30Z" fill="#fff" opacity="0.75" />
      </>
    ),
  },
  dieback: {
    shows: 'A branch whose outer twigs are bare.',
    drawing: (
      <>
        <path
          d="M4 50 C24 44 34 30 76 8 M30 36 L22 14 M48 24 L60 40 M40 30 L46 8"
          fill="none"
          stroke="#7a4a27"
          strokeWidth="3.500"
          strokeLinecap="round"
        />
        <ellipse cx="16" cy="42" rx="8" ry="4" fill="#a9c29a" stroke="#4c6b3f" />
        <ellipse cx="28" cy="50" rx="8" ry="4" fill="#a9c29a" stroke="#4c6b3f" />
      </>
    ),
  },
  'tar-dots': {
    shows: 'Shiny black dots under a leaf.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [22, 28],
          [32, 22],
          [44, 26],
          [54, 18],
          [38, 36],
          [50, 30],
          [28, 34],
        ].map(([x, y]) => (
          <g key={x}>
            <circle cx={x} cy={y} r="2.200" fill="#191512" />
            <circle cx={x! - 0.7} cy={y! - 0.7} r="0.600" fill="#fff" />
          </g>
        ))}
      </>
    ),
  },
  'rust-dots': {
    shows: 'A leaf with orange powdery dots.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [20, 28],
          [28, 22],
          [36, 32],
          [42, 20],
          [50, 28],
          [58, 18],
          [32, 38],
          [46, 36],
        ].map(([x, y]) => (
          <g key={x}>
            <circle cx={x} cy={y} r="3.600" fill="#d8923a" opacity="0.45" />
            <circle cx={x} cy={y} r="1.900" fill="#b8560f" />
          </g>
        ))}
      </>
    ),
  },
  'red-pucker': {
    shows: 'A thick, blistered leaf flushed red.',
    drawing: (
      <>
        <path
          d="M6 32 C8 12 24 16 32 8 C42 14 50 4 74 12 C70 24 66 28 62 38 C50 36 46 50 32 44 C22 48 16 38 6 32Z"
          fill="#c8594a"
          stroke="#7d2519"
          strokeWidth="1.500"
        />
        <path d="M16 28 q6 -10 12 0 q6 -12 14 0 q6 -10 14 -4" fill="none" stroke="#7d2519" />
      </>
    ),
  },
  'shot-holes': {
    shows: 'A leaf with round holes rimmed brown.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [24, 26, 3.5],
          [36, 18, 3],
          [44, 32, 4],
          [56, 20, 3],
        ].map(([x, y, r]) => (
          <circle key={x} cx={x} cy={y} r={r} fill="#f3f5ef" stroke="#7a4a27" strokeWidth="1.400" />
        ))}
      </>
    ),
  },
  'brown-blossom': {
    shows: 'Withered brown blossoms hanging on a twig.',
    drawing: (
      <>
        <path
          d="M6 44 C26 36 50 30 76 12"
          fill="none"
          stroke="#7a4a27"
          strokeWidth="4"
          strokeLinecap="round"
        />
        {[
          [28, 40],
          [44, 34],
          [60, 26],
        ].map(([x, y]) => (
          <g key={x} transform={`translate(${x} ${y})`}>
            {[0, 72, 144, 216, 288].map((turn) => (
              <ellipse
                key={turn}
                cy="5"
                rx="2.400"
                ry="4.500"
                transform={`translate(0 6) rotate(${turn})`}
                fill="#9a7350"
                stroke="#5e3d22"
                strokeWidth="0.6"
              />
            ))}
          </g>
        ))}
      </>
    ),
  },
  'red-grey-spots': {
    shows: 'Small dark red spots with grey centres.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [22, 26, 4],
          [36, 20, 5],
          [48, 28, 4.5],
          [58, 18, 3.5],
          [36, 36, 4],
        ].map(([x, y, r]) => (
          <g key={x}>
            <circle cx={x} cy={y} r={r} fill="#7d1d24" />
            <circle cx={x} cy={y} r={r! * 0.5} fill="#b5b1a8" />
          </g>
        ))}
      </>
    ),
  },
  'greasy-blotch': {
    shows: 'Yellow-brown blotches with a greasy shine.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        <path d="M20 30 q8 -10 16 -4 q10 -2 6 8 q-12 8 -22 -4Z" fill="#8a6a2a" opacity="0.85" />
        <path d="M48 20 q8 -6 14 0 q-2 8 -12 6Z" fill="#8a6a2a" opacity="0.85" />
        <path d="M24 28 q5 -5 9 -2" stroke="#f4e7b0" fill="none" />
      </>
    ),
  },
  'rough-specks': {
    shows: 'A leaf rough with raised brown specks.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {Array.from({ length: 26 }, (_, i) => (
          <circle
            key={i}
            cx={16 + ((i * 19) % 50)}
            cy={17 + ((i * 13) % 22)}
            r="1.300"
            fill="#6b3d18"
            stroke="#3d220c"
            strokeWidth="0.4"
          />
        ))}
      </>
    ),
  },
  'jelly-horns': {
    shows: 'A brown gall with orange jelly horns.',
    drawing: (
      <>
        <path d="M6 50 L74 6" stroke="#4c6b3f" strokeWidth="3" />
        <circle cx="40" cy="28" r="10" fill="#7a4a27" stroke="#4d2c14" />
        {[0, 50, 100, 150, 200, 250, 300].map((turn) => (
          <path
            key={turn}
            d="M0 -9 q3 -8 0 -14"
            transform={`translate(40 28) rotate(${turn})`}
            fill="none"
            stroke="#e07b1a"
            strokeWidth="3.500"
            strokeLinecap="round"
          />
        ))}
      </>
    ),
  },
  scorch: {
    shows: 'A leaf scorched brown on one side.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        <path d="M6 32 C14 10 44 4 74 12 C52 16 28 22 6 32Z" fill="#a06a34" />
      </>
    ),
  },
  'corky-bumps': {
    shows: 'Pale corky bumps under a leaf.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [22, 28],
          [30, 22],
          [40, 30],
          [50, 20],
          [46, 34],
          [34, 36],
        ].map(([x, y]) => (
          <path
            key={x}
            d={`M${x! - 3} ${y! + 1} q3 -5 6 0 q-3 3 -6 0Z`}
            fill="#c9ab7d"
            stroke="#7d5f36"
            strokeWidth="0.7"
          />
        ))}
      </>
    ),
  },
  'grey-growth': {
    shows: 'Flat grey-green rosettes on bark.',
    drawing: (
      <>
        <rect x="14" width="52" height="56" fill="#7a5a3c" />
        {[
          [30, 16, 9],
          [48, 30, 11],
          [30, 42, 8],
        ].map(([x, y, r]) => (
          <g key={y}>
            {[0, 60, 120, 180, 240, 300].map((turn) => (
              <ellipse
                key={turn}
                cx={x}
                cy={y! - r! * 0.55}
                rx={r! * 0.5}
                ry={r! * 0.55}
                fill="#aebfa6"
                stroke="#74876c"
                strokeWidth="0.7"
                transform={`rotate(${turn} ${x} ${y})`}
              />
            ))}
          </g>
        ))}
      </>
    ),
  },
};
