import { expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { fileStart, readUnattended, writeTableCsv } from './index.ts';

test('what is typed never becomes a formula; numbers stay numbers, and all reads back', () => {
  const csv = writeTableCsv(
    ['a', 'b'],
    [
      ['=1+1', -3.5],
      ['+x', null],
      ['@sum(a)', 0],
      ['-dash', 2],
      ['plain, "quoted"\nline', 1],
      ['=cmd()\nand more', 1],
      ['  =1', 2],
      ['\t=1', 3],
      ['\n@x', 4],
      ['a\n=1', 5],
    ],
  );
  const { data } = Papa.parse<string[]>(csv, { skipEmptyLines: true });
  expect(data).toEqual([
    ['a', 'b'],
    ["'=1+1", '-3.5'],
    ["'+x", ''],
    ["'@sum(a)", '0'],
    ["'-dash", '2'],
    ['plain, "quoted"\nline', '1'],
    ["'=cmd()\nand more", '1'],
    ["'  =1", '2'],
    ["'\t=1", '3'],
    ["'\n@x", '4'],
    ['a\n=1', '5'],
  ]);
});

test.each([
  ['Garden station', 'garden-station'],
  ['Shed  (north) 2', 'shed-north-2'],
  ['***', ''],
])('files for %s begin with "%s"', (name, start) => {
  expect(fileStart(name)).toBe(start);
});

test('a file is read unattended only when nothing is left to ask', () => {
  expect(readUnattended('date,min °C,max °C\n2026-05-01,4,15\n').days).toHaveLength(1);
  expect(() => readUnattended('date,min,max\n2026-05-01,4,15\n')).toThrow(/^temperature-unit-open$/);
  expect(() => readUnattended('date,min °C,max °C\n01/02/2026,4,15\n')).toThrow(/^date-order-open$/);
  expect(() => readUnattended('when,a °C,b °C\n2026-05-01,4,15\n')).toThrow(/^columns-not-named$/);
  // A column named for °C that holds what no °C thermometer shows contradicts itself.
  expect(() =>
    readUnattended(
      `date,min °C,max °C\n${Array.from({ length: 20 }, (_, i) => `2026-05-${String(i + 1).padStart(2, '0')},${50 + i},${70 + i}`).join('\n')}\n`,
    ),
  ).toThrow(/^temperature-unit-open$/);
});
