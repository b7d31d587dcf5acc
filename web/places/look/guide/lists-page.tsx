import { Link } from 'react-router';
import { CHECKS, HOSTS } from '#knowledge';
import { PageHead } from '../../../parts/page.tsx';
import { PlateFor } from '../../../plates/plates.tsx';
import { capital } from '../../../show/sentence.ts';
import { GuideNav } from './guide-nav.tsx';
import { useOwnKinds } from './use-own-kinds.ts';

/** Every kind of plant the guide knows, this garden's first. */
export function GuidePlantsPage() {
  const grown = new Set(useOwnKinds()?.hostIds);
  const kinds = HOSTS.toSorted((a, b) => a.name.localeCompare(b.name));
  return (
    <>
      <GuideNav />
      <PageHead title="By plant" lead="What each kind bears, and what is met on it." />
      {grown.size > 0 && <KindList title="In this garden" kinds={kinds.filter(({ id }) => grown.has(id))} />}
      <KindList
        title={grown.size > 0 ? 'Others' : 'All kinds'}
        kinds={kinds.filter(({ id }) => !grown.has(id))}
      />
    </>
  );
}

function KindList({ title, kinds }: { title: string; kinds: typeof HOSTS }) {
  return (
    <section aria-label={title} className="mb-6">
      <h2 className="mb-2">{title}</h2>
      <ul className="sheet p-3 grid gap-x-4 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
        {kinds.map(({ id, name, botanical }) => (
          <li key={id}>
            <Link className="block py-1.5 hover:underline" to={`/look/guide/host/${id}`}>
              {name} <i className="soft text-sm">{botanical}</i>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

const KINDS = [
  ['sign', 'Signs to look for'],
  ['test', 'Looks that tell'],
] as const;

/** Every sign and test of the key, drawn. */
export function GuideSignsPage() {
  return (
    <>
      <GuideNav />
      <PageHead title="By sign" lead="What you see, and which troubles show it." />
      {KINDS.map(([kind, title]) => (
        <section key={kind} aria-label={title} className="mb-6">
          <h2 className="mb-2">{title}</h2>
          <ul className="grid gap-3 grid-cols-2 md:grid-cols-3 lg:grid-cols-4 xl:grid-cols-5">
            {CHECKS.filter((check) => check.kind === kind).map(({ id, name, question }) => (
              <li key={id}>
                <Link
                  to={`/look/guide/sign/${id}`}
                  className="sheet p-2 flex flex-col gap-1.5 h-full hover:bg-base-200"
                >
                  <PlateFor checkId={id} className="w-full h-24" />
                  <b className="font-semibold">{capital(name)}</b>
                  <span className="soft text-sm">{question}</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}
