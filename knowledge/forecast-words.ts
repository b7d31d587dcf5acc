import type { Figure } from '#core/figures';

/** What the words of a forecast are taken to mean; what is left open is unknown and never counts as good. */
export const SKY_WORDS: Readonly<Record<'dry' | 'showers' | 'rain', Figure<number>>> = {
  dry: { value: 0, grade: 'C', sourceIds: ['practice'] },
  showers: { value: 2, grade: 'C', sourceIds: ['practice'] },
  rain: { value: 10, grade: 'C', sourceIds: ['practice'] },
};

/** Mean wind in m/s. */
export const AIR_WORDS: Readonly<Record<'still' | 'breeze' | 'windy', Figure<number>>> = {
  still: { value: 0.5, grade: 'C', sourceIds: ['practice'] },
  breeze: { value: 3, grade: 'C', sourceIds: ['practice'] },
  windy: { value: 7, grade: 'C', sourceIds: ['practice'] },
};
