/** One row in so many may be a title, a sum or a note at the foot. */
const ODD_ONE_IN = 10;

/**
 * Whether what holds of a table's rows holds of nearly all of them: one row that is no row of the table does
 * not decide what the others are.
 */
export function nearlyAll<T>(values: readonly T[], holds: (value: T) => boolean): boolean {
  if (values.length === 0) return false;
  const odd = values.filter((value) => !holds(value)).length;
  return odd <= Math.floor(values.length / ODD_ONE_IN) + (values.length > 2 ? 1 : 0);
}
