import { addDays, type CivilDate } from '#core/calendar';
import { type TaggedEffect, type TagVerdict, tagVerdict } from '#core/seasons';
import { BURNED_ANSWER, type TagsNeeded, tagsNeeded } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { daysNeeded } from './failure-facts.ts';

/** Where the proof by tags stands: what is to be done next, and what the tags say. */
export interface TagStanding {
  /**
   * Hang tags; count and photograph them before the work; do the work; wait until a count can tell; count again;
   * or it is told.
   */
  readonly phase: 'hang' | 'before' | 'work' | 'wait' | 'after' | 'told';
  /** The last work, and the day from which a count can tell what it did; null without work. */
  readonly workedOn: CivilDate | null;
  readonly countFrom: CivilDate | null;
  readonly countedOn: CivilDate | null;
  readonly effect: TaggedEffect | null;
  /** Null until tags were counted on both sides of work. */
  readonly verdict: TagVerdict | null;
  /** Somebody saw treated leaves scorched since the work, and untreated not. */
  readonly burned: boolean;
  /** Tags it takes to show a halving, or a strong effect, by the last count. */
  readonly needed: TagsNeeded;
}

export function tagStanding(day: GardenDay, picture: WatchPicture): TagStanding {
  const { watch, tags, samples, sprays, handwork, inspections, tagged: effect } = picture;
  const workedOn =
    [...sprays, ...handwork]
      .map(({ on }) => on)
      .sort()
      .at(-1) ?? null;
  const countFrom = workedOn && addDays(workedOn, daysNeeded(day, watch, sprays, workedOn));
  const counted = samples.findLast(({ tagged }) => tagged);
  const countedOn = counted?.on ?? null;
  const latest = counted ?? samples.at(-1);
  return {
    phase: phaseOf(
      { hung: tags.length > 0, countedOn, workedOn, countFrom, isTold: effect !== null },
      day.today,
    ),
    workedOn,
    countFrom,
    countedOn,
    effect,
    verdict: effect && tagVerdict(effect),
    burned: inspections.some(
      ({ on, answers }) => workedOn !== null && on >= workedOn && answers[BURNED_ANSWER] === 'yes',
    ),
    needed: tagsNeeded(
      latest && latest.summary.measure.kind === 'mean' ? latest.summary.measure.value : null,
    ),
  };
}

interface TagDays extends Pick<TagStanding, 'countedOn' | 'workedOn' | 'countFrom'> {
  readonly hung: boolean;
  readonly isTold: boolean;
}

function phaseOf(
  { hung, countedOn, workedOn, countFrom, isTold }: TagDays,
  today: CivilDate,
): TagStanding['phase'] {
  if (!hung) return isTold ? 'told' : 'hang';
  if (countedOn === null) return 'before';
  // Who counts and treats on one day counts first.
  if (workedOn !== null && workedOn >= countedOn) return today < countFrom! ? 'wait' : 'after';
  return isTold ? 'told' : 'work';
}
