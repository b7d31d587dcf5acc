import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  correctedNormals,
  generateDays,
  normalsFromTable,
  roughMonths,
  type ToldClimate,
  winterLowOfZone,
} from './index.ts';

const told = (more: Partial<ToldClimate> = {}): ToldClimate => ({
  lastFrost: '05-01',
  firstFrost: '10-08',
  summerHighC: 28,
  winterLowC: -13,
  summerLowC: null,
  summers: 'even',
  ...more,
});
const spread = (months: readonly { minC: number; maxC: number }[]) =>
  months.map(({ minC, maxC }) => (minC + maxC) / 2);

describe('usual months from what a gardener knows', () => {
  test('a cold-winter place: its midwinter nights and midsummer afternoons are those that were told', () => {
    const { months, widthC } = roughMonths(told(), 45);
    // A month's mean lies a little inside its extreme day.
    expect(months[0]!.minC).toBeCloseTo(-12.7, 0);
    expect(months[6]!.maxC).toBeCloseTo(27.6, 0);
    // By hand: 205 days of frost, half 102.5; the low rises to (1 − cos 101°)/2 = 0.60 of its way at +5 °C, so that
    // midsummer nights are 17.2 °C by frost and 17 °C by the usual range.
    expect(months[6]!.minC).toBeCloseTo(17, 0);
    expect(widthC).toBe(1.8);
  });

  test('April is colder than October, and the south has it the other way round', () => {
    const north = roughMonths(told(), 45).months;
    const south = roughMonths(told({ lastFrost: '11-01', firstFrost: '04-08' }), -45).months;
    expect(north[3]!.maxC).toBeLessThan(north[9]!.maxC);
    expect(south[9]!.maxC).toBeLessThan(south[3]!.maxC);
    expect(spread(south).indexOf(Math.min(...spread(south)))).toBe(6);
    expect(spread(north).indexOf(Math.max(...spread(north)))).toBe(6);
  });

  test('a place without frost goes by its summers, wider; a summer night that is told rules', () => {
    const free = { lastFrost: null, firstFrost: null, summerHighC: 30, winterLowC: 10 };
    const nights = (summers: ToldClimate['summers']) =>
      roughMonths(told({ ...free, summers }), 30).months[6]!.minC;
    expect(nights('dry')).toBeLessThan(nights('even'));
    expect(nights('even')).toBeLessThan(nights('wet'));
    expect(roughMonths(told(free), 30).widthC).toBe(2.5);
    const warm = roughMonths(told({ ...free, summerLowC: 22 }), 30);
    expect(warm.months[6]!.minC).toBeCloseTo(21.8, 0);
    expect(warm.widthC).toBe(1.2);
  });

  test('dry summers have their rain in winter, in either hemisphere', () => {
    for (const latitudeDeg of [38, -38]) {
      const { months } = roughMonths(
        told({ lastFrost: null, firstFrost: null, winterLowC: 6, summers: 'dry' }),
        latitudeDeg,
      );
      const [january, july] = [months[0]!, months[6]!];
      const [summer, winter] = latitudeDeg > 0 ? [july, january] : [january, july];
      expect(summer.wetDays).toBeLessThan(4);
      expect(winter.wetDays).toBeGreaterThan(8);
    }
  });

  test('frosts of another hemisphere are not believed', () => {
    expect(roughMonths(told(), -45).widthC).toBe(2.5);
  });

  test('whatever is told, months are whole, in order through the year, and lie between what was told', () => {
    const climates = fc.record({
      winterLowC: fc.integer({ min: -30, max: 18 }),
      above: fc.integer({ min: 5, max: 55 }),
      latitudeDeg: fc.integer({ min: -60, max: 60 }),
      summers: fc.constantFrom('dry' as const, 'even' as const, 'wet' as const),
      frosts: fc.constantFrom(
        null,
        ['05-01', '10-08'] as const,
        ['03-10', '11-20'] as const,
        ['02-29', '12-31'] as const,
      ),
    });
    fc.assert(
      fc.property(climates, ({ winterLowC, above, latitudeDeg, summers, frosts }) => {
        const summerHighC = winterLowC + above;
        const [lastFrost, firstFrost] = frosts ?? [null, null];
        const { months } = roughMonths(
          { lastFrost, firstFrost, winterLowC, summerHighC, summerLowC: null, summers },
          latitudeDeg,
        );
        expect(months).toHaveLength(12);
        for (const { minC, maxC, wetDays, rainMm } of months) {
          expect(minC).toBeGreaterThanOrEqual(winterLowC - 0.06);
          expect(maxC).toBeLessThanOrEqual(summerHighC + 0.06);
          expect(maxC).toBeGreaterThanOrEqual(minC);
          expect(wetDays).toBeGreaterThanOrEqual(0);
          expect(rainMm).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });

  test('what contradicts itself is refused', () => {
    expect(() => roughMonths(told({ summerHighC: -13 }), 45)).toThrow(RangeError);
    expect(() => roughMonths(told({ summerLowC: 28 }), 45)).toThrow(RangeError);
    expect(() => roughMonths(told({ summerLowC: -14 }), 45)).toThrow(RangeError);
  });
});

test.each([
  ['5', -14],
  ['5b', -13],
  [' 9A ', 7],
  ['1a', -38],
  ['14', null],
  ['0', null],
  ['five', null],
])('zone %s has midwinter nights of about %p °C', (zone, lowC) => {
  expect(winterLowOfZone(zone)).toBe(lowC);
});

describe('normals set right by readings', () => {
  const { months } = roughMonths(told(), 45);
  const guess = { months, widthC: 2 };
  const truth = months.map((month) => ({ ...month, minC: month.minC + 3, maxC: month.maxC + 3 }));
  const year = (seed: number, to = '2026-12-31') =>
    generateDays(normalsFromTable(truth), seed, '2026-01-01', to);

  test('nothing read changes nothing; a year of readings shifts most of the way, and is surer', () => {
    expect(correctedNormals(guess, [])).toEqual(guess);
    const after = correctedNormals(guess, year(1));
    // By hand: 365 days count as 64; variance 1 + 14.06/64 = 1.22; believed 4/5.22 = 0.77 of 3 °C.
    expect(after.months[3]!.minC - months[3]!.minC).toBeGreaterThan(1.4);
    expect(after.months[3]!.minC - months[3]!.minC).toBeLessThan(3);
    expect(after.widthC).toBeCloseTo(Math.sqrt(4 * (1 - 4 / 5.22)), 2);
  });

  test('a week says little', () => {
    const after = correctedNormals(guess, year(2, '2026-01-07'));
    expect(after.widthC).toBeGreaterThan(1.7);
    expect(Math.abs(after.months[0]!.minC - months[0]!.minC)).toBeLessThan(3);
  });

  test('its widths hold what they claim: nine in ten of four hundred places', () => {
    // A place is off by its width, a season by its own mood; days scatter about both.
    let held = 0;
    const places = 400;
    for (let seed = 0; seed < places; seed++) {
      const normal = (k: number) => normalsOfSeed(seed * 7 + k);
      const off = 2 * normal(1);
      const shifted = months.map((month) => ({
        ...month,
        minC: month.minC + off + normal(2),
        maxC: month.maxC + off + normal(2),
      }));
      const days = generateDays(normalsFromTable(shifted), seed, '2026-03-01', '2026-06-30');
      const after = correctedNormals(guess, days);
      const left = off - (after.months[5]!.minC - months[5]!.minC);
      if (Math.abs(left) <= 1.645 * after.widthC) held++;
    }
    expect(held / places).toBeGreaterThan(0.85);
    expect(held / places).toBeLessThan(0.95);
  });
});

/** A normal draw by its seed alone (Box and Muller 1958). */
function normalsOfSeed(seed: number): number {
  const uniform = (k: number) => {
    const x = Math.sin(seed * 12.9898 + k * 78.233) * 43758.5453;
    return Math.max(1e-9, x - Math.floor(x));
  };
  return Math.sqrt(-2 * Math.log(uniform(1))) * Math.cos(2 * Math.PI * uniform(2));
}

test('years drawn from guessed months differ by as much as the months may be off, measured ones do not', () => {
  const { months } = roughMonths(told(), 45);
  const meansOf = (centreSpreadC: number) =>
    Array.from({ length: 60 }, (_, seed) => {
      const days = generateDays(normalsFromTable(months, centreSpreadC), seed, '2026-01-01', '2026-12-31');
      return days.reduce((sum, { minC, maxC }) => sum + (minC + maxC) / 2, 0) / days.length;
    });
  const spreadOf = (values: readonly number[]) => {
    const mean = values.reduce((a, b) => a + b, 0) / values.length;
    return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
  };
  expect(spreadOf(meansOf(0))).toBeLessThan(0.7);
  expect(spreadOf(meansOf(2.5))).toBeGreaterThan(1.9);
  expect(spreadOf(meansOf(2.5))).toBeLessThan(3.2);
});
