import type { ReactNode } from 'react';
import type { LevelRange } from '#core/sampling';
import { LEVEL_WORDS } from '../../../show/level-words.ts';
import { sizeWords } from '../../../show/size-words.ts';
import { useShow } from '../../../show/use-show.ts';

interface PlantDrawingProps {
  readonly name: string;
  readonly heightM: number;
  readonly spreadM: number;
  readonly lengthM: number | null;
  /** In a pot under a roof. */
  readonly isPotted: boolean;
  readonly isBare: boolean;
  readonly level: LevelRange | null;
}

const WIDTH = 300;
const GROUND_Y = 172;
const ROOM_PX = 150;
/** From so high on it has a trunk. */
const TREE_M = 2.6;
const POT_SHARE = 0.22;

/** A plant from the side, as high and as wide as it is, beside a stick of known length. */
export function PlantDrawing({
  name,
  heightM,
  spreadM,
  lengthM,
  isPotted,
  isBare,
  level,
}: PlantDrawingProps) {
  const show = useShow();
  const wideM = Math.max(spreadM, lengthM ?? 0);
  const pxPerM = Math.min(ROOM_PX / heightM, (WIDTH - 90) / wideM);
  const high = heightM * pxPerM,
    wide = wideM * pxPerM;
  const top = GROUND_Y - Math.max(high, pxPerM) - 12;
  const middle = 20 + (WIDTH - 70) / 2;
  const fill = level && level.level > 0 ? `var(--bark-${level.level})` : 'var(--plan-leaf)';
  const edge = level && level.level > 0 ? 'var(--bark-5)' : 'var(--plan-leaf-edge)';
  const size = sizeWords({ heightM, spreadM, lengthM }, show);
  const said = `${name}, ${size}${level ? `, level ${level.level} ${LEVEL_WORDS[level.level]}` : ''}`;
  return (
    <svg
      viewBox={`0 ${top} ${WIDTH} ${GROUND_Y + 28 - top}`}
      className="w-full max-w-[22rem]"
      role="img"
      aria-label={said}
    >
      <line
        x1="6"
        x2={WIDTH - 6}
        y1={GROUND_Y}
        y2={GROUND_Y}
        stroke="var(--color-base-300)"
        strokeWidth="2"
      />
      <g fill={isBare ? 'none' : fill} stroke={isBare ? 'var(--twig)' : edge} strokeWidth="1.6">
        {shapeOf({ heightM, lengthM, spreadM, isPotted }, middle, high, wide, isBare)}
      </g>
      <Stick pxPerM={pxPerM} inFeet={show.lengthUnit === 'ft'} />
      <text x={middle} y={GROUND_Y + 20} textAnchor="middle" fontSize="12.5" fill="var(--ink-soft)">
        {size}
      </text>
    </svg>
  );
}

function shapeOf(
  {
    heightM,
    lengthM,
    spreadM,
    isPotted,
  }: Pick<PlantDrawingProps, 'heightM' | 'lengthM' | 'spreadM' | 'isPotted'>,
  middle: number,
  high: number,
  wide: number,
  isBare: boolean,
): ReactNode {
  if (lengthM !== null && lengthM > 1.5 * spreadM)
    return (
      <rect
        x={middle - wide / 2}
        y={GROUND_Y - high}
        width={wide}
        height={high}
        rx={Math.min(10, high / 2)}
        strokeDasharray={isBare ? '3 4' : undefined}
      />
    );
  if (isPotted) {
    const potHigh = high * POT_SHARE;
    const rim = Math.max(8, wide * 0.32);
    return (
      <>
        <path
          d={`M${middle - rim} ${GROUND_Y - potHigh}h${2 * rim}l${-rim * 0.35} ${potHigh}h${-1.3 * rim}z`}
          fill="var(--plan-house)"
          stroke="var(--twig)"
        />
        {mound(middle, GROUND_Y - potHigh, wide, high - potHigh, isBare)}
      </>
    );
  }
  if (heightM < TREE_M) return mound(middle, GROUND_Y, wide, high, isBare);
  const trunk = Math.max(5, wide * 0.06);
  const clear = high * 0.24;
  return (
    <>
      <rect
        x={middle - trunk / 2}
        y={GROUND_Y - clear - 6}
        width={trunk}
        height={clear + 6}
        fill="var(--twig)"
        stroke="none"
      />
      {isBare ? (
        branches(middle, GROUND_Y - clear, wide, high - clear)
      ) : (
        <ellipse
          cx={middle}
          cy={GROUND_Y - clear - (high - clear) / 2}
          rx={wide / 2}
          ry={(high - clear) / 2}
        />
      )}
    </>
  );
}

/** A shrub: rounded above, standing on the ground or in its pot. */
function mound(middle: number, base: number, wide: number, high: number, isBare: boolean): ReactNode {
  if (isBare) return branches(middle, base, wide, high);
  const half = wide / 2;
  return (
    <path
      d={`M${middle - half * 0.7} ${base}C${middle - half * 1.25} ${base - high * 0.45} ${middle - half * 0.8} ${base - high} ${middle} ${base - high}S${middle + half * 1.25} ${base - high * 0.45} ${middle + half * 0.7} ${base}Z`}
    />
  );
}

const FAN = [-0.5, -0.3, -0.1, 0.1, 0.3, 0.5] as const;

/** What is bare shows its wood. */
function branches(middle: number, base: number, wide: number, high: number): ReactNode {
  return FAN.map((out) => (
    <path
      key={out}
      d={`M${middle} ${base}Q${middle + out * wide * 0.35} ${base - high * 0.45} ${middle + out * wide} ${base - high * (1 - Math.abs(out) * 0.5)}`}
      strokeWidth="2.4"
    />
  ));
}

/** A stick of one metre, or of three feet. */
const STICKS = { m: { longM: 1, words: '1 m' }, ft: { longM: 0.9144, words: '3 ft' } } as const;

function Stick({ pxPerM, inFeet }: { readonly pxPerM: number; readonly inFeet: boolean }) {
  const x = WIDTH - 26;
  const { longM, words } = STICKS[inFeet ? 'ft' : 'm'];
  const top = GROUND_Y - pxPerM * longM;
  return (
    <g stroke="var(--ink-soft)" fill="none" strokeWidth="1.4">
      <path d={`M${x - 4} ${GROUND_Y}h8M${x} ${GROUND_Y}V${top}M${x - 4} ${top}h8`} />
      <text x={x} y={GROUND_Y + 20} textAnchor="middle" fontSize="12" fill="var(--ink-soft)" stroke="none">
        {words}
      </text>
    </g>
  );
}
