import { keptWith } from '#core/caches';
import { addDays, type CivilDate, daysBetween, shiftSeason } from '#core/calendar';
import { dormantDue, type DueItem } from '#core/decide';
import { meeting } from '#core/materials';
import {
  dormantPlan,
  type DormantPlan,
  type DormantPlant,
  type SpurSample,
  type Winter,
  type WinterSpray,
} from '#core/plan';
import type { Plant, Series } from '#core/records';
import { placeOn } from '#core/weather';
import {
  CITRUS_HOSTS,
  evergreenOf,
  hostById,
  ingredientsOf,
  materialById,
  meetingRules,
  schoolFor,
  schoolsFor,
  type School,
  SPUR_THRESHOLDS,
} from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { HALF_A_YEAR, leavesOf } from './leaf-state.ts';
import { staysOf } from './season-weather.ts';
import { plantWinter } from './plant-winter.ts';
import type { SummedSample } from './summed-sample.ts';
import type { WatchPicture } from './watch-picture.ts';
import { picturesByPlant, watchPictures } from './watch-pictures.ts';

/** One plant's winter and what is to be sprayed in it. */
export interface PlantWinter {
  readonly plantId: string;
  readonly plantName: string;
  readonly winter: Winter | null;
  readonly plan: DormantPlan;
  /** What came of the winter just past, while the coming one is planned. */
  readonly before: DormantPlan | null;
  /** The watch that asks for it, to log a spray against. */
  readonly watchId: string | null;
  /** The series by which it is sprayed with nothing wrong today. */
  readonly guard: Series | null;
  readonly asksFor: readonly string[];
}

export interface DormantAnswer {
  readonly school: School;
  readonly plants: readonly PlantWinter[];
}

/** Where aphids that winter as eggs on spurs curl the leaves. */
const PLUMS: ReadonlySet<string> = new Set(['plum']);

/** Diseases that winter sprays on bare bark and buds reach. */
const BARK_DISEASES = new Set(['peach-leaf-curl', 'shot-hole', 'bacterial-spot']);

const answers = keptWith<GardenDay, 'dormant', DormantAnswer>();

export function dormantAnswer(day: GardenDay): DormantAnswer {
  return answers(day, 'dormant', () => winterOfGarden(day));
}

function winterOfGarden(day: GardenDay): DormantAnswer {
  const byPlant = picturesByPlant(watchPictures(day));
  const kinds = new Map(day.books.state.places.map((place) => [place.id, place.kind]));
  const plants = day.books.state.plants
    .filter(({ retiredOn, outOfReach }) => retiredOn === null && !outOfReach)
    .map((plant): PlantWinter => {
      const watches = (byPlant.get(plant.id) ?? []).filter(({ watch }) => watch.outcome === 'open');
      const asking = watches.filter((picture) => troubleOf(picture) !== null);
      const guard = guardOf(day, plant);
      const host = hostById(plant.hostId);
      const chosen = schoolsFor(day.garden, plant);
      const school = schoolFor('dormant', chosen);
      const facts: DormantPlant = {
        notBefore: keptOff(day, plant, chosen),
        evergreen: evergreenOf(plant),
        tender: CITRUS_HOSTS.has(plant.hostId),
        leaves: leavesOf(day, plant),
        yearTurned: daysBetween(day.start, day.today) < HALF_A_YEAR,
        sheltered: kinds.get(placeOn(staysOf(day.books.plantBook(plant.id)), day.today)) !== 'outdoors',
        oil: host.oil,
        troubles: [
          ...new Set([
            ...asking.map((picture) => troubleOf(picture)!),
            ...(guard ? guardsAgainst(plant) : []),
          ]),
        ],
      };
      // Only what asks for a spray needs its winter worked out.
      const winter = facts.troubles.length === 0 || facts.sheltered ? null : plantWinter(day, plant);
      const spurs = watches.flatMap(({ samples }) =>
        samples
          .filter(({ protocol }) => protocol === 'spur')
          .map((sample) => spurSample(sample, PLUMS.has(plant.hostId))),
      );
      const sprayed = spraysOf(day, plant, shiftSeason(day.start, -1), facts.evergreen === true);
      const planFor = (winter: Winter | null) =>
        dormantPlan(facts, winter, school.id, sprayed, spurs, day.today);
      const isComing = winter !== null && winter.leafFall.on > day.today;
      // Nobody could have sprayed for what nobody watched.
      const planOfLast = (last: Winter | null) =>
        last &&
        [...asking.map(({ watch }) => watch.openedOn), ...(guard ? [guard.startedOn] : [])].some(
          (on) => on <= last.greenTip.on,
        )
          ? planFor(last)
          : null;
      return {
        plantId: plant.id,
        plantName: plant.name,
        winter,
        watchId: asking[0]?.watch.id ?? null,
        guard,
        asksFor: asking.map(({ targetName }) => targetName),
        plan: planFor(winter),
        before: isComing ? planOfLast(plantWinter(day, plant, day.start)) : null,
      };
    });
  return {
    school: schoolFor('dormant', day.garden.schools),
    plants: plants.sort((a, b) => Number(a.plan.kind === 'left-out') - Number(b.plan.kind === 'left-out')),
  };
}

