import { expose } from 'comlink';
import {
  affectedArea,
  findLeaf,
  type AffectedArea,
  type FoundLeaf,
  type Outline,
  type Pixels,
} from '#core/picture';

let held: { readonly pixels: Pixels; readonly leaf: FoundLeaf } | null = null;

const api = {
  /** Finds the leaf in a picture and keeps both for {@link api.affected}. */
  find(
    pixels: Pixels,
    outline: Outline,
    onStep: (step: number) => void,
  ): Pick<FoundLeaf, 'doubts' | 'leafPixels'> {
    const leaf = findLeaf(pixels, outline, onStep);
    held = { pixels, leaf };
    return { doubts: leaf.doubts, leafPixels: leaf.leafPixels };
  },
  /** The affected area of the leaf found last, with the leaf's own mask for drawing. */
  affected(greenness: number): AffectedArea & { readonly leafMask: Uint8Array } {
    if (!held) throw new Error('no leaf was looked for yet');
    return { ...affectedArea(held.pixels, held.leaf, greenness), leafMask: held.leaf.mask };
  },
};

export type LeafWorker = typeof api;

expose(api);
