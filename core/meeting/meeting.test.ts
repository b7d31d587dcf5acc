import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { z } from 'zod';
import { meet, ownFields, versionOf } from './meeting.ts';

const schema = z.object({ id: z.string(), name: z.string(), sizes: z.array(z.number()).nullable() });
type Row = z.infer<typeof schema>;
const from: Row = { id: 'a', name: 'Apple', sizes: [1, 2] };

describe('the name of a state', () => {
  test('is the same whatever the order of fields and whatever stands beside them', () => {
    const other = { extra: 1, sizes: [1, 2], name: 'Apple', id: 'a' };
    expect(versionOf(ownFields(other, schema))).toBe(versionOf(from));
  });

  test('differs with any value, and stands for what a schema no longer allows', () => {
    const rows = [from, { ...from, name: 'apple' }, { ...from, sizes: [2, 1] }, { ...from, sizes: null }];
    const odd = { ...from, name: 7 };
    expect(
      new Set([...rows, odd].map((row) => versionOf(ownFields<unknown>(row, schema) as object))).size,
    ).toBe(5);
  });

  test('is that of the record as it travels', () => {
    expect(versionOf({ ...from, sizes: undefined })).toBe(versionOf({ name: 'Apple', id: 'a' }));
  });

  test('can be said in a header', () => {
    expect(versionOf({ ...from, name: 'Größe "ü"\n' })).toMatch(/^[\w-]{20,}$/);
  });
});

describe('two edits', () => {
  test('of different fields are both kept', () => {
    const met = meet(from, { ...from, name: 'Pear' }, { ...from, sizes: null });
    expect(met).toEqual({ together: { id: 'a', name: 'Pear', sizes: null }, clashes: [] });
  });

  test('of one field clash, and the rest is kept', () => {
    const mine = { ...from, name: 'Pear' };
    const met = meet(from, mine, { ...from, name: 'Plum', sizes: [] });
    expect(met).toEqual({ together: { id: 'a', name: 'Pear', sizes: [] }, clashes: ['name'] });
  });

  test('that say the same do not clash', () => {
    const same = { ...from, sizes: [3] };
    expect(meet(from, { ...from, sizes: [3] }, same)).toEqual({ together: same, clashes: [] });
  });

  const row = fc.record({
    id: fc.constant('a'),
    name: fc.constantFrom('x', 'y', 'z'),
    sizes: fc.constantFrom<(number[] | null)[]>(null, [], [1], [2]),
  });
  test('meet in the same record from either side, but for what clashes', () => {
    fc.assert(
      fc.property(row, row, row, (start, mine, theirs) => {
        const here = meet<Row>(start, mine, theirs);
        const there = meet<Row>(start, theirs, mine);
        expect([...here.clashes].sort()).toEqual([...there.clashes].sort());
        for (const field of ['id', 'name', 'sizes'] as const)
          expect(here.together[field]).toEqual(
            here.clashes.includes(field) ? mine[field] : there.together[field],
          );
      }),
    );
  });
});
