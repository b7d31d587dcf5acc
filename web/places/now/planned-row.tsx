import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import { inSentence, rhythmWords } from '#knowledge';
import type { PlannedItem } from '#engine';
import { LeavesQuestion } from '../../parts/leaves-question.tsx';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { StepActions } from '../../parts/series/step-actions.tsx';
import { StepReason } from '../../parts/series/step-reason.tsx';
import { useSeries } from '../../parts/series/use-series.ts';
import { WindowBar } from '../../parts/window-bar.tsx';
import { showDate } from '../../show/dates.ts';
import { capital, listed } from '../../show/sentence.ts';
import { settledTitle, stepDays, WAITS_WORDS } from '../../show/series-words.ts';
import { PLACE_WORDS, SPRAY_WORDS } from '../../show/winter-words.ts';
import type { PlannedGroup } from './planned-groups.ts';

const FEED_WORDS = {
  rhythm: 'By its rhythm',
  'bud-swell': 'As buds swell',
  'before-bloom': 'Before bloom',
  'petal-fall': 'As petals fall',
  'after-petal-fall': 'A fortnight after petal fall',
} as const;

/** Plants of a row by name, a long row by its first ones and their number. */
function plantsOf({ items }: PlannedGroup): string {
  const names = items.map(({ plantName }) => plantName);
  return names.length <= 4 ? listed(names) : `${names.slice(0, 3).join(', ')} and ${names.length - 3} more`;
}

/** What a planned thing is called: "Spray with soap: Lemon, brown soft scale". */
export function plannedTitle(group: PlannedGroup): string {
  const { what, targetName } = group.first;
  const name = plantsOf(group);
  const about = targetName ? `${name}, ${inSentence(targetName)}` : name;
  switch (what.kind) {
    case 'series': {
      const title = what.answer.next ? settledTitle(what.answer.next) : what.answer.series.name;
      return about ? `${title}: ${about}` : title;
    }
    case 'winter':
      return `${SPRAY_WORDS[what.step.what].split(',')[0]}: ${about}`;
    case 'winter-asks':
      return `Winter sprays: ${about}`;
    case 'feeding':
      return `Feed: ${about}`;
  }
}

/** Where more is told of it. */
export const plannedLink = ({ watchId, plantId }: PlannedItem): string =>
  watchId ? `/look/${watchId}` : plantId ? `/garden/${plantId}` : '/when/programme';

interface Tone {
  readonly tag: string;
  readonly tone: 'tag-no' | 'tag-open' | 'tag-due';
}

const TONES: Readonly<Record<PlannedItem['standing'], Tone>> = {
  late: { tag: 'late', tone: 'tag-no' },
  open: { tag: 'open', tone: 'tag-open' },
  soon: { tag: 'coming', tone: 'tag-due' },
  later: { tag: 'later', tone: 'tag-due' },
  waits: { tag: 'waits', tone: 'tag-due' },
  refused: { tag: 'held back', tone: 'tag-no' },
};

/** When, in the words a person plans by. */
export function plannedDays({ what, from, to, standing }: PlannedItem, today: CivilDate): string {
  if (what.kind === 'winter-asks') return 'say it once';
  if (standing === 'refused') return 'nothing may be used';
  const next = what.kind === 'series' ? what.answer.next : null;
  if (!from || !to) return next ? `waits for ${WAITS_WORDS[next.plan.trigger.kind]}` : 'no day yet';
  if (standing === 'late') return `was due ${showDate(to, today)}`;
  if (standing === 'open') return to === today ? 'today' : `until ${showDate(to, today)}`;
  return next ? stepDays(next, today) : `from ${showDate(from, today)}`;
}

/** One planned thing among what is due, for one plant or for several alike. */
export function PlannedRow({ group, today }: { group: PlannedGroup; today: CivilDate }) {
  const { first } = group;
  const { tag, tone } = TONES[first.standing];
  return (
    <article className="grid gap-x-4 gap-y-2 p-4 xl:grid-cols-[124px_minmax(0,1fr)_208px]">
      <h3 className="xl:col-start-2 font-semibold text-[1.06rem] leading-snug">
        <Link to={plannedLink(first)} className="hover:underline">
          {plannedTitle(group)}
        </Link>
      </h3>
      <p className="soft text-sm xl:row-start-1 xl:row-span-2">{kindWords(first)}</p>
      <div className="text-sm xl:col-start-3 xl:row-start-1 xl:row-span-2">
        <span className={`tag ${tone}`}>{tag}</span>
        <b className="block text-[0.97rem] mt-0.5">{plannedDays(first, today)}</b>
        <WindowBar opens={first.from} closes={first.to} today={today} />
      </div>
      <div className="xl:col-start-2 xl:row-start-2">
        <PlannedBody group={group} />
      </div>
    </article>
  );
}

