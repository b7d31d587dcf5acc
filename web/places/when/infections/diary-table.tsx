import { gotThrough } from '#core/infection';
import type { DiarySpell } from '#engine';
import { showDate } from '../../../show/dates.ts';
import { showShare } from '../../../show/units.ts';
import { useShow } from '../../../show/use-show.ts';
import {
  chanceWords,
  type Diary,
  infectionWords,
  lastedWords,
  seenWords,
  spellDays,
  standingWords,
} from './diary-words.ts';

interface DiaryTableProps {
  readonly diary: Diary;
  readonly chosenId: string | null;
  readonly onChoose: (id: string) => void;
}

/** Every wet time as a line; its first cell opens its inside. */
export function DiaryTable({ diary, chosenId, onChoose }: DiaryTableProps) {
  const { spells } = diary;
  if (spells.length === 0) return null;
  return (
    <div
      className="sheet mt-4 overflow-x-auto"
      tabIndex={0}
      role="group"
      aria-label="Table, scrolls sideways"
    >
      <table className="table table-sm">
        <caption className="sr-only">Wet times, and what became of each</caption>
        <thead>
          <tr>
            <th>when</th>
            <th>{diary.disease.ruleKind === 'wet' ? 'wet' : 'lasted'}</th>
            <th className="text-right">at</th>
            <th className="text-right">it takes</th>
            <th>infection</th>
            <th className="text-right">covered</th>
            <th>stands as</th>
            <th>spots show</th>
            <th>found</th>
          </tr>
        </thead>
        <tbody>
          {spells.toReversed().map((spell) => (
            <Line
              key={spell.id}
              spell={spell}
              ruleKind={diary.disease.ruleKind}
              isChosen={spell.id === chosenId}
              onChoose={onChoose}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Line({
  spell,
  ruleKind,
  isChosen,
  onChoose,
}: {
  spell: DiarySpell;
  ruleKind: Diary['disease']['ruleKind'];
  isChosen: boolean;
  onChoose: (id: string) => void;
}) {
  const show = useShow();
  const { word, standing, spots, neededHours } = spell;
  return (
    <tr className={isChosen ? 'bg-(--husk-pale)' : ''}>
      <td className="whitespace-nowrap">
        <button
          type="button"
          className="link-husk min-h-6"
          aria-pressed={isChosen}
          onClick={() => onChoose(spell.id)}
        >
          {spellDays(spell)}
        </button>
      </td>
      <td className="whitespace-nowrap">{lastedWords(spell, ruleKind)}</td>
      <td className="text-right whitespace-nowrap">{show.temperature(spell.meanC)}</td>
      <td className="text-right whitespace-nowrap">
        {neededHours === null ? '' : `${neededHours.toFixed(0)} h`}
      </td>
      <td className="whitespace-nowrap">
        {standing === 'ahead' && word
          ? `${infectionWords(spell)}, ${chanceWords(spell.chance)}`
          : infectionWords(spell)}
      </td>
      <td className="text-right">{word === null ? '' : showShare(spell.covered)}</td>
      <td className={`whitespace-nowrap ${gotThrough(spell) ? 'text-error font-semibold' : ''}`}>
        {standingWords(spell)}
      </td>
      <td className="whitespace-nowrap">
        {spots
          ? spots.from === spots.to
            ? showDate(spots.from)
            : `${showDate(spots.from)} to ${showDate(spots.to)}`
          : ''}
      </td>
      <td className="whitespace-nowrap">{seenWords(spell)}</td>
    </tr>
  );
}
