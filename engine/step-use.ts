import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { EarlierSpray, Finding, LabelLine, LeafState, Product } from '#core/materials';
import { TARGET_GROUPS } from '#core/identify';
import type { StepDue } from '#core/programme';
import { blankLine, type Plant, type Watch } from '#core/records';
import {
  efficacyAgainst,
  evergreenOf,
  genericProduct,
  HOUR_RULES,
  ingredientsOf,
  materialById,
} from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { bareWoodQuestion, leavesOf } from './leaf-state.ts';
import { plantWinter } from './plant-winter.ts';
import { judgeLine, modeOfAction, type UseScene, useScene } from './use-facts.ts';

/** What a spray of a series would be done with, and from when, as the rules of use have it. */
export type StepUse =
  /** A line of the shelf, or of a material nobody has on it. */
  | {
      readonly kind: 'use';
      readonly materialId: string;
      /** Null where it is not on the shelf: only what holds for the material was asked, not its label. */
      readonly productId: string | null;
      readonly productName: string;
      /** Its line that is free that day; null with the product. */
      readonly lineId: string | null;
      /** First day the rules allow it; the step's own, or later. */
      readonly from: CivilDate;
      /** What keeps it from the step's own first day; null where nothing does. */
      readonly waitsFor: Finding | null;
      /** What stands against the material whose turn it was, where another is taken; null otherwise. */
      readonly instead: { readonly materialId: string; readonly against: Finding } | null;
    }
  /** Nothing that reaches it may be used in its days. */
  | { readonly kind: 'refused'; readonly materialId: string | null; readonly against: readonly Finding[] }
  /** The series names no material, and nobody has one that reaches it. */
  | { readonly kind: 'open' };

/** A spray the series lays out before this one, as if done. */
export interface AssumedSpray {
  readonly on: CivilDate;
  readonly materialId: string;
  readonly productId: string | null;
}

interface Candidate {
  readonly product: Product;
  readonly onShelf: boolean;
}

/** Days a step may slip behind its last before another material is taken instead (grade C). */
const SLIP_DAYS = 7;
/** How far ahead a day is looked for on which nothing stands against it. */
const LOOK_AHEAD_DAYS = 60;

/** What a spray step is to be done with: by turns, by the rules of its day, else by what stands in for it. */
export function stepUse(
  day: GardenDay,
  plant: Plant,
  watch: Pick<Watch, 'group' | 'targetId'>,
  due: StepDue,
  material: string | null,
  assumed: readonly AssumedSpray[],
): StepUse {
  const asked = material === null ? candidatesFor(day, watch) : ofMaterial(day, material);
  if (asked.length === 0) return { kind: 'open' };
  const scene = sceneToday(day, plant, watch);
  const first = due.from > day.today ? due.from : day.today;
  const last = addDays(due.to > first ? due.to : first, SLIP_DAYS);
  const tried = asked.map((candidate) => tryOut(scene, candidate, first, assumed));
  const free = soonest(tried);
  if (free && free.on <= last) return used(free, null);
  const against = tried[0]!.against!;
  if (material !== null) {
    const others = candidatesFor(day, watch).filter(({ product }) => product.materialId !== material);
    const other = soonest(others.map((candidate) => tryOut(scene, candidate, first, assumed)));
    if (other && other.on <= last) return used(other, { materialId: material, against });
  }
  // A day is only named where a rule names it: when bloom is over nobody knows yet.
  if (free?.against?.until) return used(free, null);
  return {
    kind: 'refused',
    materialId: material,
    against: tried.flatMap((entry) => entry.against ?? []).slice(0, 3),
  };
}

interface Tried extends Candidate {
  /** First day it is free; null when there is none in sight. */
  readonly on: CivilDate | null;
  /** The line that is free then. */
  readonly lineId: string | null;
  /** What stood against its first day; null where nothing did. */
  readonly against: Finding | null;
}

type Free = Tried & { readonly on: CivilDate };

const soonest = (tried: readonly Tried[]): Free | null =>
  tried
    .filter((entry): entry is Free => entry.on !== null)
    .toSorted((a, b) => daysBetween(b.on, a.on) || Number(b.onShelf) - Number(a.onShelf))[0] ?? null;

const used = (
  { product, onShelf, on, lineId, against }: Free,
  instead: (StepUse & { kind: 'use' })['instead'],
): StepUse => ({
  kind: 'use',
  materialId: product.materialId,
  productId: onShelf ? product.id : null,
  productName: product.name,
  lineId: onShelf ? lineId : null,
  from: on,
  waitsFor: against,
  instead,
});

/** Products of the shelf of a material; where there is none, the material as it usually is. */
function ofMaterial(day: GardenDay, materialId: string): Candidate[] {
  const shelf = day.books.state.products.filter((product) => product.materialId === materialId);
  if (shelf.length > 0) return shelf.map((product) => ({ product, onShelf: true }));
  return [{ product: asUsual(materialId), onShelf: false }];
}

