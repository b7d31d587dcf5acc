import { useState } from 'react';
import { FIRST_WORD, saysNothing, type Answers } from '#core/identify';
import { CHECKS, FIRST_WORDS } from '#knowledge';
import { Field } from '../../../parts/field.tsx';
import { CheckRow } from './check-row.tsx';
import { capital } from '../../../show/sentence.ts';
import { checkOf } from './naming-words.ts';

interface AnsweredListProps {
  readonly answers: Answers;
  readonly onGive: (checkId: string, answerId: string) => void;
  readonly onTakeBack: (checkId: string) => void;
  readonly coversTurned: number;
  readonly onCoversTurned: (covers: number) => void;
}

const MOST_COVERS = 1000;

/** What was answered, each to be changed by itself; what was seen first, what is not there in one line. */
export function AnsweredList({
  answers,
  onGive,
  onTakeBack,
  coversTurned,
  onCoversTurned,
}: AnsweredListProps) {
  const [changing, setChanging] = useState<string | null>(null);
  const word = FIRST_WORDS.find(({ id }) => id === answers[FIRST_WORD]);
  const answered = CHECKS.filter(({ id }) => answers[id] !== undefined);
  if (answered.length === 0 && !word) return null;
  const row = (checkId: string, text: string) => (
    <li key={checkId} className="px-4 py-2">
      {changing === checkId ? (
        <CheckRow
          check={checkOf(checkId)}
          answer={answers[checkId]}
          onGive={(id, answerId) => {
            onGive(id, answerId);
            setChanging(null);
          }}
        />
      ) : (
        <span className="flex flex-wrap items-center gap-x-3">
          <span className="grow">{text}</span>
          <button type="button" className="link-husk text-sm min-h-9" onClick={() => setChanging(checkId)}>
            change<span className="sr-only"> {checkOf(checkId).name}</span>
          </button>
          <button type="button" className="link-husk text-sm min-h-9" onClick={() => onTakeBack(checkId)}>
            take back<span className="sr-only"> {checkOf(checkId).name}</span>
          </button>
        </span>
      )}
    </li>
  );
  return (
    <section aria-label="What you answered">
      <h2 className="mb-2">What you answered</h2>
      <ul className="sheet divide-y divide-base-300">
        {word && (
          <li className="px-4 py-2 flex flex-wrap items-center gap-x-3">
            <span className="grow">At first: {word.label.toLowerCase()}</span>
            <button
              type="button"
              className="link-husk text-sm min-h-9"
              onClick={() => onTakeBack(FIRST_WORD)}
            >
              take back<span className="sr-only"> the first word</span>
            </button>
          </li>
        )}
        {answered.map(({ id, name, kind, answers: options }) => {
          const answer = answers[id]!;
          const label = options.find((option) => option.id === answer)?.label.toLowerCase();
          const says = saysNothing(answer)
            ? 'not sure'
            : kind === 'sign' && answer === 'no'
              ? 'not there'
              : label;
          return row(id, kind === 'sign' && answer === 'yes' ? capital(name) : `${capital(name)}: ${says}`);
        })}
      </ul>
      {answers['turn-over'] !== undefined && (
        <div className="mt-3 max-w-60">
          <Field label="Covers turned over" hint="ten or more before calling it dead">
            <input
              className="input w-full"
              type="number"
              min="0"
              max={MOST_COVERS}
              value={coversTurned || ''}
              onChange={(event) =>
                onCoversTurned(
                  Math.max(0, Math.min(MOST_COVERS, Math.trunc(Number(event.target.value)) || 0)),
                )
              }
            />
          </Field>
        </div>
      )}
    </section>
  );
}
