import { randomBytes, timingSafeEqual } from 'node:crypto';
import { Hono } from 'hono';
import { calendarEntries, Problem } from '#answers';
import { calendarFile } from '../answers/calendar-file.ts';
import { presentDay, type AppParts } from '../context.ts';
import type { Store } from '../store/store.ts';

const SECRET_KEY = 'calendar-secret';

/** Where a calendar program reads the plan; null when that is closed. */
export function calendarAddress(store: Store): string | null {
  const secret = store.meta(SECRET_KEY);
  return secret ? `/api/calendar/${secret}.ics` : null;
}

/** The calendar as a file, and at an address with a secret in it that can be made anew or closed. */
export function calendarRoutes(parts: AppParts) {
  const { store } = parts;
  const file = () => {
    const day = presentDay(parts);
    return calendarFile(day.garden, calendarEntries(day), new Date());
  };
  const headers = (disposition: string) => ({
    'content-type': 'text/calendar; charset=utf-8',
    'content-disposition': `${disposition}; filename="juglans.ics"`,
    'cache-control': 'no-store',
  });
  return new Hono()
    .post('/calendar', (c) => {
      store.putMeta(SECRET_KEY, randomBytes(24).toString('hex'));
      return c.json({ address: calendarAddress(store) });
    })
    .delete('/calendar', (c) => {
      store.putMeta(SECRET_KEY, '');
      return c.body(null, 204);
    })
    .get('/calendar.ics', (c) => c.body(file(), 200, headers('attachment')))
    .get('/calendar/:secret{[0-9a-f]+\\.ics}', (c) => {
      const secretGiven = Buffer.from(c.req.param('secret').slice(0, -'.ics'.length));
      const secretKept = Buffer.from(store.meta(SECRET_KEY) ?? '');
      if (
        secretKept.length === 0 ||
        secretGiven.length !== secretKept.length ||
        !timingSafeEqual(secretGiven, secretKept)
      )
        throw new Problem(404, 'There is no calendar at this address. It may have been closed.');
      return c.body(file(), 200, headers('inline'));
    });
}
