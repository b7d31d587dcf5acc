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
 * that is 24 (MacHardy & Gadoury 1989); for the generic curve the dry break that halves an infection. `wet` and
 * `tempC` hold one entry an hour; only hours from `first` to `last` are looked at.
 * @throws RangeError for a break below one hour.
 */
export function wetSpells(
  wet: ArrayLike<number>,
  tempC: ArrayLike<number>,
  joinWithinHours: number,
  first = 0,
  last = wet.length - 1,
): WetSpell[] {
  if (joinWithinHours < 1) throw new RangeError('a break has at least one hour');
  const spells: { from: number; to: number; wetHours: number; sumC: number }[] = [];
  for (let at = first; at <= last; at++) {
    if (!wet[at]) continue;
    const before = spells.at(-1);
    if (before && at - before.to - 1 < joinWithinHours) {
      before.to = at;
      before.wetHours++;
      before.sumC += tempC[at]!;
    } else spells.push({ from: at, to: at, wetHours: 1, sumC: tempC[at]! });
  }
  return spells.map(({ from, to, wetHours, sumC }) => ({ from, to, wetHours, meanC: sumC / wetHours }));
}
