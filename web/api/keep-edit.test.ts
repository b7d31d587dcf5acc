import { beforeEach, expect, test } from '@jest/globals';
import { z } from 'zod';
import { versionOf } from '#core/meeting';
import { ApiProblem } from './client.ts';
import { keepEdit } from './keep-edit.ts';
import { MetError } from './met-error.ts';

const schema = z.object({ id: z.string(), name: z.string(), note: z.string() });
type Row = z.infer<typeof schema>;
const from: Row = { id: 'a', name: 'Apple', note: '' };

/** What stands on the server, and what another writes there just before each of ours. */
let stands: Row | null;
let others: ((row: Row) => Row)[];
let sent: Row[];
beforeEach(() => {
  stands = from;
  others = [];
  sent = [];
});

function send(record: Row, seen: Row | null) {
  const other = others.shift();
  if (other && stands) stands = other(stands);
  sent.push(record);
  const reply = (status: number, body: object) =>
    Promise.resolve({ ok: status === 200, status, json: () => Promise.resolve<unknown>(body) });
  if (seen !== null && stands === null) return reply(412, { title: 'taken out' });
  if (seen !== null && versionOf(seen) !== versionOf(stands!))
    return reply(412, { title: 'changed', meanwhile: stands! });
  stands = record;
  return reply(200, { record });
}

test('a new record and one that stands as it was seen are kept at once', async () => {
  expect(await keepEdit(schema, send, { from: null, to: { ...from, note: 'new' } })).toEqual(stands);
  const seen = { ...stands!, watches: [] };
  expect(await keepEdit(schema, send, { from: seen, to: { ...from, name: 'Pear' } })).toEqual(stands);
  expect(sent).toHaveLength(2);
});

test('what others change meanwhile in other fields is kept too, however often', async () => {
  others = [(row) => ({ ...row, note: 'one' }), (row) => ({ ...row, note: 'two' })];
  expect(await keepEdit(schema, send, { from, to: { ...from, name: 'Pear' } })).toEqual({
    id: 'a',
    name: 'Pear',
    note: 'two',
  });
  expect(stands).toEqual({ id: 'a', name: 'Pear', note: 'two' });
});

test('where both changed the same nothing is kept, and both are told', async () => {
  others = [() => ({ id: 'a', name: 'Plum', note: 'theirs' })];
  const met = await keepEdit(schema, send, { from, to: { ...from, name: 'Pear' } }).catch(
    (error: unknown) => error as MetError<Row>,
  );
  expect(met).toBeInstanceOf(MetError);
  expect(met).toMatchObject({
    clashes: ['name'],
    mine: { id: 'a', name: 'Pear', note: 'theirs' },
    theirs: { id: 'a', name: 'Plum', note: 'theirs' },
  });
  expect(stands!.name).toBe('Plum');
});

test('taking an edit back leaves what others changed', async () => {
  const to = { ...from, name: 'Pear' };
  others = [(row) => ({ ...row, note: 'theirs' })];
  await keepEdit(schema, send, { from, to });
  await keepEdit(schema, send, { from: to, to: from });
  expect(stands).toEqual({ id: 'a', name: 'Apple', note: 'theirs' });
});

test('what was taken out meanwhile is not made anew', async () => {
  stands = null;
  const refused = keepEdit(schema, send, { from, to: { ...from, name: 'Pear' } });
  await expect(refused).rejects.toThrow(ApiProblem);
  expect(stands).toBeNull();
});
