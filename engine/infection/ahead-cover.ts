import { type AheadFacts, WORTH_A_COVER } from '#core/decide';
import type { GoodStretch } from '#core/spray-hours';
import { coverOf } from '#knowledge';
import type { GardenDay } from '../garden-day.ts';
import { heldBack } from '../held-back.ts';
import { leavesOf } from '../leaf-state.ts';
import { sprayAnswer } from '../spray-answer.ts';
import { pictureOf } from '../watch-pictures.ts';
import { aheadOf } from './infection-facts.ts';
import type { InfectionDiary } from './infection-diary.ts';

/** The next wet time that may infect, and what a cover before it would be worth. */
export interface AheadCover extends AheadFacts {
  readonly spellId: string;
  readonly isWorthIt: boolean;
  /** Something on the shelf that covers against it; null where there is none. */
  readonly product: { readonly id: string; readonly name: string } | null;
  /** What the weighing says against a spray today; the list and the watch's page say the same. */
  readonly heldBy: readonly string[];
  /** Good hours for it before then. */
  readonly hours: readonly GoodStretch[];
}

/** What to do before the next wet time; null where the forecast tells of none. */
export function aheadCover(
  day: GardenDay,
  diary: InfectionDiary,
  watchId: string,
  plantId: string,
): AheadCover | null {
  const coming = diary.spells
    .filter(({ standing, word }) => standing === 'ahead' && word !== null)
    .map((spell) => ({ spell, facts: aheadOf(diary, spell) }));
  // The first that would be worth a cover; where none would, the first there is.
  const next = coming.find(({ facts }) => facts.worth >= WORTH_A_COVER) ?? coming[0];
  if (!next) return null;
  const { spell, facts } = next;
  const { plant } = day.books.plantBook(plantId);
  const leafState = leavesOf(day, plant).value;
  const choice = day.books.state.products.flatMap((product) => {
    const line = product.lines.find(
      ({ groups, hostIds, leafStates }) =>
        groups.includes('fungus') &&
        leafStates.includes(leafState) &&
        (hostIds.length === 0 || hostIds.includes(plant.hostId)),
    );
    return line && coverOf(product.materialId, diary.disease.targetId, leafState !== 'in-leaf')
      ? [{ product, line }]
      : [];
  })[0];
  const hours = choice
    ? sprayAnswer(day, plant, choice.product, choice.line, { beesAtHoneydew: false, thirsty: false }, 2)
        .stretches
    : [];
  return {
    ...facts,
    spellId: spell.id,
    heldBy: heldBack(day, pictureOf(day, watchId)!),
    isWorthIt: facts.worth >= WORTH_A_COVER,
    product: choice ? { id: choice.product.id, name: choice.product.name } : null,
    hours: hours.filter(({ date }) => date <= facts.coverBy).slice(0, 3),
  };
}
