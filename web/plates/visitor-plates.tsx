import { LEAF, MIDRIB, TWIG, type Plate } from './plate.tsx';

/** Others that are met on the way: look-alikes and helpers. */
export const VISITOR_PLATES: Readonly<Record<string, Plate>> = {
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
};
