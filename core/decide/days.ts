/** Lead times and intervals, in days (rules of thumb, grade C; the label's own interval comes first). */
export const DAYS = {
  nameWithin: 7,
  openingSoon: 10,
  tapesBeforeHatch: 14,
  tapeLife: 7,
  betweenSprays: 14,
  monthly: 30,
  scaleCheckFrom: 14,
  scaleCheckTo: 28,
  quickCheckFrom: 1,
  quickCheckTo: 10,
  /** Mites breed within the week: on day 1 whether they were met, on day 7 and 14 whether they are back. */
  miteChecks: [
    [1, 3],
    [7, 9],
    [14, 21],
  ],
  checkForgottenAfter: 120,
  /** A watched plant is looked at again after this; what is clear, or dead, later. */
  lookAgain: 42,
  /** A fungus in season where nobody tells of rain: scouted by the calendar. */
  lookAgainUntold: 14,
  lookAgainClear: 120,
  lookAliveBefore: 7,
  allStagesFor: 21,
  /** Adults seen or trapped lay for about so long after (a fortnight's flight). */
  adultsLay: 14,
  /** Males fly before their crawlers by more than this: tapes go up then. */
  malesBeforeTapes: 14,
  trapFrom: 75,
  trapTo: 150,
} as const;
