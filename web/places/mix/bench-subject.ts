import type { Plant, Watch } from '#core/records';
import { inSentence } from '#knowledge';
import type { ListedWatch } from '#engine';

/** What one tank is mixed for: watches, or plants with nothing wrong on them. */
export interface BenchFor {
  readonly watchId: string | null;
  readonly plantId: string;
  readonly plantName: string;
  readonly group: Watch['group'];
  readonly targetId: string | null;
  /** Empty without a watch. */
  readonly targetName: string;
}

export const ofWatch = ({ watch, plant, targetName }: ListedWatch): BenchFor => ({
  watchId: watch.id,
  plantId: plant.id,
  plantName: plant.name,
  group: watch.group,
  targetId: watch.targetId,
  targetName,
});

export const ofPlant = ({ id, name }: Pick<Plant, 'id' | 'name'>): BenchFor => ({
  watchId: null,
  plantId: id,
  plantName: name,
  group: null,
  targetId: null,
  targetName: '',
});

export const keyOf = ({ watchId, plantId }: BenchFor): string =>
  watchId ? `watch=${watchId}` : `plant=${plantId}`;

/** "Apple, apple scab", or the plant alone. */
export const aboutOf = ({ plantName, targetName }: Pick<BenchFor, 'plantName' | 'targetName'>): string =>
  targetName ? `${plantName}, ${inSentence(targetName)}` : plantName;
