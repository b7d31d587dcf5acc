import { useEffect, useRef } from 'react';
import { useNameOf } from '../api/name-of.ts';
import { useNotices } from './notices.tsx';
import { fieldName, shownValue } from './record-words.ts';
import type { Edited } from './use-editing.ts';

/** Two edits of the same fields, side by side, and the choice between them. */
export function BothEdits<T extends object>({ edit: { met, keepMine, takeTheirs } }: { edit: Edited<T> }) {
  const nameOf = useNameOf();
  const { say } = useNotices();
  const panel = useRef<HTMLDivElement>(null);
  // It stands above the form, and the button that brought it about may be far below.
  useEffect(() => {
    if (met) panel.current?.focus();
  }, [met]);
  if (!met) return null;
  const keep = () =>
    void keepMine().then(
      (kept) => kept && say('What is here was kept.'),
      (error: Error) => say(error.message),
    );
  return (
    <div
      ref={panel}
      tabIndex={-1}
      role="alert"
      className="col-span-full border-l-3 border-warning pl-3 flex flex-col gap-2"
    >
      <b className="font-semibold">
        Meanwhile the same was changed elsewhere, in another window or on another device.
      </b>
      <ul className="flex flex-col gap-1 text-[0.93rem]">
        {met.clashes.map((field) => (
          <li key={field}>
            <span className="soft">{fieldName(field)}:</span> {shownValue(met.mine[field], nameOf)}{' '}
            <span className="soft">here,</span> {shownValue(met.theirs[field], nameOf)}{' '}
            <span className="soft">there</span>
          </li>
        ))}
      </ul>
      <p className="soft text-sm">
        Keep what is here, and what is there stays among the earlier states. Take what is there, and what you
        typed in these fields goes.
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" onClick={keep}>
          Keep what is here
        </button>
        <button type="button" className="btn btn-sm" onClick={takeTheirs}>
          Take what is there
        </button>
      </div>
    </div>
  );
}
