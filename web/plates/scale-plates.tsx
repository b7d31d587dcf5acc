import { LEAF, MIDRIB, TWIG, shield, type Plate } from './plate.tsx';

/** Signs of scale, and what a fingernail tells of it. */
export const SCALE_PLATES: Readonly<Record<string, Plate>> = {
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
};
