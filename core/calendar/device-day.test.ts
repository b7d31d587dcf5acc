import { expect, test } from '@jest/globals';
import { deviceDay, type DeviceClock } from './index.ts';

const HOUR = 3_600_000;
const agreed: DeviceClock = {
  nowMs: 10 * HOUR,
  here: '2026-05-13',
  atHome: '2026-05-13',
  comparedAtMs: 2 * HOUR,
  comparedOn: '2026-05-13',
  aheadMs: 800,
  trusts: null,
};

test('clocks that agree are not asked about', () => {
  expect(deviceDay(agreed)).toEqual({ day: '2026-05-13', doubt: null, other: null });
  // The next morning, without a signal since.
  expect(deviceDay({ ...agreed, nowMs: 30 * HOUR, here: '2026-05-14', atHome: '2026-05-14' }).day).toBe(
    '2026-05-14',
  );
});

test('a few minutes apart around midnight are no doubt', () => {
  expect(deviceDay({ ...agreed, here: '2026-05-14', aheadMs: -9 * 60_000 })).toEqual({
    day: '2026-05-14',
    doubt: null,
    other: null,
  });
});

test('a clock a day ahead is asked about, and not believed before it is answered', () => {
  const apart = { ...agreed, here: '2026-05-14', aheadMs: -24 * HOUR };
  expect(deviceDay(apart)).toEqual({ day: '2026-05-13', doubt: 'apart', other: '2026-05-14' });
  expect(deviceDay({ ...apart, trusts: 'at-home' })).toMatchObject({ day: '2026-05-13', doubt: null });
  expect(deviceDay({ ...apart, trusts: 'here' })).toMatchObject({ day: '2026-05-14', doubt: null });
});

test('hours apart are no matter while both show the same day', () => {
  expect(deviceDay({ ...agreed, aheadMs: 3 * HOUR }).doubt).toBeNull();
});

test('a clock set back since it compared says nothing: the last sure day holds until somebody answers', () => {
  const back = { ...agreed, nowMs: -50 * HOUR, here: '2026-05-10', atHome: '2026-05-10' };
  expect(deviceDay(back)).toEqual({ day: '2026-05-13', doubt: 'set-back', other: '2026-05-10' });
  expect(deviceDay({ ...back, trusts: 'here' })).toMatchObject({ day: '2026-05-10', doubt: null });
  expect(deviceDay({ ...back, trusts: 'at-home' })).toMatchObject({ day: '2026-05-13', doubt: null });
  expect(deviceDay({ ...back, here: '2026-05-13' }).other).toBeNull();
});

test('weeks without comparing are asked about', () => {
  const on = (here: string) => deviceDay({ ...agreed, nowMs: 9999 * HOUR, here, atHome: here });
  expect(on('2026-06-12').doubt).toBeNull();
  expect(on('2026-06-13')).toEqual({ day: '2026-06-13', doubt: 'long-ago', other: null });
});
