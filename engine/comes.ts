import { addDays, type CivilDate, daysBetween, shiftSeason } from '#core/calendar';
import { nextWindow } from '#core/decide';
import { projectCrossing } from '#core/phenology';
import { FLUSH_HARDENS_DAYS, type Winter } from '#core/plan';
import type { Awaited, Coming } from '#core/programme';
import type { Plant, StageAwaited } from '#core/records';
import { firstColdNights } from '#core/moving';
import { placeOn } from '#core/weather';
import { BASE_50F } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { plantWinter } from './plant-winter.ts';
import { staysOf } from './season-weather.ts';
import type { WatchPicture } from './watch-picture.ts';

/** What a series is about: a plant and the watch on it, if it is for one; neither for the whole garden. */
export interface SeriesSubject {
  readonly plant: Plant | null;
  readonly picture: WatchPicture | null;
}

const sure = (on: CivilDate): Coming => ({ on, early: on, late: on, until: null });

/** When something a series awaits comes, the first time on or after a day; null where nobody can tell. */
export function comes(
  day: GardenDay,
  { plant, picture }: SeriesSubject,
  what: Awaited,
  after: CivilDate,
): Coming | null {
  if (what.kind === 'frost') return frost(day, plant, after);
  if (!plant) return null;
  switch (what.kind) {
    case 'stage':
      return stage(day, plant, what.stage, after);
    case 'crawlers':
      return crawlers(picture);
    case 'flush':
      return flush(day, plant, after);
    case 'flush-hard':
      return flushHard(day, plant, after);
    case 'petal-fall':
      return petalFall(day, plant, after);
    case 'heat':
      return heat(day, plant, what.cd, after);
  }
}

const TURN_OF: Readonly<Record<StageAwaited, keyof Winter>> = {
  'leaf-fall': 'leafFall',
  'bud-swell': 'budSwell',
  'green-tip': 'greenTip',
};
/** The winter spoken of on a day, the one behind it, and the one behind that hold any stage's next time. */
const WINTERS_ASKED = [0, 200, 400];

function stage(day: GardenDay, plant: Plant, awaited: StageAwaited, after: CivilDate): Coming | null {
  const next = WINTERS_ASKED.map((days) => plantWinter(day, plant, addDays(after, days))[TURN_OF[awaited]])
    .filter(({ on }) => on >= after)
    .toSorted((a, b) => (a.on < b.on ? -1 : 1))[0];
  if (!next) return null;
  return next.basis === 'logged' || next.basis === 'seen' ? sure(next.on) : { ...sure(next.on), late: null };
}

function crawlers(picture: WatchPicture | null): Coming | null {
  const window = nextWindow(picture?.windows ?? []);
  if (!window) return null;
  const { opens, closes } = window;
  return { on: opens.median, early: opens.early, late: opens.late, until: closes?.median ?? null };
}

const growthOf = (day: GardenDay, plant: Plant) =>
  day.books.plantBook(plant.id).growth.filter(({ on }) => on <= day.today);

function flush(day: GardenDay, plant: Plant, after: CivilDate): Coming | null {
  const began = growthOf(day, plant).findLast(
    ({ stage, on }) => stage === 'flush-start' && addDays(on, FLUSH_HARDENS_DAYS.late) >= after,
  );
  return began ? { ...sure(began.on), until: addDays(began.on, FLUSH_HARDENS_DAYS.usual) } : null;
}

/** The last flush begun by then: hard as logged, else by rule of thumb. */
function flushHard(day: GardenDay, plant: Plant, after: CivilDate): Coming | null {
  const log = growthOf(day, plant);
  const began = log.findLast(
    ({ stage, on }) => stage === 'flush-start' && addDays(on, FLUSH_HARDENS_DAYS.late) >= after,
  );
  const hard = log.find(({ stage, on }) => stage === 'flush-hard' && on >= (began?.on ?? after));
  if (hard) return sure(hard.on);
  return began
    ? {
        on: addDays(began.on, FLUSH_HARDENS_DAYS.usual),
        early: addDays(began.on, FLUSH_HARDENS_DAYS.early),
        late: addDays(began.on, FLUSH_HARDENS_DAYS.late),
        until: null,
      }
    : null;
}

function petalFall(day: GardenDay, plant: Plant, after: CivilDate): Coming | null {
  const over = growthOf(day, plant).find(
    ({ stage, on }) => (stage === 'petal-fall' || stage === 'bloom-end') && on >= after,
  );
  return over ? sure(over.on) : null;
}

/** A sum of heat from a day on; days before this season's first have no part in it. */
function heat(day: GardenDay, plant: Plant, cd: number, after: CivilDate): Coming | null {
  const ensemble = day.ensemble(day.ofPlant(plant), BASE_50F);
  const past = after <= ensemble.start ? [] : ensemble.expectedSums;
  const days = daysBetween(ensemble.start, after);
  const before = past.length === 0 ? 0 : (past[Math.min(days - 1, past.length - 1)] ?? 0);
  const at = projectCrossing(ensemble, before + cd, before);
  if (at.kind === 'reached') return sure(at.on);
  return at.kind === 'expected' ? { on: at.median, early: at.early, late: at.late, until: null } : null;
}

/** °C below which what is tender is hurt; thermometers stand above the ground (rule of thumb, grade C). */
const FROST_C = 0;
/** Nights this near to freezing in a forecast are taken for frost: it errs by degrees. */
const FORECAST_FROST_C = 1;

/** The first frost in the open: by the forecast, else by the seasons there were. */
function frost(day: GardenDay, plant: Plant | null, after: CivilDate): Coming | null {
  const { places } = day.books.state;
  const here = plant && day.books.place(placeOn(staysOf(day.books.plantBook(plant.id)), day.today));
  const open = here?.kind === 'outdoors' ? here : places.find(({ kind }) => kind === 'outdoors');
  if (!open) return null;
  const { forecast, pastSeasons } = day.ofPlace(open);
  const cold = forecast.find(({ date, minC }) => date >= after && minC <= FORECAST_FROST_C);
  if (cold) return sure(cold.date);
  const usual = firstColdNights(pastSeasons, FROST_C);
  if (!usual) return null;
  const start = [-1, 0, 1]
    .map((years) => shiftSeason(day.start, years))
    .find((first) => addDays(first, usual.lateDay ?? usual.earlyDay) >= after)!;
  const at = (days: number | null) => (days === null ? null : addDays(start, days));
  return {
    on: at(usual.middleDay ?? usual.earlyDay)!,
    early: at(usual.earlyDay)!,
    late: at(usual.lateDay),
    until: null,
  };
}
