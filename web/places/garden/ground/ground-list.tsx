import { memo } from 'react';
import { Link } from 'react-router';
import type { GroundAnswer } from '#engine';
import { BeadScale } from '../../../parts/bead-scale.tsx';
import { useShow } from '../../../show/use-show.ts';
import type { Held, StandingPlant } from './drawn-things.ts';

const DUE_WORDS = { late: 'late', open: 'due', soon: 'soon' } as const;

/** The same as the plan, line by line: where each stands, what it carries, what it touches. */
export const GroundList = memo(function GroundList({
  ground,
  plants,
  heldId,
  onHold,
  onShow,
}: {
  readonly ground: GroundAnswer;
  readonly plants: readonly StandingPlant[];
  readonly heldId: string | null;
  readonly onHold: (held: Held) => void;
  readonly onShow: (point: { xM: number; yM: number }) => void;
}) {
  const show = useShow();
  const names = new Map(ground.plants.map(({ id, name }) => [id, name]));
  const spots = new Map(plants.map(({ plant, spot }) => [plant.id, spot]));
  const order = new Map(ground.walk.map((id, i) => [id, i]));
  if (ground.plants.length === 0) return null;
  const touching = (id: string) =>
    ground.contacts
      .filter(({ a, b, isOverruled }) => !isOverruled && (a === id || b === id))
      .map(({ a, b }) => names.get(a === id ? b : a))
      .join(', ');
  const listed = ground.plants.toSorted((a, b) => (order.get(a.id) ?? 999) - (order.get(b.id) ?? 999));
  return (
    <section aria-label="The same as a list" className="min-w-0">
      <h2 className="mb-2">The same as a list, in the order of one walk</h2>
      <div className="sheet overflow-x-auto" tabIndex={0} role="group" aria-label="Plants, scrolls sideways">
        <table className="table table-sm">
          <thead>
            <tr>
              <th>Plant</th>
              <th>Level</th>
              <th>Asks for something</th>
              <th>From the left, from the top, {show.lengthUnit}</th>
              <th>Touches</th>
            </tr>
          </thead>
          <tbody>
            {listed.map((plant) => {
              const spot = spots.get(plant.id);
              return (
                <tr key={plant.id} className={heldId === plant.id ? 'bg-(--husk-pale)' : ''}>
                  <th scope="row">
                    {spot ? (
                      <button
                        type="button"
                        className="link-husk text-left min-h-6"
                        aria-pressed={heldId === plant.id}
                        onClick={() => {
                          onHold({ kind: 'plant', id: plant.id });
                          onShow(spot);
                        }}
                      >
                        {plant.name}
                      </button>
                    ) : (
                      <Link className="link-husk" to={`/garden/${plant.id}`}>
                        {plant.name}
                      </Link>
                    )}
                  </th>
                  <td>
                    {plant.watches.length > 0 ? (
                      <BeadScale level={plant.level} compact />
                    ) : (
                      <span className="soft">no watch</span>
                    )}
                  </td>
                  <td>{plant.due ? DUE_WORDS[plant.due] : ''}</td>
                  <td className="tabular-nums">
                    {spot ? (
                      `${show.lengthNumber(spot.xM)}, ${show.lengthNumber(spot.yM)}`
                    ) : (
                      <span className="soft">not on the plan</span>
                    )}
                  </td>
                  <td>{touching(plant.id)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
});
