import {
  type CivilDate,
  daysBetween,
  hemisphereOf,
  type Season,
  seasonOf,
  shiftSeason,
} from '#core/calendar';
import type { FigureRange } from '#core/season-model';
import type { Series, Watch } from '#core/records';
import type { GardenDay } from '../garden-day.ts';
import { namesRecord } from '../names-record.ts';
import { BEFORE_SEASON_DAYS } from '../plan/plan-frame.ts';
import { programmeAnswer } from '../programme-answer.ts';
import { shelfAnswer, type ShoppingItem } from '../shelf-answer.ts';
import { watchPictures } from '../watch-pictures.ts';
import { datesHeld } from './dates-held.ts';
import { gardenSeasons, type SeasonCell, type SeasonWork, type WeighedChange } from './garden-seasons.ts';
import { learntHere } from './learnt-here.ts';
import { rangesHeld, type TrackRecord } from './ranges-held.ts';

/** A year looked back on: what each watch did, how the app did, what is planned and what to buy. */
export interface ReviewAnswer {
  readonly season: Season;
  /** It is winter, or the year is young: the season is over, and may be closed. */
  readonly isOver: boolean;
  readonly watches: readonly ReviewedWatch[];
  readonly work: SeasonWork | null;
  readonly workBefore: SeasonWork | null;
  /** What the app said beforehand and what came: names, first hatches, ranges of counts. */
  readonly names: TrackRecord;
  readonly dates: TrackRecord;
  readonly ranges: TrackRecord;
  readonly programmes: readonly {
    readonly series: Series;
    readonly plantName: string;
    readonly targetName: string;
    readonly isOver: boolean;
  }[];
  readonly shopping: readonly ShoppingItem[];
}

export interface ReviewedWatch {
  readonly watchId: string;
  readonly plantName: string;
  readonly targetName: string;
  readonly outcome: Watch['outcome'];
  readonly cell: SeasonCell | null;
  readonly before: SeasonCell | null;
  readonly changes: readonly WeighedChange[];
  /** As many after a year left alone, by its counts; null where it has one or none. */
  readonly growth: FigureRange | null;
}

export function reviewAnswer(day: GardenDay): ReviewAnswer {
  const { season, isOver } = reviewedSeason(day);
  const all = gardenSeasons(day);
  const at = all.seasons.findIndex((each) => each.season.start === season.start);
  const pictures = watchPictures(day);
  const named = namesRecord(day).filter(({ held }) => held === 'held' || held === 'renamed');
  const changes = all.told?.start === season.start ? all.changes : [];
  return {
    season,
    isOver,
    watches: all.watches.flatMap(({ watchId, plantName, targetName, cells }): ReviewedWatch[] => {
      const picture = pictures.find(({ watch }) => watch.id === watchId)!;
      // What was opened since is of the next year.
      if (picture.watch.openedOn >= shiftSeason(season.start, 1)) return [];
      const learnt = learntHere(day, picture);
      return [
        {
          watchId,
          plantName,
          targetName,
          outcome: picture.watch.outcome,
          cell: cells[at] ?? null,
          before: cells[at - 1] ?? null,
          changes: changes.filter((change) => change.watchId === watchId),
          growth: learnt && learnt.stretches.length > 0 ? learnt.watch.growth : null,
        },
      ];
    }),
    work: all.seasons[at] ?? null,
    workBefore: all.seasons[at - 1] ?? null,
    names: { held: named.filter(({ held }) => held === 'held').length, of: named.length },
    dates: total(pictures.map((picture) => datesHeld(day, picture))),
    ranges: total(pictures.map((picture) => rangesHeld(day, picture))),
    programmes: programmeAnswer(day)
      .filter(({ series }) => series.endedOn === null)
      .map(({ series, plantName, targetName, next }) => ({
        series,
        plantName,
        targetName,
        isOver: next === null,
      })),
    shopping: shelfAnswer(day).shopping,
  };
}

/** In the first weeks of a season the last one is looked back on; in its last weeks it is over itself. */
function reviewedSeason({ today, garden }: GardenDay): Pick<ReviewAnswer, 'season' | 'isOver'> {
  const season = seasonOf(today, hemisphereOf(garden.latitudeDeg));
  if (daysBetween(season.start, today) < BEFORE_SEASON_DAYS)
    return { season: lastSeason(season.start, garden.latitudeDeg), isOver: true };
  return { season, isOver: daysBetween(today, shiftSeason(season.start, 1)) <= BEFORE_SEASON_DAYS };
}

const lastSeason = (start: CivilDate, latitudeDeg: number): Season =>
  seasonOf(shiftSeason(start, -1), hemisphereOf(latitudeDeg));

const total = (records: readonly TrackRecord[]): TrackRecord => ({
  held: records.reduce((sum, { held }) => sum + held, 0),
  of: records.reduce((sum, { of: all }) => sum + all, 0),
});
