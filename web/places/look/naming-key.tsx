import { useId, useMemo } from 'react';
import { nameIt, NOT_SURE, type Answers, type Check, type Naming, type Scene } from '#core/identify';
import { beliefsAbout, CHECKS, TARGETS, howMany } from '#knowledge';
import { Field } from '../../parts/field.tsx';
import { Beliefs } from '../../parts/beliefs.tsx';
import { PlateFor } from '../../plates/plates.tsx';
import { NamingResult } from './naming-result.tsx';

/** Signs shown before the rest is asked for. */
const SIGNS_AT_ONCE = 12;

const EFFORT_WORDS = {
  look: 'a look',
  lens: 'with a lens',
  knife: 'with a nail or knife',
  week: 'takes a week',
} as const;

interface NamingKeyProps {
  readonly scene: Scene;
  readonly answers: Answers;
  readonly onAnswers: (answers: Answers) => void;
  readonly coversTurned: number;
  readonly onCoversTurned: (covers: number) => void;
  /** What to do with the answer, shown under the result. */
  readonly action: (naming: Naming) => React.ReactNode;
}

/** The key: tick what is seen, in any order; it answers as it goes and says what to look at next. */
export function NamingKey({
  scene,
  answers,
  onAnswers,
  coversTurned,
  onCoversTurned,
  action,
}: NamingKeyProps) {
  const naming = useMemo(() => nameIt(TARGETS, CHECKS, scene, answers), [scene, answers]);
  // In the order of what each tells on this plant before anything is answered, so that the list keeps still.
  const signs = useMemo(
    () =>
      nameIt(TARGETS, CHECKS, scene, {})
        .nextChecks.map(({ checkId }) => CHECKS.find((check) => check.id === checkId)!)
        .filter((check) => check.kind === 'sign'),
    [scene],
  );
  const give = (checkId: string, answerId: string) => {
    const { [checkId]: answer, ...rest } = answers;
    onAnswers(answer === answerId ? rest : { ...rest, [checkId]: answerId });
  };
  const [next] = naming.nextChecks;
  const nextCheck = CHECKS.find((check) => check.id === next?.checkId);
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_420px]">
      <div className="order-2 lg:order-none">
        {nextCheck && naming.verdict.kind !== 'named' && (
          <section aria-label="Look at this next" className="sheet border-primary! border-2! p-4 mb-5">
            <h2 className="mb-2">Look at this next: it tells most for its effort</h2>
            <CheckRow check={nextCheck} given={answers[nextCheck.id]} onGive={give} />
          </section>
        )}
        <section aria-label="Signs">
          <h2 className="mb-2">Signs</h2>
          <div className="sheet divide-y divide-base-300 mb-5">
            {signs.slice(0, SIGNS_AT_ONCE).map((check) => (
              <div key={check.id} className="p-4">
                <CheckRow check={check} given={answers[check.id]} onGive={give} />
              </div>
            ))}
            <details className="p-4">
              <summary className="link-husk list-none">
                {howMany(signs.length - SIGNS_AT_ONCE, 'more sign')}, seldom met on this plant
              </summary>
              <div className="divide-y divide-base-300">
                {signs.slice(SIGNS_AT_ONCE).map((check) => (
                  <div key={check.id} className="py-4">
                    <CheckRow check={check} given={answers[check.id]} onGive={give} />
                  </div>
                ))}
              </div>
            </details>
          </div>
        </section>
        <section aria-label="Checks that decide">
          <h2 className="mb-2">Checks that decide</h2>
          <div className="sheet divide-y divide-base-300">
            {CHECKS.filter((check) => check.kind === 'test').map((check) => (
              <div key={check.id} className="p-4">
                <CheckRow check={check} given={answers[check.id]} onGive={give} />
                {check.id === 'turn-over' && answers['turn-over'] !== undefined && (
                  <div className="mt-3 max-w-60">
                    <Field label="Covers turned over" hint="ten or more before calling it dead">
                      <input
                        className="input w-full"
                        type="number"
                        min="0"
                        max="1000"
                        value={coversTurned || ''}
                        onChange={(event) =>
                          onCoversTurned(
                            Math.max(0, Math.min(1000, Math.trunc(Number(event.target.value)) || 0)),
                          )
                        }
                      />
                    </Field>
                  </div>
                )}
              </div>
            ))}
          </div>
        </section>
      </div>
      <div className="order-1 lg:order-none lg:sticky lg:top-4 self-start">
        <NamingResult naming={naming} />
        <div className="mt-4">{action(naming)}</div>
      </div>
    </div>
  );
}

function CheckRow({
  check,
  given: answer,
  onGive,
}: {
  check: Check;
  given: string | undefined;
  onGive: (checkId: string, answerId: string) => void;
}) {
  const questionId = useId();
  const options = [...check.answers, { id: NOT_SURE, label: 'Not sure' }];
  return (
    <div role="group" aria-labelledby={questionId} className="flex gap-4">
      <PlateFor checkId={check.id} />
      <div className="min-w-0">
        <p id={questionId} className="font-semibold">
          {check.question}
        </p>
        <p className="soft text-sm">
          {check.how}{' '}
          <span>
            ({check.term ? `${check.term}; ` : ''}
            {EFFORT_WORDS[check.effort]})
          </span>
        </p>
        {answer === 'yes' && <Beliefs beliefs={beliefsAbout('checkIds', check.id)} />}
        <div className="mt-2 flex flex-wrap gap-2">
          {options.map((option) => (
            <button
              key={option.id}
              type="button"
              aria-pressed={answer === option.id}
              onClick={() => onGive(check.id, option.id)}
              className={`rounded-lg border px-3 py-1.5 min-h-11 sm:min-h-9 text-left ${answer === option.id ? 'border-primary bg-(--husk-pale) text-(--husk-deep) font-semibold' : 'border-base-300 bg-base-100'}`}
            >
              {option.label}
            </button>
          ))}
        </div>
      </div>
    </div>
  );
}
