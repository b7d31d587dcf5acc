import { Link, useParams } from 'react-router';
import type { FrequencyWord } from '#core/identify';
import { beliefsAbout, CHECKS, hostById, HOSTS, TARGETS, type Target } from '#knowledge';
import { Beliefs } from '../../../parts/beliefs.tsx';
import { EmptyState, PageHead } from '../../../parts/page.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { TroubleRow } from './trouble-row.tsx';

const OIL_WORDS = {
  usual: 'bears oil as usual',
  'dormant-only': 'bears oil only while bare',
  'test-first': 'test one shoot before spraying oil',
  avoid: 'is hurt by oil: do not use it',
} as const;
const WORD_ORDER: readonly FrequencyWord[] = ['always', 'usually', 'sometimes', 'rarely'];

const missing = (
  <EmptyState title="The guide has no such page.">
    <Link className="link-husk" to="/look/guide">
      To the field guide
    </Link>
  </EmptyState>
);

/** One plant: what it bears, and what is met on it. */
export function HostPage() {
  const { hostId = '' } = useParams();
  if (!HOSTS.some((entry) => entry.id === hostId)) return missing;
  const host = hostById(hostId);
  return (
    <>
      <PageHead
        title={host.name}
        lead={
          <>
            <i>{host.botanical}</i>; {host.evergreen ? 'evergreen' : 'loses its leaves'};{' '}
            {OIL_WORDS[host.oil]}
            {host.beesVisitBloom ? '; bees visit its bloom' : ''}
            {host.edible ? '; eaten, so days to harvest count' : ''}.
          </>
        }
      >
        <Link className="btn" to="/look/guide">
          Field guide
        </Link>
      </PageHead>
      <h2 className="mb-2">Met on it, most usual first</h2>
      <TargetList of={(target) => target.hosts[hostId]} />
    </>
  );
}

/** One sign or check: how to look, and what it points to. */
export function SignPage() {
  const { checkId = '' } = useParams();
  const check = CHECKS.find((entry) => entry.id === checkId);
  if (!check) return missing;
  return (
    <>
      <PageHead
        title={check.question}
        lead={`${check.how}${check.term ? ` The field calls it: ${check.term}.` : ''}`}
      >
        <Link className="btn" to="/look/guide">
          Field guide
        </Link>
      </PageHead>
      <PlateFor checkId={checkId} className="w-60 h-42 mb-5" />
      <Beliefs beliefs={beliefsAbout('checkIds', checkId)} />
      {check.answers.map((answer) =>
        check.kind === 'sign' && answer.id === 'no' ? null : (
          <section key={answer.id} aria-label={answer.label} className="mb-5">
            <h2 className="mb-2">{check.kind === 'sign' ? 'Seen with' : `“${answer.label}” with`}</h2>
            <TargetList of={(target) => target.looks[checkId]?.[answer.id]} />
          </section>
        ),
      )}
    </>
  );
}

function TargetList({ of: frequencyOf }: { of: (target: Target) => FrequencyWord | undefined }) {
  const rows = TARGETS.map((target) => ({ target, word: frequencyOf(target) }))
    .filter(
      (row): row is { target: Target; word: FrequencyWord } => row.word !== undefined && row.word !== 'never',
    )
    .sort((a, b) => WORD_ORDER.indexOf(a.word) - WORD_ORDER.indexOf(b.word));
  if (rows.length === 0) return <p className="soft">Nothing in the guide.</p>;
  return (
    <ul className="sheet divide-y divide-base-300">
      {rows.map(({ target, word }) => (
        <li key={target.id}>
          <TroubleRow target={target} word={word} />
        </li>
      ))}
    </ul>
  );
}
