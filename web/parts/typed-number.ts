import { numberOr } from '../show/number-or.ts';

/** How typed text becomes a record's number: what is empty or no number is refused beside its field. */
export const numeric = {
  setValueAs: (value: unknown) => (typeof value === 'string' ? numberOr(value, Number.NaN) : value),
};

/** A number that may be left empty. */
export const numericOrNone = {
  setValueAs: (value: unknown) =>
    value === '' || value === null ? null : numberOr(String(value), Number.NaN),
};

/** A text that may be left empty. */
export const textOrNone = { setValueAs: (value: unknown) => (value === '' ? null : value) };
