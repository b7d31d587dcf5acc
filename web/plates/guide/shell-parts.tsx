import type { ReactNode } from 'react';
import type { ShellState } from '#knowledge';
import { FADED } from './palette.ts';

/** Scales are drawn one step long, from -0.5 to 0.5, the head to the left; so thick are their lines. */
export const LINE = 0.035;

/** A dome from above. */
export const DOME =
  'M-.5 .02C-.5 -.24 -.28 -.43 0 -.43C.28 -.43 .5 -.24 .5 .02C.5 .28 .26 .43 0 .43C-.26 .43 -.5 .28 -.5 .02Z';

/** A wasp's way out, or the cracks of another year. */
export function worn(state: ShellState): ReactNode {
  if (state === 'holed') return <circle cx="0.12" cy="0.02" r="0.13" fill="#17120e" />;
  if (state === 'old')
    return (
      <path
        d="M-.3 -.06L-.08 .05L.08 -.07L.3 .06M-.05 .05L-.02 .2"
        stroke={FADED.edge}
        strokeWidth={LINE}
        fill="none"
      />
    );
  return null;
}
