import { type ClimateNormals, type MonthlyNormal, normalsFromTable } from '#core/weather';

/** An invented place's year: temperatures run as a wave, rain as it is told, January first in the north. */
interface MadeUpYear {
  readonly meanC: number;
  /** Half the difference between the warmest and the coldest month's mean. */
  readonly swingC: number;
  readonly dailyRangeC: number;
  readonly rainMm: readonly number[];
  readonly wetDays: readonly number[];
}

const even = (value: number): readonly number[] => Array<number>(12).fill(value);

const YEARS = {
  /** Cold winters, warm summers, about 45° of latitude. */
  cold: { meanC: 9, swingC: 13, dailyRangeC: 11, rainMm: even(65), wetDays: even(9) },
  /** Winters with hardly any frost. */
  warm: { meanC: 16.5, swingC: 11, dailyRangeC: 11, rainMm: even(80), wetDays: even(8) },
  /** No frost to speak of, dry summers. */
  mild: {
    meanC: 18,
    swingC: 8,
    dailyRangeC: 10,
    rainMm: [90, 80, 60, 30, 15, 5, 3, 3, 10, 30, 60, 90],
    wetDays: [9, 8, 7, 4, 2, 1, 1, 1, 2, 4, 7, 9],
  },
  /** Wet, soft winters and springs. */
  wetWinter: {
    meanC: 11.5,
    swingC: 7.5,
    dailyRangeC: 8,
    rainMm: [90, 70, 65, 60, 55, 40, 30, 35, 55, 80, 95, 100],
    wetDays: [14, 12, 12, 11, 10, 8, 6, 6, 9, 12, 14, 15],
  },
  /** A wet May. */
  wetSpring: {
    meanC: 9.5,
    swingC: 9.5,
    dailyRangeC: 9,
    rainMm: [55, 50, 60, 85, 105, 80, 70, 70, 60, 60, 60, 60],
    wetDays: [11, 10, 12, 15, 17, 13, 11, 11, 10, 11, 11, 12],
  },
} satisfies Record<string, MadeUpYear>;

export type MadeUpClimate = keyof typeof YEARS;

/** Its normals; in the south the same year half a year later. */
export function madeUpNormals(climate: MadeUpClimate, isSouth: boolean): ClimateNormals {
  const { meanC, swingC, dailyRangeC, rainMm, wetDays }: MadeUpYear = YEARS[climate];
  const months = Array.from({ length: 12 }, (_, i): MonthlyNormal => {
    const month = isSouth ? (i + 6) % 12 : i;
    const middleC = meanC - swingC * Math.cos((2 * Math.PI * (month - 0.6)) / 12);
    return {
      minC: middleC - dailyRangeC / 2,
      maxC: middleC + dailyRangeC / 2,
      rainMm: rainMm[month]!,
      wetDays: wetDays[month]!,
    };
  });
  return normalsFromTable(months);
}
