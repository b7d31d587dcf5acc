import { Link, useSearchParams } from 'react-router';
import { HANDWORK, inSentence, WEIGH_OPTIONS } from '#knowledge';
import type { HourJob } from '#engine';
import { useHour } from '../../api/weighing.ts';
import { Choices } from '../../parts/field.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showShare } from '../../show/units.ts';

const BUDGETS = ['0.5', '1', '2', '4'] as const;
type Budget = (typeof BUDGETS)[number];
const BUDGET_WORDS: Readonly<Record<Budget, string>> = {
  0.5: 'half an hour',
  1: 'one hour',
  2: 'two hours',
  4: 'an afternoon',
};

/** I have an hour: what removes most in it, over the whole garden? */
export function HourPage() {
  const [params, setParams] = useSearchParams();
  const hours = BUDGETS.find((budget) => budget === params.get('hours')) ?? '1';
  return (
    <Answered question={useHour(hours)}>
      {(jobs) => (
        <>
          <PageHead
            title={`What removes most in ${BUDGET_WORDS[hours]}`}
            lead="Jobs by what they take away in an hour: the level, the size of the plant, and how much such work takes (rules of thumb, grade C). A spray is done whole or not at all; hand work can be left off and gone on with."
          >
            <Link className="btn" to="/now">
              Back to Now
            </Link>
          </PageHead>
          <div className="mb-5">
            <Choices
              legend="I have"
              value={hours}
              options={BUDGETS.map((id) => ({ id, label: BUDGET_WORDS[id] }))}
              onChange={(id) => setParams({ hours: id }, { replace: true })}
            />
          </div>
          {jobs.length === 0 ? (
            <EmptyState title="Nothing here repays that time today.">
              See{' '}
              <Link className="link-husk" to="/now">
                what is due
              </Link>
              , or walk a{' '}
              <Link className="link-husk" to="/look/round">
                round
              </Link>
              .
            </EmptyState>
          ) : (
            <ol className="flex flex-col gap-3 max-w-3xl">
              {jobs.map((job, i) => (
                <li key={job.watchId}>
                  <Job rank={i + 1} job={job} />
                </li>
              ))}
            </ol>
          )}
        </>
      )}
    </Answered>
  );
}

function Job({
  rank,
  job: { watchId, option, hours, part, plantName, targetName, level, hand },
}: {
  rank: number;
  job: HourJob;
}) {
  const to =
    option === 'by-hand'
      ? `/look/${watchId}/hand`
      : option === 'spray-now'
        ? `/mix?watch=${watchId}`
        : option === 'winter-spray'
          ? '/when/dormant'
          : `/look/${watchId}/weigh`;
  return (
    <article className="sheet p-4 flex flex-col sm:flex-row gap-3 justify-between items-start">
      <div>
        <h2 className="text-base-content!">
          {rank}. {plantName}, {inSentence(targetName)}:{' '}
          {inSentence(option === 'by-hand' ? HANDWORK[hand].name : WEIGH_OPTIONS[option].name)}
        </h2>
        <p>
          {option === 'by-hand' ? `${HANDWORK[hand].how} ${HANDWORK[hand].bin}` : WEIGH_OPTIONS[option].how}
        </p>
        <p className="soft text-sm mt-1">
          {Math.round(hours * 60)} min
          {part < 0.999 && `, about ${showShare(part)} of the job: begin with the worst`};{' '}
          {level === null ? 'not counted, taken for light' : `level ${level} of 5`}.{' '}
          <Link className="link-husk" to={`/look/${watchId}/weigh`}>
            Why this
          </Link>
        </p>
      </div>
      <Link className="btn btn-sm btn-primary shrink-0" to={to}>
        Do it
      </Link>
    </article>
  );
}
