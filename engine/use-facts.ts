import { type CivilDate, dayInYear, monthOf, yearOf } from '#core/calendar';
import { makesHoneydew } from '#core/identify';
import {
  type EarlierSpray,
  type Finding,
  judgeUse,
  type LabelLine,
  type LeafState,
  type LeafState as State,
  misfits,
  type PlannedSpray,
  type Product,
  rateIsPer,
  type UseFacts,
} from '#core/materials';
import { type LeafQuestion, loggedBloom } from '#core/plan';
import type { Garden, Plant, SprayRecord, ToldWeather, Watch } from '#core/records';
import {
  CITRUS_HOSTS,
  efficacyAgainst,
  evergreenOf,
  hostById,
  ingredientsOf,
  materialById,
  schoolsFor,
  RULES_OF_USE,
} from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { plantWinter } from './plant-winter.ts';
import { hoursToday } from './spray-answer.ts';

/** What stands for a watch where a plant is treated with nothing wrong on it. */
export const NO_TROUBLE: Pick<Watch, 'group' | 'targetId'> = { group: null, targetId: null };

/** What is told on the spot, besides the records. */
export interface UseTold {
  readonly leafState: State;
  /** What to ask before a dose for bare wood; null where it was seen or said. */
  readonly leafQuestion: LeafQuestion | null;
  /** Said on the spot; null to go by the log. */
  readonly bloom: 'open' | 'over' | null;
  readonly weather: ToldWeather | 'not-sure' | null;
  readonly beesAtHoneydew: boolean | null;
  /** Sprays that lie ahead for the plant. */
  readonly planned: readonly PlannedSpray[];
}

/** One plant on one day, ready to judge any number of label lines. */
export interface UseScene {
  readonly day: GardenDay;
  /** The day of the spray, which may lie before the garden's. */
  readonly today: CivilDate;
  readonly plant: Plant;
  readonly watch: Pick<Watch, 'group' | 'targetId'>;
  readonly told: UseTold;
  readonly earlier: readonly (Omit<EarlierSpray, 'sameProduct'> & { readonly productId: string })[];
}

export function useScene(
  day: GardenDay,
  today: CivilDate,
  plant: Plant,
  watch: Pick<Watch, 'group' | 'targetId'>,
  told: UseTold,
  itself: Pick<SprayRecord, 'id' | 'loadId'> | null = null,
): UseScene {
  return {
    day,
    today,
    plant,
    watch,
    told,
    earlier: earlierSprays(day, plant.id, today, itself),
  };
}

/**
 * Every product that went on a plant up to a day, under any of its watches. What one tank did for two
 * watches of a plant is one spray; a spray that is being judged, and its tank, stand apart.
 */
function earlierSprays(
  { books }: GardenDay,
  plantId: string,
  today: CivilDate,
  itself: Pick<SprayRecord, 'id' | 'loadId'> | null,
): UseScene['earlier'] {
  const sprays = books
    .plantBook(plantId)
    .sprays.filter(
      ({ id, loadId, on }) =>
        on <= today && id !== itself?.id && (loadId === null || loadId !== itself?.loadId),
    );
  const once = new Map<string, UseScene['earlier'][number]>();
  for (const { id, loadId, on, parts } of sprays) {
    for (const { productId, productAmount } of parts) {
      const product = books.product(productId);
      const key = `${loadId ?? id} ${productId}`;
      once.set(key, {
        on,
        productId,
        productName: product.name,
        materialId: product.materialId,
        ingredients: ingredientsOf(product.materialId, product.containsOil),
        apart: product.apart,
        modeOfAction: modeOfAction(product),
        amount: productAmount + (once.get(key)?.amount ?? 0),
      });
    }
  }
  return [...once.values()];
}

export const modeOfAction = (product: Pick<Product, 'modeOfAction' | 'materialId'>): string =>
  product.modeOfAction || materialById(product.materialId).modeOfAction;

/** What every rule says of one label line on this plant, this day. */
export function judgeLine(
  scene: UseScene,
  product: Product,
  line: LabelLine,
  amount: number | null = null,
): readonly Finding[] {
  return judgeUse(
    RULES_OF_USE,
    { ...factsOf(scene, product, line), amount },
    schoolsFor(scene.day.garden, scene.plant),
  );
}

