import { describe, expect, test } from '@jest/globals';
import { addDays, dayNumber, daysInYear } from '#core/calendar';
import type { DegreeDayModel } from '#core/degree-days';
import { type WeatherDay } from '#core/weather';
import { simulateDays } from '#simulated';
import {
  carryOf,
  ensembleQuantile,
  eventState,
  indicatorOpinions,
  startOfClock,
  pastSpread,
  projectCrossing,
  seasonEnsemble,
  type TimedEvent,
} from './index.ts';

const MODEL: DegreeDayModel = { lowerC: 10, upperC: null, method: 'single-sine', cutoff: 'none' };
/** A season in which every day brings the same heat: 10 + `heatCd` all day long. */
const steady = (heatCd: number, days = 365) =>
  Array.from({ length: days }, () => ({ minC: 10 + heatCd, maxC: 10 + heatCd }));

describe('a crossing worked by hand', () => {
  // 10 measured days of 2, 5 forecast days of 4, and past years bringing 1 to 5 a day.
  const ensemble = seasonEnsemble({
    start: '2026-01-01',
    measured: steady(2, 10),
    forecast: steady(4, 5),
    pastSeasons: [1, 2, 3, 4, 5].map((heat) => steady(heat)),
    model: MODEL,
  });

  test('what the thermometer has passed is known to the day', () => {
    expect(projectCrossing(ensemble, 20)).toEqual({ kind: 'reached', on: '2026-01-10' });
  });

  test('the rest is the spread of the members, with its heat told apart', () => {
    const projection = projectCrossing(ensemble, 100);
    // The middle member keeps to the forecast (20 + 20 by day 15), then 3 a day: 60 more take 20 days.
    expect(projection).toMatchObject({ kind: 'expected', median: '2026-02-04' });
    if (projection.kind !== 'expected') throw new Error('unreachable');
    expect(projection.shares.measured).toBeCloseTo(0.2, 12);
    expect(projection.shares.forecast).toBeCloseTo(0.2, 12);
    expect(projection.shares.pastYears).toBeCloseTo(0.6, 12);
    expect(projection.early < projection.median && projection.median < projection.late!).toBe(true);
  });

  test('members agree through the measured days and part within the forecast', () => {
    const at = (day: number) => ensemble.members.map((sums) => sums[day]!);
    expect(new Set(at(9)).size).toBe(1);
    // First forecast day: departures −2..2 times √(1/18).
    expect(at(10)[0]).toBeCloseTo(20 + 4 - 2 * Math.sqrt(1 / 18), 12);
    expect(at(10)[4]).toBeCloseTo(20 + 4 + 2 * Math.sqrt(1 / 18), 12);
  });

  test('a sum no year reaches is said to be unlikely, and four years say nothing', () => {
    expect(projectCrossing(ensemble, 5000)).toEqual({ kind: 'unlikely-this-season', shareOfYears: 0 });
    const short = seasonEnsemble({
      start: '2026-01-01',
      measured: [],
      forecast: [],
      pastSeasons: [1, 2, 3, 4].map((h) => steady(h)),
      model: MODEL,
    });
    expect(projectCrossing(short, 50)).toEqual({ kind: 'too-few-years', years: 4 });
  });

  test('a clock of its own counts from what started it, and waits until something does', () => {
    const event: TimedEvent = {
      id: 'w',
      targetId: 't',
      kind: 'window',
      generation: 1,
      stage: 'crawlers',
      fromCd: 6,
      toCd: 60,
      published: '',
      model: MODEL,
      grade: 'B',
      start: { kind: 'first-males' },
      sourceIds: [],
    };
    // Two °C·days a day: from 6 January three days make six.
    expect(eventState(event, ensemble, { on: '2026-01-06', by: 'trap' })).toMatchObject({
      phase: 'open',
      opens: { kind: 'reached', on: '2026-01-08' },
      shareOfWay: 10 / 6,
    });
    expect(eventState(event, ensemble, null)).toMatchObject({
      phase: 'ahead',
      opens: { kind: 'not-started' },
      shareOfWay: 0,
    });
  });

  test('a milder winter widens a date on both sides, and a frostless one refuses it', () => {
    const event: TimedEvent = {
      id: 'f',
      targetId: 't',
      kind: 'first',
      generation: 1,
      stage: 'crawlers',
      fromCd: 100,
      toCd: 100,
      published: '',
      model: MODEL,
      grade: 'B',
      start: { kind: 'season' },
      sourceIds: [],
    };
    const started = { on: '2026-01-01', by: 'calendar' } as const;
    const [usual, wider] = [
      eventState(event, ensemble, started),
      eventState(event, ensemble, started, 'wider'),
    ].map(({ opens }) => opens);
    if (usual?.kind !== 'expected' || wider?.kind !== 'expected') throw new Error('unreachable');
    expect(wider.median).toBe(usual.median);
    expect(wider.early < usual.early && wider.late! > usual.late!).toBe(true);
    expect([carryOf(-6), carryOf(5), carryOf(11), carryOf(null)]).toEqual([
      'as-published',
      'wider',
      'refused',
      'as-published',
    ]);
  });

  test('a window is ahead, open, then over', () => {
    const event = (fromCd: number, toCd: number): TimedEvent => ({
      id: 'w',
      targetId: 't',
      kind: 'window',
      generation: 1,
      stage: 'crawlers',
      fromCd,
      toCd,
      published: '',
      model: MODEL,
      grade: 'B',
      start: { kind: 'season' },
      sourceIds: [],
    });
    const started = { on: '2026-01-01', by: 'calendar' } as const;
    expect(eventState(event(30, 60), ensemble, started)).toMatchObject({
      phase: 'ahead',
      shareOfWay: 20 / 30,
    });
    expect(eventState(event(15, 60), ensemble, started).phase).toBe('open');
    expect(eventState(event(5, 15), ensemble, started)).toMatchObject({
      phase: 'over',
      closes: { kind: 'reached', on: '2026-01-08' },
    });
  });
});

