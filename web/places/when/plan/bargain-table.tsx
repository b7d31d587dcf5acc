import type { LeftSummary } from '#core/season-model';
import { type PlanCut, type PlanMaterial, tollOf } from '#engine';
import { figure } from '../../../show/units.ts';
import { rangeWords } from './plan-words.ts';

/** One bargain: what is done, and what it leaves. */
export interface Bargain {
  readonly name: string;
  readonly cuts: readonly PlanCut[];
  readonly left: LeftSummary;
}

/** From nothing to everything: what each leaves, what it takes of the gardener, and whom else it meets. */
export function BargainTable({
  material,
  bargains,
}: {
  material: PlanMaterial;
  bargains: readonly Bargain[];
}) {
  return (
    <details className="mt-2" open={bargains.length > 2}>
      <summary className="link-husk list-none inline-block">The whole bargain</summary>
      <div className="overflow-x-auto mt-2" tabIndex={0} role="group" aria-label="Bargain, scrolls sideways">
        <table className="table table-sm">
          <caption className="sr-only">What each leaves of 100, and what it takes</caption>
          <thead>
            <tr>
              <th>Done</th>
              <th>Leaves, of 100</th>
              <th>Sprays</th>
              <th>By hand</th>
              <th>Hours</th>
              <th>Cost</th>
              <th>Bee days</th>
              <th>Helper days</th>
            </tr>
          </thead>
          <tbody>
            {bargains.map(({ name, cuts, left }) => {
              const toll = tollOf(material, cuts);
              return (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  <td className="tabular-nums">{rangeWords(left)}</td>
                  <td>{toll.sprays}</td>
                  <td>{toll.hands}</td>
                  <td>{figure(toll.hours, 1)}</td>
                  <td>{toll.cost === null ? 'not known' : toll.cost.toFixed(2)}</td>
                  <td>{Math.round(toll.beeDays)}</td>
                  <td>{Math.round(toll.helperDays)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="soft text-sm mt-1 max-w-[72ch]">
        Bee days are those on which a deposit could harm a bee that comes; helper days what is lost of the
        helpers’ work with those a spray kills. Hours go by the plant’s size, cost by your packs’ price and
        middle rate. Rules of thumb (grade C). “Best” ones are there once they are looked for.
      </p>
    </details>
  );
}
