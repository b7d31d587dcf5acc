import { describe, expect, test } from '@jest/globals';
import type { CivilDate } from '#core/calendar';
import type { Growth, Plant, Watch } from '#core/records';
import type { WeatherDay } from '#core/weather';
import type { GardenState } from '../garden-state.ts';
import {
  daysAlike,
  handworkOn,
  madeGarden,
  outdoors,
  plantOf,
  productOf,
  sampleOf,
  sprayOf,
  STATION,
  watchOn,
} from '../made-garden.ts';
import { gardenDay, infectionAnswer, nowAnswer } from '../index.ts';

const TREE = plantOf('Tree', 'apple');
const SCAB = watchOn(TREE, 'apple-scab');
const grew = (plant: Plant, stage: Growth['stage'], on: CivilDate, leaves: number | null = null): Growth => ({
  id: stage + on,
  plantId: plant.id,
  stage,
  on,
  leaves,
  note: '',
});
const rainFrom = (first: number, last: number, humid = 97) => ({
  rainMm: Array.from({ length: 24 }, (_, hour) => (hour >= first && hour <= last ? 0.6 : 0)),
  humidityPercent: Array.from({ length: 24 }, (_, hour) => (hour >= first && hour <= last ? humid : 60)),
});
/** Days from one on, at 9 to 17 °C, with fifteen hours of told rain on some. */
function wetOn(from: CivilDate, count: number, ...wet: readonly CivilDate[]): WeatherDay[] {
  return daysAlike(from, count, { minC: 9, maxC: 17 }).map((day) =>
    wet.includes(day.date)
      ? { ...day, rainMm: 9, hourly: rainFrom(2, 16) }
      : { ...day, hourly: rainFrom(99, 99) },
  );
}

const state = (said: Partial<GardenState>, garden = {}): GardenState =>
  madeGarden(
    {
      plants: [TREE],
      watches: [SCAB],
      places: [outdoors()],
      growth: [grew(TREE, 'green-tip', '2026-04-15')],
      ...said,
    },
    garden,
  );
function diaryOn(today: CivilDate, said: Partial<GardenState>, garden = {}, watch: Watch = SCAB) {
  const answer = infectionAnswer(gardenDay(state(said, garden), today), watch.id);
  if (answer.kind !== 'diary') throw new Error(answer.kind);
  return answer;
}
const dueOn = (today: CivilDate, said: Partial<GardenState>) =>
  nowAnswer(gardenDay(state(said), today)).due.map(({ kind }) => kind);
const MAY = wetOn('2026-04-01', 60, '2026-05-05');
const days = { [STATION]: MAY };

describe('one wet time on bare leaves', () => {
  const { spells } = diaryOn('2026-05-20', { days });

  test('got through: fifteen hours take six and more, and its spots show twelve to fourteen days on', () => {
    expect(spells).toHaveLength(1);
    expect(spells[0]).toMatchObject({
      from: { date: '2026-05-05', hour: 2 },
      wetHours: { short: 15, middle: 15, long: 15 },
      basis: 'measured',
      word: 'sure',
      standing: 'through',
      covered: 0,
    });
    expect(spells[0]!.spots!.from >= '2026-05-15').toBe(true);
  });

  test('asks to look on those days, not sooner, and no more once somebody counted', () => {
    expect(dueOn('2026-05-06', { days })).toContain('look-for-spots');
    const counted = sampleOf(SCAB, '2026-05-20', 'disease', [{ percent: 0 }, { percent: 0 }]);
    expect(
      dueOn('2026-05-21', { days: { [STATION]: wetOn('2026-04-01', 50, '2026-05-05') }, samples: [counted] }),
    ).not.toContain('look-for-spots');
    expect(diaryOn('2026-05-21', { days, samples: [counted] }).spells[0]!.seen).toEqual({
      kind: 'none',
      on: '2026-05-20',
    });
  });

  test('spots counted on the days are spots of it', () => {
    const counted = sampleOf(SCAB, '2026-05-20', 'disease', [{ percent: 4 }, { percent: 0 }]);
    const { spells: after, record } = diaryOn('2026-05-21', { days, samples: [counted] });
    expect(after[0]!.seen.kind).toBe('spots');
    expect(record.through).toEqual({ looked: 1, spotted: 1 });
  });
});

