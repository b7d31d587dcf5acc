import { keptWith } from '#core/caches';
import { genericWetHours } from './generic-wet-hours.ts';
import { grapeMildewIndex } from './grape-mildew-index.ts';
import { humidDay } from './humid-day.ts';
import type { InfectionRule, WetRule } from './infection-rule.ts';
import type { LeafHours } from './leaf-hours.ts';
import { wetHoursNeeded } from './wet-hours-needed.ts';
import { wetSpells, type WetSpell } from './wet-spells.ts';
import { byCase, type ByCase, WETNESS_CASES, type WetnessCase } from './wetness-case.ts';

/** A time that infects, or that might have: a wet spell, or days on end of the weather a disease likes. */
export interface InfectionEvent {
  /** Hours since the first day's midnight, both within it. */
  readonly from: number;
  readonly to: number;
  readonly wetHours: ByCase<number>;
  /** Mean temperature while wet, or of its days, °C. */
  readonly meanC: number;
  /** Wet hours it would take at that temperature; null where none would do, or none are needed. */
  readonly neededHours: number | null;
  readonly rainMm: number;
  readonly infects: ByCase<boolean>;
  /** The index it rose to, where a disease has one. */
  readonly index: number | null;
}

/** What besides the weather decides. */
export interface SporeScene {
  /** Little is left of last year to infect with. */
  readonly fewSpores: boolean;
}

const HOURS = 24;
/** Wet times shorter than this are nobody's infection and are not told. Hours. */
const LEAST_TOLD_H = 2;
const COOL_AFTER_H = 48;

/** Every time in consecutive hours that infects by a disease's rule, or falls short of it; in order. */
export function infectionEvents(rule: InfectionRule, hours: LeafHours, scene: SporeScene): InfectionEvent[] {
  switch (rule.kind) {
    case 'wet':
      return wetEvents(rule, hours, scene);
    case 'heat-index':
      return indexRuns(hours);
    case 'mild-humid':
      return dayRuns(hours, rule.daysRunning, (i) => {
        const { meanC, nightPercent } = humidDay(hours, i);
        return meanC >= rule.fromC && meanC <= rule.toC && nightPercent >= rule.humidPercent;
      });
    case 'open-bloom':
      return bloomDays(hours);
    case 'splash-then-nights':
      return downyEvents(hours);
    case 'warm-nights':
      return dayRuns(hours, rule.nightsRunning, (i) => {
        const { nightC, nightPercent } = humidDay(hours, i);
        return nightC >= rule.leastC && nightPercent >= rule.humidPercent;
      });
  }
}

/** Hours leaves must stay wet by a rule at a mean temperature; null where no length would do. */
export function neededBy({ hours }: WetRule, meanC: number): number | null {
  return 'table' in hours ? wetHoursNeeded(hours.table, meanC) : genericWetHours(hours.curve, meanC);
}

