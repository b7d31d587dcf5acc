import { Link, useSearchParams } from 'react-router';
import type { Garden, Sprayer } from '#core/records';
import { inSentence } from '#knowledge';
import type { ListedWatch } from '#engine';
import { useShelf } from '../../api/mixing.ts';
import { useGarden, useWatches } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { Bench, type BenchProps } from './bench.tsx';
import { MixNav } from './mix-nav.tsx';

/** What do I pour, and may I? */
export function MixPage() {
  const shelf = useShelf();
  const garden = useGarden().data?.garden;
  return (
    <>
      <MixNav />
      <Answered question={useWatches()}>
        {(watches) => (
          <Answered question={shelf}>
            {({ products, sprayers }) =>
              garden && <ForWhich watches={watches} products={products} sprayers={sprayers} garden={garden} />
            }
          </Answered>
        )}
      </Answered>
    </>
  );
}

interface ForWhichProps {
  readonly watches: readonly ListedWatch[];
  readonly products: BenchProps['products'];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
}

/** Most watches one tank is mixed for. */
const MOST_WATCHES = 10;

function ForWhich({ watches, products, sprayers, garden }: ForWhichProps) {
  const [params, setParams] = useSearchParams();
  const candidates = watches.filter(
    ({ watch, plant }) => watch.outcome === 'open' && !plant.outOfReach && plant.retiredOn === null,
  );
  const chosen = params
    .getAll('watch')
    .flatMap((id) => candidates.find(({ watch }) => watch.id === id) ?? [])
    .slice(0, MOST_WATCHES);
  const first = chosen[0];
  const choose = (ids: readonly string[]) => setParams(new URLSearchParams(ids.map((id) => ['watch', id])));
  const others = first
    ? candidates.filter(({ watch }) => watch.group === first.watch.group && watch.id !== first.watch.id)
    : [];
  return (
    <>
      <PageHead
        title={
          first
            ? `Mixing for the ${first.plant.name.toLowerCase()}, ${inSentence(first.targetName)}`
            : 'What do I pour, and may I?'
        }
        lead="Water from the plant's size or what it took before, product from the label's own line. Choose hand work first where it will do."
      />
      {candidates.length === 0 && (
        <EmptyState title="No open watch to mix for.">
          <Link className="link-husk" to="/look/new">
            Note something
          </Link>{' '}
          first: what it is decides what reaches it.
        </EmptyState>
      )}
      {candidates.length > 0 && (
        <div className="grid gap-x-6 gap-y-3 md:grid-cols-2 mb-5 no-print">
          <Field label="For which watch">
            <select
              className="select w-full"
              value={first?.watch.id ?? ''}
              onChange={(event) => choose(event.target.value ? [event.target.value] : [])}
            >
              <option value="">choose…</option>
              {candidates.map(({ watch, plant, targetName }) => (
                <option key={watch.id} value={watch.id}>
                  {plant.name}, {inSentence(targetName)}
                </option>
              ))}
            </select>
          </Field>
          {first && others.length > 0 && (
            <fieldset className="self-end">
              <legend className="font-semibold text-[0.93rem]">From the same tank also</legend>
              <div className="flex flex-wrap gap-x-5">
                {others.map(({ watch, plant, targetName }) => (
                  <label key={watch.id} className="flex items-center gap-2 min-h-11">
                    <input
                      type="checkbox"
                      className="checkbox checkbox-sm"
                      checked={chosen.some((entry) => entry.watch.id === watch.id)}
                      onChange={(event) =>
                        choose(
                          event.target.checked
                            ? [...chosen.map((entry) => entry.watch.id), watch.id]
                            : chosen.map((entry) => entry.watch.id).filter((id) => id !== watch.id),
                        )
                      }
                    />{' '}
                    {plant.name}, {inSentence(targetName)}
                  </label>
                ))}
              </div>
            </fieldset>
          )}
        </div>
      )}
      {first && sprayers.length === 0 && (
        <EmptyState title="No sprayer yet.">
          <Link className="link-husk" to="/mix/shelf">
            Say what you spray with
          </Link>
          .
        </EmptyState>
      )}
      {first && sprayers.length > 0 && (
        <Bench
          key={chosen.map(({ watch }) => watch.id).join()}
          watches={chosen}
          products={products}
          sprayers={sprayers}
          garden={garden}
        />
      )}
    </>
  );
}
