import { Link, useParams } from 'react-router';
import type { FrequencyWord } from '#core/identify';
import { CHECKS, inSentence, targetById, TOLD_APART, type Target } from '#knowledge';
import { EmptyState, PageHead } from '../../../parts/page.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { lookWords } from './look-words.ts';

const OFTEN: readonly FrequencyWord[] = ['always', 'usually'];
const DRAWN = 4;

/** Two troubles side by side: the look that decides, and what that would change. */
export function ToldApartPage() {
  const { firstId = '', secondId = '' } = useParams();
  const pair = TOLD_APART.find(
    ({ targetIds }) => targetIds.includes(firstId) && targetIds.includes(secondId),
  );
  if (!pair || firstId === secondId)
    return (
      <EmptyState title="The guide has no such pair.">
        <Link className="link-husk" to="/look/guide">
          To the field guide
        </Link>
      </EmptyState>
    );
  const [first, second] = pair.targetIds.map(targetById) as [Target, Target];
  return (
    <>
      <PageHead title={`${first.name} or ${inSentence(second.name)}?`} lead={pair.decides}>
        <Link className="btn" to="/look/guide">
          Field guide
        </Link>
      </PageHead>
      <p
        className={`max-w-[70ch] rounded-lg p-3 mb-5 ${pair.changes === null ? 'bg-(--husk-pale) text-(--husk-deep)' : 'bg-(--honey-pale) text-(--honey-deep)'}`}
      >
        <b>{pair.changes === null ? 'Which of the two changes nothing.' : 'What it changes:'}</b>{' '}
        {pair.changes ?? 'They are dealt with alike, so the key stops asking once it is one of them.'}
      </p>
      <div className="grid grid-cols-2 gap-3 sm:gap-5 mb-5">
        {[first, second].map((target) => (
          <section key={target.id} aria-label={target.name} className="sheet p-3 sm:p-4">
            <h2 className="text-base-content!">
              <Link className="hover:underline" to={`/look/guide/${target.id}`}>
                {target.name}
              </Link>
            </h2>
            <p className="soft text-sm">
              <i>{target.scientific}</i>. {target.what}
            </p>
            <ul className="grid sm:grid-cols-2 gap-2 mt-3">
              {drawnSigns(target, target === first ? second : first).map(({ id, name }) => (
                <li key={id}>
                  <PlateFor checkId={id} className="w-full h-20" />
                  <span className="text-sm">{name}</span>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
      <h2 className="mb-2">The look that decides</h2>
      <div className="sheet divide-y divide-base-300">
        {pair.checkIds.map((checkId) => {
          const check = CHECKS.find(({ id }) => id === checkId)!;
          return (
            <div key={checkId} className="p-4 grid gap-3 sm:grid-cols-[110px_minmax(0,1fr)]">
              <PlateFor checkId={checkId} className="w-28 h-20" />
              <div>
                <p className="font-semibold">{check.question}</p>
                <p className="soft text-sm">{check.how}</p>
                <dl className="mt-2 grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 text-[0.95rem]">
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
        })}
      </div>
      <p className="soft text-sm mt-3">How often: five words, always to never (grade C).</p>
    </>
  );
}

/** Signs one often shows, those the other seldom shows first. */
function drawnSigns(target: Target, other: Target) {
  const often = (which: Target, id: string) => OFTEN.includes(which.looks[id]?.yes ?? 'never');
  return CHECKS.filter(({ kind, id }) => kind === 'sign' && often(target, id))
    .toSorted((a, b) => Number(often(other, a.id)) - Number(often(other, b.id)))
    .slice(0, DRAWN);
}