describe('covers', () => {
  const captan = productOf('captan', { groups: ['fungus'] });
  const covered = (on: CivilDate, more = {}, product = captan) =>
    diaryOn('2026-05-20', {
      days,
      products: [product],
      sprays: [sprayOf(SCAB, on, [product], { coverage: 'everything', ...more })],
    }).spells[0]!;

  test('dry by the eve it covers; on the day itself, or after, it does not', () => {
    expect(covered('2026-05-04')).toMatchObject({ standing: 'covered' });
    expect(covered('2026-05-05')).toMatchObject({ standing: 'through', covered: 0 });
    expect(covered('2026-05-06')).toMatchObject({ standing: 'through', covered: 0 });
  });

  test('weeks before it is worn off, and leaves that opened since are bare', () => {
    const old = covered('2026-04-20');
    expect(old.standing).toBe('through');
    expect(old.sinceCover!.newLeaves).toBeGreaterThan(3);
  });

  test('what reaches no fungus covers nothing', () => {
    expect(covered('2026-05-04', {}, productOf('soap', { groups: ['fungus'] }))).toMatchObject({
      covered: 0,
    });
  });

  test('reach-back only where the label line says so, and within its hours', () => {
    const systemic = (reachBackHours: number | null) =>
      productOf('myclobutanil', { groups: ['fungus'], reachBackHours });
    expect(covered('2026-05-06', {}, systemic(96))).toMatchObject({ standing: 'reached-back' });
    expect(covered('2026-05-06', {}, systemic(null))).toMatchObject({ standing: 'through' });
    expect(covered('2026-05-09', {}, systemic(96))).toMatchObject({ standing: 'through' });
    expect(dueOn('2026-05-06', { days, products: [systemic(96)] })).toContain('reach-back');
    expect(dueOn('2026-05-06', { days, products: [systemic(null)] })).not.toContain('reach-back');
    expect(dueOn('2026-05-12', { days, products: [systemic(96)] })).not.toContain('reach-back');
  });
});

describe('what is to come', () => {
  const ahead = daysAlike('2026-05-10', 6, { minC: 12, maxC: 19 }).map((day) =>
    day.date === '2026-05-13' ? { ...day, rainMm: 16 } : day,
  );
  const before = { [STATION]: wetOn('2026-04-01', 39) };

  test('a likely wet time on bare leaves is worth a cover, by forecast; not by habits, nor where the variety resists', () => {
    const said = {
      days: before,
      forecasts: { [STATION]: ahead },
      products: [productOf('captan', { groups: ['fungus'] })],
    };
    const diary = diaryOn('2026-05-10', said);
    expect(diary.ahead).toMatchObject({ on: '2026-05-13', coverBy: '2026-05-12', isWorthIt: true });
    expect(diary.ahead!.chance).toBeLessThan(0.9);
    expect(dueOn('2026-05-10', said)).toContain('cover-before-rain');
    const habits = { schools: { 'leaf-fungi': 'habits-only' } };
    expect(nowAnswer(gardenDay(state(said, habits), '2026-05-10')).due.map(({ kind }) => kind)).not.toContain(
      'cover-before-rain',
    );
    const resisting = diaryOn('2026-05-10', { ...said, plants: [{ ...TREE, resists: ['apple-scab'] }] });
    expect(resisting.ahead).toMatchObject({ isWorthIt: false });
  });

  test('by the calendar the cover is renewed eight days on, or once an inch of rain has come', () => {
    const calendar = { schools: { 'leaf-fungi': 'by-calendar' } };
    const captan = productOf('captan', { groups: ['fungus'] });
    const opens = (rainMm: number) =>
      nowAnswer(
        gardenDay(
          state(
            {
              days: {
                [STATION]: daysAlike('2026-04-01', 39, { minC: 9, maxC: 17 }).map((day) =>
                  day.date === '2026-05-04' ? { ...day, rainMm } : day,
                ),
              },
              products: [captan],
              sprays: [sprayOf(SCAB, '2026-05-02', [captan])],
            },
            calendar,
          ),
          '2026-05-09',
        ),
      ).due.find(({ kind }) => kind === 'renew-cover')?.opens;
    expect(opens(0)).toBe('2026-05-10');
    expect(opens(40)! < '2026-05-06').toBe(true);
  });
});

