import type { GardenDay } from './garden-day.ts';
import type { WatchPicture } from './watch-picture.ts';
import { NOT_LOOKED, weighAnswer } from './weigh-answer.ts';

/** Why the weighing refuses a spray today, in its own words: the list and the page it leads to say the same. */
export function heldBack(day: GardenDay, picture: WatchPicture): string[] {
  const { refused } = weighAnswer(day, picture, NOT_LOOKED).weighed;
  return refused
    .filter(({ option }) => option === 'spray-now')
    .flatMap(({ rules }) => rules.map(({ says }) => says));
}
