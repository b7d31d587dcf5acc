import { useState } from 'react';
import { Link } from 'react-router';
import type { ProductRecord, Sprayer } from '#core/records';
import { materialById } from '#knowledge';
import { ApiProblem } from '../../api/client.ts';
import { newId } from '../../api/new-id.ts';
import { usePutSprayer, useShelf } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { MixNav } from './mix-page.tsx';
import { RATE_UNITS } from './mix-words.ts';

/** What stands on the shelf, with the label's own lines, and what it is sprayed with. */
export function ShelfPage() {
  return (
    <>
      <MixNav />
      <Answered question={useShelf()}>
        {({ products, sprayers }) => (
          <>
            <PageHead title={`${products.length} product${products.length === 1 ? '' : 's'} on the shelf`} lead="By active ingredient, with the lines of their own labels. The label is the law: copy it as it is written.">
              <Link to="/mix/shelf/new" className="btn btn-primary">Add a product</Link>
            </PageHead>
            <ul className="sheet divide-y divide-base-300 mb-6 empty:hidden">{products.map((product) => <li key={product.id}><ProductRow product={product} /></li>)}</ul>
            <h2 className="mb-2">Sprayers</h2>
            <SprayerList sprayers={sprayers} />
          </>
        )}
      </Answered>
    </>
  );
}

function ProductRow({ product }: { product: ProductRecord }) {
  return (
    <Link to={`/mix/shelf/${product.id}`} className="grid gap-x-6 gap-y-1 p-4 hover:bg-base-200 md:grid-cols-[minmax(0,1fr)_minmax(0,2fr)]">
      <span><b className="font-semibold">{product.name}</b><span className="soft block text-sm">{materialById(product.materialId).name}, {significant(product.strengthPercent, 2)} %</span></span>
      <ul className="text-[0.93rem]">{product.lines.map((line) => <li key={line.id}>{line.crop}: {line.rateLow}–{line.rateHigh} {RATE_UNITS[line.rateUnit]}</li>)}</ul>
    </Link>
  );
}

function SprayerList({ sprayers }: { sprayers: readonly Sprayer[] }) {
  const show = useShow();
  return (
    <div className="grid gap-4 md:grid-cols-2">
      <ul className="sheet divide-y divide-base-300 self-start empty:hidden">
        {sprayers.map((sprayer) => <li key={sprayer.id} className="p-4"><b className="font-semibold">{sprayer.name}</b><span className="soft block text-sm">holds {show.volume(sprayer.capacityMl)}, reaches {show.length(sprayer.reachM)}{sprayer.heldHerbicide ? '; has held weedkiller' : ''}</span></li>)}
      </ul>
      <NewSprayer key={sprayers.length} />
    </div>
  );
}

function NewSprayer() {
  const show = useShow();
  const put = usePutSprayer();
  const { say } = useNotices();
  const [id] = useState(newId);
  const [name, setName] = useState('');
  const [capacity, setCapacity] = useState('');
  const [reach, setReach] = useState('');
  const [heldHerbicide, setHeld] = useState(false);
  const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));
  const messages = new Map(put.error instanceof ApiProblem ? put.error.errors.map((error) => [String(error.path[0]), error.message]) : []);
  const add = () => put.mutate({ id, name, capacityMl: show.mlFrom(number(capacity)), reachM: show.metresFrom(number(reach)), heldHerbicide }, { onSuccess: () => say(`${name} was added.`) });
  return (
    <form noValidate className="sheet p-4 flex flex-col gap-3" onSubmit={(event) => { event.preventDefault(); add(); }}>
      <h3 className="font-semibold">Another sprayer</h3>
      <Field label="Name" error={messages.get('name')}><input className="input w-full" value={name} onChange={(event) => setName(event.target.value)} /></Field>
      <div className="grid grid-cols-2 gap-3">
        <Field label={`Holds, ${show.volumeUnit}`} error={messages.get('capacityMl')}><input className="input w-full" inputMode="decimal" value={capacity} onChange={(event) => setCapacity(event.target.value)} /></Field>
        <Field label={`Reaches, ${show.lengthUnit}`} hint="from the ground" error={messages.get('reachM')}><input className="input w-full" inputMode="decimal" value={reach} onChange={(event) => setReach(event.target.value)} /></Field>
      </div>
      <label className="flex items-center gap-3 min-h-11"><input type="checkbox" className="checkbox" checked={heldHerbicide} onChange={(event) => setHeld(event.target.checked)} /> It has held weedkiller</label>
      <button type="submit" className="btn btn-sm self-start">Add it</button>
    </form>
  );
}
