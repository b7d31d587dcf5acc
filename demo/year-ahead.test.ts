import { expect, test } from '@jest/globals';
import { addDays, type CivilDate } from '#core/calendar';
import { gardenDay, type GardenDay, type GardenState, nowAnswer, yearAnswer } from '#engine';
import { ruleById } from '#knowledge';
import { openFallowBank } from './opened.ts';
import { OPENING_DAY } from './seed.ts';

/** Six past years stand for fifteen: dates are a little less sure, and nothing else is different. */
const fewerYears = (state: GardenState): GardenState => ({
  ...state,
  days: Object.fromEntries(
    Object.entries(state.days).map(([id, days]) => [id, days.filter(({ date }) => date >= '2020-01-01')]),
  ),
});

/** Day by day through a year in which nobody logs anything: every open watch is still told what is next. */
test('for twelve months every open watch has a next step with a day and a reason', () => {
  const { store } = openFallowBank();
  const state = fewerYears(store.gardenState()!);
  store.close();
  const open = state.watches.filter(({ outcome }) => outcome === 'open').map(({ id }) => id);
  expect(open.length).toBeGreaterThan(8);
  let before: GardenDay | null = null;
  for (let days = 0; days <= 365; days++) {
    const today: CivilDate = addDays(OPENING_DAY, days);
    const day: GardenDay = gardenDay(state, today, before);
    before = day;
    const { due, planned } = nowAnswer(day);
    for (const id of open) {
      const asked = due.filter(({ watchId }) => watchId === id);
      const steps = planned.filter(({ watchId }) => watchId === id);
      const hasDay =
        asked.some(({ opens, closes }) => opens ?? closes) || steps.some(({ from }) => from !== null);
      expect([today, id, hasDay]).toEqual([today, id, true]);
      for (const { ruleId } of asked) expect(ruleById(ruleId).says).not.toBe('');
    }
    if (days % 30 > 0) continue;
    const { from, to, rows } = yearAnswer(day);
    expect(from <= today && today <= to).toBe(true);
    for (const { bars } of rows)
      for (const bar of bars)
        expect([bar.id, bar.from <= bar.to, bar.to >= from && bar.from <= to]).toEqual([bar.id, true, true]);
  }
});
