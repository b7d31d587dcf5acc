import type { SpreadReason } from '#core/spread';

/** Why a plant is to be looked over for what was found on another. */
export const REASON_WORDS: Readonly<Record<SpreadReason, string>> = {
  source: 'it may have come from there',
  touches: 'touches it',
  'same-room': 'stands in the same room',
  downwind: 'downwind in the weeks of its crawlers',
  ants: 'near enough for the ants on it',
  tools: 'worked on with the same hands and tools',
  'same-host': 'of the same kind',
};
