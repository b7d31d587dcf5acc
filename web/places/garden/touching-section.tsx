import { usePlants, usePutTouch, useRemoveTouch } from '../../api/queries.ts';
import { useNotices } from '../../parts/notices.tsx';

/** Which plants touch this one: crawlers walk across, so they are looked over together. */
export function TouchingSection({ plantId }: { plantId: string }) {
  const plants = usePlants().data ?? [];
  const put = usePutTouch();
  const remove = useRemoveTouch();
  const { say } = useNotices();
  const takeOut = (pair: { id: string; other: string }) =>
    remove.mutate(pair, {
      onSuccess: () =>
        say('They are no longer noted as touching.', () => put.mutate({ ...pair, touches: true })),
      onError: (error) => say(error.message),
    });
  const touching = plants.find((entry) => entry.id === plantId)?.touching ?? [];
  const others = plants.filter(
    (entry) => entry.id !== plantId && entry.retiredOn === null && !touching.includes(entry.id),
  );
  return (
    <section aria-label="Plants that touch it">
      <h2 className="mb-2">Plants that touch it</h2>
      <div className="sheet p-4 text-[0.93rem]">
        <ul className="flex flex-col gap-1">
          {touching.length === 0 && <li className="soft">None noted.</li>}
          {touching.map((id) => {
            const name = plants.find((entry) => entry.id === id)?.name ?? 'a plant that is gone';
            return (
              <li key={id} className="flex justify-between gap-3">
                <span>{name}</span>
                <button
                  type="button"
                  className="link-husk"
                  onClick={() => takeOut({ id: plantId, other: id })}
                >
                  take out<span className="sr-only"> {name}</span>
                </button>
              </li>
            );
          })}
        </ul>
        <label className="mt-3 flex flex-col gap-1">
          <span className="font-semibold">Another one</span>
          <select
            className="select w-full"
            value=""
            onChange={(event) => put.mutate({ id: plantId, other: event.target.value, touches: true })}
          >
            <option value="">choose…</option>
            {others.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}
              </option>
            ))}
          </select>
        </label>
      </div>
    </section>
  );
}
