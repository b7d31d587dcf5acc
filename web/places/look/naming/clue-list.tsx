import type { NamingClue } from '#engine';
import { howMany, inSentence, targetById } from '#knowledge';
import { showDate } from '../../../show/dates.ts';
import { useShow, useToday } from '../../../show/use-show.ts';

/** What the garden's own records make likelier, said once. */
export function ClueList({ clues }: { clues: readonly NamingClue[] }) {
  const show = useShow();
  const today = useToday();
  if (clues.length === 0) return null;
  return (
    <section aria-label="What your records say" className="sheet p-4">
      <h2 className="mb-1">What your records say</h2>
      <ul className="list-disc pl-5 text-[0.95rem]">
        {clues.map((clue) => (
          <li key={clue.what + clue.targetIds.join() + ('on' in clue ? clue.on : clue.plantName + clue.year)}>
            {clueWords(clue, show, today)}
          </li>
        ))}
      </ul>
      <p className="soft text-sm mt-1">They make these likelier here, by a little (grade C).</p>
    </section>
  );
}

function clueWords(clue: NamingClue, show: ReturnType<typeof useShow>, today: string): string {
  switch (clue.what) {
    case 'sprayed':
      return (
        `Sprayed ${howMany(clue.daysAgo, 'day')} ago` +
        (clue.hottestC === null ? '' : `, up to ${show.temperature(clue.hottestC)} then`) +
        ': burn or residue of it may be what you see.'
      );
    case 'moved-in':
      return `Moved into ${clue.placeName} on ${showDate(clue.on, today)}: mites, mealybugs and soft scale thrive in dry rooms.`;
    case 'seen-here':
      return (
        `${targetById(clue.targetIds[0]!).name} ${clue.byLab ? 'was named by a lab' : 'was met'} in ${clue.year} on ` +
        `${clue.samePlant ? 'this plant' : inSentence(clue.plantName)}.`
      );
  }
}
