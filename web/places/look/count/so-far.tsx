import type { TargetGroup } from '#core/identify';
import { type Protocol, summarise, type Unit, unitsForPrecision } from '#core/sampling';
import { levelBounds } from '#knowledge';
import { levelWords, moreWords, showMeasureOf } from '../../../show/measures.ts';
import { SpurVerdicts } from '../spur-findings.tsx';

/** Interval wanted: a third of a mean, ten points of a share. */
const PRECISION = { mean: 1 / 3, area: 1 / 3, share: 0.1 } as const;

/** What the count comes to so far, and what it can and cannot show. */
export function SoFar({
  protocol,
  group,
  units,
  lead,
}: {
  protocol: Protocol;
  group: TargetGroup | null;
  units: readonly Unit[];
  lead: string;
}) {
  if (units.length < 2)
    return (
      <p className="soft text-sm" role="status">
        {lead}
      </p>
    );
  const { measure, level } = summarise(protocol, units, levelBounds(protocol, group)?.value ?? null);
  return (
    <div className="soft text-sm">
      <p role="status">
        {lead} So far <b className="text-base-content">{showMeasureOf(protocol, measure)}</b>
        {level ? `, ${levelWords(level)}` : ''}.
      </p>
      <p>{moreWords(protocol, measure, unitsForPrecision(measure, PRECISION[measure.kind]))}</p>
      {protocol === 'spur' && <SpurVerdicts units={units} />}
    </div>
  );
}
