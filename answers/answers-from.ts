import type { CivilDate } from '#core/calendar';
import type { Guess, OwnRecipe, Photo, Reading, Round, Station, Stop, Wait } from '#core/records';
import type { GardenDay } from '#engine';

/** A thermometer and how much there is of it. */
export interface StationSummary extends Station {
  readonly days: number;
  readonly from: CivilDate | null;
  readonly to: CivilDate | null;
  /** Readings of a max–min thermometer, entered by hand. */
  readonly readings: number;
}

/** Records that no judgement rests on, but pages show. */
export interface Beside {
  stations(): readonly StationSummary[];
  readings(stationId: string): readonly Reading[];
  rounds(): readonly Round[];
  stops(roundId: string): readonly Stop[];
  photos(): readonly Photo[];
  guesses(): readonly Guess[];
  recipes(): readonly OwnRecipe[];
  waits(): readonly Wait[];
}

/** How the records themselves are kept; a device that answers by itself knows nothing of it. */
export interface Keeping {
  /** Why the last backup could not be made; null when it could. */
  readonly backupTrouble: string | null;
  /** Records of days that have not come by this computer's clock; null when there are none. */
  readonly ahead: { readonly records: number; readonly last: CivilDate } | null;
  /** Where a calendar program reads the plan; null when that is closed. */
  readonly calendarAddress: string | null;
}

/** What a garden's answers are worked out from: the server brings its store, a device what it has packed. */
export interface AnswersFrom {
  /**
   * The garden on its present day.
   * @throws Problem 409 where there is no garden yet
   */
  day(): GardenDay;
  readonly beside: Beside;
  keeping(today: CivilDate): Keeping;
}
