import { type CSSProperties, memo, type KeyboardEvent, type ReactNode } from 'react';
import { cornersOf, type Footprint, type Point } from '#core/ground';
import type { GroundShape } from '#core/records';
import type { GroundAnswer, GroundPlant } from '#engine';
import { photoAddress } from '../../../api/photo-address.ts';
import { LEVEL_WORDS } from '../../../show/level-words.ts';
import { crownPath } from './crown-path.ts';
import type { Held, StandingPlant } from './drawn-things.ts';
import { PlanNames } from './plan-names.tsx';
import { SHAPE_WORDS } from './shape-words.ts';
import { BEYOND, type PlanView } from './use-plan-view.ts';

interface PlanCanvasProps {
  readonly plan: PlanView;
  readonly plants: readonly StandingPlant[];
  readonly shapes: readonly GroundShape[];
  readonly pictures: GroundAnswer['pictures'];
  readonly held: Held | null;
  /** The one the tab key leads to, where nothing is taken hold of. */
  readonly focusId: string | null;
  readonly isDrawing: boolean;
  readonly onHold: (held: Held) => void;
  readonly onKeys: (event: KeyboardEvent) => void;
  /** Drawn over the crowns, in metres. */
  readonly over: ReactNode;
  /** Laid over the plan, not moved with it. */
  readonly children: ReactNode;
}

/** The garden from above. Every crown and shape can be reached by keyboard and says what it is. */
export function PlanCanvas({
  plan,
  plants,
  shapes,
  pictures,
  held,
  focusId,
  isDrawing,
  onHold,
  onKeys,
  over,
  children,
}: PlanCanvasProps) {
  const { view, frame, frameRef, layerRef } = plan;
  const width = frame.widthPx * (1 + 2 * BEYOND),
    height = frame.heightPx * (1 + 2 * BEYOND);
  const [left, top] = [view.leftPx + BEYOND * frame.widthPx, view.topPx + BEYOND * frame.heightPx];
  return (
    <div
      ref={frameRef}
      role="group"
      aria-label="Plan of the garden"
      className="plan-frame relative overflow-hidden touch-none select-none rounded-[10px] bg-(--ground-of-plan) h-[min(62vh,34rem)] min-h-72"
      style={{ '--frame-width': frame.widthPx, '--frame-height': frame.heightPx } as CSSProperties}
      onKeyDown={onKeys}
    >
      <div
        ref={layerRef}
        className="absolute will-change-transform"
        style={{
          left: -BEYOND * frame.widthPx,
          top: -BEYOND * frame.heightPx,
          width,
          height,
          transformOrigin: `${BEYOND * frame.widthPx}px ${BEYOND * frame.heightPx}px`,
        }}
      >
        {width > 0 && (
          <svg width={width} height={height} className="block">
            <Patterns />
            <g transform={`translate(${left} ${top}) scale(${view.pxPerM})`}>
              {pictures.map(({ id, photoId, xM, yM, turnDeg, widthM }) => (
                <Beneath key={id} {...{ id, photoId, xM, yM, turnDeg, widthM }} />
              ))}
              {shapes.map((shape) => (
                <Shape
                  key={shape.id}
                  shape={shape}
                  isHeld={held?.id === shape.id}
                  canHold={isDrawing}
                  onHold={onHold}
                />
              ))}
              {plants.map(({ plant, crown, isSet }) => (
                <Crown
                  key={plant.id}
                  plant={plant}
                  from={crown.from}
                  to={crown.to}
                  isSet={isSet}
                  isHeld={held?.id === plant.id}
                  tabIndex={(held?.kind === 'plant' ? held.id : focusId) === plant.id ? 0 : -1}
                  onHold={onHold}
                />
              ))}
              {over}
            </g>
            <g transform={`translate(${BEYOND * frame.widthPx} ${BEYOND * frame.heightPx})`}>
              <PlanNames plan={plan} plants={plants} shapes={shapes} heldId={held?.id ?? null} />
            </g>
          </svg>
        )}
      </div>
      {children}
    </div>
  );
}

/** Of arrows from where it came, and to where it goes next. */
const ARROW_HEADS = [
  ['walks-over', 'var(--color-error)'],
  ['goes-next', 'var(--color-info)'],
] as const;

/** What is out of reach is hatched. */
function Patterns() {
  return (
    <defs>
      <pattern
        id="out-of-reach"
        width="0.3"
        height="0.3"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="0.12" height="0.3" fill="var(--color-base-100)" opacity="0.75" />
      </pattern>
      {ARROW_HEADS.map(([id, stroke]) => (
        <marker
          key={id}
          id={id}
          viewBox="0 0 8 8"
          refX="7"
          refY="4"
          markerWidth="7"
          markerHeight="7"
          orient="auto"
        >
          <path d="M1 1l6 3-6 3" fill="none" stroke={stroke} strokeWidth="1.6" />
        </marker>
      ))}
    </defs>
  );
}

