import { blowsToDeg, type Footprint, isDownwind, LEAST_STEADINESS, middleOf } from '#core/ground';
import { isScaleGroup } from '#core/identify';
import { BLOWN_REACH_M } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { drawnCrowns } from '../ground/drawn-crowns.ts';
import { seasonWind } from '../ground/season-wind.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { crawlerMonths } from './crawler-months.ts';

/** Plants of the plan that lie before and behind a watch's plant in the wind of its crawlers' weeks. */
export interface InTheWind {
  readonly downwind: readonly string[];
  readonly upwind: readonly string[];
}

const STILL: InTheWind = { downwind: [], upwind: [] };

/**
 * What crawlers may be blown to and from: only a scale's are, only outdoors on the plan, only where the wind of
 * those weeks keeps to a direction, and no farther than most are blown.
 */
export function inTheWind(day: GardenDay, picture: WatchPicture): InTheWind {
  const turnDeg = crawlerWindDeg(day, picture);
  const crowns = drawnCrowns(day.books.state);
  const here = crowns.find(({ plant }) => plant.id === picture.plant.id);
  const isOutdoors = day.books.place(here?.spot.placeId ?? '')?.kind === 'outdoors';
  if (turnDeg === null || !here || !isOutdoors) return STILL;
  const blows = (from: Footprint, to: Footprint) =>
    isDownwind(middleOf(from), middleOf(to), turnDeg, BLOWN_REACH_M.value);
  const beside = crowns.filter((other) => other !== here && other.spot.placeId === here.spot.placeId);
  return {
    downwind: beside.filter(({ crown }) => blows(here.crown, crown)).map(({ plant }) => plant.id),
    upwind: beside.filter(({ crown }) => blows(crown, here.crown)).map(({ plant }) => plant.id),
  };
}

/** The turn on the plan into which crawlers of a watch are blown; null where they are not, or nobody knows. */
export function crawlerWindDeg(day: GardenDay, picture: WatchPicture): number | null {
  if (!isScaleGroup(picture.watch.group)) return null;
  const wind = seasonWind(day, crawlerMonths(picture, day.garden.latitudeDeg));
  if (!wind || (wind.steadiness !== null && wind.steadiness < LEAST_STEADINESS)) return null;
  return blowsToDeg(wind.fromDeg, day.garden.upBearingDeg);
}
