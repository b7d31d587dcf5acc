import { addDays, type CivilDate, dayInYear, daysBetween, shiftSeason, yearOf } from '#core/calendar';
import type { LeafSign } from './leaf-standing.ts';
import type { Turn, UsualYear } from './usual-year.ts';

/**
 * Where a date of a plant's winter comes from: logged, told by what was seen of its leaves, its own earlier
 * years, the temperatures of its place, or the calendar of its latitude.
 */
export type WinterBasis = 'logged' | 'seen' | 'own-heat' | 'own-years' | 'default' | 'calendar';

export interface WinterDate {
  readonly on: CivilDate;
  readonly basis: WinterBasis;
}

/** One winter of a deciduous plant: bare and hard from leaf fall, then swelling, then the first green. */
export type Winter = Readonly<Record<Turn, WinterDate>>;

/** Days after green tip through which the winter just past is still the one spoken of. */
const AFTERMATH_DAYS = 14;
/** How far a logged stage may lie from the usual date and still belong to this winter. */
const REACH_DAYS = 75;

const STAGE_OF = { leafFall: 'leaf-fall', budSwell: 'bud-swell', greenTip: 'green-tip' } as const;

/**
 * When heat says a stage will come, by the heat the plant had at it in earlier years; null where that
 * is not known.
 */
export type StageByHeat = (stage: 'bud-swell' | 'green-tip', year: number) => CivilDate | null;

/**
 * The winter that matters on `today`: the one it lies in, or the coming one while the plant is in
 * leaf. Logged stages stand above the plant's own past, which stands above the usual year of its place;
 * and whatever was seen of its leaves up to today moves a date it contradicts.
 */
export function winterOf(
  year: UsualYear,
  seasonStart: CivilDate,
  today: CivilDate,
  signs: readonly LeafSign[],
  byHeat: StageByHeat,
): Winter {
  const last = winterAfter(-1, year, seasonStart, signs, byHeat);
  return today > addDays(last.greenTip.on, AFTERMATH_DAYS)
    ? winterAfter(0, year, seasonStart, signs, byHeat)
    : last;
}

/** The winter at the end of a season: of this one for 0, of the last for −1. */
export function winterAfter(
  season: number,
  year: UsualYear,
  seasonStart: CivilDate,
  signs: readonly LeafSign[],
  byHeat: StageByHeat,
): Winter {
  const usual = (turn: Turn, years: number) =>
    dateOf(turn, addDays(shiftSeason(seasonStart, years), year[turn]), year, signs, byHeat);
  const winter: Winter = {
    leafFall: usual('leafFall', season),
    budSwell: usual('budSwell', season + 1),
    greenTip: usual('greenTip', season + 1),
  };
  return asSeen(winter, signs);
}

function dateOf(
  turn: Turn,
  usual: CivilDate,
  { basis }: UsualYear,
  signs: readonly LeafSign[],
  byHeat: StageByHeat,
): WinterDate {
  const stage = STAGE_OF[turn];
  const ofStage = signs.filter(({ kind }) => kind === stage);
  const seen = ofStage.find(({ on }) => Math.abs(daysBetween(usual, on)) <= REACH_DAYS);
  if (seen) return { on: seen.on, basis: 'logged' };
  const warm = stage === 'leaf-fall' ? null : byHeat(stage, yearOf(usual));
  if (warm) return { on: warm, basis: 'own-heat' };
  // How far the plant was off the usual date in other years, the middle of them.
  const offsets = ofStage.map(({ on }) => offsetFrom(usual, on)).sort((a, b) => a - b);
  if (offsets.length > 0)
    return { on: addDays(usual, offsets[Math.floor((offsets.length - 1) / 2)]!), basis: 'own-years' };
  return { on: usual, basis: basis === 'measured' ? 'default' : 'calendar' };
}

/** A winter whose computed dates give way to leaves seen on the plant, or seen to be missing. */
function asSeen({ leafFall, budSwell, greenTip }: Winter, signs: readonly LeafSign[]): Winter {
  const middle = addDays(leafFall.on, Math.floor(daysBetween(leafFall.on, budSwell.on) / 2));
  const seen = (leafState: LeafSign['leafState'], from: CivilDate, to: CivilDate) =>
    signs
      .filter((sign) => sign.leafState === leafState && sign.on >= from && sign.on <= to)
      .map(({ on }) => on);
  const summerBefore = addDays(leafFall.on, -REACH_DAYS);
  const summerAfter = addDays(greenTip.on, REACH_DAYS);
  const leafyLate = seen('in-leaf', leafFall.on, middle).at(-1);
  const bareEarly = seen('dormant', summerBefore, leafFall.on)[0];
  const bareLate = seen('dormant', middle, summerAfter).at(-1);
  const leafyEarly = seen('in-leaf', addDays(middle, 1), summerAfter)[0];
  const fall = moved(leafFall, bareEarly, leafyLate);
  const swell = moved(budSwell, leafyEarly && earlier(leafyEarly, budSwell.on), bareLate);
  const green = moved(greenTip, leafyEarly && earlier(leafyEarly, greenTip.on), bareLate);
  return {
    leafFall: fall,
    budSwell: swell,
    greenTip: green.on < swell.on ? { ...green, on: swell.on } : green,
  };
}

/** A date that is no later than `noLater` and comes after `after`, where those were seen. */
function moved(date: WinterDate, noLater: CivilDate | undefined, after: CivilDate | undefined): WinterDate {
  if (date.basis === 'logged') return date;
  if (noLater !== undefined && noLater < date.on) return { on: noLater, basis: 'seen' };
  if (after !== undefined && after >= date.on) return { on: addDays(after, 1), basis: 'seen' };
  return date;
}

const earlier = (a: CivilDate, b: CivilDate): CivilDate => (a < b ? a : b);

function offsetFrom(usual: CivilDate, on: CivilDate): number {
  const same = dayInYear(usual.slice(5), yearOf(on));
  const days = daysBetween(same, on);
  return days > 182 ? days - 365 : days < -182 ? days + 365 : days;
}
