import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../../api/client.ts';

/** Where and when a plant is looked at, and what the garden's records make likelier on it. */
export const useNamingScene = (plantId: string | undefined, month: number | null = null) =>
  useQuery({
    queryKey: ['plants', plantId, 'naming', month],
    enabled: plantId !== undefined,
    queryFn: () =>
      answer(
        api.plants[':id'].naming.$get({
          param: { id: plantId! },
          query: month === null ? {} : { month: String(month) },
        }),
      ).then((body) => body.naming),
  });
