import { INDEX_HIGH } from '#core/infection';
import type { DiarySpell } from '#engine';
import { showDate, showDateRange } from '../../../show/dates.ts';
import { capital } from '../../../show/sentence.ts';
import { showShare } from '../../../show/units.ts';
import { useShow } from '../../../show/use-show.ts';
import {
  chanceWords,
  coverWords,
  type Diary,
  infectionWords,
  lastedWords,
  seenWords,
  spellName,
  standingWords,
} from './diary-words.ts';

/** One wet time from inside: how long, how warm, what it took, what was over the leaves, when it shows. */
export function SpellCard({ spell, diary }: { spell: DiarySpell; diary: Diary }) {
  const show = useShow();
  const { from, to, meanC, neededHours, rainMm, severityFrom, word, standing, spots, index, sporesRipe } =
    spell;
  const isWet = diary.disease.ruleKind === 'wet';
  const rows: readonly (readonly [string, string])[] = [
    ['From', `${showDate(from.date)}, ${from.hour} h`],
    ['To', `${showDate(to.date)}, ${to.hour} h`],
    [isWet ? 'Wet' : 'Lasted', lastedWords(spell, diary.disease.ruleKind)],
    ['At', show.temperature(meanC)],
    ...(index === null ? [] : [['Index', `${index}${index >= INDEX_HIGH ? ', high' : ''}`] as const]),
    ['Rain', show.rain(rainMm)],
    ...(severityFrom.length > 0
      ? severityFrom.map(
          ({ severity, hours }) => [`${capital(severity)} from`, `${hours.toFixed(0)} h`] as const,
        )
      : isWet
        ? [['It takes', neededHours === null ? 'other warmth' : `${neededHours.toFixed(0)} h`] as const]
        : []),
    [
      'Infection',
      standing === 'ahead' && word
        ? `${infectionWords(spell)}, ${chanceWords(spell.chance)}`
        : infectionWords(spell),
    ],
    ...(sporesRipe === null ? [] : [['Spores ripe', showShare(sporesRipe)] as const]),
    ...(word === null ? [] : [['Stands as', standingWords(spell)] as const]),
    ...(spots ? [['Spots show', showDateRange(spots.from, spots.from, spots.to)] as const] : []),
    ...(seenWords(spell) ? [['Found', seenWords(spell)] as const] : []),
  ];
  return (
    <section aria-label={spellName(spell)} className="sheet p-4">
      <h2 className="mb-2">{spellName(spell)}</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[0.93rem]">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="soft">{name}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      {word !== null && <p className="text-sm mt-2">{coverWords(spell, show)}</p>}
      {spell.basis !== 'measured' && (
        <p className="soft text-sm mt-1">
          {spell.basis === 'forecast'
            ? 'A forecast, and wetness guessed from it.'
            : "Wetness is guessed from the day's rain."}
        </p>
      )}
    </section>
  );
}
