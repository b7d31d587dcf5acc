import { sumBy, uniqBy } from 'es-toolkit';
import { type CivilDate, hemisphereOf, type Season, seasonOf } from '#core/calendar';
import type { WatchStatus } from '#core/decide';
import { costOf } from '#core/mix';
import {
  differenceOfShares,
  type Estimate,
  type LevelRange,
  type Measure,
  type Protocol,
  type Share,
} from '#core/sampling';
import { type Change, notComparable } from '#core/seasons';
import type { GardenDay } from '../garden-day.ts';
import type { LoggedSpray } from '../garden-state.ts';
import { hoursOf } from '../plan/plan-ways.ts';
import type { SummedSample } from '../summed-sample.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { watchPictures } from '../watch-pictures.ts';

/** Every watch of a garden over its seasons, what the last one changed, and what the work came to. */
export interface GardenSeasons {
  /** Oldest first; the last is the one that runs, or the last with anything on record. */
  readonly seasons: readonly SeasonWork[];
  readonly watches: readonly WatchOverSeasons[];
  /** The last season that has counts, and what it changed, what weighs most first. */
  readonly told: Season | null;
  readonly changes: readonly WeighedChange[];
}

/** What the work of a season came to. */
export interface SeasonWork {
  readonly season: Season;
  /** Tanks sprayed, and what went out of them. */
  readonly sprays: number;
  readonly sprayMl: number;
  /** By rule of thumb for sprays (grade C), as told for work by hand. */
  readonly sprayHours: number;
  readonly handMinutes: number;
  /** Work by hand nobody told the minutes of. */
  readonly handUntold: number;
  /** In the gardener's own money; null where no price is known. */
  readonly cost: number | null;
  /** Products whose price is not known. */
  readonly unpriced: number;
}

export interface WatchOverSeasons {
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly status: WatchStatus;
  /** One for each season, null where nothing was counted or done. */
  readonly cells: readonly (SeasonCell | null)[];
}

export interface SeasonCell {
  /** The last count of the season that the latest of all may be compared with, else its last. */
  readonly count: {
    readonly on: CivilDate;
    readonly protocol: Protocol;
    readonly measure: Measure;
    readonly level: LevelRange | null;
    readonly holedShare: Share | null;
  } | null;
  readonly sprays: number;
  readonly handwork: number;
  readonly helpers: boolean;
}

/** What one watch's last season changed, or why that cannot be said. */
export type WeighedChange = {
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly weight: number;
} & (
  | { readonly kind: 'level'; readonly change: Change; readonly since: CivilDate; readonly on: CivilDate }
  | { readonly kind: 'holed'; readonly by: Estimate; readonly since: CivilDate; readonly on: CivilDate }
  | { readonly kind: 'not-compared'; readonly why: 'protocol' | 'stage'; readonly on: CivilDate }
  | { readonly kind: 'not-counted' }
);

const MOST_SEASONS = 8;

export function gardenSeasons(day: GardenDay): GardenSeasons {
  const hemisphere = hemisphereOf(day.garden.latitudeDeg);
  const seasonAt = (on: CivilDate) => seasonOf(on, hemisphere);
  const pictures = watchPictures(day).filter(({ watch }) => watch.outcome !== 'ruled-out');
  const days = [
    day.today,
    ...pictures.flatMap(({ samples, sprays, handwork }) =>
      [...samples, ...sprays, ...handwork].map(({ on }) => on),
    ),
  ].sort();
  const seasons = uniqBy(days.map(seasonAt), ({ start }) => start).slice(-MOST_SEASONS);
  const told =
    seasons.findLast(({ start }) =>
      pictures.some(({ samples }) => samples.some(({ on }) => seasonAt(on).start === start)),
    ) ?? null;
  const cells = pictures.map((picture) => cellsOf(picture, seasons, seasonAt));
  return {
    seasons: seasons.map((season) => seasonWork(day, season, seasonAt)),
    watches: pictures.map((picture, i) => ({ ...named(picture), status: picture.status, cells: cells[i]! })),
    told,
    changes: told
      ? pictures.flatMap((picture) => changesOf(picture, told, seasonAt)).sort((a, b) => b.weight - a.weight)
      : [],
  };
}

type SeasonAt = (on: CivilDate) => Season;

const named = ({ watch, plant, targetName }: WatchPicture) => ({
  watchId: watch.id,
  plantName: plant.name,
  targetName,
});

