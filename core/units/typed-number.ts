/** Digits with at most one decimal mark, of either kind, and a sign, the typographic minus included. */
const NUMBER = /^[-−+]?(\d+([.,]\d*)?|[.,]\d+)$/;

/**
 * A number as people type it and tables print it: with a point or a comma as its decimal mark. Null
 * for nothing and for anything else; marks between thousands are not guessed at.
 */
export function typedNumber(text: string): number | null {
  const trimmed = text.trim();
  return NUMBER.test(trimmed) ? Number(trimmed.replace('−', '-').replace(',', '.')) : null;
}
