import { describe, expect, test } from '@jest/globals';
import { infectionEvents, infectionWord, sliceHours, USUAL_CASES, type WetRule } from './index.ts';
import { guessedHours, hoursOf } from './made-hours.ts';

const scab: WetRule = {
  kind: 'wet',
  hours: { table: 'apple-scab' },
  joinWithinHours: 24,
  leastRainMm: 0.2,
  coolAfterC: null,
  spores: 'by-day-while-few',
  mayNeedMoreHours: 0,
  isFlag: false,
};
const curl: WetRule = {
  ...scab,
  hours: { table: 'peach-leaf-curl' },
  leastRainMm: 3,
  coolAfterC: 19,
  spores: 'any-hour',
  joinWithinHours: 4,
};
const MANY = { fewSpores: false },
  FEW = { fewSpores: true };
const wet = (hours: number) => 'w'.repeat(hours);
const dry = (hours: number) => '.'.repeat(hours);
const infected = (rule: WetRule, signs: string, tempC = 12, scene = MANY) =>
  infectionEvents(rule, hoursOf(signs, tempC), scene).map(({ infects }) => infects.middle);

describe('scab by its table', () => {
  test('8.3 hours at 12 °C: nine infect, eight do not', () => {
    expect(infected(scab, dry(6) + wet(9))).toEqual([true]);
    expect(infected(scab, dry(6) + wet(8))).toEqual([false]);
  });

  test('two short wet times within a day add up, dry hours not counted; over a day apart they do not', () => {
    expect(infected(scab, dry(6) + wet(5) + dry(23) + wet(5))).toEqual([true]);
    expect(infected(scab, dry(6) + wet(5) + dry(24) + wet(5))).toEqual([false, false]);
  });

  test('what has infected is joined by nothing: the next wet time is its own', () => {
    expect(infected(scab, dry(6) + wet(10) + dry(8) + wet(10))).toEqual([true, true]);
  });

  test('dew alone begins none, and adds nothing to a rain', () => {
    expect(infected(scab, dry(6) + 'd'.repeat(12))).toEqual([]);
    expect(infected(scab, dry(6) + wet(5) + dry(5) + 'd'.repeat(6))).toEqual([false]);
  });

  test('rain in the dark counts from first light, where little is left of last year', () => {
    // From midnight, light at five: 12 hours wet, 7 of them by day.
    expect(infected(scab, wet(12), 12, MANY)).toEqual([true]);
    expect(infected(scab, wet(12), 12, FEW)).toEqual([false]);
    expect(infected(scab, wet(14), 12, FEW)).toEqual([true]);
  });

  test('below its table nothing infects, however long', () => {
    expect(infected(scab, wet(48), 0.5)).toEqual([false]);
  });
});

