/** A day helps mildew along when it has so many hours on end within this range. °C. */
const HOURS_ON_END = 6;
const FROM_C = 21,
  TO_C = 30;
/** From here heat sets it back. */
const HOT_C = 35;
/** Days on end that begin it, and what each of them counts. */
const BEGINS_AFTER_DAYS = 3;
const UP = 20,
  DOWN = 10,
  MOST = 100;

/**
 * Risk index of grape powdery mildew after each day from budbreak, 0 to 100, by hourly temperatures (Gubler,
 * Rademacher, Vasquez & Thomas 1999). `days` holds 24 hours of °C for each day. It begins when three days running
 * have six hours on end at 21 to 30 °C, 20 for each; a day without them before that begins it anew. Then such a
 * day adds 20 and any other takes 10; an hour of 35 °C and more takes 10 from what a day adds, and never more than
 * 10 in a day. Low to 30, moderate at 40 and 50, high from 60.
 */
export function grapeMildewIndex(days: readonly (readonly number[])[]): number[] {
  let index = 0,
    daysRunning = 0;
  return days.map((hoursC) => {
    const helps = longestRun(hoursC) >= HOURS_ON_END;
    if (daysRunning < BEGINS_AFTER_DAYS) {
      daysRunning = helps ? daysRunning + 1 : 0;
      return (index = UP * daysRunning);
    }
    const isHot = hoursC.some((hourC) => hourC >= HOT_C);
    const change = helps ? (isHot ? UP - DOWN : UP) : -DOWN;
    return (index = Math.min(MOST, Math.max(0, index + change)));
  });
}

/** Most hours on end within the range, of one day. */
function longestRun(hoursC: readonly number[]): number {
  let run = 0,
    longest = 0;
  for (const hourC of hoursC) {
    run = hourC >= FROM_C && hourC <= TO_C ? run + 1 : 0;
    longest = Math.max(longest, run);
  }
  return longest;
}
