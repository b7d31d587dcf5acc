import type { PlanCut, PlanMaterial, PlanWay } from '#engine';

/** Why a cut may not be on its day; null where nothing is against it. */
export type CutAgainst =
  | { readonly kind: 'rule'; readonly says: string }
  | { readonly kind: 'out-of-season' }
  | { readonly kind: 'interval'; readonly days: number }
  | { readonly kind: 'uses'; readonly left: number }
  | { readonly kind: 'not-free' };

/** What stands against a cut on its day, the strictest first. */
export function cutAgainst(
  { frame }: PlanMaterial,
  way: PlanWay,
  cut: PlanCut,
  all: readonly PlanCut[],
  freeDays: readonly number[],
): CutAgainst | null {
  const fence = way.fences.find(({ from, to }) => cut.day >= from && cut.day <= to);
  if (fence) return { kind: 'rule', says: fence.finding.says };
  if (cut.day < way.within[0] || cut.day > way.within[1]) return { kind: 'out-of-season' };
  const same = all.filter(({ wayId }) => wayId === cut.wayId);
  if (way.usesLeft !== null && same.indexOf(cut) >= way.usesLeft) return { kind: 'uses', left: way.usesLeft };
  const near = same.some((other) => other !== cut && Math.abs(other.day - cut.day) < way.intervalDays);
  if (near) return { kind: 'interval', days: way.intervalDays };
  const weekday = (new Date(`${frame.start}T00:00:00Z`).getUTCDay() + cut.day) % 7;
  return freeDays.length > 0 && !freeDays.includes(weekday) ? { kind: 'not-free' } : null;
}

export function againstWords(against: CutAgainst): string {
  switch (against.kind) {
    case 'rule':
      return against.says;
    case 'out-of-season':
      return 'Not the season for it: winter oil is for bare or hardened wood.';
    case 'interval':
      return `Closer than ${against.days} days to another of its kind.`;
    case 'uses':
      return `The label leaves ${against.left} this year.`;
    case 'not-free':
      return 'Not one of your free days.';
  }
}
