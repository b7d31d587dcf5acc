import { expect, test } from '@jest/globals';
import { isOverdue, walkOrder, type WalkStop } from './index.ts';

const stop = (name: string, more: Partial<WalkStop> = {}): WalkStop => ({
  plantId: name,
  watchId: `watch of ${name}`,
  name,
  place: 0,
  due: null,
  lookedOn: '2026-05-20',
  ...more,
});

test('a round goes place by place, what is overdue first', () => {
  const stops = [
    stop('pot', { place: 1, due: 'late' }),
    stop('fig', { watchId: null, lookedOn: null }),
    stop('apple'),
    stop('quince', { due: 'open' }),
    stop('rose', { lookedOn: '2026-03-01' }),
    stop('box', { due: 'late' }),
  ];
  expect(walkOrder(stops, '2026-05-29').map(({ name }) => name)).toEqual([
    'box',
    'rose',
    'quince',
    'apple',
    'fig',
    'pot',
  ]);
  expect(walkOrder(stops.toReversed(), '2026-05-29')).toEqual(walkOrder(stops, '2026-05-29'));
});

test('a watched plant is overdue after six weeks; one without a watch never is', () => {
  expect(isOverdue(stop('a', { lookedOn: '2026-04-17' }), '2026-05-29')).toBe(false);
  expect(isOverdue(stop('a', { lookedOn: '2026-04-16' }), '2026-05-29')).toBe(true);
  expect(isOverdue(stop('a', { watchId: null, lookedOn: null }), '2026-05-29')).toBe(false);
});