describe('other rules', () => {
  test('curl takes 3 mm, 12.5 hours, and cool days after', () => {
    expect(infectionEvents(curl, hoursOf(wet(13) + dry(60), 10, 0.2), MANY)).toEqual([]);
    expect(infected(curl, wet(13) + dry(60), 10)).toEqual([true]);
    expect(infected(curl, wet(12) + dry(60), 10)).toEqual([false]);
    const warmAfter = hoursOf(wet(13) + dry(60), 10);
    warmAfter.tempC.fill(20, 14);
    expect(infectionEvents(curl, warmAfter, MANY)[0]!.infects.middle).toBe(false);
  });

  test('a flag is never surer than possible; dry galls make rust less sure, not less likely', () => {
    const flag = infectionEvents({ ...scab, isFlag: true }, hoursOf(dry(6) + wet(20)), MANY)[0]!;
    expect(infectionWord(flag.infects, USUAL_CASES)).toBe('possible');
    const rust = { ...scab, hours: { table: 'cedar-apple-rust' }, mayNeedMoreHours: 4, joinWithinHours: 4 };
    expect(infectionEvents(rust, hoursOf(dry(6) + wet(6)), MANY)[0]!.infects).toEqual({
      short: false,
      middle: true,
      long: true,
    });
  });

  test('the mildew index rises over days of warmth and runs are told from 40', () => {
    const warm = hoursOf(dry(24 * 6), 25);
    const [run, ...more] = infectionEvents({ kind: 'heat-index' }, warm, MANY);
    expect(more).toEqual([]);
    // 20, 40, 60, 80, 100, 100: from the second day.
    expect(run).toMatchObject({
      from: 24,
      to: 143,
      index: 100,
      infects: { short: false, middle: true, long: true },
    });
    expect(infectionEvents({ kind: 'heat-index' }, hoursOf(dry(96), 15), MANY)).toEqual([]);
  });

  test('mild humid nights: three days running, not two', () => {
    const rule = { kind: 'mild-humid', fromC: 10, toC: 25, humidPercent: 70, daysRunning: 3 } as const;
    const humid = (days: number) => hoursOf('d'.repeat(24 * days) + dry(24), 18);
    expect(infectionEvents(rule, humid(3), MANY)).toHaveLength(1);
    expect(infectionEvents(rule, humid(2), MANY)).toEqual([]);
    expect(infectionEvents(rule, hoursOf('d'.repeat(96), 28), MANY)).toEqual([]);
  });

  test('fire blight asks for heat since bloom opened, a warm day, and wetting', () => {
    // 22 °C: 3.7 °C above 18.3, 88.8 °C·h a day; 110 are reached on the second.
    const signs = (rainOn: number) => dry(24 * rainOn) + wet(2) + dry(24 * (3 - rainOn) - 2);
    const days = (rainOn: number) =>
      infectionEvents({ kind: 'open-bloom' }, hoursOf(signs(rainOn), 22), MANY).map(({ from }) => from / 24);
    expect(days(0)).toEqual([]);
    expect(days(1)).toEqual([1]);
    expect(infectionEvents({ kind: 'open-bloom' }, hoursOf(signs(1), 15), MANY)).toEqual([]);
  });

  test('downy mildew begins with 10 mm on 10 °C, then takes wet nights', () => {
    const rule = { kind: 'splash-then-nights' } as const;
    const splash = wet(10) + dry(38);
    const night = dry(20) + 'd'.repeat(9) + dry(19);
    expect(infectionEvents(rule, hoursOf(splash + night, 15), MANY).map(({ from }) => from)).toEqual([0, 68]);
    expect(infectionEvents(rule, hoursOf(splash, 8), MANY)).toEqual([]);
    expect(infectionEvents(rule, hoursOf(night, 15), MANY)).toEqual([]);
  });

  test('warm humid nights of the rains', () => {
    const rule = { kind: 'warm-nights', leastC: 20, humidPercent: 90, nightsRunning: 3 } as const;
    expect(infectionEvents(rule, hoursOf('d'.repeat(72), 24), MANY)).toHaveLength(1);
    expect(infectionEvents(rule, hoursOf('d'.repeat(72), 19), MANY)).toEqual([]);
  });
});

describe('hours nobody told', () => {
  const told = (signs: { short: string; middle: string; long: string }, tempC: number | number[] = 12) =>
    infectionEvents(scab, guessedHours(signs, tempC), MANY);

  test('one time is told for all cases, each by its own hours', () => {
    const [event, ...more] = told({
      short: dry(14) + wet(3),
      middle: dry(10) + wet(10),
      long: dry(4) + wet(20),
    });
    expect(more).toEqual([]);
    expect(event).toMatchObject({
      from: 4,
      to: 23,
      wetHours: { short: 3, middle: 10, long: 20 },
      infects: { short: false, middle: true, long: true },
      neededHours: expect.closeTo(8.3, 9),
      rainMm: 20,
      index: null,
    });
  });

  test('of two times of a case within a long one, the one that comes nearest counts', () => {
    const long = wet(30);
    const infects = (middle: string) =>
      told({ short: dry(30), middle, long }).map(({ infects: by }) => by.middle);
    // Each is told by itself where nothing joins them: nine hours infect at 12 °C, whichever stands first.
    expect(infects(wet(9) + dry(12) + wet(2) + dry(7))).toEqual([true]);
    expect(infects(wet(2) + dry(12) + wet(9) + dry(7))).toEqual([true]);
    const [none] = told({ short: dry(30), middle: dry(30), long });
    expect(none).toMatchObject({
      wetHours: { short: 0, middle: 0, long: 30 },
      infects: { short: false, middle: false },
    });
  });

  test('the warm part of a long guess may have infected, though all of it is too cold', () => {
    // 12 hours at −10 °C and 12 at 12 °C: 1 °C in the mean, which takes 40.5 h; the warm half takes 8.3.
    const half = [...Array.from({ length: 12 }, () => -10), ...Array.from({ length: 12 }, () => 12)];
    const signs = { short: dry(24), middle: dry(24), long: wet(24) };
    expect(told(signs, half)[0]!.infects).toEqual({ short: false, middle: false, long: true });
    // Nine warm hours are enough, eight are not.
    const warmFor = (hours: number) =>
      Array.from({ length: 24 }, (_, hour) => (hour >= 24 - hours ? 12 : -10));
    expect(told(signs, warmFor(9))[0]!.infects.long).toBe(true);
    expect(told(signs, warmFor(8))[0]!.infects.long).toBe(false);
    // Told by the hour it is what it is.
    const measured = { ...guessedHours(signs, half), basis: ['measured' as const] };
    expect(infectionEvents(scab, measured, MANY)[0]!.infects.long).toBe(false);
  });

  test('rain of a time is that of the days on which a case has it rain', () => {
    const rained = (middle: string) =>
      infectionEvents(curl, guessedHours({ short: middle, middle, long: middle }, 10), MANY).map(
        ({ rainMm }) => rainMm,
      );
    expect(rained(dry(20) + wet(8))).toEqual([8]);
    expect(rained(wet(2) + dry(46))).toEqual([]);
    expect(rained(wet(3) + dry(45))).toEqual([3]);
    // Two millimetres of the day fell before it grew dry for long: they count, for nobody knows their hours.
    expect(rained(wet(2) + dry(10) + wet(4) + dry(8))).toEqual([6, 6]);
  });
});

