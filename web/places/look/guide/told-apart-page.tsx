import { Link, useParams } from 'react-router';
import { tellingChecks } from '#core/identify';
import { CHECKS, inSentence, targetById, TARGETS, TOLD_APART, type Target } from '#knowledge';
import { EmptyState, PageHead } from '../../../parts/page.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { lookWords } from './look-words.ts';
import { PlatesSideBySide } from './plates-side-by-side.tsx';

/** Two troubles side by side: how each looks, the looks that decide, and what that would change. */
export function ToldApartPage() {
  const { firstId = '', secondId = '' } = useParams();
  const isListed = (id: string) => TARGETS.some((target) => target.id === id);
  if (firstId === secondId || !isListed(firstId) || !isListed(secondId))
    return (
      <EmptyState title="The guide has no such pair.">
        <Link className="link-husk" to="/look/guide">
          To the field guide
        </Link>
      </EmptyState>
    );
  return <SideBySide first={targetById(firstId)} second={targetById(secondId)} />;
}

function SideBySide({ first, second }: { first: Target; second: Target }) {
  const pair = TOLD_APART.find(
    ({ targetIds }) => targetIds.includes(first.id) && targetIds.includes(second.id),
  );
  const weighed = tellingChecks(first.looks, second.looks, CHECKS);
  const checkIds = pair?.checkIds ?? weighed.map(({ checkId }) => checkId);
  return (
    <>
      <PageHead
        title={`${first.name} or ${inSentence(second.name)}?`}
        lead={
          pair?.decides ??
          (checkIds.length > 0
            ? 'No book of ours sets these two against each other. The looks below differ most between them.'
            : 'By the looks the key knows, these two come out alike: a lens, a lab or time tells.')
        }
      >
        <Link className="btn" to="/look/guide">
          Field guide
        </Link>
      </PageHead>
      {pair && (
        <p
          className={`max-w-[70ch] rounded-lg p-3 mb-5 ${pair.changes === null ? 'bg-(--husk-pale) text-(--husk-deep)' : 'bg-(--honey-pale) text-(--honey-deep)'}`}
        >
          <b>{pair.changes === null ? 'Which of the two changes nothing.' : 'What it changes:'}</b>{' '}
          {pair.changes ?? 'They are dealt with alike, so the key stops asking once it is one of them.'}
        </p>
      )}
      {checkIds.length > 0 && (
        <>
          <h2 className="mb-2">
            {checkIds.length === 1 ? 'The look that decides' : 'The looks that decide'}
          </h2>
          <div className="sheet divide-y divide-base-300">
            {checkIds.map((checkId) => (
              <DecidingLook key={checkId} checkId={checkId} first={first} second={second} />
            ))}
          </div>
        </>
      )}
      <p className="soft text-sm mt-3 mb-5">
        How often: five words, always to never (grade C).
        {!pair && checkIds.length > 0 && ' Listed by how much of the doubt one answer takes away.'}
      </p>
      <PlatesSideBySide first={first} second={second} />
    </>
  );
}

function DecidingLook({ checkId, first, second }: { checkId: string; first: Target; second: Target }) {
  const check = CHECKS.find(({ id }) => id === checkId)!;
  return (
    <div className="p-4 grid gap-3 sm:grid-cols-[110px_minmax(0,1fr)]">
      <PlateFor checkId={checkId} className="w-28 h-20" />
      <div>
        <p className="font-semibold">
          <Link className="hover:underline" to={`/look/guide/sign/${checkId}`}>
            {check.question}
          </Link>
        </p>
        <p className="soft text-sm">{check.how}</p>
        <dl className="mt-2 grid sm:grid-cols-[auto_minmax(0,1fr)] gap-x-3 text-[0.95rem]">
          {[first, second].map((target) => (
            <div key={target.id} className="contents">
              <dt className="soft">{target.name}</dt>
              <dd>{lookWords(target, checkId)}</dd>
            </div>
          ))}
        </dl>
      </div>
    </div>
  );
}
