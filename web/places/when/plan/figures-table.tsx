import { useState } from 'react';
import type { FigureRange } from '#core/season-model';
import type { OwnFigures, PlanFigure } from '#knowledge';
import { numberOr } from '../../../show/number-or.ts';
import { GradeMark } from '../../../parts/grade-mark.tsx';

const UNIT_WORDS = { share: '%', days: 'days', times: 'times' } as const;
const ENDS = ['low', 'middle', 'high'] as const;
const END_WORDS = { low: 'low', middle: 'middle', high: 'high' } as const;

/** Every figure the plan is computed from, to be set otherwise; eight in ten lie between low and high. */
export function FiguresTable({
  figures,
  gardeners,
  onKeep,
}: {
  figures: readonly PlanFigure[];
  gardeners: OwnFigures;
  onKeep(figures: OwnFigures): void;
}) {
  return (
    <div className="flex flex-col gap-2 mt-2">
      <p className="soft text-sm">
        <GradeMark grade="C" /> Rules of thumb as practitioners tell them, low, middle and high: eight in ten
        lie between. Write your own over them where you know better; an emptied field takes the rule of thumb
        again.
      </p>
      <ul className="flex flex-col gap-2">
        {figures.map((figure) => (
          <FigureRow
            key={`${figure.id} ${figure.low} ${figure.middle} ${figure.high}`}
            figure={figure}
            isGardeners={figure.id in gardeners}
            onKeep={(range) => {
              const { [figure.id]: _, ...others } = gardeners;
              onKeep(range ? { ...others, [figure.id]: range } : others);
            }}
          />
        ))}
      </ul>
    </div>
  );
}

function FigureRow({
  figure,
  isGardeners,
  onKeep,
}: {
  figure: PlanFigure;
  isGardeners: boolean;
  onKeep(range: FigureRange | null): void;
}) {
  const scale = figure.unit === 'share' ? 100 : 1;
  const shown = (value: number) => String(Math.round(value * scale * 10) / 10);
  const [typed, setTyped] = useState({
    low: shown(figure.low),
    middle: shown(figure.middle),
    high: shown(figure.high),
  });
  const [wrong, setWrong] = useState<string | null>(null);
  const keep = () => {
    if (ENDS.every((end) => typed[end].trim() === '')) {
      setWrong(null);
      if (isGardeners) onKeep(null);
      return;
    }
    const range = Object.fromEntries(
      ENDS.map((end) => [end, numberOr(typed[end], NaN) / scale]),
    ) as unknown as FigureRange;
    const problem = problemOf(range, figure);
    setWrong(problem);
    if (!problem && ENDS.some((end) => Math.abs(range[end] - figure[end]) > 1e-6)) onKeep(range);
  };
  return (
    <li className="grid gap-x-3 gap-y-1 grid-cols-[minmax(0,1fr)] sm:grid-cols-[minmax(0,1fr)_auto] items-center text-sm">
      <span>
        {figure.name}, {UNIT_WORDS[figure.unit]}{' '}
        {isGardeners && <span className="tag tag-open">your own</span>}
      </span>
      <span className="flex gap-1.5 min-w-0">
        {ENDS.map((end) => (
          <input
            key={end}
            className="input input-sm w-18 min-w-0 shrink"
            inputMode="decimal"
            aria-label={`${figure.name}, ${END_WORDS[end]}`}
            aria-invalid={wrong !== null}
            value={typed[end]}
            onChange={(event) => setTyped({ ...typed, [end]: event.target.value })}
            onBlur={keep}
          />
        ))}
      </span>
      {wrong && (
        <span role="alert" className="text-error sm:col-span-2">
          {wrong}
        </span>
      )}
    </li>
  );
}

function problemOf({ low, middle, high }: FigureRange, { unit }: PlanFigure): string | null {
  if (![low, middle, high].every(Number.isFinite)) return 'Write three numbers, or empty all three.';
  if (low < 0) return 'It cannot be below 0.';
  if (unit === 'share' && high > 1) return 'It cannot be above 100 %.';
  if (unit === 'times' && low === 0) return 'It must be above 0.';
  return low <= middle && middle <= high ? null : 'The middle lies between the low and the high end.';
}