describe('what is told of an event', () => {
  test('an hour of wet leaves is nobody’s infection; two are told', () => {
    expect(infectionEvents(scab, hoursOf(dry(5) + wet(1)), MANY)).toEqual([]);
    expect(infectionEvents(scab, hoursOf(dry(5) + wet(2)), MANY)).toHaveLength(1);
  });

  test('rain told by the hour is that of its own hours', () => {
    const hours = hoursOf(dry(3) + wet(4) + dry(30) + wet(12), 12, 0.5);
    expect(infectionEvents(scab, hours, MANY).map(({ rainMm, from, to }) => [from, to, rainMm])).toEqual([
      [3, 6, 2],
      [37, 48, 6],
    ]);
  });

  test('curl needs the two days after to stay cool: the last hour of them counts, the one after does not', () => {
    const after = (fill: (tempC: Float64Array) => void) => {
      const hours = hoursOf(wet(13) + dry(80), 10);
      fill(hours.tempC);
      return infectionEvents(curl, hours, MANY)[0]!.infects.middle;
    };
    expect(after((tempC) => tempC.fill(18.9, 13, 61))).toBe(true);
    expect(after((tempC) => tempC.fill(19, 13, 61))).toBe(false);
    expect(after((tempC) => tempC.fill(40, 61))).toBe(true);
    // Wet to the last hour there is: nothing after it is known, and nothing is ruled out.
    expect(infectionEvents(curl, hoursOf(wet(24), 10), MANY)[0]!.infects.middle).toBe(true);
  });

  test('few spores by night matter to scab alone', () => {
    expect(infected({ ...scab, spores: 'any-hour' }, wet(12), 12, FEW)).toEqual([true]);
    // From two in the morning: light at five, three hours do not count.
    expect(infected(scab, dry(2) + wet(11), 12, FEW)).toEqual([false]);
    expect(infected(scab, dry(2) + wet(12), 12, FEW)).toEqual([true]);
  });

  test('runs of humid days tell their hours and their mean, and are never surer than possible', () => {
    const rule = { kind: 'mild-humid', fromC: 18, toC: 18, humidPercent: 98, daysRunning: 3 } as const;
    const hours = hoursOf(dry(24) + 'd'.repeat(72) + dry(24), 18);
    expect(infectionEvents(rule, hours, MANY)).toEqual([
      {
        from: 24,
        to: 95,
        wetHours: { short: 72, middle: 72, long: 72 },
        meanC: 18,
        neededHours: null,
        rainMm: 0,
        infects: { short: false, middle: false, long: true },
        index: null,
      },
    ]);
    expect(infectionEvents({ ...rule, fromC: 19, toC: 25 }, hours, MANY)).toEqual([]);
    expect(infectionEvents({ ...rule, humidPercent: 99 }, hours, MANY)).toEqual([]);
    const nights = { kind: 'warm-nights', leastC: 18, humidPercent: 98, nightsRunning: 3 } as const;
    expect(infectionEvents(nights, hours, MANY)).toHaveLength(1);
    expect(infectionEvents({ ...nights, humidPercent: 99 }, hours, MANY)).toEqual([]);
  });

  test('two runs parted by a day are two', () => {
    const rule = { kind: 'mild-humid', fromC: 10, toC: 25, humidPercent: 70, daysRunning: 3 } as const;
    const humid = 'd'.repeat(72);
    expect(
      infectionEvents(rule, hoursOf(humid + dry(24) + humid, 18), MANY).map(({ from, to }) => [from, to]),
    ).toEqual([
      [0, 71],
      [96, 167],
    ]);
  });

  test('a mildew index of 40 is on its way, from 60 it stands high', () => {
    // Four days of 20 each: 20, 40, then cool days take 10 each.
    const run = (warmDays: number) => {
      const hours = hoursOf(dry(24 * (warmDays + 6)), 25);
      hours.tempC.fill(10, warmDays * 24);
      return infectionEvents({ kind: 'heat-index' }, hours, MANY)[0]!;
    };
    expect(run(3)).toMatchObject({ index: 60, infects: { middle: true } });
    expect(run(2)).toMatchObject({ index: 40, infects: { middle: false, long: true } });
  });
});

