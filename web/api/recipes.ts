import { useQuery } from '@tanstack/react-query';
import { answer, api } from './client.ts';

/** Mixes of one's own, and waits that run on whichever device they were begun. */
export const useRecipes = () =>
  useQuery({ queryKey: ['recipes'], queryFn: () => answer(api.recipes.$get()) });
