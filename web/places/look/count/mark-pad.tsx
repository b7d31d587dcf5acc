import { Check } from 'lucide-react';
import { useHotkeys } from 'react-hotkeys-hook';
import { isForFocused, letGo } from '../../../parts/has-focus.ts';
import { keysAreOff } from '../../../parts/shortcuts.tsx';
import { inHand, nextUnit, set } from './count-draft.ts';
import type { PadProps } from './tally-pad.tsx';

/**
 * There or not: with one item one tap does a unit, with several each is ticked and then the next one
 * comes.
 */
export function MarkPad({ draft, items, unit, onChange, asleep }: PadProps) {
  const [only] = items;
  return items.length === 1 ? (
    <EitherPad item={only!} draft={draft} items={items} unit={unit} onChange={onChange} asleep={asleep} />
  ) : (
    <TickPad draft={draft} items={items} unit={unit} onChange={onChange} asleep={asleep} />
  );
}

function EitherPad({ item, onChange, asleep }: PadProps & { item: PadProps['items'][number] }) {
  const answer = (value: 0 | 1) => onChange((draft) => nextUnit(set(draft, item.id, value)));
  const keys = { enabled: () => !keysAreOff() && !asleep, preventDefault: true };
  useHotkeys('space', () => answer(1), { ...keys, ignoreEventWhen: isForFocused });
  useHotkeys('n', () => answer(0), keys);
  return (
    <div className="grid grid-cols-2 gap-2.5 my-4">
      <button
        type="button"
        className="btn btn-outline btn-primary h-32 text-lg flex-col"
        onClick={(event) => {
          letGo(event);
          answer(0);
        }}
      >
        Not {item.name.toLowerCase()}
        <span className="hidden md:inline font-normal text-sm soft">key n</span>
      </button>
      <button
        type="button"
        className="btn btn-primary h-32 text-lg flex-col"
        onClick={(event) => {
          letGo(event);
          answer(1);
        }}
      >
        {item.name}
        <span className="hidden md:inline font-normal text-sm opacity-80">{item.looks} · key space</span>
      </button>
    </div>
  );
}

function TickPad({ draft, items, unit, onChange, asleep }: PadProps) {
  const counts = inHand(draft).counts;
  const toggle = (id: string) => onChange((d) => set(d, id, inHand(d).counts[id] === 1 ? 0 : 1));
  useHotkeys(
    items.map(({ key }) => key),
    (_, handler) => {
      const item = items.find(({ key }) => handler.keys?.includes(key));
      if (item) toggle(item.id);
    },
    {
      enabled: () => !keysAreOff() && !asleep,
      preventDefault: true,
      ignoreEventWhen: (event) => event.key === ' ' && isForFocused(event),
    },
  );
  return (
    <>
      <div className="grid grid-cols-2 gap-2.5 my-3">
        {items.map(({ id, name, looks, key }) => (
          <button
            key={id}
            type="button"
            aria-pressed={counts[id] === 1}
            onClick={(event) => {
              letGo(event);
              toggle(id);
            }}
            className={`sheet rounded-2xl! px-4 py-3 min-h-20 text-left flex justify-between gap-2 ${counts[id] === 1 ? 'border-primary! border-2! bg-(--husk-pale)! text-(--husk-deep)' : ''}`}
          >
            <span className="font-semibold">
              {name}
              <span className="block font-normal text-sm soft">
                {looks}
                <span className="hidden md:inline"> · key {key}</span>
              </span>
            </span>
            {counts[id] === 1 && <Check size={22} aria-hidden />}
          </button>
        ))}
      </div>
      <button
        type="button"
        className="btn btn-primary h-14 text-base w-full"
        onClick={(event) => {
          letGo(event);
          onChange(nextUnit);
        }}
      >
        {Object.values(counts).every((count) => count === 0) ? `None of these: next ${unit}` : `Next ${unit}`}
      </button>
    </>
  );
}
