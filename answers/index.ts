/**
 * What is asked of a garden, by address, and what is answered: the server and a browser's worker mount the same
 * questions over their own records. No store, no files, no network.
 */
export type { AnswersFrom, Beside, Keeping, StationSummary } from './answers-from.ts';
export { type BookEntry, bookEntries, type BookPart } from './book-entries.ts';
export { calendarEntries, type CalendarEntry } from './calendar-entries.ts';
export { gardenAnswers } from './garden-answers.ts';
export {
  fieldProblem,
  type FieldError,
  orNotFound,
  Problem,
  type ProblemBody,
  problemResponse,
} from './problem.ts';
export type { NowPage } from './season-answers.ts';
export {
  NOT_PACKED,
  PACK_SHAPE,
  packedAnswers,
  type PackedBeside,
  type PackedGarden,
} from './packed-garden.ts';
export { type Entered, withEntered } from './with-entered.ts';
export { asProblem, jsonBody, query } from './validate.ts';
