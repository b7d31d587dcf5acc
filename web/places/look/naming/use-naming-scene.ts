import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../../api/client.ts';

/** Where and when a plant is looked at, and what the garden's records make likelier on it. */
export const useNamingScene = (
  plantId: string,
  { month = null, watchId = null }: { month?: number | null; watchId?: string | null } = {},
) =>
  useQuery({
    queryKey: ['plants', plantId, 'naming', month, watchId],
    queryFn: () =>
      answer(
        api.plants[':id'].naming.$get({
          param: { id: plantId },
          query: {
            ...(month === null ? {} : { month: String(month) }),
            ...(watchId === null ? {} : { watch: watchId }),
          },
        }),
      ).then((body) => body.naming),
  });
