import { v5 } from 'uuid';

/** Of the app's own making: a plant has one spot in each place, by whichever device it was put there. */
const SPOTS = '5b1d2f6a-3c43-4d0b-9a52-6b2f4c1e7a90';

export const spotIdOf = (plantId: string, placeId: string): string => v5(`${plantId} ${placeId}`, SPOTS);
