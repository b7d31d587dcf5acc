import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { TargetGroup } from '#core/identify';
import { CHECKS, GROUPS, hostById, searchGuide, targetById, TARGETS, type GuideHit } from '#knowledge';
import { PageHead } from '../../../parts/page.tsx';
import { TroubleThumb } from '../../../plates/guide/trouble-thumb.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { capital } from '../../../show/sentence.ts';
import { GuideNav } from './guide-nav.tsx';

const SHOWN = 30;
const ADDRESS_FOLLOWS_AFTER_MS = 400;

/** The field guide: every trouble, plant and sign, found by name or in plain words. */
export function GuidePage() {
  const [params, setParams] = useSearchParams();
  // What is typed is kept here and the address follows: routing is too slow to type through.
  const [query, setQuery] = useState(params.get('q') ?? '');
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => field.current?.focus(), []);
  const later = useRef<ReturnType<typeof setTimeout>>(undefined);
  const isBehind = (params.get('q') ?? '') !== query;
  const follow = useCallback(
    () => setParams(query ? { q: query } : {}, { replace: true }),
    [query, setParams],
  );
  useEffect(() => {
    if (!isBehind) return;
    later.current = setTimeout(follow, ADDRESS_FOLLOWS_AFTER_MS);
    return () => clearTimeout(later.current);
  }, [isBehind, follow]);
  // A late change of address would take back a click whose page is still being fetched.
  const settle = () => {
    clearTimeout(later.current);
    if (isBehind) follow();
  };
  const hits = query.trim() ? searchGuide(query) : null;
  return (
    <>
      <GuideNav />
      <PageHead
        title="Field guide"
        lead="Every trouble, plant and sign the key knows. Plain words do: sticky, white fluff, squiggly line."
      />
      <label className="block max-w-xl mb-5">
        <span className="font-semibold text-[0.93rem]">Find</span>
        <input
          ref={field}
          type="search"
          className="input input-lg w-full"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
        />
      </label>
      <div onClickCapture={settle}>{hits ? <Hits hits={hits} query={query} /> : <AllTroubles />}</div>
    </>
  );
}

function Hits({ hits, query }: { hits: readonly GuideHit[]; query: string }) {
  if (hits.length === 0)
    return (
      <p className="soft" role="status">
        Nothing holds all of “{query}”. Try one word, or{' '}
        <Link className="link-husk" to="/look/new">
          note what you see
        </Link>{' '}
        and let the key ask.
      </p>
    );
  return (
    <>
      <p className="soft text-sm mb-2" role="status">
        {hits.length} found
      </p>
      <ul className="sheet divide-y divide-base-300">
        {hits.slice(0, SHOWN).map((hit) => (
          <li key={hit.kind + hit.id}>
            <HitRow hit={hit} />
          </li>
        ))}
      </ul>
    </>
  );
}

function HitRow({ hit }: { hit: GuideHit }) {
  const { to, title, kind, text } = describe(hit);
  return (
    <Link to={to} className="flex items-center gap-3 px-3 py-2 min-h-14 hover:bg-base-200">
      <span className="w-16 shrink-0">
        {hit.kind === 'target' && <TroubleThumb targetId={hit.id} />}
        {hit.kind === 'check' && <PlateFor checkId={hit.id} className="w-16 h-11" />}
      </span>
      <span className="min-w-0">
        <b className="font-semibold">{title}</b> <span className="tag">{kind}</span>
        <span className="soft block text-sm">{text}</span>
      </span>
    </Link>
  );
}

function describe({ kind, id }: GuideHit): { to: string; title: string; kind: string; text: string } {
  if (kind === 'host') {
    const host = hostById(id);
    return { to: `/look/guide/host/${id}`, title: host.name, kind: 'plant', text: host.botanical };
  }
  if (kind === 'check') {
    const check = CHECKS.find((entry) => entry.id === id)!;
    return {
      to: `/look/guide/sign/${id}`,
      title: capital(check.name),
      kind: check.kind === 'sign' ? 'sign' : 'check',
      text: `${check.question} ${check.how}`,
    };
  }
  const target = targetById(id);
  return { to: `/look/guide/${id}`, title: target.name, kind: GROUPS[target.group].short, text: target.what };
}

function AllTroubles() {
  const groups = [...new Set(TARGETS.map((target) => target.group))] as TargetGroup[];
  return groups.map((group) => (
    <section key={group} aria-label={GROUPS[group].name} className="mb-6">
      <h2 className="text-base-content!">{GROUPS[group].name}</h2>
      <p className="soft text-sm mb-2 max-w-[70ch]">{GROUPS[group].meaning}</p>
      <ul className="grid gap-2 grid-cols-2 sm:grid-cols-3 md:grid-cols-4 xl:grid-cols-6">
        {TARGETS.filter((target) => target.group === group).map((target) => (
          <li key={target.id}>
            <Link
              className="sheet p-2 flex flex-col gap-1.5 h-full hover:bg-base-200"
              to={`/look/guide/${target.id}`}
            >
              <TroubleThumb targetId={target.id} className="w-full" />
              <span className="leading-tight">{target.name}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  ));
}
