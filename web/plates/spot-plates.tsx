import type { ReactNode } from 'react';
import { LEAF, MIDRIB, type Plate } from './plate.tsx';

type Point = readonly [x: number, y: number];

const SPOTS: readonly Point[] = [
  [24, 27],
  [40, 20],
  [56, 20],
  [34, 36],
  [50, 33],
];

/** A leaf with something at some places. */
const onLeaf = (
  shows: string,
  mark: (x: number, y: number) => ReactNode,
  at: readonly Point[] = SPOTS,
): Plate => ({
  shows,
  drawing: (
    <>
      {LEAF}
      {MIDRIB}
      {at.map(([x, y]) => (
        <g key={`${x}-${y}`}>{mark(x, y)}</g>
      ))}
    </>
  ),
});

const FRUIT = <circle cx="40" cy="29" r="22" fill="#d9b45a" stroke="#8a6a20" strokeWidth="1.5" />;
const onFruit = (shows: string, marks: ReactNode): Plate => ({
  shows,
  drawing: (
    <>
      {FRUIT}
      <path d="M40 7 L42 2" stroke="#5b4a2a" strokeWidth="2" />
      {marks}
    </>
  ),
});

/** Spots, blotches and other changes of leaves and fruit. */
export const SPOT_PLATES: Readonly<Record<string, Plate>> = {
  'angular-spots': onLeaf('A leaf with straight-sided brown spots between the veins.', (x, y) => (
    <path
      d={`M${x - 4} ${y - 2} l5 -3 l4 3 l-2 5 l-6 0Z`}
      fill="#9a7b2f"
      stroke="#6b5220"
      strokeWidth="0.6"
    />
  )),
  'down-beneath': onLeaf('The underside of a leaf with patches of pale down.', (x, y) => (
    <g stroke="#f4f2fb" strokeWidth="1">
      {[-4, -2, 0, 2, 4].map((dx) => (
        <path key={dx} d={`M${x + dx} ${y + 3} v-6`} />
      ))}
    </g>
  )),
  'round-brown-spots': onLeaf('A leaf with round brown spots, each with a darker rim.', (x, y) => (
    <circle cx={x} cy={y} r="4.5" fill="#b08a57" stroke="#4d3315" strokeWidth="1.6" />
  )),
  'purple-spots': onLeaf(
    'A yellowing leaf with many small purple spots.',
    (x, y) => <circle cx={x} cy={y} r="2.2" fill="#6d2a4f" />,
    [...SPOTS, [30, 22], [46, 27], [62, 16], [40, 40], [22, 35], [56, 28]],
  ),
  'eye-spots': onLeaf(
    'A leaf with dark round spots ringed pale, like eyes.',
    (x, y) => (
      <>
        <circle cx={x} cy={y} r="7" fill="#c9b84e" />
        <circle cx={x} cy={y} r="5" fill="#3a3a2a" />
        <circle cx={x} cy={y} r="2" fill="#7d7a55" />
      </>
    ),
    [
      [28, 26],
      [52, 22],
      [40, 38],
    ],
  ),
  'vein-blotches': {
    shows: 'A leaf with brown dead areas along its veins.',
    drawing: (
      <>
        {LEAF}
        <path d="M6 32 C28 30 52 22 74 12" fill="none" stroke="#7a5a33" strokeWidth="6" />
        <path d="M30 29 L42 14 M46 24 L56 38" stroke="#7a5a33" strokeWidth="5" fill="none" />
        {MIDRIB}
      </>
    ),
  },
  'tar-patches': onLeaf(
    'A leaf with raised black patches like drops of tar.',
    (x, y) => (
      <>
        <path d={`M${x - 6} ${y} q2 -6 7 -5 q7 1 5 6 q-4 6 -9 4 q-5 -1 -3 -5Z`} fill="#171512" />
        <path d={`M${x - 2} ${y - 2} q3 -2 5 0`} stroke="#8b8880" strokeWidth="0.8" fill="none" />
      </>
    ),
    [
      [28, 27],
      [52, 20],
      [44, 37],
    ],
  ),
  'orange-blotches': onLeaf(
    'A leaf with bright orange blotches and small horns beneath one.',
    (x, y) => (
      <>
        <circle cx={x} cy={y} r="6" fill="#e2711d" stroke="#a33d0c" />
        <path d={`M${x - 3} ${y + 4} l-1 6 M${x} ${y + 5} v6 M${x + 3} ${y + 4} l1 6`} stroke="#6b3a1c" />
      </>
    ),
    [
      [30, 24],
      [52, 22],
    ],
  ),
  'yellow-powder': onLeaf('A young leaf with spots of bright yellow powder.', (x, y) => (
    <g fill="#f2cf1c">
      {[
        [0, 0],
        [2, 2],
        [-2, 2],
        [3, -1],
        [-3, -1],
        [0, -3],
        [1, 4],
      ].map(([dx, dy]) => (
        <circle key={`${dx}${dy}`} cx={x + dx!} cy={y + dy!} r="1.2" />
      ))}
    </g>
  )),
  'crater-spots': onLeaf(
    'A leaf with corky craters in yellow halos.',
    (x, y) => (
      <>
        <circle cx={x} cy={y} r="7" fill="#e6d04a" />
        <circle cx={x} cy={y} r="4" fill="#a37a4a" stroke="#5f4020" />
        <circle cx={x} cy={y} r="1.4" fill="#5f4020" />
      </>
    ),
    [
      [28, 27],
      [52, 20],
      [44, 36],
    ],
  ),
  'lopsided-yellow': {
    shows: 'A leaf blotched yellow differently on its two halves.',
    drawing: (
      <>
        {LEAF}
        <path d="M14 27 C26 12 40 10 44 18 C36 26 26 26 14 27Z" fill="#d9cf52" />
        <path d="M46 30 C58 26 66 20 70 18 C66 34 56 40 46 30Z" fill="#d9cf52" />
        <path d="M50 15 q8 -3 14 -1 q-6 5 -14 1Z" fill="#d9cf52" />
        {MIDRIB}
      </>
    ),
  },
  'even-pattern': {
    shows: 'A leaf yellow between green veins, alike on both halves.',
    drawing: (
      <>
        <path
          d="M6 32 C14 10 44 4 74 12 C70 40 36 54 6 32Z"
          fill="#dcd66a"
          stroke="#6b6b2a"
          strokeWidth="1.5"
        />
        <g stroke="#4c7a3f" strokeWidth="3" fill="none">
          <path d="M6 32 C28 30 52 22 74 12" />
          <path d="M22 31 L30 17 M36 28 L46 12 M50 24 L60 11 M24 31 L34 43 M38 28 L50 40 M52 23 L62 33" />
        </g>
      </>
    ),
  },
  'corky-warts': onFruit(
    'A fruit with corky warts.',
    [
      [30, 20],
      [46, 18],
      [36, 34],
      [50, 33],
    ].map(([x, y]) => (
      <path
        key={x}
        d={`M${x! - 4} ${y! + 2} l2 -5 l3 1 l3 -1 l1 5 l-4 2Z`}
        fill="#b98a6a"
        stroke="#7a553a"
        strokeWidth="0.8"
      />
    )),
  ),
  'fruit-rot': onFruit(
    'A browning fruit with rings of pale tufts.',
    <>
      <path d="M24 16 A22 22 0 0 0 50 48 A18 18 0 0 0 24 16Z" fill="#7a4a22" />
      <g fill="#e8dcc0">
        {[
          [30, 24],
          [36, 22],
          [42, 26],
          [44, 33],
          [40, 39],
          [33, 38],
          [29, 32],
        ].map(([x, y]) => (
          <circle key={`${x}${y}`} cx={x} cy={y} r="1.8" />
        ))}
      </g>
    </>,
  ),
  'fruit-grubs': onFruit(
    'A fruit cut open with a pale grub in it.',
    <>
      <circle cx="40" cy="29" r="16" fill="#f3e6bd" />
      <path
        d="M34 30 q3 -6 8 -3 q5 3 2 7"
        fill="none"
        stroke="#e9b9a0"
        strokeWidth="5"
        strokeLinecap="round"
      />
      <circle cx="34" cy="31" r="2.4" fill="#6b3a1c" />
    </>,
  ),
  'peel-trail': onFruit(
    'A fruit with a winding line under its skin.',
    <path
      d="M24 30 q5 -10 10 -3 t9 -2 t8 6 t-4 9"
      fill="none"
      stroke="#f5ecd2"
      strokeWidth="2.4"
      strokeLinecap="round"
    />,
  ),
  'hollow-tips': {
    shows: 'A shoot of scale-like leaves whose tips are brown and hollow.',
    drawing: (
      <>
        <path
          d="M40 54 V22 M40 40 L26 28 M40 34 L54 22"
          stroke="#4c7a3f"
          strokeWidth="6"
          strokeLinecap="round"
        />
        <path
          d="M40 22 V8 M26 28 L18 16 M54 22 L62 10"
          stroke="#a8763d"
          strokeWidth="6"
          strokeLinecap="round"
        />
        <path d="M40 18 V11 M23 24 L20 19 M57 18 L60 13" stroke="#f3e6d0" strokeWidth="1.8" />
      </>
    ),
  },
  'brown-edges': {
    shows: 'A leaf whose edge is brown and dry all round.',
    drawing: (
      <>
        <path
          d="M6 32 C14 10 44 4 74 12 C70 40 36 54 6 32Z"
          fill="#a8763d"
          stroke="#6b4a20"
          strokeWidth="1.5"
        />
        <path d="M12 31 C20 16 44 10 66 16 C60 36 36 46 12 31Z" fill="#a9c29a" />
        {MIDRIB}
      </>
    ),
  },
  frosted: {
    shows: 'A shoot whose young leaves hang black and limp.',
    drawing: (
      <>
        <path d="M40 54 V18" stroke="#7a4a27" strokeWidth="4" />
        <path d="M40 22 q-14 2 -18 20 q10 -2 18 -14 M40 18 q16 0 20 22 q-12 -4 -20 -16" fill="#2f2a24" />
        <path d="M40 18 q-2 -10 6 -14 q4 8 -4 14" fill="#3d362e" />
      </>
    ),
  },
  'twisted-growth': {
    shows: 'Young leaves narrow, strapped and twisted.',
    drawing: (
      <g fill="none" stroke="#6f9459" strokeWidth="4" strokeLinecap="round">
        <path d="M40 54 V34" stroke="#7a4a27" />
        <path d="M40 34 q-12 -4 -8 -14 t-10 -10" />
        <path d="M40 34 q2 -12 12 -12 t6 -14" />
        <path d="M40 36 q14 2 18 -6" />
      </g>
    ),
  },
  'rings-mosaic': onLeaf(
    'A leaf with pale rings and lines.',
    (x, y) => <circle cx={x} cy={y} r="5.5" fill="none" stroke="#e8e6a4" strokeWidth="2" />,
    [
      [26, 28],
      [44, 20],
      [58, 20],
      [44, 36],
    ],
  ),
  'wipes-off': {
    shows: 'A leaf with white marks, and a clean stripe where a finger wiped.',
    drawing: (
      <>
        {LEAF}
        <path d="M12 31 C20 14 46 8 70 14 C64 38 36 46 12 31Z" fill="#eef0ea" opacity="0.85" />
        <path d="M30 46 L52 6" stroke="#a9c29a" strokeWidth="9" />
        {MIDRIB}
      </>
    ),
  },
  droppings: {
    shows: 'A chewed leaf with dark droppings and a caterpillar.',
    drawing: (
      <>
        <path
          d="M6 32 C14 10 44 4 74 12 C72 20 66 22 62 28 C54 24 50 34 44 38 C34 36 30 46 6 32Z"
          fill="#a9c29a"
          stroke="#4c6b3f"
          strokeWidth="1.5"
        />
        <g fill="#2f2a24">
          {[
            [22, 30],
            [28, 26],
            [34, 33],
            [40, 22],
          ].map(([x, y]) => (
            <rect key={x} x={x} y={y} width="3" height="2.4" rx="1" />
          ))}
        </g>
        <path d="M46 18 q4 -4 7 0 t7 0" fill="none" stroke="#5c8a2f" strokeWidth="5" strokeLinecap="round" />
      </>
    ),
  },
};
