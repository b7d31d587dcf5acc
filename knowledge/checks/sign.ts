import type { Check, Effort } from '#core/identify';

const YES_NO = [
  { id: 'yes', label: 'Yes' },
  { id: 'no', label: 'No' },
] as const;

/** A sign: there or not. */
export const sign = (
  id: string,
  name: string,
  question: string,
  how: string,
  term?: string,
  effort: Effort = 'look',
): Check => ({ id, kind: 'sign', name, question, how, effort, answers: YES_NO, ...(term ? { term } : {}) });
