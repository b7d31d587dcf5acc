import type { Garden } from '#core/records';
import { useGarden, usePutGarden } from '../../api/queries.ts';
import { Answered } from '../../parts/page.tsx';
import { SchoolChoices } from '../../parts/school-choices.tsx';
import { useChange } from '../../parts/use-change.ts';

/** Where practitioners disagree: which school this garden follows. */
export function SchoolsForm() {
  return (
    <Answered question={useGarden()}>
      {({ garden }) => (garden ? <Schools garden={garden} /> : null)}
    </Answered>
  );
}

function Schools({ garden }: { garden: Garden }) {
  const change = useChange(usePutGarden());
  const choose = (questionId: string, schoolId: string | null) =>
    change(
      garden,
      { ...garden, schools: { ...garden.schools, [questionId]: schoolId! } },
      'The school is changed.',
    );
  return <SchoolChoices own={garden.schools} wider={null} onChoose={choose} />;
}
