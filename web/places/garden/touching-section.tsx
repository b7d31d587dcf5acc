import { Link } from 'react-router';
import { useGround, usePutTouch } from '../../api/queries.ts';
import { useNotices } from '../../parts/notices.tsx';
import { ContactList } from './ground/contact-list.tsx';

/** Which plants touch this one: crawlers walk across, so they are looked over together. */
export function TouchingSection({ plantId }: { plantId: string }) {
  const ground = useGround().data;
  const put = usePutTouch();
  const { say } = useNotices();
  if (!ground) return null;
  const touching = ground.contacts.filter(({ a, b }) => a === plantId || b === plantId);
  const others = ground.plants.filter(
    ({ id }) => id !== plantId && touching.every(({ a, b }) => a !== id && b !== id),
  );
  return (
    <section aria-label="Plants that touch it">
      <h2 className="mb-2">Plants that touch it</h2>
      <div className="sheet p-4 text-[0.93rem]">
        {touching.length === 0 && <p className="soft">None, by the plan or by what was said.</p>}
        <ContactList plantId={plantId} ground={ground} />
        <label className="mt-3 flex flex-col gap-1">
          <span className="font-semibold">Another one</span>
          <select
            className="select w-full"
            value=""
            onChange={(event) =>
              put.mutate(
                { id: plantId, other: event.target.value, touches: true },
                { onError: (error) => say(error.message) },
              )
            }
          >
            <option value="">choose…</option>
            {others.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}
              </option>
            ))}
          </select>
        </label>
        <p className="mt-2">
          <Link className="link-husk" to={`/garden/plan?plant=${plantId}`}>
            See it on the plan
          </Link>
        </p>
      </div>
    </section>
  );
}
