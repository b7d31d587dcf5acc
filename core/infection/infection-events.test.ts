import { describe, expect, test } from '@jest/globals';
import { infectionEvents, infectionWord, sliceHours, USUAL_CASES, type WetRule } from './index.ts';
import { hoursOf } from './made-hours.ts';

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
  const curl: WetRule = {
    ...scab,
    hours: { table: 'peach-leaf-curl' },
    leastRainMm: 3,
    coolAfterC: 19,
    spores: 'any-hour',
    joinWithinHours: 4,
  };

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

test('a slice holds its days and no others', () => {
  const hours = hoursOf(dry(24) + wet(24) + dry(24));
  const one = sliceHours(hours, 1, 1);
  expect([one.days, one.wet.middle.length, one.wet.middle.every(Boolean)]).toEqual([1, 24, true]);
  expect(sliceHours(hours, 5, 9).days).toBe(0);
});
