import { Link } from 'react-router';
import { SOMETHING_ELSE, type Naming, type Reason } from '#core/identify';
import { GROUPS, inSentence, targetById, TOLD_APART } from '#knowledge';
import { TroubleThumb } from '../../../plates/guide/trouble-thumb.tsx';
import { showShare } from '../../../show/units.ts';
import {
  checkOf,
  reasonWords,
  standingName,
  unlistedKind,
  verdictLead,
  verdictTitle,
} from './naming-words.ts';

const SHOWN = 5;
/** From this probability on a reportable trouble is spoken of. */
const REPORT_FROM = 0.4;
/** Below this trust the answers are said to fit together badly. */
const LITTLE_TRUST = 0.45;

/** What it most probably is, how sure that is, and why and why not; `before` is what was thought one answer ago. */
export function NamingResult({
  naming,
  before,
  action,
}: {
  naming: Naming;
  before: Naming | null;
  /** What to do with it, right under what is said. */
  action: React.ReactNode;
}) {
  const leader = naming.standings[0];
  const reportable =
    leader?.listed && leader.probability >= REPORT_FROM && targetById(leader.targetId).report
      ? targetById(leader.targetId)
      : null;
  const likely = naming.standings.filter(({ probability }, i) => i < SHOWN && probability >= 0.005);
  const earlier = new Map(before?.standings.map(({ targetId, probability }) => [targetId, probability]));
  return (
    <section aria-label="What it may be" aria-live="polite" className="sheet p-4">
      <p className="font-serif text-xl leading-snug">{verdictTitle(naming)}</p>
      <p className="soft text-sm mt-1">{verdictLead(naming)}</p>
      <Progress naming={naming} />
      {naming.two && (
        <p className="mt-3 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
          <b>There may be two troubles:</b>{' '}
          {naming.two.targetIds.map((id) => inSentence(targetById(id).name)).join(' and ')} together explain
          what you saw better than one. Look at each by itself.
        </p>
      )}
      {!naming.two && naming.contradictions.length > 0 && <Contradictions naming={naming} />}
      {naming.contradictions.length === 0 && naming.trust < LITTLE_TRUST && naming.answered > 2 && (
        <p className="mt-3 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
          <b>These answers fit together badly,</b> so all of them weigh less. Look again at what you are least
          sure of.
        </p>
      )}
      {naming.step === 'lab' && <LabAdvice />}
      {reportable && (
        <p className="mt-3 rounded-lg bg-(--stop-pale) text-error font-semibold p-3">
          If it is {inSentence(reportable.name)}, many authorities want to be told. Photograph it, do not move
          plants or cuttings, and ask yours.
        </p>
      )}
      <div className="mt-4">{action}</div>
      <ToldApart naming={naming} />
      <h2 className="mt-4 mb-1">Group</h2>
      <ul>
        {naming.groups.slice(0, 3).map(({ group, probability }) => (
          <li key={group}>
            <ProbabilityBar
              name={group === SOMETHING_ELSE ? 'Something not in the list' : GROUPS[group].name}
              probability={probability}
            />
          </li>
        ))}
      </ul>
      <h2 className="mt-4 mb-1">Which one</h2>
      <ul className="divide-y divide-base-300">
        {likely.map(({ targetId, listed, probability, reasons }) => (
          <li key={targetId} className="py-1.5">
            <div className="flex items-center gap-2.5">
              {listed && <TroubleThumb targetId={targetId} className="w-14 h-10" />}
              <div className="flex-1">
                <ProbabilityBar
                  name={standingName(targetId)}
                  probability={probability}
                  before={earlier.get(targetId) ?? null}
                />
              </div>
            </div>
            {reasons && (
              <details>
                <summary className="link-husk list-none text-sm inline-block py-0.5">
                  Why, and why not
                </summary>
                {listed ? (
                  <p className="text-sm soft mt-1">
                    <i>{targetById(targetId).scientific}</i>. {targetById(targetId).what}
                  </p>
                ) : (
                  <p className="text-sm soft mt-1">{unlistedKind(targetId)?.advice}</p>
                )}
                <ReasonList title="For it" reasons={reasons.for} />
                <ReasonList title="Against it" reasons={reasons.against} />
                {reasons.missing.length > 0 && (
                  <p className="text-sm mt-1">
                    <b>Not yet looked at:</b>{' '}
                    {reasons.missing
                      .slice(0, 4)
                      .map((id) => checkOf(id).name)
                      .join(', ')}
                    .
                  </p>
                )}
                {listed && (
                  <p className="text-sm mt-1">
                    <b>What settles it:</b> {targetById(targetId).confirmedBy}.{' '}
                    <Link className="link-husk" to={`/look/guide/${targetId}`}>
                      Read on
                    </Link>
                  </p>
                )}
              </details>
            )}
          </li>
        ))}
      </ul>
      <p className="soft text-sm mt-3">
        Chances rest on five words, always to never, for how often a sign shows (grade C). A diagnostic lab is
        always a way to be sure.
      </p>
    </section>
  );
}

