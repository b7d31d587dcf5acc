import { useEffect, useId, useRef, useState } from 'react';
import { NOT_SURE, STILL_NOT_SURE, type Answers, type NextQuestion } from '#core/identify';
import { beliefsAbout } from '#knowledge';
import { Beliefs } from '../../../parts/beliefs.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { capital } from '../../../show/sentence.ts';
import { checkOf } from './naming-words.ts';

interface QuestionProps {
  readonly question: NextQuestion;
  readonly onAnswers: (answers: Answers) => void;
  /** Whether something was answered before, so that the next question takes the focus. */
  readonly takesFocus: boolean;
}

/** One question: a few signs to be seen with one look, or one test. */
export function QuestionCard(props: QuestionProps) {
  const heading = useRef<HTMLHeadingElement>(null);
  const { takesFocus, question } = props;
  useEffect(() => {
    if (takesFocus) heading.current?.focus();
  }, [takesFocus]);
  const first = checkOf(question.checkIds[0]!);
  return (
    <section aria-label="Look at this next" className="sheet border-primary! border-2! p-4">
      <h2
        ref={heading}
        tabIndex={-1}
        className="mb-1 font-serif text-lg! text-base-content! outline-none scroll-mt-28"
      >
        {question.again && <span className="tag mr-2">once more, if you can</span>}
        {first.kind === 'test' ? first.question : 'Do you see any of these?'}
      </h2>
      {first.kind === 'test' ? <OneTest {...props} /> : <SomeSigns {...props} />}
    </section>
  );
}

const unsure = ({ checkIds, again }: NextQuestion): Answers =>
  Object.fromEntries(checkIds.map((id) => [id, again ? STILL_NOT_SURE : NOT_SURE]));

/** Drawings to tap; those not tapped are not there. */
function SomeSigns({ question, onAnswers }: QuestionProps) {
  const [seen, setSeen] = useState<readonly string[]>([]);
  const answer = (ids: readonly string[]) =>
    onAnswers(Object.fromEntries(question.checkIds.map((id) => [id, ids.includes(id) ? 'yes' : 'no'])));
  const toggle = (id: string) =>
    setSeen(seen.includes(id) ? seen.filter((other) => other !== id) : [...seen, id]);
  return (
    <>
      <p className="soft text-sm mb-3">Tap all that are there; both leaf sides, a few branches.</p>
      <div className="grid gap-2 sm:grid-cols-4">
        {question.checkIds.map((id) => (
          <SignTile key={id} checkId={id} isSeen={seen.includes(id)} onTap={() => toggle(id)} />
        ))}
      </div>
      {seen.map((id) => (
        <Beliefs key={id} beliefs={beliefsAbout('checkIds', id)} />
      ))}
      <div className="mt-3 grid grid-cols-2 sm:flex gap-2">
        <button
          type="button"
          className={`btn min-h-12 ${seen.length > 0 ? 'btn-primary' : ''}`}
          onClick={() => answer(seen)}
        >
          {seen.length > 0 ? `${seen.length} of them` : 'None of these'}
        </button>
        <button type="button" className="btn min-h-12" onClick={() => onAnswers(unsure(question))}>
          Not sure
        </button>
      </div>
    </>
  );
}

function SignTile({ checkId, isSeen, onTap }: { checkId: string; isSeen: boolean; onTap: () => void }) {
  const check = checkOf(checkId);
  const howId = useId();
  return (
    <button
      type="button"
      aria-pressed={isSeen}
      aria-describedby={howId}
      onClick={onTap}
      className={`rounded-lg border-2 p-2 text-left min-w-0 flex gap-3 items-center sm:flex-col sm:items-stretch sm:gap-1 sm:min-h-24 ${isSeen ? 'border-primary bg-(--husk-pale) text-(--husk-deep)' : 'border-base-300 bg-base-100'}`}
    >
      <span className="shrink-0 empty:hidden" aria-hidden>
        <PlateFor checkId={checkId} className="w-16 h-11 sm:w-full sm:h-24" />
      </span>
      <span className="min-w-0">
        <b className="font-semibold leading-tight block">{capital(check.name)}</b>
        <span id={howId} className={`soft text-sm leading-snug ${isSeen ? '' : 'hidden sm:block'}`}>
          {check.how}
        </span>
      </span>
    </button>
  );
}

const EFFORT_WORDS = {
  look: 'a look',
  lens: 'with a lens',
  knife: 'with a nail or knife',
  week: 'takes a week',
} as const;

const SHORT_LABEL = 40;

const SWATCHES: Readonly<Record<string, string>> = {
  white: '#ffffff',
  grey: '#9a9a94',
  brown: '#7a4a27',
  black: '#1f1b17',
  orange: '#d9701d',
  yellow: '#e3c62f',
  red: '#a8324a',
  green: '#6f8a3f',
  silver: 'linear-gradient(135deg, #f4f6f7, #b7c0c4)',
};

/** The colour itself beside its name; nothing where something is missing. */
function Swatch({ colourId }: { colourId: string }) {
  const background = SWATCHES[colourId];
  if (!background) return null;
  return (
    <span
      aria-hidden
      className="size-5 shrink-0 rounded-full border border-[#6b6b60]"
      style={{ background }}
    />
  );
}

function OneTest({ question, onAnswers }: QuestionProps) {
  const check = checkOf(question.checkIds[0]!);
  // Short answers stand side by side on a phone too, so that all are on one screen.
  const short = check.answers.every(({ label }) => label.length <= SHORT_LABEL);
  return (
    <>
      <div className="flex gap-4 mb-3">
        <PlateFor checkId={check.id} className="w-24 h-16" />
        <p className="soft text-sm">
          {check.how} ({check.term ? `${check.term}; ` : ''}
          {EFFORT_WORDS[check.effort]})
        </p>
      </div>
      <div className={`grid gap-2 sm:grid-cols-2 ${short ? 'grid-cols-2' : ''}`}>
        {check.answers.map(({ id, label }) => (
          <button
            key={id}
            type="button"
            className="rounded-lg border border-base-300 bg-base-100 px-3 py-2 min-h-12 text-left flex items-center gap-2"
            onClick={() => onAnswers({ [check.id]: id })}
          >
            {check.id === 'colour' && <Swatch colourId={id} />}
            {label}
          </button>
        ))}
        <button type="button" className="btn min-h-12" onClick={() => onAnswers(unsure(question))}>
          Not sure
        </button>
      </div>
    </>
  );
}
