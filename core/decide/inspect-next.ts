import { type CivilDate, daysBetween } from '#core/calendar';
import type { FrequencyWord } from '#core/identify';

/** A plant as far as spread is concerned. */
export interface SpreadPlant {
  readonly id: string;
  readonly hostId: string;
  readonly placeId: string;
  /** In a pot under glass or indoors: it can be moved. */
  readonly sheltered: boolean;
  /** The last day anything was looked at or counted on it; null if never. */
  readonly lookedOn: CivilDate | null;
  /** It already has an open watch for this trouble. */
  readonly watched: boolean;
}

export interface SpreadQuestion {
  readonly plantId: string;
  readonly sourcePlantId: string | null;
  readonly touching: readonly string[];
  /** On which hosts the trouble is met; empty when it has no name yet, and any plant may bear it. */
  readonly hosts: Readonly<Record<string, FrequencyWord>>;
  readonly today: CivilDate;
}

export type SpreadReason = 'source' | 'touches' | 'same-room' | 'same-host';

export interface InspectNext {
  readonly plantId: string;
  readonly reason: SpreadReason;
}

export interface SpreadAnswer {
  /** Plants to look over, most likely to bear it first. */
  readonly inspect: readonly InspectNext[];
  /** Pots that share a room with it and can bear it: set apart until both are clean. */
  readonly setApart: readonly string[];
}

/** A plant looked over within this many days need not be looked over again for this (grade C). */
export const LOOKED_OVER_DAYS = 14;

const REASON_ORDER: readonly SpreadReason[] = ['source', 'touches', 'same-room', 'same-host'];

/**
 * Which plants to inspect next for a trouble found on one: where it came from, what touches it,
 * what shares its room, and others of the same kind. Plants that do not bear the trouble, are
 * watched for it already or were looked over in the last {@link LOOKED_OVER_DAYS} days are left out.
 */
export function inspectNext(plants: readonly SpreadPlant[], question: SpreadQuestion): SpreadAnswer {
  const here = plants.find((plant) => plant.id === question.plantId);
  if (!here) throw new RangeError('the plant in question is not among the plants');
  const bears = ({ hostId }: SpreadPlant) =>
    Object.keys(question.hosts).length === 0 || (question.hosts[hostId] ?? 'never') !== 'never';
  const candidates = plants.filter((plant) => plant.id !== here.id && bears(plant));
  const reasonFor = (plant: SpreadPlant): SpreadReason | null => {
    if (plant.id === question.sourcePlantId) return 'source';
    if (question.touching.includes(plant.id)) return 'touches';
    if (here.sheltered && plant.placeId === here.placeId) return 'same-room';
    return plant.hostId === here.hostId ? 'same-host' : null;
  };
  const inspect = candidates
    .filter(
      (plant) =>
        !plant.watched &&
        (plant.lookedOn === null || daysBetween(plant.lookedOn, question.today) > LOOKED_OVER_DAYS),
    )
    .flatMap((plant) => {
      const reason = reasonFor(plant);
      return reason ? [{ plantId: plant.id, reason }] : [];
    })
    .sort((a, b) => REASON_ORDER.indexOf(a.reason) - REASON_ORDER.indexOf(b.reason));
  const setApart = here.sheltered
    ? candidates.filter((plant) => plant.sheltered && plant.placeId === here.placeId).map((plant) => plant.id)
    : [];
  return { inspect, setApart };
}
