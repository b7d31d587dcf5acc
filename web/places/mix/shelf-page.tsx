import { Link } from 'react-router';
import type { ProductRecord } from '#core/records';
import { materialById } from '#knowledge';
import type { ProductState } from '#engine';
import { useShelf, useShelfState } from '../../api/mixing.ts';
import { Answered, PageHead } from '../../parts/page.tsx';
import { showFullDate } from '../../show/dates.ts';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { AdviceSection } from './advice-section.tsx';
import { MixNav } from './mix-nav.tsx';
import { rateWords } from './mix-words.ts';
import { SprayerList } from './sprayer-list.tsx';

/**
 * What stands on the shelf, with the label's own lines, what it is sprayed with, and what is said of it
 * hereabouts.
 */
export function ShelfPage() {
  const state = useShelfState().data;
  return (
    <>
      <MixNav />
      <Answered question={useShelf()}>
        {({ products, sprayers }) => (
          <>
            <PageHead
              title={`${products.length} product${products.length === 1 ? '' : 's'} on the shelf`}
              lead="By active ingredient, with the lines of their own labels. The label is the law: copy it as it is written."
            >
              <Link to="/mix/shelf/new" className="btn btn-primary">
                Add a product
              </Link>
              <Link to="/mix/shelf/new?material=soap&homemade=1" className="btn">
                Add a home-made mix
              </Link>
            </PageHead>
            <ul className="sheet divide-y divide-base-300 mb-6 empty:hidden">
              {products.map((product) => (
                <li key={product.id}>
                  <ProductRow
                    product={product}
                    state={state?.products.find(({ productId }) => productId === product.id)}
                  />
                </li>
              ))}
            </ul>
            <div className="grid gap-6 lg:grid-cols-2">
              <section aria-label="Sprayers">
                <h2 className="mb-2">Sprayers</h2>
                <SprayerList sprayers={sprayers} />
              </section>
              <AdviceSection advice={state?.advice ?? []} />
            </div>
          </>
        )}
      </Answered>
    </>
  );
}

function ProductRow({ product, state }: { product: ProductRecord; state: ProductState | undefined }) {
  const show = useShow();
  const amount = (value: number) =>
    product.formulation === 'powder' ? `${significant(value, 0)} g` : show.pour(value);
  return (
    <div className="grid gap-x-6 gap-y-1 p-4 md:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)_minmax(0,1fr)]">
      <div>
        <Link to={`/mix/shelf/${product.id}`} className="link-husk font-semibold">
          {product.name}
        </Link>
        <span className="soft block text-sm">
          {materialById(product.materialId).name}
          {product.strengthPercent !== null && `, ${significant(product.strengthPercent, 2)} %`}
          {product.modeOfAction && `; mode of action ${product.modeOfAction}`}
        </span>
        <span className="flex flex-wrap gap-1 mt-1">
          {product.organic && <span className="tag">organic</span>}
          {product.unlabelled && <span className="tag tag-due">no label</span>}
          {state?.expired && <span className="tag tag-no">past its date</span>}
        </span>
      </div>
      <ul className="text-[0.93rem]">
        {product.lines.map((line) => (
          <li key={line.id}>
            {line.crop}
            {line.region && `, ${line.region}`}: {rateWords(line)}
          </li>
        ))}
      </ul>
      {state && (
        <div className="text-[0.93rem]">
          <p>
            {state.left === null ? (
              <span className="soft">not counted</span>
            ) : (
              <b className={`font-semibold ${state.left === 0 ? 'text-error' : ''}`}>
                {amount(state.left)} left
              </b>
            )}
            {product.expiresOn && <span className="soft">, use by {showFullDate(product.expiresOn)}</span>}
          </p>
          <p className="soft">
            {state.usesThisYear === 0
              ? 'not used this year'
              : `used ${state.usesThisYear === 1 ? 'once' : `${state.usesThisYear} times`} this year`}
          </p>
          {state.next.map(({ watchId, plantName, on }) => (
            <p key={watchId}>
              Again on{' '}
              <Link className="link-husk" to={`/look/${watchId}`}>
                {plantName}
              </Link>{' '}
              from {showFullDate(on)}
            </p>
          ))}
        </div>
      )}
    </div>
  );
}
