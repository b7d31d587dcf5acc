import { useMemo } from 'react';
import { useGarden } from '../api/queries.ts';
import { showIn, type Show } from './units.ts';

/** The garden's way of showing figures; metric until it is known. */
export function useShow(): Show {
  const garden = useGarden().data?.garden;
  const temperatureUnit = garden?.temperatureUnit ?? 'C';
  const measureSystem = garden?.measureSystem ?? 'metric';
  return useMemo(() => showIn({ temperatureUnit, measureSystem }), [temperatureUnit, measureSystem]);
}

/** The garden's day. */
export function useToday(): string {
  return useGarden().data?.today ?? '';
}
