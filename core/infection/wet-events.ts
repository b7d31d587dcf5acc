import { keptWith } from '#core/caches';
import { rainOfDays } from './event-rain.ts';
import { genericWetHours } from './generic-wet-hours.ts';
import type { InfectionEvent } from './infection-event.ts';
import type { WetRule } from './infection-rule.ts';
import type { LeafHours } from './leaf-hours.ts';
import type { SporeScene } from './spore-scene.ts';
import { wetHoursNeeded } from './wet-hours-needed.ts';
import { wetSpells, type WetSpell } from './wet-spells.ts';
import { byCase, WETNESS_CASES, type WetnessCase } from './wetness-case.ts';

const { max, min, round } = Math;
const HOURS = 24;
/** Wet times shorter than this are nobody's infection and are not told. Hours. */
const LEAST_TOLD_H = 2;
const COOL_AFTER_H = 48;

/** Hours leaves must stay wet by a rule at a mean temperature; null where no length would do. */
export function neededBy({ hours }: WetRule, meanC: number): number | null {
  return 'table' in hours ? wetHoursNeeded(hours.table, meanC) : genericWetHours(hours.curve, meanC);
}

/** Every wet time long enough to tell of, and whether it infects in each case. */
export function wetEvents(rule: WetRule, hours: LeafHours, scene: SporeScene): InfectionEvent[] {
  return joinedBy(rule, hours, 'long').flatMap((long): InfectionEvent[] => {
    if (long.wetHours < LEAST_TOLD_H) return [];
    const spells = byCase((at) => (at === 'long' ? long : nearest(rule, hours, at, long)));
    const infects = byCase((at) => {
      const spell = spells[at];
      if (spell === null) return false;
      if (infectsBy(rule, hours, spell, scene, at === 'short')) return true;
      return at === 'long' && isGuess(hours, spell) && partInfects(rule, hours, spell, scene);
    });
    const deciding = WETNESS_CASES.find((at) => infects[at]);
    // Hours are told of the middle case, so its temperature is, and what it takes there.
    const told = spells.middle ?? (deciding && spells[deciding]) ?? long;
    return [
      {
        from: long.from,
        to: long.to,
        wetHours: byCase((at) => spells[at]?.wetHours ?? 0),
        meanC: told.meanC,
        neededHours: neededBy(rule, told.meanC),
        rainMm: rainOfDays(hours, 'long', long.from, long.to),
        infects: rule.isFlag ? { short: false, middle: false, long: infects.long } : infects,
        index: null,
      },
    ];
  });
}

/**
 * Wet times of a case, joined as the rule has it. Where an infection takes rain, dew by itself neither begins nor
 * lengthens one; and what has infected is joined by nothing: what comes after a dry break is told as another.
 */
function joinedBy(
  rule: WetRule,
  hours: LeafHours,
  at: WetnessCase,
  first = 0,
  last = hours.tempC.length - 1,
): WetSpell[] {
  const joined: WetSpell[] = [];
  for (const part of wetSpells(hours.wet[at], hours.tempC, 1, first, last)) {
    if (rule.leastRainMm > 0 && !hours.rains[at].subarray(part.from, part.to + 1).includes(1)) continue;
    const before = joined.at(-1);
    if (before && part.from - before.to - 1 < rule.joinWithinHours && !isEnough(rule, before))
      joined[joined.length - 1] = together(before, part);
    else joined.push(part);
  }
  return rule.leastRainMm > 0
    ? joined.filter(({ from, to }) => rainOfDays(hours, at, from, to) >= rule.leastRainMm)
    : joined;
}

const together = (a: WetSpell, b: WetSpell): WetSpell => ({
  from: a.from,
  to: b.to,
  wetHours: a.wetHours + b.wetHours,
  meanC: (a.meanC * a.wetHours + b.meanC * b.wetHours) / (a.wetHours + b.wetHours),
});

function isEnough(rule: WetRule, { meanC, wetHours }: WetSpell): boolean {
  const needed = neededBy(rule, meanC);
  return needed !== null && wetHours >= needed;
}

