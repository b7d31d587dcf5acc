import { addDays, type CivilDate } from '#core/calendar';
import { type Feeding, feedingPlan, type FeedingStages, seasonStages, type Stage } from '#core/plan';
import type { Garden, GrowthStage, Plant } from '#core/records';
import { hostById, schoolFor, schoolsFor, type School } from '#knowledge';
import type { Store } from '../store/store.ts';
import type { SeasonReader } from './plant-season.ts';

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
export function feedingAnswer(
  store: Store,
  reader: SeasonReader,
  garden: Garden,
  plant: Plant,
  today: CivilDate,
): FeedingAnswer {
  const school = schoolFor('feeding', schoolsFor(garden, plant));
  const fedOn = store.care
    .by('plant_id', plant.id)
    .filter(({ kind, on }) => kind === 'feeding' && on >= reader.start && on <= today)
    .map(({ on }) => on);
  return {
    school,
    feedings: school.id === 'none' ? [] : feedingPlan(school.id, stagesOf(store, reader, plant), fedOn),
  };
}

function stagesOf(store: Store, reader: SeasonReader, plant: Plant): FeedingStages {
  const log = store.growth.by('plant_id', plant.id).filter(({ on }) => on >= reader.start);
  const logged = (stage: GrowthStage) => log.find((entry) => entry.stage === stage)?.on ?? null;
  const { evergreen } = hostById(plant.hostId);
  const { pastSeasons } = reader.ofPlant(plant);
  const spans = evergreen || pastSeasons.length === 0 ? null : seasonStages(reader.start, pastSeasons);
  const usual = (stage: Stage) => spans?.find((span) => span.stage === stage)?.from ?? null;
  return {
    budSwell: logged('bud-swell') ?? usual('bud-swell'),
    bloomStart: logged('bloom-start'),
    petalFall: logged('petal-fall') ?? logged('bloom-end'),
    greenTip: logged('green-tip') ?? usual('in-leaf') ?? addDays(reader.start, EVERGREEN_FROM_DAY),
    leafFall: logged('leaf-fall') ?? usual('leaf-fall') ?? addDays(reader.start, EVERGREEN_TO_DAY),
  };
}
