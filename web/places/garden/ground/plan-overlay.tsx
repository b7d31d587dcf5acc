import { memo } from 'react';
import { between, middleOf, type Point, pointFrom } from '#core/ground';
import type { GroundContact, SpreadList } from '#engine';
import type { StandingPlant } from './drawn-things.ts';

interface PlanOverlayProps {
  readonly plants: readonly StandingPlant[];
  readonly contacts: readonly GroundContact[];
  /** Of the plant held, where one of its watches is followed. */
  readonly heldId: string | null;
  readonly spread: SpreadList | null;
}

/** Where crowns touch, where a trouble came from and goes next, and the walk past what is to be looked at. */
export const PlanOverlay = memo(function PlanOverlay({ plants, contacts, heldId, spread }: PlanOverlayProps) {
  const at = new Map(plants.map(({ plant, crown }) => [plant.id, middleOf(crown)]));
  const here = heldId === null ? undefined : at.get(heldId);
  const contactWith = (id: string) =>
    contacts.find(({ a, b, drawn }) => drawn && [a, b].includes(id) && [a, b].includes(heldId ?? ''))?.drawn;
  return (
    <g pointerEvents="none" aria-hidden="true">
      {contacts
        .filter(({ isOverruled }) => !isOverruled)
        .map(({ a, b, drawn }) => (
          <Touch
            key={`${a} ${b}`}
            from={at.get(a)}
            to={at.get(b)}
            drawn={drawn}
            isOfHeld={a === heldId || b === heldId}
          />
        ))}
      {here &&
        spread?.from
          .filter(({ plantId }) => plantId !== heldId)
          .map(({ plantId }) => (
            <Came key={plantId} from={at.get(plantId)} to={here} across={contactWith(plantId)} />
          ))}
      {here && spread && <Walk start={here} stops={spread.walk.flatMap((id) => at.get(id) ?? [])} />}
    </g>
  );
});

/** A seam where two crowns meet; where it was only said that they do, a line from one to the other. */
function Touch({
  from,
  to,
  drawn,
  isOfHeld,
}: {
  readonly from: Point | undefined;
  readonly to: Point | undefined;
  readonly drawn: GroundContact['drawn'];
  readonly isOfHeld: boolean;
}) {
  if (!from || !to) return null;
  const [start, end] = drawn ? seamOf(drawn) : [from, to];
  return (
    <line
      x1={start.xM}
      y1={start.yM}
      x2={end.xM}
      y2={end.yM}
      stroke={isOfHeld ? 'var(--color-error)' : 'var(--bark-5)'}
      strokeWidth={drawn ? 3.5 : 1.6}
      strokeDasharray="0.5 6"
      strokeLinecap="round"
      vectorEffect="non-scaling-stroke"
    />
  );
}

const LEAST_SEAM_M = 0.4;

function seamOf({ middle, turnDeg, alongM }: NonNullable<GroundContact['drawn']>): readonly [Point, Point] {
  const halfM = Math.max(LEAST_SEAM_M, alongM) / 2;
  return [pointFrom(middle, -halfM, turnDeg), pointFrom(middle, halfM, turnDeg)];
}

/** Arrows across a seam stand so far apart, m. */
const APART_M = 1.2;
const ACROSS_M = 0.8;

/** From where it came: across the whole of a seam, else one arrow over the ground between. */
function Came({
  from,
  to,
  across,
}: {
  readonly from: Point | undefined;
  readonly to: Point;
  readonly across: GroundContact['drawn'] | undefined;
}) {
  if (!from) return null;
  if (!across) return <Arrow from={from} to={to} kind="came" />;
  const { middle, turnDeg, alongM } = across;
  const count = Math.max(1, Math.floor(alongM / APART_M));
  // To whichever side of the seam it goes.
  const ahead = pointFrom(middle, 1, turnDeg + 90);
  const towards = between(ahead, to) - between(ahead, from) < 0 ? 90 : -90;
  return Array.from({ length: count }, (_, i) => {
    const point = pointFrom(middle, (i - (count - 1) / 2) * APART_M, turnDeg);
    return (
      <Arrow
        key={i}
        from={pointFrom(point, -ACROSS_M / 2, turnDeg + towards)}
        to={pointFrom(point, ACROSS_M / 2, turnDeg + towards)}
        kind="came"
      />
    );
  });
}

/** A little off the middles, so that numbers stay readable. */
const SHORTENED = 0.1;

function Arrow({
  from,
  to,
  kind,
}: {
  readonly from: Point;
  readonly to: Point;
  readonly kind: 'came' | 'goes';
}) {
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
