import { Link } from 'react-router';
import type { DormantReason, DormantStep, WinterBasis, WinterDate } from '#core/plan';
import type { PlantWinter } from '#engine';
import { useGarden } from '../../api/queries.ts';
import { useDormant } from '../../api/timing.ts';
import { inSentence, materialsMeet } from '#knowledge';
import { LeavesQuestion } from '../../parts/leaves-question.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { useSeries } from '../../parts/series/use-series.ts';
import { showDate, showFullDate } from '../../show/dates.ts';
import { PLACE_WORDS, SPRAY_WORDS } from '../../show/winter-words.ts';
import { WhenNav } from './when-nav.tsx';

const REASON_WORDS: Readonly<Record<DormantReason, string>> = {
  'tender-evergreen': 'a tender evergreen: its oil belongs to the warm season',
  'evergreen-or-not': 'it is not known whether it keeps its leaves',
  sheltered: 'under shelter: it is never fully dormant',
  'no-trouble': 'no watch asks for one',
  'oil-sensitive': 'its kind bears no oil in any state',
  'nothing-in-the-cool': 'this school has no winter spray for what it has',
};
const BASIS_WORDS: Readonly<Record<WinterBasis, string>> = {
  logged: 'as logged',
  seen: 'by what was seen of its leaves',
  'own-heat': "by this plant's own warmth in other years",
  'own-years': "by this plant's other years",
  default: 'by the temperatures of other years here',
  calendar: 'by the calendar of this latitude, a guess',
};
const STATE_WORDS: Readonly<Record<DormantStep['state'], string>> = {
  done: 'done',
  due: 'due',
  ask: 'look first',
  coming: 'coming',
  missed: 'missed',
  held: 'held back',
};
const STATE_TAGS: Readonly<Record<DormantStep['state'], string>> = {
  done: '',
  due: 'tag-open',
  ask: 'tag-due',
  coming: 'tag-due',
  missed: 'tag-no',
  held: 'tag-no',
};

/** The winter programme: which plants, which sprays, when, and what was done of it. */
export function DormantPage() {
  const sulfurDays = materialsMeet(
    'mineral-oil',
    'sulfur',
    useGarden().data?.garden?.schools ?? {},
  ).apartDays;
  return (
    <>
      <WhenNav />
      <Answered question={useDormant()}>
        {({ school, plants }) => {
          const planned = plants.filter(({ plan }) => plan.kind === 'steps');
          const leftOut = plants.filter(({ plan }) => plan.kind === 'left-out');
          if (plants.length === 0)
            return (
              <EmptyState title="No plants yet.">
                <Link className="link-husk" to="/garden">
                  To the garden
                </Link>
              </EmptyState>
            );
          return (
            <>
              <PageHead
                title={dormantTitle(planned)}
                lead="Dormant: nine in ten leaves down and wood hardened, up to bud swell. Delayed dormant: from swell to first green, when oil does most against scale. Copper against leaf curl must be on before buds swell and does not wait for the oil."
              />
              <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
                <div className="flex flex-col gap-4 min-w-0">
                  {planned.map((entry) => (
                    <PlannedPlant key={entry.plantId} entry={entry} />
                  ))}
                </div>
                <aside className="flex flex-col gap-4">
                  <section aria-label="The school followed" className="sheet p-4">
                    <h2 className="mb-1">School: {school.name.toLowerCase()}</h2>
                    <p className="text-[0.93rem]">
                      {school.says}{' '}
                      <Link className="link-husk" to="/setup#schools">
                        Others
                      </Link>
                    </p>
                  </section>
                  <section aria-label="One tank" className="sheet p-4 text-[0.93rem]">
                    <h2 className="mb-1">What may share a tank</h2>
                    <ul className="list-disc pl-5">
                      <li>Oil and fixed copper, where both labels allow it.</li>
                      <li>
                        Never oil with sulfur or lime sulfur, nor within {sulfurDays} days of each other.
                      </li>
                      <li>Copper never with lime sulfur, acids or phosphite.</li>
                    </ul>
                    <p className="soft text-sm mt-2">
                      No oil in frost, nor on wood that has not hardened. The label decides.
                    </p>
                  </section>
                  <section aria-label="Left out" className="sheet p-4 text-[0.93rem]">
                    <h2 className="mb-1">Left out, and why</h2>
                    <ul className="flex flex-col gap-1">
                      {leftOut.map(({ plantId, plantName, plan }) => (
                        <li key={plantId}>
                          <Link className="link-husk" to={`/garden/${plantId}`}>
                            {plantName}
                          </Link>
                          : {plan.kind === 'left-out' && REASON_WORDS[plan.reason]}
                          {plan.kind === 'left-out' && plan.reason === 'evergreen-or-not' && (
                            <LeavesQuestion
                              plantId={plantId}
                              plantName={plantName}
                              question="evergreen-or-not"
                            />
                          )}
                        </li>
                      ))}
                    </ul>
                  </section>
                </aside>
              </div>
            </>
          );
        }}
      </Answered>
    </>
  );
}

