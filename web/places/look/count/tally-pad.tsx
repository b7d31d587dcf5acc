import { useHotkeys } from 'react-hotkeys-hook';
import type { ItemText } from '#knowledge';
import { isForFocused, letGo } from '../../../parts/has-focus.ts';
import { keysAreOff } from '../../../parts/shortcuts.tsx';
import { Field } from '../../../parts/field.tsx';
import { add, type CountDraft, inHand, isUntouched, nextUnit, takeAway, typeCount } from './count-draft.ts';

/** More on one unit than anybody counts. */
const MOST_TYPED = 5000;

export interface PadProps {
  readonly draft: CountDraft;
  readonly items: readonly ItemText[];
  readonly unit: string;
  readonly onChange: (change: (draft: CountDraft) => CountDraft) => void;
  /** Keys sleep while a question is open. */
  readonly asleep: boolean;
}

/** One large card an item: one tap adds, the small side takes away. */
export function TallyPad({ draft, items, unit, onChange, asleep }: PadProps) {
  const counts = inHand(draft).counts;
  const untouched = isUntouched(draft);
  useHotkeys(
    items.map(({ key }) => key),
    (_, handler) => {
      const item = items.find(({ key }) => key === handler.keys?.join('') || handler.keys?.includes(key));
      if (item) onChange((d) => add(d, item.id));
    },
    {
      enabled: () => !keysAreOff() && !asleep,
      preventDefault: true,
      ignoreEventWhen: (event) => event.key === ' ' && isForFocused(event),
    },
  );
  return (
    <>
      <div className="grid gap-2.5 my-3">
        {items.map(({ id, name, looks, key }, i) => (
          <div
            key={id}
            className={`sheet grid grid-cols-[64px_minmax(0,1fr)] overflow-hidden rounded-2xl! ${i === 0 ? 'border-primary! border-2!' : ''}`}
          >
            <button
              type="button"
              className="bg-base-200 text-3xl soft"
              aria-label={`one ${name.toLowerCase()} less`}
              onClick={(event) => {
                letGo(event);
                onChange((d) => takeAway(d, id));
              }}
            >
              −
            </button>
            <button
              type="button"
              className="flex items-center justify-between gap-3 px-5 py-5 text-left"
              aria-label={`one ${name.toLowerCase()} more, now ${counts[id]}`}
              onClick={(event) => {
                letGo(event);
                onChange((d) => add(d, id));
              }}
            >
              <span className="font-semibold text-[1.1rem]">
                {name}
                <span className="block font-normal text-sm soft">
                  {looks}
                  <span className="hidden md:inline"> · key {key}</span>
                </span>
              </span>
              <b className="font-serif font-medium text-[2.75rem] leading-none">{counts[id]}</b>
            </button>
          </div>
        ))}
      </div>
      <details className="mb-3">
        <summary className="link-husk list-none inline-block min-h-11 pt-2">Many? Type the numbers</summary>
        <div className="grid grid-cols-3 gap-2">
          {items.map(({ id, name }) => (
            <Field key={id} label={name}>
              <input
                className="input w-full"
                inputMode="numeric"
                value={counts[id] === 0 ? '' : counts[id]}
                placeholder="0"
                onChange={(event) => {
                  const typed = event.target.value.trim() === '' ? 0 : Number(event.target.value);
                  if (Number.isInteger(typed) && typed >= 0 && typed <= MOST_TYPED)
                    onChange((d) => typeCount(d, id, typed));
                }}
              />
            </Field>
          ))}
        </div>
      </details>
      <div className="grid grid-cols-[1fr_1.6fr] gap-2.5">
        <button
          type="button"
          className="btn btn-outline btn-primary h-14 text-base"
          disabled={!untouched}
          onClick={(event) => {
            letGo(event);
            onChange(nextUnit);
          }}
        >
          Nothing here
        </button>
        <button
          type="button"
          className="btn btn-primary h-14 text-base"
          disabled={untouched}
          onClick={(event) => {
            letGo(event);
            onChange(nextUnit);
          }}
        >
          Next {unit}
        </button>
      </div>
    </>
  );
}
