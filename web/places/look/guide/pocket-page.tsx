import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { FrequencyWord } from '#core/identify';
import { guidePlates, hostById, howMany, inSentence, metIn, type MetOn, metOn, targetById } from '#knowledge';
import { useGarden } from '../../../api/queries.ts';
import { EmptyState, PageHead } from '../../../parts/page.tsx';
import { MONTH_NAMES } from '../../../show/dates.ts';
import { GuideNav } from './guide-nav.tsx';
import { PocketCard, PocketRuler } from './pocket-card.tsx';
import { type GuidePlace, useGuidePlace } from './use-guide-place.ts';
import { useOwnKinds } from './use-own-kinds.ts';

const DEPTHS: readonly (readonly [FrequencyWord, string])[] = [
  ['usually', 'usual ones'],
  ['sometimes', 'usual and occasional ones'],
  ['rarely', 'rare ones too'],
];

/** What was named here comes first, whatever is usual elsewhere. */
function listedFor(hostIds: readonly string[], depth: FrequencyWord, watched: ReadonlySet<string>): MetOn[] {
  const met = metOn(hostIds, depth);
  const named = [...watched].map(
    (id): MetOn =>
      metOn(hostIds, 'rarely').find(({ target }) => target.id === id) ?? {
        target: targetById(id),
        word: 'rarely',
        hostIds: [],
      },
  );
  return [...named, ...met.filter(({ target }) => !watched.has(target.id))];
}

const isMetIn = (targetId: string, month: number, place: GuidePlace) => {
  const { months } = targetById(targetId);
  const plates = guidePlates(targetId, place);
  return (
    metIn({ months }, place.across(month)) &&
    (plates.length === 0 || plates.some((plate) => metIn(plate, place.across(month))))
  );
};

/** A sheet to print and carry: what is met on this garden's plants, drawn, with a ruler along its edge. */
export function GuidePocketPage() {
  const garden = useGarden().data;
  const place = useGuidePlace();
  const kinds = useOwnKinds();
  const [depth, setDepth] = useState<FrequencyWord>('usually');
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [thisMonth, setThisMonth] = useState(false);
  if (!kinds) return <GuideNav />;
  const { hostIds, watched } = kinds;
  const taken = hostIds.filter((id) => !left.has(id));
  const month = thisMonth ? place.month : null;
  const rows = listedFor(taken, depth, watched).filter(
    ({ target }) => month === null || isMetIn(target.id, month, place),
  );
  const unknown = taken.filter((id) => metOn([id], 'rarely').length === 0);
  if (hostIds.length === 0)
    return (
      <>
        <GuideNav />
        <EmptyState title="The pocket sheet shows what is met on your own plants.">
          <Link className="link-husk" to="/start/plant">
            Note your plants
          </Link>{' '}
          and it fills itself.
        </EmptyState>
      </>
    );
  return (
    <>
      <GuideNav />
      <div className="no-print">
        <PageHead
          title={`Pocket sheet: ${howMany(rows.length, 'trouble', 'troubles')}`}
          lead="To print and carry round the garden. Print at full size (100 %) and the ruler and true sizes are right."
        >
          <button
            type="button"
            className="btn btn-primary"
            disabled={rows.length === 0}
            onClick={() => window.print()}
          >
            <Printer size={18} aria-hidden /> Print
          </button>
        </PageHead>
        <Choices
          hostIds={hostIds}
          left={left}
          onLeft={setLeft}
          depth={depth}
          onDepth={setDepth}
          thisMonth={thisMonth}
          onThisMonth={setThisMonth}
          monthName={MONTH_NAMES[place.month - 1]!}
        />
      </div>
      <article aria-label="Pocket sheet" className="sheet p-4 print-page">
        <p className="font-serif text-lg mb-1">
          {garden?.garden?.name ?? 'The garden'}
          {month !== null && `, ${MONTH_NAMES[month - 1]}`}: what may be met on{' '}
          {taken.map((id) => inSentence(hostById(id).name)).join(', ') || 'nothing chosen'}
        </p>
        <PocketRuler />
        {rows.length === 0 && <p className="soft">Nothing in the guide for this choice.</p>}
        <ul className="columns-1 sm:columns-2 lg:columns-3 print:columns-3 gap-4">
          {rows.map((row) => (
            <li key={row.target.id} className="break-inside-avoid mb-3 print:mb-1.5">
              <PocketCard row={row} isWatched={watched.has(row.target.id)} place={place} />
            </li>
          ))}
        </ul>
        {unknown.length > 0 && (
          <p className="text-sm mt-2">
            The guide names nothing for {unknown.map((id) => inSentence(hostById(id).name)).join(', ')}: that
            is no sign that nothing lives there.
          </p>
        )}
        <p className="text-sm mt-2">
          Seen something? Name it before anything is sprayed. How usual, how long and when are rules of thumb
          (grade C). What is to be reported goes to your authority: photograph it, move nothing.
        </p>
      </article>
    </>
  );
}

function Choices({
  hostIds,
  left,
  onLeft,
  depth,
  onDepth,
  thisMonth,
  onThisMonth,
  monthName,
}: {
  hostIds: readonly string[];
  left: ReadonlySet<string>;
  onLeft: (left: ReadonlySet<string>) => void;
  depth: FrequencyWord;
  onDepth: (depth: FrequencyWord) => void;
  thisMonth: boolean;
  onThisMonth: (thisMonth: boolean) => void;
  monthName: string;
}) {
  return (
    <div className="sheet p-4 mb-5 flex flex-col gap-3">
      <fieldset>
        <legend className="font-semibold text-[0.93rem] mb-1">Kinds of plants</legend>
        <div className="flex flex-wrap gap-x-5 gap-y-1">
          {hostIds.map((id) => (
            <label key={id} className="flex items-center gap-2 min-h-8">
              <input
                type="checkbox"
                className="checkbox checkbox-sm"
                checked={!left.has(id)}
                onChange={({ target: { checked } }) =>
                  onLeft(new Set(checked ? [...left].filter((other) => other !== id) : [...left, id]))
                }
              />
              {hostById(id).name}
            </label>
          ))}
        </div>
      </fieldset>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <label className="flex items-center gap-2">
          <span className="font-semibold text-[0.93rem] shrink-0">Troubles</span>
          <select
            className="select select-sm"
            value={depth}
            onChange={(event) => onDepth(event.target.value as FrequencyWord)}
          >
            {DEPTHS.map(([word, name]) => (
              <option key={word} value={word}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex items-center gap-2 min-h-8">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            checked={thisMonth}
            onChange={(event) => onThisMonth(event.target.checked)}
          />
          Only what is met in {monthName}
        </label>
      </div>
    </div>
  );
}
