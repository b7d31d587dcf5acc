import { describe, expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import type { Plant, Watch } from '#core/records';
import type { WeatherDay } from '#core/weather';
import { bandAnswer } from './band-answer.ts';
import { clockAnswer } from './clock-answer.ts';
import { futuresMaterial } from './futures-material.ts';
import { gardenDay } from './garden-day.ts';
import { gardenHatch } from './garden-hatch.ts';
import type { GardenState } from './garden-state.ts';
import {
  daysAlike,
  madeGarden,
  outdoors,
  plantOf,
  productOf,
  sprayOf,
  STATION,
  tapeOn,
  watchOn,
} from './made-garden.ts';
import { pictureOf } from './watch-pictures.ts';

/**
 * Every year alike: frost and no heat to the end of March, then 10 to 20 °C, which is 5 °C·days a day above 10 °C,
 * to the end of October. So every date can be worked out by hand.
 */
const warm = (date: CivilDate) => date.slice(5) >= '04-01' && date.slice(5) < '11-01';
const years = (from: CivilDate, to: CivilDate): WeatherDay[] =>
  daysAlike(from, 4000)
    .filter(({ date }) => date < to)
    .map((day) => (warm(day.date) ? { ...day, minC: 10, maxC: 20 } : { ...day, minC: -6, maxC: 2 }));
const TODAY: CivilDate = '2026-05-20';
const HEDGE = plantOf('Hedge', 'spindle');
const SCALE = watchOn(HEDGE, 'euonymus-scale', { openedOn: '2024-03-01' });

interface Asked {
  readonly today?: CivilDate;
  readonly plant?: Plant;
  readonly watch?: Watch;
  readonly from?: CivilDate;
  readonly latitudeDeg?: number;
}

function opened(said: Partial<GardenState> = {}, asked: Asked = {}) {
  const { today = TODAY, plant = HEDGE, watch = SCALE, from = '2019-01-01', latitudeDeg = 45 } = asked;
  const day = gardenDay(
    madeGarden(
      {
        plants: [plant],
        watches: [watch],
        days: { [STATION]: years(from, today) },
        forecasts: { [STATION]: daysAlike(today, 5, { minC: 10, maxC: 20 }) },
        ...said,
      },
      { latitudeDeg },
    ),
    today,
  );
  return { day, picture: pictureOf(day, watch.id)! };
}
const clock = (said?: Partial<GardenState>, asked?: Asked, choice = {}) => {
  const { day, picture } = opened(said, asked);
  return clockAnswer(day, picture, choice);
};

describe('the clock of a published sum', () => {
  test('counts 5 °C·days a day from April, and follows the forecast on', () => {
    const { measured, forecast, start, today, started, model } = clock();
    expect([start, today, started]).toEqual(['2026-01-01', TODAY, { on: '2026-01-01', by: 'calendar' }]);
    expect(measured).toHaveLength(139);
    expect(measured[89]).toBe(0);
    expect(measured.at(-1)).toBeCloseTo(49 * 5, 9);
    expect(forecast.map(Math.round)).toEqual([250, 255, 260, 265, 270]);
    expect(model).toMatchObject({ lowerC: 10, method: 'single-sine' });
    expect(clock({}, {}, { method: 'average' }).model.method).toBe('average');
  });

  test('first hatch at 406 °F·days is 46 warm days, the window of 533 to 820 is 60 to 92', () => {
    const { events, futures, pastSeasons, carry, hasColdSeason } = clock();
    const at = (id: (event: { kind: string; generation: number }) => boolean) =>
      events.find(({ event }) => id(event))!;
    const first = at(({ kind, generation }) => kind === 'first' && generation === 1);
    expect([first.phase, first.opens]).toEqual(['over', { kind: 'reached', on: '2026-05-16' }]);
    const window = at(({ kind, generation }) => kind === 'window' && generation === 1);
    expect(window.phase).toBe('ahead');
    expect(window.opens).toMatchObject({
      kind: 'expected',
      median: '2026-05-30',
      early: '2026-05-30',
      late: '2026-05-30',
    });
    expect(window.closes).toMatchObject({ median: '2026-07-01' });
    expect([futures, pastSeasons, carry, hasColdSeason]).toEqual([
      'past-years',
      ['2019', '2020', '2021', '2022', '2023', '2024', '2025'],
      'as-published',
      true,
    ]);
  });

  test('past years are told day by day', () => {
    const { spread } = clock();
    expect(spread).toHaveLength(365);
    // The seven years differ by the leap days only.
    expect(Math.abs(spread[138]!.median - 245)).toBeLessThanOrEqual(5);
  });

  test('a start by event counts what comes after it, and nothing before', () => {
    const males = { id: 'c', startKind: 'date', startValue: '05-01' } as never;
    const { measured, started } = clock({ clocks: [{ ...(males as object), id: SCALE.id } as never] });
    expect(started).toMatchObject({ on: '2026-05-01' });
    // 1 to 19 May: nineteen warm days; all of April is left out.
    expect(measured.at(-1)).toBeCloseTo(19 * 5, 9);
    expect(measured[119]).toBe(0);
  });

  test('with too few years, or none, says where its futures come from', () => {
    expect(clock({}, { from: '2026-01-01' })).toMatchObject({ futures: 'none', pastSeasons: [], spread: [] });
    const normals = Array.from({ length: 12 }, (_, month) => ({
      month: month + 1,
      minC: month >= 3 && month < 10 ? 10 : -6,
      maxC: month >= 3 && month < 10 ? 20 : 2,
      rainMm: 50,
      rainDays: 8,
      daySpreadC: null,
    })) as never;
    expect(clock({ normals }, { from: '2026-01-01' }).futures).toBe('usual-months');
    expect(clock({ days: {}, forecasts: {} }).events).toEqual([]);
  });

  test('tells of gaps, guesses, neighbours and tapes', () => {
    const gap = years('2019-01-01', TODAY).filter(({ date }) => date !== '2026-04-10');
    expect(clock({ days: { [STATION]: gap } })).toMatchObject({
      filled: [{ from: '2026-04-10', to: '2026-04-10' }],
      refused: [],
      guessedDays: 0,
      stoodInDays: 0,
      borrowedFrom: null,
    });
    const late = years('2019-01-01', TODAY).filter(({ date }) => date < '2026-01-01' || date >= '2026-03-01');
    expect(clock({ days: { [STATION]: late } }).guessedDays).toBe(59);
    const bare = { ...outdoors({ id: 'bare', name: 'Bare', stationId: null }) };
    const there = { ...HEDGE, placeId: 'bare' };
    expect(clock({ places: [outdoors(), bare] }, { plant: there })).toMatchObject({
      borrowedFrom: 'Out',
      carry: 'wider',
    });
    const soap = productOf('soap');
    const { tapes, sprayedOn } = clock({
      products: [soap],
      tapes: [{ ...tapeOn(SCALE, '2026-05-18', 30), putOn: '2026-05-08' }],
      sprays: [sprayOf(SCALE, '2025-06-01', [soap]), sprayOf(SCALE, '2026-05-19', [soap])],
    });
    expect(tapes).toEqual([{ putOn: '2026-05-08', takenOff: '2026-05-18', crawlers: 30, perWeek: 21 }]);
    expect(sprayedOn).toEqual(['2026-05-19']);
  });

  test('a bloom logged on a plant of the list speaks beside the thermometer', () => {
    const lilac = plantOf('Lilac', 'lilac');
    const bloom = (on: CivilDate, stage = 'bloom-start', plant = lilac) =>
      clock({
        plants: [HEDGE, lilac],
        growth: [{ id: 'g', plantId: plant.id, on, stage, note: '' } as never],
      }).opinions.length;
    expect(bloom('2026-05-15')).toBe(1);
    expect(bloom('2025-05-15')).toBe(0);
    expect(bloom('2026-05-15', 'bud-swell')).toBe(0);
    expect(bloom('2026-05-15', 'bloom-start', HEDGE)).toBe(0);
  });

  test('usual months that are over are not told', () => {
    const usual = clock({}, { today: '2026-12-01' }).usual;
    expect(usual.every(({ to }) => to >= '2026-12-01')).toBe(true);
    expect(usual.length).toBeGreaterThan(0);
  });

  test('a miner of flushes counts rounds from its first mines', () => {
    const lemon = plantOf('Lemon', 'lemon');
    const miner = watchOn(lemon, 'citrus-leaf-miner');
    const asked = { plant: lemon, watch: miner };
    const round = (on: CivilDate) =>
      clock({ sightings: [{ id: 's', watchId: miner.id, on, what: 'first-mines' }] }, asked).round;
    const early = round('2026-04-01')!;
    // 10 to 20 °C is 3.4 °C·days a day above 12.1 °C: about sixty days a round.
    expect(early.roundCd).toBeCloseTo(206, 0);
    expect(early.roundsPassed).toBe(0);
    expect(early.eggToday.kind).toBe('expected');
    expect(clock().round).toBeNull();
  });

  test('what a worker needs to draw futures: days without their dates, and the climate of the years', () => {
    const { day, picture } = opened();
    const material = futuresMaterial(day, picture);
    expect(material).toMatchObject({ start: '2026-01-01', end: '2026-12-31', fittedToYears: 7 });
    expect([material.measured.length, material.forecast.length]).toEqual([139, 5]);
    expect(material.measured[100]).toEqual({ minC: 10, maxC: 20 });
    expect(material.normals).not.toBeNull();
    const few = opened({}, { from: '2024-01-01' });
    expect(futuresMaterial(few.day, few.picture)).toMatchObject({ fittedToYears: 0, normals: null });
  });
});

describe('the band', () => {
  const band = (said?: Partial<GardenState>, asked?: Asked) => bandAnswer(opened(said, asked).day);
  const bars = (said?: Partial<GardenState>, asked?: Asked) =>
    band(said, asked).bars.map(({ what, from, to, state }) => [what.kind, from, to, state]);

  test('is the season with its stages, heat and spread', () => {
    const answer = band();
    expect(answer).toMatchObject({ start: '2026-01-01', days: 365, today: TODAY, noDormantSeason: false });
    expect(answer.stages!.map(({ stage }) => stage)).toContain('dormant');
    expect(answer.heat).toHaveLength(139);
    expect(answer.heat.at(-1)).toBeCloseTo(245, 9);
    expect(answer.spread).toHaveLength(365);
    expect(band({ places: [outdoors({ kind: 'sunroom' })] })).toMatchObject({
      stages: null,
      heat: [],
      spread: [],
      noDormantSeason: false,
    });
    expect(band({}, { from: '2026-01-01' })).toMatchObject({
      stages: null,
      spread: [],
      noDormantSeason: false,
    });
    expect(
      band({ days: { [STATION]: daysAlike('2019-01-01', 2690, { minC: 12, maxC: 22 }) } }).noDormantSeason,
    ).toBe(true);
  });

  test('windows stand where they open and close; soon from three weeks before', () => {
    expect(bars()).toContainEqual(['window', '2026-05-30', '2026-07-01', 'soon']);
    expect(bars({}, { today: '2026-05-09' })).toContainEqual(['window', '2026-05-30', '2026-07-01', 'soon']);
    expect(bars({}, { today: '2026-05-08' })).toContainEqual(['window', '2026-05-30', '2026-07-01', 'later']);
    expect(bars({}, { today: '2026-06-05' })).toContainEqual(['window', '2026-05-30', '2026-07-01', 'open']);
    expect(bars({}, { today: '2026-07-10' })).toContainEqual(['window', '2026-05-30', '2026-07-01', 'over']);
  });

  test('by the usual months alone nothing is open', () => {
    const usual = bars({ days: {}, forecasts: {} }, { today: '2026-06-01' }).filter(
      ([kind]) => kind === 'window',
    );
    expect(usual.length).toBeGreaterThan(0);
    expect(usual.map(([, , , state]) => state).every((state) => state === 'later' || state === 'over')).toBe(
      true,
    );
  });

  test('sprays of this season stand as done, three days wide', () => {
    const soap = productOf('soap');
    const sprays = ['2025-12-31', '2026-01-01', '2026-05-10'].map((on) => sprayOf(SCALE, on, [soap]));
    expect(bars({ sprays, products: [soap] }).filter(([kind]) => kind === 'sprayed')).toEqual([
      ['sprayed', '2026-01-01', '2026-01-03', 'done'],
      ['sprayed', '2026-05-10', '2026-05-12', 'done'],
    ]);
  });

  test('the winter spray that is still to come stands there, and is cut off at the season', () => {
    const winter = (today: CivilDate, growth: GardenState['growth'] = []) =>
      band({ growth }, { today }).bars.filter(({ what }) => what.kind === 'winter');
    const [coming] = winter('2026-02-01');
    expect(coming).toMatchObject({
      watchId: SCALE.id,
      state: 'later',
      what: { kind: 'winter', plantName: 'Hedge', spray: 'oil' },
    });
    expect(coming!.from >= '2026-01-01').toBe(true);
    expect(winter(addDays(coming!.from, 1))[0]!.state).toBe('open');
    expect(winter('2026-06-20')).toEqual([]);
  });

  test('what is closed, gone or over the fence has no bars', () => {
    const none = (plant: Partial<Plant>, watch: Partial<Watch> = {}) =>
      bars({}, { plant: { ...HEDGE, ...plant }, watch: { ...SCALE, ...watch } }).filter(
        ([kind]) => kind === 'window',
      );
    expect(none({}).length).toBeGreaterThan(0);
    expect(none({ retiredOn: '2026-02-01' })).toEqual([]);
    expect(none({ outOfReach: true })).toEqual([]);
    expect(none({}, { outcome: 'closed', outcomeOn: '2026-03-01' })).toEqual([]);
  });

  test('a soft flush, and the flight of a miner, are windows of their own', () => {
    const lemon = plantOf('Lemon', 'lemon');
    const miner = watchOn(lemon, 'citrus-leaf-miner');
    const growth = [
      { id: 'g', plantId: lemon.id, on: '2026-05-10', stage: 'flush-start', note: '' } as never,
    ];
    const flush = bars({ growth }, { plant: lemon, watch: miner }).find(([kind]) => kind === 'flush')!;
    expect([flush[1], flush[3]]).toEqual(['2026-05-10', 'open']);
    const box = plantOf('Box', 'boxwood');
    // 249 to 440 °F·days: 28 and 49 warm days.
    expect(
      bars({}, { plant: box, watch: watchOn(box, 'boxwood-leaf-miner'), today: '2026-05-01' }),
    ).toContainEqual(['window', '2026-04-28', '2026-05-19', 'open']);
  });
});

describe("the garden's own hatch", () => {
  const hatch = (said: Partial<GardenState>, asked?: Asked) => {
    const { day, picture } = opened(said, asked);
    return gardenHatch(day, picture);
  };
  /** A hatch that is half out on 25 May, in weekly tapes from 4 May on. */
  const season = (year: number) =>
    [0, 6, 40, 90, 40, 6, 0].map((crawlers, week) =>
      tapeOn(SCALE, addDays(`${year}-05-11`, 7 * week), crawlers),
    );

  test('is the book alone where no tape was read', () => {
    const { seasons, book, first, half, firstOn, halfOn, bookOn, withoutWeather } = hatch({});
    expect(seasons).toEqual([]);
    expect(book).toMatchObject({ kind: 'first', generation: 1, stage: 'crawlers' });
    expect(first).toMatchObject({ gardenShare: 0, valueCd: book!.fromCd });
    expect([half, halfOn, withoutWeather]).toEqual([null, null, 0]);
    expect([firstOn!.kind, bookOn!.kind]).toEqual(['reached', 'reached']);
  });

  test('fits each season by the heat of its own days, and blends like with like', () => {
    const tapes = [...season(2024), ...season(2025)];
    const { seasons, first, half, bookOn, halfOn, firstOn } = hatch({ tapes }, { today: '2026-04-20' });
    expect(seasons.map(({ season: { name } }) => name)).toEqual(['2024', '2025']);
    const [, last] = seasons;
    expect(last!.counts).toHaveLength(7);
    // Put up on 4 May: 33 warm days before it; taken off on 11 May.
    expect(last!.counts[0]).toMatchObject({
      putOn: '2025-05-04',
      takenOff: '2025-05-11',
      fromCd: 165,
      toCd: 200,
      count: 0,
    });
    const fit = last!.fit as { half: { valueCd: number }; caught: number };
    expect(fit.caught).toBe(182);
    // The middle of the highest week: 29 May, 58 warm days, in the book nobody's figure.
    expect(Math.abs(fit.half.valueCd - 287.5)).toBeLessThan(8);
    expect(first!.gardenShare).toBeGreaterThan(0.5);
    expect(half!.lowCd < fit.half.valueCd && fit.half.valueCd < half!.highCd).toBe(true);
    expect([bookOn!.kind, firstOn!.kind]).toEqual(['expected', 'expected']);
    if (halfOn?.kind !== 'expected') throw new Error('half out is expected');
    // 287 °C·days are 58 warm days: about 28 May, with the doubt of its heat about it.
    expect(Math.abs(Number(halfOn.median.slice(8)) - 28)).toBeLessThanOrEqual(2);
    expect(halfOn.early < halfOn.median && halfOn.median < halfOn.late!).toBe(true);
  });

  test('leaves out seasons of which no weather is kept, and says how many tapes', () => {
    const { seasons, withoutWeather } = hatch({ tapes: [...season(2012), ...season(2025)] });
    expect(seasons.map(({ season: { name } }) => name)).toEqual(['2025']);
    expect(withoutWeather).toBe(7);
  });

  test('says why it fits nothing', () => {
    const few = season(2025).map((tape) => ({ ...tape, crawlers: Math.min(tape.crawlers, 2) }));
    expect(hatch({ tapes: few }).seasons[0]!.fit).toMatchObject({ kind: 'too-few-caught' });
    expect(hatch({ tapes: few }).first!.gardenShare).toBe(0);
    const falling = [80, 30, 12].map((crawlers, week) =>
      tapeOn(SCALE, addDays('2026-04-12', 7 * week), crawlers),
    );
    expect(hatch({ tapes: falling }).seasons[0]!.fit).toMatchObject({ kind: 'leaves-the-year' });
  });
});
