import { useMemo } from 'react';
import { hemisphereOf, monthOf } from '#core/calendar';
import type { Scene } from '#core/identify';
import { useGarden, usePlaces, usePlants } from '../../api/queries.ts';
import { placeNow } from '../garden/place-now.ts';

/**
 * Where and when a plant is looked at: its host, the month as the north has it, under glass or not.
 * Null until known.
 */
export function useScene(plantId: string | undefined): Scene | null {
  const garden = useGarden().data;
  const places = usePlaces().data;
  const plants = usePlants().data;
  return useMemo(() => {
    const plant = plants?.find((entry) => entry.id === plantId);
    if (!plant || !garden?.garden || !places) return null;
    const month = monthOf(garden.today);
    const place = places.find((entry) => entry.id === placeNow(plant, garden.today));
    return {
      hostId: plant.hostId,
      month: hemisphereOf(garden.garden.latitudeDeg) === 'north' ? month : ((month + 5) % 12) + 1,
      sheltered: place !== undefined && place.kind !== 'outdoors',
    };
  }, [plantId, garden, places, plants]);
}
