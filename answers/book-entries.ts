import { addDays, type CivilDate } from '#core/calendar';
import type { RateUnit } from '#core/materials';
import type { Handwork, Plant, ProductRecord, Sprayer } from '#core/records';
import { materialById } from '#knowledge';
import { type GardenDay, type LoggedSpray, nameOf } from '#engine';

/** One product of a spray. */
export interface BookPart {
  readonly productName: string;
  readonly materialName: string;
  readonly strengthPercent: number | null;
  readonly labelLine: string;
  readonly rate: number;
  readonly rateUnit: RateUnit | null;
  /** ml or g. */
  readonly productAmount: number;
}

/** What was worked on. */
interface Subject {
  /** Null for what went on a plant for no trouble of its own. */
  readonly watchId: string | null;
  readonly plantId: string;
  readonly plantName: string;
  readonly place: string;
  /** Empty for work on no trouble of its own. */
  readonly targetName: string;
}

/** One entry of the record book: a spray, or work by hand. */
export interface BookEntry extends Subject {
  readonly id: string;
  readonly on: CivilDate;
  readonly spray:
    | (Pick<
        LoggedSpray,
        'sprayMl' | 'leafState' | 'scope' | 'coverage' | 'stageSeen' | 'againstLabel' | 'weather' | 'note'
      > & {
        readonly parts: readonly BookPart[];
        readonly sprayerName: string;
        readonly reentryHours: number | null;
        /** First day the crop may be picked; null where no label names one or nothing is eaten. */
        readonly harvestFrom: CivilDate | null;
      })
    | null;
  readonly handwork: Pick<Handwork, 'kind' | 'minutes' | 'note'> | null;
}

/** Everything that was done, newest first. */
export function bookEntries({ books: { state }, today }: GardenDay): BookEntry[] {
  const places = new Map(state.places.map((place) => [place.id, place.name]));
  const plants = new Map(state.plants.map((plant) => [plant.id, plant]));
  const watches = new Map(state.watches.map((watch) => [watch.id, watch]));
  const shelf = {
    products: new Map(state.products.map((product) => [product.id, product])),
    sprayers: new Map(state.sprayers.map((sprayer) => [sprayer.id, sprayer])),
  };
  const subject = ({ watchId, plantId }: Pick<Handwork, 'watchId' | 'plantId'>) => {
    const watch = watchId === null ? null : watches.get(watchId)!;
    const plant = plants.get(watch?.plantId ?? plantId!)!;
    const about: Subject = {
      watchId,
      plantId: plant.id,
      plantName: plant.name,
      place: places.get(plant.placeId) ?? '',
      targetName: watch ? nameOf(watch) : '',
    };
    return { plant, about };
  };
  const sprays = state.sprays.map((spray): BookEntry => {
    const { plant, about } = subject(spray);
    return { id: spray.id, on: spray.on, ...about, handwork: null, spray: sprayOf(spray, plant, shelf) };
  });
  const handwork = state.handwork.map((work): BookEntry => {
    const { id, on, kind, minutes, note } = work;
    return { id, on, ...subject(work).about, spray: null, handwork: { kind, minutes, note } };
  });
  return [...sprays, ...handwork]
    .filter(({ on }) => on <= today)
    .sort((a, b) => (a.on < b.on ? 1 : a.on > b.on ? -1 : a.id < b.id ? 1 : -1));
}

interface Shelf {
  readonly products: ReadonlyMap<string, ProductRecord>;
  readonly sprayers: ReadonlyMap<string, Sprayer>;
}

function sprayOf(
  {
    on,
    parts,
    sprayerId,
    sprayMl,
    leafState,
    scope,
    coverage,
    stageSeen,
    againstLabel,
    weather,
    note,
  }: LoggedSpray,
  plant: Plant,
  { products, sprayers }: Shelf,
): NonNullable<BookEntry['spray']> {
  const used = parts.map((part) => {
    const product = products.get(part.productId)!;
    return { part, product, line: product.lines.find(({ id: lineId }) => lineId === part.lineId) };
  });
  const longest = (field: 'reentryHours' | 'daysToHarvest') =>
    used.reduce<number | null>(
      (most, { line }) => (line?.[field] == null ? most : Math.max(most ?? 0, line[field])),
      null,
    );
  const daysToHarvest = longest('daysToHarvest');
  return {
    sprayMl,
    leafState,
    scope,
    coverage,
    stageSeen,
    againstLabel,
    weather,
    note,
    sprayerName: sprayers.get(sprayerId)?.name ?? '',
    reentryHours: longest('reentryHours'),
    harvestFrom: plant.edible && daysToHarvest !== null ? addDays(on, daysToHarvest) : null,
    parts: used.map(({ part, product, line }) => ({
      productName: product.name,
      materialName: materialById(product.materialId).name,
      strengthPercent: product.strengthPercent,
      labelLine: line?.crop ?? '',
      rate: part.rate,
      rateUnit: line?.rateUnit ?? null,
      productAmount: part.productAmount,
    })),
  };
}
