import { describe, expect, test } from '@jest/globals';
import { v7 } from 'uuid';
import type { CivilDate } from '#core/calendar';
import type { Inspection, Tag } from '#core/records';
import { gardenDay } from '../garden-day.ts';
import type { GardenState } from '../garden-state.ts';
import { madeGarden, plantOf, productOf, sampleOf, sprayOf, twigs, watchOn } from '../made-garden.ts';
import { pictureOf } from '../watch-pictures.ts';
import { tagStanding } from './tag-standing.ts';

const hedge = plantOf('Hedge', 'euonymus');
const watch = watchOn(hedge, 'euonymus-scale');
const oil = productOf('mineral-oil');
const TAGS = Array.from({ length: 12 }, (_, i): Tag => ({
  id: v7(),
  watchId: watch.id,
  label: String(i + 1),
  protocol: 'twig',
  untouched: i % 2 === 1,
  taggedOn: '2026-05-01',
  lostOn: null,
}));
const counted = (on: CivilDate, treated: number, alone: number) => {
  const sample = sampleOf(
    watch,
    on,
    'twig',
    twigs(TAGS.map(({ untouched }) => (untouched ? alone : treated))),
  );
  return { ...sample, units: sample.units.map((unit, i) => ({ ...unit, tagId: TAGS[i]!.id })) };
};
const sprayed = [sprayOf(watch, '2026-05-02', [oil])];
function standing(today: CivilDate, said: Partial<GardenState>) {
  const day = gardenDay(madeGarden({ plants: [hedge], watches: [watch], products: [oil], ...said }), today);
  return tagStanding(day, pictureOf(day, watch.id)!);
}

describe('where the proof by tags stands', () => {
  test.each([
    ['hang', '2026-05-01', {}],
    ['before', '2026-05-01', { tags: TAGS }],
    ['work', '2026-05-02', { tags: TAGS, samples: [counted('2026-05-01', 20, 20)] }],
    ['wait', '2026-05-15', { tags: TAGS, samples: [counted('2026-05-01', 20, 20)], sprays: sprayed }],
    ['after', '2026-05-16', { tags: TAGS, samples: [counted('2026-05-01', 20, 20)], sprays: sprayed }],
    [
      'told',
      '2026-05-20',
      { tags: TAGS, samples: [counted('2026-05-01', 20, 20), counted('2026-05-20', 2, 20)], sprays: sprayed },
    ],
  ] as const)('%s on %s', (phase, today, said) => {
    expect(standing(today, said as never).phase).toBe(phase);
  });

  test('it worked, it did not, it cannot be told', () => {
    const after = (treated: number, alone: number) =>
      standing('2026-05-20', {
        tags: TAGS,
        samples: [counted('2026-05-01', 20, 20), counted('2026-05-20', treated, alone)],
        sprays: sprayed,
      });
    expect(after(2, 20)).toMatchObject({
      verdict: 'worked',
      workedOn: '2026-05-02',
      countFrom: '2026-05-16',
    });
    expect(after(30, 20).verdict).toBe('did-not');
    expect(after(16, 20).verdict).toBe('cannot-tell');
    expect(after(16, 20).needed.halving).toBe(30);
    expect(
      standing('2026-05-16', { tags: TAGS, samples: [counted('2026-05-01', 20, 20)], sprays: sprayed })
        .verdict,
    ).toBeNull();
  });

  test('burned, where somebody saw it since the work', () => {
    const look = (on: CivilDate): Inspection => ({
      id: v7(),
      watchId: watch.id,
      on,
      answers: { 'why burned': 'yes' },
      coversTurned: 0,
    });
    const burned = (on: CivilDate) =>
      standing('2026-05-20', { tags: TAGS, sprays: sprayed, inspections: [look(on)] }).burned;
    expect(burned('2026-05-10')).toBe(true);
    expect(burned('2026-05-01')).toBe(false);
  });
});
