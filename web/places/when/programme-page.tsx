import type { SeriesAnswer } from '#engine';
import { useProgramme } from '../../api/series.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { OwnDates } from '../../parts/series/own-dates.tsx';
import { SeriesCard } from '../../parts/series/series-card.tsx';
import { inSentence } from '#knowledge';
import { WinterGuards } from './winter-guards.tsx';
import { WhenNav } from './when-nav.tsx';
import { ForManyPlants } from './for-many-plants.tsx';

/** Every series and date of the garden: what runs, what may be begun for many plants, what is over. */
export function ProgrammePage() {
  return (
    <>
      <WhenNav />
      <PageHead
        title="What is planned"
        lead="Series of sprays, hand work and looks, each with its next date; dates of your own; and what is done on plants with nothing wrong."
      />
      <Answered question={useProgramme()}>{(programme) => <Programme programme={programme} />}</Answered>
    </>
  );
}

function Programme({ programme }: { programme: readonly SeriesAnswer[] }) {
  const running = programme.filter(({ over }) => over === null);
  const over = programme.filter((answer) => answer.over !== null);
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_420px]">
      <div className="flex flex-col gap-5">
        <section aria-label="Running">
          <h2 className="mb-2">Running</h2>
          {running.length === 0 ? (
            <EmptyState title="No series runs.">
              Log a spray or hand work on a watch and “And then?” offers what usually follows; or plan
              something for plants with nothing wrong.
            </EmptyState>
          ) : (
            <BySubject answers={running} />
          )}
        </section>
        <WinterGuards />
        {over.length > 0 && (
          <details>
            <summary className="link-husk list-none">Over ({over.length})</summary>
            <BySubject answers={over} />
          </details>
        )}
      </div>
      <div className="flex flex-col gap-5">
        <section aria-label="For the whole garden" className="flex flex-col gap-2">
          <h2>For the whole garden</h2>
          <OwnDates watchId={null} plantId={null} />
        </section>
        <ForManyPlants />
      </div>
    </div>
  );
}

function BySubject({ answers }: { answers: readonly SeriesAnswer[] }) {
  return (
    <ul className="sheet divide-y divide-base-300">
      {answers.map((answer) => (
        <li key={answer.series.id}>
          <p className="px-4 pt-3 soft text-sm">
            {answer.plantName || 'The whole garden'}
            {answer.targetName && `, ${inSentence(answer.targetName)}`}
          </p>
          <SeriesCard answer={answer} />
        </li>
      ))}
    </ul>
  );
}
