import { blowsToDeg } from '#core/ground';
import type { SeasonWind } from '#engine';
import { useShow } from '../../../show/use-show.ts';
import { scaleBar } from './view.ts';

const M_PER_FOOT = 0.3048;

/** Scale, north and wind, which stay in their corners whatever is shown. */
export function PlanSigns({
  pxPerM,
  upBearingDeg,
  wind,
  windWords,
}: {
  readonly pxPerM: number;
  readonly upBearingDeg: number;
  readonly wind: SeasonWind | null;
  readonly windWords: string;
}) {
  const show = useShow();
  const { units, widthPx } = scaleBar(pxPerM, show.lengthUnit === 'ft' ? M_PER_FOOT : 1);
  return (
    <>
      <svg
        className="absolute left-3 bottom-2 pointer-events-none"
        width={widthPx + 4}
        height="32"
        role="img"
        aria-label={`Scale: the bar is ${units} ${show.lengthUnit}`}
      >
        <path
          d={`M2 4v8M2 8h${widthPx}M${widthPx + 2} 4v8`}
          stroke="var(--ink-soft)"
          strokeWidth="1.5"
          fill="none"
        />
        <text x={2 + widthPx / 2} y="26" textAnchor="middle" fontSize="12" fill="var(--ink-soft)">
          {units} {show.lengthUnit}
        </text>
      </svg>
      <svg
        className="absolute right-3 top-2 pointer-events-none"
        width="40"
        height="50"
        role="img"
        aria-label={
          upBearingDeg === 0 ? 'North is up' : `Up is ${Math.round(upBearingDeg)} degrees from north`
        }
      >
        <g transform={`rotate(${-upBearingDeg} 20 20)`}>
          <path d="M20 6l7 22-7-6-7 6Z" fill="var(--ink-soft)" />
        </g>
        <text x="20" y="47" textAnchor="middle" fontSize="12" fill="var(--ink-soft)">
          N
        </text>
      </svg>
      {wind && (
        <svg
          className="absolute right-14 top-2 pointer-events-none"
          width="110"
          height="50"
          role="img"
          aria-label={windWords}
        >
          <g transform={`rotate(${blowsToDeg(wind.fromDeg, upBearingDeg)} 55 18)`}>
            <path d="M34 18h42m-8-6 8 6-8 6" fill="none" stroke="var(--color-info)" strokeWidth="3" />
          </g>
          <text x="55" y="47" textAnchor="middle" fontSize="12" fill="var(--color-info)">
            {windWords}
          </text>
        </svg>
      )}
    </>
  );
}
