import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { openJournal } from './journal.ts';
import { differing, type Entry, isStuck, isWaiting } from './journal-entry.ts';
import { nextToSend, PIECE_BYTES, type Told } from './send-entries.ts';

interface TakenEntry {
  readonly path: string;
  readonly number: number;
  readonly asks: boolean;
  readonly from?: object;
  readonly record?: object;
}
/** What a server does with an entry: what it says, nothing at all, or that it is in trouble over the whole. */
type Does = Told | 'unreachable' | number;
let does: Map<string, Does>;
let told: TakenEntry[];
/** How many requests came, of which kind. */
let requests: string[];
/** How much of each picture has come. */
let pieces: Map<string, number>;
/** Called between two requests: something is entered meanwhile. */
let between: (() => void) | null;

const json = (body: object, status = 200) => Promise.resolve(Response.json(body, { status }));
const unreachable = () => Promise.reject(new TypeError('failed to fetch'));

function takePiece(address: string, { body }: RequestInit) {
  const [, path = '', start = ''] = /^\/api(\/photos\/\w+)\/pieces\?start=(\d+)$/.exec(address)!;
  requests.push(`piece ${path}`);
  between?.();
  const answer = does.get(path);
  if (answer === 'unreachable') return unreachable();
  if (typeof answer === 'number') return json({}, answer);
  const held = pieces.get(path) ?? 0;
  if (Number(start) === held) pieces.set(path, held + (body as Blob).size);
  return json({ bytes: pieces.get(path) ?? 0 });
}

function takeJournal(text: string) {
  const { entries } = JSON.parse(text) as { entries: TakenEntry[] };
  requests.push(`journal ${entries.map(({ path }) => path).join(' ')}`);
  const outcomes: Told[] = [];
  for (const entry of entries) {
    const answer = does.get(entry.path) ?? { kind: 'kept' };
    if (answer === 'unreachable') return unreachable();
    if (typeof answer === 'number') return json({}, answer);
    outcomes.push(answer);
    if (answer.kind === 'failed') break;
    told.push(entry);
  }
  return json({ outcomes });
}

Object.assign(globalThis, {
  fetch: (address: string, init: RequestInit) =>
    address === '/api/journal' ? takeJournal(init.body as string) : takePiece(address, init),
});

let nowMs = 1000;
let runs = 0;
const open = () =>
  openJournal({
    database: `journal-${++runs}`,
    device: () => 'phone',
    noteNumber: () => undefined,
    now: () => nowMs,
  });
let journal: ReturnType<typeof open>;
beforeEach(() => {
  does = new Map();
  told = [];
  requests = [];
  pieces = new Map();
  between = null;
  journal = open();
});
afterEach(() => journal.send());

const put = (path: string, more: Partial<Entry> = {}): Entry => ({
  method: 'PUT',
  path,
  label: path,
  json: '{}',
  ...more,
});
const enter = (entry: Entry | string, asks = false) =>
  journal.enter(typeof entry === 'string' ? put(entry) : entry, 5000, { asks });
const waiting = () =>
  journal
    .entries()
    .filter(isWaiting)
    .map(({ path }) => path);
const numbers = () => told.map(({ number }) => number);

test('an entry is told with its number, and no longer waits', async () => {
  expect(await enter('/samples/1')).toMatchObject({ kind: 'sent' });
  expect(await enter('/samples/2')).toMatchObject({ kind: 'sent' });
  expect(told.map(({ path }) => path)).toEqual(['/samples/1', '/samples/2']);
  expect(numbers()).toEqual([...numbers()].sort((a, b) => a - b));
  expect(waiting()).toEqual([]);
});

test('what was taken is laid over what is packed until that was packed anew', async () => {
  nowMs = 2000;
  await enter('/samples/1');
  await journal.packedAt(1500);
  expect(journal.entries().map(({ path }) => path)).toEqual(['/samples/1']);
  await journal.packedAt(2500);
  expect(journal.entries()).toEqual([]);
});

test('without a server all waits, in order, and goes together when it is back', async () => {
  does.set('/a', 'unreachable');
  expect(await enter('/a')).toMatchObject({ kind: 'waiting' });
  expect(await enter('/b')).toMatchObject({ kind: 'waiting' });
  // The second may rest on the first: it is not told ahead of it.
  expect(told).toEqual([]);
  does.clear();
  requests = [];
  let news = 0;
  const stop = journal.onNews(() => news++);
  await journal.send();
  stop();
  expect(requests).toEqual(['journal /a /b']);
  expect([waiting(), news]).toEqual([[], 1]);
});