/** The series by which a plant is sprayed in winter with nothing wrong on it today. */
function guardOf(day: GardenDay, plant: Plant): Series | null {
  return (
    day.books
      .plantBook(plant.id)
      .series.find(({ winter, endedOn }) => winter && (endedOn === null || endedOn > day.today)) ?? null
  );
}

/** Stone fruit, whose curl and shot hole winter on bark and buds. */
const STONE_FRUIT: ReadonlySet<string> = new Set(['plum', 'cherry', 'peach', 'apricot', 'almond']);

const guardsAgainst = ({ hostId }: Plant): DormantPlant['troubles'] =>
  STONE_FRUIT.has(hostId) ? ['scale', 'bark-disease'] : ['scale'];

/** What was found asks for oil from its threshold on; aphid eggs do so on plums. */
function spurSample({ on, summary }: SummedSample, plums: boolean): SpurSample {
  const asks = SPUR_THRESHOLDS.some(({ value: { item, share, asksForOil } }) => {
    const value = summary.found[item]?.value ?? 0;
    return asksForOil && value > 0 && value >= share && (item !== 'aphidEggs' || plums);
  });
  return { on, asksForOil: asks };
}

function troubleOf({ watch }: WatchPicture): DormantPlant['troubles'][number] | null {
  if (watch.group === 'felt') return 'felt-scale';
  if (watch.group === 'armored' || watch.group === 'soft') return 'scale';
  if (watch.targetId === 'fire-blight') return 'fire-blight';
  return watch.targetId !== null && BARK_DISEASES.has(watch.targetId) ? 'bark-disease' : null;
}

/**
 * Sprays in the dormant (or an evergreen's cool) season since last winter began; older ones belong to winters
 * nobody asks about.
 */
function spraysOf(day: GardenDay, plant: Plant, since: CivilDate, evergreen: boolean): WinterSpray[] {
  return day.books
    .plantBook(plant.id)
    .sprays.filter(
      ({ on, leafState }) => on >= since && on <= day.today && (evergreen || leafState !== 'in-leaf'),
    )
    .map(({ on, parts }) => {
      const products = parts.map(({ productId }) => day.books.product(productId));
      return {
        on,
        oil: products.some(({ containsOil, materialId }) => containsOil || materialById(materialId).isOil),
        copper: products.some(({ materialId, containsOil }) =>
          ingredientsOf(materialId, containsOil).includes('copper'),
        ),
      };
    });
}

/** First days on which what went on a plant before leaves room for oil and for copper. */
function keptOff(
  day: GardenDay,
  plant: Plant,
  chosen: Readonly<Record<string, string>>,
): NonNullable<DormantPlant['notBefore']> {
  const rules = meetingRules(chosen);
  const earlier = day.books
    .plantBook(plant.id)
    .sprays.filter(({ on }) => on <= day.today)
    .flatMap(({ on, parts }) =>
      parts.map(({ productId }) => ({ on, product: day.books.product(productId) })),
    );
  const free = (ingredient: 'oil' | 'copper') =>
    earlier
      .map(({ on, product }) => {
        const labels = product.apart
          .filter((entry) => entry.ingredient === ingredient)
          .map(({ days }) => days);
        return addDays(
          on,
          Math.max(
            meeting(rules, ingredientsOf(product.materialId, product.containsOil), [ingredient]).apartDays,
            ...labels,
          ),
        );
      })
      .filter((first) => first > day.today)
      .toSorted()
      .at(-1) ?? null;
  return { oil: free('oil'), copper: free('copper') };
}

/** Winter sprays that are due or near, for the list of what is due. */
export function dormantItems(day: GardenDay): DueItem[] {
  return dormantAnswer(day).plants.flatMap(({ plan, watchId }) =>
    plan.kind === 'steps' && watchId ? dormantDue(watchId, plan.steps, day.today) : [],
  );
}
