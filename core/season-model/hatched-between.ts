import { leavesOf } from './drawn-treatment.ts';
import type { PossibleSeason } from './possible-season.ts';
import { type DoneTreatment, shareLeft, winterLeft } from './season-outcome.ts';

/** Crawlers out between two days, in units of the first generation's own hatch: fewer where fewer were left. */
export function hatchedBetween(
  season: PossibleSeason,
  done: readonly DoneTreatment[],
  from: number,
  to: number,
): number {
  let size = winterLeft(season, done) + season.source,
    out = 0;
  season.generations.forEach((generation, g) => {
    for (let i = 0; i < generation.share.length; i++) {
      const hatched = generation.hatchedOn[i]!;
      if (hatched > from && hatched <= to) out += size * generation.share[i]!;
    }
    const next = season.generations[g + 1];
    if (!next || next.hatchedOn[0]! > to) return;
    const left = shareLeft(
      generation,
      done.map(({ kind, day }) => leavesOf(season, generation, kind, day)),
    );
    size = next.complete * (size * left * season.multiplies + season.source);
  });
  return out;
}
