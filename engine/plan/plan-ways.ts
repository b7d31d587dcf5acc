import { addDays, type CivilDate } from '#core/calendar';
import { isScaleGroup, type TargetGroup } from '#core/identify';
import { effortOf } from '#core/decide';
import { type Finding, perLitre, rateIsPer, useLimits } from '#core/materials';
import { costOf } from '#core/mix';
import { usesOf } from '../product-uses.ts';
import {
  CITRUS_HOSTS,
  efficacyAgainst,
  evergreenOf,
  HANDWORK,
  handWay,
  handworkFor,
  hostById,
  killsOn,
  materialById,
  oilTopC,
  type OwnFigures,
  schoolFor,
  schoolsFor,
  sprayWay,
  type Way,
  winterOilWay,
} from '#knowledge';
import type { HandworkKind, Plant } from '#core/records';
import { placeOn } from '#core/weather';
import type { GardenDay } from '../garden-day.ts';
import { plantWinter } from '../plant-winter.ts';
import { staysOf } from '../season-weather.ts';
import { keptOffOn, type SprayWith } from '../step-use.ts';
import { waterMlOf } from '../water-of-plant.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { placeOf, type PlanFrame } from './plan-frame.ts';

/** What a cut of the plan may be done with. */
export type WayMeans =
  | { readonly by: 'spray'; readonly materialId: string; readonly productId: string | null }
  | { readonly by: 'winter-oil'; readonly productId: string | null }
  | { readonly by: 'hand'; readonly hand: HandworkKind };

/** Days on which it may not be, with what says so. */
export interface Fence {
  readonly from: number;
  readonly to: number;
  readonly finding: Finding;
}

/** What doing it once takes. */
export interface WayEffort {
  /** By rule of thumb, by the plant's size (grade C). */
  readonly hours: number;
  /** In the gardener's own money; null where no pack's price is known, or nothing is used up. */
  readonly cost: number | null;
}

/** A way of treating a watch, ready to plan with. */
export interface PlanWay {
  readonly id: string;
  readonly name: string;
  readonly means: WayMeans;
  readonly way: Way;
  /** Fewest days from one use to the next, and how many are left of a year; null: nobody says. */
  readonly intervalDays: number;
  readonly usesLeft: number | null;
  readonly harmsBees: boolean;
  readonly once: WayEffort;
  /** First and last place among the days it is for at all, today or later. */
  readonly within: readonly [from: number, to: number];
  readonly fences: readonly Fence[];
}

/** Materials looked at where the shelf is empty, the gentlest first. */
const USUAL_MATERIALS: Readonly<Partial<Record<TargetGroup, readonly string[]>>> = {
  'leaf-miner': ['spinosad', 'mineral-oil'],
};
const USUAL_ON_SCALE = ['mineral-oil', 'soap', 'pyriproxyfen'];
const HAND_WAYS = 2;
/** Fewest days between sprays of a kind where the label names none (rule of thumb, grade C). */
const USUAL_INTERVAL_DAYS = 7;

/** The ways to plan with: what stands on the shelf first, then what is usual, then hands, then winter. */
export function planWays(
  day: GardenDay,
  picture: WatchPicture,
  frame: PlanFrame,
  ownFigures: OwnFigures,
): PlanWay[] {
  const { plant, watch } = picture;
  const { group } = watch;
  if (group === null) return [];
  const topC = oilTopC(schoolsFor(day.garden, plant));
  const keptOff = keptOffOn(day, plant, watch, datesAhead(frame));
  const sprays = sprayMeans(day, picture, group).flatMap((means): PlanWay[] => {
    const id = means.productId === null ? `material:${means.materialId}` : `product:${means.productId}`;
    const way = sprayWay(id, means.materialId, group, topC, ownFigures);
    if (!way) return [];
    return [
      { ...asPlanned(day, frame, means, keptOff), id, means, way, once: sprayEffort(day, plant, means) },
    ];
  });
  return [
    ...sprays,
    ...handWays(picture, frame, ownFigures),
    ...winterWay(day, picture, frame, ownFigures, keptOff),
  ];
}

export const hoursOf = (
  { heightM, spreadM, lengthM, count }: Plant,
  option: 'by-hand' | 'spray-in-window',
): number =>
  effortOf(option, {
    volumeM3: heightM * spreadM * (lengthM ?? spreadM),
    plants: lengthM === null ? count : 1,
  });

function sprayEffort(day: GardenDay, plant: Plant, { productId }: Pick<SprayWith, 'productId'>): WayEffort {
  const hours = hoursOf(plant, 'spray-in-window');
  const product = productId === null ? null : day.books.product(productId);
  const line = product?.lines.find(({ rateUnit }) => rateIsPer(rateUnit) === 'litre');
  if (!product || !line) return { hours, cost: null };
  const { amount } = perLitre((line.rateLow + line.rateHigh) / 2, line.rateUnit);
  return { hours, cost: costOf(product, (amount * waterMlOf(day, plant)) / 1000) };
}

type KeptOff = ReturnType<typeof keptOffOn>;
type SprayMeans = Extract<WayMeans, { by: 'spray' }>;

