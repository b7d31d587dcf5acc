import { describe, expect, test } from '@jest/globals';
import { DAMAGE_KINDS, drawLeaf, type DamageKind } from '#core/eye';
import { paintLeaf, PLAIN_LIGHT, type PaintedLight } from '#simulated';
import { affectedArea, findLeaf, USUAL_GREENNESS } from './index.ts';

const WIDTH = 200;

/**
 * White damage at the edge is lost on white paper unless the outline is rounded out; a person sees that
 * on the mask.
 */
const outlineFor = (kind: DamageKind) => (kind === 'mildew' || kind === 'mines' ? 'rounded' : 'found');

function errorsUnder(light: Partial<PaintedLight>): number[] {
  return DAMAGE_KINDS.flatMap((kind) =>
    [0, 5, 50].map((percent, i) => {
      const leaf = drawLeaf(kind, percent, 100 + i);
      const picture = paintLeaf(leaf, WIDTH, { ...PLAIN_LIGHT, ...light }, i);
      return (
        affectedArea(picture, findLeaf(picture, outlineFor(kind)), USUAL_GREENNESS).percent -
        leaf.truthPercent
      );
    }),
  );
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + Math.abs(value), 0) / values.length;

describe('painted leaves of known area', () => {
  test.each<[string, Partial<PaintedLight>, number, number]>([
    ['plain light', {}, 2, 5],
    ['dim light', { strength: 0.6 }, 2, 5],
    ['warm light', { warmth: 0.12 }, 2.5, 6],
    ['a shadow across it', { shadow: 0.45 }, 2, 5],
    ['a little blur, small picture', { blurPx: 1 }, 4, 14],
  ])('%s: mean and worst error in points stay small', (_, light, most, worst) => {
    const errors = errorsUnder(light);
    expect(mean(errors)).toBeLessThan(most);
    expect(Math.max(...errors.map(Math.abs))).toBeLessThan(worst);
  });

  test('asking for greener finds more, for less green less', () => {
    const picture = paintLeaf(drawLeaf('spots', 20, 3), WIDTH, PLAIN_LIGHT, 1);
    const leaf = findLeaf(picture);
    const at = [0.1, 0.3, 0.5, 0.7, 0.9].map((greenness) => affectedArea(picture, leaf, greenness).percent);
    expect([...at].sort((a, b) => a - b)).toEqual(at);
  });
});

describe('a picture unfit to measure says why', () => {
  const picture = (light: Partial<PaintedLight>) =>
    findLeaf(paintLeaf(drawLeaf('spots', 10, 3), WIDTH, { ...PLAIN_LIGHT, ...light }, 1)).doubts;

  test('a plain one has no doubts; dark, glaring and blurred ones do', () => {
    expect(picture({})).toEqual([]);
    expect(picture({ strength: 0.25 })).toContain('too-dark');
    expect(picture({ blurPx: 4 })).toContain('out-of-focus');
    expect(picture({ blurPx: 1 })).not.toContain('out-of-focus');
  });

  test('bare paper holds no leaf; a leaf that fills the frame touches its edge', () => {
    const paper = { data: new Uint8ClampedArray(4 * 60 * 40).fill(230), width: 60, height: 40 };
    expect(findLeaf(paper).doubts).toEqual(['no-leaf']);
    expect(affectedArea(paper, findLeaf(paper), 0.5).percent).toBe(0);
    const whole = paintLeaf(drawLeaf('spots', 5, 3), WIDTH, PLAIN_LIGHT, 1);
    const cropped = {
      width: 120,
      height: whole.height,
      data: new Uint8ClampedArray(
        Array.from({ length: whole.height }, (_, y) => [
          ...whole.data.subarray(4 * y * WIDTH, 4 * (y * WIDTH + 120)),
        ]).flat(),
      ),
    };
    expect(findLeaf(cropped).doubts).toContain('touches-edge');
  });

  test('steps are told in order', () => {
    const steps: number[] = [];
    findLeaf(paintLeaf(drawLeaf('rust', 5, 3), 120, PLAIN_LIGHT, 1), 'found', (step) => steps.push(step));
    expect(steps).toEqual([0, 1, 2, 3]);
  });
});
