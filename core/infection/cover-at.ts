import { coverLeft } from './cover-left.ts';

/** A spray that covers leaves, from the hour it is dry. */
export interface Cover {
  /** Hour of the frame from which rain counts against it: the beginning of its day where nobody said when. */
  readonly sprayedAt: number;
  /** Hour from which it is taken to be dry. */
  readonly dryAt: number;
  readonly halfLifeDays: number;
  /** Share of infections it keeps off while fresh, 0–1. */
  readonly keepsOff: number;
}

/** What leaves and rain were, by hour of the frame. */
export interface CoverScene {
  /** Leaves open on a shoot; null where it lies on buds and bark, which nothing unfolds from under. */
  leavesAt(hour: number): number | null;
  /** Rain since the frame began, mm. */
  rainAt(hour: number): number;
  /** Only the newest so many leaves can be infected; null for all. */
  readonly openLeaves: number | null;
}

/**
 * Share of the leaves that can be infected which covers still protect at an hour, 0–1. Each leaf counts with the
 * best of the sprays put on since it unfolded; one that unfolded later has none, and nothing covers before it is
 * dry. Grade C.
 */
export function coverAt(
  covers: readonly Cover[],
  { leavesAt, rainAt, openLeaves }: CoverScene,
  hour: number,
): number {
  const put = covers.filter(({ dryAt }) => dryAt <= hour);
  if (put.length === 0) return 0;
  const now = leavesAt(hour) ?? 0;
  const left = put.map(({ sprayedAt, dryAt, halfLifeDays, keepsOff }) => ({
    upTo: Math.min(now, leavesAt(sprayedAt) ?? 0),
    share:
      keepsOff *
      coverLeft(
        {
          days: (hour - dryAt) / 24,
          rainMm: Math.max(0, rainAt(hour) - rainAt(sprayedAt)),
          leavesThen: 1,
          leavesNow: 1,
        },
        halfLifeDays,
      ),
  }));
  if (now <= 0) return Math.max(...left.map(({ share }) => share));
  const oldest = openLeaves === null ? 0 : Math.max(0, now - openLeaves);
  // From the newest covered leaf down: what lies on it is on every older one as well.
  left.sort((a, b) => b.upTo - a.upTo);
  let covered = 0,
    best = 0;
  left.forEach(({ upTo, share }, i) => {
    best = Math.max(best, share);
    const next = left[i + 1]?.upTo ?? 0;
    covered += best * Math.max(0, upTo - Math.max(oldest, next));
  });
  return covered / (now - oldest);
}
