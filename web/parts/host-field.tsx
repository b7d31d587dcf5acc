import { useId, useState } from 'react';
import { findHosts, type Host, hostById, OTHER_HOSTS } from '#knowledge';

interface HostFieldProps {
  readonly label: string;
  /** Empty while none is chosen. */
  readonly hostId: string;
  readonly error?: string | undefined;
  readonly onChoose: (host: Host) => void;
}

const SHOWN = 6;

/** What kind of plant it is: typed by any of its names, or by what it is like where no name is known. */
export function HostField({ label, hostId, error, onChoose }: HostFieldProps) {
  const id = useId();
  const [typed, setTyped] = useState('');
  const [isOpen, setOpen] = useState(hostId === '');
  const met = findHosts(typed).slice(0, SHOWN);
  const choose = (host: Host) => {
    onChoose(host);
    setTyped('');
    setOpen(false);
  };
  if (!isOpen && hostId !== '')
    return (
      <div>
        <p className="font-semibold text-[0.93rem]">{label}</p>
        <p className="flex flex-wrap gap-3 items-center min-h-11">
          <span>
            {hostById(hostId).name} <i className="soft">{hostById(hostId).botanical}</i>
          </span>
          <button type="button" className="link-husk text-sm" onClick={() => setOpen(true)}>
            another kind
          </button>
        </p>
      </div>
    );
  return (
    <div className="flex flex-col gap-2">
      <label htmlFor={id} className="font-semibold text-[0.93rem]">
        {label}
      </label>
      <input
        id={id}
        className="input w-full"
        autoComplete="off"
        placeholder="type a name: apple, box, Citrus…"
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {error && (
        <span id={`${id}-error`} role="alert" className="text-sm font-semibold text-error">
          {label}: {error}
        </span>
      )}
      <ul className="flex flex-col gap-1 empty:hidden" aria-label="Kinds that fit">
        {met.map(({ host, as }) => (
          <li key={host.id}>
            <button
              type="button"
              className="btn btn-sm h-auto min-h-11 py-1 w-full justify-start text-left"
              onClick={() => choose(host)}
            >
              <span>
                {host.name}
                {as && ` (${as})`} <i className="soft font-normal">{host.botanical}</i>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {typed.trim() !== '' && met.length === 0 && <p>No kind of that name is known here.</p>}
      <details open={typed.trim() !== '' && met.length === 0}>
        <summary className="link-husk list-none inline-block text-sm">It is none of these</summary>
        <div className="flex flex-wrap gap-2 mt-2">
          {OTHER_HOSTS.map((host) => (
            <button key={host.id} type="button" className="btn btn-sm min-h-11" onClick={() => choose(host)}>
              {host.name}
            </button>
          ))}
        </div>
      </details>
    </div>
  );
}
