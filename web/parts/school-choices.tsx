import { schoolFor, SCHOOL_QUESTIONS } from '#knowledge';
import { Field } from './field.tsx';
import { GradeMark } from './grade-mark.tsx';
import { Sources } from './sources.tsx';

type Chosen = Readonly<Record<string, string>>;

interface SchoolChoicesProps {
  /** What is chosen here. */
  readonly own: Chosen;
  /** What holds where nothing is chosen here: the garden's, for a plant; null for the garden itself. */
  readonly wider: Chosen | null;
  /** `null` follows the wider choice again. */
  onChoose(questionId: string, schoolId: string | null): void;
}

/**
 * Every question practitioners disagree on, the school followed, and in one line what the others would
 * do.
 */
export function SchoolChoices({ own: ownChoices, wider, onChoose }: SchoolChoicesProps) {
  return (
    <div className="flex flex-col gap-3">
      {SCHOOL_QUESTIONS.map((question) => {
        const followed = schoolFor(question.id, { ...wider, ...ownChoices });
        return (
          <div key={question.id} className="sheet p-4 flex flex-col gap-2">
            <Field label={question.asks}>
              <select
                className="select w-full"
                value={wider && ownChoices[question.id] === undefined ? '' : followed.id}
                onChange={(event) => onChoose(question.id, event.target.value || null)}
              >
                {wider && <option value="">as the garden: {schoolFor(question.id, wider).name}</option>}
                {question.schools.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </Field>
            <p>{followed.says}</p>
            <details>
              <summary className="link-husk list-none inline-block text-sm">What others would do</summary>
              <ul className="text-sm mt-1 list-disc pl-5">
                {question.schools
                  .filter(({ id }) => id !== followed.id)
                  .map(({ id, name, says }) => (
                    <li key={id}>
                      <b className="font-semibold">{name}:</b> {says}
                    </li>
                  ))}
              </ul>
              <p className="text-sm mt-1">
                <GradeMark grade={question.grade} /> <Sources ids={question.sourceIds} />
              </p>
            </details>
          </div>
        );
      })}
      <p className="soft text-sm">A school can make a label stricter, never looser.</p>
    </div>
  );
}
