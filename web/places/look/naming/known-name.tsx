import { useId, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { provingChecks, type Answers, type Scene } from '#core/identify';
import type { Watch } from '#core/records';
import { KEY, searchGuide, targetById } from '#knowledge';
import { CheckRow } from './check-row.tsx';
import { checkOf, reasonWords } from './naming-words.ts';

interface KnownNameProps {
  readonly scene: Scene;
  readonly answers: Answers;
  readonly knownId: string | null;
  readonly namedBy: Watch['namedBy'];
  readonly onKnown: (targetId: string | null) => void;
  readonly onNamedBy: (by: 'owner' | 'lab') => void;
  readonly onGive: (checkId: string, answerId: string) => void;
}

const SHOWN = 6;

/** For those who know: straight to the name, with the two looks that would prove it wrong. */
export function KnownName(props: KnownNameProps) {
  const { knownId, onKnown } = props;
  return (
    <details className="sheet p-4" open={knownId !== null}>
      <summary className="link-husk list-none font-semibold">I know what it is</summary>
      {knownId === null ? <FindName onKnown={onKnown} /> : <Prove {...props} knownId={knownId} />}
    </details>
  );
}

function FindName({ onKnown }: Pick<KnownNameProps, 'onKnown'>) {
  const id = useId();
  const [typed, setTyped] = useState('');
  const fitting = useMemo(
    () =>
      searchGuide(typed)
        .filter(({ kind }) => kind === 'target')
        .slice(0, SHOWN),
    [typed],
  );
  return (
    <div className="mt-3 flex flex-col gap-2">
      <label htmlFor={id} className="font-semibold text-[0.93rem]">
        Its name, or part of it
      </label>
      <input
        id={id}
        className="input w-full"
        autoComplete="off"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      <ul className="flex flex-col gap-1 empty:hidden" aria-label="Troubles that fit">
        {fitting.map(({ id: targetId }) => (
          <li key={targetId}>
            <button
              type="button"
              className="btn h-auto min-h-11 py-1 w-full justify-start text-left"
              onClick={() => onKnown(targetId)}
            >
              <span>
                {targetById(targetId).name}{' '}
                <i className="soft font-normal">{targetById(targetId).scientific}</i>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {typed.trim() !== '' && fitting.length === 0 && <p>The key has no trouble of that name.</p>}
    </div>
  );
}

function Prove({
  scene,
  answers,
  knownId,
  namedBy,
  onKnown,
  onNamedBy,
  onGive,
}: KnownNameProps & { knownId: string }) {
  const target = targetById(knownId);
  // The two looks stay while they are answered.
  const [asked] = useState(() => provingChecks(KEY, scene, answers, knownId));
  const against = asked.filter(({ checkId, against: wrong }) => wrong.includes(answers[checkId] ?? ''));
  const unhosted =
    target.hosts[scene.hostId] === undefined &&
    target.elsewhere === undefined &&
    !scene.hostId.startsWith('other-');
  return (
    <div className="mt-3 flex flex-col gap-3">
      <p>
        <b>{target.name}</b>{' '}
        <button type="button" className="link-husk text-sm" onClick={() => onKnown(null)}>
          another name
        </button>{' '}
        <Link className="link-husk text-sm" to={`/look/guide/${knownId}`}>
          read on
        </Link>
      </p>
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="font-semibold text-[0.93rem]">How it is known</legend>
        {(
          [
            ['owner', 'I recognise it'],
            ['lab', 'A lab or adviser said so'],
          ] as const
        ).map(([by, label]) => (
          <label key={by} className="flex items-center gap-2 min-h-11">
            <input
              type="radio"
              className="radio radio-sm"
              name="named-by"
              checked={namedBy === by}
              onChange={() => onNamedBy(by)}
            />
            {label}
          </label>
        ))}
      </fieldset>
      {unhosted && (
        <p className="rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
          <b>It is not known to live on this plant.</b> Check the kind of plant, or look again.
        </p>
      )}
      {asked.length > 0 && (
        <div>
          <p className="font-semibold">
            {asked.length === 1 ? 'One look' : 'Two looks'} that would prove it wrong
          </p>
          <div className="divide-y divide-base-300">
            {asked.map(({ checkId }) => (
              <div key={checkId} className="py-3">
                <CheckRow check={checkOf(checkId)} answer={answers[checkId]} onGive={onGive} />
              </div>
            ))}
          </div>
        </div>
      )}
      {against.length > 0 && (
        <p role="status" className="rounded-lg bg-(--stop-pale) text-error font-semibold p-3">
          {against.map(({ checkId }) => reasonWords(checkId, answers[checkId]!)).join('; ')}: that speaks
          against it. Look again, or let the key ask.
        </p>
      )}
    </div>
  );
}
