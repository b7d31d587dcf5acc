import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { addDays } from '#core/calendar';
import { type Helped, hatchDays, type PracticeCase, type PracticeResult } from '#core/practice';
import { PRACTICE_TROUBLES } from '#knowledge';
import { showDate } from '../../../show/dates.ts';
import { LeftBars, type LeftBar } from '../plan/left-bars.tsx';
import { countWord } from '../plan/plan-words.ts';
import { newSeed, type PracticePlant } from './practice-kept.ts';
import { LESSONS, times, wayInSentence } from './practice-words.ts';
import { practicePath } from './practise-page.tsx';
import type { Practice } from './use-practice.ts';

const isWet = ({ trouble }: PracticeCase) => trouble.by === 'wet-spells';

/** "You left 39 of 100; as many treatments could have left 32". */
export function resultTitle(practised: PracticeCase, { mine, best }: PracticeResult): string {
  const [yours, least] = [Math.round(mine.left), Math.round(best.left)];
  const wet = isWet(practised);
  if (mine.treatments.length === 0 && mine.clearedOn !== null)
    return `Next door alone left ${yours} of 100; one treatment besides could have left ${least}`;
  if (mine.treatments.length === 0)
    return wet
      ? `Nothing was done: ${yours} of 100 got through; one treatment could have let through ${least}`
      : `Nothing was done: ${yours} of 100 are left; one treatment could have left ${least}`;
  const asMany = mine.treatments.length === 1 ? 'one treatment' : 'as many treatments';
  return wet
    ? `${yours} of 100 got through; ${asMany} could have let through ${least}`
    : `You left ${yours} of 100; ${asMany} could have left ${least}`;
}

const exactly = (left: number) => ({ median: left, low: left, high: left, mean: left });

/** What came of the season, beside doing nothing, the calendar and the best, and what would have helped most. */
export function ResultCard({
  practice,
  result,
  asked,
}: {
  practice: Practice;
  result: PracticeResult;
  asked: PracticePlant;
}) {
  const { mine, alone, calendar, best, helped } = result;
  const navigate = useNavigate();
  const [another] = useState(newSeed);
  const { practised, again } = practice;
  const date = (day: number) => showDate(addDays(practised.start, day));
  const bars: LeftBar[] = [
    { name: 'nothing done', left: exactly(alone) },
    { name: `by the calendar, ${times(calendar.treatments.length)}`, left: exactly(calendar.left) },
    { name: `yours, ${times(mine.treatments.length)}`, left: exactly(mine.left), isShown: true },
    { name: `the best, ${times(best.treatments.length)}`, left: exactly(best.left) },
  ];
  const next = PRACTICE_TROUBLES[PRACTICE_TROUBLES.indexOf(asked.trouble) + 1];
  return (
    <section aria-label="What came of it" className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
      <h2>{isWet(practised) ? 'Got through, of 100 infections' : 'Left at the end, of 100'}</h2>
      <LeftBars bars={bars} />
      <p>
        The best{best.clearedOn === null ? '' : ', with next door cut back'}:{' '}
        {best.treatments.map(({ day, wayId }) => `${wayInSentence(wayId)} on ${date(day)}`).join(' and ')}.
      </p>
      <p className="soft">
        Yours took about {mine.hours.toFixed(0)} h in all, the calendar’s {calendar.hours.toFixed(0)} h.
      </p>
      <p className="font-medium">
        {helpedWords(helped, date, { wet: isWet(practised), isFirst: mine.treatments.length === 0 })}
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary" onClick={again}>
          The same plant again
        </button>
        <button
          type="button"
          className="btn"
          onClick={() => void navigate(practicePath(asked.trouble, asked.climate, another))}
        >
          Another plant
        </button>
      </div>
      {next && asked.climate === 'made-up' && (
        <p>
          Next:{' '}
          <Link className="link-husk" to={practicePath(next, 'made-up', another)}>
            {LESSONS[next].name}
          </Link>
        </p>
      )}
    </section>
  );
}

/** What would have helped most, in one sentence. */
function helpedWords(
  helped: Helped,
  date: (day: number) => string,
  { wet, isFirst }: { readonly wet: boolean; readonly isFirst: boolean },
): string {
  const fewer = `would have ${wet ? 'let through' : 'left'} ${Math.round(helped.fewer)} fewer`;
  switch (helped.what) {
    case 'other-days':
      return `Other days would have helped most: ${helped.treatments.map(({ day }) => date(day)).join(' and ')} ${fewer}.`;
    case 'one-more':
      return `${isFirst ? 'One treatment' : 'One more'} would have helped most: ${helped.treatments
        .map(({ day, wayId }) => `${wayInSentence(wayId)} on ${date(day)}`)
        .join(' and ')} ${fewer}.`;
    case 'other-way':
      return `Another way would have helped most: on the same days, ${wayInSentence(helped.wayId)} ${fewer}.`;
    case 'clear-source':
      return `Next door would have helped most: theirs cut back at the start ${fewer}.`;
    case 'one-fewer':
      return `What was done on ${date(helped.treatment.day)} took next to nothing: it could have been left out.`;
    case 'little':
      return 'Hardly anything would have helped further: that is about as good as it gets.';
  }
}

/** What was true, in words. */
export function TruthLine({ practice }: { practice: Practice }) {
  const { truth, practised } = practice;
  const date = (day: number) => showDate(addDays(practised.start, day));
  const [first, second] = truth.season.generations;
  if (!first) return <p>Nothing happened in that season at all.</p>;
  const [from, to] = hatchDays(first);
  if (truth.openOn !== null) {
    const spells = first.hatchedOn.length;
    return (
      <p>
        The truth: buds opened on {date(truth.openOn)}, and {countWord(spells).toLowerCase()} wet spells could
        infect, from {date(first.hatchedOn[0]!)} to {date(first.hatchedOn[spells - 1]!)}. Drawn is what got
        through, beside the pale outline of what would have with nothing done.
      </p>
    );
  }
  return (
    <p>
      The truth: nine in ten came out from {date(from)} to {date(to)}
      {second && `, and again from ${date(hatchDays(second)[0])} to ${date(hatchDays(second)[1])}`}. Drawn is
      how many lived, beside the pale outline of the plant left alone; your tapes and counts stand over it.
    </p>
  );
}
