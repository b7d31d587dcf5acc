import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { answer, api } from './client.ts';

/** Towns of the shipped list by the start of their name; asked from two letters on. */
export const useTowns = (typed: string) =>
  useQuery({
    queryKey: ['towns', typed],
    enabled: typed.trim().length >= 2,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    queryFn: () => answer(api.towns.$get({ query: { q: typed } })).then((body) => body.towns),
  });
export type FoundTown = NonNullable<ReturnType<typeof useTowns>['data']>[number];

/** The listed town nearest to where the device says it is. */
export const nearestTown = (latitudeDeg: number, longitudeDeg: number): Promise<FoundTown | null> =>
  answer(
    api.towns.near.$get({ query: { latitude: String(latitudeDeg), longitude: String(longitudeDeg) } }),
  ).then((body) => body.town);
