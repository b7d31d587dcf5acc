import { addDays, type CivilDate } from '#core/calendar';
import { gotThrough } from '#core/infection';
import { useWidth } from '../../../parts/use-width.ts';
import { showShortDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { DiaryDrops, DropFills } from './diary-drops.tsx';
import { DiaryLeaves } from './diary-leaves.tsx';
import { type DiaryScale, diaryScale, tickDates } from './diary-scale.ts';
import { type Diary, TURN_WORDS } from './diary-words.ts';

interface DiaryDrawingProps {
  readonly diary: Diary;
  readonly label: string;
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
}

/** Leaves unfolding, the covers over them, a drop for each wet time, and the dates on which spots show. */
export function DiaryDrawing({ diary, label, chosenId, onChoose }: DiaryDrawingProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={ref}>
      {width > 0 && (
        <Drawn
          diary={diary}
          label={label}
          chosenId={chosenId}
          onChoose={onChoose}
          scale={diaryScale(diary, width)}
        />
      )}
    </div>
  );
}

function Drawn({
  diary,
  label,
  chosenId,
  onChoose,
  scale,
}: DiaryDrawingProps & { readonly scale: DiaryScale }) {
  const today = useToday();
  return (
    <svg width={scale.width} height={scale.height} role="img" aria-label={label}>
      <DropFills />
      <DiaryLeaves diary={diary} scale={scale} />
      <Ticks diary={diary} scale={scale} />
      <DiaryDrops diary={diary} scale={scale} chosenId={chosenId} onChoose={onChoose} />
      <Spots diary={diary} scale={scale} />
      {today >= scale.from && today <= scale.to && (
        <>
          <line
            x1={scale.x(today)}
            x2={scale.x(today)}
            y1={18}
            y2={scale.base + 4}
            stroke="var(--color-base-content)"
            strokeWidth={1.5}
          />
          <text
            x={Math.min(scale.width - TODAY_PX, scale.x(today))}
            y={12}
            textAnchor="middle"
            fontSize={12.5}
            fontWeight={600}
            fill="var(--color-base-content)"
          >
            today
          </text>
        </>
      )}
    </svg>
  );
}

/** Half of what "today" takes. */
const TODAY_PX = 20;

function Ticks({ diary: { disease, span }, scale }: { diary: Diary; scale: DiaryScale }) {
  const begins = span && span.from >= scale.from && span.from <= scale.to ? span.from : null;
  const name =
    disease.season.kind === 'turns' && disease.season.from.days === 0
      ? TURN_WORDS[disease.season.from.turn]
      : 'its season begins';
  return (
    <g fontSize={12} fill="var(--ink-soft)">
      {tickDates(scale).map((date) => (
        <text key={date} x={scale.x(date)} y={scale.height - 4} textAnchor="middle">
          {showShortDate(date)}
        </text>
      ))}
      {begins && (
        <text x={Math.max(4, scale.x(begins))} y={scale.base - 6} fontSize={11.5}>
          {name}
        </text>
      )}
    </g>
  );
}

/** Days on which spots of what got through show. */
function Spots({ diary: { spells }, scale }: { diary: Diary; scale: DiaryScale }) {
  const through = spells.filter((spell) => gotThrough(spell) && spell.spots && spell.spots.to >= scale.from);
  const y = scale.base + 32;
  const words = besideSpots(
    through.flatMap(({ spots }) => (spots!.from <= scale.to ? [spots!] : [])),
    scale,
  );
  return (
    <g>
      {through.map(({ id, spots }) => {
        const from = scale.x(spots!.from);
        const width = Math.max(8, Math.min(scale.width - from, scale.x(addDays(spots!.to, 1)) - from));
        return from > scale.width ? null : (
          <rect key={id} x={from} y={y} width={width} height={9} rx={4} fill="var(--honey-light)">
            <title>{`spots show, ${showShortDate(spots!.from)} to ${showShortDate(spots!.to)}`}</title>
          </rect>
        );
      })}
      {words && (
        <text {...words} y={y + 9} fontSize={12.5} fontWeight={600} fill="var(--color-accent)">
          spots to look for
        </text>
      )}
    </g>
  );
}

const WORDS_PX = 110;

/** The words stand after the last bar, else before the first, where there is room for them. */
function besideSpots(
  shown: readonly { readonly from: CivilDate; readonly to: CivilDate }[],
  scale: DiaryScale,
) {
  const [first, last] = [shown[0], shown.at(-1)];
  if (!first || !last) return null;
  const after = scale.x(addDays(last.to, 1)) + 6;
  if (after + WORDS_PX < scale.width) return { x: after, textAnchor: 'start' } as const;
  const before = scale.x(first.from) - 6;
  return before > WORDS_PX ? ({ x: before, textAnchor: 'end' } as const) : null;
}
