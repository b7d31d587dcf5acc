import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { PLACES } from './shell-header.tsx';

const OFF_KEY = 'juglans-keys-off';

export const keysAreOff = () => localStorage.getItem(OFF_KEY) === 'yes';
export const setKeysOff = (off: boolean) => localStorage.setItem(OFF_KEY, off ? 'yes' : 'no');

/** Keyboard ways between places; the ? list names them. They sleep while a field has focus. */
export function Shortcuts() {
  const navigate = useNavigate();
  const [listShown, showList] = useState(false);
  const to = (path: string) => () => {
    if (!keysAreOff()) void navigate(path);
  };
  const sequences = Object.fromEntries(PLACES.map(({ key, path }) => [`g>${key}`, path]));
  useHotkeys(
    Object.keys(sequences),
    (_, handler) => to(sequences[`g>${handler.keys?.at(-1) ?? ''}`] ?? '/now')(),
    { sequenceTimeoutMs: 1500 },
  );
  useHotkeys('n', to('/look/new'), { ignoreEventWhen: () => justAfterG() });
  useHotkeys(
    '/',
    (event) => {
      if (!keysAreOff()) {
        event.preventDefault();
        void navigate('/look/guide');
      }
    },
    { useKey: true },
  );
  useHotkeys(
    '?',
    () => {
      if (!keysAreOff()) showList((shown) => !shown);
    },
    { useKey: true },
  );
  useHotkeys('escape', () => showList(false));
  rememberG();
  if (!listShown) return null;
  return (
    <dialog open className="modal" aria-label="Keys">
      <div className="modal-box">
        <h2 className="mb-2">Keys</h2>
        <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
          {PLACES.map(({ key, name }) => (
            <KeyRow key={key} keys={`g then ${key}`} does={`go to ${name}`} />
          ))}
          <KeyRow keys="n" does="note something new" />
          <KeyRow keys="/" does="find in the field guide" />
          <KeyRow keys="space, d, h" does="in a tally: one more live, dead, holed" />
          <KeyRow keys="backspace" does="in a tally: take the last one away" />
          <KeyRow keys="enter" does="in a tally: next twig" />
          <KeyRow keys="?" does="this list" />
        </dl>
        <p className="soft text-sm mt-3">Single keys can be switched off in Setup.</p>
        <button type="button" className="btn btn-sm mt-3" onClick={() => showList(false)}>
          Close
        </button>
      </div>
    </dialog>
  );
}

function KeyRow({ keys, does }: { keys: string; does: string }) {
  return (
    <>
      <dt>
        <kbd className="kbd kbd-sm">{keys}</kbd>
      </dt>
      <dd>{does}</dd>
    </>
  );
}

let lastG = 0;

/** "g then n" goes to Now; the same n must not also open a new note. */
function justAfterG(): boolean {
  return Date.now() - lastG < 1500;
}

let listening = false;
function rememberG(): void {
  if (listening) return;
  listening = true;
  document.addEventListener(
    'keydown',
    (event) => {
      if (event.key === 'g') lastG = Date.now();
    },
    true,
  );
}