describe('elsewhere and otherwise', () => {
  test('in the south the season is its spring', () => {
    const south = { latitudeDeg: -38 };
    const diary = diaryOn(
      '2026-11-10',
      {
        days: { [STATION]: wetOn('2026-08-01', 100, '2026-10-20') },
        growth: [grew(TREE, 'green-tip', '2026-09-25')],
      },
      south,
    );
    expect(diary.span!.from).toBe('2026-09-25');
    expect(diary.spells[0]).toMatchObject({ from: { date: '2026-10-20' }, standing: 'through' });
  });

  test('where there is no winter, an evergreen is told of by its months and its bloom', () => {
    const lemon = plantOf('Lemon', 'lemon', { evergreen: true });
    const melanose = watchOn(lemon, 'melanose');
    const warm = {
      plants: [lemon],
      watches: [melanose],
      days: { [STATION]: wetOn('2026-03-01', 80, '2026-05-05') },
    };
    const byMonths = diaryOn('2026-05-10', { ...warm, growth: [] }, { latitudeDeg: 20 }, melanose);
    expect(byMonths.span).toMatchObject({ basis: 'calendar', asks: 'bloom-end' });
    const byBloom = diaryOn(
      '2026-05-10',
      { ...warm, growth: [grew(lemon, 'petal-fall', '2026-01-20')] },
      { latitudeDeg: 20 },
      melanose,
    );
    expect(byBloom.spells.filter(({ from }) => from.date >= '2026-05-01')).toEqual([]);
    expect(byBloom.span).toBeNull();
  });

  test('peacock spot infects across New Year', () => {
    const olive = plantOf('Olive', 'olive', { evergreen: true });
    const watch = watchOn(olive, 'olive-peacock-spot');
    const diary = diaryOn(
      '2027-01-10',
      {
        plants: [olive],
        watches: [watch],
        growth: [],
        days: { [STATION]: wetOn('2026-10-01', 100, '2026-12-29') },
      },
      { latitudeDeg: 40 },
      watch,
    );
    expect(diary.spells.map(({ from, standing }) => [from.date, standing])).toEqual([
      ['2026-12-29', 'through'],
    ]);
  });

  test('a gauge nobody read tells nothing, and it is said', () => {
    const { days: told, spells } = diaryOn('2026-05-20', {
      days: { [STATION]: daysAlike('2026-04-01', 49, { rainMm: null }) },
    });
    expect(told.unknown).toBeGreaterThan(30);
    expect(spells.filter(({ word }) => word !== null)).toEqual([]);
  });

  test('daily rain alone: less sure than hours, and never nothing', () => {
    const daily = daysAlike('2026-04-01', 49, { minC: 9, maxC: 17 }).map((day) =>
      day.date === '2026-05-05' ? { ...day, rainMm: 9 } : day,
    );
    const [spell] = diaryOn('2026-05-20', { days: { [STATION]: daily } }).spells.filter(
      ({ word }) => word !== null,
    );
    expect(spell).toMatchObject({ basis: 'guessed', standing: 'through' });
    expect(spell!.chance).toBeLessThan(1);
  });

  test('no model', () => {
    const tar = watchOn(TREE, 'tar-spot');
    expect(infectionAnswer(gardenDay(state({ watches: [tar] }), '2026-05-20'), tar.id)).toEqual({
      kind: 'none',
    });
  });
});

