import { type GuidePlate, plateTitle } from '#knowledge';
import { scaleMark, smallLengthWords } from '../../show/small-lengths.ts';
import { useShow } from '../../show/use-show.ts';
import { hasTrueSize, PlateDrawing, TrueSize } from './plate-drawing.tsx';
import { plateView } from './plate-view.ts';

/** A plate with its scale beneath it, what it shows, and one as large as it is. */
export function PlateFigure({
  plate,
  met,
  acrossMm: wishedAcrossMm,
}: {
  plate: GuidePlate;
  /** When it is met, where that is told: now, or in such months. */
  met?: { readonly isNow: boolean; readonly words: string } | null;
  acrossMm?: number | undefined;
}) {
  const inches = useShow().rainUnit === 'in';
  const { acrossMm } = plateView(plate, wishedAcrossMm);
  const mark = scaleMark(acrossMm, inches);
  return (
    <figure className="flex flex-col gap-1">
      <PlateDrawing plate={plate} acrossMm={wishedAcrossMm} className="w-full" />
      <div className="flex flex-wrap items-end justify-between gap-2 min-h-7 text-sm" aria-hidden>
        <span
          className="border-b-2 border-x-2 border-(--ink-soft) h-2 text-center relative"
          style={{ width: `${(100 * mark.mm) / acrossMm}%` }}
        >
          <span className="absolute left-0 bottom-1 whitespace-nowrap pl-1">{mark.words}</span>
        </span>
        {hasTrueSize(plate) && (
          <span className="flex items-center gap-1.5 soft text-xs">
            true size <TrueSize plate={plate} />
          </span>
        )}
      </div>
      <figcaption>
        <b className="font-semibold">{plateTitle(plate.stage)}</b>
        {met && <span className={`tag ml-2 ${met.isNow ? 'tag-open' : ''}`}>{met.words}</span>}
        <span className="block text-sm">{plate.shows}</span>
        {plate.lengthMm && (
          <span className="block text-sm soft">
            {smallLengthWords(plate.lengthMm, inches)} long or across
          </span>
        )}
      </figcaption>
    </figure>
  );
}
