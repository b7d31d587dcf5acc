import type { Policy, PolicyScene, WeekRead } from './policy.ts';
import type { TreatmentKind } from './treatment.ts';

/** Tapes count as catching from so many crawlers on all of them together. */
const CATCHING = 3;
const FORTNIGHT = 14;
const MONTH = 30;
/** Read weekly, every 10 to 14 days comes to this. */
const TEN_DAYS = 10;
/** A catch that was so long ago belongs to another hatch. */
const ONE_HATCH_DAYS = 45;

const always = (kind: TreatmentKind) => () => [kind];
const last = (weeks: readonly WeekRead[]) => weeks.at(-1)!;
const sinceSpray = ({ day, sprayedOn }: PolicyScene) => day - (sprayedOn.at(-1) ?? -Infinity);

/** Readings of the hatch that runs: back to the last pause. */
function ofThisHatch({ weeks, day }: PolicyScene): readonly WeekRead[] {
  const lately = weeks.filter((week) => day - week.day <= ONE_HATCH_DAYS);
  const pause = lately.findLastIndex(({ caught }, i) => caught < CATCHING && i < lately.length - 1);
  return lately.slice(pause + 1);
}

/** At the first crawlers, then every two weeks while tapes catch. */
export const whileCatching = (kind: TreatmentKind): Policy => ({
  id: 'while-catching',
  treatsWith: always(kind),
  sprays: (scene) => last(scene.weeks).caught >= CATCHING && sinceSpray(scene) >= FORTNIGHT,
});

/** Once a hatch, when a reading is no higher than the one before it. */
export const atPeak = (kind: TreatmentKind): Policy => ({
  id: 'at-peak',
  treatsWith: always(kind),
  sprays(scene) {
    const [before, now] = ofThisHatch(scene).slice(-2);
    if (!before || !now || sinceSpray(scene) < ONE_HATCH_DAYS) return false;
    return before.caught >= CATCHING && now.caught <= before.caught;
  },
});

/** Once a hatch, when the catch has fallen to half of its highest. */
export const atFall = (kind: TreatmentKind): Policy => ({
  id: 'at-fall',
  treatsWith: always(kind),
  sprays(scene) {
    const weeks = scene.weeks.filter((week) => scene.day - week.day <= ONE_HATCH_DAYS);
    const most = Math.max(...weeks.map(({ caught }) => caught));
    const [before, now] = weeks.slice(-2);
    // The week it falls below, not any week after: then it is too late.
    const falls = before && now && before.caught > most / 2 && now.caught <= most / 2;
    return Boolean(falls) && most >= 2 * CATCHING && sinceSpray(scene) >= ONE_HATCH_DAYS;
  },
});

/** Once, before leaves come, whatever hangs; nothing on crawlers later. */
export const beforeLeaves = (kind: TreatmentKind, leafOutDay: number): Policy => ({
  id: 'growth-regulator',
  treatsWith: always(kind),
  sprays: ({ day, sprayedOn }) => sprayedOn.length === 0 && day >= leafOutDay - FORTNIGHT,
});

/** By the calendar alone: once a month between two days. */
export const monthly = (kinds: readonly TreatmentKind[], from: number, to: number): Policy => ({
  id: 'monthly',
  treatsWith: () => kinds,
  sprays: (scene) => scene.day >= from && scene.day <= to && sinceSpray(scene) >= MONTH,
});

/** One, then the other, every ten to fourteen days between two days. */
export const alternating = (kinds: readonly TreatmentKind[], from: number, to: number): Policy => ({
  id: 'alternate',
  treatsWith: (time) => [kinds[time % kinds.length]!],
  sprays: (scene) => scene.day >= from && scene.day <= to && sinceSpray(scene) >= TEN_DAYS,
});

/** On the days it has fixed beforehand, whatever hangs; each falls to the next day of reading. */
export const onDays = (id: string, kind: TreatmentKind, days: readonly number[]): Policy => ({
  id,
  treatsWith: always(kind),
  sprays: ({ day, sprayedOn }) => sprayedOn.length < days.length && day >= days[sprayedOn.length]!,
});

/** Nothing, to be laid beside the others. */
export const leaveIt = (): Policy => ({ id: 'leave', treatsWith: () => [], sprays: () => false });
