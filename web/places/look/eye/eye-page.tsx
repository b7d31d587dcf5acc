import { useState } from 'react';
import { DAMAGE_KINDS, leafExercise, twigExercise, type DamageKind, type Exercise } from '#core/eye';
import type { Guess } from '#core/records';
import { newId } from '../../../api/new-id.ts';
import { useGuesses } from '../../../api/queries.ts';
import { keepRecord, putEntry } from '../../../outbox/use-outbox.ts';
import { Choices, Field } from '../../../parts/field.tsx';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { LeafDrawing, TwigDrawing } from '../../../plates/leaf-drawing.tsx';
import { significant } from '../../../show/units.ts';
import { useToday } from '../../../show/use-show.ts';
import { EyeRecord } from './eye-record.tsx';
import { numberOr } from '../../../show/number-or.ts';

type Lesson = 'mixed' | DamageKind | 'twigs';
const LESSONS: readonly { id: Lesson; label: string }[] = [
  { id: 'mixed', label: 'All leaves' },
  { id: 'spots', label: 'Spots' },
  { id: 'rust', label: 'Rust' },
  { id: 'mines', label: 'Mines' },
  { id: 'mildew', label: 'Mildew' },
  { id: 'twigs', label: 'Twigs' },
];
const PER_LESSON = 10;
const DAMAGE_WORDS: Readonly<Record<DamageKind, string>> = {
  spots: 'spotted',
  rust: 'rusty',
  mines: 'mined',
  mildew: 'white',
};

/** Drawn leaves and twigs whose truth is known: how far off is the eye, and where does it round? */
export function EyePage() {
  const [lesson, setLesson] = useState<Lesson>('mixed');
  return (
    <>
      <PageHead
        title="How good is your eye?"
        lead="Drawn leaves and twigs of which the truth is known. Most eyes see too much of small areas and round to fives; a few minutes help, and what is left is known."
      />
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_380px]">
        <div className="flex flex-col gap-4">
          <Choices legend="Lesson" value={lesson} options={LESSONS} onChange={setLesson} />
          <LessonView key={lesson} lesson={lesson} />
        </div>
        <Answered question={useGuesses()}>{(guesses) => <EyeRecord guesses={guesses} />}</Answered>
      </div>
    </>
  );
}

function exerciseFor(lesson: Lesson, seed: number): Exercise {
  if (lesson === 'twigs') return twigExercise(seed);
  return leafExercise(
    seed,
    DAMAGE_KINDS.find((kind) => kind === lesson),
  );
}

const freshSeed = () => Math.floor(Math.random() * 2 ** 30);

function LessonView({ lesson }: { lesson: Lesson }) {
  const [number, setNumber] = useState(1);
  const [exercise, setExercise] = useState(() => exerciseFor(lesson, freshSeed()));
  const [answered, setAnswered] = useState<readonly Guess[] | null>(null);
  const next = () => {
    setNumber(number === PER_LESSON ? 1 : number + 1);
    setExercise(exerciseFor(lesson, freshSeed()));
    setAnswered(null);
  };
  return (
    <section aria-label="Lesson" className="sheet p-5 flex flex-col gap-4">
      <p className="soft text-sm">
        {number} of {PER_LESSON}
      </p>
      {exercise.kind === 'leaf' ? (
        <LeafDrawing
          leaf={exercise.leaf}
          label={`A drawn leaf, partly ${DAMAGE_WORDS[exercise.leaf.kind]}`}
          className="w-full max-w-2xl mx-auto"
        />
      ) : (
        <TwigDrawing
          twig={exercise.twig}
          label="Ten centimetres of a drawn twig with covers"
          className="w-full"
        />
      )}
      {!answered &&
        (exercise.kind === 'leaf' ? (
          <GuessForm
            key={exercise.seed}
            asks={[
              {
                kind: exercise.leaf.kind,
                label: `${exercise.leaf.kind === 'mildew' ? 'White' : 'Damaged'}, % of the leaf`,
                truth: exercise.leaf.truthPercent,
                most: 100,
              },
            ]}
            seed={exercise.seed}
            onDone={setAnswered}
          />
        ) : (
          <GuessForm
            key={exercise.seed}
            asks={(['live', 'dead', 'holed'] as const).map((kind) => ({
              kind,
              label: `${kind} covers`,
              truth: exercise.twig.truth[kind],
              most: 1000,
            }))}
            seed={exercise.seed}
            onDone={setAnswered}
          />
        ))}
      {answered && (
        <div role="status">
          {answered.map(({ kind, guess, truth }) => (
            <p key={kind}>
              <b className="font-semibold">
                {exercise.kind === 'leaf' ? `It is ${significant(truth, 1)} %` : `${truth} ${kind}`}
              </b>
              ; you said {significant(guess, 1)}
              {verdictWords(guess, truth, exercise.kind === 'leaf')}.
            </p>
          ))}
          <button type="button" className="btn btn-primary mt-3" autoFocus onClick={next}>
            {number === PER_LESSON ? 'Another ten' : 'Next one'}
          </button>
        </div>
      )}
    </section>
  );
}

function verdictWords(guess: number, truth: number, isShare: boolean): string {
  const near = isShare ? Math.max(1, truth * 0.2) : Math.max(1, truth * 0.1);
  if (Math.abs(guess - truth) <= near) return ': close';
  return guess > truth ? ': too much' : ': too little';
}

interface Ask {
  readonly kind: Guess['kind'];
  readonly label: string;
  readonly truth: number;
  readonly most: number;
}

function GuessForm({
  asks,
  seed,
  onDone,
}: {
  asks: readonly Ask[];
  seed: number;
  onDone: (guesses: readonly Guess[]) => void;
}) {
  const today = useToday();
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>({});
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const answer = async () => {
    const numbers = asks.map(({ kind }) => numberOr(typed[kind] ?? '', Number.NaN));
    const wrong = Object.fromEntries(
      asks.flatMap(({ kind, most }, i) =>
        numbers[i]! >= 0 && numbers[i]! <= most ? [] : [[kind, `a number from 0 to ${most}`]],
      ),
    );
    setErrors(wrong);
    if (Object.keys(wrong).length > 0) return;
    const guesses = asks.map(({ kind, truth }, i): Guess => ({
      id: newId(),
      on: today,
      kind,
      seed,
      truth,
      guess: numbers[i]!,
    }));
    for (const guess of guesses) await keepRecord(putEntry('guesses', guess, 'a guess of the eye trainer'));
    onDone(guesses);
  };
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void answer();
      }}
    >
      {asks.map(({ kind, label }, i) => (
        <Field key={kind} label={label} error={errors[kind]}>
          <input
            className="input input-lg w-36"
            inputMode="decimal"
            autoFocus={i === 0}
            value={typed[kind] ?? ''}
            onChange={(event) => setTyped({ ...typed, [kind]: event.target.value })}
          />
        </Field>
      ))}
      <button type="submit" className="btn btn-primary btn-lg">
        That is my guess
      </button>
    </form>
  );
}
