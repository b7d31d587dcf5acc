import { tellingPlate } from '#knowledge';
import { PlateDrawing } from './plate-drawing.tsx';

/** The small picture a trouble is known by, beside its name; nothing where it has none. */
export function TroubleThumb({
  targetId,
  className = 'w-16 h-11',
}: {
  targetId: string;
  className?: string;
}) {
  const plate = tellingPlate(targetId);
  return plate && <PlateDrawing plate={plate} className={`shrink-0 ${className}`} />;
}
