import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  type Footprint,
  contactsOf,
  footprintOf,
  gapM,
  gapToPointM,
  outlineOf,
  TOUCH_GAP_M,
} from './index.ts';

const crown = (
  id: string,
  xM: number,
  yM: number,
  spreadM: number,
  lengthM: number | null = null,
  turnDeg = 0,
) => footprintOf(id, { spreadM, lengthM }, { xM, yM, turnDeg });

/** Another way to the same: the least distance between many points of one middle line and many of the other. */
function gapBySampling(a: Footprint, b: Footprint, points = 100): number {
  const along = ({ from, to }: Footprint) =>
    Array.from({ length: points + 1 }, (_, i) => [
      from.xM + ((to.xM - from.xM) * i) / points,
      from.yM + ((to.yM - from.yM) * i) / points,
    ]);
  const ofB = along(b);
  let least = Number.POSITIVE_INFINITY;
  for (const [x, y] of along(a))
    for (const [u, v] of ofB) least = Math.min(least, Math.hypot(x! - u!, y! - v!));
  return least - a.radiusM - b.radiusM;
}

test('two round crowns are apart by what their middles are, less both radii', () => {
  expect(gapM(crown('a', 0, 0, 2), crown('b', 3, 4, 4))).toBeCloseTo(2, 12);
  expect(gapM(crown('a', 0, 0, 4), crown('b', 3, 0, 4))).toBeCloseTo(-1, 12);
});

test('a row is met at its side as well as at its end', () => {
  const row = crown('row', 0, 0, 1, 9);
  expect(gapM(row, crown('side', 2, 2.5, 2))).toBeCloseTo(1, 12);
  // Its middle line ends 4 m from its middle, its crown at 4.5 m.
  expect(gapM(row, crown('end', 6, 0, 2))).toBeCloseTo(0.5, 12);
});

test('rows that cross reach into each other by both radii', () => {
  expect(gapM(crown('a', 0, 0, 1, 10), crown('b', 0, 0, 1, 10, 90))).toBeCloseTo(-1, 12);
});

test('a hedge and a row beside it touch along what they share, wherever they are turned', () => {
  for (const turnDeg of [0, 30, 90, 217]) {
    const turn = (turnDeg * Math.PI) / 180;
    const hedge = crown('hedge', 0, 0, 0.9, 12, turnDeg);
    const row = crown('row', -1.05 * Math.sin(turn), 1.05 * Math.cos(turn), 1.2, 6, turnDeg);
    const [contact] = contactsOf([hedge, row]);
    expect(contact!.gapM).toBeCloseTo(0, 6);
    // Rows with round ends: a little less than the six metres of the shorter.
    expect(contact!.alongM).toBeGreaterThan(4.8);
    expect(contact!.alongM).toBeLessThan(6);
    // Their shared edge lies half a hedge's width from its middle, half the gap grown into each.
    expect(Math.hypot(contact!.middle.xM, contact!.middle.yM)).toBeCloseTo(0.45, 6);
    expect(Math.abs((((contact!.turnDeg - turnDeg) % 180) + 180) % 180) % 180).toBeCloseTo(0, 6);
  }
});

test('two round crowns touch across the chord they share', () => {
  const [contact] = contactsOf([crown('a', 0, 0, 4), crown('b', 3, 0, 4)], 0);
  // Circles of 2 m, 3 m apart: 2·√(4 − 1.5²), drawn with corners a little less.
  expect(contact!.alongM).toBeCloseTo(2 * Math.sqrt(4 - 1.5 ** 2), 1);
});

test('contacts are told once, the smaller id first, and only up to the gap', () => {
  const contacts = contactsOf([
    crown('b', 1 + TOUCH_GAP_M - 0.001, 0, 1),
    crown('a', 0, 0, 1),
    crown('c', -1 - TOUCH_GAP_M - 0.001, 0, 1),
  ]);
  expect(contacts.map(({ a, b }) => [a, b])).toEqual([['a', 'b']]);
});

