import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { isScaleGroup, type FrequencyWord } from '#core/identify';
import {
  beliefsAbout,
  CHECKS,
  efficacyAgainst,
  eventsFor,
  GROUPS,
  hostById,
  materialById,
  targetById,
  TARGETS,
  type Target,
  toldApartOf,
} from '#knowledge';
import { EmptyState, PageHead } from '../../../parts/page.tsx';
import { GradeMark } from '../../../parts/grade-mark.tsx';
import { Sources } from '../../../parts/sources.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { Beliefs } from '../../../parts/beliefs.tsx';
import { useShow } from '../../../show/use-show.ts';
import { TroublePlates } from './trouble-plates.tsx';

const WORD_ORDER: readonly FrequencyWord[] = ['always', 'usually', 'sometimes', 'rarely', 'never'];

/** All the guide knows of one trouble. */
export function TargetPage() {
  const { targetId = '' } = useParams();
  if (!TARGETS.some((target) => target.id === targetId))
    return (
      <EmptyState title="The guide has no such trouble.">
        <Link className="link-husk" to="/look/guide">
          To the field guide
        </Link>
      </EmptyState>
    );
  return <TargetView key={targetId} target={targetById(targetId)} />;
}

function TargetView({ target }: { target: Target }) {
  const facts: [string, string][] = [
    ['Group', GROUPS[target.group].name],
    ['Sits', target.sits],
    ['Generations', target.generations],
    ['Winter', target.winter],
    ['Settled by', target.confirmedBy],
    ['Worth acting', target.matters],
    ['Eaten by', target.enemies],
    ['Taken for', target.takenFor],
  ];
  return (
    <>
      <PageHead
        title={target.name}
        lead={
          <>
            <i>{target.scientific}</i>. {target.what}
          </>
        }
      >
        <Link className="btn" to="/look/guide">
          Field guide
        </Link>
      </PageHead>
      {target.report && (
        <p className="rounded-lg bg-(--stop-pale) text-error font-semibold p-3 mb-4 max-w-[70ch]">
          Many authorities want to be told of this where it is new. Photograph it, do not move plants, and ask
          yours.
        </p>
      )}
      <TroublePlates target={target} />
      <div className="grid gap-5 lg:grid-cols-2">
        <section aria-label="What it shows" className="sheet p-4">
          <h2 className="mb-2">What it shows</h2>
          <Shows target={target} />
        </section>
        <div className="flex flex-col gap-5">
          <section aria-label="Facts" className="sheet p-4">
            <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1.5 text-[0.95rem]">
              {facts.map(([term, value]) => (
                <div key={term} className="contents">
                  <dt className="soft">{term}</dt>
                  <dd>{value}</dd>
                </div>
              ))}
            </dl>
            <p className="mt-3 text-sm">
              <GradeMark grade={target.grade} /> <Sources ids={target.sourceIds} />
            </p>
          </section>
          <Beliefs beliefs={beliefsAbout('targetIds', target.id)} />
          <Hosts target={target} />
          <Reached target={target} />
          <Sums target={target} />
          <Mistaken target={target} />
          <Compare target={target} />
        </div>
      </div>
    </>
  );
}

function Shows({ target }: { target: Target }) {
  const rows = CHECKS.flatMap((check) =>
    Object.entries(target.looks[check.id] ?? {}).flatMap(([answerId, word]) =>
      word === 'never' || (check.id === 'larva' && answerId === 'gone')
        ? []
        : [
            {
              check,
              word,
              answer:
                check.kind === 'sign' ? null : check.answers.find((entry) => entry.id === answerId)!.label,
            },
          ],
    ),
  ).sort((a, b) => WORD_ORDER.indexOf(a.word) - WORD_ORDER.indexOf(b.word));
  return (
    <ul className="flex flex-col gap-3">
      {rows.map(({ check, word, answer }) => (
        <li key={check.id + answer} className="flex gap-3 items-center">
          <PlateFor checkId={check.id} className="w-16 h-11" />
          <span>
            <b className="font-semibold">{word}</b>:{' '}
            <Link className="hover:underline" to={`/look/guide/sign/${check.id}`}>
              {answer ? `${answer} (${check.name})` : check.name}
            </Link>
          </span>
        </li>
      ))}
    </ul>
  );
}

