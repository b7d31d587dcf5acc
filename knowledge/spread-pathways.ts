import type { Figure } from '#core/figures';
import type { Pathway, PathwayBelief } from '#core/spread';

/**
 * How often a plant that can bear a trouble and is linked to an infested one along a pathway turns out to bear it:
 * rules of thumb, worth so many looks until the garden's own take over.
 */
export const PATHWAY_BELIEFS: Readonly<Record<Pathway, Figure<PathwayBelief>>> = {
  touches: ofThumb(0.5, 4),
  'same-room': ofThumb(0.4, 4),
  downwind: ofThumb(0.2, 3),
  ants: ofThumb(0.2, 2),
  tools: ofThumb(0.15, 2),
  'same-host': ofThumb(0.1, 4),
};

/** Crawlers that let themselves be blown settle mostly within so far, m (grade C). */
export const BLOWN_REACH_M: Figure = {
  value: 15,
  grade: 'C',
  sourceIds: ['practice'],
  note: 'A few go much farther; what settles thins out fast with distance.',
};

/** Ants tend what they find within so far of a trail, m (grade C). */
export const ANT_REACH_M: Figure = { value: 5, grade: 'C', sourceIds: ['practice'] };

/** A plant planted in the last so many years may have brought its trouble with it (grade C). */
export const CAME_WITH_IT_YEARS = 2;

function ofThumb(chance: number, looks: number): Figure<PathwayBelief> {
  return { value: { chance, looks }, grade: 'C', sourceIds: ['practice'] };
}
