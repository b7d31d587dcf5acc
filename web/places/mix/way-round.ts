import { type Point, walkPast } from '#core/ground';

interface Standing {
  readonly plantId: string;
}

/** Where plants stand on the plan, by their ids; null for one that is not on it. */
export type SpotOf = (plantId: string) => Point | null;

/** Subjects in the order of a walk from one plant; those that are not on the plan come last, as they are. */
export function inWayRound<T extends Standing>(
  subjects: readonly T[],
  fromPlantId: string,
  spotOf: SpotOf,
): T[] {
  const start = spotOf(fromPlantId);
  if (!start) return [...subjects];
  const standing = subjects.flatMap((one, i) => {
    const spot = spotOf(one.plantId);
    return spot ? [{ id: String(i), xM: spot.xM, yM: spot.yM, one }] : [];
  });
  return [
    ...walkPast(standing, start).map(({ one }) => one),
    ...subjects.filter(({ plantId }) => spotOf(plantId) === null),
  ];
}
