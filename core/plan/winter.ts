import { addDays, type CivilDate, dayInYear, daysBetween, shiftSeason, yearOf } from '#core/calendar';
import type { LoggedStage } from './logged-stage.ts';
import type { StageSpan } from './season-stages.ts';

/**
 * Where a date of a plant's winter comes from: seen this time, its own earlier years, or the garden's
 * rough default.
 */
export type WinterBasis = 'logged' | 'own-heat' | 'own-years' | 'default';

export interface WinterDate {
  readonly on: CivilDate;
  readonly basis: WinterBasis;
}

/** One winter of a deciduous plant: bare and hard from leaf fall, then swelling, then the first green. */
export interface Winter {
  readonly leafFall: WinterDate;
  readonly budSwell: WinterDate;
  readonly greenTip: WinterDate;
}

/** Days after green tip through which the winter just past is still the one spoken of. */
const AFTERMATH_DAYS = 14;
/** How far a logged stage may lie from the usual date and still belong to this winter. */
const REACH_DAYS = 75;

/**
 * When heat says a stage will come, by the heat the plant had at it in earlier years; null where that
 * is not known.
 */
export type StageByHeat = (stage: 'bud-swell' | 'green-tip', year: number) => CivilDate | null;

/**
 * The winter that matters on `today`: the one it lies in, or the coming one while the plant is in
 * leaf. `stages` are the garden's usual ones for the season that starts on `seasonStart`
 * ({@link seasonStages}); null when there is no dormant season. Logged stages stand above the
 * plant's own past, which stands above the garden's default.
 */
export function winterOf(
  stages: readonly StageSpan[] | null,
  seasonStart: CivilDate,
  today: CivilDate,
  log: readonly LoggedStage[],
  byHeat: StageByHeat,
): Winter | null {
  const usual = stages && usualDates(stages);
  if (!usual) return null;
  const greenThisSeason = dateOf('green-tip', usual.greenTip, log, byHeat);
  const coming = today > addDays(greenThisSeason.on, AFTERMATH_DAYS);
  const [fallYears, springYears] = coming ? [0, 1] : [-1, 0];
  return {
    leafFall: dateOf('leaf-fall', shiftYears(usual.leafFall, fallYears, seasonStart), log, byHeat),
    budSwell: dateOf('bud-swell', shiftYears(usual.budSwell, springYears, seasonStart), log, byHeat),
    greenTip: dateOf('green-tip', shiftYears(usual.greenTip, springYears, seasonStart), log, byHeat),
  };
}

/** Leaf fall is the start of the second dormant span: by then nine in ten leaves are down. */
function usualDates(
  stages: readonly StageSpan[],
): { leafFall: CivilDate; budSwell: CivilDate; greenTip: CivilDate } | null {
  const from = (stage: StageSpan['stage']) => stages.findLast((span) => span.stage === stage)?.from;
  const [leafFall, budSwell, greenTip] = [from('dormant'), from('bud-swell'), from('in-leaf')];
  return leafFall && budSwell && greenTip ? { leafFall, budSwell, greenTip } : null;
}

function shiftYears(date: CivilDate, years: number, seasonStart: CivilDate): CivilDate {
  // Counted from the season's start, so that a leap day moves nothing by a whole day.
  return years === 0 ? date : addDays(shiftSeason(seasonStart, years), daysBetween(seasonStart, date));
}

function dateOf(
  stage: 'leaf-fall' | 'bud-swell' | 'green-tip',
  usual: CivilDate,
  log: readonly LoggedStage[],
  byHeat: StageByHeat,
): WinterDate {
  const ofStage = log.filter((entry) => entry.stage === stage);
  const seen = ofStage.find(({ on }) => Math.abs(daysBetween(usual, on)) <= REACH_DAYS);
  if (seen) return { on: seen.on, basis: 'logged' };
  const warm = stage === 'leaf-fall' ? null : byHeat(stage, yearOf(usual));
  if (warm) return { on: warm, basis: 'own-heat' };
  // How far the plant was off the usual date in other years, the middle of them.
  const offsets = ofStage.map(({ on }) => offsetFrom(usual, on)).sort((a, b) => a - b);
  if (offsets.length > 0)
    return { on: addDays(usual, offsets[Math.floor((offsets.length - 1) / 2)]!), basis: 'own-years' };
  return { on: usual, basis: 'default' };
}

function offsetFrom(usual: CivilDate, on: CivilDate): number {
  const same = dayInYear(usual.slice(5), yearOf(on));
  const days = daysBetween(same, on);
  return days > 182 ? days - 365 : days < -182 ? days + 365 : days;
}
