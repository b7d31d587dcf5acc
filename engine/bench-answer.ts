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
import { type LeafQuestion, type LeafStanding, loggedBloom, type LoggedBloom } from '#core/plan';
import type { LocalAdvice, Plant, ToldWeather, Watch } from '#core/records';
import { evergreenOf, ingredientsOf } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { dormantAnswer } from './dormant-answer.ts';
import { bareWoodQuestion, leavesOf } from './leaf-state.ts';
import { usesOf } from './product-uses.ts';
import { programmeAnswer } from './programme-answer.ts';
import { judgeLine, NO_TROUBLE, useScene } from './use-facts.ts';

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

/** What is to be sprayed: a watch, or a plant with nothing wrong on it. */
export interface BenchSubject {
  readonly plant: Plant;
  readonly watch: Pick<Watch, 'id' | 'group' | 'targetId'> | null;
  /** Empty without a watch. */
  readonly targetName: string;
}

/** One watch, or one plant without any, on the bench. */
export interface BenchWatch {
  readonly watchId: string | null;
  readonly plant: Plant;
  readonly targetName: string;
  readonly evergreen: boolean | null;
  readonly leafState: LeafState;
  /** What the records say it wears, and what that rests on. */
  readonly leaves: LeafStanding;
  /** What is asked of its leaves before a dose for bare wood; null where it was seen or said. */
  readonly leafQuestion: LeafQuestion | null;
  /** Whether a forecast tells of tonight and tomorrow. */
  readonly weatherKnown: boolean;
  readonly bloom: LoggedBloom;
  readonly waters: readonly BenchWater[];
  /** The line whose turn it is in a series on it; null where no series names one. */
  readonly turnLineId: string | null;
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
  readonly bloom: 'open' | 'over' | null;
  readonly weather: ToldWeather | 'not-sure' | null;
}

/** Everything the bench needs to mix for some watches or plants. */
export function benchAnswer(
  day: GardenDay,
  subjects: readonly BenchSubject[],
  asked: BenchAsked,
): BenchAnswer {
  const dormant = new Map(dormantAnswer(day).plants.map(({ plantId, plan }) => [plantId, plan]));
  const planned = (plantId: string): PlannedSpray[] => {
    const plan = dormant.get(plantId);
    const ofSeries = seriesSprays(day, plantId);
    if (plan?.kind !== 'steps') return ofSeries;
    const ofWinter = plan.steps
      .filter(({ state }) => state === 'due' || state === 'ask' || state === 'coming')
      .flatMap(({ what, from }) =>
        ingredientsOfStep(what).map((ingredient) => ({
          from: from > day.today ? from : day.today,
          what: `Winter ${ingredient}`,
          ingredients: [ingredient],
        })),
      );
    return [...ofWinter, ...ofSeries];
  };
  return {
    watches: subjects.map((subject) => benchWatch(day, subject, asked, planned(subject.plant.id))),
    left: Object.fromEntries(
      day.books.state.products.map((product) => [
        product.id,
        leftInPack(product.stock, usesOf(day, product.id)),
      ]),
    ),
    sprayers: day.books.state.sprayers.map(({ id, rinsedOn }) => ({
      sprayerId: id,
      lastLoad: lastLoad(day, id, rinsedOn),
    })),
    advice: day.books.state.localAdvice,
  };
}

/** Sprays that series on a plant lay out ahead. */
function seriesSprays(day: GardenDay, plantId: string): PlannedSpray[] {
  return programmeAnswer(day)
    .filter((answer) => answer.plantId === plantId)
    .flatMap(({ series, steps }) =>
      steps.flatMap(({ use, from }): PlannedSpray[] => {
        if (use?.kind !== 'use' || from === null || from <= day.today) return [];
        return [{ from, what: series.name, ingredients: ingredientsOf(use.materialId, false) }];
      }),
    );
}

function ingredientsOfStep(what: string): Ingredient[] {
  return (['oil', 'copper'] as const).filter((ingredient) => what.includes(ingredient));
}

function benchWatch(
  day: GardenDay,
  { watch, plant, targetName }: BenchSubject,
  asked: BenchAsked,
  planned: readonly PlannedSpray[],
): BenchWatch {
  const leaves = leavesOf(day, plant);
  const leafState = asked.leafState ?? leaves.value;
  const leafQuestion = asked.leafState === null ? bareWoodQuestion(day, leaves) : null;
  const scene = useScene(day, day.today, plant, watch ?? NO_TROUBLE, {
    leafState,
    leafQuestion,
    beesAtHoneydew: asked.beesAtHoneydew,
    bloom: asked.bloom,
    weather: asked.weather,
    planned,
  });
  const lines = day.books.state.products.flatMap((product) =>
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
          day.today,
        ),
      };
    }),
  );
  return {
    watchId: watch?.id ?? null,
    plant,
    targetName,
    evergreen: evergreenOf(plant),
    leafState,
    leaves,
    leafQuestion,
    weatherKnown: day.ofPlant(plant).forecast.length > 0,
    bloom: loggedBloom(day.books.plantBook(plant.id).growth, day.start, day.today),
    waters: SPRAY_SCOPES.map((scope) => waterOf(day, plant, leafState, scope)),
    turnLineId: turnOf(day, plant.id, watch?.id ?? null),
    lines: lines.sort((a, b) => VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict)),
  };
}

/** What the next spray of a series is settled on. */
function turnOf(day: GardenDay, plantId: string, watchId: string | null): string | null {
  const uses = programmeAnswer(day)
    .filter(({ series, plantId: on }) => on === plantId && series.watchId === watchId)
    .flatMap(({ next }) => (next?.use?.kind === 'use' ? (next.use.lineId ?? []) : []));
  return uses[0] ?? null;
}

function waterOf(day: GardenDay, plant: Plant, leafState: LeafState, scope: SprayScope): BenchWater {
  const past = day.books.plantBook(plant.id).sprays.filter(({ on }) => on <= day.today);
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

function lastLoad(day: GardenDay, sprayerId: string, rinsedOn: CivilDate | null): SprayerState['lastLoad'] {
  const last = day.books.state.sprays.findLast(
    (spray) => spray.sprayerId === sprayerId && spray.on <= day.today,
  );
  if (!last || (rinsedOn !== null && rinsedOn >= last.on)) return null;
  const products = last.parts.map(({ productId }) => day.books.product(productId));
  return {
    on: last.on,
    productNames: products.map(({ name }) => name),
    ingredients: [
      ...new Set(products.flatMap(({ materialId, containsOil }) => ingredientsOf(materialId, containsOil))),
    ],
  };
}
