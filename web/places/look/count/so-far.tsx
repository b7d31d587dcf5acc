import type { TargetGroup } from '#core/identify';
import {
  planAround,
  type Protocol,
  sequentialVerdict,
  summarise,
  type Unit,
  unitsForPrecision,
} from '#core/sampling';
import { levelBounds, PROTOCOL_TEXTS, SPUR_THRESHOLDS } from '#knowledge';
import { levelWords, moreWords, showMeasureOf } from '../../../show/measures.ts';

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

const VERDICT_WORDS = { below: 'below it', above: 'above it', 'go-on': 'not decided: go on' } as const;

/** The published thresholds, decided spur by spur with a test made for looking again and again. */
function SpurVerdicts({ units }: { units: readonly Unit[] }) {
  return (
    <ul className="mt-1">
      {SPUR_THRESHOLDS.map(({ value: { item, share, then }, grade }) => {
        const hits = units.filter(({ counts }) => counts[item]! > 0).length;
        const name = PROTOCOL_TEXTS.spur.items.find(({ id }) => id === item)!.name.toLowerCase();
        return (
          <li key={`${item}${share}`}>
            {name} on {Math.round(share * 100)} % of spurs ({then}; grade {grade}):{' '}
            <b className="text-base-content">
              {VERDICT_WORDS[sequentialVerdict(planAround(share), hits, units.length)]}
            </b>
          </li>
        );
      })}
      <li>Wrong about one time in ten either way; 100 spurs at most. Fewer trees show less.</li>
    </ul>
  );
}
