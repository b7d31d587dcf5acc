import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { ReviewChoice, YearReview } from '#core/records';
import type { ReviewAnswer } from '#engine';
import { newId } from '../../api/new-id.ts';
import { useGarden, useReview, useWatches, useYearReviews } from '../../api/queries.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { SavedText } from '../../parts/saved-text.tsx';
import { type Kept, useKeeping } from '../../parts/use-keeping.ts';
import { showFullDate } from '../../show/dates.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { ReviewSheet } from './review-sheet.tsx';
import { ReviewStep } from './review-step.tsx';
import { REVIEW_STEPS, type ReviewStepId, STEP_NAMES } from './review-steps.ts';
import { keptFor, reviewText } from './review-words.ts';
import { SeasonsNav } from './seasons-nav.tsx';

/** The year's review: a guided half hour in winter, ending in a sheet that is kept and printed. */
export function ReviewPage() {
  const kept = useYearReviews();
  return (
    <>
      <SeasonsNav />
      <Answered question={useReview()}>
        {(answer) => (
          <Answered question={kept}>
            {(reviews) =>
              answer.watches.length === 0 ? (
                <EmptyState title="No watch to look back on yet.">
                  <Link className="link-husk" to="/look/new">
                    Note what you see
                  </Link>
                  ; in winter the year is gone through here.
                </EmptyState>
              ) : (
                <Review answer={answer} kept={keptFor(reviews, answer.season.start)} />
              )
            }
          </Answered>
        )}
      </Answered>
    </>
  );
}

function Review({ answer, kept }: { answer: ReviewAnswer; kept: YearReview | null }) {
  const today = useToday();
  const show = useShow();
  const gardenName = useGarden().data?.garden?.name ?? 'the garden';
  const watches = useWatches().data ?? [];
  const { keepAll } = useKeeping();
  const [step, setStep] = useState<ReviewStepId>(kept ? 'sheet' : 'watches');
  const [choices, setChoices] = useState<ReadonlyMap<string, ReviewChoice>>(
    new Map(kept?.choices.map(({ watchId, choice }) => [watchId, choice])),
  );
  const [note, setNote] = useState(kept?.note ?? '');
  const text = reviewText(answer, choices, note, show, gardenName);
  const at = REVIEW_STEPS.indexOf(step);
  const keep = () => {
    const review: YearReview = {
      id: kept?.id ?? newId(),
      season: answer.season.start,
      on: today,
      choices: [...choices].map(([watchId, choice]) => ({ watchId, choice })),
      sheet: text,
      note,
    };
    const closing = watches.filter(
      ({ watch }) => watch.outcome === 'open' && choices.get(watch.id) === 'close',
    );
    const closed = closing.map(({ watch, plant }): Kept => ({
      kind: 'watches',
      record: { ...watch, outcome: 'closed', outcomeOn: today },
      from: { ...watch },
      label: `the watch on ${plant.name}, closed`,
    }));
    void keepAll(
      [
        {
          kind: 'year-reviews',
          record: { ...review },
          label: `the review of ${answer.season.name}`,
          ...(kept && { from: { ...kept } }),
        },
        ...closed,
      ],
      closing.length > 0
        ? `The review is kept, and ${closing.length === 1 ? 'one watch is' : `${closing.length} watches are`} closed.`
        : 'The review is kept with its season.',
    );
  };
  return (
    <>
      <PageHead
        title={answer.isOver ? `The year ${answer.season.name}` : `The year ${answer.season.name} so far`}
        lead={
          kept
            ? `Kept on ${showFullDate(kept.on)}. What was decided can be changed and kept anew.`
            : answer.isOver
              ? 'Half an hour, five steps: what each watch did, what was foretold, what comes next, what to buy, and a sheet to keep.'
              : 'The season still runs. Look in winter, when it is over; what stands here is as of today.'
        }
      >
        {step === 'sheet' && (
          <>
            <button type="button" className="btn btn-primary no-print" onClick={() => window.print()}>
              <Printer size={18} aria-hidden /> Print
            </button>
            <SavedText name={`year-${answer.season.name}.txt`} text={text} />
          </>
        )}
      </PageHead>
      <ol className="flex flex-wrap gap-2 mb-4 no-print" aria-label="Steps">
        {REVIEW_STEPS.map((id, i) => (
          <li key={id}>
            <button
              type="button"
              className={`btn btn-sm min-h-11 ${id === step ? 'btn-primary' : ''}`}
              aria-current={id === step ? 'step' : undefined}
              onClick={() => setStep(id)}
            >
              {i + 1} {STEP_NAMES[id]}
            </button>
          </li>
        ))}
      </ol>
      {step === 'sheet' ? (
        <ReviewSheet answer={answer} choices={choices} note={note} onNote={setNote} onKeep={keep} />
      ) : (
        <ReviewStep
          step={step}
          answer={answer}
          choices={choices}
          onChoose={(watchId, choice) => setChoices(new Map([...choices, [watchId, choice]]))}
        />
      )}
      {at < REVIEW_STEPS.length - 1 && (
        <button
          type="button"
          className="btn btn-primary mt-4 min-h-11 no-print"
          onClick={() => setStep(REVIEW_STEPS[at + 1]!)}
        >
          On to: {STEP_NAMES[REVIEW_STEPS[at + 1]!].toLowerCase()}
        </button>
      )}
    </>
  );
}
