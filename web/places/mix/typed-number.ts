/** How typed text becomes a record's number: what is empty or no number is refused beside its field. */
export const numeric = {
  setValueAs: (value: unknown) =>
    typeof value === 'string' ? (value.trim() === '' ? Number.NaN : Number(value.replace(',', '.'))) : value,
};

/** A number that may be left empty. */
export const numericOrNone = {
  setValueAs: (value: unknown) =>
    value === '' || value === null ? null : Number(String(value).replace(',', '.')),
};

/** A text that may be left empty. */
export const textOrNone = { setValueAs: (value: unknown) => (value === '' ? null : value) };