describe('an entry the server will not take', () => {
  const refusal: Told = {
    kind: 'refused',
    title: 'It cannot be kept.',
    errors: [{ path: ['on'], message: 'lies ahead' }],
  };

  test('is told to whoever waits for it, and is not kept', async () => {
    does.set('/a', refusal);
    expect(await enter('/a', true)).toEqual(refusal);
    expect(waiting()).toEqual([]);
  });

  test('stays with its reason where nobody does, and the others go on; mended it goes', async () => {
    does.set('/a', 'unreachable');
    await enter('/a');
    await enter('/b');
    does.set('/a', refusal);
    await journal.send();
    expect(waiting()).toEqual(['/a']);
    expect(told.map(({ path }) => path)).toEqual(['/a', '/b']);
    // It is not told again by itself.
    requests = [];
    await journal.send();
    expect(requests).toEqual([]);
    does.clear();
    await journal.again(journal.entries().find(isWaiting)!.seq, { json: '{"on":"2026-05-01"}' });
    expect(told.at(-1)).toMatchObject({ path: '/a', record: { on: '2026-05-01' } });
    expect(waiting()).toEqual([]);
  });

  test('mended has a number of its own: a later one of the same record may have been kept since', async () => {
    does.set('/a', 'unreachable');
    await enter('/a');
    does.set('/a', refusal);
    await journal.send();
    does.clear();
    await enter('/a');
    const later = numbers().at(-1)!;
    await journal.again(journal.entries().find(isWaiting)!.seq, { json: '{"on":"2026-05-01"}' });
    expect(numbers().at(-1)).toBeGreaterThan(later);
  });

  test('may be what others rest on: once it is mended they are told again', async () => {
    does.set('/watches/w', 'unreachable');
    await enter('/watches/w');
    await enter('/samples/s');
    does.set('/watches/w', refusal).set('/samples/s', refusal);
    await journal.send();
    expect(waiting()).toEqual(['/watches/w', '/samples/s']);
    does.clear();
    await journal.again(journal.entries()[0]!.seq);
    expect(waiting()).toEqual([]);
  });

  test('can be given up', async () => {
    does.set('/a', 'unreachable');
    await enter('/a');
    await journal.drop(journal.entries()[0]!.seq);
    expect(journal.entries()).toEqual([]);
  });
});

describe.each([{ kind: 'failed' } as const, 503] as const)('an entry that fails: %j', (failure) => {
  test('is waited for three times, then the others go past it', async () => {
    does.set('/a', failure);
    expect(await enter('/a')).toMatchObject({ kind: 'waiting' });
    expect(await enter('/b')).toMatchObject({ kind: 'waiting' });
    expect(waiting()).toEqual(['/a', '/b']);
    await journal.send();
    expect(waiting()).toEqual(['/a']);
    expect(isStuck(journal.entries().find(isWaiting)!)).toBe(true);
    // It goes at last when nothing hinders it any more.
    does.clear();
    await journal.send();
    expect(waiting()).toEqual([]);
  });
});

describe('another edit of the same came first', () => {
  const from = '{"name":"red","note":""}';
  const met: Told = { kind: 'met', meanwhile: { name: 'green', note: '' } };

  test('and whoever waits is told what stands', async () => {
    does.set('/t', met);
    expect(await enter(put('/t', { from }), true)).toEqual(met);
    expect(told[0]).toMatchObject({ asks: true, from: { name: 'red' } });
    expect(waiting()).toEqual([]);
  });

  test('what is to be taken out is first looked at, then goes having been seen', async () => {
    does.set('/t', met);
    await enter({ method: 'DELETE', path: '/t', label: 't', from });
    expect(differing(journal.entries()[0]!)).toEqual([{ field: 'name', here: 'red', there: 'green' }]);
    does.clear();
    await journal.again(journal.entries()[0]!.seq);
    expect(told.at(-1)).toMatchObject({ from: { name: 'green' } });
  });

  test('what was taken out elsewhere is put back only when asked, as something new', async () => {
    does.set('/t', 'unreachable');
    await enter(put('/t', { from }));
    does.set('/t', { kind: 'gone' });
    await journal.send();
    expect(journal.entries()[0]).toMatchObject({
      gone: true,
      refused: expect.stringContaining('taken out elsewhere'),
    });
    does.clear();
    await journal.again(journal.entries()[0]!.seq);
    expect(told.at(-1)).not.toHaveProperty('from');
  });
});

