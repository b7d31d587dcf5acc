import { useQuery } from '@tanstack/react-query';
import { answer, api } from './client.ts';
import { useWrite } from './use-write.ts';

/** Fields two devices changed to different things; known at home alone. */
export const useDifferences = () =>
  useQuery({
    queryKey: ['unsettled'],
    retry: false,
    queryFn: () => answer(api.unsettled.$get()).then((body) => body.unsettled),
  });
export type Difference = NonNullable<ReturnType<typeof useDifferences>['data']>[number];

export const useSettle = () =>
  useWrite(({ id, take }: { id: string; take: 'kept-aside' | 'standing' }) =>
    answer(api.unsettled[':id'].$put({ param: { id }, json: { take } })),
  );
