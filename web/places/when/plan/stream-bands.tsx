import { LIFE_STAGES, type LifeStage, type StreamDay } from '#core/season-model';
import type { PlanCut } from '#engine';
import { bandLabels } from './band-labels.ts';
import { bandPath, type StreamScale, sumBefore, totalOf } from './stream-scale.ts';

const BAND_FILL: Readonly<Record<LifeStage, string>> = {
  crawler: 'var(--honey-light)',
  settled: 'var(--bark-2)',
  second: 'var(--bark-3)',
  grown: 'var(--bark-4)',
};
interface StreamBandsProps {
  readonly scale: StreamScale;
  readonly alone: readonly StreamDay[];
  readonly stream: readonly StreamDay[];
  readonly names: Readonly<Record<LifeStage, string>>;
  /** Names keep clear of them. */
  readonly cuts: readonly Pick<PlanCut, 'day'>[];
}

/** How many live from day to day, by stage, over the pale outline of the same season left alone. */
export function StreamBands({ scale, alone, stream, names, cuts }: StreamBandsProps) {
  return (
    <>
      <path d={bandPath(scale, alone, (day) => [0, totalOf(day)])} fill="var(--bark-1)" opacity={0.3} />
      {LIFE_STAGES.map((stage, i) => (
        <path
          key={stage}
          fill={BAND_FILL[stage]}
          d={bandPath(scale, stream, (day) => [sumBefore(day, i), sumBefore(day, i + 1)])}
        />
      ))}
      <AloneLabel scale={scale} alone={alone} />
      <BandLabels scale={scale} stream={stream} names={names} cuts={cuts} />
    </>
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
  cuts: readonly Pick<PlanCut, 'day'>[];
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
