import { describe, expect, test } from '@jest/globals';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fieldWords, fileWords, rowWords } from './index.ts';

describe('what is wrong with a field', () => {
  test.each([
    ['cannot-be-empty', 'cannot be empty'],
    ['most/200/characters', 'at most 200 characters'],
    ['most/1000', 'at most 1000'],
    ['most/100000', 'at most 100 000'],
    ['least/-30', 'at least −30'],
    ['least/0.2/m', 'at least 0.2 m'],
    ['most/100/%', 'at most 100 %'],
    ['Invalid input: expected string, received undefined', 'is missing'],
    ['Invalid input: expected number, received string', 'expected number, received string'],
    ['said by the server already', 'said by the server already'],
  ])('"%s" reads "%s"', (message, words) => {
    expect(fieldWords(message)).toBe(words);
  });

  test('every code a record gives has words', () => {
    const folder = join(process.cwd(), 'core/records');
    const files = readdirSync(folder).filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'));
    const text = files.map((name) => readFileSync(join(folder, name), 'utf8')).join('\n');
    const codes = [
      ...text.matchAll(
        /(?:message: |refine\([^;]*?, |z\.number\(|\.int\(|\.positive\()'([a-z0-9-]+-[a-z0-9-]+)'/g,
      ),
    ];
    expect(codes.length).toBeGreaterThan(30);
    const mute = codes.map(([, code]) => code!).filter((code) => fieldWords(code) === code);
    expect(mute).toEqual([]);
  });
});

describe('why a file or a row was not read', () => {
  test.each([
    ['not-text', 'this is not a text file'],
    ['too-many-columns/230', '230 columns are too many for a weather table'],
    ['no-such-station/XX1', 'there is no station XX1 in it'],
    ['it has 90 MB', 'it has 90 MB'],
  ])('"%s" reads "%s"', (code, words) => {
    expect(fileWords(code)).toBe(words);
  });

  test('two columns are enough where hours may come', () => {
    expect(fileWords('too-few-columns/3')).toMatch(/maximum$/);
    expect(fileWords('too-few-columns/2')).toMatch(/or two: time and temperature$/);
  });

  test.each([
    [{ kind: 'date-missing' }, 'the date is missing'],
    [{ kind: 'not-a-number', of: 'maximum', text: 'x' }, 'the maximum "x" is not a number'],
    [{ kind: 'not-weather', fromC: 4, toC: 99.04 }, '4 to 99 °C is not weather: is the unit right?'],
    [{ kind: 'not-weather', fromC: 80, toC: 80 }, '80 °C is not weather: is the unit right?'],
    [{ kind: 'upside-down', minC: 14, maxC: 12 }, 'the maximum (12 °C) is below the minimum (14 °C)'],
    [
      { kind: 'upside-down', minC: 4.6, maxC: 4, date: '2026-05-01' },
      '2026-05-01: the maximum (4 °C) is below the minimum (4.6 °C)',
    ],
    [
      { kind: 'too-few-hours', date: '2026-05-02', hours: 20 },
      '2026-05-02 has 20 of 24 hours: too few for its low and high',
    ],
    [{ kind: 'nothing-sound', date: '2026-05-02', of: 'minimum' }, '2026-05-02: no sound minimum'],
    [{ kind: 'not-an-amount', text: 'wet' }, 'the rain "wet" is not an amount'],
  ] as const)('%j', (fault, words) => {
    expect(rowWords(fault)).toBe(words);
  });
});
