import { hemisphereOf } from '#core/calendar';
import type { GardenDay } from './garden-day.ts';
import { type PlaceNormals, placeNormals } from './place-normals.ts';

/** The climate somebody practises in when it is to be their own. */
export interface PracticeClimate extends PlaceNormals {
  readonly isSouth: boolean;
}

/** Of the garden outdoors; without normals where nobody told what the place is like. */
export function practiceClimate(day: GardenDay): PracticeClimate {
  const outdoors = day.books.state.places.find(({ kind }) => kind === 'outdoors');
  return {
    isSouth: hemisphereOf(day.garden.latitudeDeg) === 'south',
    ...placeNormals(day, outdoors ? day.ofPlace(outdoors) : null),
  };
}
