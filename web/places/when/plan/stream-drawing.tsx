import type { KeyboardEvent, PointerEvent } from 'react';
import { addDays } from '#core/calendar';
import { LIFE_STAGES, type LifeStage, type StreamDay } from '#core/season-model';
import type { PlanCut, PlanGround, PlanMaterial } from '#engine';
import { useWidth } from '../../../parts/use-width.ts';
import { MONTH_NAMES, showDate } from '../../../show/dates.ts';
import { MINER_STAGE_NAMES, STAGE_NAMES } from './plan-words.ts';
import { bandLabels } from './band-labels.ts';
import {
  bandPath,
  FOOT_PX,
  monthsIn,
  type StreamScale,
  streamScale,
  sumBefore,
  TOP_PX,
  totalOf,
} from './stream-scale.ts';

const BAND_FILL: Readonly<Record<LifeStage, string>> = {
  crawler: 'var(--honey-light)',
  settled: 'var(--bark-2)',
  second: 'var(--bark-3)',
  grown: 'var(--bark-4)',
};
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
  const names = isMiner ? MINER_STAGE_NAMES : STAGE_NAMES;
  return (
    <div ref={box} className="touch-pan-y">
      <svg
        width="100%"
        height={height}
        viewBox={`0 0 ${scale.width} ${height}`}
        role="group"
        aria-label={label}
      >
        <path
          d={bandPath(scale, ground.alone, (day) => [0, totalOf(day)])}
          fill="var(--bark-1)"
          opacity={0.3}
        />
        {LIFE_STAGES.map((stage, i) => (
          <path
            key={stage}
            fill={BAND_FILL[stage]}
            d={bandPath(scale, stream, (day) => [sumBefore(day, i), sumBefore(day, i + 1)])}
          />
        ))}
        <AloneLabel scale={scale} alone={ground.alone} />
        <BandLabels scale={scale} stream={stream} names={names} cuts={cuts} />
        <Axis scale={scale} material={material} />
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

function AloneLabel({ scale, alone }: { scale: StreamScale; alone: readonly StreamDay[] }) {
  const at = alone.findLast(({ day }) => day === Math.round(scale.to - 0.12 * (scale.to - scale.from)));
  if (!at || totalOf(at) < 1) return null;
  return (
    <text
      x={scale.x(at.day)}
      y={scale.middle - totalOf(at) * scale.perOne - 6}
      textAnchor="middle"
      fontSize={12.5}
      fill="var(--bark-4)"
    >
      left alone
    </text>
  );
}

/** The bands' names, each where its band is thickest along the word's own length, clear of flags and each other. */
function BandLabels({
  scale,
  stream,
  names,
  cuts,
}: {
  scale: StreamScale;
  stream: readonly StreamDay[];
  names: Readonly<Record<LifeStage, string>>;
  cuts: readonly PlanCut[];
}) {
  return bandLabels(scale, stream, names, cuts).map(({ stage, x, y, leader }) => (
    <g key={stage}>
      {leader !== null && (
        <line x1={x} x2={x} y1={y + 8} y2={leader} stroke={BAND_FILL[stage]} strokeWidth={1.5} />
      )}
      <text
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize={12.5}
        fontWeight={600}
        fill={
          leader !== null
            ? 'var(--bark-5)'
            : stage === 'crawler'
              ? 'var(--honey-deep)'
              : 'var(--color-base-100)'
        }
      >
        {names[stage]}
      </text>
    </g>
  ));
}

function Axis({ scale, material: { frame, goodDays } }: { scale: StreamScale; material: PlanMaterial }) {
  const base = scale.height - FOOT_PX;
  const today = frame.today >= scale.from && frame.today <= scale.to;
  return (
    <g fontSize={12.5} fill="var(--ink-soft)">
      <line
        x1={scale.x(scale.from)}
        x2={scale.x(scale.to)}
        y1={base}
        y2={base}
        stroke="var(--color-base-300)"
      />
      {monthsIn(frame.start, scale).map(({ day, month }) => (
        <text key={day} x={scale.x(day)} y={base + 17} textAnchor="middle">
          {MONTH_NAMES[month - 1]!.slice(0, 3)}
        </text>
      ))}
      {(goodDays ?? []).map((day) => (
        <rect
          key={day}
          x={scale.x(day) - 2.5}
          y={base - 8}
          width={5}
          height={6}
          rx={1.5}
          fill="var(--color-primary)"
        >
          <title>{`good hours, ${showDate(addDays(frame.start, day))}`}</title>
        </rect>
      ))}
      {goodDays && goodDays.length > 0 && (
        <text x={scale.x(goodDays[0]!)} y={base + 34} fill="var(--color-primary)" fontSize={11.5}>
          good hours
        </text>
      )}
      {today && (
        <>
          <line
            x1={scale.x(frame.today)}
            x2={scale.x(frame.today)}
            y1={TOP_PX - 6}
            y2={base}
            stroke="var(--color-base-content)"
            strokeWidth={1.5}
          />
          <text
            x={scale.x(frame.today) - 5}
            y={base - 14}
            textAnchor="end"
            fontWeight={600}
            fill="var(--color-base-content)"
          >
            today
          </text>
        </>
      )}
    </g>
  );
}

interface DoneMarkProps {
  readonly x: number;
  readonly scale: StreamScale;
  readonly date: string;
  readonly name: string;
  /** Neighbours' words stand in rows of their own. */
  readonly row: number;
}

function DoneMark({ x, scale, date, name, row }: DoneMarkProps) {
  return (
    <g>
      <line
        x1={x}
        x2={x}
        y1={TOP_PX - 4}
        y2={scale.height - FOOT_PX}
        stroke="var(--ink-soft)"
        strokeDasharray="4 3"
      />
      <title>{name}</title>
      <text x={x + 4} y={TOP_PX + 8 - 15 * row} fontSize={11.5} fill="var(--ink-soft)">
        {date}, done
      </text>
    </g>
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
