import type { LeftSummary } from '#core/season-model';

export interface LeftBar {
  readonly name: string;
  readonly left: LeftSummary;
  /** It is what is planned now. */
  readonly isShown?: boolean;
  readonly onTake?: (() => void) | undefined;
}

/** What each plan leaves, middle and eight in ten, on one scale from 0 to 100. */
export function LeftBars({ bars }: { bars: readonly LeftBar[] }) {
  return (
    <ul className="flex flex-col gap-1.5">
      {bars.map(({ name, left, isShown, onTake }) => (
        <li key={name} className="flex flex-wrap justify-between gap-x-3 text-[0.9rem]">
          {onTake ? (
            <button type="button" className="link-husk text-left" onClick={onTake}>
              {name}
            </button>
          ) : (
            <span className={isShown ? 'font-semibold' : 'soft'}>{name}</span>
          )}
          <span className="tabular-nums">
            <b className="font-semibold">{Math.round(left.median)}</b>{' '}
            {left.high - left.low >= 1 && (
              <span className="soft text-sm">
                ({Math.round(left.low)}–{Math.round(left.high)})
              </span>
            )}
          </span>
          <span className="relative h-4 basis-full mx-1.5" aria-hidden>
            <span
              className="absolute top-1 h-2 rounded-full bg-(--bark-1)"
              style={{
                left: `${clip(left.low)}%`,
                width: `${Math.max(1.5, clip(left.high) - clip(left.low))}%`,
              }}
            />
            <span
              className={`absolute top-0.5 size-3 rounded-full -translate-x-1/2 ${isShown ? 'bg-primary' : 'bg-(--bark-4)'}`}
              style={{ left: `${clip(left.median)}%` }}
            />
          </span>
        </li>
      ))}
    </ul>
  );
}

const clip = (value: number) => Math.min(100, Math.max(0, value));
