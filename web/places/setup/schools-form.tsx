import type { Garden } from '#core/records';
import { useGarden, usePutGarden } from '../../api/queries.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered } from '../../parts/page.tsx';
import { SchoolChoices } from '../../parts/school-choices.tsx';

/** Where practitioners disagree: which school this garden follows. */
export function SchoolsForm() {
  return (
    <Answered question={useGarden()}>
      {({ garden }) => (garden ? <Schools garden={garden} /> : null)}
    </Answered>
  );
}

function Schools({ garden }: { garden: Garden }) {
  const put = usePutGarden();
  const { say } = useNotices();
  const choose = (questionId: string, schoolId: string | null) =>
    put.mutate(
      { ...garden, schools: { ...garden.schools, [questionId]: schoolId! } },
      { onSuccess: () => say('The school is changed.', () => put.mutate(garden)) },
    );
  return <SchoolChoices own={garden.schools} wider={null} onChoose={choose} />;
}