const ofPlant = ({ plantId, plantName }: PlannedItem) => ({ plantId: plantId!, plantName });

function kindWords({ what }: PlannedItem): string {
  if (what.kind === 'winter' || what.kind === 'winter-asks') return 'winter programme';
  if (what.kind === 'feeding') return 'feeding';
  const { series, next } = what.answer;
  return next && series.steps.length + (next.plan.every ? 1 : 0) > 1
    ? `series, step ${next.step + 1}`
    : 'your date';
}

function PlannedBody({ group }: { group: PlannedGroup }) {
  const { what } = group.first;
  if (what.kind === 'winter') return <WinterBody group={group} step={what.step} />;
  if (what.kind === 'winter-asks')
    return <LeavesQuestion {...ofPlant(group.first)} question="evergreen-or-not" />;
  if (what.kind === 'feeding')
    return <FeedingBody group={group} feeding={what.feeding} school={what.school} />;
  const { answer } = what;
  if (!answer.next) return null;
  const rhythm = rhythmWords(answer.next.plan, showDate);
  return (
    <>
      <p className="soft">
        {answer.series.name}
        {rhythm && `: ${rhythm}`}.
      </p>
      <StepReason answer={answer} step={answer.next} />
      {group.items.map(({ what: each, plantName }) =>
        each.kind === 'series' && each.answer.next ? (
          <div key={each.answer.series.id} className="flex flex-wrap gap-x-3 items-baseline">
            {group.items.length > 1 && <span className="text-sm">{plantName}</span>}
            <StepActions answer={each.answer} step={each.answer.next} />
          </div>
        ) : null,
      )}
    </>
  );
}

function WinterBody({
  group: { items },
  step,
}: {
  group: PlannedGroup;
  step: Extract<PlannedItem['what'], { kind: 'winter' }>['step'];
}) {
  return (
    <>
      <p className="soft">
        {capital(PLACE_WORDS[step.place])}
        {step.mattersMost && ', the one that counts most'}. Against what winters on bare wood, with nothing
        wrong today.
      </p>
      {items.map(({ what, plantId, plantName }) =>
        what.kind === 'winter' && what.step.question && plantId ? (
          <LeavesQuestion
            key={plantId}
            plantId={plantId}
            plantName={plantName}
            question={what.step.question}
          />
        ) : null,
      )}
      <div className="flex flex-wrap gap-2 mt-1 items-center">
        {step.what === 'spur-sample' ? (
          items.map(({ plantId, plantName }) => (
            <Link key={plantId} className="btn btn-sm" to={`/look/new?plant=${plantId}`}>
              Count on {plantName}
            </Link>
          ))
        ) : (
          <Link
            className="btn btn-sm btn-primary"
            to={`/mix?${items.map(({ plantId }) => `plant=${plantId}`).join('&')}`}
          >
            {items.length > 1 ? `Mix for ${items.length} plants` : 'Mix'}
          </Link>
        )}
        <Link className="link-husk text-sm" to="/when/dormant">
          The winter programme
        </Link>
        <GradeMark grade="C" />
      </div>
    </>
  );
}

function FeedingBody({
  group: { items },
  feeding: { why, isGuess },
  school,
}: {
  group: PlannedGroup;
  feeding: Extract<PlannedItem['what'], { kind: 'feeding' }>['feeding'];
  school: string;
}) {
  const { feedAll } = useSeries();
  return (
    <>
      <p className="soft">
        {FEED_WORDS[why]}, by the school you follow
        {isGuess && ': about then, until the stage is logged (C)'}.{' '}
        <Link
          className="link-husk"
          to={`/mix/recipes?recipe=${school === 'four-a-season' ? 'biological-feed' : 'seaweed-and-fish'}${items.map(({ plantId }) => `&plant=${plantId}`).join('')}`}
        >
          The recipe, and its log
        </Link>
      </p>
      <button
        type="button"
        className="btn btn-sm btn-primary mt-1"
        onClick={() =>
          void feedAll(items.map(({ plantId, plantName }) => ({ plantId: plantId!, plantName })))
        }
      >
        {items.length > 1 ? `Fed all ${items.length}` : 'Fed'}
      </button>
    </>
  );
}
