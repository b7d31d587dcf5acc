/** A stretch of known length in a picture; ends as shares of its width and height. */
export interface KnownStretch {
  readonly fromX: number;
  readonly fromY: number;
  readonly toX: number;
  readonly toY: number;
  readonly lengthMm: number;
}

export interface PictureSize {
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * Millimetres one pixel stands for at the depth of the stretch. Plain geometry; it holds only where
 * the picture was taken square on.
 * @throws RangeError when both ends are the same point.
 */
export function mmPerPixel(stretch: KnownStretch, { widthPx, heightPx }: PictureSize): number {
  const lengthPx = Math.hypot(
    (stretch.toX - stretch.fromX) * widthPx,
    (stretch.toY - stretch.fromY) * heightPx,
  );
  if (!(lengthPx > 0)) throw new RangeError('a scale needs two different ends');
  return stretch.lengthMm / lengthPx;
}

/** Marks per cm² of the whole picture. */
export function marksPerCm2(marks: number, stretch: KnownStretch, size: PictureSize): number {
  const mm = mmPerPixel(stretch, size);
  return marks / ((size.widthPx * mm * size.heightPx * mm) / 100);
}

const ROUND_LENGTHS_MM = [1, 2, 5, 10, 20, 50, 100, 200, 500];

/** A round length that fits a third of the picture's width, for a drawn scale bar; null when none does. */
export function scaleBarMm(stretch: KnownStretch, size: PictureSize): number | null {
  const mostMm = (mmPerPixel(stretch, size) * size.widthPx) / 3;
  return ROUND_LENGTHS_MM.filter((length) => length <= mostMm).at(-1) ?? null;
}
