import { addDays } from '#core/calendar';
import { INDEX_HIGH } from '#core/infection';
import { inSentence, materialById } from '#knowledge';
import type { DiaryScale } from './diary-scale.ts';
import type { Diary } from './diary-words.ts';

/** Leaves (or buds) as they unfold, what of them is covered, the covers' days, and an index where there is one. */
export function DiaryLeaves({ diary, scale }: { diary: Diary; scale: DiaryScale }) {
  return (
    <>
      <Leaves diary={diary} scale={scale} />
      {diary.days.index && <Index values={diary.days.index} scale={scale} />}
      <line x1={0} x2={scale.width} y1={scale.base} y2={scale.base} stroke="var(--color-base-300)" />
      <Covers diary={diary} scale={scale} />
    </>
  );
}

/** What can be infected, and the part of it that is covered. */
function Leaves({ diary: { days, disease }, scale }: { diary: Diary; scale: DiaryScale }) {
  const onBuds = disease.lands === 'buds';
  const tall = (i: number) => scale.up(onBuds ? 8 : days.leaves[i]!);
  const area = (heightOf: (i: number) => number) =>
    days.leaves.map((_, i) => `L${scale.x(addDays(days.from, i), 12)} ${scale.base - heightOf(i)}`).join('');
  const shape = (heightOf: (i: number) => number) =>
    `M${scale.x(days.from)} ${scale.base}${area(heightOf)}L${scale.x(scale.to)} ${scale.base}Z`;
  const last = days.leaves.length - 1;
  const isCovered = days.covered.some((share) => share > 0.05);
  const mostCovered = days.covered.indexOf(Math.max(...days.covered));
  const inLeaf = onBuds || days.leaves.some((count) => count > 1);
  return (
    <g>
      <path d={shape(tall)} fill="var(--husk-pale)" />
      <path d={shape((i) => tall(i) * days.covered[i]!)} fill="var(--color-primary)" opacity={0.55} />
      {inLeaf && (
        <text
          x={scale.x(addDays(days.from, last)) - 4}
          y={scale.base - 7}
          textAnchor="end"
          fontSize={12.5}
          fill="var(--color-primary)"
          stroke="var(--husk-pale)"
          strokeWidth={3}
          paintOrder="stroke"
        >
          {onBuds ? 'buds and bark' : disease.openLeaves === null ? 'leaves' : 'leaves on a shoot'}
        </text>
      )}
      {isCovered && tall(mostCovered) * days.covered[mostCovered]! > 20 && (
        <text
          x={scale.x(addDays(days.from, mostCovered), 12) + 3}
          y={scale.base - 7}
          fontSize={12.5}
          fontWeight={600}
          fill="var(--husk-deep)"
        >
          covered
        </text>
      )}
    </g>
  );
}

/** The mildew index, with the height from which it counts as high. */
function Index({ values, scale }: { values: readonly number[]; scale: DiaryScale }) {
  const up = (value: number) => scale.base - scale.up((value / 100) * 16);
  const line = values
    .map((value, i) => `${i === 0 ? 'M' : 'L'}${scale.x(addDays(scale.from, i), 23)} ${up(value)}`)
    .join('');
  return (
    <g>
      <line
        x1={0}
        x2={scale.width}
        y1={up(INDEX_HIGH)}
        y2={up(INDEX_HIGH)}
        stroke="var(--color-error)"
        strokeDasharray="4 4"
      />
      <text x={4} y={up(INDEX_HIGH) - 4} fontSize={11.5} fill="var(--color-error)">
        high from {INDEX_HIGH}
      </text>
      <path d={line} fill="none" stroke="var(--color-info)" strokeWidth={2} />
    </g>
  );
}

/** Room for a cover's name. */
const NAME_PX = 112;

function Covers({ diary: { covers }, scale }: { diary: Diary; scale: DiaryScale }) {
  const shown = covers.filter(({ on }) => on >= scale.from && on <= scale.to);
  let rightmost = -Infinity;
  return shown.map(({ sprayId, on, materialIds }) => {
    const x = scale.x(on, 12);
    const hasRoom = x - rightmost > NAME_PX;
    if (hasRoom) rightmost = x;
    return (
      <g key={sprayId}>
        <path d={`M${x} ${scale.base + 2}l6 10h-12Z`} fill="var(--color-primary)" />
        {hasRoom && (
          <text
            x={x}
            y={scale.base + 25}
            textAnchor="middle"
            fontSize={12}
            fontWeight={600}
            fill="var(--color-primary)"
          >
            {inSentence(materialById(materialIds[0]!).name)}
          </text>
        )}
      </g>
    );
  });
}
