import { afterAll, beforeAll, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import { addDays } from '#core/calendar';
import { openFallowBank } from '#demo/opened';
import type { CalendarEntry } from '#answers';
import { calendarFile } from './answers/calendar-file.ts';
import type { createApp } from './app.ts';
import type { Store } from './store/store.ts';

let store: Store;
let app: ReturnType<typeof createApp>;
beforeAll(() => {
  ({ store, app } = openFallowBank());
});
afterAll(() => store.close());

const entries = async () =>
  ((await (await app.request('/api/calendar')).json()) as { entries: CalendarEntry[] }).entries;

/** The file as another parser reads it. */
async function readBack(path = '/api/calendar.ics') {
  const response = await app.request(path);
  expect(response.headers.get('content-type')).toContain('text/calendar');
  const calendar = new ICAL.Component(ICAL.parse(await response.text()) as unknown[]);
  return calendar.getAllSubcomponents('vevent').map((component) => {
    const event = new ICAL.Event(component);
    return {
      id: event.uid,
      title: event.summary,
      from: event.startDate.toString(),
      to: addDays(event.endDate.toString(), -1),
      whole: event.startDate.isDate,
    };
  });
}

test('another parser reads the same entries, as whole days with their last day included', async () => {
  const kept = await entries();
  const read = await readBack();
  expect(read.map(({ title, from, to }) => ({ title, from, to }))).toEqual(
    kept.map(({ title, from, to }) => ({ title, from, to })),
  );
  expect(read.every(({ whole }) => whole)).toBe(true);
  expect(new Set(read.map(({ id }) => id)).size).toBe(read.length);
  expect(read.find(({ title }) => title === 'Window for crawlers: West hedge, euonymus scale')).toMatchObject(
    { from: '2026-06-02' },
  );
  expect(kept.map(({ title }) => title)).toContain('Did it work? Potted camellia, brown soft scale');
  // Turns of a series, each with an entry of its own.
  const turns = read.filter(({ title }) =>
    title.startsWith('Spray with potassium bicarbonate: Climbing rose'),
  );
  expect(turns.map(({ from }) => from)).toEqual(['2026-05-31', '2026-06-07', '2026-06-14', '2026-06-21']);
});

test('a date that moves with the weather keeps its id', async () => {
  const before = await readBack();
  await app.request('/api/clock/step', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ days: 7 }),
  });
  const after = new Map((await readBack()).map((event) => [event.id, event]));
  const windows = before.filter(({ title }) => title.startsWith('Window'));
  expect(windows.length).toBeGreaterThan(3);
  for (const window of windows) expect(after.get(window.id)?.title).toBe(window.title);
  expect(windows.some((window) => after.get(window.id)!.from !== window.from)).toBe(true);
});

test('the secret address answers, a guessed, an old or a closed one does not', async () => {
  const make = async () =>
    ((await (await app.request('/api/calendar', { method: 'POST' })).json()) as { address: string }).address;
  expect((await app.request('/api/calendar/00.ics')).status).toBe(404);
  const first = await make();
  expect(await readBack(first)).toEqual(await readBack());
  const second = await make();
  expect(second).not.toBe(first);
  expect((await app.request(first)).status).toBe(404);
  expect(
    (await app.request(second.replace(/.(?=\.ics)/, (digit) => (digit === '0' ? '1' : '0')))).status,
  ).toBe(404);
  await app.request('/api/calendar', { method: 'DELETE' });
  expect((await app.request(second)).status).toBe(404);
  expect((await app.request('/api/calendar/.ics')).status).toBe(404);
});

test('the file keeps to RFC 5545: lines end, and a name may hold whatever a garden is called', () => {
  const file = calendarFile(
    { ...store.garden()!, name: 'Up, down; left\\right' },
    [{ id: 'a:b', title: 'One, two', from: '2026-05-29', to: '2026-05-30', text: 'x; y' }],
    new Date(Date.UTC(2026, 4, 29)),
  );
  expect(file.endsWith('END:VCALENDAR\r\n')).toBe(true);
  expect(file.replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
  expect(file).toContain('NAME:Juglans\\, Up\\, down\\; left\\\\right\r\n');
  expect(() => ICAL.parse(file)).not.toThrow();
});