describe('what starts a clock', () => {
  const signs = {
    stages: [{ stage: 'bloom-start', on: '2026-05-09' }],
    sightings: [
      { what: 'first-mines', on: '2026-05-20' },
      { what: 'first-mines', on: '2025-06-01' },
    ],
    catches: [
      { catches: 'males' as const, putOn: '2026-04-01', takenOff: '2026-04-08', caught: 1 },
      { catches: 'males' as const, putOn: '2026-04-08', takenOff: '2026-04-15', caught: 0 },
      { catches: 'males' as const, putOn: '2026-04-15', takenOff: '2026-04-22', caught: 3 },
      { catches: 'males' as const, putOn: '2026-04-22', takenOff: '2026-04-29', caught: 9 },
      { catches: 'crawlers' as const, putOn: '2026-05-13', takenOff: '2026-05-20', caught: 2 },
    ],
  };
  test.each([
    [{ kind: 'season' }, '2026-01-01', 'calendar'],
    [{ kind: 'date', monthDay: '03-01' }, '2026-03-01', 'calendar'],
    [{ kind: 'stage', stage: 'bloom-start' }, '2026-05-09', 'stage'],
    // A lone male is no steady catch; the two trappings that follow each other are.
    [{ kind: 'first-males' }, '2026-04-18', 'trap'],
    [{ kind: 'first-crawlers' }, '2026-05-16', 'tape'],
    [{ kind: 'first-mines' }, '2026-05-20', 'seen'],
  ] as const)('%j is %s', (start, on, by) => {
    expect(startOfClock(start, '2026-01-01', '2026-05-29', signs)).toEqual({ on, by });
  });

  test('29 February starts it on the last day of February in any year', () => {
    const leapDay = { kind: 'date', monthDay: '02-29' } as const;
    expect(startOfClock(leapDay, '2026-01-01', '2026-05-29', signs)?.on).toBe('2026-02-28');
    expect(startOfClock(leapDay, '2028-01-01', '2028-05-29', signs)?.on).toBe('2028-02-29');
    expect(startOfClock(leapDay, '2026-07-01', '2027-05-29', signs)?.on).toBe('2027-02-28');
    expect(startOfClock(leapDay, '2028-01-01', '2028-02-28', signs)).toBeNull();
  });

  test('nothing seen, or a date still ahead, starts none; a sighting stands above the trap', () => {
    expect(startOfClock({ kind: 'date', monthDay: '07-01' }, '2026-01-01', '2026-05-29', signs)).toBeNull();
    expect(
      startOfClock({ kind: 'first-males' }, '2026-01-01', '2026-05-29', { ...signs, catches: [] }),
    ).toBeNull();
    expect(
      startOfClock({ kind: 'first-males' }, '2026-01-01', '2026-05-29', {
        ...signs,
        sightings: [{ what: 'first-males', on: '2026-04-10' }],
      }),
    ).toEqual({ on: '2026-04-10', by: 'seen' });
    expect(startOfClock({ kind: 'date', monthDay: '03-01' }, '2025-07-01', '2026-05-29', signs)).toEqual({
      on: '2026-03-01',
      by: 'calendar',
    });
  });
});

