import type { KeyboardEvent, PointerEvent } from 'react';
import { addDays } from '#core/calendar';
import type { StreamDay } from '#core/season-model';
import type { PlanCut, PlanGround, PlanMaterial } from '#engine';
import { useWidth } from '../../../parts/use-width.ts';
import { showDate } from '../../../show/dates.ts';
import { MINER_STAGE_NAMES, STAGE_NAMES } from './plan-words.ts';
import { DoneMark, StreamAxis } from './stream-axis.tsx';
import { StreamBands } from './stream-bands.tsx';
import { FOOT_PX, type StreamScale, streamScale, TOP_PX } from './stream-scale.ts';

/** Above this a width has room for all words. */
const WIDE_PX = 620;

/** A cut with what is said of it. */
export interface ShownCut extends PlanCut {
  readonly name: string;
  /** It may not be that day. */
  readonly refused: boolean;
}

interface StreamProps {
  readonly material: PlanMaterial;
  readonly ground: Pick<PlanGround, 'alone' | 'hatching'>;
  readonly stream: readonly StreamDay[];
  readonly cuts: readonly ShownCut[];
  readonly isMiner: boolean;
  readonly label: string;
  onMove(index: number, day: number): void;
  onRemove(index: number): void;
}

/** How many live through the season, by stage, with each treatment a cut to be dragged along the year. */
export function StreamDrawing({
  material,
  ground,
  stream,
  cuts,
  isMiner,
  label,
  onMove,
  onRemove,
}: StreamProps) {
  const [box, width] = useWidth<HTMLDivElement>();
  const height = width > WIDE_PX ? 356 : 300;
  const scale = streamScale(material, ground, cuts, Math.max(width, 280), height);
  return (
    <div ref={box} className="touch-pan-y">
      <svg
        width="100%"
        height={height}
        viewBox={`0 0 ${scale.width} ${height}`}
        role="group"
        aria-label={label}
      >
        <StreamBands
          scale={scale}
          alone={ground.alone}
          stream={stream}
          names={isMiner ? MINER_STAGE_NAMES : STAGE_NAMES}
          cuts={cuts}
        />
        <StreamAxis scale={scale} frame={material.frame} goodDays={material.goodDays} />
        {material.done.map(({ id, day, name }, i) => (
          <DoneMark
            key={id}
            x={scale.x(day)}
            scale={scale}
            date={showDate(addDays(material.frame.start, day))}
            name={name}
            row={i % 3}
          />
        ))}
        {cuts.map((cut, i) => (
          <CutHandle
            key={i}
            place={i}
            cut={cut}
            scale={scale}
            material={material}
            onMove={(day) => onMove(i, day)}
            onRemove={() => onRemove(i)}
          />
        ))}
      </svg>
    </div>
  );
}

const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowRight: 1,
  ArrowDown: -1,
  ArrowUp: 1,
  PageDown: -7,
  PageUp: 7,
};

/** A cut's flag and line: dragged by mouse or finger, moved by the arrow keys a day at a time. */
function CutHandle({
  place,
  cut,
  scale,
  material: { frame },
  onMove,
  onRemove,
}: {
  place: number;
  cut: ShownCut;
  scale: StreamScale;
  material: PlanMaterial;
  onMove(day: number): void;
  onRemove(): void;
}) {
  const least = Math.max(0, frame.today);
  const within = (day: number) => Math.min(frame.days - 1, Math.max(least, day));
  const x = scale.x(cut.day);
  const colour = cut.refused ? 'var(--color-error)' : 'var(--color-primary)';
  const date = showDate(addDays(frame.start, cut.day));
  const drag = (event: PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
    const day = within(scale.dayAt(((event.clientX - box.left) / box.width) * scale.width));
    if (day !== cut.day) onMove(day);
  };
  const press = (event: KeyboardEvent) => {
    const step = KEY_STEPS[event.key];
    if (step !== undefined) onMove(within(cut.day + step));
    else if (event.key === 'Delete') onRemove();
    else return;
    event.preventDefault();
  };
  // Words stand on the side with more room, and in two rows so that neighbours keep apart.
  const leftward = x > scale.width * 0.62;
  const row = place % 2 === 0 ? 16 : 33;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`${place + 1}: ${cut.name}`}
      aria-valuemin={least}
      aria-valuemax={frame.days - 1}
      aria-valuenow={cut.day}
      aria-valuetext={cut.refused ? `${date}, may not be that day` : date}
      className="cursor-ew-resize touch-none outline-offset-2"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        event.currentTarget.focus();
      }}
      onPointerMove={drag}
      onKeyDown={press}
    >
      <rect x={x - 22} y={0} width={44} height={scale.height - FOOT_PX} fill="transparent" />
      <line x1={x} x2={x} y1={TOP_PX - 20} y2={scale.height - FOOT_PX} stroke={colour} strokeWidth={2} />
      <path d={`M${x - 10} ${TOP_PX - 58 + row - 14}h20v13l-10 9-10-9Z`} fill={colour} />
      <line x1={x} x2={x} y1={row + 6} y2={TOP_PX - 18} stroke={colour} strokeWidth={2} />
      <text
        x={x}
        y={row - 1}
        textAnchor="middle"
        fontSize={11.5}
        fontWeight={700}
        fill="var(--color-base-100)"
      >
        {place + 1}
      </text>
      <text
        x={leftward ? x - 14 : x + 14}
        y={row}
        textAnchor={leftward ? 'end' : 'start'}
        fontSize={12.5}
        fontWeight={600}
        fill={cut.refused ? 'var(--color-error)' : 'var(--color-base-content)'}
        paintOrder="stroke"
        stroke="var(--color-base-100)"
        strokeWidth={5}
        strokeLinejoin="round"
      >
        {scale.width > WIDE_PX ? `${date}, ${cut.name}` : date}
      </text>
    </g>
  );
}
