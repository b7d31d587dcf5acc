import { expect, test } from '@jest/globals';
import { scabSporesRipe } from './scab-spores.ts';

test.each([
  [0, 0.0064, 3],
  [249, 0.5, 3],
  [413, 0.95, 2],
  [500, 0.994, 2],
])('after %d °C·days above 0 °C about %d of the spores are ripe', (cd, share, decimals) => {
  expect(scabSporesRipe(cd)).toBeCloseTo(share, decimals);
});

test('they only ripen, never the other way', () => {
  const shares = Array.from({ length: 60 }, (_, i) => scabSporesRipe(i * 10));
  shares.slice(1).forEach((share, i) => expect(share).toBeGreaterThan(shares[i]!));
});