function dormantTitle(planned: readonly PlantWinter[]): string {
  const steps = planned.flatMap(({ plan }) => (plan.kind === 'steps' ? plan.steps : []));
  const due = steps.filter(({ state }) => state === 'due').length;
  const ask = steps.filter(({ state }) => state === 'ask').length;
  if (due > 0) return `${due} winter ${due === 1 ? 'spray is' : 'sprays are'} due`;
  if (ask > 0) return 'A look at the buds decides on the next winter spray';
  const next = steps
    .filter(({ state }) => state === 'coming')
    .map(({ from }) => from)
    .sort()[0];
  if (next) return `The next winter spray is from ${showFullDate(next)}`;
  return planned.length === 0 ? 'No plant here asks for winter sprays' : "This winter's sprays are over";
}

function PlannedPlant({ entry }: { entry: PlantWinter }) {
  const { winter, plan, before, plantName, asksFor, guard } = entry;
  const { end } = useSeries();
  if (plan.kind !== 'steps' || !winter) return null;
  const question = plan.steps.find((step) => step.question !== null)?.question;
  return (
    <section aria-label={plantName} className="sheet p-4">
      <h2 className="mb-1">
        <Link to={`/garden/${entry.plantId}`} className="hover:underline">
          {plantName}
        </Link>
      </h2>
      <p className="soft text-sm mb-3">
        {asksFor.length > 0
          ? `for ${asksFor.map(inSentence).join(', ')}`
          : 'with nothing wrong today, as you planned it'}
        {guard && (
          <button type="button" className="link-husk ml-3" onClick={() => void end(guard)}>
            End it<span className="sr-only"> for {plantName}</span>
          </button>
        )}
      </p>
      <ul className="flex flex-col gap-3">
        {plan.steps.map((step) => (
          <li
            key={`${step.place} ${step.from}`}
            className="flex flex-wrap gap-x-3 gap-y-1 items-baseline justify-between"
          >
            <span>
              <b className="font-semibold">{step.place === 'cool-season' ? 'Oil' : SPRAY_WORDS[step.what]}</b>
              , {PLACE_WORDS[step.place]}
              {step.mattersMost && plan.steps.length > 1 && (
                <span className="soft"> · matters most if only one is done</span>
              )}
            </span>
            <span className="flex items-center gap-2">
              {step.doneOn
                ? `on ${showFullDate(step.doneOn)}`
                : `${showDate(step.from)} – ${showFullDate(step.to)}`}{' '}
              <span className={`tag ${STATE_TAGS[step.state]}`}>{STATE_WORDS[step.state]}</span>
              {step.state === 'due' && (
                <Link className="btn btn-sm" to={whereDone(step.what, entry)}>
                  {step.what === 'spur-sample' ? 'Count' : 'Mix'}
                </Link>
              )}
            </span>
          </li>
        ))}
      </ul>
      {question && (
        <div className="mt-3">
          <LeavesQuestion plantId={entry.plantId} plantName={plantName} question={question} />
        </div>
      )}
      {before?.kind === 'steps' && (
        <p className="soft text-sm mt-3">
          Last winter:{' '}
          {before.steps
            .map(
              (step) =>
                `${SPRAY_WORDS[step.what].toLowerCase()} ${PLACE_WORDS[step.place]}, ${step.doneOn ? `on ${showDate(step.doneOn)}` : 'not done'}`,
            )
            .join('; ')}
          .
        </p>
      )}
      <details className="mt-3">
        <summary className="link-husk list-none inline-block text-sm">Where the dates come from</summary>
        <dl className="text-sm grid grid-cols-[auto_1fr] gap-x-4 mt-1">
          <BasisRow name="Leaves down" date={winter.leafFall} />
          <BasisRow name="Buds swell" date={winter.budSwell} />
          <BasisRow name="First green" date={winter.greenTip} />
        </dl>
        <p className="soft text-sm mt-1">
          Logging growth stages on the plant's page makes them its own. Defaults are grade C.
        </p>
      </details>
    </section>
  );
}

/** A spray is mixed on the bench; spurs are counted on a watch, which a plant with nothing wrong has yet to get. */
function whereDone(what: DormantStep['what'], { watchId, plantId }: PlantWinter): string {
  if (what === 'spur-sample') return watchId ? `/look/${watchId}/count` : `/look/new?plant=${plantId}`;
  return watchId ? `/mix?watch=${watchId}` : `/mix?plant=${plantId}`;
}

function BasisRow({ name, date }: { name: string; date: WinterDate }) {
  return (
    <>
      <dt className="soft">{name}</dt>
      <dd>
        {showFullDate(date.on)}, {BASIS_WORDS[date.basis]}
      </dd>
    </>
  );
}