describe('without any weather', () => {
  const answerOn = (today: CivilDate, said: Partial<GardenState> = {}) => {
    const answer = infectionAnswer(gardenDay(state(said), today), SCAB.id);
    if (answer.kind !== 'untold') throw new Error(answer.kind);
    return answer;
  };

  test('its season, what was sprayed, and when the calendar renews it are told all the same', () => {
    expect(answerOn('2026-05-20')).toMatchObject({
      span: { from: '2026-04-15', basis: 'logged' },
      renewOn: '2026-05-20',
      lastCover: null,
    });
    const captan = productOf('captan', { groups: ['fungus'] });
    const sprays = [sprayOf(SCAB, '2026-05-15', [captan])];
    expect(answerOn('2026-05-20', { products: [captan], sprays })).toMatchObject({
      renewOn: '2026-05-23',
      lastCover: { on: '2026-05-15', rainMm: null, newLeaves: 1 },
    });
    expect(answerOn('2026-12-20').renewOn).toBeNull();
  });

  test('who follows the calendar is told to cover, who waits for the forecast is told to look each fortnight', () => {
    const due = (school: string) =>
      nowAnswer(gardenDay(state({}, { schools: { 'leaf-fungi': school } }), '2026-05-20')).due.filter(
        ({ kind }) => kind === 'renew-cover' || kind === 'cover-before-rain',
      );
    expect(due('by-calendar')).toMatchObject([{ kind: 'renew-cover', standing: 'open' }]);
    expect(due('by-forecast')).toEqual([]);
    const looked = (days: GardenState['days']) =>
      nowAnswer(
        gardenDay(
          state(
            { watches: [{ ...SCAB, openedOn: '2026-05-19' }], days },
            { schools: { 'leaf-fungi': 'habits-only' } },
          ),
          '2026-05-20',
        ),
      ).due.find(({ kind }) => kind === 'next-look')?.opens;
    expect(looked({})).toBe('2026-06-02');
    expect(looked({ [STATION]: wetOn('2026-04-01', 60) })).toBe('2026-06-30');
  });

  test('spots on the tree may carry scab on to leaf fall: it is not said to be over before', () => {
    const growth = [grew(TREE, 'green-tip', '2026-04-15'), grew(TREE, 'leaf-fall', '2026-11-01')];
    expect(answerOn('2026-09-10').span!.from).toBe('2026-04-15');
    expect(answerOn('2026-11-10', { growth }).span!.from > '2026-12-31').toBe(true);
  });

  test('rain is asked for while a fungus is in season and nobody tells of it', () => {
    const asked = (today: CivilDate, said: Partial<GardenState> = {}) =>
      nowAnswer(gardenDay(state(said), today)).asksRainFor;
    expect(asked('2026-05-20')).toBe(1);
    expect(asked('2026-12-20')).toBe(0);
    expect(asked('2026-05-20', { days: { [STATION]: MAY } })).toBe(0);
    expect(asked('2026-06-30', { days: { [STATION]: MAY } })).toBe(1);
    expect(asked('2026-05-20', { places: [outdoors({ kind: 'cold-house' })] })).toBe(0);
  });

  test('rain that was forecast and never read stands as possible, and it is said', () => {
    const forecast = daysAlike('2026-05-18', 8, { minC: 12, maxC: 20 }).map((day) =>
      day.date === '2026-05-21' ? { ...day, rainMm: 30 } : day,
    );
    const said = { forecasts: { [STATION]: forecast }, days: { [STATION]: daysAlike('2026-04-01', 47) } };
    const ahead = diaryOn('2026-05-19', said).spells.at(-1)!;
    expect(ahead).toMatchObject({ standing: 'ahead', word: 'likely', from: { date: '2026-05-21' } });
    const later = diaryOn('2026-05-26', said);
    expect(later.unread).toEqual({ since: '2026-05-18', foretold: 8 });
    expect(later.spells.at(-1)).toMatchObject({
      standing: 'through',
      word: 'possible',
      basis: 'forecast',
      from: { date: '2026-05-21' },
    });
    // Once it is read it is what it was: dry.
    const read = { ...said, days: { [STATION]: daysAlike('2026-04-01', 55) } };
    const dry = diaryOn('2026-05-26', read);
    expect([dry.unread, dry.spells.filter(({ word }) => word !== null)]).toEqual([null, []]);
  });

  test('habits have their days', () => {
    const leafFall = [grew(TREE, 'leaf-fall', '2026-11-01')];
    expect(answerOn('2026-12-01', { growth: leafFall }).habits).toContainEqual({
      from: '2026-11-01',
      to: '2027-04-01',
      ids: ['leaves', 'urea'],
    });
  });
});

test('habits are asked for in their time, and those done are left out', () => {
  const autumn = {
    days: { [STATION]: wetOn('2026-09-01', 60) },
    growth: [grew(TREE, 'green-tip', '2026-04-15'), grew(TREE, 'leaf-fall', '2026-11-01')],
  };
  const asked = (said: Partial<GardenState>) =>
    nowAnswer(gardenDay(state({ ...autumn, ...said }), '2026-11-05')).due.find(
      ({ kind }) => kind === 'habits-first',
    );
  const codes = (said: Partial<GardenState>) =>
    asked(said)?.facts.map(({ quantity }) => 'code' in quantity && quantity.code);
  expect(codes({})).toEqual(['leaves', 'urea']);
  expect(codes({ handwork: [handworkOn(SCAB, '2026-11-04', { kind: 'clear' })] })).toEqual(['urea']);
});

test('fire blight is a warning: no cover is asked for', () => {
  const pear = plantOf('Pear', 'pear');
  const watch = watchOn(pear, 'fire-blight');
  const growth = [grew(pear, 'green-tip', '2026-04-10'), grew(pear, 'bloom-start', '2026-05-01')];
  const warm = daysAlike('2026-04-01', 34, { minC: 14, maxC: 27 });
  const said = {
    plants: [pear],
    watches: [watch],
    growth,
    days: { [STATION]: warm },
    forecasts: { [STATION]: daysAlike('2026-05-05', 5, { minC: 14, maxC: 27, rainMm: 4 }) },
    products: [productOf('copper', { groups: ['bacterium', 'fungus'] })],
  };
  const diary = diaryOn('2026-05-05', said, {}, watch);
  expect(diary.spells.some(({ standing, word }) => standing === 'ahead' && word !== null)).toBe(true);
  expect(diary.ahead).toMatchObject({ isWorthIt: false });
  expect(dueOn('2026-05-05', said)).not.toContain('cover-before-rain');
});
