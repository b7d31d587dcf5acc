import type { CivilDate } from '#core/calendar';

/** Why a row of a weather file cannot be used. `text` is what stood in the cell, clipped. */
export type RowFault =
  | { readonly kind: 'date-missing' | 'time-missing' }
  | { readonly kind: 'not-a-day' | 'not-a-day-so-ordered' | 'no-time-of-day'; readonly text: string }
  | {
      readonly kind: 'not-a-number';
      readonly of: 'minimum' | 'maximum' | 'temperature';
      readonly text: string;
    }
  | { readonly kind: 'not-an-amount' | 'not-a-speed'; readonly text: string }
  /** Beyond what any garden sees; most often the unit is another. */
  | { readonly kind: 'not-weather'; readonly fromC: number; readonly toC: number }
  | { readonly kind: 'upside-down'; readonly minC: number; readonly maxC: number; readonly date?: CivilDate }
  | { readonly kind: 'day-twice'; readonly date: CivilDate }
  | { readonly kind: 'too-few-hours'; readonly date: CivilDate; readonly hours: number }
  | {
      readonly kind: 'nothing-sound';
      readonly date: CivilDate;
      readonly of: 'temperature' | 'minimum' | 'maximum';
    };

/** A row that cannot be used: its line in the file (the header is line 1) and why. */
export interface RowProblem {
  readonly line: number;
  readonly fault: RowFault;
}

export const isFault = (read: object): read is RowFault => 'kind' in read;
