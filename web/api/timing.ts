import { useQuery } from '@tanstack/react-query';
import type { Sighting, WatchClock } from '#core/records';
import type { ModelChoice } from '#engine';
import { answer, api } from './client.ts';
import { asSeen, useEdit } from './edit.ts';
import { at } from './queries.ts';
import { useWrite } from './use-write.ts';

export const useClock = (id: string, choice: ModelChoice) =>
  useQuery({
    queryKey: ['watches', id, 'clock', choice],
    queryFn: () =>
      answer(api.watches[':id'].clock.$get({ param: { id }, query: choice })).then((body) => body.clock),
    placeholderData: (previous) => previous,
  });
export const useHatch = (id: string) =>
  useQuery({
    queryKey: ['watches', id, 'hatch'],
    queryFn: () => answer(api.watches[':id'].hatch.$get({ param: { id } })).then((body) => body.hatch),
  });
export const useSeasonDays = (id: string | undefined) =>
  useQuery({
    queryKey: ['watches', id, 'season-days'],
    enabled: id !== undefined,
    queryFn: () => answer(api.watches[':id']['season-days'].$get({ param: { id: id! } })),
  });
export const usePutSighting = () =>
  useWrite((sighting: Sighting) => answer(api.sightings[':id'].$put({ ...at(sighting), json: sighting })));
export const useRemoveSighting = () =>
  useWrite((sighting: Sighting) => answer(api.sightings[':id'].$delete(at(sighting))));
export const usePutClock = () =>
  useEdit('clockRecord', (clock: WatchClock, seen) =>
    api['watch-clocks'][':id'].$put({ ...at(clock), json: clock }, asSeen(seen)),
  );
export const useRemoveClock = () =>
  useWrite((clock: { id: string }) => answer(api['watch-clocks'][':id'].$delete(at(clock))));

export interface SprayQuestion {
  readonly plant: string;
  readonly product: string;
  readonly line: string;
  readonly bees: 'yes' | 'no';
  readonly thirsty: 'yes' | 'no';
  readonly hours: string;
}

export const useSprayHours = (question: SprayQuestion | null) =>
  useQuery({
    queryKey: ['spray-hours', question],
    enabled: question !== null,
    placeholderData: (previous) => previous,
    queryFn: () => answer(api['spray-hours'].$get({ query: { ...question! } })).then((body) => body.spray),
  });

export const useDormant = () =>
  useQuery({ queryKey: ['dormant'], queryFn: () => answer(api.dormant.$get()).then((body) => body.dormant) });

export const askFutures = (id: string) =>
  answer(api.watches[':id'].futures.$get({ param: { id } })).then((body) => body.futures);

export const usePlan = (id: string) =>
  useQuery({
    queryKey: ['watches', id, 'plan'],
    queryFn: () => answer(api.watches[':id'].plan.$get({ param: { id } })).then((body) => body.plan),
  });

export const useInfections = (id: string) =>
  useQuery({
    queryKey: ['watches', id, 'infections'],
    queryFn: () =>
      answer(api.watches[':id'].infections.$get({ param: { id } })).then((body) => body.infections),
  });

/** Whether winters of the open garden are mild; null where nobody measured any. */
export const useWinters = (isTold: boolean) =>
  useQuery({
    queryKey: ['winters'],
    enabled: isTold,
    queryFn: () => answer(api.winters.$get()).then((body) => body.mild),
  });

export const usePracticeClimate = () =>
  useQuery({
    queryKey: ['practice-climate'],
    queryFn: () => answer(api['practice-climate'].$get()).then((body) => body.climate),
  });

export const usePlanBack = (id: string) =>
  useQuery({
    queryKey: ['watches', id, 'plan-back'],
    queryFn: () => answer(api.watches[':id']['plan-back'].$get({ param: { id } })).then((body) => body.back),
  });