function wetEvents(rule: WetRule, hours: LeafHours, scene: SporeScene): InfectionEvent[] {
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
  const { byTenth, least } = neededTable(rule);
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
const tenthOf = (meanC: number): number =>
  Math.round((Math.min(WARMEST_C, Math.max(COLDEST_C, meanC)) - COLDEST_C) * 10);

interface NeededTable {
  /** Hours needed at each tenth of a degree; infinite where no length would do. */
  readonly byTenth: Float64Array;
  readonly least: number;
}

const neededTables = keptWith<WetRule, 'hours', NeededTable>();

/** A rule's hours at every tenth of a degree, for the many parts of a guess; kept with the rule. */
function neededTable(rule: WetRule): NeededTable {
  return neededTables(rule, 'hours', () => {
    const byTenth = Float64Array.from(
      { length: (WARMEST_C - COLDEST_C) * 10 + 1 },
      (_, tenth) => neededBy(rule, COLDEST_C + tenth / 10) ?? Infinity,
    );
    return { byTenth, least: Math.ceil(Math.min(...byTenth)) };
  });
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

function rainIn({ rainSumMm }: LeafHours, from: number, to: number): number {
  return rainSumMm[to]! - (rainSumMm[from - 1] ?? 0);
}

/** Rain of a wet time: by its hours where they were told, else of the days on which a case has it rain in it. */
function rainOfDays(hours: LeafHours, at: WetnessCase, from: number, to: number): number {
  let rainMm = 0;
  for (let day = Math.floor(from / HOURS); day <= Math.floor(to / HOURS); day++) {
    const [first, last] = [Math.max(from, day * HOURS), Math.min(to, day * HOURS + HOURS - 1)];
    const isTold = hours.isRainTold[day] === 1;
    if (isTold) rainMm += rainIn(hours, first, last);
    else if (hours.rains[at].subarray(first, last + 1).includes(1))
      rainMm += rainIn(hours, day * HOURS, day * HOURS + HOURS - 1);
  }
  return rainMm;
}

/** The index from which mildew is said to stand high, and from which it is on its way (Gubler et al. 1999). */
export const INDEX_HIGH = 60,
  INDEX_MODERATE = 40;

function indexRuns(hours: LeafHours): InfectionEvent[] {
  const indices = grapeMildewIndex(
    Array.from({ length: hours.days }, (_, i) => Array.from(dayOf(hours.tempC, i))),
  );
  const runs = runsOf(hours.days, (i) => indices[i]! >= INDEX_MODERATE);
  return runs.map(([first, last]) => {
    const index = Math.max(...indices.slice(first, last + 1));
    return run(hours, first, last, { short: false, middle: index >= INDEX_HIGH, long: true }, index);
  });
}

function dayRuns(hours: LeafHours, daysRunning: number, suits: (day: number) => boolean): InfectionEvent[] {
  return runsOf(hours.days, suits)
    .filter(([first, last]) => last - first + 1 >= daysRunning)
    .map(([first, last]) => run(hours, first, last, { short: false, middle: false, long: true }, null));
}

function run(
  hours: LeafHours,
  first: number,
  last: number,
  infects: ByCase<boolean>,
  index: number | null,
): InfectionEvent {
  const [from, to] = [first * HOURS, last * HOURS + HOURS - 1];
  const within = hours.tempC.subarray(from, to + 1);
  return {
    from,
    to,
    wetHours: byCase((at) => hours.wet[at].subarray(from, to + 1).reduce((sum, wet) => sum + wet, 0)),
    meanC: within.reduce((sum, value) => sum + value, 0) / within.length,
    neededHours: null,
    rainMm: rainIn(hours, from, to),
    infects,
    index,
  };
}

/** First and last day of each stretch of days that suit. */
function runsOf(days: number, suits: (day: number) => boolean): (readonly [number, number])[] {
  const runs: [number, number][] = [];
  for (let i = 0; i < days; i++) {
    if (!suits(i)) continue;
    const before = runs.at(-1);
    if (before && before[1] === i - 1) before[1] = i;
    else runs.push([i, i]);
  }
  return runs;
}

const dayOf = (values: Float64Array, day: number): Float64Array =>
  values.subarray(day * HOURS, (day + 1) * HOURS);

/**
 * Fire blight of blossom (after Steiner): heat above 18.3 °C of 110 °C·h and more since bloom opened (the caller
 * hands days of open bloom only), a day's mean of 15.6 °C and more, and dew or 0.25 mm of rain.
 */
const BLIGHT = { aboveC: 18.3, heatCh: 110, meanC: 15.6, rainMm: 0.25 } as const;

function bloomDays(hours: LeafHours): InfectionEvent[] {
  let heatCh = 0;
  const events: InfectionEvent[] = [];
  for (let i = 0; i < hours.days; i++) {
    const ofDay = dayOf(hours.tempC, i);
    heatCh += ofDay.reduce((sum, value) => sum + Math.max(0, value - BLIGHT.aboveC), 0);
    const meanC = ofDay.reduce((sum, value) => sum + value, 0) / HOURS;
    if (heatCh < BLIGHT.heatCh || meanC < BLIGHT.meanC) continue;
    const rained = rainIn(hours, i * HOURS, i * HOURS + HOURS - 1) >= BLIGHT.rainMm;
    const wetIn = byCase((at) => rained || hours.wet[at].subarray(i * HOURS, (i + 1) * HOURS).includes(1));
    if (wetIn.long) events.push(run(hours, i, i, wetIn, null));
  }
  return events;
}

/** Downy mildew of grapes: the first infection by rain on warm soil, later ones in wet nights. */
const DOWNY = { rainMm: 10, withinDays: 2, leastC: 10, nightC: 11, darkHours: 4, wetCh: 50 } as const;
const NIGHT_JOINS_H = 4;

function downyEvents(hours: LeafHours): InfectionEvent[] {
  const primary = firstSplash(hours);
  if (primary === null) return [];
  const nights = wetSpells(hours.wet.long, hours.tempC, NIGHT_JOINS_H, (primary + 1) * HOURS);
  const infectsAt = ({ from, to, wetHours, meanC }: WetSpell) =>
    meanC > DOWNY.nightC &&
    wetHours * meanC >= DOWNY.wetCh &&
    hours.isDark.subarray(from, to + 1).reduce((sum, dark) => sum + dark, 0) >= DOWNY.darkHours;
  return [
    run(hours, Math.max(0, primary - 1), primary, { short: false, middle: true, long: true }, null),
    ...nights.filter(infectsAt).map((night): InfectionEvent => {
      const spells = byCase((at) =>
        wetSpells(hours.wet[at], hours.tempC, NIGHT_JOINS_H, night.from, night.to).find(infectsAt),
      );
      return {
        from: night.from,
        to: night.to,
        wetHours: byCase((at) => spells[at]?.wetHours ?? 0),
        meanC: night.meanC,
        neededHours: DOWNY.wetCh / night.meanC,
        rainMm: rainIn(hours, night.from, night.to),
        infects: { short: false, middle: spells.middle !== undefined, long: true },
        index: null,
      };
    }),
  ];
}

/** The first day by which 10 mm fell within two days of 10 °C and more; null while there was none. */
function firstSplash(hours: LeafHours): number | null {
  for (let i = 0; i < hours.days; i++) {
    const from = Math.max(0, i - DOWNY.withinDays + 1) * HOURS;
    const within = hours.tempC.subarray(from, (i + 1) * HOURS);
    const meanC = within.reduce((sum, value) => sum + value, 0) / within.length;
    if (meanC >= DOWNY.leastC && rainIn(hours, from, (i + 1) * HOURS - 1) >= DOWNY.rainMm) return i;
  }
  return null;
}
