import { expect, test } from '@jest/globals';
import { HOSTS, standsOf } from './index.ts';

const howOf = (hostId: string) =>
  Object.fromEntries(standsOf(hostId).map(({ material, how }) => [material, how]));

test('what hurts a kind is said of it, with the words of the rule of use', () => {
  expect(howOf('walnut')).toEqual({ oil: 'no', soap: 'usual', sulfur: 'usual', copper: 'care' });
  expect(howOf('apricot').sulfur).toBe('no');
  expect(howOf('grape').sulfur).toBe('care');
  expect(howOf('cherry').soap).toBe('care');
  expect(standsOf('walnut')[0]!.says).toMatch(/hurt by oil in any state/);
});

test('whatever is not as usual says why, and what is says nothing', () => {
  for (const { id } of HOSTS)
    for (const { how, says } of standsOf(id)) expect([id, how === 'usual']).toEqual([id, says === null]);
});
