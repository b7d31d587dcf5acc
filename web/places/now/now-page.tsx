import { Link } from 'react-router';
import { daysBetween, type CivilDate } from '#core/calendar';
import { inSentence } from '#knowledge';
import type { NowPage as NowShown } from '#answers';
import type { DueAnswer, NewsItem, NowAnswer } from '#engine';
import { useNow } from '../../api/queries.ts';
import { ClockLine } from '../../parts/clock-line.tsx';
import { LeavesQuestion } from '../../parts/leaves-question.tsx';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { Reason } from '../../parts/reason.tsx';
import { WetQuestion } from '../../parts/wet-question.tsx';
import { WindowBar } from '../../parts/window-bar.tsx';
import { showDate, showDistance, showFullDate } from '../../show/dates.ts';
import { closingWords, dueWords, headline } from './due-words.ts';
import { AftercareList } from './aftercare-list.tsx';
import { type PlannedGroup, plannedGroups } from './planned-groups.ts';
import { plannedDays, plannedLink, PlannedRow, plannedTitle } from './planned-row.tsx';
import { PotsToMove } from './pots-to-move.tsx';
import { nextGoodHours, SprayHoursGrid } from './spray-hours-grid.tsx';

/** What needs doing, on what, until when, and why. */
export function NowPage() {
  return <Answered question={useNow()}>{(now) => <Now now={now} />}</Answered>;
}

function Now({ now }: { now: NowShown }) {
  return (
    <div className="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_404px]">
      <div>
        <PageHead
          title={headline([...now.due, ...now.planned, ...now.pots])}
          lead={
            <>
              {hoursLead(now)}{' '}
              {now.openWatches > 0 && (
                <>
                  <Link className="link-husk" to="/now/hour">
                    I have an hour
                  </Link>{' '}
                </>
              )}
              {now.due.length + now.planned.length > 0 && (
                <Link className="link-husk" to="/now/day">
                  The working day
                </Link>
              )}{' '}
              <Link className="link-husk" to="/out">
                Going out
              </Link>
            </>
          }
        />
        {now.backupTrouble && (
          <p role="alert" className="sheet p-4 mb-4 border-error!">
            <span className="font-semibold text-error">
              The last backup could not be made: {now.backupTrouble}.
            </span>{' '}
            <Link className="link-husk" to="/setup/backups">
              See to the backups
            </Link>
          </p>
        )}
        {now.ahead && (
          <p role="alert" className="sheet p-4 mb-4 border-warning!">
            <span className="font-semibold">
              By this computer's clock it is {showFullDate(now.today)}, yet{' '}
              {now.ahead.records === 1 ? 'one record is' : `${now.ahead.records} records are`} of later days,
              up to {showFullDate(now.ahead.last)}.
            </span>{' '}
            They are kept, and counted again once their days have come. Is the clock right?
          </p>
        )}
        <ClockLine />
        <AftercareList aftercare={now.aftercare} today={now.today} />
        <WhatIsDue now={now} />
      </div>
      <aside>
        {now.sprayDays.length > 0 && (
          <>
            <h2 className="mb-2">Spray hours, oil on leaves</h2>
            <div className="sheet p-4 mb-5">
              <SprayHoursGrid days={now.sprayDays} />
            </div>
          </>
        )}
        {now.asksWetAt && (
          <div className="sheet p-4 mb-5">
            <WetQuestion placeId={now.asksWetAt} />
            <p className="soft text-sm mt-1">It sets right which rain is said to have infected.</p>
          </div>
        )}
        {now.asksRainFor > 0 && <AsksRain watches={now.asksRainFor} />}
        <h2 className="mb-2">In the last week</h2>
        <div className="sheet p-4 text-[0.93rem]">
          {now.news.length === 0 ? (
            <p className="soft">Nothing to tell: no tape came in, and no thermometer told of a hatch.</p>
          ) : (
            <ul className="flex flex-col gap-2">
              {now.news.map((item) => (
                <li key={`${item.watchId}${item.on}${item.what.kind}`}>
                  <News item={item} />
                </li>
              ))}
            </ul>
          )}
        </div>
      </aside>
    </div>
  );
}

