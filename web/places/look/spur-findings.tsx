import { planAround, sequentialVerdict, type Unit } from '#core/sampling';
import type { WatchPicture } from '#engine';
import { PROTOCOL_TEXTS, SPUR_THRESHOLDS } from '#knowledge';
import { showFullDate } from '../../show/dates.ts';
import { unitWords } from '../../show/measures.ts';
import { showShareRange } from '../../show/units.ts';

const VERDICT_WORDS = { below: 'below it', above: 'above it', 'go-on': 'not decided: go on' } as const;

/** The thresholds, decided spur by spur with a test made for looking again and again. */
export function SpurVerdicts({ units }: { units: readonly Unit[] }) {
  return (
    <ul className="mt-1">
      {SPUR_THRESHOLDS.map(({ value: { item, share, then }, grade }) => {
        const hits = units.filter(({ counts }) => (counts[item] ?? 0) > 0).length;
        const name = PROTOCOL_TEXTS.spur.items.find(({ id }) => id === item)!.name;
        return (
          <li key={`${item}${share}`}>
            {name} on {share === 0 ? 'any spur' : `${Math.round(share * 100)} % of spurs`} ({then}; grade{' '}
            {grade}): <b className="text-base-content">{verdictWords(share, hits, units.length)}</b>
          </li>
        );
      })}
      <li>Wrong about one time in ten either way; 100 spurs at most. Fewer trees show less.</li>
    </ul>
  );
}

function verdictWords(share: number, hits: number, spurs: number): string {
  if (share === 0) return hits > 0 ? `found, on ${hits}` : 'none so far';
  return VERDICT_WORDS[sequentialVerdict(planAround(share), hits, spurs)];
}

/** The last spur sample in full: every item with its share, what wasps did, and what the thresholds say. */
export function SpurFindings({ picture }: { picture: WatchPicture }) {
  const last = picture.samples.findLast(({ protocol }) => protocol === 'spur');
  if (!last) return null;
  const { found, holedShare } = last.summary;
  return (
    <section aria-label="Spur sample">
      <h2 className="mb-2">
        Spurs of {showFullDate(last.on)}: {unitWords('spur', last.units.length)}
      </h2>
      <div className="sheet p-4 flex flex-col gap-3 text-[0.93rem]">
        <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
          {PROTOCOL_TEXTS.spur.items.map(({ id, name }) => (
            <div key={id} className="contents">
              <dt className="soft">{name}</dt>
              <dd className="font-semibold">{showShareRange(found[id]!)} of spurs</dd>
            </div>
          ))}
          <dt className="soft">Of spurs with scale, some holed by wasps</dt>
          <dd className="font-semibold">{holedShare ? showShareRange(holedShare) : 'no scale found'}</dd>
        </dl>
        <SpurVerdicts units={last.units} />
      </div>
    </section>
  );
}
