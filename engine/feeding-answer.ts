import { addDays } from '#core/calendar';
import { type Feeding, feedingPlan, type FeedingStages, seasonStages, type Stage } from '#core/plan';
import type { GrowthStage, Plant } from '#core/records';
import { hostById, schoolFor, schoolsFor, type School } from '#knowledge';
import type { GardenDay } from './garden-day.ts';

export interface FeedingAnswer {
  readonly school: School;
  readonly feedings: readonly Feeding[];
}

/**
 * An evergreen's growing season, by days from the season's start, where nothing is logged (rule of
 * thumb, grade C).
 */
const EVERGREEN_FROM_DAY = 75;
const EVERGREEN_TO_DAY = 290;

/** The season's feedings of one plant, by the school it follows. */
export function feedingAnswer(day: GardenDay, plant: Plant): FeedingAnswer {
  const school = schoolFor('feeding', schoolsFor(day.garden, plant));
  const fedOn = day.books
    .plantBook(plant.id)
    .care.filter(({ kind, on }) => kind === 'feeding' && on >= day.start && on <= day.today)
    .map(({ on }) => on);
  return {
    school,
    feedings: school.id === 'none' ? [] : feedingPlan(school.id, stagesOf(day, plant), fedOn),
  };
}

function stagesOf(day: GardenDay, plant: Plant): FeedingStages {
  const log = day.books.plantBook(plant.id).growth.filter(({ on }) => on >= day.start);
  const logged = (stage: GrowthStage) => log.find((entry) => entry.stage === stage)?.on ?? null;
  const { evergreen } = hostById(plant.hostId);
  const { pastSeasons } = day.ofPlant(plant);
  const spans = evergreen || pastSeasons.length === 0 ? null : seasonStages(day.start, pastSeasons);
  const usual = (stage: Stage) => spans?.find((span) => span.stage === stage)?.from ?? null;
  return {
    budSwell: logged('bud-swell') ?? usual('bud-swell'),
    bloomStart: logged('bloom-start'),
    petalFall: logged('petal-fall') ?? logged('bloom-end'),
    greenTip: logged('green-tip') ?? usual('in-leaf') ?? addDays(day.start, EVERGREEN_FROM_DAY),
    leafFall: logged('leaf-fall') ?? usual('leaf-fall') ?? addDays(day.start, EVERGREEN_TO_DAY),
  };
}
