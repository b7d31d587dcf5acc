import { HANDWORK } from '#knowledge';
import type { CountedSeason } from '#engine';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { showDate, showFullDate } from '../../show/dates.ts';
import { showMeasureOf, unitWords } from '../../show/measures.ts';
import { showShareRange, significant } from '../../show/units.ts';
import { RATE_UNITS } from '../mix/mix-words.ts';
import { changeWords } from './change-words.ts';

/** Every count, newest first, with what it is compared with and what was done since. */
export function SeasonList({ seasons }: { seasons: readonly CountedSeason[] }) {
  return (
    <ol className="flex flex-col gap-4" aria-label="Count by count, newest first">
      {[...seasons].reverse().map((season) => (
        <li key={season.sampleId}>
          <Season season={season} />
        </li>
      ))}
    </ol>
  );
}

function Season({ season }: { season: CountedSeason }) {
  return (
    <article className="sheet p-4">
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <div>
          <h3 className="font-semibold">{showFullDate(season.on)}</h3>
          <p className="soft text-sm">
            {unitWords(season.protocol, season.measure.units)}
            {season.tagged ? ', tagged' : ''}
          </p>
        </div>
        <BeadScale level={season.level} />
      </div>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[0.93rem]">
        <dt className="soft">Found</dt>
        <dd className="font-semibold">{showMeasureOf(season.protocol, season.measure)}</dd>
        {season.holedShare && (
          <>
            <dt className="soft">Covers holed by wasps</dt>
            <dd className="font-semibold">
              {showShareRange(season.holedShare)} of {season.holedShare.outOf}
            </dd>
          </>
        )}
        {season.change && season.since && (
          <>
            <dt className="soft">Since {showDate(season.since, season.on)}</dt>
            <dd>{changeWords(season.change)}</dd>
          </>
        )}
        {season.change && (
          <>
            <dt className="soft">Done in between</dt>
            <dd>{doneWords(season)}</dd>
          </>
        )}
      </dl>
    </article>
  );
}

function doneWords({ treatments, handwork, on }: CountedSeason): string {
  const done = [
    ...treatments.map((treatment) => ({ on: treatment.on, words: treatmentWords(treatment, on) })),
    ...handwork.map((work) => ({
      on: work.on,
      words: `${showDate(work.on, on)}, ${HANDWORK[work.kind].done}`,
    })),
  ];
  return (
    done
      .sort((a, b) => (a.on < b.on ? -1 : 1))
      .map(({ words }) => words)
      .join('; ') || 'nothing logged'
  );
}

function treatmentWords(
  { on, product, rate, rateUnit }: CountedSeason['treatments'][number],
  seasonOn: string,
): string {
  return `${showDate(on, seasonOn)}, ${product}, ${significant(rate, 2)} ${rateUnit ? RATE_UNITS[rateUnit] : ''}`.trimEnd();
}
