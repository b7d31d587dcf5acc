import { Link } from 'react-router';
import { materialById } from '#knowledge';
import type { ShoppingItem } from '#engine';
import { useShelfState } from '../../api/mixing.ts';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { useShow } from '../../show/use-show.ts';
import { AdviceOn } from './line-picker.tsx';
import { MixNav } from './mix-nav.tsx';

/** What to buy for the season: ingredient, strength, what to avoid, how much; no brand. */
export function ShoppingPage() {
  return (
    <>
      <MixNav />
      <Answered question={useShelfState()}>
        {({ shopping, advice }) =>
          shopping.length === 0 ? (
            <EmptyState title="Nothing to buy.">
              No open, named watch asks for a spray.{' '}
              <Link className="link-husk" to="/look">
                See the watches
              </Link>
              .
            </EmptyState>
          ) : (
            <>
              <PageHead
                title={`${shopping.filter(({ left }) => left === null || left === 0).length} of ${shopping.length} ingredients are not on your shelf, or not counted there`}
                lead="By active ingredient, with no brand. Take it to the shop: any product will do whose label names your plant, your trouble and your place."
              >
                <button type="button" className="btn no-print" onClick={() => window.print()}>
                  Print the card
                </button>
              </PageHead>
              <ul className="grid gap-4 md:grid-cols-2">
                {shopping.map((item) => (
                  <li key={item.materialId}>
                    <ShoppingCard item={item} advice={advice} />
                  </li>
                ))}
              </ul>
              <p className="soft text-sm mt-4">
                Amounts: water to drip from each plant's size, times the usual strength, times the sprays a
                season of your school (rules of thumb, grade C). The label's own rate comes first.
              </p>
            </>
          )
        }
      </Answered>
    </>
  );
}

function ShoppingCard({
  item: { materialId, forWhat, sprays, amount, left },
  advice,
}: {
  item: ShoppingItem;
  advice: Parameters<typeof AdviceOn>[0]['advice'];
}) {
  const show = useShow();
  const material = materialById(materialId);
  const powder = material.formulation === 'powder';
  return (
    <article className="print-card sheet p-4 h-full">
      <h2 className="text-base-content!">{material.name}</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 mt-1">
        <dt className="soft">Look for</dt>
        <dd>{material.buying.strength}</dd>
        <dt className="soft">Avoid</dt>
        <dd>{material.buying.avoid}</dd>
        <dt className="soft">For the season</dt>
        <dd className="font-semibold">
          {amount ? `${show.pour(amount[0])} to ${show.pour(amount[1])}` : 'as its label says'},{' '}
          {sprays === 1 ? 'one spray' : `${sprays} sprays`}
        </dd>
        <dt className="soft">On the shelf</dt>
        <dd>
          {left === null ? 'not counted' : powder ? `${Math.round(left)} g` : show.pour(left)}
          {amount && left !== null && left >= amount[1] && ', enough'}
        </dd>
        <dt className="soft">For</dt>
        <dd>{forWhat.join('; ')}</dd>
      </dl>
      <AdviceOn materialId={materialId} advice={advice} />
    </article>
  );
}
