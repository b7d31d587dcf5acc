import type { Garden } from '#core/records';
import { useGarden, usePutGarden } from '../../../api/queries.ts';
import { Field } from '../../../parts/field.tsx';
import { useChange } from '../../../parts/use-change.ts';
import { bearingWords } from './compass.ts';

const EIGHTHS = [0, 45, 90, 135, 180, 225, 270, 315] as const;

/** Which way up the plan lies, and where the wind comes from where the gardener knows better than the readings. */
export function PlanSettings() {
  const garden = useGarden().data?.garden;
  const change = useChange(usePutGarden());
  if (!garden) return null;
  const keep = (part: Partial<Garden>, says: string) => change(garden, { ...garden, ...part }, says);
  return (
    <div className="grid grid-cols-2 gap-3">
      <Field label="Up is">
        <select
          className="select w-full"
          value={garden.upBearingDeg}
          onChange={(event) => keep({ upBearingDeg: Number(event.target.value) }, 'The plan is turned.')}
        >
          {!EIGHTHS.includes(garden.upBearingDeg as 0) && (
            <option value={garden.upBearingDeg}>{Math.round(garden.upBearingDeg)}°</option>
          )}
          {EIGHTHS.map((bearing) => (
            <option key={bearing} value={bearing}>
              {bearingWords(bearing)}
            </option>
          ))}
        </select>
      </Field>
      <Field label="The wind comes from">
        <select
          className="select w-full"
          value={garden.windFromDeg ?? ''}
          onChange={(event) =>
            keep(
              { windFromDeg: event.target.value === '' ? null : Number(event.target.value) },
              'The wind is noted.',
            )
          }
        >
          <option value="">by the readings</option>
          {EIGHTHS.map((bearing) => (
            <option key={bearing} value={bearing}>
              the {bearingWords(bearing)}
            </option>
          ))}
        </select>
      </Field>
    </div>
  );
}