function factsOf(
  { day, today, plant, watch, told, earlier }: UseScene,
  product: Product,
  line: LabelLine,
): Omit<UseFacts, 'amount'> {
  const host = hostById(plant.hostId);
  const material = materialById(product.materialId);
  return {
    today,
    materialId: material.id,
    ingredients: ingredientsOf(material.id, product.containsOil),
    apart: product.apart,
    isOil: material.isOil || product.containsOil,
    organic: product.organic,
    unlabelled: product.unlabelled,
    expired: product.expiresOn !== null && product.expiresOn < today,
    harmsBees: material.harmsBees,
    modeOfAction: modeOfAction(product),
    resistanceRisk: material.resistanceRisk,
    drench: SYSTEMIC.has(material.id) || rateIsPer(line.rateUnit).startsWith('trunk'),
    efficacy: efficacyOn(watch, material.id),
    line,
    misfits: misfits(line, {
      hostId: host.id,
      evergreen: evergreenOf(plant) === true,
      leafState: told.leafState,
      group: watch.group,
    }),
    hostId: host.id,
    hostOil: host.oil,
    edible: plant.edible,
    group: watch.group,
    leafState: told.leafState,
    leafQuestion: told.leafQuestion,
    forBareWood: !line.leafStates.includes('in-leaf'),
    coolSeason: isCoolSeason(day, plant, today),
    hours:
      today === day.today
        ? hoursToday(day, plant, product, line, told.weather === 'not-sure' ? null : told.weather)
        : null,
    weatherNotSure: told.weather === 'not-sure' || today < day.today,
    bloom: told.bloom ?? loggedBloom(day.books.plantBook(plant.id).growth, day.start, today).kind,
    beesVisitBloom: host.beesVisitBloom,
    honeydewMaker: makesHoneydew(watch.group),
    beesAtHoneydew: told.beesAtHoneydew,
    lateSeason: isLateSeason(day.garden, today, told.leafState),
    harvestFrom: nextHarvest(plant, today),
    earlier: earlier.map(({ productId, ...spray }) => ({ ...spray, sameProduct: productId === product.id })),
    planned: told.planned,
  };
}

/** Taken up and carried to pollen and nectar, whichever way it is given. */
const SYSTEMIC: ReadonlySet<string> = new Set(['imidacloprid', 'dinotefuran']);

function efficacyOn(
  { group, targetId }: Pick<Watch, 'group' | 'targetId'>,
  materialId: string,
): UseFacts['efficacy'] {
  if (group === null) return null;
  return (
    efficacyAgainst({ id: targetId ?? '', group }).find((entry) => entry.materialId === materialId)?.word ??
    null
  );
}

/** Whether a hardy evergreen has hardened and not begun to grow: it takes oil at leaf rates then. */
function isCoolSeason(day: GardenDay, plant: Plant, today: CivilDate): boolean {
  if (evergreenOf(plant) !== true || CITRUS_HOSTS.has(plant.hostId)) return false;
  const { leafFall, budSwell } = plantWinter(day, plant, today);
  return leafFall.on <= today && today < budSwell.on;
}

/** Autumn there and then: September to November in the north, March to May in the south, while in leaf. */
export function isLateSeason(
  { latitudeDeg }: Pick<Garden, 'latitudeDeg'>,
  today: CivilDate,
  leafState: LeafState,
): boolean {
  const month = (monthOf(today) + (latitudeDeg < 0 ? 5 : 11)) % 12;
  return month >= 8 && month <= 10 && leafState === 'in-leaf';
}

/** First day of picking that is still to come; today while picking goes on. */
export function nextHarvest(
  { harvestFrom, harvestTo }: Pick<Plant, 'harvestFrom' | 'harvestTo'>,
  today: CivilDate,
): CivilDate | null {
  if (harvestFrom === null) return null;
  const day = today.slice(5),
    to = harvestTo ?? harvestFrom;
  const picking = harvestFrom <= to ? day >= harvestFrom && day <= to : day >= harvestFrom || day <= to;
  if (picking) return today;
  return dayInYear(harvestFrom, yearOf(today) + (day < harvestFrom ? 0 : 1));
}
