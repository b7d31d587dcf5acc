import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LANES, layOutBars } from './band-layout.ts';

test('labelled bars never overlap within a lane, and none leaves the strip', () => {
  const bar = fc.record({
    x: fc.integer({ min: 0, max: 1100 }),
    width: fc.integer({ min: 4, max: 100 }),
    labelWidth: fc.integer({ min: 30, max: 160 }),
  });
  fc.assert(
    fc.property(fc.array(bar, { maxLength: 12 }), (drawn) => {
      const bars = drawn.map((entry, i) => ({ ...entry, bar: i })).sort((a, b) => a.x - b.x);
      const placed = layOutBars(bars, 1224, 600).placed.filter((entry) => entry.labelled);
      const spans = placed.map((entry) => {
        const { labelWidth } = bars.find((b) => b.bar === entry.bar)!;
        const right = entry.labelSide === 'right';
        const label = right
          ? [entry.x + entry.width, entry.x + entry.width + 6 + labelWidth]
          : [entry.x - 6 - labelWidth, entry.x];
        expect(label[0]! < 600 && 600 < label[1]!).toBe(false);
        return {
          lane: entry.lane,
          from: right ? entry.x : entry.x - 6 - labelWidth,
          to: entry.x + entry.width + (right ? 6 + labelWidth : 0),
        };
      });
      for (const a of spans) {
        expect(a.to).toBeLessThanOrEqual(1224);
        for (const b of spans)
          if (a !== b && a.lane === b.lane) expect(a.to < b.from || b.to < a.from).toBe(true);
      }
    }),
    { seed: 2 },
  );
});

test('no bar lies across a label: the least important label gives way', () => {
  const bar = fc.record({
    x: fc.integer({ min: 0, max: 1100 }),
    width: fc.integer({ min: 4, max: 60 }),
    labelWidth: fc.integer({ min: 0, max: 160 }),
  });
  fc.assert(
    fc.property(fc.array(bar, { maxLength: 10 }), (drawn) => {
      const { placed } = layOutBars(
        drawn.map((entry, i) => ({ ...entry, bar: i })),
        1224,
        600,
      );
      for (const { bar: name, lane, x, width, labelled, labelSide } of placed) {
        if (!labelled) continue;
        const { labelWidth } = drawn[name]!;
        const [from, to] =
          labelSide === 'right' ? [x + width, x + width + 6 + labelWidth] : [x - 6 - labelWidth, x];
        for (const other of placed)
          if (other.bar !== name && other.lane === lane)
            expect(other.x >= to || other.x + other.width <= from).toBe(true);
      }
    }),
    { seed: 3 },
  );
  const crowded = [1, 2, 3, 4].map((name) => ({ bar: name, x: 100, width: 20, labelWidth: 80 }));
  const late = layOutBars([...crowded, { bar: 5, x: 160, width: 20, labelWidth: 0 }], 1000, 0);
  expect(late.placed.map(({ labelled }) => labelled)).toEqual([true, true, true, false, false]);
  expect(late.placed[4]!.lane).toBe(late.placed[3]!.lane);
});

test('four bars at one place take four lanes with labels, a fifth is counted, a label at the end turns left', () => {
  const { placed, left } = layOutBars(
    [1, 2, 3, 4, 5].map((bar) => ({ bar, x: 100, width: 20, labelWidth: 80 })),
    1000,
    0,
  );
  expect(placed.map((entry) => entry.lane).slice(0, LANES)).toEqual([0, 1, 2, 3]);
  expect(placed.map((entry) => entry.labelled)).toEqual([true, true, true, true]);
  expect(left).toBe(1);
  expect(layOutBars([{ bar: 1, x: 950, width: 20, labelWidth: 80 }], 1000, 0).placed[0]).toMatchObject({
    labelled: true,
    labelSide: 'left',
  });
});

test('no two bars ever share their days in one lane, and each is placed or counted', () => {
  const bar = fc.record({
    x: fc.integer({ min: 0, max: 1100 }),
    width: fc.integer({ min: 4, max: 200 }),
    labelWidth: fc.integer({ min: 0, max: 160 }),
  });
  fc.assert(
    fc.property(fc.array(bar, { maxLength: 40 }), (drawn) => {
      const { placed, left } = layOutBars(
        drawn.map((entry, i) => ({ ...entry, bar: i })),
        1224,
        600,
      );
      expect(placed.length + left).toBe(drawn.length);
      for (const a of placed)
        for (const b of placed)
          if (a !== b && a.lane === b.lane) expect(a.x + a.width < b.x || b.x + b.width < a.x).toBe(true);
    }),
  );
});
