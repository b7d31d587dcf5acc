import { type Footprint, outlineOf } from '#core/ground';

/** Corners of a round crown as it is drawn, and how far its edge goes in and out, a share of its radius. */
const CORNERS = 26;
const UNEVEN = 0.045;

/** A crown as it is drawn: a row with round ends, a plant alone with an edge a little uneven, always the same. */
export function crownPath(crown: Footprint): string {
  const isRound = crown.from.xM === crown.to.xM && crown.from.yM === crown.to.yM;
  const points = isRound ? unevenCircle(crown) : outlineOf(crown).map(({ xM, yM }) => [xM, yM] as const);
  return `M${points.map(([x, y]) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}Z`;
}

function unevenCircle({ id, from, radiusM }: Footprint): (readonly [number, number])[] {
  const phase = [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) % 997, 7);
  return Array.from({ length: CORNERS }, (_, i) => {
    const turn = (i / CORNERS) * 2 * Math.PI;
    const reachM =
      radiusM * (1 + UNEVEN * (Math.sin(5 * turn + phase) + 0.7 * Math.cos(3 * turn + 2 * phase)) * 0.8);
    return [from.xM + reachM * Math.cos(turn), from.yM + reachM * Math.sin(turn)] as const;
  });
}
