import { GROUPS, guidePlates, hostById, inSentence, type MetOn, tellingPlate } from '#knowledge';
import { hasTrueSize, PlateDrawing, TrueSize } from '../../../plates/guide/plate-drawing.tsx';
import { monthsWords } from '../../../show/month-words.ts';
import { smallLengthWords } from '../../../show/small-lengths.ts';
import { useShow } from '../../../show/use-show.ts';
import type { GuidePlace } from './use-guide-place.ts';

const RULER_CM = 10;
const RULER_IN = 4;
const PARTS_AN_INCH = 8;

/** The edge of a ruler, in centimetres or inches; true on paper, cut off on a narrow screen. */
export function PocketRuler() {
  const inches = useShow().rainUnit === 'in';
  const unitMm = inches ? 25.4 : 10;
  const units = inches ? RULER_IN : RULER_CM;
  const parts = inches ? PARTS_AN_INCH : 10;
  const longMm = unitMm * units;
  return (
    <div className="overflow-hidden mb-3">
      <svg
        role="img"
        aria-label={`A ruler of ${units} ${inches ? 'inches' : 'centimetres'}`}
        viewBox={`-1 0 ${longMm + 8} 9`}
        style={{ width: `${longMm + 8}mm`, height: '9mm' }}
        className="max-w-none!"
      >
        {Array.from({ length: units * parts + 1 }, (_, i) => {
          const x = (i * unitMm) / parts;
          const isWhole = i % parts === 0;
          return (
            <path
              key={i}
              d={`M${x} 0V${isWhole ? 4 : i % (parts / 2) === 0 ? 3 : 1.8}`}
              stroke="currentColor"
              strokeWidth="0.2"
            />
          );
        })}
        {Array.from({ length: units + 1 }, (_, i) => (
          <text key={i} x={i * unitMm} y="8" fontSize="3.2" textAnchor="middle" fill="currentColor">
            {i === units ? `${i} ${inches ? 'in' : 'cm'}` : i}
          </text>
        ))}
      </svg>
    </div>
  );
}

/** One trouble on the sheet: drawn, named, where and when to look, what settles it. */
export function PocketCard({
  row: { target, hostIds },
  isWatched,
  place,
}: {
  row: MetOn;
  isWatched: boolean;
  place: GuidePlace;
}) {
  const inches = useShow().rainUnit === 'in';
  const plate = tellingPlate(target.id);
  const hatch = guidePlates(target.id, place).find(({ stage }) => stage === 'crawler')?.months ?? [];
  return (
    <div className="flex flex-wrap gap-2.5 print:flex-nowrap border-t border-base-300 pt-2">
      {plate && (
        <div className="w-24 print:w-16 shrink-0">
          <PlateDrawing plate={plate} className="w-full" />
          {hasTrueSize(plate) && (
            <span className="flex items-center gap-1.5 text-xs print:text-[6.5pt] mt-1">
              true size <TrueSize plate={plate} />
            </span>
          )}
        </div>
      )}
      <div className="text-sm grow basis-36 print:basis-0 break-words print:text-[8pt] print:leading-tight">
        <b className="font-semibold">{target.name}</b>{' '}
        <span className="tag whitespace-normal">
          {isWatched ? 'watched here' : GROUPS[target.group].short}
        </span>
        <p>
          {hostIds.length > 0 && <>On {hostIds.map((id) => inSentence(hostById(id).name)).join(', ')}. </>}
          {target.group === 'no-trouble' ? target.what : `Sits on: ${target.sits}.`}
          {plate?.lengthMm && <> {smallLengthWords(plate.lengthMm, inches)}.</>}
          {hatch.length > 0 && <> Crawlers usually {monthsWords(hatch.map(place.across))}.</>}
          {hatch.length === 0 && target.months.length > 0 && (
            <> Seen {monthsWords(target.months.map(place.across))}.</>
          )}
        </p>
        <p>
          <b>Settled by:</b> {target.confirmedBy}.
        </p>
        {target.report && <p className="font-semibold text-error">Report it where it is new.</p>}
      </div>
    </div>
  );
}
