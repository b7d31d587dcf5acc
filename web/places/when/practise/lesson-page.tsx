import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { addDays } from '#core/calendar';
import { type PracticeCase, WEEK_DAYS } from '#core/practice';
import type { PracticeClimate } from '#engine';
import {
  LESSON_CLIMATES,
  madeUpNormals,
  PRACTICE_TROUBLES,
  practiceCase,
  practiceStart,
  type PracticeTroubleId,
} from '#knowledge';
import { usePracticeClimate } from '../../../api/timing.ts';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showDate } from '../../../show/dates.ts';
import { WhenNav } from '../when-nav.tsx';
import { newSeed, type PracticePlant } from './practice-kept.ts';
import { PracticeDrawing } from './practice-drawing.tsx';
import { LESSONS } from './practice-words.ts';
import { ResultCard, resultTitle, TruthLine } from './result-card.tsx';
import { SightsCard } from './sights-card.tsx';
import { type Practice, usePractice } from './use-practice.ts';
import { WeekCard } from './week-card.tsx';

/** One made-up plant, from the first week to the truth. */
export function LessonPage() {
  const { lesson } = useParams();
  const [query] = useSearchParams();
  const trouble = PRACTICE_TROUBLES.find((id) => id === lesson);
  const [drawn] = useState(newSeed);
  const typed = Number(query.get('plant') ?? drawn);
  const seed = Number.isInteger(typed) && typed >= 0 ? typed : drawn;
  const climate = query.get('climate') === 'own' ? 'own' : 'made-up';
  const asked = usePracticeClimate();
  return (
    <>
      <WhenNav />
      {trouble ? (
        <Answered question={asked}>
          {(here) => (
            <Lesson key={`${trouble} ${climate} ${seed}`} asked={{ trouble, climate, seed }} here={here} />
          )}
        </Answered>
      ) : (
        <EmptyState title="There is no lesson of that name.">
          <Link className="link-husk" to="/when/practise">
            To the lessons
          </Link>
        </EmptyState>
      )}
    </>
  );
}

function Lesson({ asked, here }: { asked: PracticePlant; here: PracticeClimate }) {
  const { trouble, climate } = asked;
  const practised = useMemo(() => {
    const normals = climate === 'own' ? here.normals : madeUpNormals(LESSON_CLIMATES[trouble], here.isSouth);
    return normals && practiceCase(trouble, normals, practiceStart(here.isSouth));
  }, [trouble, climate, here]);
  if (practised) return <Practising practised={practised} asked={asked} />;
  return here.normals === null ? (
    <EmptyState title="Nobody told yet what your climate is like">
      Tell the usual lows and highs of your place, and plants can be made up for it:{' '}
      <Link className="link-husk" to="/when/normals">
        the usual months
      </Link>
      . Until then there are the{' '}
      <Link className="link-husk" to="/when/practise">
        lessons
      </Link>
      .
    </EmptyState>
  ) : (
    <EmptyState title="Not in your climate">
      Where you are it is too cold, or winter is too warm, for this to come as it does here. It can be
      practised{' '}
      <Link className="link-husk" to={`/when/practise/${trouble}?plant=${asked.seed}`}>
        where its lesson is set
      </Link>
      .
    </EmptyState>
  );
}

function Practising({ practised, asked }: { practised: PracticeCase; asked: PracticePlant }) {
  const practice = usePractice(practised, asked);
  const { log, result } = practice;
  const words = LESSONS[asked.trouble];
  const date = (day: number) => showDate(addDays(practised.start, day));
  const title = result
    ? resultTitle(practised, result)
    : `${words.name}: ${date(log.today)} to ${date(log.today + WEEK_DAYS - 1)}`;
  return (
    <div className="grid gap-x-6 gap-y-4 lg:grid-cols-[minmax(0,1fr)_350px] lg:grid-rows-[auto_1fr]">
      <div className="min-w-0">
        <PageHead title={title} lead={result ? `${words.name}, plant ${asked.seed}.` : words.story} />
        <div className="sheet p-3 sm:p-4">
          <PracticeDrawing practice={practice} trouble={asked.trouble} label={title} />
        </div>
      </div>
      <aside className="flex flex-col gap-4 lg:col-start-2 lg:row-start-1 lg:row-span-2">
        {result ? (
          <ResultCard practice={practice} result={result} asked={asked} />
        ) : (
          <WeekCard practice={practice} trouble={asked.trouble} />
        )}
        <SightsCard practice={practice} trouble={asked.trouble} />
      </aside>
      <Beneath practice={practice} asked={asked} />
    </div>
  );
}

/** What the drawing shows, in words. */
function Beneath({
  practice,
  asked,
}: {
  practice: Practice;
  asked: { trouble: PracticeTroubleId; seed: number };
}) {
  const { result, practised, log } = practice;
  const weeksGone = Math.round((log.today - practised.firstDay) / WEEK_DAYS);
  return (
    <div className="flex flex-col gap-2 max-w-[72ch]">
      {result ? (
        <TruthLine practice={practice} />
      ) : (
        <>
          <p>
            <b className="font-semibold">What it is there for:</b> {LESSONS[asked.trouble].question}
          </p>
          <p className="soft text-sm">
            Week {weeksGone + 1} of {practised.weeks}, plant {asked.seed}. Blue is the rain that fell, black
            what was counted{practised.trouble.by === 'hatch' && ', bars what was caught'}. What is true of
            the plant is shown at the end. Its figures are rules of thumb (grade C); in a real garden the
            label and local rules come first.
          </p>
        </>
      )}
      <p>
        <Link className="link-husk" to="/when/practise">
          All lessons
        </Link>
      </p>
    </div>
  );
}
