/** The steps of the half hour, in their order. */
export const REVIEW_STEPS = ['watches', 'record', 'next', 'buy', 'sheet'] as const;
export type ReviewStepId = (typeof REVIEW_STEPS)[number];
export const STEP_NAMES: Readonly<Record<ReviewStepId, string>> = {
  watches: 'What each did',
  record: 'Right or wrong',
  next: 'Next year',
  buy: 'To buy',
  sheet: 'The sheet',
};
