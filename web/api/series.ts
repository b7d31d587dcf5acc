import { useQuery } from '@tanstack/react-query';
import { answer, api } from './client.ts';

/** Every series of the garden, running or over. */
export const useProgramme = () =>
  useQuery({
    queryKey: ['programme'],
    queryFn: () => answer(api.programme.$get()).then((body) => body.programme),
  });

/** Usual series for a watch or a plant; the first of them follow from what was logged last. */
export const useOffers = (about: { readonly watch: string } | { readonly plant: string }) =>
  useQuery({
    queryKey: ['offers', about],
    queryFn: () => answer(api.offers.$get({ query: about })).then((body) => body.offers),
  });

/** Twelve months of windows, plans and what was done. */
export const useYear = () =>
  useQuery({ queryKey: ['year'], queryFn: () => answer(api.year.$get()).then((body) => body.year) });

/** What stands today and tomorrow, in the order of work. */
export const useWorkingDay = () =>
  useQuery({
    queryKey: ['working-day'],
    queryFn: () => answer(api['working-day'].$get()).then((body) => body.day),
  });