function cellsOf(
  { samples, sprays, handwork }: WatchPicture,
  seasons: readonly Season[],
  seasonAt: SeasonAt,
): (SeasonCell | null)[] {
  const latest = samples.at(-1);
  return seasons.map(({ start }) => {
    const within = ({ on }: { readonly on: CivilDate }) => seasonAt(on).start === start;
    const counts = samples.filter(within);
    const count = counts.findLast((each) => notComparable(each, latest!) === null) ?? counts.at(-1);
    const [sprayed, worked] = [sprays.filter(within), handwork.filter(within)];
    if (!count && sprayed.length + worked.length === 0) return null;
    return {
      count: count ? shownCount(count) : null,
      sprays: tanksOf(sprayed),
      handwork: worked.filter(({ kind }) => kind !== 'helpers').length,
      helpers: worked.some(({ kind }) => kind === 'helpers'),
    };
  });
}

const shownCount = ({ on, protocol, summary }: SummedSample) => ({
  on,
  protocol,
  measure: summary.measure,
  level: summary.level,
  holedShare: summary.holedShare,
});

/** What went on from one tank counts once. */
const tanksOf = (sprays: readonly LoggedSpray[]): number =>
  new Set(sprays.map(({ id, loadId }) => loadId ?? id)).size;

function changesOf(picture: WatchPicture, { start }: Season, seasonAt: SeasonAt): WeighedChange[] {
  const { samples, watch } = picture;
  const latest = samples.at(-1);
  const watchNamed = named(picture);
  if (!latest || seasonAt(latest.on).start !== start)
    return watch.outcome === 'open' ? [{ ...watchNamed, kind: 'not-counted', weight: -2 }] : [];
  const earlier = samples.filter(({ on }) => seasonAt(on).start < start);
  const last = earlier.at(-1);
  if (!last) return [];
  if (!picture.change || !picture.changeSince)
    return [
      { ...watchNamed, kind: 'not-compared', why: notComparable(last, latest)!, on: latest.on, weight: -1 },
    ];
  return [
    {
      ...watchNamed,
      kind: 'level',
      change: picture.change,
      since: picture.changeSince,
      on: latest.on,
      weight: weightOf(picture.change, picture),
    },
    ...holedChange(earlier, latest).map((each) => ({ ...watchNamed, ...each })),
  ];
}

/** What is bad and moved far weighs most; what shows no change weighs nothing (rule of thumb, grade C). */
function weightOf(change: Change, { level, levelBefore }: WatchPicture): number {
  const badness = 1 + Math.max(level?.level ?? 0, levelBefore?.level ?? 0);
  switch (change.kind) {
    case 'fell':
    case 'rose':
      return (
        badness *
        (change.by.as === 'ratio' ? Math.abs(Math.log(change.by.value)) : 3 * Math.abs(change.by.value))
      );
    case 'gone':
    case 'appeared':
      return 2 * badness;
    default:
      return 0;
  }
}

/** A share of holed covers that moved further than chance does. */
function holedChange(earlier: readonly SummedSample[], latest: SummedSample) {
  const before = earlier.findLast(
    (count) => count.summary.holedShare !== null && notComparable(count, latest) === null,
  );
  if (!before || !latest.summary.holedShare) return [];
  const by = differenceOfShares(before.summary.holedShare!, latest.summary.holedShare);
  if (by.low <= 0 && by.high >= 0) return [];
  return [{ kind: 'holed' as const, by, since: before.on, on: latest.on, weight: 3 * Math.abs(by.value) }];
}

function seasonWork(day: GardenDay, season: Season, seasonAt: SeasonAt): SeasonWork {
  const { state } = day.books;
  const within = ({ on }: { readonly on: CivilDate }) =>
    on <= day.today && seasonAt(on).start === season.start;
  const sprays = state.sprays.filter(within);
  const handwork = state.handwork.filter(within);
  const parts = sprays.flatMap((spray) => spray.parts);
  const costs = parts.map(({ productId, productAmount }) =>
    costOf(day.books.product(productId), productAmount),
  );
  const plantOf = ({ watchId, plantId }: LoggedSpray) =>
    watchId === null ? day.books.plantBook(plantId!).plant : day.books.watchBook(watchId)!.plantBook.plant;
  return {
    season,
    sprays: tanksOf(sprays),
    sprayMl: sumBy(sprays, ({ sprayMl }) => sprayMl),
    sprayHours: sumBy(sprays, (spray) => hoursOf(plantOf(spray), 'spray-in-window')),
    handMinutes: sumBy(handwork, ({ minutes }) => minutes ?? 0),
    handUntold: handwork.filter(({ minutes }) => minutes === null).length,
    cost: costs.some((cost) => cost !== null) ? sumBy(costs, (cost) => cost ?? 0) : null,
    unpriced: costs.filter((cost) => cost === null).length,
  };
}
