import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { TargetGroup } from '#core/identify';
import { CHECKS, GROUPS, hostById, searchGuide, targetById, TARGETS, type GuideHit } from '#knowledge';
import { PageHead } from '../../../parts/page.tsx';

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
    <Link to={to} className="block px-4 py-3 min-h-14 hover:bg-base-200">
      <b className="font-semibold">{title}</b> <span className="tag">{kind}</span>
      <span className="soft block text-sm">{text}</span>
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

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

function AllTroubles() {
  const groups = [...new Set(TARGETS.map((target) => target.group))] as TargetGroup[];
  return (
    <div className="grid gap-5 md:grid-cols-2 xl:grid-cols-3">
      {groups.map((group) => (
        <section key={group} aria-label={GROUPS[group].name} className="sheet p-4">
          <h2 className="text-base-content!">{GROUPS[group].name}</h2>
          <p className="soft text-sm mb-2">{GROUPS[group].meaning}</p>
          <ul>
            {TARGETS.filter((target) => target.group === group).map((target) => (
              <li key={target.id}>
                <Link className="inline-block py-1 hover:underline" to={`/look/guide/${target.id}`}>
                  {target.name}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