function Hosts({ target }: { target: Target }) {
  const hosts = Object.entries(target.hosts).sort(
    (a, b) => WORD_ORDER.indexOf(a[1]) - WORD_ORDER.indexOf(b[1]),
  );
  return (
    <section aria-label="Plants" className="sheet p-4">
      <h2 className="mb-2">On which plants</h2>
      <ul className="flex flex-wrap gap-x-4 gap-y-1">
        {hosts.map(([id, word]) => (
          <li key={id}>
            <Link className="hover:underline" to={`/look/guide/host/${id}`}>
              {hostById(id).name}
            </Link>{' '}
            <span className="soft text-sm">{word}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const EFFICACY_TONE = { works: 'tag-open', 'in part': '', poor: '', avoid: 'tag-no' } as const;

/** What each material does against it, as a ranking; the label and the stage decide. */
function Reached({ target }: { target: Target }) {
  const efficacy = efficacyAgainst(target);
  if (efficacy.length === 0) return null;
  return (
    <section aria-label="What reaches it" className="sheet p-4">
      <h2 className="mb-1">What reaches it, if anything must</h2>
      <p className="soft text-sm mb-2">
        A ranking, not a promise (grade {efficacy[0]!.grade}): stage and cover decide, the label allows.
      </p>
      <ul className="flex flex-col gap-1">
        {efficacy.map(({ materialId, word, how }) => (
          <li key={materialId}>
            <b className="font-semibold">{materialById(materialId).name}</b>{' '}
            <span className={`tag ${EFFICACY_TONE[word]}`}>{word}</span>{' '}
            <span className="soft text-sm">{how}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Sums({ target }: { target: Target }) {
  const show = useShow();
  const events = eventsFor(target.id);
  if (events.length === 0 && !isScaleGroup(target.group)) return null;
  return (
    <section aria-label="Timing" className="sheet p-4">
      <h2 className="mb-2">When</h2>
      {events.length === 0 && <p>No published sum of heat. Tapes and looking tell.</p>}
      <ul className="flex flex-col gap-1">
        {events.map((event) => (
          <li key={event.id}>
            {event.kind === 'first'
              ? `First ${event.stage} seen at ${show.heat(event.fromCd)}`
              : `To treat at ${show.heatRange(event.fromCd, event.toCd)}`}
            {event.generation > 1 ? `, generation ${event.generation}` : ''}{' '}
            <span className="soft text-sm">
              (printed: {event.published}; grade {event.grade})
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What it is mistaken for, each with a page of its own. */
function Mistaken({ target }: { target: Target }) {
  const pairs = toldApartOf(target.id);
  if (pairs.length === 0) return null;
  return (
    <section aria-label="Mistaken for" className="sheet p-4">
      <h2 className="mb-2">Mistaken for</h2>
      <ul className="flex flex-col gap-2">
        {pairs.map(({ targetIds, decides, changes }) => {
          const other = targetById(targetIds.find((id) => id !== target.id)!);
          return (
            <li key={other.id}>
              <Link className="link-husk" to={`/look/guide/apart/${targetIds[0]}/${targetIds[1]}`}>
                {other.name}
              </Link>
              {changes === null && <span className="tag ml-2">dealt with alike</span>}
              <span className="soft block text-sm">{decides}</span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** Another trouble on the same plants, to be laid beside this one. */
function Compare({ target }: { target: Target }) {
  const navigate = useNavigate();
  const others = TARGETS.filter(
    (entry) => entry.id !== target.id && Object.keys(entry.hosts).some((host) => host in target.hosts),
  ).toSorted((a, b) => a.name.localeCompare(b.name));
  const [otherId, setOther] = useState('');
  return (
    <section aria-label="Told apart" className="sheet p-4">
      <form
        className="flex flex-wrap items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (otherId) void navigate(`/look/guide/apart/${target.id}/${otherId}`);
        }}
      >
        <label className="flex flex-wrap items-center gap-2">
          <span className="font-semibold text-[0.93rem]">Told apart from</span>
          <select
            className="select select-sm"
            value={otherId}
            onChange={(event) => setOther(event.target.value)}
          >
            <option value="">choose…</option>
            {others.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}
              </option>
            ))}
          </select>
        </label>
        <button type="submit" className="btn btn-sm" disabled={!otherId}>
          Side by side
        </button>
      </form>
    </section>
  );
}
