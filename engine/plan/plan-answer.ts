import { addDays, type CivilDate } from '#core/calendar';
import type { TargetGroup } from '#core/identify';
import type { SeasonPlan } from '#core/records';
import { type FigureRange, rangeAfterCounts, type SeasonFigures } from '#core/season-model';
import type { WeatherDay } from '#core/weather';
import {
  coverageFigure,
  evergreenOf,
  type OwnFigures,
  type PlanFigure,
  schoolsFor,
  seasonFigures,
  wintersYoung,
} from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { type PlaceNormals, placeNormals } from '../place-normals.ts';
import { plantWinter } from '../plant-winter.ts';
import { followsOn } from '../season-weather.ts';
import { outdoorSprayDays } from '../spray-answer.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { type DoneCut, doneCuts } from './plan-done.ts';
import { type PlanFrame, planFrame, placeOf } from './plan-frame.ts';
import { type PlanHatch, planHatch } from './plan-hatch.ts';
import { type PlanWay, planWays } from './plan-ways.ts';

/** Why there is nothing to plan with yet. */
export type NoPlan = 'not-named' | 'not-modelled' | 'no-hatch' | 'closed';

/** Everything a season is planned from; what it leaves is computed where it is shown. */
export interface PlanMaterial {
  readonly frame: PlanFrame;
  readonly hatch: PlanHatch;
  readonly figures: SeasonFigures;
  /** The figures as they are shown, to be set otherwise. */
  readonly shown: readonly PlanFigure[];
  readonly weather: PlanWeather;
  readonly ways: readonly PlanWay[];
  /** What was done already in the frame. */
  readonly done: readonly DoneCut[];
  readonly plan: SeasonPlan;
  readonly group: TargetGroup;
  /** Those who leave leaf miners otherwise would treat: the tree is young, or over a third is mined. */
  readonly minesMatter: boolean;
  /** The schools the garden or plant follows. */
  readonly schools: SchoolsFollowed;
  /** Day of the frame on which leaves come; null where they never go. */
  readonly leafOutOn: number | null;
  /** What winters is young: a growth regulator on bare wood meets it. */
  readonly wintersYoung: boolean;
  /** Nobody kept one yet: it is the empty one. */
  readonly isNew: boolean;
  /** Days of the forecast with a good hour for oil on leaves; null without a forecast. */
  readonly goodDays: readonly number[] | null;
}

/** What possible years are drawn from. */
export interface PlanWeather extends PlaceNormals {
  /** Days of the frame that were measured, and those forecast from today on. */
  readonly measured: readonly WeatherDay[];
  readonly forecast: readonly WeatherDay[];
}

export type PlanAnswer =
  { readonly kind: 'none'; readonly why: NoPlan } | ({ readonly kind: 'plan' } & PlanMaterial);

/**
 * A plan of a watch's season, or why there is none. Looking back, a season is laid out whole, as it was. Figures
 * that the garden's own counts taught (`learnt`) stand above the rules of thumb, those the gardener set above both.
 */
export function planFrom(
  day: GardenDay,
  picture: WatchPicture,
  frame: PlanFrame = planFrame(day.start, day.today),
  learnt: OwnFigures = {},
): PlanAnswer {
  const { watch } = picture;
  const book = day.books.watchBook(watch.id)!;
  if (watch.outcome !== 'open') return { kind: 'none', why: 'closed' };
  if (watch.group === null) return { kind: 'none', why: 'not-named' };
  const plan = book.seasonPlan ?? { id: watch.id, cuts: [], freeDays: [], figures: {} };
  const hatch = planHatch(day, picture, book, frame);
  const figuresHere = { ...learnt, ...plan.figures };
  const figures = figuresOf(day, picture, hatch, figuresHere);
  if (!figures) return { kind: 'none', why: 'not-modelled' };
  if (!hatch) return { kind: 'none', why: 'no-hatch' };
  const ways = planWays(day, picture, frame, figuresHere);
  return {
    kind: 'plan',
    frame,
    hatch,
    figures: figures.figures,
    shown: [...figures.shown, coverageFigure(figuresHere), ...ways.flatMap(({ way }) => way.figures)]
      .filter(({ id }, i, all) => all.findIndex((other) => other.id === id) === i)
      .map((figure) => (figure.id in learnt && !(figure.id in plan.figures) ? taughtHere(figure) : figure)),
    weather: weatherOf(day, picture, frame),
    ways,
    done: doneCuts(day, picture, frame, figuresHere),
    plan,
    schools: schoolsFor(day.garden, picture.plant),
    group: watch.group,
    minesMatter: picture.plant.age === 'young' || (picture.miner.minedShare ?? 0) > MINED_A_THIRD,
    leafOutOn: leafOutOn(day, picture, frame),
    wintersYoung: wintersYoung(watch.targetId),
    isNew: book.seasonPlan === null,
    goodDays: goodDays(day, frame),
  };
}

