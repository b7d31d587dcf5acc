import { useQuery } from '@tanstack/react-query';
import { answer, api } from './client.ts';

/** What was found of leaves, by place and day. */
export const useWetLooks = () =>
  useQuery({
    queryKey: ['wet-looks'],
    queryFn: () => answer(api['wet-looks'].$get()).then((body) => body.looks),
  });