function sprayMeans(day: GardenDay, { plant, watch }: WatchPicture, group: TargetGroup): SprayMeans[] {
  const organicOnly = schoolFor('organic', schoolsFor(day.garden, plant)).id === 'organic-only';
  const figures = new Set(killsOn(group));
  const poor = new Set(
    efficacyAgainst({ id: watch.targetId ?? '', group })
      .filter(({ word }) => word === 'avoid' || word === 'poor')
      .map(({ materialId }) => materialId),
  );
  const fits = (materialId: string) => figures.has(materialId) && !poor.has(materialId);
  const onShelf = day.books.state.products.filter(({ materialId }) => fits(materialId));
  const had = new Set(onShelf.map(({ materialId }) => materialId));
  const usual = (USUAL_MATERIALS[group] ?? USUAL_ON_SCALE).filter(
    (materialId) =>
      fits(materialId) && !had.has(materialId) && (!organicOnly || materialById(materialId).organic),
  );
  return [
    ...onShelf.map(({ id, materialId }) => ({ by: 'spray' as const, materialId, productId: id })),
    ...usual.map((materialId) => ({ by: 'spray' as const, materialId, productId: null })),
  ];
}

/** What its label, or the usual, says of days: names, intervals, uses left, and days it is kept off. */
function asPlanned(
  day: GardenDay,
  frame: PlanFrame,
  { materialId, productId }: SprayWith,
  keptOff: KeptOff,
): Omit<PlanWay, 'id' | 'means' | 'way' | 'once'> {
  const product = productId === null ? null : day.books.product(productId);
  const intervals = product?.lines.map((line) => line.intervalDays ?? 0) ?? [0];
  const usedOn = productId === null ? [] : usesOf(day, productId).map(({ on }) => on);
  const left = product?.lines.flatMap((line) => useLimits(line, usedOn, day.today).usesLeft ?? []) ?? [];
  return {
    name: product?.name ?? materialById(materialId).name,
    intervalDays: Math.max(USUAL_INTERVAL_DAYS, Math.min(...intervals)),
    usesLeft: left.length > 0 ? Math.max(...left) : null,
    harmsBees: materialById(materialId).harmsBees,
    within: [Math.max(0, frame.today), frame.days - 1],
    fences: fencesOf(keptOff({ materialId, productId }), Math.max(0, frame.today)),
  };
}

/** Every day of the frame from today on. */
function datesAhead(frame: PlanFrame): CivilDate[] {
  const from = Math.max(0, frame.today);
  return Array.from({ length: frame.days - from }, (_, i) => addDays(frame.start, from + i));
}

function fencesOf(findings: readonly (Finding | null)[], from: number): Fence[] {
  const fences: { from: number; to: number; finding: Finding }[] = [];
  findings.forEach((finding, i) => {
    if (!finding) return;
    const last = fences.at(-1);
    if (last && last.to === from + i - 1 && last.finding.ruleId === finding.ruleId) last.to = from + i;
    else fences.push({ from: from + i, to: from + i, finding });
  });
  return fences;
}

function handWays({ watch, plant }: WatchPicture, frame: PlanFrame, ownFigures: OwnFigures): PlanWay[] {
  const within = [Math.max(0, frame.today), frame.days - 1] as const;
  return handworkFor({ ...watch, evergreen: evergreenOf(plant) })
    .flatMap((hand): PlanWay[] => {
      const id = `hand:${hand}`;
      const way = handWay(id, hand, ownFigures);
      if (!way) return [];
      const name = HANDWORK[hand].name;
      const once = { hours: hoursOf(plant, 'by-hand'), cost: null };
      return [{ id, name, means: { by: 'hand', hand }, way, within, once, ...BY_HAND }];
    })
    .slice(0, HAND_WAYS);
}

/** What a hand takes off one day it would find again the next: some weeks lie between. */
const BY_HAND = { intervalDays: 14, usesLeft: null, harmsBees: false, fences: [] } as const;

/** Oil in winter: for scale on plants that stand it; a tender evergreen has no winter for it. */
function winterWay(
  day: GardenDay,
  picture: WatchPicture,
  frame: PlanFrame,
  ownFigures: OwnFigures,
  keptOff: KeptOff,
): PlanWay[] {
  const { plant, watch } = picture;
  const host = hostById(plant.hostId);
  if (!isScaleGroup(watch.group) || CITRUS_HOSTS.has(plant.hostId) || host.oil === 'avoid') return [];
  const within = winterDays(day, plant, frame);
  if (!within) return [];
  const product = day.books.state.products.find(
    ({ materialId, lines }) =>
      materialById(materialId).isOil &&
      lines.some(({ leafStates }) => leafStates.some((state) => state !== 'in-leaf')),
  );
  const id = 'winter-oil';
  const means = { materialId: product?.materialId ?? 'mineral-oil', productId: product?.id ?? null };
  return [
    {
      ...asPlanned(day, frame, means, keptOff),
      id,
      within,
      name: 'Winter oil',
      means: { by: 'winter-oil', productId: means.productId },
      way: winterOilWay(id, watch.targetId, ownFigures),
      once: sprayEffort(day, plant, means),
    },
  ];
}

/** From leaf fall to the first green before the season, of an evergreen until it grows again; null once over. */
function winterDays(day: GardenDay, plant: Plant, frame: PlanFrame): readonly [number, number] | null {
  const place = day.books.place(placeOn(staysOf(day.books.plantBook(plant.id)), day.today));
  if (place?.kind !== 'outdoors') return null;
  const { leafFall, budSwell, greenTip } = plantWinter(day, plant, frame.season);
  const last = evergreenOf(plant) === false ? greenTip.on : budSwell.on;
  const from = Math.max(0, frame.today, placeOf(frame, leafFall.on));
  const to = placeOf(frame, last) - 1;
  return to < from ? null : [from, to];
}
