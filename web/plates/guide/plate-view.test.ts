import { describe, expect, test } from '@jest/globals';
import { guidePlates, TARGETS } from '#knowledge';
import { BOX, plateView } from './plate-view.ts';

const ALL = TARGETS.flatMap(({ id }) => guidePlates(id).map((plate) => ({ id, plate })));

describe('how a plate is laid out', () => {
  test('each one is drawn within its shortest and longest length, at the scale the plate says', () => {
    let drawn = 0;
    for (const { id, plate } of ALL) {
      const { acrossMm, placed } = plateView(plate);
      for (const { length } of placed) {
        const mm = (length / BOX.width) * acrossMm;
        const [shortest, longest] = plate.lengthMm!;
        expect([id, plate.stage, mm > shortest - 1e-9 && mm < longest + 1e-9]).toEqual([
          id,
          plate.stage,
          true,
        ]);
        drawn++;
      }
    }
    expect(drawn).toBeGreaterThan(1000);
  });

  test('all have their middle within the box', () => {
    for (const { plate } of ALL)
      for (const { x, y } of plateView(plate).placed) {
        expect(x).toBeGreaterThan(0);
        expect(x).toBeLessThan(BOX.width);
        expect(y).toBeGreaterThan(0);
        expect(y).toBeLessThan(BOX.height);
      }
  });

  test('at another scale the same ones are as much smaller; whole leaves keep theirs', () => {
    const grown = guidePlates('euonymus-scale').find(({ stage }) => stage === 'grown')!;
    const itself = plateView(grown);
    const twice = plateView(grown, itself.acrossMm * 2);
    expect(twice.acrossMm).toBe(itself.acrossMm * 2);
    twice.placed.forEach(({ length }, i) => expect(length).toBeCloseTo(itself.placed[i]!.length / 2, 9));
    const leaf = guidePlates('rose-black-spot').find(({ stage }) => stage === 'full')!;
    expect(plateView(leaf, 5)).toEqual(plateView(leaf));
  });

  test('a lone one fills the box, a crowd does not', () => {
    const stageOf = (stage: string) => guidePlates('san-jose-scale').find((plate) => plate.stage === stage)!;
    expect(plateView(stageOf('turned-over')).placed).toHaveLength(1);
    expect(plateView(stageOf('turned-over')).placed[0]!.length).toBeGreaterThan(BOX.width / 2);
    expect(plateView(stageOf('grown')).placed.length).toBeGreaterThan(4);
  });
});
