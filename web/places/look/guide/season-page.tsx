import { useState } from 'react';
import { Link } from 'react-router';
import { type GuidePlate, guidePlates, metIn, metOn, plateTitle, type Target, TARGETS } from '#knowledge';
import { PageHead } from '../../../parts/page.tsx';
import { PlateDrawing } from '../../../plates/guide/plate-drawing.tsx';
import { MONTH_NAMES } from '../../../show/dates.ts';
import { monthsWords } from '../../../show/month-words.ts';
import { GuideNav } from './guide-nav.tsx';
import { type GuidePlace, useGuidePlace } from './use-guide-place.ts';
import { useOwnKinds } from './use-own-kinds.ts';

interface InSeason {
  readonly target: Target;
  readonly plates: readonly GuidePlate[];
}

/** Whether a stage is not yet met in the month before. */
const begins = (plate: GuidePlate, month: number, place: GuidePlace): boolean =>
  !metIn(plate, place.across(month === 1 ? 12 : month - 1));

/** Stages that come in this month and not in all; what is met all year is no news of a month. */
function inSeason(targets: readonly Target[], month: number, place: GuidePlace): InSeason[] {
  return targets
    .map((target) => ({
      target,
      plates: guidePlates(target.id, place).filter(
        (plate) => plate.months.length > 0 && metIn(plate, place.across(month)),
      ),
    }))
    .filter(({ plates }) => plates.length > 0);
}

/** What is to be seen in a month: which stage of which trouble, on these plants or on any. */
export function GuideSeasonPage() {
  const place = useGuidePlace();
  const kinds = useOwnKinds();
  const [chosen, setChosen] = useState<number | null>(null);
  const [ownOnly, setOwnOnly] = useState(true);
  if (!kinds) return <GuideNav />;
  const { hostIds, watched } = kinds;
  const month = chosen ?? place.month;
  const onOwn = metOn(hostIds, 'usually').map(({ target }) => target);
  const isOwn = ownOnly && hostIds.length > 0;
  const targets = isOwn
    ? TARGETS.filter(({ id }) => watched.has(id) && !onOwn.some((target) => target.id === id)).concat(onOwn)
    : TARGETS;
  const news = ({ plates }: InSeason) => plates.some((plate) => begins(plate, month, place));
  const rows = inSeason(targets, month, place).toSorted(
    (a, b) =>
      Number(watched.has(b.target.id)) - Number(watched.has(a.target.id)) ||
      Number(news(b)) - Number(news(a)),
  );
  return (
    <>
      <GuideNav />
      <PageHead
        title={`${MONTH_NAMES[month - 1]}: ${rows.length} ${rows.length === 1 ? 'trouble' : 'troubles'} to look for`}
        lead="What shows itself in this month; stages met all year are left out. Usual months, weeks wide (grade C): your own sums and tapes are under When."
      />
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2 mb-4">
        <label className="flex items-center gap-2">
          <span className="font-semibold text-[0.93rem] shrink-0">Month</span>
          <select
            className="select select-sm"
            value={month}
            onChange={(event) => setChosen(Number(event.target.value))}
          >
            {MONTH_NAMES.map((name, i) => (
              <option key={name} value={i + 1}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {hostIds.length > 0 && (
          <label className="flex items-center gap-2 min-h-8">
            <input
              type="checkbox"
              className="checkbox"
              checked={ownOnly}
              onChange={(event) => setOwnOnly(event.target.checked)}
            />
            Only what is usual on this garden&apos;s plants
          </label>
        )}
      </div>
      {rows.length === 0 && <p className="soft">Nothing of its own comes in this month.</p>}
      <ul className="md:columns-2 gap-4">
        {rows.map((row) => (
          <li key={row.target.id} className="sheet p-4 mb-4 break-inside-avoid">
            <SeasonRow row={row} month={month} place={place} isWatched={watched.has(row.target.id)} />
          </li>
        ))}
      </ul>
    </>
  );
}

function SeasonRow({
  row,
  month,
  place,
  isWatched,
}: {
  row: InSeason;
  month: number;
  place: GuidePlace;
  isWatched: boolean;
}) {
  return (
    <>
      <h2 className="text-base-content! mb-2">
        <Link className="hover:underline" to={`/look/guide/${row.target.id}`}>
          {row.target.name}
        </Link>
        {isWatched && <span className="tag tag-open ml-2">watched here</span>}
      </h2>
      <ul className="flex flex-col gap-2">
        {row.plates.map((plate) => (
          <li key={plate.stage} className="flex flex-wrap gap-x-3 gap-y-1 items-center">
            <PlateDrawing plate={plate} className="w-24 shrink-0" />
            <span className="grow basis-40 break-words">
              <b className="font-semibold">{plateTitle(plate.stage)}</b>{' '}
              <span className="soft text-sm">{monthsWords(plate.months.map(place.across))}</span>{' '}
              {begins(plate, month, place) && <span className="tag tag-open">begins</span>}
              <span className="block text-sm">{plate.shows}</span>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
