import { beforeEach, expect, test } from '@jest/globals';
import { z } from 'zod';
import { keptHere } from './kept-here.ts';

const kept = new Map<string, string>();
let refuses = false;
beforeEach(() => {
  kept.clear();
  refuses = false;
  const orThrow = <T>(value: T): T => {
    if (refuses) throw new Error('not allowed');
    return value;
  };
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => orThrow(kept.get(key) ?? null),
      setItem: (key: string, value: string) => void orThrow(kept.set(key, value)),
      removeItem: (key: string) => void orThrow(kept.delete(key)),
    },
  });
});

const shape = z.object({ id: z.string(), stops: z.array(z.number()) });
const [first, second] = [keptHere(1, shape), keptHere(2, shape)];
const value = { id: 'a', stops: [1, 2] };

test('what is kept is read again, and taken away', () => {
  second.write('k', value);
  expect(second.read('k')).toEqual(value);
  second.write('k', null);
  expect(second.read('k')).toBeNull();
});

test('what an earlier program wrote is read where the shape is still the same', () => {
  kept.set('k', JSON.stringify(value));
  expect(first.read('k')).toEqual(value);
  expect(second.read('k')).toBeNull();
  first.write('k', value);
  expect(second.read('k')).toBeNull();
});

test.each([
  '',
  '{',
  'null',
  '7',
  '[]',
  '{"version":2}',
  '{"version":2,"value":{"id":"a"}}',
  '{"id":1,"stops":[]}',
])('damaged, it is nothing: %s', (text) => {
  kept.set('k', text);
  expect([first.read('k'), second.read('k')]).toEqual([null, null]);
});

test('a device that keeps nothing stops nobody', () => {
  refuses = true;
  expect(() => first.write('k', value)).not.toThrow();
  expect(first.read('k')).toBeNull();
});
