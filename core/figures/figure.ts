/**
 * How far a figure can be trusted: A exact, B widely published with spread between authors, C rule of
 * thumb.
 */
export type Grade = 'A' | 'B' | 'C';

/** A published paper or a kind of common knowledge that figures are taken from. */
export interface Source {
  readonly id: string;
  readonly citation: string;
}

/** A figure with what it is worth and where it comes from. */
export interface Figure<T = number> {
  readonly value: T;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
  readonly note?: string;
}
