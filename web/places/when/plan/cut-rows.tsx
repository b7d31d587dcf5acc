import { Plus, X } from 'lucide-react';
import { addDays, daysBetween } from '#core/calendar';
import type { DayChance, PlanCut, PlanMaterial } from '#engine';
import { SelectOne } from '../../../parts/select-one.tsx';
import { showDate } from '../../../show/dates.ts';
import { againstWords, type CutAgainst } from './cut-check.ts';

interface CutRowsProps {
  readonly material: PlanMaterial;
  readonly cuts: readonly PlanCut[];
  readonly against: readonly (CutAgainst | null)[];
  readonly chances: readonly DayChance[];
  onChange(cuts: readonly PlanCut[]): void;
  onAdd(): void;
}

const MOST_CUTS = 6;

/** The cuts once more, to be set by day and way instead of dragged, with what stands against each. */
export function CutRows({ material, cuts, against, chances, onChange, onAdd }: CutRowsProps) {
  const { frame, ways } = material;
  const set = (index: number, change: Partial<PlanCut>) =>
    onChange(cuts.map((cut, i) => (i === index ? { ...cut, ...change } : cut)));
  return (
    <div className="flex flex-col gap-2 mt-3">
      {cuts.length > 0 && (
        <ol className="flex flex-col gap-2">
          {cuts.map((cut, i) => (
            <li key={i} className="flex flex-wrap items-center gap-x-3 gap-y-1.5">
              <b className="w-4 text-right">{i + 1}</b>
              <input
                type="date"
                className="input input-sm w-38 max-w-full"
                aria-label={`Day of ${i + 1}`}
                value={addDays(frame.start, cut.day)}
                min={addDays(frame.start, Math.max(0, frame.today))}
                max={addDays(frame.start, frame.days - 1)}
                onChange={(event) => {
                  const day = event.target.value === '' ? NaN : daysBetween(frame.start, event.target.value);
                  if (day >= Math.max(0, frame.today) && day < frame.days) set(i, { day });
                }}
              />
              <SelectOne
                className="select select-sm w-auto max-w-full"
                aria-label={`What with, ${i + 1}`}
                value={cut.wayId}
                options={ways.map(({ id, name }) => ({ id, label: name }))}
                onChange={(wayId) => set(i, { wayId })}
              />
              <button
                type="button"
                className="btn btn-sm btn-ghost btn-square"
                aria-label={`Take out ${i + 1}`}
                onClick={() => onChange(cuts.filter((_, at) => at !== i))}
              >
                <X size={16} aria-hidden />
              </button>
              {against[i] ? (
                <span className="text-error text-sm font-medium">
                  Not that day: {againstWords(against[i])}
                </span>
              ) : (
                <ChanceWords chance={chances[i]} />
              )}
            </li>
          ))}
        </ol>
      )}
      {cuts.length < MOST_CUTS && (
        <button type="button" className="btn btn-sm self-start" onClick={onAdd}>
          <Plus size={16} aria-hidden /> Add a cut
        </button>
      )}
      {material.done.length > 0 && (
        <p className="soft text-sm">
          Done already: {material.done.map(({ on, name }) => `${showDate(on)}, ${name}`).join('; ')}.
        </p>
      )}
    </div>
  );
}

function ChanceWords({ chance }: { chance: DayChance | undefined }) {
  if (!chance) return null;
  if (chance.good === null)
    return <span className="soft text-sm">whether the weather will be fit nobody can say here</span>;
  return <span className="soft text-sm">fit weather within three days: {outOfTen(chance.good)}</span>;
}

/** "8 in 10". */
export const outOfTen = (share: number): string => `${Math.round(share * 10)} in 10`;
