import { memo } from 'react';
import { middleOf, type Point } from '#core/ground';
import type { SpreadList } from '#engine';
import type { StandingPlant } from './drawn-things.ts';

interface PlanOverlayProps {
  readonly plants: readonly StandingPlant[];
  readonly contacts: readonly { readonly a: string; readonly b: string; readonly isOverruled: boolean }[];
  /** Of the plant held, where one of its watches is followed. */
  readonly heldId: string | null;
  readonly spread: SpreadList | null;
}

/** Where crowns touch, where a trouble came from and goes next, and the walk past what is to be looked at. */
export const PlanOverlay = memo(function PlanOverlay({ plants, contacts, heldId, spread }: PlanOverlayProps) {
  const at = new Map(plants.map(({ plant, crown }) => [plant.id, middleOf(crown)]));
  const here = heldId === null ? undefined : at.get(heldId);
  return (
    <g pointerEvents="none" aria-hidden="true">
      {contacts
        .filter(({ isOverruled }) => !isOverruled)
        .map(({ a, b }) => (
          <Touch key={`${a} ${b}`} from={at.get(a)} to={at.get(b)} isOfHeld={a === heldId || b === heldId} />
        ))}
      {here &&
        spread?.from
          .filter(({ plantId }) => plantId !== heldId)
          .map(({ plantId }) => <Arrow key={plantId} from={at.get(plantId)} to={here} kind="came" />)}
      {here && spread && <Walk start={here} stops={spread.walk.flatMap((id) => at.get(id) ?? [])} />}
    </g>
  );
});

function Touch({
  from,
  to,
  isOfHeld,
}: {
  readonly from: Point | undefined;
  readonly to: Point | undefined;
  readonly isOfHeld: boolean;
}) {
  if (!from || !to) return null;
  return (
    <line
      x1={from.xM}
      y1={from.yM}
      x2={to.xM}
      y2={to.yM}
      stroke="var(--bark-5)"
      strokeWidth={isOfHeld ? 3 : 1.6}
      strokeDasharray="1.5 5"
      strokeLinecap="round"
      vectorEffect="non-scaling-stroke"
    />
  );
}

/** A little off the middles, so that numbers stay readable. */
const SHORTENED = 0.12;

function Arrow({
  from,
  to,
  kind,
}: {
  readonly from: Point | undefined;
  readonly to: Point;
  readonly kind: 'came' | 'goes';
}) {
  if (!from) return null;
  const part = (share: number): Point => ({
    xM: from.xM + share * (to.xM - from.xM),
    yM: from.yM + share * (to.yM - from.yM),
  });
  const [start, end] = [part(SHORTENED), part(1 - SHORTENED)];
  return (
    <line
      x1={start.xM}
      y1={start.yM}
      x2={end.xM}
      y2={end.yM}
      stroke={kind === 'came' ? 'var(--color-error)' : 'var(--color-info)'}
      strokeWidth="2.2"
      vectorEffect="non-scaling-stroke"
      markerEnd={`url(#${kind === 'came' ? 'walks-over' : 'goes-next'})`}
    />
  );
}

/** The stops of a walk, one after the other. */
function Walk({ start, stops }: { readonly start: Point; readonly stops: readonly Point[] }) {
  return [start, ...stops]
    .slice(0, -1)
    .map((from, i) => <Arrow key={i} from={from} to={stops[i]!} kind="goes" />);
}