/** Fungi are watched in their season, and nobody tells when it rains. */
function AsksRain({ watches }: { watches: number }) {
  return (
    <section aria-label="Does it rain?" className="sheet p-4 mb-5 text-[0.93rem]">
      <p>
        {watches === 1 ? 'One watch is' : `${watches} watches are`} of a fungus in its season, and nobody
        tells when it rains: which rain infects, and when a cover is worth it, is not known.
      </p>
      <Link className="link-husk inline-block mt-1 min-h-6" to="/when/stations">
        Read a gauge, or type a forecast
      </Link>
    </section>
  );
}

function WhatIsDue({ now }: { now: NowShown }) {
  const groups = plannedGroups(now.planned);
  const isNear = ({ first: { standing } }: PlannedGroup) => standing !== 'later' && standing !== 'waits';
  const due = now.due.filter(({ standing }) => standing !== 'later');
  const near = groups.filter(isNear);
  return (
    <>
      {due.length + near.length + now.pots.length === 0 && (
        <div className="mb-5">
          <NothingDue openWatches={now.openWatches} />
        </div>
      )}
      <PotsToMove pots={now.pots} today={now.today} />
      <DueGroups due={due} planned={near} today={now.today} />
      <NextLooks looks={now.due.filter(({ standing }) => standing === 'later')} />
      <LaterPlanned groups={groups.filter((group) => !isNear(group))} today={now.today} />
    </>
  );
}