function Beneath({
  photoId,
  xM,
  yM,
  turnDeg,
  widthM,
}: {
  readonly photoId: string;
  readonly xM: number;
  readonly yM: number;
  readonly turnDeg: number;
  readonly widthM: number;
}) {
  return (
    <image
      href={photoAddress(photoId)}
      x={xM - widthM / 2}
      y={yM - widthM / 2}
      width={widthM}
      height={widthM}
      preserveAspectRatio="xMidYMid meet"
      opacity="0.45"
      pointerEvents="none"
      transform={`rotate(${turnDeg} ${xM} ${yM})`}
    />
  );
}

const SHAPE_FILL: Readonly<Record<GroundShape['kind'], string>> = {
  house: 'var(--plan-house)',
  shed: 'var(--plan-house)',
  glass: 'var(--rain-pale)',
  fence: 'var(--ink-soft)',
  wall: 'var(--ink-soft)',
  path: 'var(--plan-path)',
  bed: 'var(--plan-bed)',
  water: 'var(--rain-pale)',
  other: 'var(--plan-house)',
};

const Shape = memo(function Shape({
  shape,
  isHeld,
  canHold,
  onHold,
}: {
  readonly shape: GroundShape;
  readonly isHeld: boolean;
  readonly canHold: boolean;
  readonly onHold: (held: Held) => void;
}) {
  const name = shape.name || SHAPE_WORDS[shape.kind];
  const points = cornersOf(shape)
    .map(({ xM, yM }) => `${xM},${yM}`)
    .join(' ');
  const hold = () => onHold({ kind: 'shape', id: shape.id });
  return (
    <g
      data-kind="shape"
      data-id={shape.id}
      {...(canHold
        ? {
            role: 'button',
            tabIndex: isHeld ? 0 : -1,
            'aria-label': name,
            'aria-pressed': isHeld,
            onClick: hold,
            className: 'cursor-move plan-thing',
          }
        : { 'aria-hidden': true })}
    >
      <polygon
        points={points}
        fill={SHAPE_FILL[shape.kind]}
        stroke={isHeld ? 'var(--color-info)' : 'var(--plan-edge)'}
        strokeWidth={isHeld ? 3 : 1}
        vectorEffect="non-scaling-stroke"
        strokeDasharray={shape.kind === 'bed' ? '4 3' : undefined}
      />
      {/* A fence is thin: a finger needs more to hold on to. */}
      {canHold && (
        <polygon
          points={points}
          fill="transparent"
          stroke="transparent"
          strokeWidth="22"
          vectorEffect="non-scaling-stroke"
        />
      )}
    </g>
  );
});

/** What a plant says to whoever does not see the plan. */
export function plantWords({ name, level, due, outOfReach, watches }: GroundPlant): string {
  return [
    name,
    level
      ? `level ${level.level}, ${LEVEL_WORDS[level.level]}`
      : watches.length > 0
        ? 'watched, not counted'
        : 'no watch',
    due === 'late' ? 'something is late' : due === 'open' ? 'something is due' : '',
    outOfReach ? 'out of reach' : '',
  ]
    .filter(Boolean)
    .join(', ');
}

const DUE_EDGE = { late: 'var(--color-error)', open: 'var(--honey-light)', soon: null } as const;

const Crown = memo(
  function Crown({
    plant,
    from,
    to,
    isSet,
    isHeld,
    tabIndex,
    onHold,
  }: {
    readonly plant: GroundPlant;
    readonly from: Point;
    readonly to: Point;
    readonly isSet: boolean;
    readonly isHeld: boolean;
    readonly tabIndex: 0 | -1;
    readonly onHold: (held: Held) => void;
  }) {
    const crown: Footprint = { id: plant.id, from, to, radiusM: plant.spreadM / 2 };
    const path = crownPath(crown);
    const level = plant.level?.level ?? null;
    const due = plant.due && DUE_EDGE[plant.due];
    return (
      <g
        role="button"
        tabIndex={tabIndex}
        aria-label={plantWords(plant)}
        aria-pressed={isHeld}
        data-kind="plant"
        data-id={plant.id}
        className="cursor-pointer plan-thing"
        onClick={() => onHold({ kind: 'plant', id: plant.id })}
      >
        {due && (
          <path
            d={path}
            fill="none"
            stroke={due}
            strokeWidth="9"
            vectorEffect="non-scaling-stroke"
            opacity="0.9"
          />
        )}
        <path
          d={path}
          fill={level === null || level === 0 ? 'var(--plan-leaf)' : `var(--bark-${level})`}
          fillOpacity={level === null ? 1 : 0.93}
          stroke={isHeld ? 'var(--color-info)' : level === null ? 'var(--plan-leaf-edge)' : 'var(--bark-5)'}
          strokeWidth={isHeld ? 3.5 : 1.2}
          strokeDasharray={isSet ? undefined : '4 3'}
          vectorEffect="non-scaling-stroke"
        />
        {plant.outOfReach && <path d={path} fill="url(#out-of-reach)" pointerEvents="none" />}
      </g>
    );
  },
  (a, b) =>
    a.plant === b.plant &&
    a.isSet === b.isSet &&
    a.isHeld === b.isHeld &&
    a.tabIndex === b.tabIndex &&
    a.onHold === b.onHold &&
    samePoint(a.from, b.from) &&
    samePoint(a.to, b.to),
);

const samePoint = (a: Point, b: Point) => a.xM === b.xM && a.yM === b.yM;
