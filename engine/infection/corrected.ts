import { byCase, type ByCase, type InfectionEvent, PRIOR_DAYS, sharesAfter } from '#core/infection';
import type { Inoculum } from './inoculum.ts';
import type { LeafWeather } from './leaf-weather.ts';
import type { SpotsSeen } from './spots-seen.ts';

/** A wet time on bare leaves, and what was found on the days its spots would show. */
export interface Judged {
  readonly event: InfectionEvent;
  readonly bare: number;
  readonly seen: SpotsSeen;
}

/** Bare leaves that were infected show it so often; spots come of something else so often (grade C). */
const SHOWS = 0.8,
  SHOWS_ANYWAY = 0.12;
/** What last year left counts as much as so many wet times that were looked at (grade C). */
const PRIOR_SPELLS = 4;
const BARE_FROM = 0.5;

/**
 * How likely each case of wetness is, and how much there is to infect with, once spots were looked for: a time that
 * spotted speaks for the cases that would have infected, a time that did not speaks against them.
 */
export function correctedBy(
  judged: readonly Judged[],
  { learned }: LeafWeather,
  inoculum: Inoculum,
): { readonly cases: ByCase<number>; readonly inoculum: Inoculum } {
  const looked = tellingOf(judged.filter(({ bare }) => bare >= BARE_FROM));
  if (looked.length === 0) return { cases: learned.cases, inoculum };
  const agreeing = looked.map(({ event, seen }) =>
    byCase((at) => {
      const shows = event.infects[at] ? SHOWS * inoculum.weight : SHOWS_ANYWAY;
      return seen.kind === 'spots' ? shows : 1 - shows;
    }),
  );
  const expected = looked.filter(({ event }) => event.infects.middle);
  const spotted = expected.filter(({ seen }) => seen.kind === 'spots').length;
  return {
    cases: sharesAfter(learned.cases, PRIOR_DAYS + learned.looks, agreeing),
    inoculum: {
      ...inoculum,
      weight: (PRIOR_SPELLS * inoculum.weight + spotted) / (PRIOR_SPELLS + expected.length),
    },
  };
}

/** Spots that several times might have made tell of none of them; what stayed clean tells of each. */
function tellingOf(judged: readonly Judged[]): Judged[] {
  const spotted = (on: string) => judged.filter(({ seen }) => seen.kind === 'spots' && seen.on === on).length;
  return judged.filter(
    ({ seen }) => seen.kind === 'none' || (seen.kind === 'spots' && spotted(seen.on) === 1),
  );
}