const metre = fc.double({ min: -12, max: 12, noNaN: true });
const anyCrown = fc
  .tuple(
    metre,
    metre,
    fc.double({ min: 0.2, max: 6, noNaN: true }),
    fc.option(fc.double({ min: 0.2, max: 15, noNaN: true })),
    fc.double({ min: 0, max: 360, noNaN: true }),
  )
  .map(([xM, yM, spreadM, lengthM, turnDeg]) => ({ xM, yM, spreadM, lengthM, turnDeg }));

test('gaps are those of sampling both middle lines', () => {
  fc.assert(
    fc.property(anyCrown, anyCrown, (one, other) => {
      const a = crown('a', one.xM, one.yM, one.spreadM, one.lengthM, one.turnDeg);
      const b = crown('b', other.xM, other.yM, other.spreadM, other.lengthM, other.turnDeg);
      const sampled = gapBySampling(a, b);
      // Sampling can only find them too far apart, by less than half a step of each.
      expect(gapM(a, b)).toBeLessThanOrEqual(sampled + 1e-9);
      expect(gapM(a, b)).toBeGreaterThan(sampled - 0.16);
    }),
    { numRuns: 60 },
  );
});

test('contacts of a whole garden are those of asking every pair', () => {
  fc.assert(
    fc.property(fc.array(anyCrown, { maxLength: 25 }), (sizes) => {
      const crowns = sizes.map((size, i) =>
        crown(`${String(i).padStart(2, '0')}`, size.xM, size.yM, size.spreadM, size.lengthM, size.turnDeg),
      );
      const pairs = crowns.flatMap((a, i) =>
        crowns.slice(i + 1).flatMap((b) => (gapM(a, b) <= TOUCH_GAP_M ? [`${a.id} ${b.id}`] : [])),
      );
      expect(contactsOf(crowns).map(({ a, b }) => `${a} ${b}`)).toEqual(pairs.sort());
    }),
  );
});

test('moving or turning a whole garden changes no contact', () => {
  fc.assert(
    fc.property(
      anyCrown,
      anyCrown,
      metre,
      metre,
      fc.integer({ min: 0, max: 359 }),
      (one, other, dx, dy, byDeg) => {
        const turn = (byDeg * Math.PI) / 180;
        const moved = (size: typeof one) => ({
          ...size,
          xM: size.xM * Math.cos(turn) - size.yM * Math.sin(turn) + dx,
          yM: size.xM * Math.sin(turn) + size.yM * Math.cos(turn) + dy,
          turnDeg: size.turnDeg + byDeg,
        });
        const gapOf = (a: typeof one, b: typeof one) =>
          gapM(
            crown('a', a.xM, a.yM, a.spreadM, a.lengthM, a.turnDeg),
            crown('b', b.xM, b.yM, b.spreadM, b.lengthM, b.turnDeg),
          );
        expect(gapOf(moved(one), moved(other))).toBeCloseTo(gapOf(one, other), 6);
        expect(gapOf(other, one)).toBeCloseTo(gapOf(one, other), 9);
      },
    ),
  );
});

test('how far two touch lies between nothing and the longer of the two, and grows as they near', () => {
  fc.assert(
    fc.property(anyCrown, anyCrown, (one, other) => {
      const a = crown('a', one.xM, one.yM, one.spreadM, one.lengthM, one.turnDeg);
      const b = crown('b', other.xM, other.yM, other.spreadM, other.lengthM, other.turnDeg);
      const wide = contactsOf([a, b], 2)[0]?.alongM ?? 0;
      const narrow = contactsOf([a, b], 0.1)[0]?.alongM ?? 0;
      const longest = Math.max(
        ...[one, other].map(({ spreadM, lengthM }) => Math.max(spreadM, lengthM ?? 0)),
      );
      expect(wide).toBeGreaterThanOrEqual(narrow - 1e-6);
      expect(wide).toBeLessThanOrEqual(longest + 2 + 1e-6);
    }),
    { numRuns: 60 },
  );
});

test('an outline lies on the edge of its crown all round', () => {
  fc.assert(
    fc.property(anyCrown, (size) => {
      const shape = crown('a', size.xM, size.yM, size.spreadM, size.lengthM, size.turnDeg);
      for (const point of outlineOf(shape)) expect(gapToPointM(shape, point)).toBeCloseTo(0, 6);
    }),
  );
});
