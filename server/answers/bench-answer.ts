import type { CivilDate } from '#core/calendar';
import {
  amountLeft,
  type Finding,
  type Ingredient,
  leftInPack,
  type LeafState,
  type PlannedSpray,
  type UseVerdict,
  VERDICTS,
  worstOf,
} from '#core/materials';
import { SPRAY_SCOPES, type SprayScope, waterForPlant, waterLearned, type WaterNeed } from '#core/mix';
import { loggedBloom, type LoggedBloom, type LoggedLeafState } from '#core/plan';
import type { Garden, LocalAdvice, Plant } from '#core/records';
import { hostById, ingredientsOf } from '#knowledge';
import type { Store } from '../store/store.ts';
import { dormantAnswer } from './dormant-answer.ts';
import { leafStateOf } from './leaf-state.ts';
import type { SeasonReader } from './plant-season.ts';
import { usesOf } from './product-uses.ts';
import { judgeLine, useScene } from './use-facts.ts';
import type { WatchPicture } from './watch-picture.ts';

/** One label line of the shelf, judged for one watch. */
export interface BenchLine {
  readonly productId: string;
  readonly lineId: string;
  readonly verdict: UseVerdict;
  readonly findings: readonly Finding[];
  /** ml or g the label still leaves this plant this year; null when it sets no amount. */
  readonly leftThisYear: number | null;
}

export interface BenchWater {
  readonly scope: SprayScope;
  readonly need: WaterNeed;
  /** From the box the plant fills, or from what it really took before. */
  readonly basis: 'box' | 'learned';
}

/** One watch on the bench. */
export interface BenchWatch {
  readonly watchId: string;
  readonly plant: Plant;
  readonly targetName: string;
  readonly evergreen: boolean;
  readonly leafState: LeafState;
  readonly guessedState: LeafState;
  readonly logged: LoggedLeafState | null;
  readonly bloom: LoggedBloom;
  readonly waters: readonly BenchWater[];
  /** The most fitting first; within a verdict in the shelf's order. */
  readonly lines: readonly BenchLine[];
}

export interface SprayerState {
  readonly sprayerId: string;
  /** What it held last, unless it was rinsed since. */
  readonly lastLoad: {
    readonly on: CivilDate;
    readonly productNames: readonly string[];
    readonly ingredients: readonly Ingredient[];
  } | null;
}

export interface BenchAnswer {
  readonly watches: readonly BenchWatch[];
  readonly left: Readonly<Record<string, number | null>>;
  readonly sprayers: readonly SprayerState[];
  readonly advice: readonly LocalAdvice[];
}

export interface BenchAsked {
  /** As the user sees it; null to go by the log and the time of year. */
  readonly leafState: LeafState | null;
  readonly beesAtHoneydew: boolean | null;
}

/** Everything the bench needs to mix for some watches. */
export function benchAnswer(
  store: Store,
  reader: SeasonReader,
  garden: Garden,
  today: CivilDate,
  pictures: readonly WatchPicture[],
  asked: BenchAsked,
): BenchAnswer {
  const dormant = new Map(
    dormantAnswer(store, reader, garden, today).plants.map(({ plantId, plan }) => [plantId, plan]),
  );
  const planned = (plantId: string): PlannedSpray[] => {
    const plan = dormant.get(plantId);
    if (plan?.kind !== 'steps') return [];
    return plan.steps
      .filter(({ state }) => state === 'due' || state === 'coming')
      .flatMap(({ what, from }) =>
        ingredientsOfStep(what).map((ingredient) => ({
          from: from > today ? from : today,
          what: `Winter ${ingredient}`,
          ingredients: [ingredient],
        })),
      );
  };
  return {
    watches: pictures.map((picture) =>
      benchWatch(store, reader, garden, today, picture, asked, planned(picture.plant.id)),
    ),
    left: Object.fromEntries(
      store
        .products()
        .map((product) => [product.id, leftInPack(product.stock, usesOf(store, product.id, today))]),
    ),
    sprayers: store
      .sprayers()
      .map(({ id, rinsedOn }) => ({ sprayerId: id, lastLoad: lastLoad(store, id, rinsedOn, today) })),
    advice: store.localAdvice.all(),
  };
}

function ingredientsOfStep(what: string): Ingredient[] {
  return (['oil', 'copper'] as const).filter((ingredient) => what.includes(ingredient));
}

function benchWatch(
  store: Store,
  reader: SeasonReader,
  garden: Garden,
  today: CivilDate,
  { watch, plant, targetName }: WatchPicture,
  asked: BenchAsked,
  planned: readonly PlannedSpray[],
): BenchWatch {
  const guessed = leafStateOf(store, reader, plant, today);
  const leafState = asked.leafState ?? guessed.leafState;
  const scene = useScene(store, garden, reader.start, today, plant, watch, {
    leafState,
    beesAtHoneydew: asked.beesAtHoneydew,
    planned,
  });
  const lines = store.products().flatMap((product) =>
    product.lines.map((line): BenchLine => {
      const findings = judgeLine(scene, product, line);
      return {
        productId: product.id,
        lineId: line.id,
        verdict: worstOf(findings),
        findings,
        leftThisYear: amountLeft(
          line,
          scene.earlier.filter(({ productId }) => productId === product.id),
          today,
        ),
      };
    }),
  );
  return {
    watchId: watch.id,
    plant,
    targetName,
    evergreen: hostById(plant.hostId).evergreen,
    leafState,
    guessedState: guessed.leafState,
    logged: guessed.logged,
    bloom: loggedBloom(store.growth.by('plant_id', plant.id), reader.start, today),
    waters: SPRAY_SCOPES.map((scope) => waterOf(store, plant, leafState, scope, today)),
    lines: lines.sort((a, b) => VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict)),
  };
}

function waterOf(
  store: Store,
  plant: Plant,
  leafState: LeafState,
  scope: SprayScope,
  today: CivilDate,
): BenchWater {
  const past = store
    .watches()
    .filter(({ plantId }) => plantId === plant.id)
    .flatMap(({ id }) => store.sprays(id))
    .filter(({ on }) => on <= today)
    .toSorted((a, b) => (a.on < b.on ? -1 : 1));
  const learned = waterLearned(
    past.map((spray) => ({
      sprayMl: spray.sprayMl,
      bare: spray.leafState !== 'in-leaf',
      scope: spray.scope,
    })),
    leafState,
    scope,
  );
  if (learned) return { scope, need: learned, basis: 'learned' };
  const times = plant.lengthM === null ? plant.count : 1;
  const one = waterForPlant(
    { heightM: plant.heightM, spreadM: plant.spreadM, lengthM: plant.lengthM ?? plant.spreadM },
    leafState,
    scope,
  );
  return {
    scope,
    need: { lowMl: one.lowMl * times, middleMl: one.middleMl * times, highMl: one.highMl * times },
    basis: 'box',
  };
}

function lastLoad(
  store: Store,
  sprayerId: string,
  rinsedOn: CivilDate | null,
  today: CivilDate,
): SprayerState['lastLoad'] {
  const last = store.allSprays().findLast((spray) => spray.sprayerId === sprayerId && spray.on <= today);
  if (!last || (rinsedOn !== null && rinsedOn >= last.on)) return null;
  const products = last.parts.map(({ productId }) => store.product(productId)!);
  return {
    on: last.on,
    productNames: products.map(({ name }) => name),
    ingredients: [
      ...new Set(products.flatMap(({ materialId, containsOil }) => ingredientsOf(materialId, containsOil))),
    ],
  };
}
