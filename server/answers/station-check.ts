import type { CivilDate } from '#core/calendar';
import type { PairedReading, Place, Station, WeatherFixRecord } from '#core/records';
import {
  completeSeries,
  doubtfulDays,
  type Doubt,
  type Gap,
  learnOffset,
  type LearnedOffset,
  setRight,
} from '#core/weather';
import type { Store } from '../store/store.ts';

/** What a station's readings look like on a second look. */
export interface StationCheck {
  readonly days: number;
  /** Doubtful days not yet decided about. */
  readonly doubts: readonly Doubt[];
  readonly fixes: readonly WeatherFixRecord[];
  /** Gaps bridged on a straight line, and gaps too long to bridge, newest last. */
  readonly bridged: readonly Gap[];
  readonly open: readonly Gap[];
}

export function stationCheck(store: Store, station: Station, yesterday: CivilDate): StationCheck {
  const raw = store.rawDays(station.id, '0001-01-01', yesterday);
  const fixes = store.fixes.by('station_id', station.id);
  const days = setRight(raw, fixes);
  const series = days[0] ? completeSeries(days, days[0].date, yesterday) : { filled: [], refused: [] };
  return {
    days: days.length,
    doubts: doubtfulDays(days),
    fixes,
    bridged: series.filled,
    open: series.refused,
  };
}

/** What the paired readings of a place say of its offset. */
export interface OffsetLearned {
  readonly pairs: readonly (PairedReading & {
    readonly stationMinC: number | null;
    readonly stationMaxC: number | null;
  })[];
  readonly offset: { readonly min: LearnedOffset; readonly max: LearnedOffset } | null;
}

export function offsetLearned(store: Store, place: Place): OffsetLearned {
  const pairs = store.pairs.by('place_id', place.id).map((pair) => {
    const [day] = place.stationId ? store.days(place.stationId, pair.on, pair.on) : [];
    return { ...pair, stationMinC: day?.minC ?? null, stationMaxC: day?.maxC ?? null };
  });
  const usable = pairs.flatMap(({ lowC, highC, stationMinC, stationMaxC }) =>
    stationMinC === null || stationMaxC === null
      ? []
      : [{ placeMinC: lowC, placeMaxC: highC, stationMinC, stationMaxC }],
  );
  return { pairs, offset: learnOffset(usable) };
}
