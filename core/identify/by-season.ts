import { keptWith } from '#core/caches';
import type { Candidate, Looks } from './evidence.ts';

const seasonal = keptWith<readonly Candidate[], number, readonly Candidate[]>();

/** The candidates as they look in one month of the north (1–12); kept with the list. */
export function asSeenIn(month: number, candidates: readonly Candidate[]): readonly Candidate[] {
  return seasonal(candidates, month, () => candidates.map((candidate) => inMonth(candidate, month)));
}

function inMonth(candidate: Candidate, month: number): Candidate {
  const looks = (candidate.seasonal ?? []).flatMap((entry) =>
    entry.months.includes(month) ? [entry.looks] : [],
  );
  if (looks.length === 0) return candidate;
  return { ...candidate, looks: looks.reduce<Looks>((all, some) => ({ ...all, ...some }), candidate.looks) };
}