test('a bloom moves an event by as much heat as the plant itself was early or late', () => {
  const ensemble = seasonEnsemble({
    start: '2026-01-01',
    measured: steady(2, 60),
    forecast: [],
    pastSeasons: Array.from({ length: 5 }, () => steady(2)),
    model: MODEL,
  });
  const event: TimedEvent = {
    id: 'f',
    targetId: 't',
    kind: 'first',
    generation: 1,
    stage: 'crawlers',
    fromCd: 150,
    toCd: 150,
    published: '',
    model: MODEL,
    grade: 'B',
    start: { kind: 'season' },
    sourceIds: [],
  };
  // Published at 60; here it bloomed on the 51st day with 100 before it: 40 later, so the event is laid
  // at 190.
  const [opinion] = indicatorOpinions(event, ensemble, [
    { indicator: { hostId: 'lilac', name: 'Lilac', bloomCd: 60 }, on: '2026-02-20' },
  ]);
  expect(opinion).toMatchObject({
    heatThenCd: 100,
    aheadCd: 40,
    opens: { kind: 'expected', median: addDays('2026-01-01', 94) },
  });
  expect(indicatorOpinions({ ...event, start: { kind: 'first-males' } }, ensemble, [])).toEqual([]);
});

test('quantiles sit at rank p(n+1) and never leave the members', () => {
  const nine = [1, 2, 3, 4, 5, 6, 7, 8, 9];
  expect([0.1, 0.5, 0.9].map((p) => ensembleQuantile(nine, p))).toEqual([1, 5, 9]);
  expect(ensembleQuantile([4, 8], 0.5)).toBe(6);
  expect(ensembleQuantile([4, 8], 0.01)).toBe(4);
  expect(ensembleQuantile([4, Infinity], 0.9)).toBe(Infinity);
  expect(
    pastSpread(
      [
        [1, 2],
        [3, 6],
        [5, 4],
      ],
      3,
    ).map((p) => p.median),
  ).toEqual([3, 4, 4]);
});

test('over 240 generated years the 80 % range holds the truth about four times in five', () => {
  const climate = {
    meanC: 8,
    seasonalC: 14,
    coldestDay: 18,
    dailyRangeWinterC: 8,
    dailyRangeSummerC: 12,
    spreadWinterC: 5,
    spreadSummerC: 3,
    persistence: 0.7,
    wetAfterDry: 0.25,
    wetAfterWet: 0.45,
    rainPerWetDayMm: 7,
    windMeanMs: 2.4,
  };
  const all = simulateDays(climate, 99, '1700-01-01', '1955-12-31');
  const firstDay = dayNumber('1700-01-01');
  const season = (year: number): WeatherDay[] => {
    const from = dayNumber(`${year}-01-01`) - firstDay;
    return all.slice(from, from + daysInYear(year));
  };
  for (const daysBefore of [45, 14]) {
    let held = 0,
      asked = 0;
    for (let year = 1716; year <= 1955; year++) {
      const truth = season(year);
      const whole = seasonEnsemble({
        start: `${year}-01-01`,
        measured: truth,
        forecast: [],
        pastSeasons: [],
        model: MODEL,
      });
      const reached = projectCrossing(whole, 225.6);
      if (reached.kind !== 'reached') continue;
      const cut = dayNumber(reached.on) - dayNumber(`${year}-01-01`) - daysBefore;
      const guess = projectCrossing(
        seasonEnsemble({
          start: `${year}-01-01`,
          measured: truth.slice(0, cut),
          forecast: [],
          pastSeasons: Array.from({ length: 15 }, (_, i) => season(year - 15 + i)),
          model: MODEL,
        }),
        225.6,
      );
      if (guess.kind !== 'expected') throw new Error(`no projection in ${year}`);
      asked++;
      if (guess.early <= reached.on && reached.on <= (guess.late ?? addDays(reached.on, 1))) held++;
    }
    expect(asked).toBeGreaterThan(230);
    expect(held / asked).toBeGreaterThan(0.75);
    expect(held / asked).toBeLessThan(0.9);
  }
});