/** How far the decision is settled. */
function Progress({ naming }: { naming: Naming }) {
  const share = naming.step === 'look-on' ? Math.min(0.95, naming.settled) : 1;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-2 text-sm soft">
      <span>How far</span>
      <progress
        className="progress progress-primary h-2 flex-1 min-w-16"
        max={1}
        value={share}
        aria-label="How far it is settled"
      />
      <span>{naming.step === 'look-on' ? showShare(share) : 'enough asked'}</span>
    </div>
  );
}

/** The two that lead, if they are known to be mistaken for each other. */
function ToldApart({ naming }: { naming: Naming }) {
  const [first, second] = naming.standings.filter(({ listed }) => listed).map(({ targetId }) => targetId);
  const pair = TOLD_APART.find(
    ({ targetIds }) =>
      first !== undefined && second !== undefined && targetIds.includes(first) && targetIds.includes(second),
  );
  if (!pair || naming.answered === 0 || naming.standings[0]!.probability >= 0.97) return null;
  const [a, b] = pair.targetIds;
  return (
    <p className="mt-3 rounded-lg bg-base-200 p-3 text-[0.93rem]">
      <b>
        {standingName(a)} and {inSentence(standingName(b))} are mistaken for each other.
      </b>{' '}
      {pair.decides} {pair.changes === null ? 'Which of the two changes nothing.' : pair.changes}{' '}
      <Link className="link-husk" to={`/look/guide/apart/${a}/${b}`}>
        Side by side
      </Link>
    </p>
  );
}

/** Answers that do not go together; the person knows best which to look at again. */
function Contradictions({ naming }: { naming: Naming }) {
  return (
    <div className="mt-3 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
      <b>These do not go together in any one trouble known here.</b> All your answers weigh less for it. Look
      again at one of them, or there are two troubles:
      <ul className="list-disc pl-5">
        {naming.contradictions.slice(0, 3).map(({ first, second }) => (
          <li key={first.checkId + second.checkId}>
            {reasonWords(first.checkId, first.answerId)} and {reasonWords(second.checkId, second.answerId)}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** What to do when looking on would not settle it. */
function LabAdvice() {
  return (
    <div className="mt-3 rounded-lg bg-base-200 p-3 text-[0.93rem]">
      <b>Nothing left to look at would settle this.</b> A plant diagnostic lab can: send several fresh pieces
      at different stages with some sound leaf, dry, wrapped in paper towel within a bag, unsprayed, early in
      the week. Open a watch: its sheet for the lab has the plant, where it grows, and what you saw. Until
      then treat it as its group, or leave it.
    </div>
  );
}

function ProbabilityBar({
  name,
  probability,
  before = null,
}: {
  name: string;
  probability: number;
  before?: number | null;
}) {
  const moved = before !== null && Math.abs(probability - before) >= 0.03;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_minmax(32px,96px)_minmax(2.9rem,auto)] items-center gap-2 py-0.5">
      <span>
        {name}
        {moved && <span className="soft text-sm"> was {showShare(before)}</span>}
      </span>
      <span className="h-2 rounded bg-base-300 overflow-hidden" aria-hidden="true">
        <span className="block h-full bg-secondary" style={{ width: `${100 * probability}%` }} />
      </span>
      <span className="text-right whitespace-nowrap">
        {probability > 0 && probability < 0.01 ? '< 1 %' : showShare(probability)}
      </span>
    </div>
  );
}

function ReasonList({ title, reasons }: { title: string; reasons: readonly Reason[] }) {
  if (reasons.length === 0) return null;
  return (
    <div className="text-sm mt-1">
      <b>{title}:</b>
      <ul className="list-disc pl-5">
        {reasons.map(({ checkId, answerId, bits }) => (
          <li key={checkId}>
            {reasonWords(checkId, answerId)}{' '}
            <span className="soft">
              ({Math.abs(bits) >= 2 ? 'strong' : Math.abs(bits) >= 1 ? 'clear' : 'slight'})
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
