import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import { DUE_TITLES, inSentence, materialById } from '#knowledge';
import type { DayJob, DayPour, DayTank, WorkingDay, WorkKind } from '#engine';
import { useWorkingDay } from '../../api/series.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { StepActions } from '../../parts/series/step-actions.tsx';
import { showDate } from '../../show/dates.ts';
import { listed } from '../../show/sentence.ts';
import { useShow } from '../../show/use-show.ts';
import { amountWords } from '../mix/pour-card.tsx';
import { dueWords } from './due-words.ts';
import { plannedTitle } from './planned-row.tsx';
import { TickWork } from './tick-work.tsx';

const KIND_WORDS: Readonly<Record<WorkKind, string>> = {
  look: 'First look, while it is dry',
  hand: 'By hand',
  spray: 'Then spray',
  feed: 'Feed',
  other: 'And besides',
};

/** What stands today and tomorrow, gathered by kind of work and by tank, and ticked when done. */
export function DayPage() {
  return (
    <Answered question={useWorkingDay()}>
      {(day) => (
        <>
          <PageHead
            title={
              day.jobs.length === 0
                ? 'Nothing stands today or tomorrow'
                : `Today and tomorrow: ${hoursWords(day.minutes)} of work`
            }
            lead="In the order of work: looks before anything is wetted, dry hands before wet ones, one tank for all it fits. Minutes are rules of thumb, grade C."
          >
            <Link className="btn" to="/now">
              Back to Now
            </Link>
          </PageHead>
          <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_400px]">
            <Jobs day={day} />
            <TickWork jobs={day.jobs} />
          </div>
        </>
      )}
    </Answered>
  );
}

function hoursWords(minutes: number): string {
  if (minutes < 50) return `${Math.max(5, Math.round(minutes / 5) * 5)} minutes`;
  const halves = Math.round(minutes / 30) / 2;
  return halves === 1 ? 'about an hour' : `about ${halves} hours`;
}

function Jobs({ day }: { day: WorkingDay }) {
  if (day.jobs.length === 0)
    return (
      <EmptyState title="A day for looking round.">
        <Link className="link-husk" to="/look/round">
          Walk a round
        </Link>
        , or see{' '}
        <Link className="link-husk" to="/when/calendar">
          the year
        </Link>
        .
      </EmptyState>
    );
  const kinds = [...new Set(day.jobs.map(({ kind }) => kind))];
  return (
    <div className="flex flex-col gap-5">
      {day.clashes.length > 0 && (
        <section role="alert" className="sheet p-4 border-error!">
          <h2 className="mb-1">What must not meet</h2>
          <ul className="flex flex-col gap-1">
            {day.clashes.map(({ plantName, materialIds, apartDays, says }) => (
              <li key={`${plantName} ${materialIds.join()}`}>
                <b className="font-semibold">{plantName}:</b>{' '}
                {listed(materialIds.map((id) => inSentence(materialById(id).name)))}
                {apartDays > 0 && `, ${apartDays} days apart`}. {says}
              </li>
            ))}
          </ul>
        </section>
      )}
      {kinds.map((kind) => (
        <section key={kind} aria-label={KIND_WORDS[kind]}>
          <h2 className="mb-2">{KIND_WORDS[kind]}</h2>
          {kind === 'spray' && <Tanks tanks={day.tanks} jobs={day.jobs} />}
          <ul className="sheet divide-y divide-base-300">
            {day.jobs
              .filter((job) => job.kind === kind)
              .map((job) => (
                <li key={job.id} className="p-4">
                  <Job job={job} today={day.today} />
                </li>
              ))}
          </ul>
        </section>
      ))}
    </div>
  );
}

function Job({ job, today }: { job: DayJob; today: CivilDate }) {
  const { what, watchId, plantId, placeName, until, minutes } = job;
  const answer = what.kind === 'planned' && what.item.what.kind === 'series' ? what.item.what.answer : null;
  const due = what.kind === 'due' && job.kind !== 'spray' ? dueWords(what.item) : null;
  const to = watchId ? `/look/${watchId}` : plantId ? `/garden/${plantId}` : '/when/programme';
  return (
    <div className="flex flex-col gap-1">
      <p>
        <Link to={to} className="font-semibold hover:underline">
          {titleOf(job)}
        </Link>
      </p>
      <p className="soft text-sm">
        {[
          placeName,
          until && `${until < today ? 'was due' : 'until'} ${showDate(until, today)}`,
          minutes > 0 && `${minutes} min`,
        ]
          .filter(Boolean)
          .join(', ')}
      </p>
      {answer?.next && <StepActions answer={answer} step={answer.next} />}
      {due && (
        <Link to={due.to} className="btn btn-sm btn-primary self-start mt-1">
          {due.doIt}
        </Link>
      )}
    </div>
  );
}

function titleOf({ what, plantName, targetName }: DayJob): string {
  if (what.kind === 'planned')
    return plannedTitle({ id: what.item.id, first: what.item, items: [what.item] });
  return DUE_TITLES[what.item.kind](`${plantName}, ${inSentence(targetName)}`, plantName);
}

/** "12–24 ml", the label's range for this much water. */
function pourWords({ by, low, high }: DayPour, pour: (ml: number) => string): string {
  const ends = [...new Set([low, high].map((amount) => amountWords({ by, amount }, pour)))];
  return ends.join(' to ');
}

/** One tank for all that takes the same: its water, its time, and the bench. */
function Tanks({ tanks, jobs }: { tanks: readonly DayTank[]; jobs: readonly DayJob[] }) {
  const show = useShow();
  return (
    <ul className="flex flex-col gap-2 mb-3">
      {tanks.map(({ materialId, jobIds, waterMl, pour, minutes }) => {
        const members = jobs.filter(({ id }) => jobIds.includes(id));
        const query = members
          .map(({ watchId, plantId }) => (watchId ? `watch=${watchId}` : `plant=${plantId}`))
          .join('&');
        return (
          <li
            key={materialId ?? 'open'}
            className="sheet p-4 flex flex-wrap gap-3 justify-between items-center"
          >
            <span>
              <b className="font-semibold">
                {materialId ? materialById(materialId).name : 'A spray of your choice'}
              </b>
              , {show.volume(waterMl)} for {listed([...new Set(members.map(({ plantName }) => plantName))])};{' '}
              {pour && (
                <>
                  {pour.productName} {pourWords(pour, show.pour)} in it;{' '}
                </>
              )}
              {minutes} min with mixing and rinsing
            </span>
            <Link className="btn btn-sm btn-primary" to={`/mix?${query}`}>
              Mix this tank
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
