import type { TargetGroup } from '#core/identify';
import type { Tag } from '#core/records';
import { type Protocol, summarise, type Unit, unitsApart, unitsForPrecision } from '#core/sampling';
import { levelBounds } from '#knowledge';
import { levelWords, moreWords, showMeasureOf, unitWords } from '../../../show/measures.ts';
import { SpurVerdicts } from '../spur-findings.tsx';

/** Interval wanted: a third of a mean, ten points of a share. */
const PRECISION = { mean: 1 / 3, area: 1 / 3, share: 0.1 } as const;

/** What the count comes to so far, and what it can and cannot show. */
export function SoFar({
  protocol,
  group,
  units,
  tags,
  lead,
}: {
  protocol: Protocol;
  group: TargetGroup | null;
  /** As they will be kept, so that what is said now is what is said then. */
  units: readonly Unit[];
  tags: readonly Tag[] | null;
  lead: string;
}) {
  if (units.length < 2)
    return (
      <p className="soft text-sm" role="status">
        {lead}
      </p>
    );
  const alone = (tags ?? []).filter(({ untouched }) => untouched).map(({ id }) => id);
  const { treated, leftAlone } = unitsApart(units, alone);
  const { measure, level } = summarise(protocol, treated, levelBounds(protocol, group)?.value ?? null);
  return (
    <div className="soft text-sm">
      <p role="status">
        {lead} So far <b className="text-base-content">{showMeasureOf(protocol, measure)}</b>
        {level ? `, ${levelWords(level)}` : ''}
        {leftAlone.length > 0 &&
          `, on those to be treated; ${unitWords(protocol, leftAlone.length)} left alone`}
        .
      </p>
      <p>{moreWords(protocol, measure, unitsForPrecision(measure, PRECISION[measure.kind]))}</p>
      {protocol === 'spur' && <SpurVerdicts units={units} />}
    </div>
  );
}
