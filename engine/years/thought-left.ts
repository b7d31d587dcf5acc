import { type CivilDate, daysBetween, hemisphereOf, seasonStart, shiftSeason } from '#core/calendar';
import {
  drawSeasons,
  type FigureRange,
  leftInDraws,
  type PlannedTreatment,
  possibleYears,
  summariseLeft,
} from '#core/season-model';
import type { DoneBetween, Stretch } from '#core/seasons';
import type { TargetGroup } from '#core/identify';
import { HANDWORK, howMany, LEFT_BY_HAND, LEFT_BY_SPRAYS } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import type { DoneCut } from '../plan/plan-done.ts';
import { BEFORE_SEASON_DAYS } from '../plan/plan-frame.ts';
import type { PlanMaterial } from '../plan/plan-answer.ts';
import { seasonBack } from '../plan/season-back.ts';
import type { WatchPicture } from '../watch-picture.ts';

/** Something done to a watch, with what the figures alone make of it on the day it was done. */
export interface ThoughtDone extends DoneBetween {
  readonly on: CivilDate;
  readonly name: string;
}

/** A stretch between two counts, with what was thought of what was done in it. */
export interface ThoughtStretch extends Stretch {
  readonly from: CivilDate;
  readonly to: CivilDate;
  readonly done: readonly ThoughtDone[];
}

/** Fewer draws than a plan takes: a prior this wide needs no more. */
const DRAWS = 80;
const YEARS = 30;
const SEED = 2311;
/** A logarithm needs some left. */
const LEAST_LEFT = 0.02;
const DAYS_A_YEAR = 365.25;

/** What was done between two counts, who counts and treats on one day counts first. */
export function thoughtStretch(
  day: GardenDay,
  picture: WatchPicture,
  from: CivilDate,
  to: CivilDate,
): ThoughtStretch {
  const { watch, sprays, handwork } = picture;
  const within = ({ on }: { readonly on: CivilDate }) => on >= from && on < to;
  const worked = [...sprays, ...handwork].filter(within).map(({ on }) => on);
  const seasons = [...new Set([...worked, from].map((on) => seasonTreatedFor(day, on)))].sort();
  const thought = seasons.flatMap((season) => {
    const back = seasonBack(day, watch.id, season);
    return back ? [thoughtIn(back.material, within)] : [];
  });
  const done = hasSeasonModel(picture)
    ? thought.flatMap((each) => each.done)
    : seasons.flatMap((season) => unmodelled(day, picture, season, within));
  const source = thought.find((each) => each.source !== null)?.source ?? null;
  const years = Math.max(1, daysBetween(from, to)) / DAYS_A_YEAR;
  return { from, to, years, done, source: source && years > 0.5 ? cameOver(source, done) : null };
}

/** Whether anything is known of how a season of its trouble runs. */
export const hasSeasonModel = ({ watch: { group } }: Pick<WatchPicture, 'watch'>): boolean =>
  group !== null && MODELLED.has(group);

const MODELLED: ReadonlySet<TargetGroup> = new Set<TargetGroup>([
  'armored',
  'soft',
  'felt',
  'giant',
  'leaf-miner',
]);

/** All sprays of a season as one, and each work by hand, where no season is modelled. */
function unmodelled(
  day: GardenDay,
  { sprays, handwork }: WatchPicture,
  season: CivilDate,
  within: (done: { readonly on: CivilDate }) => boolean,
): ThoughtDone[] {
  const inSeason = (done: { readonly on: CivilDate }) =>
    within(done) && seasonTreatedFor(day, done.on) === season;
  const [sprayed, worked] = [sprays.filter(inSeason), handwork.filter(inSeason)];
  const products = new Set(
    sprayed.flatMap(({ parts }) => parts.map(({ productId }) => day.books.product(productId).name)),
  );
  return [
    ...sprayed.slice(0, 1).map(({ id, on }): ThoughtDone => ({
      id,
      on,
      name: `${howMany(sprayed.length, 'spray')}: ${[...products].join(', ')}`,
      kindId: SPRAYS_OF_SEASON,
      left: LEFT_BY_SPRAYS,
    })),
    ...worked.map(({ id, on, kind }): ThoughtDone => ({
      id,
      on,
      name: HANDWORK[kind].name,
      kindId: `hand:${kind}`,
      left: LEFT_BY_HAND,
    })),
  ];
}

export const SPRAYS_OF_SEASON = 'sprays';

/** Work in the last weeks before a season is for that season. */
function seasonTreatedFor(day: GardenDay, on: CivilDate): CivilDate {
  const start = seasonStart(on, hemisphereOf(day.garden.latitudeDeg));
  const next = shiftSeason(start, 1);
  return daysBetween(on, next) <= BEFORE_SEASON_DAYS ? next : start;
}

interface ThoughtSeason {
  readonly done: readonly ThoughtDone[];
  readonly source: FigureRange | null;
}

function thoughtIn(
  material: PlanMaterial,
  within: (done: { readonly on: CivilDate }) => boolean,
): ThoughtSeason {
  const cuts = material.done.filter(within);
  const { source } = material.figures;
  if (cuts.length === 0) return { done: [], source };
  const draws = drawnSeasons(material);
  const leftAfter = (some: readonly DoneCut[]) =>
    summariseLeft(
      leftInDraws(
        draws,
        some.map(({ day, way }): PlannedTreatment => ({ day, kind: way.kind, done: true })),
      ),
    );
  const each = cuts.map((cut) => leftAfter([cut]));
  // Treatments of one season meet in part the same young: together they leave more than their product.
  const together = Math.log(above0(leftAfter(cuts).median / 100));
  const product = each.reduce((sum, left) => sum + Math.log(above0(left.median / 100)), 0);
  const share = product < 0 ? Math.min(1, together / product) : 1;
  const done = cuts.map((cut, i): ThoughtDone => {
    const { low, median, high } = each[i]!;
    const scaled = (left: number) => above0(left / 100) ** share;
    return {
      id: cut.id,
      on: cut.on,
      name: cut.name,
      kindId: cut.kindId,
      left: { low: scaled(low), middle: scaled(median), high: scaled(high) },
    };
  });
  return { done, source };
}

/** The possible seasons of one that is looked back on, without its source: what came over stands apart. */
export function drawnSeasons({ frame, hatch, weather, figures }: PlanMaterial) {
  const years = possibleYears({ ...frame, ...weather, model: hatch.model, years: YEARS, seed: SEED });
  return drawSeasons({
    belief: hatch.belief,
    figures: { ...figures, source: null },
    years,
    draws: DRAWS,
    seed: SEED,
  });
}

/** How many times as many there are for what comes over, where so much was left of the plant's own. */
function cameOver({ low, middle, high }: FigureRange, done: readonly DoneBetween[]): FigureRange {
  const left = done.reduce((so, each) => so * each.left.middle, 1);
  return { low: 1 + low / left, middle: 1 + middle / left, high: 1 + high / left };
}

const above0 = (left: number): number => Math.max(LEAST_LEFT, left);