/** What is planned and not near yet: as far as something is due. */
function LaterPlanned({ groups, today }: { groups: readonly PlannedGroup[]; today: CivilDate }) {
  if (groups.length === 0) return null;
  const inOrder = groups.toSorted((a, b) => ((a.first.from ?? '9') < (b.first.from ?? '9') ? -1 : 1));
  return (
    <section aria-label="Planned for later">
      <h2 className="mb-2">Planned for later</h2>
      <ul className="sheet mb-5 divide-y divide-base-300">
        {inOrder.map((group) => (
          <li key={group.id} className="px-4 py-3 flex flex-wrap gap-x-4 items-baseline justify-between">
            <Link to={plannedLink(group.first)} className="font-semibold hover:underline">
              {plannedTitle(group)}
            </Link>
            <span>{plannedDays(group.first, today)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function hoursLead(now: NowAnswer): string {
  if (now.sprayDays.length === 0) return 'No forecast: what the weather will allow is not known.';
  const next = nextGoodHours(now.sprayDays);
  if (!next) return 'No good hour for oil on leaves in the forecast.';
  return `Next good hours for oil on leaves: ${showDistance(next.date, now.today)}, ${showDate(next.date)}, ${next.from}–${next.to} h.`;
}

function NothingDue({ openWatches }: { openWatches: number }) {
  if (openWatches > 0)
    return (
      <EmptyState title="Nothing is due in the next ten days.">
        The windows to come stand in the season band above.
      </EmptyState>
    );
  return (
    <EmptyState title="No watch is open yet.">
      Seen something sticky, spotted, crusted or rolled?{' '}
      <Link className="link-husk" to="/look/new">
        Note it
      </Link>{' '}
      and find out what it is.
    </EmptyState>
  );
}

/** By when it closes: the list is in that order, the headings only break it up. */
const SPANS: readonly { name: string; withinDays: number }[] = [
  { name: 'Overdue', withinDays: -1 },
  { name: 'Closes within a week', withinDays: 7 },
  { name: 'Closes within three weeks', withinDays: 21 },
  { name: 'Stays open longer', withinDays: Infinity },
];

function DueGroups({
  due,
  planned,
  today,
}: {
  due: readonly DueAnswer[];
  planned: readonly PlannedGroup[];
  today: CivilDate;
}) {
  const spanOf = (closes: CivilDate | null) =>
    SPANS.findIndex(({ withinDays }) => (closes ? daysBetween(today, closes) : Infinity) <= withinDays);
  return SPANS.map(({ name }, span) => {
    const items = due.filter(({ closes }) => spanOf(closes) === span);
    const groups = planned.filter(({ first }) => spanOf(first.to) === span);
    return (
      items.length + groups.length > 0 && (
        <section key={name} aria-label={name}>
          <h2 className="mb-2">{name}</h2>
          <ul className="sheet mb-5 divide-y divide-base-300">
            {items.map((item) => (
              <li key={item.id}>
                <DueRow item={item} today={today} />
              </li>
            ))}
            {groups.map((group) => (
              <li key={group.id}>
                <PlannedRow group={group} today={today} />
              </li>
            ))}
          </ul>
        </section>
      )
    );
  });
}

/** Why it is not sprayed today all the same, in the weighing's own words. */
function HeldBack({ says }: { says: readonly string[] }) {
  return (
    <p className="mt-1">
      <b className="font-semibold">Not today:</b> {says.join(' ')}
    </p>
  );
}

/** What is watched and asks for nothing yet, with the day of the next look. */
function NextLooks({ looks }: { looks: readonly DueAnswer[] }) {
  if (looks.length === 0) return null;
  return (
    <section aria-label="Next looks">
      <h2 className="mb-2">Next looks</h2>
      <ul className="sheet mb-5 divide-y divide-base-300">
        {looks.map(({ id, watchId, plantName, targetName, opens, facts, ruleId }) => (
          <li key={id} className="px-4 py-3 flex flex-wrap gap-x-4 items-baseline justify-between">
            <Link to={`/look/${watchId}`} className="font-semibold hover:underline">
              {plantName}, {inSentence(targetName)}
            </Link>
            <span>{opens && showFullDate(opens)}</span>
            <div className="basis-full text-sm">
              <Reason title="Why then" facts={facts} ruleId={ruleId} eventId={null} />
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}

function DueRow({ item, today }: { item: DueAnswer; today: CivilDate }) {
  const words = dueWords(item);
  const closing = closingWords(item, today);
  return (
    <article className="grid gap-x-4 gap-y-2 p-4 grid-cols-[124px_minmax(0,1fr)] xl:grid-cols-[124px_minmax(0,1fr)_208px]">
      <h3 className="col-span-2 xl:col-span-1 xl:col-start-2 font-semibold text-[1.06rem] leading-snug">
        <Link to={`/look/${item.watchId}`} className="hover:underline">
          {words.title}
        </Link>
      </h3>
      <div className="xl:row-start-1 xl:row-span-2">
        <BeadScale level={item.level} before={item.levelBefore} />
      </div>
      <div className="text-sm xl:col-start-3 xl:row-start-1 xl:row-span-2">
        <span className={`tag ${closing.tone}`}>{closing.tag}</span>
        <b className="block text-[0.97rem] mt-0.5">{closing.line}</b>
        <WindowBar opens={item.opens} closes={item.closes} today={today} />
      </div>
      <div className="col-span-2 xl:col-span-1 xl:col-start-2 xl:row-start-2">
        <p className="soft">{words.advice}</p>
        {item.heldBy.length > 0 && <HeldBack says={item.heldBy} />}
        {item.asks && (
          <div className="my-2">
            <LeavesQuestion plantId={item.plantId} plantName={item.plantName} question={item.asks} />
          </div>
        )}
        <div className="flex flex-wrap items-start justify-between gap-x-5">
          <div className="min-w-0 flex-1 has-[details[open]]:basis-full">
            <Reason title={words.why} facts={item.facts} ruleId={item.ruleId} eventId={item.eventId} />
          </div>
          <Link to={words.to} className="btn btn-sm btn-primary mt-1">
            {words.doIt}
          </Link>
        </div>
      </div>
    </article>
  );
}

function News({ item }: { item: NewsItem }) {
  const { what } = item;
  const text =
    what.kind === 'tape'
      ? `${what.crawlers} crawlers on the tape taken off ${showDate(item.on)}.`
      : what.isFirst
        ? `the published sum for its first hatch was passed on ${showDate(item.on)}.`
        : `its published window opened on ${showDate(item.on)}.`;
  return (
    <>
      <Link to={`/look/${item.watchId}`} className="font-semibold hover:underline">
        {item.plantName}, {inSentence(item.targetName)}:
      </Link>{' '}
      {text}
    </>
  );
}
