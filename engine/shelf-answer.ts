import { addDays, type CivilDate, yearOf } from '#core/calendar';
import { leftInPack, useLimits } from '#core/materials';
import { waterForPlant } from '#core/mix';
import type { Garden, LocalAdvice, ProductRecord } from '#core/records';
import {
  efficacyAgainst,
  inSentence,
  type Material,
  materialById,
  schoolFor,
  schoolsFor,
  targetById,
} from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { leavesOf } from './leaf-state.ts';
import { usesOf } from './product-uses.ts';
import { nameOf, type WatchPicture } from './watch-picture.ts';
import { watchPictures } from './watch-pictures.ts';

/** First day a product's label allows it again on a plant it was used on. */
export interface NextAllowed {
  readonly plantName: string;
  readonly watchId: string;
  readonly lastOn: CivilDate;
  readonly on: CivilDate;
  readonly usesLeft: number | null;
}

export interface ProductState {
  readonly productId: string;
  /** ml or g; null when nobody counted. */
  readonly left: number | null;
  readonly usesThisYear: number;
  readonly expired: boolean;
  readonly next: readonly NextAllowed[];
}

/** What to buy for the season, by active ingredient. */
export interface ShoppingItem {
  readonly materialId: string;
  readonly forWhat: readonly string[];
  /** Sprays it would be used for this season. */
  readonly sprays: number;
  /** ml or g of a product of the usual strength; null where only a label tells. */
  readonly amount: readonly [low: number, high: number] | null;
  /** ml or g on the shelf of this ingredient; null where none was counted. */
  readonly left: number | null;
}

export interface ShelfAnswer {
  readonly products: readonly ProductState[];
  readonly advice: readonly LocalAdvice[];
  readonly shopping: readonly ShoppingItem[];
}

export function shelfAnswer(day: GardenDay): ShelfAnswer {
  return {
    products: day.books.state.products.map((product) => productState(day, product)),
    advice: day.books.state.localAdvice,
    shopping: shoppingCard(day),
  };
}

function productState(day: GardenDay, product: ProductRecord): ProductState {
  const uses = usesOf(day, product.id);
  const next = day.books.watchBooks.flatMap((book): (NextAllowed & { plantId: string })[] => {
    const { watch, plantBook } = book;
    const used = book.sprays.filter(
      ({ on, parts }) => on <= day.today && parts.some(({ productId }) => productId === product.id),
    );
    const last = used.at(-1);
    const line = product.lines.find(
      ({ id }) => id === last?.parts.find(({ productId }) => productId === product.id)?.lineId,
    );
    if (!last || !line) return [];
    const { usesLeft } = useLimits(
      line,
      used.map(({ on }) => on),
      day.today,
    );
    const free = addDays(last.on, line.intervalDays ?? 0);
    return [
      {
        plantId: watch.plantId,
        plantName: `${plantBook.plant.name}, ${inSentence(nameOf(watch))}`,
        watchId: watch.id,
        lastOn: last.on,
        on: usesLeft === 0 && free < `${yearOf(day.today) + 1}` ? `${yearOf(day.today) + 1}-01-01` : free,
        usesLeft,
      },
    ];
  });
  return {
    productId: product.id,
    left: leftInPack(product.stock, uses),
    usesThisYear: uses.filter(({ on }) => yearOf(on) === yearOf(day.today)).length,
    expired: product.expiresOn !== null && product.expiresOn < day.today,
    next: next.filter(({ on }) => on > day.today).map(({ plantId: _, ...entry }) => entry),
  };
}

/** Sprays a season asks for against a watch, by the school followed. */
function spraysWanted({ watch, plant }: WatchPicture, garden: Garden): number {
  if (watch.group === 'leaf-miner' || watch.group === 'fungus') return 3;
  return schoolFor('crawler-sprays', schoolsFor(garden, plant)).id === 'while-catching' ? 2 : 1;
}

function shoppingCard(day: GardenDay): ShoppingItem[] {
  const shelf = new Map<string, number | null>();
  for (const product of day.books.state.products) {
    const left = leftInPack(product.stock, usesOf(day, product.id));
    shelf.set(
      product.materialId,
      left === null ? (shelf.get(product.materialId) ?? null) : (shelf.get(product.materialId) ?? 0) + left,
    );
  }
  const items = new Map<string, ShoppingItem>();
  for (const picture of watchPictures(day)) {
    const { watch, plant, life } = picture;
    if (
      watch.outcome !== 'open' ||
      watch.targetId === null ||
      plant.outOfReach ||
      plant.retiredOn !== null ||
      life.life === 'dead'
    )
      continue;
    const material = bestMaterial(watch.targetId, day.garden, picture, shelf);
    if (!material) continue;
    const sprays = spraysWanted(picture, day.garden);
    const leafState = leavesOf(day, plant).value;
    const usual = leafState === 'in-leaf' ? material.usual?.inLeaf : material.usual?.dormant;
    const water =
      waterForPlant(
        { heightM: plant.heightM, spreadM: plant.spreadM, lengthM: plant.lengthM ?? plant.spreadM },
        leafState,
      ).middleMl * (plant.lengthM === null ? plant.count : 1);
    const need = usual
      ? ([(sprays * water * usual[0]) / 100, (sprays * water * usual[1]) / 100] as const)
      : null;
    const before = items.get(material.id);
    items.set(material.id, {
      materialId: material.id,
      forWhat: [...(before?.forWhat ?? []), `${plant.name}, ${inSentence(picture.targetName)}`],
      sprays: Math.max(sprays, before?.sprays ?? 0),
      amount:
        need && (before === undefined || before.amount)
          ? [need[0] + (before?.amount?.[0] ?? 0), need[1] + (before?.amount?.[1] ?? 0)]
          : null,
      left: shelf.get(material.id) ?? null,
    });
  }
  return [...items.values()];
}

/** The first that works and may be used here; what stands on the shelf before what must be bought. */
function bestMaterial(
  targetId: string,
  garden: Garden,
  { plant }: WatchPicture,
  shelf: ReadonlyMap<string, number | null>,
): Material | null {
  const organicOnly = schoolFor('organic', schoolsFor(garden, plant)).id === 'organic-only';
  const working = efficacyAgainst(targetById(targetId))
    .filter(({ word }) => word === 'works')
    .map(({ materialId }) => materialById(materialId))
    .filter(({ licensed, organic }) => !licensed && (organic || !organicOnly));
  return working.find(({ id }) => shelf.has(id)) ?? working[0] ?? null;
}
