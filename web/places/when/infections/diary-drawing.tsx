import { addDays, daysBetween } from '#core/calendar';
import { INDEX_HIGH } from '#core/infection';
import { inSentence, materialById } from '#knowledge';
import { useWidth } from '../../../parts/use-width.ts';
import { showShortDate } from '../../../show/dates.ts';
import { useShow, useToday } from '../../../show/use-show.ts';
import { chanceWords, type Diary, infectionWords, STANDING_WORDS } from './diary-words.ts';
import { type DiaryScale, diaryScale, placedDrops, type PlacedDrop, tickDates } from './diary-scale.ts';

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
  const drops = placedDrops(diary.spells, scale);
  return (
    <svg width={scale.width} height={scale.height} role="img" aria-label={label}>
      <defs>
        <pattern
          id="in-part"
          width={5}
          height={5}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width={5} height={5} fill="var(--rain-pale)" />
          <rect width={2} height={5} fill="var(--color-error)" />
        </pattern>
      </defs>
      <Leaves diary={diary} scale={scale} />
      {diary.days.index && <Index values={diary.days.index} scale={scale} />}
      <line x1={0} x2={scale.width} y1={scale.base} y2={scale.base} stroke="var(--color-base-300)" />
      <Covers diary={diary} scale={scale} />
      <Ticks diary={diary} scale={scale} />
      {drops.map((drop) => (
        <Drop
          key={drop.spell.id}
          drop={drop}
          base={scale.base}
          isChosen={drop.spell.id === chosenId}
          onChoose={() => onChoose(drop.spell.id)}
        />
      ))}
      <DropLabels diary={diary} drops={drops} scale={scale} />
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
            x={scale.x(today)}
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
          y={scale.base - tall(last) - 6}
          textAnchor="end"
          fontSize={12.5}
          fill="var(--color-primary)"
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

const TURN_WORDS = {
  'leaf-fall': 'leaf fall',
  'bud-swell': 'buds swell',
  'green-tip': 'green tip',
  'bloom-start': 'bloom',
  'bloom-end': 'bloom over',
} as const;

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

function Drop({
  drop: { spell, x, y, r },
  base,
  isChosen,
  onChoose,
}: {
  drop: PlacedDrop;
  base: number;
  isChosen: boolean;
  onChoose: () => void;
}) {
  const { standing, word } = spell;
  const isThrough = standing === 'through';
  const color = isThrough ? 'var(--color-error)' : 'var(--color-info)';
  const fill =
    standing === 'ahead'
      ? 'none'
      : isThrough
        ? color
        : word === null
          ? 'var(--color-base-100)'
          : standing === 'in-part'
            ? 'url(#in-part)'
            : 'var(--rain-pale)';
  const shape =
    `M${x} ${y - r * 1.7}C${x + r * 0.5} ${y - r * 0.6} ${x + r} ${y - r * 0.1} ${x + r} ${y + r * 0.35}` +
    `A${r} ${r} 0 1 1 ${x - r} ${y + r * 0.35}C${x - r} ${y - r * 0.1} ${x - r * 0.5} ${y - r * 0.6} ${x} ${y - r * 1.7}Z`;
  return (
    <g onClick={onChoose} className="cursor-pointer">
      <title>{`${spell.from.date}: ${STANDING_WORDS[standing]}`}</title>
      {word !== null && (
        <line
          x1={x}
          x2={x}
          y1={y + r * 1.4}
          y2={base}
          stroke={color}
          strokeWidth={isThrough ? 2 : 1}
          strokeDasharray={isThrough ? undefined : '2 4'}
          opacity={isThrough ? 0.9 : 0.5}
        />
      )}
      <path
        d={shape}
        fill={fill}
        stroke={color}
        strokeWidth={isChosen ? 3 : 1.5}
        strokeDasharray={standing === 'ahead' ? '3 3' : undefined}
      />
    </g>
  );
}

/** Between the drops and the leaves. */
const UNDER_DROPS_PX = 108;

/** Only what matters is written beside its drop: the last that got through, and the next to come. */
function DropLabels({
  diary,
  drops,
  scale,
}: {
  diary: Diary;
  drops: readonly PlacedDrop[];
  scale: DiaryScale;
}) {
  const show = useShow();
  const through = drops.findLast(({ spell }) => spell.standing === 'through');
  const ahead = drops.find(({ spell }) => spell.id === diary.ahead?.spellId);
  return (
    <>
      {through && (
        <text
          x={Math.min(scale.width - 4, through.x + through.r)}
          y={Math.max(12, through.y - through.r * 1.7 - 6)}
          textAnchor={through.x > scale.width / 2 ? 'end' : 'start'}
          fontSize={12.5}
          fontWeight={600}
          fill="var(--color-error)"
        >
          got through: {infectionWords(through.spell)}
          {through.spell.wetHours.middle > 0 &&
            `, ${through.spell.wetHours.middle} h at ${show.temperature(through.spell.meanC)}`}
        </text>
      )}
      {ahead && (
        <text
          x={Math.min(scale.width - 44, ahead.x + ahead.r + 3)}
          y={UNDER_DROPS_PX}
          fontSize={12.5}
          fontWeight={600}
          fill="var(--color-info)"
        >
          {chanceWords(ahead.spell.chance)}
        </text>
      )}
    </>
  );
}

/** Days on which spots of what got through show. */
function Spots({ diary: { spells }, scale }: { diary: Diary; scale: DiaryScale }) {
  const through = spells.filter(
    ({ standing, spots }) => standing === 'through' && spots && spots.to >= scale.from,
  );
  const y = scale.base + 32;
  const lastWritten = through.findLast(({ spots }) => spots!.from <= scale.to);
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
      {lastWritten && (
        <text
          {...besideSpots(lastWritten.spots!, scale)}
          y={y + 9}
          fontSize={12.5}
          fontWeight={600}
          fill="var(--color-accent)"
        >
          spots to look for
        </text>
      )}
    </g>
  );
}

const WORDS_PX = 110;

/** The words stand after their bar, or before it where the drawing ends. */
function besideSpots({ from, to }: { from: string; to: string }, scale: DiaryScale) {
  const after = scale.x(addDays(to, 1)) + 6;
  return after + WORDS_PX < scale.width || daysBetween(scale.from, from) < 3
    ? ({ x: after, textAnchor: 'start' } as const)
    : ({ x: scale.x(from) - 6, textAnchor: 'end' } as const);
}
