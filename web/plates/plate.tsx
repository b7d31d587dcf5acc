import type { ReactNode } from 'react';

/**
 * Our own drawings of signs and tests, by the id of the check they belong to. Each says in words what
 * it shows.
 */
export interface Plate {
  readonly shows: string;
  readonly drawing: ReactNode;
}

export const LEAF = (
  <path d="M6 32 C14 10 44 4 74 12 C70 40 36 54 6 32Z" fill="#a9c29a" stroke="#4c6b3f" strokeWidth="1.5" />
);
export const MIDRIB = <path d="M6 32 C28 30 52 22 74 12" fill="none" stroke="#4c6b3f" strokeWidth="1.5" />;
export const TWIG = (
  <path d="M2 40 C24 34 44 38 78 26" fill="none" stroke="#7a4a27" strokeWidth="9" strokeLinecap="round" />
);
export const shield = (x: number, y: number, turn = 0) => (
  <path
    key={`${x}-${y}`}
    d="M0 -5 C4 -4 5 3 0 7 C-5 3 -4 -4 0 -5Z"
    transform={`translate(${x} ${y}) rotate(${turn})`}
    fill="#8a6f55"
    stroke="#4d3523"
    strokeWidth="0.9"
  />
);
