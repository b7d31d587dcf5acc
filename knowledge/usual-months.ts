import type { Grade } from '#core/figures';
import {
  addDays,
  type CivilDate,
  dayInYear,
  type MonthDay,
  monthsBetween,
  shiftSeason,
  yearOf,
} from '#core/calendar';

type Span = readonly [from: MonthDay, to: MonthDay];

interface UsualMonths {
  /** After cold winters, and where winters are mild; northern days. */
  readonly cold: readonly Span[];
  readonly mild: readonly Span[];
}

/**
 * When crawlers of a scale, or adults of a miner, are usually met where nothing better is known. Rules of thumb
 * of the north, weeks wide; where rounds overlap one long span stands for all. Tapes and looking settle it.
 */
export const USUAL_MONTHS: Readonly<Record<string, UsualMonths>> = {
  'san-jose-scale': {
    cold: [
      ['05-28', '06-30'],
      ['08-01', '09-15'],
    ],
    mild: [
      ['04-20', '05-31'],
      ['06-20', '08-10'],
      ['08-25', '10-15'],
    ],
  },
  'oystershell-scale': {
    cold: [['05-18', '06-20']],
    mild: [
      ['04-15', '05-31'],
      ['07-15', '08-31'],
    ],
  },
  'euonymus-scale': {
    cold: [
      ['05-20', '06-30'],
      ['07-25', '09-10'],
    ],
    mild: [
      ['04-05', '05-31'],
      ['06-20', '08-10'],
      ['08-25', '10-15'],
    ],
  },
  'white-prunicola-scale': {
    cold: [
      ['05-20', '06-20'],
      ['07-15', '08-20'],
      ['09-01', '09-30'],
    ],
    mild: [
      ['03-25', '05-05'],
      ['06-10', '07-15'],
      ['08-20', '10-05'],
    ],
  },
  'pine-needle-scale': {
    cold: [
      ['05-08', '06-12'],
      ['07-10', '08-15'],
    ],
    mild: [
      ['04-10', '05-15'],
      ['06-20', '07-31'],
    ],
  },
  'juniper-scale': {
    cold: [['06-01', '07-15']],
    mild: [['04-15', '05-31']],
  },
  'california-red-scale': {
    cold: [
      ['05-15', '06-30'],
      ['07-15', '09-15'],
    ],
    mild: [
      ['04-15', '06-15'],
      ['06-25', '08-15'],
      ['09-01', '10-31'],
    ],
  },
  'citrus-snow-scale': {
    cold: [['05-01', '09-30']],
    mild: [['03-15', '11-15']],
  },
  'oleander-scale': {
    cold: [['05-01', '09-30']],
    mild: [['03-15', '11-15']],
  },
  'tea-scale': {
    cold: [['05-01', '09-30']],
    mild: [['03-15', '11-15']],
  },
  'obscure-scale': {
    cold: [['07-01', '08-31']],
    mild: [['05-15', '07-15']],
  },
  'walnut-scale': {
    cold: [
      ['05-28', '06-30'],
      ['08-05', '09-10'],
    ],
    mild: [
      ['04-25', '05-31'],
      ['07-15', '08-31'],
    ],
  },
  'brown-soft-scale': {
    cold: [['05-01', '09-30']],
    mild: [['03-15', '11-15']],
  },
  'black-scale': {
    cold: [['06-01', '08-15']],
    mild: [['05-01', '07-31']],
  },
  'european-fruit-lecanium': {
    cold: [['05-28', '07-10']],
    mild: [['04-25', '06-10']],
  },
  'oak-lecanium': {
    cold: [['06-01', '07-10']],
    mild: [['05-10', '06-10']],
  },
  'calico-scale': {
    cold: [['05-25', '06-30']],
    mild: [['04-25', '05-31']],
  },
  'cottony-maple-scale': {
    cold: [['06-10', '07-31']],
    mild: [['05-15', '06-30']],
  },
  'cottony-camellia-scale': {
    cold: [['06-01', '07-15']],
    mild: [['04-20', '06-15']],
  },
  'florida-wax-scale': {
    cold: [['06-01', '07-15']],
    mild: [
      ['04-15', '05-31'],
      ['07-15', '08-31'],
      ['10-01', '11-15'],
    ],
  },
  'indian-wax-scale': {
    cold: [['06-05', '07-15']],
    mild: [['05-15', '06-20']],
  },
  'tuliptree-scale': {
    cold: [['08-20', '09-30']],
    mild: [['08-10', '10-10']],
  },
  'magnolia-scale': {
    cold: [['08-15', '09-30']],
    mild: [['07-20', '09-15']],
  },
  'crapemyrtle-bark-scale': {
    cold: [
      ['05-10', '06-15'],
      ['08-10', '09-20'],
    ],
    mild: [
      ['04-20', '05-31'],
      ['08-01', '09-20'],
    ],
  },
  'azalea-bark-scale': {
    cold: [['06-05', '07-15']],
    mild: [
      ['05-01', '06-10'],
      ['09-01', '10-15'],
    ],
  },
  'cottony-cushion-scale': {
    cold: [['05-01', '09-30']],
    mild: [['04-01', '10-31']],
  },
  'citrus-leaf-miner': {
    cold: [['06-01', '09-30']],
    mild: [['05-01', '11-15']],
  },
  'tentiform-leaf-miner': {
    cold: [
      ['04-20', '05-20'],
      ['06-20', '07-20'],
      ['08-05', '09-05'],
    ],
    mild: [
      ['04-01', '05-01'],
      ['06-01', '07-05'],
      ['07-20', '08-25'],
    ],
  },
  'apple-pygmy-miner': {
    cold: [
      ['05-15', '06-20'],
      ['08-01', '09-10'],
    ],
    mild: [
      ['04-25', '06-01'],
      ['07-15', '08-25'],
    ],
  },
  'boxwood-leaf-miner': {
    cold: [['05-01', '05-31']],
    mild: [['04-05', '05-05']],
  },
  'holly-leaf-miner': {
    cold: [['05-05', '06-10']],
    mild: [['04-01', '05-05']],
  },
  'birch-leaf-miner': {
    cold: [
      ['05-01', '05-31'],
      ['06-20', '07-25'],
    ],
    mild: [
      ['04-10', '05-10'],
      ['06-01', '07-05'],
    ],
  },
  'lilac-leaf-miner': {
    cold: [
      ['05-10', '06-15'],
      ['07-10', '08-15'],
    ],
    mild: [
      ['04-20', '05-25'],
      ['06-25', '08-01'],
    ],
  },
  'azalea-leaf-miner': {
    cold: [['05-01', '09-30']],
    mild: [['04-01', '10-31']],
  },
  'horse-chestnut-leaf-miner': {
    cold: [
      ['04-25', '05-31'],
      ['07-01', '08-10'],
      ['08-20', '09-20'],
    ],
    mild: [
      ['04-05', '05-15'],
      ['06-15', '07-25'],
      ['08-05', '09-10'],
    ],
  },
  'gloomy-scale': { cold: [['05-20', '07-15']], mild: [['05-01', '06-30']] },
  'japanese-maple-scale': {
    cold: [
      ['06-05', '07-31'],
      ['08-20', '09-30'],
    ],
    mild: [
      ['05-10', '06-30'],
      ['08-01', '09-30'],
    ],
  },
  'rose-scale': {
    cold: [
      ['05-20', '07-05'],
      ['08-01', '09-15'],
    ],
    mild: [
      ['04-15', '05-31'],
      ['07-01', '08-15'],
    ],
  },
  'camellia-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'false-oleander-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'purple-scale': {
    cold: [['05-01', '09-30']],
    mild: [
      ['03-20', '05-15'],
      ['06-15', '08-15'],
      ['09-10', '10-31'],
    ],
  },
  'dictyospermum-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'florida-red-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'latania-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'cycad-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'olive-parlatoria-scale': {
    cold: [
      ['05-20', '06-30'],
      ['08-01', '09-10'],
    ],
    mild: [
      ['04-20', '05-31'],
      ['07-05', '08-31'],
    ],
  },
  'fig-wax-scale': {
    cold: [
      ['06-01', '07-10'],
      ['08-20', '09-30'],
    ],
    mild: [
      ['05-15', '06-20'],
      ['08-10', '09-30'],
    ],
  },
  'pink-wax-scale': {
    cold: [['06-01', '08-15']],
    mild: [
      ['03-15', '05-15'],
      ['08-15', '10-15'],
    ],
  },
  'white-wax-scale': { cold: [['06-01', '08-15']], mild: [['05-15', '07-31']] },
  'hemispherical-scale': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
  'horse-chestnut-scale': { cold: [['05-28', '07-10']], mild: [['05-05', '06-15']] },
  'hydrangea-scale': { cold: [['06-10', '07-20']], mild: [['05-20', '06-30']] },
  'spruce-bud-scale': { cold: [['06-10', '07-20']], mild: [['05-20', '06-30']] },
  'european-elm-scale': { cold: [['06-10', '07-31']], mild: [['05-15', '07-05']] },
  'firethorn-leaf-miner': {
    cold: [
      ['04-25', '06-10'],
      ['08-15', '09-30'],
    ],
    mild: [
      ['03-25', '05-10'],
      ['06-15', '07-25'],
      ['09-01', '10-15'],
    ],
  },
  'pear-leaf-blister-moth': {
    cold: [
      ['05-01', '06-10'],
      ['07-15', '08-31'],
    ],
    mild: [
      ['04-10', '05-20'],
      ['06-20', '07-31'],
      ['08-20', '09-30'],
    ],
  },
  lyonetia: {
    cold: [
      ['05-01', '06-10'],
      ['07-01', '08-10'],
      ['08-25', '09-30'],
    ],
    mild: [
      ['04-10', '05-20'],
      ['06-10', '07-20'],
      ['08-10', '09-25'],
    ],
  },
  'oak-leaf-miner': {
    cold: [
      ['05-01', '06-10'],
      ['07-20', '08-31'],
    ],
    mild: [
      ['04-10', '05-20'],
      ['07-01', '08-15'],
    ],
  },
  'locust-leaf-miner': {
    cold: [
      ['05-20', '06-30'],
      ['07-20', '09-05'],
    ],
    mild: [
      ['05-01', '06-10'],
      ['07-01', '08-31'],
    ],
  },
  'rose-leaf-miner': {
    cold: [
      ['05-10', '06-15'],
      ['08-01', '09-05'],
    ],
    mild: [
      ['04-15', '05-31'],
      ['07-15', '09-05'],
    ],
  },
  'arborvitae-leaf-miner': { cold: [['05-25', '07-10']], mild: [['05-05', '06-15']] },
  'citrus-peel-miner': { cold: [['05-01', '09-30']], mild: [['03-15', '11-15']] },
};

