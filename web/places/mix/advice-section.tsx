import { useState } from 'react';
import type { LocalAdvice } from '#core/records';
import { materialById, MATERIALS } from '#knowledge';
import { ApiProblem } from '../../api/client.ts';
import { usePutAdvice, useRemoveAdvice } from '../../api/mixing.ts';
import { newId } from '../../api/new-id.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { showFullDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';

/** What advisers, nurseries and neighbours said of a material; shown wherever it is chosen. */
export function AdviceSection({ advice }: { advice: readonly LocalAdvice[] }) {
  const takeOut = useTakeOut(useRemoveAdvice(), 'The advice was taken out.');
  return (
    <section aria-label="Local advice">
      <h2 className="mb-2">Local advice</h2>
      <div className="sheet p-4 flex flex-col gap-3">
        <ul className="flex flex-col gap-2 empty:hidden">
          {advice.map((entry) => (
            <li key={entry.id} className="flex justify-between gap-3">
              <span>
                <b className="font-semibold">{materialById(entry.materialId).name}:</b> {entry.says}{' '}
                <span className="soft">
                  ({entry.from}, {showFullDate(entry.on)})
                </span>
              </span>
              <button type="button" className="link-husk relative" onClick={() => takeOut(entry)}>
                take out<span className="sr-only"> what {entry.from} said</span>
              </button>
            </li>
          ))}
        </ul>
        <NewAdvice key={advice.length} />
      </div>
    </section>
  );
}

function NewAdvice() {
  const today = useToday();
  const put = usePutAdvice();
  const { say } = useNotices();
  const [id] = useState(newId);
  const [typed, setTyped] = useState({ materialId: 'mineral-oil', from: '', says: '' });
  const messages = new Map(
    put.error instanceof ApiProblem
      ? put.error.errors.map((error) => [String(error.path[0]), error.message])
      : [],
  );
  return (
    <form
      noValidate
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        put.mutate(
          { id, on: today, ...typed },
          { onSuccess: () => say('Kept; it shows wherever the material is chosen.') },
        );
      }}
    >
      <div className="grid sm:grid-cols-2 gap-3">
        <Field label="About">
          <select
            className="select w-full"
            value={typed.materialId}
            onChange={(event) => setTyped({ ...typed, materialId: event.target.value })}
          >
            {MATERIALS.map(({ id: material, name }) => (
              <option key={material} value={material}>
                {name}
              </option>
            ))}
          </select>
        </Field>
        <Field label="Who said it" error={messages.get('from')}>
          <input
            className="input w-full"
            placeholder="an adviser, a nursery"
            value={typed.from}
            onChange={(event) => setTyped({ ...typed, from: event.target.value })}
          />
        </Field>
      </div>
      <Field label="What they said" error={messages.get('says')}>
        <input
          className="input w-full"
          value={typed.says}
          onChange={(event) => setTyped({ ...typed, says: event.target.value })}
        />
      </Field>
      <button type="submit" className="btn btn-sm self-start" disabled={put.isPending}>
        Keep the advice
      </button>
    </form>
  );
}
