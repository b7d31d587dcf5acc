/** One hour as leaves had it. */
export interface LeafHour {
  readonly isWet: boolean;
  readonly tempC: number;
}

/** A time in which leaves were wet, with dry breaks too short to end it. */
export interface WetSpell {
  /** Places of its first and last wet hour. */
  readonly from: number;
  readonly to: number;
  /** Wet hours in it; dry ones between are not counted. */
  readonly wetHours: number;
  /** Mean of the wet hours, °C. */
  readonly meanC: number;
}

/**
 * Wet hours gathered into spells: those parted by fewer than `joinWithinHours` dry hours add up. For apple scab
 * that is 24 (MacHardy & Gadoury 1989); for the generic curve the dry break that halves an infection.
 * @throws RangeError for a break below one hour.
 */
export function wetSpells(hours: readonly LeafHour[], joinWithinHours: number): WetSpell[] {
  if (joinWithinHours < 1) throw new RangeError('a break has at least one hour');
  const spells: { from: number; to: number; wetHours: number; sumC: number }[] = [];
  hours.forEach(({ isWet, tempC }, at) => {
    if (!isWet) return;
    const last = spells.at(-1);
    if (last && at - last.to - 1 < joinWithinHours) {
      last.to = at;
      last.wetHours++;
      last.sumC += tempC;
    } else spells.push({ from: at, to: at, wetHours: 1, sumC: tempC });
  });
  return spells.map(({ from, to, wetHours, sumC }) => ({ from, to, wetHours, meanC: sumC / wetHours }));
}
