import { Link, useSearchParams } from 'react-router';
import type { Garden, Sprayer } from '#core/records';
import { useShelf } from '../../api/mixing.ts';
import { useGarden, useGround, usePlants, useWatches } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { Bench, type BenchProps } from './bench.tsx';
import { aboutOf, type BenchFor, keyOf, ofPlant, ofWatch } from './bench-subject.ts';
import { MixNav } from './mix-nav.tsx';
import { inWayRound } from './way-round.ts';

/** What do I pour, and may I? */
export function MixPage() {
  const shelf = useShelf();
  const garden = useGarden().data?.garden;
  const plants = usePlants();
  return (
    <>
      <MixNav />
      <Answered question={useWatches()}>
        {(watches) => (
          <Answered question={plants}>
            {(allPlants) => (
              <Answered question={shelf}>
                {({ products, sprayers }) =>
                  garden && (
                    <ForWhich
                      watches={watches
                        .filter(
                          ({ watch, plant }) =>
                            watch.outcome === 'open' && !plant.outOfReach && plant.retiredOn === null,
                        )
                        .map(ofWatch)}
                      plants={allPlants
                        .filter(({ outOfReach, retiredOn }) => !outOfReach && retiredOn === null)
                        .map(ofPlant)}
                      products={products}
                      sprayers={sprayers}
                      garden={garden}
                    />
                  )
                }
              </Answered>
            )}
          </Answered>
        )}
      </Answered>
    </>
  );
}

interface ForWhichProps {
  readonly watches: readonly BenchFor[];
  readonly plants: readonly BenchFor[];
  readonly products: BenchProps['products'];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
}

/** Most plants one tank is mixed for. */
const MOST_SUBJECTS = 40;

function ForWhich({ watches, plants, products, sprayers, garden }: ForWhichProps) {
  const [params, setParams] = useSearchParams();
  const all = [...watches, ...plants];
  const keys = [...params]
    .filter(([name]) => name === 'watch' || name === 'plant')
    .map(([name, id]) => `${name}=${id}`);
  const chosen = keys
    .flatMap((key) => all.find((subject) => keyOf(subject) === key) ?? [])
    .slice(0, MOST_SUBJECTS);
  const choose = (subjects: readonly BenchFor[]) =>
    setParams(new URLSearchParams(subjects.map(keyOf).join('&')));
  return (
    <>
      <PageHead
        title={headingOf(chosen)}
        lead="Water from the plant's size or what it took before, product from the label's own line. Choose hand work first where it will do."
      />
      {all.length === 0 ? (
        <EmptyState title="No plant to mix for yet.">
          <Link className="link-husk" to="/garden/new">
            Add one
          </Link>{' '}
          first: its size and kind decide what it takes.
        </EmptyState>
      ) : (
        <Subjects watches={watches} plants={plants} chosen={chosen} onChoose={choose} />
      )}
      {chosen.length > 0 && sprayers.length === 0 && (
        <EmptyState title="No sprayer yet.">
          <Link className="link-husk" to="/mix/shelf">
            Say what you spray with
          </Link>
          .
        </EmptyState>
      )}
      {chosen.length > 0 && sprayers.length > 0 && (
        <Bench
          key={chosen.map(keyOf).join()}
          subjects={chosen}
          products={products}
          sprayers={sprayers}
          garden={garden}
        />
      )}
    </>
  );
}

function headingOf(chosen: readonly BenchFor[]): string {
  const [first] = chosen;
  if (!first) return 'What do I pour, and may I?';
  if (chosen.length > 1 && first.watchId === null) return `Mixing for ${chosen.length} plants`;
  return `Mixing for ${aboutOf(first)}`;
}

function Subjects({
  watches,
  plants,
  chosen,
  onChoose,
}: Pick<ForWhichProps, 'watches' | 'plants'> & {
  chosen: readonly BenchFor[];
  onChoose: (subjects: readonly BenchFor[]) => void;
}) {
  const [first] = chosen;
  const isChosen = (subject: BenchFor) => chosen.some((other) => keyOf(other) === keyOf(subject));
  const ground = useGround().data;
  const others = first
    ? inWayRound(
        (first.watchId ? watches : plants).filter(
          (subject) => subject.group === first.group && keyOf(subject) !== keyOf(first),
        ),
        first.plantId,
        (plantId) => ground?.plants.find(({ id }) => id === plantId)?.spot ?? null,
      )
    : [];
  const options = (subjects: readonly BenchFor[]) =>
    subjects.map((subject) => (
      <option key={keyOf(subject)} value={keyOf(subject)}>
        {aboutOf(subject)}
      </option>
    ));
  return (
    <div className="grid gap-x-6 gap-y-3 md:grid-cols-2 mb-5 no-print">
      <Field label="For what">
        <select
          className="select w-full"
          value={first ? keyOf(first) : ''}
          onChange={(event) => {
            const one = [...watches, ...plants].find((subject) => keyOf(subject) === event.target.value);
            onChoose(one ? [one] : []);
          }}
        >
          <option value="">choose…</option>
          {watches.length > 0 && <optgroup label="Troubles">{options(watches)}</optgroup>}
          <optgroup label="Plants, with nothing wrong">{options(plants)}</optgroup>
        </select>
      </Field>
      {first && others.length > 0 && (
        <fieldset className="self-end">
          <legend className="font-semibold text-[0.93rem]">
            From the same tank also, the same way round
          </legend>
          <div className="flex flex-wrap gap-x-5">
            {others.map((subject) => (
              <label key={keyOf(subject)} className="flex items-center gap-2 min-h-11">
                <input
                  type="checkbox"
                  className="checkbox checkbox-sm"
                  checked={isChosen(subject)}
                  onChange={(event) =>
                    onChoose(
                      event.target.checked
                        ? [...chosen, subject]
                        : chosen.filter((other) => keyOf(other) !== keyOf(subject)),
                    )
                  }
                />{' '}
                {aboutOf(subject)}
              </label>
            ))}
          </div>
        </fieldset>
      )}
    </div>
  );
}