/** All of them rest on practice alone. */
export const USUAL_MONTHS_GRADE: Grade = 'C';

/** At lower latitudes than this winters count as mild, where no thermometer tells. */
const MILD_BELOW_DEG = 36;
/** Half a year, which brings northern days to the south. */
const HALF_A_YEAR_DAYS = 182;

const isMildBy = (latitudeDeg: number) => Math.abs(latitudeDeg) < MILD_BELOW_DEG;

/** How far a garden lies from the equator, and whether its winters are mild; null goes by the latitude. */
export interface WintersAt {
  readonly latitudeDeg: number;
  readonly mildWinters: boolean | null;
}

/** Months of the north, 1–12, in which crawlers are usually met after such winters; none if nobody knows. */
export function usualHatchMonths(targetId: string, { latitudeDeg, mildWinters }: WintersAt): number[] {
  const spans = USUAL_MONTHS[targetId]?.[(mildWinters ?? isMildBy(latitudeDeg)) ? 'mild' : 'cold'] ?? [];
  const month = (monthDay: MonthDay) => Number(monthDay.slice(0, 2));
  return [...new Set(spans.flatMap(([from, to]) => monthsBetween(month(from), month(to))))];
}

/**
 * The usual spans of a trouble about the season that starts on `seasonStart`: from the season before to the one
 * after, in order. `mildWinters` null goes by the latitude.
 */
export function usualWindows(
  targetId: string,
  latitudeDeg: number,
  seasonStart: CivilDate,
  mildWinters: boolean | null,
): { readonly from: CivilDate; readonly to: CivilDate; readonly generation: number }[] {
  const months = USUAL_MONTHS[targetId];
  if (!months) return [];
  const mild = mildWinters ?? isMildBy(latitudeDeg);
  const shift = latitudeDeg < 0 ? HALF_A_YEAR_DAYS : 0;
  return [-1, 0, 1].flatMap((seasons) => {
    const year = yearOf(shiftSeason(seasonStart, seasons));
    const day = (monthDay: MonthDay) => addDays(dayInYear(monthDay, year), shift);
    return (mild ? months.mild : months.cold).map(([from, to], i) => ({
      from: day(from),
      to: day(to),
      generation: i + 1,
    }));
  });
}
