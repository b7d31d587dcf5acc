import { usePlaces, usePlants } from './queries.ts';
import { useShelf } from './mixing.ts';
import { useStations } from './weather.ts';

/** What records that others name are called, by id. */
export function useNameOf(): (id: string) => string | undefined {
  const shelf = useShelf().data;
  const named = [
    ...(usePlaces().data ?? []),
    ...(usePlants().data ?? []),
    ...(useStations().data ?? []),
    ...(shelf ? [...shelf.products, ...shelf.sprayers] : []),
  ];
  return (id) => named.find((record) => record.id === id)?.name;
}