/** The wet time of a case within a longer one: the one that comes nearest to infecting. */
function nearest(rule: WetRule, hours: LeafHours, at: WetnessCase, within: WetSpell): WetSpell | null {
  const share = (spell: WetSpell) => {
    const needed = neededBy(rule, spell.meanC);
    return needed === null ? 0 : spell.wetHours / needed;
  };
  return joinedBy(rule, hours, at, within.from, within.to).reduce<WetSpell | null>(
    (best, spell) => (best === null || share(spell) > share(best) ? spell : best),
    null,
  );
}

function infectsBy(
  rule: WetRule,
  hours: LeafHours,
  spell: WetSpell,
  { fewSpores }: SporeScene,
  isSure: boolean,
): boolean {
  const needed = neededBy(rule, spell.meanC);
  if (needed === null) return false;
  if (rule.coolAfterC !== null && warmAfter(hours, spell.to) >= rule.coolAfterC) return false;
  const inDark = rule.spores === 'by-day-while-few' && fewSpores ? darkHoursFirst(hours, spell) : 0;
  return spell.wetHours - inDark >= needed + (isSure ? rule.mayNeedMoreHours : 0);
}

const isGuess = ({ basis }: LeafHours, { from }: WetSpell): boolean =>
  basis[Math.floor(from / HOURS)] !== 'measured';

/** Whether leaves that were wet for a part of a guessed time would have been infected: the warm part of it, say. */
function partInfects(rule: WetRule, hours: LeafHours, { from, to }: WetSpell, scene: SporeScene): boolean {
  const byTenth = neededTable(rule);
  const least = leastNeeded(byTenth, hours.tempC.subarray(from, to + 1));
  for (let first = from; first + least - 1 <= to; first++) {
    let sumC = 0;
    for (let last = first; last <= to; last++) {
      sumC += hours.tempC[last]!;
      const wetHours = last - first + 1;
      if (wetHours < least || wetHours < byTenth[tenthOf(sumC / wetHours)]!) continue;
      const part = { from: first, to: last, wetHours, meanC: sumC / wetHours };
      if (infectsBy(rule, hours, part, scene, false)) return true;
      // A longer part that begins as early is no drier after, nor lighter before.
      break;
    }
  }
  return false;
}

/** Temperatures that are looked up, °C, in tenths of a degree; outside them nothing infects. */
const COLDEST_C = -10,
  WARMEST_C = 45;
const tenthOf = (meanC: number): number => round((min(WARMEST_C, max(COLDEST_C, meanC)) - COLDEST_C) * 10);

const neededTables = keptWith<WetRule, 'hours', Float64Array>();

/** A rule's hours at every tenth of a degree, infinite where no length would do; kept with the rule. */
function neededTable(rule: WetRule): Float64Array {
  return neededTables(rule, 'hours', () =>
    Float64Array.from(
      { length: (WARMEST_C - COLDEST_C) * 10 + 1 },
      (_, tenth) => neededBy(rule, COLDEST_C + tenth / 10) ?? Infinity,
    ),
  );
}

/** The fewest hours that any part of a time at these temperatures needs: no mean lies beyond them. */
function leastNeeded(byTenth: Float64Array, tempC: Float64Array): number {
  let low = Infinity,
    high = -Infinity;
  for (const c of tempC) {
    if (c < low) low = c;
    if (c > high) high = c;
  }
  let least = Infinity;
  // A mean is summed up and may err by less than the next tenth.
  const last = Math.min(byTenth.length - 1, tenthOf(high) + 1);
  for (let tenth = Math.max(0, tenthOf(low) - 1); tenth <= last; tenth++)
    if (byTenth[tenth]! < least) least = byTenth[tenth]!;
  return Math.ceil(least);
}

/** Hours from a spell's beginning in the dark to first light. */
function darkHoursFirst({ isDark }: LeafHours, { from, to }: WetSpell): number {
  let hour = from;
  while (hour <= to && isDark[hour]) hour++;
  return hour - from;
}

function warmAfter({ tempC }: LeafHours, to: number): number {
  const after = tempC.subarray(to + 1, to + 1 + COOL_AFTER_H);
  return after.length === 0 ? -Infinity : after.reduce((sum, value) => sum + value, 0) / after.length;
}
