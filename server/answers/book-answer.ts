import { addDays, type CivilDate } from '#core/calendar';
import { writeTableCsv } from '#core/formats';
import type { Handwork } from '#core/records';
import { materialById } from '#knowledge';
import type { LoggedSpray } from '../store/shelf-store.ts';
import type { Store } from '../store/store.ts';
import { nameOf } from './watch-picture.ts';

/** One entry of the record book: a spray, or work by hand. */
export interface BookEntry {
  readonly id: string;
  readonly on: CivilDate;
  readonly watchId: string;
  readonly plantName: string;
  readonly place: string;
  readonly targetName: string;
  readonly spray: (Pick<LoggedSpray, 'rate' | 'sprayMl' | 'productAmount' | 'leafState' | 'againstLabel' | 'weather' | 'note'> & {
    readonly productName: string;
    readonly materialName: string;
    readonly strengthPercent: number;
    readonly labelLine: string;
    readonly rateUnit: string;
    readonly sprayerName: string;
    readonly reentryHours: number | null;
    /** First day the crop may be picked; null where the label names none or nothing is eaten. */
    readonly harvestFrom: CivilDate | null;
  }) | null;
  readonly handwork: Pick<Handwork, 'kind' | 'minutes' | 'note'> | null;
}

/** Everything that was done, newest first. */
export function bookEntries(store: Store, today: CivilDate): BookEntry[] {
  const products = new Map(store.products().map((product) => [product.id, product]));
  const sprayers = new Map(store.sprayers().map((sprayer) => [sprayer.id, sprayer]));
  const places = new Map(store.places().map((place) => [place.id, place.name]));
  return store.watches().flatMap((watch): BookEntry[] => {
    const plant = store.plant(watch.plantId)!;
    const about = { watchId: watch.id, plantName: plant.name, place: places.get(plant.placeId) ?? '', targetName: nameOf(watch) };
    const sprays = store.sprays(watch.id).map((spray): BookEntry => {
      const product = products.get(spray.productId)!;
      const line = product.lines.find(({ id }) => id === spray.lineId);
      return {
        id: spray.id, on: spray.on, ...about, handwork: null,
        spray: {
          rate: spray.rate, sprayMl: spray.sprayMl, productAmount: spray.productAmount, leafState: spray.leafState, againstLabel: spray.againstLabel, weather: spray.weather, note: spray.note,
          productName: product.name, materialName: materialById(product.materialId).name, strengthPercent: product.strengthPercent, labelLine: line?.crop ?? '', rateUnit: line?.rateUnit ?? '', sprayerName: sprayers.get(spray.sprayerId)?.name ?? '',
          reentryHours: line?.reentryHours ?? null, harvestFrom: plant.edible && line?.daysToHarvest != null ? addDays(spray.on, line.daysToHarvest) : null,
        },
      };
    });
    const handwork = store.handwork.by('watch_id', watch.id).map(({ id, on, kind, minutes, note }): BookEntry => ({ id, on, ...about, spray: null, handwork: { kind, minutes, note } }));
    return [...sprays, ...handwork];
  }).filter(({ on }) => on <= today).sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.id < b.id ? 1 : -1));
}

const FIELDS = [
  'date', 'plant', 'place', 'trouble', 'work', 'minutes', 'product', 'active ingredient', 'strength %', 'label line', 'rate', 'rate unit', 'spray l', 'product ml or g', 'sprayer', 'leaf state', 'against label', 're-entry h', 'harvest from',
  'min °C', 'max °C', 'rain mm', 'wind m/s', 'weather', 'remark',
] as const;

/** The book as a table with the fields such records usually need. */
export function bookCsv(entries: readonly BookEntry[]): string {
  return writeTableCsv(FIELDS, entries.map(({ on, plantName, place, targetName, spray, handwork }) => [
    on, plantName, place, targetName, handwork?.kind ?? 'spray', handwork?.minutes ?? null, spray?.productName ?? null, spray?.materialName ?? null, spray?.strengthPercent ?? null, spray?.labelLine ?? null, spray?.rate ?? null, spray?.rateUnit ?? null,
    spray ? spray.sprayMl / 1000 : null, spray?.productAmount ?? null, spray?.sprayerName ?? null, spray?.leafState ?? null, spray ? (spray.againstLabel ? 'yes' : 'no') : null, spray?.reentryHours ?? null, spray?.harvestFrom ?? null,
    spray?.weather?.minC ?? null, spray?.weather?.maxC ?? null, spray?.weather?.rainMm ?? null, spray?.weather?.windMs ?? null, spray?.weather?.origin ?? null, spray?.note ?? handwork?.note ?? null,
  ]));
}
