/** "one", "one and two", "one, two and three". */
export const listed = (parts: readonly string[]): string =>
  parts.length < 2 ? (parts[0] ?? '') : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;

/** As a sentence begins. */
export const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);
