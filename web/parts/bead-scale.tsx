import type { LevelRange } from '#core/sampling';
import { LEVEL_WORDS } from '../show/level-words.ts';

const TWIG = 'M1 15 C20 7 34 21 52 14 S82 8 96 12';
const BEAD_Y = [12.5, 13.5, 15.5, 13.2, 10.8];

/** Infestation level 0–5 as beads swelling along a twig, with the number and its word beside it. */
export function BeadScale({
  level,
  before,
  compact = false,
}: {
  level: LevelRange | null;
  before?: LevelRange | null;
  compact?: boolean;
}) {
  if (!level) return <span className="soft text-sm">not yet counted</span>;
  const straddles = level.low !== level.high ? ` (${level.low}–${level.high})` : '';
  const trend = before && before.level !== level.level ? (before.level > level.level ? 'down' : 'up') : null;
  return (
    <span className={`inline-flex ${compact ? 'items-center gap-2' : 'flex-col'}`}>
      <svg width="98" height="26" viewBox="0 0 98 26" aria-hidden="true" className="shrink-0">
        <path d={TWIG} fill="none" stroke="var(--twig)" strokeWidth="2.5" strokeLinecap="round" />
        {BEAD_Y.map((y, i) =>
          i < level.level ? (
            <ellipse
              key={i}
              cx={12 + i * 18}
              cy={y}
              rx="7.5"
              ry="6.5"
              fill={`var(--bark-${i + 1})`}
              stroke="var(--bark-5)"
            />
          ) : (
            <circle
              key={i}
              cx={12 + i * 18}
              cy={y}
              r="2.6"
              fill="var(--color-base-100)"
              stroke="var(--twig)"
              strokeWidth="1.3"
            />
          ),
        )}
      </svg>
      <span className="text-sm">
        <span className="soft">
          {level.level} {LEVEL_WORDS[level.level]}
          {straddles}
        </span>
        {trend && (
          <span className="ml-1.5" title={`was ${before!.level}`}>
            {trend === 'down' ? '↓' : '↑'}
            <span className="sr-only">
              {' '}
              {trend} from {before!.level}
            </span>
          </span>
        )}
      </span>
    </span>
  );
}