/** What counts of the garden moved is no rule of thumb any more. */
const taughtHere = (figure: PlanFigure): PlanFigure => ({ ...figure, grade: 'B', sourceIds: ['own-counts'] });

const MINED_A_THIRD = 1 / 3;

/** A school by question, as chosen for the plant or its garden. */
type SchoolsFollowed = ReturnType<typeof schoolsFor>;

function leafOutOn(day: GardenDay, { plant }: WatchPicture, frame: PlanFrame): number | null {
  if (evergreenOf(plant) !== false) return null;
  return placeOf(frame, plantWinter(day, plant, frame.season).greenTip.on);
}

function goodDays(day: GardenDay, frame: PlanFrame): number[] | null {
  const days = outdoorSprayDays(day);
  if (days.length === 0) return null;
  return days
    .filter(({ hours }) => hours.some(({ verdict }) => verdict === 'go'))
    .map(({ date }) => placeOf(frame, date));
}

function figuresOf(
  day: GardenDay,
  picture: WatchPicture,
  hatch: PlanHatch | null,
  gardeners: OwnFigures,
): ReturnType<typeof seasonFigures> {
  const { watch } = picture;
  return seasonFigures(
    {
      targetId: watch.targetId,
      group: watch.group,
      source: sourceOf(day, picture),
      holed: holedOf(picture),
      generations: hatch?.generations ?? 1,
      generationLength: hatch?.generationLength ?? null,
    },
    gardeners,
  );
}

function sourceOf(day: GardenDay, { watch }: WatchPicture): 'touching' | 'near' | null {
  if (watch.sourcePlantId === null) return null;
  if (day.books.plantBook(watch.sourcePlantId).plant.retiredOn !== null) return null;
  return day.books.plantBook(watch.plantId).touching.includes(watch.sourcePlantId) ? 'touching' : 'near';
}

/** Before anybody counted: some are holed on most plants, many on a few. */
const HOLED_BEFORE: FigureRange = { low: 0.03, middle: 0.15, high: 0.5 };
/** Covers of one twig share its fate: so many of them count as looked at apart (grade C). */
const APART_A_UNIT = 3;

/** Share of covers with a wasp's hole by the last count that looked for them. */
function holedOf({ samples }: WatchPicture): FigureRange | null {
  const last = samples.findLast(({ units }) => units.some(({ counts }) => counts.holed !== undefined));
  if (!last) return null;
  const sum = (item: string) => last.units.reduce((total, { counts }) => total + (counts[item] ?? 0), 0);
  const all = sum('live') + sum('dead') + sum('holed');
  if (all === 0) return null;
  const looked = Math.min(all, last.units.length * APART_A_UNIT);
  return rangeAfterCounts(HOLED_BEFORE, Math.round((sum('holed') / all) * looked), looked);
}

function weatherOf(day: GardenDay, picture: WatchPicture, frame: PlanFrame): PlanWeather {
  const weather = day.ofPlant(picture.plant);
  const end = addDays(frame.start, frame.days - 1);
  const within = ({ date }: { readonly date: CivilDate }) => date >= frame.start && date <= end;
  const filled = new Map(
    [...weather.readings, ...weather.measured.filter(({ guessed }) => !guessed)]
      .filter((each) => within(each) && each.date < day.today)
      .map((each) => [each.date, bareDay(each)]),
  );
  return {
    measured: [...filled.values()].sort((a, b) => (a.date < b.date ? -1 : 1)),
    forecast: followsOn(weather).filter(within).map(bareDay),
    ...placeNormals(day, weather),
  };
}

const bareDay = ({ date, minC, maxC, rainMm, windMs }: WeatherDay): WeatherDay => ({
  date,
  minC,
  maxC,
  rainMm,
  windMs,
});
