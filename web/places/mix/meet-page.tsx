import { useSearchParams } from 'react-router';
import type { Meeting, MeetingRule } from '#core/materials';
import { type Material, MATERIALS, materialsMeet } from '#knowledge';
import { useGarden } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { PageHead } from '../../parts/page.tsx';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { Sources } from '../../parts/sources.tsx';
import { MixNav } from './mix-nav.tsx';

interface Met {
  readonly material: Material;
  readonly meeting: Meeting;
}

/** What a material may meet: in one tank, and one after the other on the same plant. */
export function MeetPage() {
  const [params, setParams] = useSearchParams();
  const chosen = useGarden().data?.garden?.schools ?? {};
  const material = MATERIALS.find(({ id }) => id === params.get('a')) ?? MATERIALS[0]!;
  const met = MATERIALS.filter(({ id }) => id !== material.id).map((other): Met => ({
    material: other,
    meeting: materialsMeet(material.id, other.id, chosen),
  }));
  const against = met.filter(({ meeting }) => meeting.tank !== 'jar-test' || meeting.apartDays > 0);
  const free = met.filter(({ meeting }) => meeting.tank === 'jar-test' && meeting.apartDays === 0);
  return (
    <>
      <MixNav />
      <PageHead
        title={
          against.length === 0
            ? `Nothing is known against ${material.name.toLowerCase()} beside the others`
            : `${material.name}: keep ${against.length} ${against.length === 1 ? 'other' : 'others'} out of its tank`
        }
        lead="In one tank, and one after the other on the same plant, in either order. The stricter of label and rule holds."
      />
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        <section aria-label="Not together" className="min-w-0 flex flex-col gap-3">
          {against.map((entry) => (
            <Against key={entry.material.id} entry={entry} />
          ))}
          {against.length === 0 && (
            <p className="sheet p-4">
              No rule stands between it and the other materials. Both labels must still allow it.
            </p>
          )}
        </section>
        <aside className="flex flex-col gap-4">
          <div className="sheet p-4">
            <Field label="Material">
              <select
                className="select w-full"
                value={material.id}
                onChange={(event) => setParams({ a: event.target.value }, { replace: true })}
              >
                {MATERIALS.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </select>
            </Field>
          </div>
          <section aria-label="Nothing known against" className="sheet p-4 text-[0.93rem]">
            <h2 className="mb-1">Nothing known against</h2>
            <p className="soft mb-2">
              If both labels allow it; a new pair goes into a jar first, and is used that day.
            </p>
            <ul className="list-disc pl-5">
              {free.map(({ material: { id, name } }) => (
                <li key={id}>{name}</li>
              ))}
            </ul>
          </section>
          <p role="note" className="sheet p-4 text-[0.93rem]">
            <b className="font-semibold text-error">Lime sulfur and any acid: never.</b> The gas kills.
            Vinegar, phosphoric acid and acid feeds count; rinse the sprayer well between.
          </p>
        </aside>
      </div>
    </>
  );
}

const TANK_WORDS: Readonly<Record<MeetingRule['tank'], string>> = {
  never: 'never in one tank',
  no: 'not in one tank',
  'jar-test': 'in one tank after a jar test',
};

function Against({ entry: { material, meeting } }: { entry: Met }) {
  return (
    <article className="sheet p-4">
      <h2 className="text-base-content! mb-1">
        {material.name}{' '}
        <span className={`tag ${meeting.tank === 'jar-test' ? 'tag-due' : 'tag-no'}`}>
          {TANK_WORDS[meeting.tank]}
        </span>
        {meeting.apartDays > 0 && <span className="tag tag-due ml-1">{meeting.apartDays} days apart</span>}
      </h2>
      <ul>
        {meeting.rules.map((rule) => (
          <li key={rule.id}>
            {rule.says} <GradeMark grade={rule.grade} />
          </li>
        ))}
      </ul>
      <details>
        <summary className="link-husk list-none inline-block text-sm">Sources</summary>
        <p className="text-sm">
          {meeting.rules.map((rule) => (
            <Sources key={rule.id} ids={rule.sourceIds} />
          ))}
        </p>
      </details>
    </article>
  );
}
