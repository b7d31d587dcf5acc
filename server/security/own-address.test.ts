import { afterEach, describe, expect, test } from '@jest/globals';
import { hostname, networkInterfaces } from 'node:os';
import { homeAddresses, isLoopback, nameInHost, ownNames } from './own-address.ts';

afterEach(() => {
  delete process.env.OWN_NAMES;
});

describe('the names this computer answers to', () => {
  test('are its own, loopback and its addresses, and nothing more', () => {
    const name = hostname().toLowerCase();
    expect([...ownNames()].sort()).toEqual(
      [...new Set(['localhost', '127.0.0.1', '[::1]', name, `${name}.local`, ...homeAddresses()])].sort(),
    );
  });

  test('and those the owner gave it, parted by commas or spaces, in any case', () => {
    const before = ownNames().size;
    process.env.OWN_NAMES = ' Garden.Example,  apples.example pears.example,';
    const names = ownNames();
    expect(names.size).toBe(before + 3);
    for (const name of ['garden.example', 'apples.example', 'pears.example'])
      expect(names.has(name)).toBe(true);
    expect(names.has('')).toBe(false);
  });

  test('its addresses are those of the home network: version 4, not loopback', () => {
    const all = Object.values(networkInterfaces()).flatMap((entries) => entries ?? []);
    const expected = all.filter(({ family, internal }) => family === 'IPv4' && !internal);
    expect(homeAddresses()).toEqual(expected.map(({ address }) => address));
    expect(homeAddresses()).not.toContain('127.0.0.1');
    for (const address of homeAddresses()) expect(address).toMatch(/^\d+\.\d+\.\d+\.\d+$/);
  });
});

test.each([
  ['127.0.0.1', true],
  ['127.9.9.9', true],
  ['localhost', true],
  ['::1', true],
  ['0.0.0.0', false],
  ['::', false],
  ['192.168.1.127', false],
  ['10.127.0.1', false],
  ['localhost.example', false],
])('%s is loopback: %s', (host, loopback) => {
  expect(isLoopback(host)).toBe(loopback);
});

test.each([
  ['localhost', 'localhost'],
  ['LOCALHOST:4173', 'localhost'],
  ['garden.local:80', 'garden.local'],
  ['[::1]:4173', '[::1]'],
  ['[fe80::1]', '[fe80::1]'],
  ['my_host-2', 'my_host-2'],
  ['', null],
  [undefined, null],
  ['a b', null],
  ['localhost:', null],
  ['localhost:123456', null],
  ['localhost:80:90', null],
  ['localhost/evil', null],
  ['[]', null],
  ['[zz]', null],
  ['user@localhost', null],
  ['localhost:80 evil', null],
])('the name in "%s" is %s', (host, name) => {
  expect(nameInHost(host)).toBe(name);
});
