import type { Plant } from '#core/records';
import { useGarden, usePutPlant } from '../../api/queries.ts';
import { SchoolChoices } from '../../parts/school-choices.tsx';
import { useChange } from '../../parts/use-change.ts';

/** Where this plant is treated by another school than the garden. */
export function PlantSchools({ plant }: { plant: Plant }) {
  const change = useChange(usePutPlant());
  const wider = useGarden().data?.garden?.schools ?? {};
  const differs = Object.keys(plant.schools).length;
  const choose = (questionId: string, schoolId: string | null) => {
    const { [questionId]: _, ...rest } = plant.schools;
    change(
      plant,
      { ...plant, schools: schoolId === null ? rest : { ...rest, [questionId]: schoolId } },
      'The school is changed for this plant.',
    );
  };
  return (
    <section aria-label="Schools">
      <h2 className="mb-2">Schools</h2>
      <details className="sheet p-4">
        <summary className="link-husk list-none inline-block">
          {differs === 0
            ? 'Treated as the garden'
            : `Differs from the garden in ${differs} ${differs === 1 ? 'question' : 'questions'}`}
        </summary>
        <div className="mt-3">
          <SchoolChoices own={plant.schools} wider={wider} onChoose={choose} />
        </div>
      </details>
    </section>
  );
}
