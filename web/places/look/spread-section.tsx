import { Link } from 'react-router';
import type { WatchPicture } from '#engine';
import { usePlants, usePutWatch, useSpread } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { REASON_WORDS } from '../garden/ground/reason-words.ts';
import { useChange } from '../../parts/use-change.ts';

/**
 * Where it came from, and where it may have gone: a trouble that is treated on one plant comes back
 * from the next.
 */
export function SpreadSection({ picture: { watch, plant } }: { picture: WatchPicture }) {
  const plants = usePlants().data ?? [];
  const spread = useSpread(watch.id).data;
  const put = usePutWatch();
  const others = plants.filter((entry) => entry.id !== plant.id && entry.retiredOn === null);
  const change = useChange(put);
  const name = (sourcePlantId: string | null) =>
    change(watch, { ...watch, sourcePlantId }, 'The source is noted.');
  return (
    <section aria-label="Where from, where to">
      <h2 className="mb-2">Where from, where to</h2>
      <div className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
        <Field label="It came from" hint="change the cause, or it returns" error={put.error?.message}>
          <select
            className="select w-full"
            value={watch.sourcePlantId ?? ''}
            onChange={(event) => name(event.target.value || null)}
          >
            <option value="">not known</option>
            {others.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}
              </option>
            ))}
          </select>
        </Field>
        {spread && spread.inspect.length > 0 && (
          <div>
            <b className="font-semibold">Look over next</b>
            <ul className="mt-1">
              {spread.inspect.map(({ plantId, plantName, reason, outOfReach }) => (
                <li key={plantId} className="py-1">
                  <Link className="link-husk" to={`/look/new?plant=${plantId}`}>
                    {plantName}
                  </Link>{' '}
                  <span className="soft">
                    {REASON_WORDS[reason]}
                    {outOfReach ? '; out of reach: look across' : ''}
                  </span>
                </li>
              ))}
            </ul>
          </div>
        )}
        {spread && spread.inspect.length === 0 && (
          <p className="soft">No other plant needs looking over for this now.</p>
        )}
        {spread && spread.setApart.length > 0 && (
          <p>
            <b className="font-semibold">Set apart until both are clean:</b>{' '}
            {spread.setApart.map(({ plantName }) => plantName).join(', ')}.
          </p>
        )}
        <p className="soft text-sm">
          Which plants touch is said on{' '}
          <Link className="link-husk" to={`/garden/${plant.id}`}>
            the plant's page
          </Link>
          .
        </p>
      </div>
    </section>
  );
}
