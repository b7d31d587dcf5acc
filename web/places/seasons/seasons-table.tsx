import { Droplet, Hand, Shell } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { GardenSeasons, SeasonCell, SeasonWork } from '#engine';
import { howMany, inSentence } from '#knowledge';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { showMeasure } from '../../show/measures.ts';
import { showShareRange, significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { STATUS_WORDS } from '../look/status-words.ts';

/** Stays in sight while the seasons scroll. */
const NAME_COLUMN = 'sticky left-0 z-1 bg-base-100';

/** Watches down, seasons across: level as beads, what was done beneath; at the foot what the work came to. */
export function SeasonsTable({ all: { seasons, watches } }: { all: GardenSeasons }) {
  const frame = useRef<HTMLDivElement>(null);
  // Where not all seasons find room the newest are what is asked for.
  useEffect(() => {
    if (frame.current) frame.current.scrollLeft = frame.current.scrollWidth;
  }, []);
  return (
    <div
      ref={frame}
      className="sheet overflow-x-auto self-start"
      tabIndex={0}
      role="group"
      aria-label="All watches over all seasons, scrolls sideways"
    >
      <table className="table">
        <thead>
          <tr>
            <th className={NAME_COLUMN}>Watch</th>
            {seasons.map(({ season }) => (
              <th key={season.start}>{season.name}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {watches.map((watch) => (
            <tr key={watch.watchId} className="align-top">
              <th scope="row" className={`font-normal min-w-36 ${NAME_COLUMN}`}>
                <Link className="link-husk" to={`/seasons/watch/${watch.watchId}`}>
                  {watch.plantName}
                </Link>
                <span className="block text-sm">{inSentence(watch.targetName)}</span>
                <span className="block soft text-sm">{STATUS_WORDS[watch.status]}</span>
              </th>
              {watch.cells.map((cell, i) => (
                <td key={seasons[i]!.season.start} className="min-w-32">
                  {cell ? (
                    <Cell cell={cell} />
                  ) : (
                    <span className="soft" aria-label="nothing on record">
                      ·
                    </span>
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
        <tfoot className="text-[0.9rem] text-(--color-base-content)">
          <WorkRow
            name="Tanks sprayed"
            seasons={seasons}
            of={({ sprays }) => (sprays > 0 ? String(sprays) : '0')}
          />
          <WaterRow seasons={seasons} />
          <WorkRow name="Hours of work" seasons={seasons} of={hoursWords} />
          <WorkRow name="Cost of materials" seasons={seasons} of={costWords} />
        </tfoot>
      </table>
      <p className="soft text-sm px-4 pb-3">
        <Droplet size={14} aria-hidden className="inline" /> sprays,{' '}
        <Hand size={14} aria-hidden className="inline" /> work by hand,{' '}
        <Shell size={14} aria-hidden className="inline" /> share of covers holed by wasps. Hours of spraying
        are a rule of thumb by the plants' size (grade C); hours by hand as you told them.
      </p>
    </div>
  );
}

function Cell({ cell: { count, sprays, handwork, helpers } }: { cell: SeasonCell }) {
  return (
    <>
      {count ? (
        <>
          {count.level && <BeadScale level={count.level} />}
          <span className="block text-sm tabular-nums">{showMeasure(count.measure)}</span>
        </>
      ) : (
        <span className="soft text-sm block">not counted</span>
      )}
      <span className="flex flex-wrap gap-x-3 text-sm soft">
        {sprays > 0 && (
          <span title={howMany(sprays, 'spray')}>
            <Droplet size={14} aria-hidden className="inline" /> {sprays}
            <span className="sr-only"> {sprays === 1 ? 'spray' : 'sprays'}</span>
          </span>
        )}
        {handwork > 0 && (
          <span title={`by hand ${howMany(handwork, 'time')}`}>
            <Hand size={14} aria-hidden className="inline" /> {handwork}
            <span className="sr-only"> {handwork === 1 ? 'time' : 'times'} by hand</span>
          </span>
        )}
        {helpers && <span>helpers put out</span>}
        {count?.holedShare && count.holedShare.value > 0 && (
          <span title={`holed ${showShareRange(count.holedShare)}`}>
            <Shell size={14} aria-hidden className="inline" /> {Math.round(count.holedShare.value * 100)} %
            <span className="sr-only"> of covers holed</span>
          </span>
        )}
      </span>
    </>
  );
}

function WorkRow({
  name,
  seasons,
  of: wordsOf,
}: {
  name: string;
  seasons: readonly SeasonWork[];
  of: (work: SeasonWork) => string;
}) {
  return (
    <tr>
      <th scope="row" className={`font-medium ${NAME_COLUMN}`}>
        {name}
      </th>
      {seasons.map((work) => (
        <td key={work.season.start} className="tabular-nums">
          {wordsOf(work)}
        </td>
      ))}
    </tr>
  );
}

function WaterRow({ seasons }: { seasons: readonly SeasonWork[] }) {
  const show = useShow();
  return (
    <WorkRow
      name="Spray poured out"
      seasons={seasons}
      of={({ sprayMl }) => (sprayMl > 0 ? show.volume(sprayMl) : '–')}
    />
  );
}

function hoursWords({ sprayHours, handMinutes, handUntold }: SeasonWork): string {
  const hours = sprayHours + handMinutes / 60;
  if (hours === 0) return handUntold > 0 ? `${handUntold} untold` : '–';
  return `about ${significant(hours, 1)} h${handUntold > 0 ? `, ${handUntold} untold` : ''}`;
}

function costWords({ cost, unpriced, sprays }: SeasonWork): string {
  if (sprays === 0) return '–';
  if (cost === null) return 'no price known';
  return `${cost.toFixed(2)}${unpriced > 0 ? `, ${unpriced} without a price` : ''}`;
}
