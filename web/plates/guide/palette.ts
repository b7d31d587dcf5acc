import type { PlateColour } from '#knowledge';

/** How the plates' colours are mixed: the body of a thing and its edge. */
const PALETTE: Readonly<Record<PlateColour, { readonly fill: string; readonly edge: string }>> = {
  white: { fill: '#fbfaf5', edge: '#8b8577' },
  cream: { fill: '#f2e6c4', edge: '#94824f' },
  silver: { fill: '#e9eee9', edge: '#7d877d' },
  grey: { fill: '#aaa59b', edge: '#5f5a52' },
  tan: { fill: '#d2af7b', edge: '#76582f' },
  brown: { fill: '#8f6238', edge: '#4d3218' },
  'dark-brown': { fill: '#553a25', edge: '#24170d' },
  black: { fill: '#2d2824', edge: '#0e0b09' },
  yellow: { fill: '#e8c63f', edge: '#8a6b16' },
  orange: { fill: '#e08a2a', edge: '#8a4e10' },
  copper: { fill: '#b5623a', edge: '#662e15' },
  pink: { fill: '#e5aaa4', edge: '#97504f' },
  red: { fill: '#b5372c', edge: '#6a1912' },
  purple: { fill: '#7d4a63', edge: '#44243a' },
  green: { fill: '#7fa54f', edge: '#3f5a26' },
  olive: { fill: '#77743f', edge: '#45431f' },
  'pale-green': { fill: '#cbd891', edge: '#6b7b37' },
};

export const mixed = (colour: PlateColour) => PALETTE[colour];

/** What is dead and dry has lost its colour. */
export const FADED = { fill: '#b3ada2', edge: '#6f685c' };
