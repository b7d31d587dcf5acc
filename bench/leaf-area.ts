import { DAMAGE_KINDS, drawLeaf } from '#core/eye';
import { affectedArea, findLeaf, USUAL_GREENNESS } from '#core/picture';
import { paintLeaf, PLAIN_LIGHT, type PaintedLight } from '#simulated';

const LIGHTS: readonly (readonly [string, Partial<PaintedLight>])[] = [
  ['plain light', {}],
  ['dim light (0.6)', { strength: 0.6 }],
  ['warm light (12 %)', { warmth: 0.12 }],
  ['shadow across it (45 %)', { shadow: 0.45 }],
  ['blur of 1 px', { blurPx: 1 }],
];

/** Error of the measured leaf area on painted leaves of known area, in points, 320 pixels wide. */
export function leafAreaErrors(): void {
  for (const [name, light] of LIGHTS) {
    const errors = DAMAGE_KINDS.flatMap((kind) =>
      [0, 1, 2, 5, 10, 20, 35, 50].map((percent, i) => {
        const leaf = drawLeaf(kind, percent, 100 + i);
        const picture = paintLeaf(leaf, 320, { ...PLAIN_LIGHT, ...light }, i);
        const outline = kind === 'mildew' || kind === 'mines' ? 'rounded' : 'found';
        return {
          what: `${kind} at ${percent} %`,
          error:
            affectedArea(picture, findLeaf(picture, outline), USUAL_GREENNESS).percent - leaf.truthPercent,
        };
      }),
    );
    const worst = errors.reduce((a, b) => (Math.abs(b.error) > Math.abs(a.error) ? b : a));
    console.log(
      `leaf area, ${name}: mean error ${(errors.reduce((sum, { error }) => sum + Math.abs(error), 0) / errors.length).toFixed(2)} points over ${errors.length} leaves, worst ${worst.error.toFixed(1)} (${worst.what})`,
    );
  }
}
