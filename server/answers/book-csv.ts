import { writeTableCsv } from '#core/formats';
import type { BookEntry } from '#answers';

const FIELDS = [
  'date',
  'plant',
  'place',
  'trouble',
  'work',
  'minutes',
  'product',
  'active ingredient',
  'strength %',
  'label line',
  'rate',
  'rate unit',
  'product ml or g',
  'spray l',
  'scope',
  'sprayer',
  'leaf state',
  'stage seen',
  'coverage',
  'against label',
  're-entry h',
  'harvest from',
  'min °C',
  'max °C',
  'rain mm',
  'wind m/s',
  'weather',
  'remark',
] as const;

/**
 * The book as a table with the fields such records usually need; a tank of several products takes a row
 * for each.
 */
export function bookCsv(entries: readonly BookEntry[]): string {
  return writeTableCsv(
    FIELDS,
    entries.flatMap(({ on, plantName, place, targetName, spray, handwork }) => {
      const about = [on, plantName, place, targetName, handwork?.kind ?? 'spray', handwork?.minutes ?? null];
      if (!spray)
        return [
          [...about, ...Array<null>(FIELDS.length - about.length - 1).fill(null), handwork?.note ?? null],
        ];
      return spray.parts.map((part) => [
        ...about,
        part.productName,
        part.materialName,
        part.strengthPercent,
        part.labelLine,
        part.rate,
        part.rateUnit ?? '',
        part.productAmount,
        spray.sprayMl / 1000,
        spray.scope,
        spray.sprayerName,
        spray.leafState,
        spray.stageSeen,
        spray.coverage,
        spray.againstLabel ? 'yes' : 'no',
        spray.reentryHours,
        spray.harvestFrom,
        spray.weather?.minC ?? null,
        spray.weather?.maxC ?? null,
        spray.weather?.rainMm ?? null,
        spray.weather?.windMs ?? null,
        spray.weather?.origin ?? null,
        spray.note,
      ]);
    }),
  );
}
