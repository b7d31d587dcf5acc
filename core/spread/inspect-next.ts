import { type CivilDate, daysBetween } from '#core/calendar';
import type { FrequencyWord } from '#core/identify';
import { chanceOfAny, type Pathway } from './pathway.ts';

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
  /** Ids of the plants linked to it along each pathway that takes more than their records to see. */
  readonly linked: Readonly<Record<Exclude<Pathway, 'same-room' | 'same-host'>, readonly string[]>>;
  /** How likely a plant linked along a pathway bears it too, 0–1. */
  readonly chances: Readonly<Record<Pathway, number>>;
  /** On which hosts the trouble is met; empty when it has no name yet, and any plant may bear it. */
  readonly hosts: Readonly<Record<string, FrequencyWord>>;
  readonly today: CivilDate;
}

export type SpreadReason = 'source' | Pathway;

export interface InspectNext {
  readonly plantId: string;
  /** The likeliest way, and what else links it. */
  readonly reason: SpreadReason;
  readonly also: readonly Pathway[];
  /** That it bears it too, 0–1; null for the source, which is known to. */
  readonly chance: number | null;
}

export interface SpreadAnswer {
  /** Plants to look over, most likely to bear it first. */
  readonly inspect: readonly InspectNext[];
  /** Pots that share a room with it and can bear it: set apart until both are clean. */
  readonly setApart: readonly string[];
}

/** A plant looked over within this many days need not be looked over again for this (grade C). */
export const LOOKED_OVER_DAYS = 14;

/**
 * Which plants to inspect next for a trouble found on one: where it came from, what touches it, what shares its
 * room, lies in the wind or was worked on together with it, and others of the same kind. Plants that do not bear
 * the trouble, are watched for it already or were looked over in the last {@link LOOKED_OVER_DAYS} days are left
 * out.
 * @throws RangeError when the plant in question is not among the plants.
 */
export function inspectNext(plants: readonly SpreadPlant[], question: SpreadQuestion): SpreadAnswer {
  const here = plants.find((plant) => plant.id === question.plantId);
  if (!here) throw new RangeError('the plant in question is not among the plants');
  const bears = ({ hostId }: SpreadPlant) =>
    Object.keys(question.hosts).length === 0 || (question.hosts[hostId] ?? 'never') !== 'never';
  const candidates = plants.filter((plant) => plant.id !== here.id && bears(plant));
  const inspect = candidates
    .filter(
      (plant) =>
        !plant.watched &&
        (plant.lookedOn === null || daysBetween(plant.lookedOn, question.today) > LOOKED_OVER_DAYS),
    )
    .flatMap((plant) => inspectionOf(plant, pathwaysTo(plant, here, question), question) ?? [])
    .sort((a, b) => (b.chance ?? 1) - (a.chance ?? 1));
  const setApart = here.sheltered
    ? candidates.filter((plant) => plant.sheltered && plant.placeId === here.placeId).map((plant) => plant.id)
    : [];
  return { inspect, setApart };
}

/** Every way from one plant to another, by its records and links. */
function pathwaysTo(plant: SpreadPlant, here: SpreadPlant, { linked }: SpreadQuestion): Pathway[] {
  const isLinked: Readonly<Record<Pathway, boolean>> = {
    touches: linked.touches.includes(plant.id),
    'same-room': here.sheltered && plant.placeId === here.placeId,
    downwind: linked.downwind.includes(plant.id),
    ants: linked.ants.includes(plant.id),
    tools: linked.tools.includes(plant.id),
    'same-host': plant.hostId === here.hostId,
  };
  return (Object.keys(isLinked) as Pathway[]).filter((pathway) => isLinked[pathway]);
}

function inspectionOf(
  { id }: SpreadPlant,
  pathways: readonly Pathway[],
  { sourcePlantId, chances }: SpreadQuestion,
): InspectNext | null {
  if (id === sourcePlantId) return { plantId: id, reason: 'source', also: pathways, chance: null };
  const [first, ...also] = pathways.toSorted((a, b) => chances[b] - chances[a]);
  if (!first) return null;
  return {
    plantId: id,
    reason: first,
    also,
    chance: chanceOfAny(pathways.map((pathway) => chances[pathway])),
  };
}
