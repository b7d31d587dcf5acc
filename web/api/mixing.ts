import { useQuery } from '@tanstack/react-query';
import type { LeafState } from '#core/materials';
import type { LocalAdvice, ProductRecord, Sprayer, SprayLoad, SprayRecord, ToldWeather } from '#core/records';
import type { LoggedSpray } from '#engine';
import { answer, api } from './client.ts';
import { asSeen, useEdit } from './edit.ts';
import { at } from './queries.ts';
import { useWrite } from './use-write.ts';

export const useShelf = () => useQuery({ queryKey: ['shelf'], queryFn: () => answer(api.shelf.$get()) });
export const useShelfState = () =>
  useQuery({
    queryKey: ['shelf', 'state'],
    queryFn: () => answer(api.shelf.state.$get()).then((body) => body.state),
  });
export const useBook = () =>
  useQuery({ queryKey: ['book'], queryFn: () => answer(api.book.$get()).then((body) => body.entries) });

export interface BenchQuestion {
  readonly watchIds: readonly string[];
  readonly plantIds: readonly string[];
  readonly leafState: LeafState | null;
  readonly bees: 'yes' | 'no' | null;
  readonly bloom: 'open' | 'over' | null;
  readonly weather: ToldWeather | 'not-sure' | null;
}

export const useBench = (
  { watchIds, plantIds, leafState, bees, bloom, weather }: BenchQuestion,
  enabled = true,
) =>
  useQuery({
    enabled,
    queryKey: ['bench', watchIds, plantIds, leafState, bees, bloom, weather],
    placeholderData: (previous) => previous,
    queryFn: () =>
      answer(
        api.bench.$get({
          query: {
            watch: watchIds.join(','),
            plant: plantIds.join(','),
            ...(leafState ? { leafState } : {}),
            ...(bees ? { bees } : {}),
            ...(bloom ? { bloom } : {}),
            ...(weather ? { weather: weatherText(weather) } : {}),
          },
        }),
      ).then((body) => body.bench),
  });

/** `not-sure`, or low, high, sky and wind: `8~21~dry~breeze`. */
function weatherText(weather: ToldWeather | 'not-sure'): string {
  if (weather === 'not-sure') return weather;
  const { lowC, highC, rain, air } = weather;
  return [lowC.toFixed(1), highC.toFixed(1), rain ? 'rain' : 'dry', ...(air ? [air] : [])].join('~');
}

export const useChanges = (kind: string, id: string) =>
  useQuery({
    queryKey: ['changes', kind, id],
    queryFn: () => answer(api.changes[':kind'][':id'].$get({ param: { kind, id } })),
  });

export const usePutProduct = () =>
  useEdit('productRecord', (product: ProductRecord, seen) =>
    api.products[':id'].$put({ ...at(product), json: product }, asSeen(seen)),
  );
export const usePutSprayer = () =>
  useEdit('sprayerRecord', (sprayer: Sprayer, seen) =>
    api.sprayers[':id'].$put({ ...at(sprayer), json: sprayer }, asSeen(seen)),
  );
export const usePutSpray = () =>
  useEdit('sprayRecord', (spray: SprayRecord, seen) =>
    api.sprays[':id'].$put({ ...at(spray), json: spray }, asSeen(seen)),
  );
export const useRemoveSpray = () =>
  useWrite((spray: SprayRecord) => answer(api.sprays[':id'].$delete(at(spray))));
/** A tank as it was logged; without its sprays while it waits to be sent. */
export const usePutLoad = () =>
  useWrite((load: SprayLoad): Promise<{ readonly sprays?: readonly LoggedSpray[] }> =>
    answer(api.loads[':id'].$put({ ...at(load), json: load })),
  );
export const useRemoveLoad = () => useWrite((load: SprayLoad) => answer(api.loads[':id'].$delete(at(load))));
export const usePutAdvice = () =>
  useWrite((advice: LocalAdvice) => answer(api['local-advice'][':id'].$put({ ...at(advice), json: advice })));
export const useRemoveAdvice = () =>
  useWrite((advice: LocalAdvice) => answer(api['local-advice'][':id'].$delete(at(advice))));
