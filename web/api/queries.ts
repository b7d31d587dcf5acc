import { useQuery } from '@tanstack/react-query';
import type { Garden, Inspection, Move, Place, Plant, Sample, Tape, Trap, Watch } from '#core/records';
import { answer, api } from './client.ts';
import { asSeen, useEdit } from './edit.ts';
import { useWrite } from './use-write.ts';

export const useGarden = () => useQuery({ queryKey: ['garden'], queryFn: () => answer(api.garden.$get()) });
export const useNow = () =>
  useQuery({ queryKey: ['now'], queryFn: () => answer(api.now.$get()).then((body) => body.now) });
export const useBand = () =>
  useQuery({ queryKey: ['band'], queryFn: () => answer(api.band.$get()).then((body) => body.band) });
export const usePlaces = () =>
  useQuery({ queryKey: ['places'], queryFn: () => answer(api.places.$get()).then((body) => body.places) });
export const usePlants = () =>
  useQuery({ queryKey: ['plants'], queryFn: () => answer(api.plants.$get()).then((body) => body.plants) });
export const useWatches = () =>
  useQuery({ queryKey: ['watches'], queryFn: () => answer(api.watches.$get()).then((body) => body.watches) });
export const useGardenSeasons = () =>
  useQuery({ queryKey: ['seasons'], queryFn: () => answer(api.seasons.$get()).then((body) => body.all) });
export const useReview = () =>
  useQuery({ queryKey: ['review'], queryFn: () => answer(api.review.$get()).then((body) => body.review) });
export const useYearReviews = () =>
  useQuery({
    queryKey: ['year-reviews'],
    queryFn: () => answer(api['year-reviews'].$get()).then((body) => body.reviews),
  });
export const usePath = (watchId: string) =>
  useQuery({
    queryKey: ['seasons', watchId, 'path'],
    queryFn: () => answer(api.seasons[':id'].path.$get({ param: { id: watchId } })).then((body) => body.path),
  });
export const useWhy = (watchId: string) =>
  useQuery({
    queryKey: ['seasons', watchId, 'why'],
    queryFn: () => answer(api.seasons[':id'].why.$get({ param: { id: watchId } })).then((body) => body.why),
  });
export const useSeasons = (watchId: string) =>
  useQuery({
    queryKey: ['seasons', watchId],
    queryFn: () => answer(api.seasons[':id'].$get({ param: { id: watchId } })).then((body) => body.seasons),
  });

export const useNames = () =>
  useQuery({ queryKey: ['names'], queryFn: () => answer(api.names.$get()).then((body) => body.names) });

export const useWatch = (id: string) =>
  useQuery({
    queryKey: ['watches', id],
    queryFn: () => answer(api.watches[':id'].$get({ param: { id } })).then((body) => body.picture),
  });

export const useGround = () =>
  useQuery({ queryKey: ['ground'], queryFn: () => answer(api.ground.$get()).then((body) => body.ground) });

export const useMoving = () =>
  useQuery({ queryKey: ['moving'], queryFn: () => answer(api.moving.$get()).then((body) => body.moving) });

export const useSpread = (id: string) =>
  useQuery({
    queryKey: ['watches', id, 'spread'],
    enabled: id !== '',
    queryFn: () => answer(api.watches[':id'].spread.$get({ param: { id } })).then((body) => body.spread),
  });

/** The address of a record. */
export const at = (record: { id: string }) => ({ param: { id: record.id } });

export const usePutGarden = () =>
  useEdit('gardenRecord', (garden: Garden, seen) => api.garden.$put({ json: garden }, asSeen(seen)));
export const useStep = () => useWrite((days: number) => answer(api.clock.step.$post({ json: { days } })));
export const usePutPlace = () =>
  useEdit('placeRecord', (place: Place, seen) =>
    api.places[':id'].$put({ ...at(place), json: place }, asSeen(seen)),
  );
export const usePutPlant = () =>
  useEdit('plantRecord', (plant: Plant, seen) =>
    api.plants[':id'].$put({ ...at(plant), json: plant }, asSeen(seen)),
  );
export const usePutMove = () =>
  useWrite((move: Move) => answer(api.moves[':id'].$put({ ...at(move), json: move })));
export const useRemoveMove = () => useWrite((move: Move) => answer(api.moves[':id'].$delete(at(move))));
export const usePutTouch = () =>
  useWrite(({ id, other, touches }: { id: string; other: string; touches: boolean }) =>
    answer(api.plants[':id'].touching[':other'].$put({ param: { id, other }, json: { touches } })),
  );
export const useRemoveTouch = () =>
  useWrite(({ id, other }: { id: string; other: string }) =>
    answer(api.plants[':id'].touching[':other'].$delete({ param: { id, other } })),
  );
export const usePutWatch = () =>
  useEdit('watchRecord', (watch: Watch, seen) =>
    api.watches[':id'].$put({ ...at(watch), json: watch }, asSeen(seen)),
  );
export const usePutInspection = () =>
  useWrite((seen: Inspection) => answer(api.inspections[':id'].$put({ ...at(seen), json: seen })));
export const usePutSample = () =>
  useWrite((sample: Sample) => answer(api.samples[':id'].$put({ ...at(sample), json: sample })));
export const useRemoveSample = () =>
  useWrite((sample: Sample) => answer(api.samples[':id'].$delete(at(sample))));
export const usePutTape = () =>
  useWrite((tape: Tape) => answer(api.tapes[':id'].$put({ ...at(tape), json: tape })));
export const useRemoveTape = () => useWrite((tape: Tape) => answer(api.tapes[':id'].$delete(at(tape))));
export const usePutTrap = () =>
  useWrite((trap: Trap) => answer(api.traps[':id'].$put({ ...at(trap), json: trap })));
export const useRemoveTrap = () => useWrite((trap: Trap) => answer(api.traps[':id'].$delete(at(trap))));
export const useDiary = (plantId: string) =>
  useQuery({
    queryKey: ['plants', plantId, 'diary'],
    queryFn: () => answer(api.plants[':id'].diary.$get({ param: { id: plantId } })),
  });
export const useFeeding = (plantId: string) =>
  useQuery({
    queryKey: ['plants', plantId, 'feeding'],
    queryFn: () =>
      answer(api.plants[':id'].feeding.$get({ param: { id: plantId } })).then((body) => body.feeding),
  });
export const useGuesses = () =>
  useQuery({ queryKey: ['guesses'], queryFn: () => answer(api.guesses.$get()).then((body) => body.guesses) });
