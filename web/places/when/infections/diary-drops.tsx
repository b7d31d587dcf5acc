import { gotThrough } from '#core/infection';
import { useShow } from '../../../show/use-show.ts';
import { type DiaryScale, type PlacedDrop, placedDrops } from './diary-scale.ts';
import { chanceWords, type Diary, infectionWords, standingWords } from './diary-words.ts';

interface DiaryDropsProps {
  readonly diary: Diary;
  readonly scale: DiaryScale;
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
}

/** A drop for each wet time: as large as it was long, filled by what it did. */
export function DiaryDrops({ diary, scale, chosenId, onChoose }: DiaryDropsProps) {
  const drops = placedDrops(diary.spells, scale);
  return (
    <>
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
    </>
  );
}

/** The striped filling of what may have got through, or did in part. */
export function DropFills() {
  return (
    <defs>
      <pattern id="in-part" width={5} height={5} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width={5} height={5} fill="var(--rain-pale)" />
        <rect width={2} height={5} fill="var(--color-error)" />
      </pattern>
    </defs>
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
  const isThrough = gotThrough(spell);
  const color = isThrough ? 'var(--color-error)' : 'var(--color-info)';
  const fill =
    standing === 'ahead'
      ? 'none'
      : isThrough
        ? color
        : word === null
          ? 'var(--color-base-100)'
          : standing === 'in-part' || standing === 'through'
            ? 'url(#in-part)'
            : 'var(--rain-pale)';
  const shape =
    `M${x} ${y - r * 1.7}C${x + r * 0.5} ${y - r * 0.6} ${x + r} ${y - r * 0.1} ${x + r} ${y + r * 0.35}` +
    `A${r} ${r} 0 1 1 ${x - r} ${y + r * 0.35}C${x - r} ${y - r * 0.1} ${x - r * 0.5} ${y - r * 0.6} ${x} ${y - r * 1.7}Z`;
  return (
    <g onClick={onChoose} className="cursor-pointer">
      <title>{`${spell.from.date}: ${standingWords(spell)}`}</title>
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
  const through = drops.findLast(({ spell }) => gotThrough(spell));
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
