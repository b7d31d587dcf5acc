import { useId } from 'react';
import { NOT_SURE, type Check } from '#core/identify';
import { beliefsAbout } from '#knowledge';
import { Beliefs } from '../../../parts/beliefs.tsx';
import { PlateFor } from '../../../plates/plates.tsx';

interface CheckRowProps {
  readonly check: Check;
  readonly answer: string | undefined;
  readonly onGive: (checkId: string, answerId: string) => void;
}

/** One check with all its answers. */
export function CheckRow({ check, answer, onGive }: CheckRowProps) {
  const questionId = useId();
  const options = [...check.answers, { id: NOT_SURE, label: 'Not sure' }];
  return (
    <div role="group" aria-labelledby={questionId} className="flex gap-4">
      <PlateFor checkId={check.id} />
      <div className="min-w-0">
        <p id={questionId} className="font-semibold">
          {check.question}
        </p>
        <p className="soft text-sm">{check.how}</p>
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
