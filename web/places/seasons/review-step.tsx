import { Link } from 'react-router';
import { REVIEW_CHOICES, type ReviewChoice } from '#core/records';
import type { ReviewAnswer, ReviewedWatch } from '#engine';
import { inSentence } from '#knowledge';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { TitledLines } from '../../parts/titled-lines.tsx';
import { useShow } from '../../show/use-show.ts';
import type { ReviewStepId } from './review-steps.ts';
import {
  CHOICE_WORDS,
  type Choices,
  programmeLines,
  recordLines,
  shoppingLines,
  watchLines,
} from './review-words.ts';

interface ReviewStepProps {
  readonly step: Exclude<ReviewStepId, 'sheet'>;
  readonly answer: ReviewAnswer;
  readonly choices: Choices;
  readonly onChoose: (watchId: string, choice: ReviewChoice) => void;
}

/** One step of the half hour. */
export function ReviewStep({ step, answer, choices, onChoose }: ReviewStepProps) {
  const show = useShow();
  switch (step) {
    case 'watches':
      return (
        <ul className="grid gap-3 md:grid-cols-2">
          {answer.watches.map((watch) => (
            <li key={watch.watchId}>
              <OneWatch
                watch={watch}
                chosen={choices.get(watch.watchId) ?? null}
                onChoose={(choice) => onChoose(watch.watchId, choice)}
              />
            </li>
          ))}
        </ul>
      );
    case 'record':
      return (
        <TitledLines
          className="sheet p-4 max-w-3xl flex flex-col gap-3"
          title="What was foretold here, and what came"
          lines={recordLines(answer)}
        >
          <Link className="link-husk" to="/seasons/names">
            The names one by one
          </Link>
        </TitledLines>
      );
    case 'next':
      return (
        <TitledLines
          className="sheet p-4 max-w-3xl flex flex-col gap-3"
          title="Programmes of next year"
          lines={programmeLines(answer.programmes)}
        >
          <Link className="link-husk" to="/when/programme">
            Lay out the programmes
          </Link>
          <Link className="link-husk" to="/when/plan">
            Plan a season's sprays
          </Link>
        </TitledLines>
      );
    case 'buy':
      return (
        <TitledLines
          className="sheet p-4 max-w-3xl flex flex-col gap-3"
          title="What to buy"
          lines={shoppingLines(answer.shopping, (ml) => show.pour(ml))}
        >
          <Link className="link-husk" to="/mix/shopping">
            The shopping card
          </Link>
        </TitledLines>
      );
  }
}

function OneWatch({
  watch,
  chosen,
  onChoose,
}: {
  watch: ReviewedWatch;
  chosen: ReviewChoice | null;
  onChoose: (choice: ReviewChoice) => void;
}) {
  return (
    <article className="sheet p-4 h-full flex flex-col gap-2">
      <div className="flex flex-wrap justify-between gap-2">
        <h2>
          <Link className="link-husk" to={`/seasons/watch/${watch.watchId}`}>
            {watch.plantName}
          </Link>
          , {inSentence(watch.targetName)}
        </h2>
        <BeadScale level={watch.cell?.count?.level ?? null} before={watch.before?.count?.level ?? null} />
      </div>
      <ul className="text-[0.95rem]">
        {watchLines(watch).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {watch.outcome === 'open' ? (
        <fieldset className="mt-auto">
          <legend className="soft text-sm">Next year</legend>
          <div className="flex flex-wrap gap-x-4">
            {REVIEW_CHOICES.map((choice) => (
              <label key={choice} className="flex items-center gap-2 min-h-11">
                <input
                  type="radio"
                  className="radio radio-sm"
                  name={`next ${watch.watchId}`}
                  checked={chosen === choice}
                  onChange={() => onChoose(choice)}
                />
                {CHOICE_WORDS[choice]}
              </label>
            ))}
          </div>
        </fieldset>
      ) : (
        <p className="soft text-sm mt-auto">It is closed.</p>
      )}
    </article>
  );
}
