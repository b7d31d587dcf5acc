import { useMemo, useState } from 'react';
import { drawLeaf, type DamageKind } from '#core/eye';
import { Field } from '../../../parts/field.tsx';
import { LeafDrawing } from '../../../plates/leaf-drawing.tsx';
import { nextUnit, set } from './count-draft.ts';
import type { PadProps } from './tally-pad.tsx';
import { numberOr } from '../../../show/number-or.ts';

/** Closer together where leaves are only a little spotted: there eyes err most. */
const STEPS = [0, 0.5, 1, 2, 5, 10, 20, 40, 60] as const;
const DRAWING_SEED = 77;

/** One tap on the drawing that looks like the leaf; or the number, typed. */
export function AreaPad({ items, onChange, looks }: PadProps & { looks: DamageKind }) {
  const id = items[0]!.id;
  const leaves = useMemo(() => STEPS.map((percent) => drawLeaf(looks, percent, DRAWING_SEED)), [looks]);
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string>();
  const give = (percent: number) => {
    setTyped('');
    setError(undefined);
    onChange((draft) => nextUnit(set(draft, id, percent)));
  };
  const giveTyped = () => {
    const percent = numberOr(typed, Number.NaN);
    if (!(percent >= 0 && percent <= 100)) setError('a number from 0 to 100');
    else give(percent);
  };
  return (
    <>
      <div className="grid grid-cols-3 gap-2 my-3">
        {STEPS.map((percent, i) => (
          <button
            key={percent}
            type="button"
            className="sheet rounded-2xl! p-2 flex flex-col items-center gap-1 hover:bg-base-200"
            onClick={() => give(percent)}
          >
            <LeafDrawing leaf={leaves[i]!} label="" className="w-full max-w-28" />
            <b className="font-semibold">{percent === 0 ? 'clean' : `${percent} %`}</b>
          </button>
        ))}
      </div>
      <form
        noValidate
        className="flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          giveTyped();
        }}
      >
        <Field label="Or typed, % of the leaf" error={error}>
          <input
            className="input w-28"
            inputMode="decimal"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </Field>
        <button type="submit" className="btn">
          Next leaf
        </button>
      </form>
    </>
  );
}
