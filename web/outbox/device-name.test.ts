import { beforeEach, expect, test } from '@jest/globals';
import { deviceName, noteNumber } from './device-name.ts';

const kept = new Map<string, string>();
let full = false;
beforeEach(() => {
  kept.clear();
  full = false;
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => {
        if (full) throw new Error('full');
        kept.set(key, value);
      },
    },
  });
});

test('a device keeps its name as its numbers rise, and takes another where they begin anew', () => {
  noteNumber(1);
  const name = deviceName();
  noteNumber(2);
  noteNumber(7);
  expect(deviceName()).toBe(name);
  noteNumber(1);
  const another = deviceName();
  expect(another).not.toBe(name);
  noteNumber(1);
  expect(deviceName()).not.toBe(another);
});

test('what is kept there and makes no sense stops nothing', () => {
  for (const odd of ['', '{', 'null', '{"name":3,"lastNumber":"x"}']) {
    kept.set('juglans-device', odd);
    expect(deviceName()).toMatch(/^[\w-]{8,64}$/);
    noteNumber(5);
    expect(JSON.parse(kept.get('juglans-device')!)).toMatchObject({ lastNumber: 5 });
  }
});

test('a device that can keep nothing has a name while its page is open', () => {
  full = true;
  noteNumber(3);
  const name = deviceName();
  noteNumber(4);
  expect(deviceName()).toBe(name);
});
