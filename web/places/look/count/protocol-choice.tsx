import { useId } from 'react';
import { useSearchParams } from 'react-router';
import type { Protocol } from '#core/sampling';
import { PROTOCOL_TEXTS } from '#knowledge';
import type { WatchPicture } from '#engine';

/** Which way of counting, where there is more than one: a different way starts a series of its own. */
export function ProtocolChoice({
  picture,
  protocol,
  tagged,
}: {
  picture: WatchPicture;
  protocol: Protocol;
  tagged: boolean;
}) {
  const choiceId = useId();
  const [params, setParams] = useSearchParams();
  if (picture.protocols.length < 2 || tagged || !picture.protocols.includes(protocol))
    return (
      <p className="font-semibold">
        {PROTOCOL_TEXTS[protocol].name}
        {tagged ? ', tagged' : ''}
      </p>
    );
  const used = picture.samples.at(-1)?.protocol;
  return (
    <div className="flex flex-wrap items-center gap-2 my-1">
      <label htmlFor={choiceId} className="font-semibold text-[0.93rem]">
        Count
      </label>
      <select
        id={choiceId}
        className="select select-sm w-auto"
        value={protocol}
        onChange={(event) => {
          params.set('protocol', event.target.value);
          setParams(params, { replace: true });
        }}
      >
        {picture.protocols.map((id) => (
          <option key={id} value={id}>
            {PROTOCOL_TEXTS[id].name}
          </option>
        ))}
      </select>
      {used && used !== protocol && (
        <span className="text-sm text-(--honey-deep)">
          Last time: {PROTOCOL_TEXTS[used].name.toLowerCase()}. The two cannot be compared.
        </span>
      )}
    </div>
  );
}
