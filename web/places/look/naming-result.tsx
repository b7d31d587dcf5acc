import { Link } from 'react-router';
import {
  FEWEST_ANSWERS,
  GROUP_FROM,
  NAMED_FROM,
  SOMETHING_ELSE,
  type Naming,
  type Reason,
} from '#core/identify';
import { CHECKS, GROUPS, inSentence, targetById } from '#knowledge';
import { showShare } from '../../show/units.ts';

const SHOWN = 5;
/** From this probability on a reportable trouble is spoken of. */
const REPORT_FROM = 0.4;

/** What it most probably is, how sure that is, and why and why not. */
export function NamingResult({ naming }: { naming: Naming }) {
  const leader = naming.standings[0];
  const reportable =
    leader &&
    leader.targetId !== SOMETHING_ELSE &&
    leader.probability >= REPORT_FROM &&
    targetById(leader.targetId).report
      ? targetById(leader.targetId)
      : null;
  const likely = naming.standings.filter(({ probability }, i) => i < SHOWN && probability >= 0.005);
  return (
    <section aria-label="What it may be" aria-live="polite" className="sheet p-4">
      <p className="font-serif text-xl leading-snug">{verdictTitle(naming)}</p>
      <p className="soft text-sm mt-1">{verdictLead(naming)}</p>
      {naming.two && (
        <p className="mt-3 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
          <b>There may be two troubles:</b>{' '}
          {naming.two.targetIds.map((id) => inSentence(targetById(id).name)).join(' and ')} together explain
          what you saw better than one. Look at each by itself.
        </p>
      )}
      {!naming.two && naming.contradictions.length > 0 && <Contradictions naming={naming} />}
      {naming.step === 'lab' && <LabAdvice />}
      {reportable && (
        <p className="mt-3 rounded-lg bg-(--stop-pale) text-error font-semibold p-3">
          If it is {inSentence(reportable.name)}, many authorities want to be told. Photograph it, do not move
          plants or cuttings, and ask yours.
        </p>
      )}
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
        {likely.map(({ targetId, probability, reasons }) => (
          <li key={targetId} className="py-1.5">
            <ProbabilityBar
              name={targetId === SOMETHING_ELSE ? 'Something not in the list' : targetById(targetId).name}
              probability={probability}
            />
            {reasons && (
              <details>
                <summary className="link-husk list-none text-sm inline-block py-0.5">
                  Why, and why not
                </summary>
                <p className="text-sm soft mt-1">
                  <i>{targetById(targetId).scientific}</i>. {targetById(targetId).what}
                </p>
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
                <p className="text-sm mt-1">
                  <b>What settles it:</b> {targetById(targetId).confirmedBy}.{' '}
                  <Link className="link-husk" to={`/look/guide/${targetId}`}>
                    Read on
                  </Link>
                </p>
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

/** Answers that do not go together; the person knows best which to look at again. */
function Contradictions({ naming }: { naming: Naming }) {
  return (
    <div className="mt-3 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3">
      <b>These do not go together in any one trouble known here.</b> Look again at one of them, or there are
      two troubles:
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
      the week, with the plant's name, where it grows, and what you saw. Until then treat it as its group, or
      leave it.
    </div>
  );
}

function ProbabilityBar({ name, probability }: { name: string; probability: number }) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_96px_46px] items-center gap-2 py-0.5">
      <span>{name}</span>
      <span className="h-2 rounded bg-base-300 overflow-hidden" aria-hidden="true">
        <span className="block h-full bg-secondary" style={{ width: `${100 * probability}%` }} />
      </span>
      <span className="text-right">
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

const checkOf = (checkId: string) => CHECKS.find((check) => check.id === checkId)!;

function reasonWords(checkId: string, answerId: string): string {
  const check = checkOf(checkId);
  if (check.kind === 'sign') return answerId === 'yes' ? check.name : `no ${check.name.replace(/^an? /, '')}`;
  return `${check.name}: ${check.answers.find((answer) => answer.id === answerId)!.label.toLowerCase()}`;
}

function verdictTitle({ verdict }: Naming): string {
  switch (verdict.kind) {
    case 'named':
      return targetById(verdict.targetId).name;
    case 'group':
      return `${GROUPS[verdict.group].name}, species open`;
    case 'none-of-these':
      return 'None of the troubles known here';
    case 'not-enough':
      return 'Not enough to name it';
  }
}

function verdictLead({ verdict, answered }: Naming): string {
  switch (verdict.kind) {
    case 'named':
      return GROUPS[targetById(verdict.targetId).group].meaning;
    case 'group':
      return `${GROUPS[verdict.group].meaning} The group is often all a decision needs.`;
    case 'none-of-these':
      return 'What you saw fits nothing in the list. A lab or local adviser can tell.';
    case 'not-enough':
      return answered < FEWEST_ANSWERS
        ? `It takes at least ${FEWEST_ANSWERS} answers; ${answered} so far.`
        : `A name needs ${showShare(NAMED_FROM)}, a group ${showShare(GROUP_FROM)}. Look further below.`;
  }
}
