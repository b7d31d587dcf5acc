import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { versionOf } from '#core/meeting';
import {
  differing,
  dropWaiting,
  isStuck,
  keepAndSend,
  onNews,
  retryRefused,
  sendWaiting,
  waitingEntries,
} from './outbox.ts';

interface Request {
  readonly path: string;
  readonly number: number;
  readonly device: string;
  readonly seen: string | undefined;
  readonly json: string | undefined;
}
/** What the server does with an address: a status, nothing at all, or too long. */
type Answer = number | 'unreachable' | 'too slow' | { readonly stands: object | null };
let answers: Map<string, Answer>;
let asked: Request[];

Object.assign(globalThis, {
  localStorage: { getItem: () => null, setItem: () => undefined },
  fetch: (path: string, { headers, body }: { headers: Record<string, string>; body?: string }) => {
    const seen = headers['if-match'];
    asked.push({
      path,
      number: Number(headers['entered-as']),
      device: headers['entered-by']!,
      seen,
      json: body,
    });
    const answer = answers.get(path) ?? 200;
    if (answer === 'unreachable') return Promise.reject(new TypeError('failed to fetch'));
    if (answer === 'too slow')
      return Promise.reject(Object.assign(new Error('too slow'), { name: 'TimeoutError' }));
    if (typeof answer === 'object') {
      const { stands } = answer;
      const asItWas = seen === undefined || (stands !== null && seen === `"${versionOf(stands)}"`);
      const problem = stands ? { title: 'changed', meanwhile: stands } : { title: 'taken out' };
      return Promise.resolve(new Response(JSON.stringify(problem), { status: asItWas ? 200 : 412 }));
    }
    return Promise.resolve(
      new Response(
        JSON.stringify({ title: `status ${answer}`, errors: [{ path: ['on'], message: 'is odd' }] }),
        {
          status: answer,
        },
      ),
    );
  },
});

const enter = (path: string, method: 'PUT' | 'DELETE' = 'PUT') =>
  keepAndSend({ method, path, label: path, json: '{}' });
const waiting = () => waitingEntries().map(({ path }) => path);

beforeEach(async () => {
  answers = new Map();
  for (const { seq } of waitingEntries()) await dropWaiting(seq);
  asked = [];
});

test('an entry is sent with its number and the name of the device, and no longer waits', async () => {
  expect(await enter('/samples/1')).toBe('sent');
  expect(await enter('/samples/2')).toBe('sent');
  expect(asked.map(({ path }) => path)).toEqual(['/api/samples/1', '/api/samples/2']);
  expect(asked[1]!.number).toBeGreaterThan(asked[0]!.number);
  expect(asked[1]!.device).toBe(asked[0]!.device);
  expect(waiting()).toEqual([]);
});

test('without a server all waits, in order, and goes when it is back', async () => {
  answers.set('/api/a', 'unreachable');
  expect(await enter('/a')).toBe('waiting');
  expect(await enter('/b')).toBe('waiting');
  // The second may rest on the first: it is not sent ahead of it.
  expect(asked.map(({ path }) => path)).not.toContain('/api/b');
  answers.clear();
  asked = [];
  let told = 0;
  const stop = onNews(() => told++);
  await sendWaiting();
  stop();
  expect(asked.map(({ path }) => path)).toEqual(['/api/a', '/api/b']);
  expect([waiting(), told]).toEqual([[], 1]);
});

describe('an entry the server will not take', () => {
  test('stays with its reason, and the others go on', async () => {
    answers.set('/api/a', 422);
    expect(await enter('/a')).toEqual({ refused: 'status 422 on: is odd' });
    expect(await enter('/b')).toBe('sent');
    expect(waiting()).toEqual(['/a']);
    // It is not sent again by itself.
    asked = [];
    await sendWaiting();
    expect(asked).toEqual([]);
    answers.clear();
    await retryRefused(waitingEntries()[0]!.seq);
    expect(waiting()).toEqual([]);
  });

  test('can be given up', async () => {
    answers.set('/api/a', 409);
    await enter('/a');
    await dropWaiting(waitingEntries()[0]!.seq);
    expect(waiting()).toEqual([]);
  });

  test('but for what was taken out already', async () => {
    answers.set('/api/a', 404);
    expect(await enter('/a', 'DELETE')).toBe('sent');
    expect(await enter('/a', 'PUT')).toEqual({ refused: expect.stringContaining('404') });
  });
});

describe.each(['too slow', 503] as const)('an entry that fails: %s', (failure) => {
  test('is waited for three times, then the others go past it, and it can be looked at and given up', async () => {
    answers.set('/api/photo', failure);
    expect(await enter('/photo')).toBe('waiting');
    expect(await enter('/b')).toBe('waiting');
    expect(waiting()).toEqual(['/photo', '/b']);
    expect(isStuck(waitingEntries()[0]!)).toBe(false);
    await sendWaiting();
    expect(waiting()).toEqual(['/photo']);
    expect(waitingEntries()[0]).toMatchObject({ failed: 3 });
    expect(isStuck(waitingEntries()[0]!)).toBe(true);
    // It goes at last when nothing hinders it any more.
    answers.clear();
    await sendWaiting();
    expect(waiting()).toEqual([]);
  });
});

describe('an entry that meets another edit', () => {
  const from = { id: 't', name: 'red', note: '' };
  const change = (to: object) =>
    keepAndSend({
      method: 'PUT',
      path: '/t',
      label: 't',
      json: JSON.stringify(to),
      from: JSON.stringify(from),
    });

  test('of other fields is kept with it', async () => {
    answers.set('/api/t', { stands: { ...from, note: 'theirs' } });
    expect(await change({ ...from, name: 'blue' })).toBe('sent');
    expect(JSON.parse(asked.at(-1)!.json!)).toEqual({ id: 't', name: 'blue', note: 'theirs' });
    expect(waiting()).toEqual([]);
  });

  test('of the same waits with both, and the others go on', async () => {
    answers.set('/api/t', { stands: { ...from, name: 'green', note: 'theirs' } });
    expect(await change({ ...from, name: 'blue' })).toEqual({
      refused: 'Meanwhile the same was changed elsewhere.',
    });
    expect(differing(waitingEntries()[0]!)).toEqual([{ field: 'name', here: 'blue', there: 'green' }]);
    expect(await enter('/b')).toBe('sent');
    // Mine is kept, knowing what stood there; the rest is as theirs.
    await retryRefused(waitingEntries()[0]!.seq);
    expect(JSON.parse(asked.at(-1)!.json!)).toEqual({ id: 't', name: 'blue', note: 'theirs' });
    expect(waiting()).toEqual([]);
  });

  test('of what was taken out says so, and is kept only when asked', async () => {
    answers.set('/api/t', { stands: null });
    expect(await change({ ...from, name: 'blue' })).toEqual({
      refused: 'Meanwhile it was taken out elsewhere.',
    });
    expect(differing(waitingEntries()[0]!)).toEqual([]);
    await retryRefused(waitingEntries()[0]!.seq);
    expect(asked.at(-1)!.seen).toBeUndefined();
    expect(waiting()).toEqual([]);
  });
});

test('shut out, everything waits until the passphrase is said', async () => {
  answers.set('/api/a', 401);
  await enter('/a');
  await enter('/b');
  expect(waiting()).toEqual(['/a', '/b']);
  answers.clear();
  await sendWaiting();
  expect(waiting()).toEqual([]);
});
