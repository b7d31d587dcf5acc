import { addDays, type CivilDate, daysBetween, shiftSeason } from '#core/calendar';
import type { LeafState } from '#core/materials';
import { type Claim, mostTrusted, type Standing } from '#core/standing';
import { nextTurn, type UsualYear } from './usual-year.ts';

/** What tells of leaves: a stage as logged, a look, a spray that was logged with them, a count on leaves. */
export type LeafSignKind =
  | 'bud-swell'
  | 'green-tip'
  | 'petal-fall'
  | 'flush-start'
  | 'flush-hard'
  | 'leaf-fall'
  | 'seen-bare'
  | 'seen-in-leaf'
  | 'sprayed'
  | 'counted-on-leaves';

export interface LeafSign {
  readonly kind: LeafSignKind;
  readonly on: CivilDate;
  readonly leafState: LeafState;
}

/** What a standing rests on, besides its basis. */
export type LeafEvidence = LeafSignKind | 'evergreen' | 'usual-year' | 'nothing';

/** What is asked when it is not certain: one tap answers it. */
export type LeafQuestion = 'evergreen-or-not' | 'green-yet' | 'leaves-down-yet';

export interface LeafStanding extends Standing<LeafState> {
  readonly by: LeafEvidence;
  /** What to ask the gardener; null while nothing needs asking. */
  readonly question: LeafQuestion | null;
}

interface LeafClaim extends Claim<LeafState> {
  readonly by: LeafEvidence;
}

/** What is known of a plant's leaves, to say what it wears on a day. */
export interface LeafFacts {
  /** By its kind or its own answer; null where the kind comes both ways and nobody said. */
  readonly evergreen: boolean | null;
  /** Everything seen up to the day, in order. */
  readonly signs: readonly LeafSign[];
  readonly year: UsualYear;
  readonly seasonStart: CivilDate;
}

/** How long swelling buds stay that, in days: taken without asking, and at the most (grade C). */
const SWELL_DAYS = { trusted: 14, most: 42 } as const;
/** A sign stands at least this long, whatever the usual year says: what was seen rules. */
const FRESH_DAYS = { trusted: 14, most: 45 } as const;
/** A leaf state seen within so many days is as good as seen today. */
const JUST_SEEN_DAYS = 3;

const NOTHING_KNOWN: LeafClaim = {
  value: 'in-leaf',
  basis: 'unknown',
  since: null,
  trustedTo: null,
  holdsTo: null,
  by: 'nothing',
};

/**
 * What a plant wears on a day: by its nature, by the last sign for as long as that can last, by the
 * temperatures of its place, by the calendar of its latitude. Where nothing tells it counts as in leaf,
 * the state in which least is allowed, and is asked.
 */
export function leafStanding(facts: LeafFacts, on: CivilDate): LeafStanding {
  if (facts.evergreen) {
    const claim: LeafClaim = { ...NOTHING_KNOWN, basis: 'nature', by: 'evergreen' };
    return { ...claim, ask: false, question: null };
  }
  const claims = [...signClaims(facts, on), ...yearClaims(facts, on)];
  const standing = mostTrusted<LeafState, LeafClaim>(claims, on, NOTHING_KNOWN);
  return { ...standing, question: standing.ask ? questionOf(facts, standing, on) : null };
}

function questionOf(
  { evergreen, year, seasonStart }: LeafFacts,
  { value }: LeafClaim,
  on: CivilDate,
): LeafQuestion {
  if (evergreen === null) return 'evergreen-or-not';
  if (value !== 'in-leaf') return 'green-yet';
  // In leaf, or nobody knows: which turn lies nearer decides what is asked.
  const untilFall = Math.abs(daysBetween(on, nearest(year.leafFall, seasonStart, on)));
  const untilGreen = Math.abs(daysBetween(on, nearest(year.greenTip, seasonStart, on)));
  return untilFall < untilGreen ? 'leaves-down-yet' : 'green-yet';
}

function nearest(offsetDays: number, seasonStart: CivilDate, on: CivilDate): CivilDate {
  return [-1, 0, 1]
    .map((years) => addDays(shiftSeason(seasonStart, years), offsetDays))
    .reduce((a, b) => (Math.abs(daysBetween(on, b)) < Math.abs(daysBetween(on, a)) ? b : a));
}

/** The last sign, and what it turns into by itself: later signs end earlier ones. */
function signClaims({ signs, year, seasonStart }: LeafFacts, on: CivilDate): LeafClaim[] {
  const last = signs.findLast((sign) => sign.on <= on);
  if (!last) return [];
  const basis = daysBetween(last.on, on) <= JUST_SEEN_DAYS ? 'seen' : 'logged';
  const claim = (
    value: LeafState,
    since: CivilDate,
    trustedTo: CivilDate,
    holdsTo: CivilDate,
  ): LeafClaim => ({
    value,
    basis,
    since,
    trustedTo: later(trustedTo, addDays(since, FRESH_DAYS.trusted)),
    holdsTo: later(holdsTo, addDays(since, FRESH_DAYS.most)),
    by: last.kind,
  });
  const turn = (which: 'budSwell' | 'greenTip' | 'leafFall', from: CivilDate) =>
    nextTurn(year, which, seasonStart, addDays(from, -year.marginDays));
  const inLeafFrom = (since: CivilDate) => {
    const fall = turn('leafFall', since);
    return claim('in-leaf', since, addDays(fall, -year.marginDays), addDays(fall, year.marginDays));
  };
  if (last.leafState === 'in-leaf') return [inLeafFrom(last.on)];
  if (last.leafState === 'delayed-dormant') {
    const leavesOut = addDays(last.on, SWELL_DAYS.most + 1);
    const swelling: LeafClaim = {
      ...claim('delayed-dormant', last.on, last.on, last.on),
      trustedTo: addDays(last.on, SWELL_DAYS.trusted),
      holdsTo: addDays(last.on, SWELL_DAYS.most),
    };
    return [swelling, inLeafFrom(leavesOut)];
  }
  const swell = turn('budSwell', last.on);
  const green = nextTurn(year, 'greenTip', seasonStart, swell);
  return [claim('dormant', last.on, addDays(swell, -year.marginDays), addDays(green, year.marginDays))];
}

/** What the usual year says, near its turns with a question; the calendar alone says nothing there. */
function yearClaims({ evergreen, year, seasonStart }: LeafFacts, on: CivilDate): LeafClaim[] {
  if (evergreen === null) return [];
  const day = daysBetween(seasonStart, on);
  const { budSwell, greenTip, leafFall, marginDays, basis } = year;
  const value =
    day < budSwell || day >= leafFall ? 'dormant' : day < greenTip ? 'delayed-dormant' : 'in-leaf';
  const doubtful = [budSwell, greenTip, leafFall].some(
    (turn) => Math.abs(daysBetween(on, nearest(turn, seasonStart, on))) <= marginDays,
  );
  if (doubtful && basis === 'calendar') return [];
  return [
    {
      value,
      basis,
      since: null,
      trustedTo: doubtful ? addDays(on, -1) : null,
      holdsTo: null,
      by: 'usual-year',
    },
  ];
}

const later = (a: CivilDate, b: CivilDate): CivilDate => (a > b ? a : b);
