import { expect, test } from '@jest/globals';
import { assessLife } from './index.ts';

test.each([
  [{ press: 'fluid' }, 0, false, 'alive', 'fluid'],
  [{ press: 'fluid' }, 0, true, 'unknown', 'moist-after-oil'],
  [{ press: 'dry' }, 0, false, 'unknown', 'dry-not-turned'],
  [{ press: 'dry', 'turn-over': 'eggs' }, 3, false, 'alive', 'eggs-beneath'],
  [{ press: 'dry', 'turn-over': 'empty' }, 9, false, 'unknown', 'dry-not-turned'],
  [{ press: 'dry', 'turn-over': 'empty' }, 10, false, 'dead', 'dry-and-turned'],
  [{ larva: 'inside' }, 0, false, 'alive', 'live-larva'],
  [{}, 0, false, 'unknown', 'not-checked'],
])('%j with %d covers turned, oiled %s: %s', (answers, turned, oiled, life, because) => {
  expect(assessLife(answers, turned, oiled)).toEqual({ life, because });
});

test('crawlers that walk are alive, whatever lay dead before', () => {
  expect(assessLife({ press: 'dry', 'turn-over': 'empty' }, 12, false, 0, true)).toEqual({
    life: 'alive',
    because: 'crawlers-walk',
  });
});

test('live ones counted this season settle it', () => {
  expect(assessLife({ press: 'dry', 'turn-over': 'empty' }, 12, false, 3)).toEqual({
    life: 'alive',
    because: 'live-counted',
  });
});