/** What stands on the shelf and reaches the trouble, what works before what does in part. */
function candidatesFor(day: GardenDay, { group, targetId }: Pick<Watch, 'group' | 'targetId'>): Candidate[] {
  if (group === null) return [];
  const words = ['works', 'in part'];
  const reach = efficacyAgainst({ id: targetId ?? '', group });
  const rank = (materialId: string) =>
    words.indexOf(reach.find((entry) => entry.materialId === materialId)?.word ?? '');
  return day.books.state.products
    .filter(({ materialId }) => rank(materialId) >= 0)
    .toSorted((a, b) => rank(a.materialId) - rank(b.materialId))
    .map((product) => ({ product, onShelf: true }));
}

/** A material nobody has on the shelf: its label is not known, so its line leaves everything open. */
function asUsual(materialId: string): Product {
  const usual = genericProduct(materialId, () => materialId);
  const line: LabelLine = {
    ...blankLine({ id: `${materialId}-line`, crop: materialById(materialId).name, rateLow: 1, rateHigh: 1 }),
    groups: TARGET_GROUPS,
    leafStates: ['in-leaf', 'dormant', 'delayed-dormant'],
  };
  return { ...usual, lines: [line] };
}

/** The first day on which some line of a product is free on the plant. */
function tryOut(
  today: UseScene,
  candidate: Candidate,
  first: CivilDate,
  assumed: readonly AssumedSpray[],
): Tried {
  let against: Finding | null = null;
  for (let on = first; daysBetween(first, on) <= LOOK_AHEAD_DAYS;) {
    const scene = sceneOn(today, on, assumed);
    const refusals = candidate.product.lines.map((line) => refusal(scene, candidate.product, line));
    const free = refusals.indexOf(null);
    if (free >= 0) return { ...candidate, on, lineId: candidate.product.lines[free]!.id, against };
    const [worst] = refusals as Finding[];
    against ??= worst ?? null;
    const until = (refusals as Finding[]).flatMap((finding) => finding.until ?? []).toSorted()[0];
    on = until !== undefined && until > on ? until : addDays(on, 1);
  }
  return { ...candidate, on: null, lineId: null, against };
}

/** The strictest thing against a line that no answer on the spot and no better hour can lift; null when free. */
function refusal(scene: UseScene, product: Product, line: LabelLine): Finding | null {
  const [worst] = judgeLine(scene, product, line).filter(({ ruleId }) => !HOUR_RULES.has(ruleId));
  return worst && ['wait', 'no', 'never'].includes(worst.verdict) ? worst : null;
}

/** What is sprayed: a product of the shelf, or a material nobody has on it. */
export interface SprayWith {
  readonly productId: string | null;
  readonly materialId: string;
}

/** Tells what keeps a product off a plant on each of some days; null where nothing does. */
export function keptOffOn(
  day: GardenDay,
  plant: Plant,
  watch: Pick<Watch, 'group' | 'targetId'>,
  days: readonly CivilDate[],
): (what: SprayWith) => (Finding | null)[] {
  const today = sceneToday(day, plant, watch);
  const scenes = days.map((on) => sceneOn(today, on, []));
  return ({ productId, materialId }) => {
    const product = productId === null ? asUsual(materialId) : day.books.product(productId);
    return scenes.map((scene) => {
      const refusals = product.lines.map((line) => refusal(scene, product, line));
      return refusals.includes(null) ? null : (refusals[0] ?? null);
    });
  };
}

/** A plant as it stands today: nobody is asked what only a look could tell. */
function sceneToday(day: GardenDay, plant: Plant, watch: Pick<Watch, 'group' | 'targetId'>): UseScene {
  const leaves = leavesOf(day, plant);
  return useScene(day, day.today, plant, watch, {
    leafState: leaves.value,
    leafQuestion: bareWoodQuestion(day, leaves),
    bloom: null,
    weather: 'not-sure',
    beesAtHoneydew: null,
    planned: [],
  });
}

/** The same on a day to come, with what the series would have put on it by then. */
function sceneOn(scene: UseScene, on: CivilDate, assumed: readonly AssumedSpray[]): UseScene {
  const { day, plant, told } = scene;
  const leafState = on === day.today ? told.leafState : leavesExpected(day, plant, on);
  const before = assumed.filter((spray) => spray.on < on).map((spray) => asEarlier(day, spray));
  return { ...scene, today: on, told: { ...told, leafState }, earlier: [...scene.earlier, ...before] };
}

/** What it will wear by its winter as it is expected. */
function leavesExpected(day: GardenDay, plant: Plant, on: CivilDate): LeafState {
  if (evergreenOf(plant) !== false) return 'in-leaf';
  const { leafFall, budSwell, greenTip } = plantWinter(day, plant, on);
  if (on < leafFall.on || on >= greenTip.on) return 'in-leaf';
  return on < budSwell.on ? 'dormant' : 'delayed-dormant';
}

function asEarlier(
  day: GardenDay,
  { on, materialId, productId }: AssumedSpray,
): Omit<EarlierSpray, 'sameProduct'> & { productId: string } {
  const product = productId === null ? asUsual(materialId) : day.books.product(productId);
  return {
    on,
    productId: product.id,
    productName: product.name,
    materialId,
    ingredients: ingredientsOf(materialId, product.containsOil),
    apart: product.apart,
    modeOfAction: modeOfAction(product),
    amount: 0,
  };
}
