/** One thing somebody did at a made-up plant. Days are of the frame. */
export type PracticeAct =
  | { readonly does: 'look' | 'hang' | 'read' | 'clear-source'; readonly day: number }
  | { readonly does: 'treat'; readonly day: number; readonly wayId: string };

/** Everything done so far; what was seen follows from it. */
export interface PracticeLog {
  /** The first day of the week that is open. */
  readonly today: number;
  readonly acts: readonly PracticeAct[];
}

export const WEEK_DAYS = 7;

/** The day tapes were hung or last read; null where none hang. */
export function hungSince({ acts }: PracticeLog): number | null {
  const last = acts.findLast(({ does }) => does === 'hang' || does === 'read');
  return last?.day ?? null;
}

/** The day the source next door was cut back; null where it still stands. */
export const sourceClearedOn = ({ acts }: PracticeLog): number | null =>
  acts.find(({ does }) => does === 'clear-source')?.day ?? null;
