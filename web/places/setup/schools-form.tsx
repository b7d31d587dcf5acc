import type { Garden } from '#core/records';
import { schoolFor, SCHOOL_QUESTIONS } from '#knowledge';
import { useGarden, usePutGarden } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { GradeMark, Sources } from '../../parts/reason.tsx';
import { Answered } from '../../parts/page.tsx';

/** Where practitioners disagree: which school this garden follows. */
export function SchoolsForm() {
  return <Answered question={useGarden()}>{({ garden }) => (garden ? <Schools garden={garden} /> : null)}</Answered>;
}

function Schools({ garden }: { garden: Garden }) {
  const put = usePutGarden();
  const { say } = useNotices();
  const choose = (questionId: string, schoolId: string) => put.mutate({ ...garden, schools: { ...garden.schools, [questionId]: schoolId } }, { onSuccess: () => say('The school is changed.', () => put.mutate(garden)) });
  return (
    <div className="flex flex-col gap-3">
      {SCHOOL_QUESTIONS.map((question) => {
        const followed = schoolFor(question.id, garden.schools);
        return (
          <div key={question.id} className="sheet p-4 flex flex-col gap-2">
            <Field label={question.asks}><select className="select w-full" value={followed.id} onChange={(event) => choose(question.id, event.target.value)}>{question.schools.map(({ id, name }) => <option key={id} value={id}>{name}</option>)}</select></Field>
            <p>{followed.says}</p>
            <details><summary className="link-husk list-none inline-block text-sm">What others would do</summary>
              <ul className="text-sm mt-1 list-disc pl-5">{question.schools.filter(({ id }) => id !== followed.id).map(({ id, name, says }) => <li key={id}><b className="font-semibold">{name}:</b> {says}</li>)}</ul>
              <p className="text-sm mt-1"><GradeMark grade={question.grade} /> <Sources ids={question.sourceIds} /></p>
            </details>
          </div>
        );
      })}
      <p className="soft text-sm">A school can make a label stricter, never looser.</p>
    </div>
  );
}
