import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import {
  cluesIn,
  type Evidence,
  type ExplainedBy,
  explanationOdds,
  explanationsFor,
  lookedAt,
  type Said,
  saidOf,
  tellingLook,
  weighed,
} from '#core/failure';
import { isScaleGroup } from '#core/identify';
import type { FigureRange } from '#core/season-model';
import { type Change, countedLevel, type Spread } from '#core/seasons';
import { CLUE_WEIGHTS, EXPLAINED, LOOK_ANSWER, LOOK_IDS, type LookId, TELLING_LOOKS } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { dayBack } from '../plan/season-back.ts';
import { seasonCount } from '../summed-sample.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { daysNeeded, failureFacts } from './failure-facts.ts';
import { growthThought } from './learnt-here.ts';
import { changeOver, type TreatedStretch, treatedStretch, workFailed } from './treated-stretch.ts';
import { treatedTiming } from './treated-timing.ts';

/** Why the last work on a watch shows no fall, or that it does, or that no count can say. */
export type FailureAnswer =
  | { readonly kind: 'nothing-done' }
  /** Worked on, and not counted since. */
  | { readonly kind: 'not-counted'; readonly lastOn: CivilDate; readonly countFrom: CivilDate }
  | ({ readonly kind: 'counted' } & CountedFailure);

export interface CountedFailure {
  readonly firstOn: CivilDate;
  readonly lastOn: CivilDate;
  readonly before: CivilDate | null;
  readonly after: CivilDate;
  /** From then on a count can tell what the work did. */
  readonly countFrom: CivilDate;
  readonly change: Change | null;
  /** Whether a check says that it did not fall; null without a count before. */
  readonly failed: boolean | null;
  readonly explained: readonly ExplainedBy[];
  readonly said: Said;
  /** The look that would tell most, of those not taken yet; null where none would tell. */
  readonly look: LookId | null;
  readonly looked: readonly { readonly id: LookId; readonly found: boolean }[];
}

/** A look that narrows less tells nothing worth the walk, bits. */
const LEAST_BITS = 0.03;

export function failureAnswer(day: GardenDay, picture: WatchPicture): FailureAnswer {
  const stretch = treatedStretch(picture);
  if (!stretch) return notCounted(day, picture);
  const { before, after, firstOn, lastOn } = stretch;
  const then = dayBack(day, after.on);
  const timing = treatedTiming(day, picture, stretch);
  const looked = looksTaken(picture, firstOn);
  const evidence: Evidence[] = [
    ...weighed(cluesIn(failureFacts(then, picture, stretch, timing)), CLUE_WEIGHTS),
    ...looked.map(({ id, found }) => lookedAt(lookOf(id), found)),
  ];
  const explained = explanationOdds(
    {
      ...movedSince(stretch, growthThought(picture)),
      left: timing.left,
      leftAtBest: timing.leftAtBest,
      timingTold: timing.timing !== null,
      evidence,
      among: explanationsFor(stretch.sprays.length > 0),
    },
    EXPLAINED,
  );
  const telling = tellingLook(
    explained,
    TELLING_LOOKS.filter(({ id }) => mayLook(id, picture) && !looked.some((each) => each.id === id)),
  );
  return {
    kind: 'counted',
    firstOn,
    lastOn,
    before: before?.on ?? null,
    after: after.on,
    countFrom: addDays(lastOn, daysNeeded(day, picture.watch, picture.sprays, lastOn)),
    change: changeOver(stretch),
    failed: workFailed(stretch),
    explained,
    said: saidOf(explained),
    look: telling && telling.bits >= LEAST_BITS ? telling.look.id : null,
    looked,
  };
}

function notCounted(day: GardenDay, { sprays, handwork, watch }: WatchPicture): FailureAnswer {
  const lastOn = [...sprays, ...handwork]
    .map(({ on }) => on)
    .sort()
    .at(-1);
  if (lastOn === undefined) return { kind: 'nothing-done' };
  return { kind: 'not-counted', lastOn, countFrom: addDays(lastOn, daysNeeded(day, watch, sprays, lastOn)) };
}

const lookOf = (id: LookId) => TELLING_LOOKS.find((look) => look.id === id)!;

/** The last answer to each look since the work. */
function looksTaken({ inspections }: WatchPicture, since: CivilDate): CountedFailure['looked'] {
  return LOOK_IDS.flatMap((id) => {
    const answer = inspections.findLast(
      ({ on, answers }) => on >= since && answers[`${LOOK_ANSWER}${id}`] !== undefined,
    )?.answers[`${LOOK_ANSWER}${id}`];
    return answer === 'yes' || answer === 'no' ? [{ id, found: answer === 'yes' }] : [];
  });
}

/** Covers are scale's, and nobody can look at a source that nobody knows of. */
function mayLook(id: LookId, { watch, sprays }: WatchPicture): boolean {
  if (id === 'covers-empty' || id === 'new-growth-clean' || id === 'young-of-one-age')
    return isScaleGroup(watch.group);
  if (id === 'spoon-short' || id === 'missed-in-shelter') return sprays.length > 0;
  return true;
}

/** Growth of part of a year is doubted as that of a third of one: a hatch may lie in it. */
const LEAST_YEARS = 0.3;
const DAYS_A_YEAR = 365.25;
const Z80 = 1.2816;

/** What was counted, and what the time between would have made of as many left alone. */
function movedSince(
  { before, after }: TreatedStretch,
  growth: FigureRange,
): {
  readonly moved: Spread | null;
  readonly alone: Spread;
} {
  const doubt = Math.log(growth.high / growth.low) / (2 * Z80);
  if (!before) return { moved: null, alone: { mean: 0, deviation: doubt } };
  const years = daysBetween(before.on, after.on) / DAYS_A_YEAR;
  const [first, last] = [countedLevel(seasonCount(before)), countedLevel(seasonCount(after))];
  return {
    moved: { mean: last.log - first.log, deviation: Math.hypot(first.deviation, last.deviation) },
    alone: {
      mean: years * Math.log(growth.middle),
      deviation: doubt * Math.sqrt(Math.max(LEAST_YEARS, years)),
    },
  };
}