test('the first warm rain may let mildew spores go: 2.5 mm on a day of 10 °C', () => {
  const told = (signs: string, tempC: number, rainAnHourMm: number) =>
    infectionEvents({ kind: 'heat-index' }, hoursOf(signs, tempC, rainAnHourMm), MANY);
  const signs = dry(30) + wet(5) + dry(37) + wet(10);
  expect(told(signs, 10, 0.5)).toMatchObject([
    { from: 24, to: 47, rainMm: 2.5, index: null, infects: { short: false, middle: false, long: true } },
  ]);
  expect(told(dry(30) + wet(5), 10, 0.4)).toEqual([]);
  expect(told(signs, 9.9, 0.5)).toEqual([]);
  // Before the days on which its index stands, and after where the rain came later.
  expect(told(dry(72) + wet(5) + dry(19), 25, 0.5).map(({ from, index }) => [from, index])).toEqual([
    [24, 80],
    [72, null],
  ]);
});

describe('fire blight on its four', () => {
  const days = (signs: string, tempC: number, rainAnHourMm = 1) =>
    infectionEvents({ kind: 'open-bloom' }, hoursOf(signs, tempC, rainAnHourMm), MANY).map(({ from, to }) => [
      from,
      to,
    ]);

  test('110 °C·h above 18.3 °C, a mean of 15.6 °C, and a quarter of a millimetre or dew', () => {
    // 23 °C gives 112.8 °C·h a day.
    expect(days(wet(1) + dry(23), 23, 0.25)).toEqual([[0, 23]]);
    expect(days('d' + dry(23), 23)).toEqual([[0, 23]]);
    expect(days(dry(24), 23)).toEqual([]);
    // 22.8 °C gives 108: not before the second day.
    expect(days('d'.repeat(48), 22.8)).toEqual([[24, 47]]);
    const cooler = hoursOf('d'.repeat(72), 23);
    cooler.tempC.fill(15.5, 24, 48);
    cooler.tempC.fill(15.7, 48);
    expect(infectionEvents({ kind: 'open-bloom' }, cooler, MANY).map(({ from }) => from)).toEqual([0, 48]);
  });
});

describe('downy mildew of grapes', () => {
  const rule = { kind: 'splash-then-nights' } as const;
  const splash = wet(10) + dry(38);
  const nights = (dewHours: number, tempC: number) =>
    infectionEvents(rule, hoursOf(splash + dry(20) + 'd'.repeat(dewHours) + dry(28 - dewHours), tempC), MANY);

  test('the first takes 10 mm within two days, and no less', () => {
    const first = (signs: string, tempC = 15) =>
      infectionEvents(rule, hoursOf(signs, tempC), MANY).map(({ from, to }) => [from, to]);
    expect(first(wet(5) + dry(19) + wet(5) + dry(19))).toEqual([[0, 47]]);
    expect(first(wet(5) + dry(43) + wet(5) + dry(19))).toEqual([]);
    expect(first(wet(9) + dry(39))).toEqual([]);
    expect(first(splash, 9.9)).toEqual([]);
    expect(first(splash, 10)).toEqual([[0, 23]]);
  });

  test('later ones take 50 wet °C·h, four dark hours, and more than 11 °C', () => {
    expect(nights(4, 12.5)).toHaveLength(2);
    expect(nights(4, 12.4)).toHaveLength(1);
    expect(nights(9, 11)).toHaveLength(1);
    expect(nights(9, 11.1)[1]).toMatchObject({
      from: 68,
      to: 76,
      wetHours: { short: 9, middle: 9, long: 9 },
      meanC: expect.closeTo(11.1, 9),
      neededHours: expect.closeTo(50 / 11.1, 9),
      infects: { short: false, middle: true, long: true },
    });
    const byDay = splash + dry(8) + 'd'.repeat(9) + dry(31);
    expect(infectionEvents(rule, hoursOf(byDay, 20), MANY)).toHaveLength(1);
  });

  test('a night wet in the long guess alone is possible, no more', () => {
    const night = dry(20) + 'd'.repeat(9) + dry(19);
    const hours = guessedHours({ short: splash, middle: splash, long: splash + night }, 15);
    expect(infectionEvents(rule, hours, MANY)[1]).toMatchObject({
      wetHours: { short: 0, middle: 0, long: 9 },
      infects: { short: false, middle: false, long: true },
    });
  });
});

test('a slice holds its days and no others', () => {
  const hours = hoursOf(dry(24) + wet(24) + dry(24));
  const one = sliceHours(hours, 1, 1);
  expect([one.days, one.wet.middle.length, one.wet.middle.every(Boolean)]).toEqual([1, 24, true]);
  expect(sliceHours(hours, 5, 9).days).toBe(0);
});