test.each([
  ['a page to log in at', '<html>who are you?</html>'],
  ['an answer of something else', '{"ok":true}'],
  ['no outcome at all', '{"outcomes":[]}'],
])('%s is no answer of the server: all waits, and no entry is blamed', async (_, page) => {
  const ours = globalThis.fetch;
  Object.assign(globalThis, { fetch: () => Promise.resolve(new Response(page)) });
  expect(await enter('/a', true)).toMatchObject({ kind: 'waiting' });
  expect(journal.entries()[0]).not.toHaveProperty('failed');
  Object.assign(globalThis, { fetch: ours });
  await journal.send();
  expect(waiting()).toEqual([]);
});

describe('a picture', () => {
  const picture = (id: string, bytes = 3 * PIECE_BYTES - 10): Entry =>
    put(`/photos/${id}/image`, { image: new Blob([new Uint8Array(bytes)]) });

  test('goes in pieces, and what is small goes in between', async () => {
    does.set('/photos/p', 'unreachable');
    await enter(picture('p'));
    does.clear();
    requests = [];
    between = () => {
      between = null;
      void enter('/samples/tally');
    };
    await journal.send();
    expect(requests).toEqual([
      'piece /photos/p',
      'journal /samples/tally',
      'piece /photos/p',
      'piece /photos/p',
      'journal /photos/p/image',
    ]);
    expect(pieces.get('/photos/p')).toBe(3 * PIECE_BYTES - 10);
  });

  test('goes on where it was cut off, and from the start where nothing of it is left there', async () => {
    let sent = 0;
    between = () => {
      if (++sent === 3) does.set('/photos/p', 'unreachable');
    };
    await enter(picture('p'));
    expect(journal.entries()[0]).toMatchObject({ arrived: 2 * PIECE_BYTES });
    does.clear();
    requests = [];
    pieces.clear();
    await journal.send();
    // Once in vain, then all three.
    expect(requests.filter((one) => one.startsWith('piece'))).toHaveLength(4);
    expect(waiting()).toEqual([]);
  });

  test('given up while a piece of it is on its way stays given up', async () => {
    does.set('/photos/p', 'unreachable');
    await enter(picture('p'));
    does.clear();
    const { seq } = journal.entries()[0]!;
    let gone: Promise<void> | null = null;
    between = () => void (gone ??= journal.drop(seq));
    await journal.send();
    await gone;
    await journal.send();
    expect(journal.entries()).toEqual([]);
    expect(told).toEqual([]);
  });

  test('that the server would not have is no trouble to the others, and is tried again another time', async () => {
    does.set('/photos/p', 422);
    await enter(picture('p'));
    await enter(picture('q', 10));
    expect(waiting()).toEqual(['/photos/p/image']);
    does.clear();
    await journal.send();
    expect(waiting()).toEqual([]);
  });

  test('is followed by what was written about it', () => {
    const numbered = (seq: number, entry: Entry) => ({ ...entry, seq });
    const both = [numbered(1, picture('p')), numbered(2, put('/photos/p')), numbered(3, put('/samples/s'))];
    expect(nextToSend(both).map(({ seq }) => seq)).toEqual([3]);
    expect(nextToSend(both.slice(0, 2)).map(({ seq }) => seq)).toEqual([1]);
    expect(nextToSend(both.slice(1, 2)).map(({ seq }) => seq)).toEqual([2]);
  });
});

test('many go together, but not more than a slow line carries at once', () => {
  const entries = (n: number, bytes: number) =>
    Array.from({ length: n }, (_, i) => ({
      ...put(`/samples/${i}`, { json: 'x'.repeat(bytes) }),
      seq: i + 1,
    }));
  expect(nextToSend(entries(100, 10))).toHaveLength(40);
  expect(nextToSend(entries(10, 20_000))).toHaveLength(1);
  expect(nextToSend(entries(10, 90_000))).toHaveLength(1);
});
