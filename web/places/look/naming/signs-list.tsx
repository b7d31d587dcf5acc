import { useMemo } from 'react';
import { signsMet, type Answers, type Scene } from '#core/identify';
import { CHECKS, howMany, KEY } from '#knowledge';
import { CheckRow } from './check-row.tsx';

interface SignsListProps {
  readonly scene: Scene;
  readonly answers: Answers;
  readonly onGive: (checkId: string, answerId: string) => void;
}

/** For those who would rather look through it all: every sign met on this plant, then the tests, then the rest. */
export function SignsList({ scene, answers, onGive }: SignsListProps) {
  // In the order of what each tells on this plant before anything is answered, so that the list keeps still.
  const met = useMemo(() => signsMet(KEY, scene), [scene]);
  const open = ({ id }: { readonly id: string }) => answers[id] === undefined;
  const signs = CHECKS.filter(({ kind }) => kind === 'sign').filter(open);
  const here = met.flatMap((id) => signs.find((check) => check.id === id) ?? []);
  const elsewhere = signs.filter(({ id }) => !met.includes(id));
  const tests = CHECKS.filter(({ kind }) => kind === 'test').filter(open);
  const rows = (checks: readonly (typeof CHECKS)[number][]) =>
    checks.map((check) => (
      <div key={check.id} className="p-4">
        <CheckRow check={check} answer={answers[check.id]} onGive={onGive} />
      </div>
    ));
  return (
    <>
      <section aria-label="Checks that decide">
        <h2 className="mb-2">Checks that decide</h2>
        <div className="sheet divide-y divide-base-300">{rows(tests)}</div>
      </section>
      <section aria-label="Signs">
        <h2 className="mb-2">All {howMany(here.length, 'sign')} met on this plant</h2>
        <div className="sheet divide-y divide-base-300">
          {rows(here)}
          {elsewhere.length > 0 && (
            <details className="p-4">
              <summary className="link-husk list-none">
                {howMany(elsewhere.length, 'more sign')}, never met on this plant
              </summary>
              <div className="divide-y divide-base-300">{rows(elsewhere)}</div>
            </details>
          )}
        </div>
      </section>
    </>
  );
}
