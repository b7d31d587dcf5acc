import type { ReactNode } from 'react';

/**
 * Our own drawings of signs and tests, by the id of the check they belong to. Each says in words what
 * it shows.
 */
interface Plate {
  readonly shows: string;
  readonly drawing: ReactNode;
}

const LEAF = (
  <path d="M6 32 C14 10 44 4 74 12 C70 40 36 54 6 32Z" fill="#a9c29a" stroke="#4c6b3f" strokeWidth="1.5" />
);
const MIDRIB = <path d="M6 32 C28 30 52 22 74 12" fill="none" stroke="#4c6b3f" strokeWidth="1.5" />;
const TWIG = (
  <path d="M2 40 C24 34 44 38 78 26" fill="none" stroke="#7a4a27" strokeWidth="9" strokeLinecap="round" />
);
const shield = (x: number, y: number, turn = 0) => (
  <path
    key={`${x}-${y}`}
    d="M0 -5 C4 -4 5 3 0 7 C-5 3 -4 -4 0 -5Z"
    transform={`translate(${x} ${y}) rotate(${turn})`}
    fill="#8a6f55"
    stroke="#4d3523"
    strokeWidth="0.9"
  />
);

const PLATES: Readonly<Record<string, Plate>> = {
  sticky: {
    shows: 'A leaf with shining drops hanging from its edge.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [30, 46],
          [44, 45],
          [57, 39],
        ].map(([x, y]) => (
          <path
            key={x}
            d={`M${x} ${y} q-4 7 0 9 q4 -2 0 -9Z`}
            fill="#d8b14a"
            stroke="#8a6b16"
            strokeWidth="0.8"
          />
        ))}
      </>
    ),
  },
  'black-film': {
    shows: 'A leaf half covered by a sooty film with one wiped streak.',
    drawing: (
      <>
        {LEAF}
        <path d="M12 30 C20 14 44 8 66 13 C60 32 36 46 12 30Z" fill="#2b2925" opacity="0.8" />
        <path d="M26 20 L46 36" stroke="#a9c29a" strokeWidth="6" strokeLinecap="round" />
      </>
    ),
  },
  ants: {
    shows: 'Two ants walking up a stem.',
    drawing: (
      <>
        {TWIG}
        {[
          [28, 31],
          [52, 29],
        ].map(([x, y]) => (
          <g key={x} transform={`translate(${x} ${y})`} fill="#2b2118">
            <circle cx="-5" r="3" />
            <circle r="2" />
            <circle cx="5" r="2.6" />
            <path d="M-3 2l-4 5M0 2v5M3 2l4 5M-3 -2l-4 -5M0 -2v-5M3 -2l4 -5" stroke="#2b2118" />
          </g>
        ))}
      </>
    ),
  },
  'yellow-speckle': {
    shows: 'A green leaf with pale yellow blotches.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [24, 26, 4],
          [38, 18, 5],
          [48, 30, 4],
          [58, 20, 3.5],
          [34, 36, 3],
        ].map(([x, y, r]) => (
          <circle key={x} cx={x} cy={y} r={r} fill="#e6d470" />
        ))}
      </>
    ),
  },
  'white-flecks': {
    shows: 'A twig and leaf crowded with narrow white flecks.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [20, 28, 20],
          [28, 20, 70],
          [36, 28, 10],
          [42, 16, 50],
          [48, 26, 100],
          [56, 16, 30],
          [60, 26, 80],
          [30, 36, 60],
        ].map(([x, y, t]) => (
          <rect
            key={`${x}${y}`}
            x="-4.500"
            y="-1.300"
            width="9"
            height="2.600"
            rx="1"
            transform={`translate(${x} ${y}) rotate(${t})`}
            fill="#fff"
            stroke="#777"
            strokeWidth="0.6"
          />
        ))}
      </>
    ),
  },
  crust: {
    shows: 'A twig crusted with overlapping brown shields.',
    drawing: (
      <>
        {TWIG}
        {[
          [12, 37, 60],
          [20, 34, 90],
          [28, 37, 75],
          [36, 34, 100],
          [44, 36, 80],
          [52, 32, 70],
          [60, 33, 95],
        ].map(([x, y, t]) => shield(x!, y!, t))}
      </>
    ),
  },
  domes: {
    shows: 'Smooth brown domes in a row along a midrib.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [22, 30],
          [36, 26],
          [50, 21],
        ].map(([x, y]) => (
          <path key={x} d={`M${x! - 6} ${y} a6 6 0 0 1 12 0Z`} fill="#9c6840" stroke="#532f16" />
        ))}
      </>
    ),
  },
  'white-felt': {
    shows: 'White felt packed into a fork of bark.',
    drawing: (
      <>
        <path
          d="M4 46 C28 40 36 30 76 44 M34 36 C44 26 58 18 74 10"
          fill="none"
          stroke="#7a4a27"
          strokeWidth="10"
          strokeLinecap="round"
        />
        {[
          [34, 32],
          [40, 27],
          [30, 37],
          [46, 31],
          [39, 36],
        ].map(([x, y]) => (
          <ellipse
            key={`${x}${y}`}
            cx={x}
            cy={y}
            rx="5"
            ry="3.600"
            fill="#f5f2ec"
            stroke="#8b8577"
            strokeWidth="0.8"
          />
        ))}
      </>
    ),
  },
  'cotton-sac': {
    shows: 'A brown insect with a ribbed white egg sac longer than itself.',
    drawing: (
      <>
        {TWIG}
        <g transform="translate(40 26) rotate(-14)">
          <path d="M-4 -8 h22 q7 8 0 16 h-22Z" fill="#f7f4ee" stroke="#8b8577" />
          <path d="M2 -8v16M8 -8v16M14 -8v16" stroke="#8b8577" strokeWidth="0.8" />
          <ellipse cx="-9" rx="8" ry="8" fill="#a8562b" stroke="#532f16" />
        </g>
      </>
    ),
  },
  'red-halo': {
    shows: 'A fruit with red rings round small grey specks.',
    drawing: (
      <>
        <circle cx="40" cy="30" r="24" fill="#cfd58a" stroke="#6c7440" strokeWidth="1.500" />
        {[
          [32, 24],
          [46, 20],
          [44, 38],
          [30, 40],
        ].map(([x, y]) => (
          <g key={`${x}${y}`}>
            <circle cx={x} cy={y} r="5" fill="none" stroke="#a1281b" strokeWidth="2" />
            <circle cx={x} cy={y} r="2" fill="#5f5a52" />
          </g>
        ))}
      </>
    ),
  },
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
  lift: {
    shows: 'A blade lifts a cover off a separate soft body.',
    drawing: (
      <>
        {TWIG}
        <ellipse cx="42" cy="31" rx="7" ry="4" fill="#e8c14f" stroke="#8a6b16" />
        <path d="M34 24 C38 14 50 14 54 20 L44 24Z" fill="#8a6f55" stroke="#4d3523" />
        <path d="M52 22 L78 6 L76 12 L56 26Z" fill="#b9c0c4" stroke="#5d666b" />
      </>
    ),
  },
  press: {
    shows: 'A fingertip presses a scale and fluid comes out.',
    drawing: (
      <>
        {TWIG}
        <path d="M30 2 q10 -4 16 4 l-2 18 q-7 5 -12 0Z" fill="#e3b692" stroke="#8a5a38" />
        <path d="M32 30 q7 5 14 0" stroke="#d8b14a" strokeWidth="5" fill="none" strokeLinecap="round" />
      </>
    ),
  },
  'turn-over': {
    shows: 'A cover turned on its back, with eggs in it.',
    drawing: (
      <>
        <path
          d="M16 24 C22 50 58 50 64 24 C52 32 28 32 16 24Z"
          fill="#8a6f55"
          stroke="#4d3523"
          strokeWidth="1.500"
        />
        {[
          [32, 33],
          [38, 35],
          [44, 34],
          [50, 32],
          [35, 39],
          [42, 40],
          [47, 38],
        ].map(([x, y]) => (
          <ellipse
            key={`${x}${y}`}
            cx={x}
            cy={y}
            rx="2.600"
            ry="1.800"
            fill="#e8a14f"
            stroke="#8a5a16"
            strokeWidth="0.6"
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
  walks: {
    shows: 'A twig tapped over white paper; specks leave short tracks.',
    drawing: (
      <>
        <path d="M6 10 L60 20" stroke="#7a4a27" strokeWidth="5" strokeLinecap="round" />
        <path d="M8 32 L74 28 L76 52 L12 54Z" fill="#fff" stroke="#8b8577" />
        {[
          [24, 40],
          [42, 38],
          [58, 44],
          [34, 48],
        ].map(([x, y]) => (
          <g key={x}>
            <circle cx={x} cy={y} r="1.8" fill="#8a3b1e" />
            <path
              d={`M${x! - 2} ${y} q-4 3 -8 1`}
              fill="none"
              stroke="#8a3b1e"
              strokeWidth="0.6"
              strokeDasharray="1 1"
            />
          </g>
        ))}
      </>
    ),
  },
  'soft-clusters': {
    shows: 'Soft pear-shaped insects crowding a shoot tip.',
    drawing: (
      <>
        <path
          d="M40 54 C40 36 40 24 42 6"
          stroke="#4c6b3f"
          strokeWidth="4"
          fill="none"
          strokeLinecap="round"
        />
        {[
          [37, 14],
          [45, 18],
          [36, 24],
          [45, 28],
          [37, 34],
          [46, 38],
          [38, 43],
        ].map(([x, y]) => (
          <g key={`${x}${y}`}>
            <ellipse cx={x} cy={y} rx="4.600" ry="3.400" fill="#8fae5a" stroke="#3f5a26" strokeWidth="0.8" />
            <path d={`M${x! + 2} ${y! - 3} l2 -2`} stroke="#3f5a26" strokeWidth="0.8" />
          </g>
        ))}
      </>
    ),
  },
  'white-flies': {
    shows: 'Small white flies rising from a leaf.',
    drawing: (
      <>
        {LEAF}
        {MIDRIB}
        {[
          [22, 10],
          [40, 6],
          [56, 8],
          [66, 22],
          [30, 20],
        ].map(([x, y]) => (
          <g key={x} transform={`translate(${x} ${y})`}>
            <ellipse
              cx="-3"
              rx="3.400"
              ry="2"
              fill="#fff"
              stroke="#888"
              strokeWidth="0.6"
              transform="rotate(-24)"
            />
            <ellipse
              cx="3"
              rx="3.400"
              ry="2"
              fill="#fff"
              stroke="#888"
              strokeWidth="0.6"
              transform="rotate(24)"
            />
          </g>
        ))}
      </>
    ),
  },
  mealy: {
    shows: 'White mealy insects with fringed edges in a leaf angle.',
    drawing: (
      <>
        <path d="M20 54 L34 4 M30 26 L70 14" stroke="#4c6b3f" strokeWidth="4" strokeLinecap="round" />
        {[
          [38, 22],
          [32, 33],
          [46, 24],
        ].map(([x, y]) => (
          <g key={x} transform={`translate(${x} ${y})`}>
            <ellipse rx="6.500" ry="4" fill="#f5f2ec" stroke="#8b8577" strokeWidth="0.8" />
            {[-5, -2.5, 0, 2.5, 5].map((dx) => (
              <path key={dx} d={`M${dx} 3.500 v3 M${dx} -3.500 v-3`} stroke="#8b8577" strokeWidth="0.8" />
            ))}
          </g>
        ))}
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
  'h-ridge': {
    shows: 'A dark dome with ridges like a letter H.',
    drawing: (
      <>
        {TWIG}
        <path d="M22 34 a18 18 0 0 1 36 0Z" fill="#3d2b20" stroke="#1d140e" />
        <path d="M33 32 V21 M47 32 V21 M33 26 H47" stroke="#8b7461" strokeWidth="2" />
      </>
    ),
  },
  'wax-lump': {
    shows: 'A thick lump of white wax on a twig.',
    drawing: (
      <>
        {TWIG}
        <path d="M24 34 C22 18 34 10 42 14 C54 10 60 24 56 34Z" fill="#f3ece6" stroke="#a08b80" />
        <path d="M42 14 q4 -7 8 -5" fill="none" stroke="#a08b80" strokeWidth="2" />
        <path d="M32 28 q8 -8 18 -2" fill="none" stroke="#d9c4bb" strokeWidth="2" />
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
  'woolly-walkers': {
    shows: 'A white woolly larva walking on six legs.',
    drawing: (
      <>
        {TWIG}
        <g transform="translate(40 22)">
          {[-12, -8, -4, 0, 4, 8, 12].map((dx) => (
            <path
              key={dx}
              d={`M${dx} 0 q-2 -9 ${dx % 8 === 0 ? 3 : -3} -13 M${dx} 2 q2 7 -2 10`}
              stroke="#cfc7b8"
              strokeWidth="3"
              fill="none"
              strokeLinecap="round"
            />
          ))}
          <ellipse rx="15" ry="5" fill="#efeae0" stroke="#8b8577" />
          {[-10, -5, 0].map((dx) => (
            <path key={dx} d={`M${dx - 2} 4 l-3 6`} stroke="#4a423a" />
          ))}
          <circle cx="-15" r="2.600" fill="#4a423a" />
        </g>
      </>
    ),
  },
  'stalked-eggs': {
    shows: 'Tiny eggs standing on hairs under a leaf.',
    drawing: (
      <>
        {LEAF}
        {[22, 31, 40, 49, 58].map((x, i) => (
          <g key={x}>
            <path d={`M${x} ${40 - i} v-16`} stroke="#f4f4ec" />
            <ellipse
              cx={x}
              cy={22 - i}
              rx="1.800"
              ry="2.800"
              fill="#eef3d8"
              stroke="#6b7a4a"
              strokeWidth="0.7"
            />
          </g>
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
  where: {
    shows: 'A twig with a leaf: midrib, young wood, old wood and a fork.',
    drawing: (
      <>
        <path
          d="M4 52 C24 44 30 36 50 30"
          fill="none"
          stroke="#7a4a27"
          strokeWidth="9"
          strokeLinecap="round"
        />
        <path d="M40 34 L62 12" stroke="#8f7a45" strokeWidth="4" strokeLinecap="round" />
        <path d="M50 24 C54 12 66 10 76 12 C74 22 64 30 50 24Z" fill="#a9c29a" stroke="#4c6b3f" />
        <path d="M50 24 L74 13" stroke="#4c6b3f" />
      </>
    ),
  },
  shape: {
    shows: 'Four cover shapes: mussel, pear, round with a cap, dome.',
    drawing: (
      <>
        <path d="M8 10 q6 -4 10 4 q4 10 -2 20 q-6 -8 -8 -24Z" fill="#8a6f55" stroke="#4d3523" />
        <path d="M30 8 q8 8 4 20 q-8 2 -8 -6 q0 -8 4 -14Z" fill="#9a7d5f" stroke="#4d3523" />
        <circle cx="54" cy="18" r="10" fill="#a59a88" stroke="#4d3523" />
        <circle cx="54" cy="18" r="3.500" fill="#c9bda8" stroke="#4d3523" strokeWidth="0.7" />
        <path d="M26 50 a14 14 0 0 1 28 0Z" fill="#9c6840" stroke="#532f16" />
      </>
    ),
  },
  crawlers: {
    shows: 'A band of clear tape round a twig with yellow specks on it.',
    drawing: (
      <>
        {TWIG}
        <path d="M32 18 L50 14 L54 46 L36 50Z" fill="#dfe8ec" opacity="0.85" stroke="#8aa0a8" />
        {[
          [38, 24],
          [44, 22],
          [42, 30],
          [48, 34],
          [40, 38],
          [46, 42],
        ].map(([x, y]) => (
          <ellipse key={`${x}${y}`} cx={x} cy={y} rx="1.700" ry="1.200" fill="#e0a51e" />
        ))}
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
};

/** The drawing that belongs to a check, if there is one. */
export function PlateFor({ checkId, className = 'w-20 h-14' }: { checkId: string; className?: string }) {
  const plate = PLATES[checkId];
  if (!plate) return null;
  return (
    <svg
      viewBox="0 0 80 56"
      role="img"
      aria-label={plate.shows}
      className={`shrink-0 rounded-md bg-[#f3f5ef] ${className}`}
    >
      {plate.drawing}
    </svg>
  );
}
