import type { Candidate, Looks } from './evidence.ts';

const seen = new WeakMap<readonly Candidate[], Map<number, readonly Candidate[]>>();

/**
 * The candidates as they look in one month of the north (1–12). Worked out once a list and month,
 * so that what is built on the list can be kept too.
 */
export function asSeenIn(month: number, candidates: readonly Candidate[]): readonly Candidate[] {
  const months = seen.get(candidates) ?? new Map<number, readonly Candidate[]>();
  seen.set(candidates, months);
  const kept = months.get(month);
  if (kept) return kept;
  const inMonth = candidates.map((candidate) => {
    const seasonal = candidate.seasonal?.filter((entry) => entry.months.includes(month)) ?? [];
    return seasonal.length === 0
      ? candidate
      : {
          ...candidate,
          looks: Object.assign({}, candidate.looks, ...seasonal.map((entry) => entry.looks)) as Looks,
        };
  });
  months.set(month, inMonth);
  return inMonth;
}
