import { type Stands, standsOf } from '#knowledge';

const MATERIAL_WORDS: Readonly<Record<Stands['material'], string>> = {
  oil: 'Oil',
  soap: 'Soap',
  sulfur: 'Sulfur',
  copper: 'Copper',
};
const HOW_WORDS: Readonly<Record<Stands['how'], string>> = {
  usual: 'as usual',
  care: 'with care',
  'bare-only': 'only while bare',
  no: 'no',
};

/** What its kind stands of what is often sprayed, and why not. */
export function StandsSection({ hostId }: { readonly hostId: string }) {
  return (
    <section aria-label="What it stands">
      <h2 className="mb-2">What it stands</h2>
      <div className="sheet p-4 text-[0.93rem]">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
          {standsOf(hostId).map(({ material, how, says }) => (
            <div key={material} className="contents">
              <dt className="font-semibold">{MATERIAL_WORDS[material]}</dt>
              <dd>
                <span className={how === 'no' ? 'text-error font-semibold' : ''}>{HOW_WORDS[how]}</span>
                {says && <span className="soft">: {says}</span>}
              </dd>
            </div>
          ))}
        </dl>
        <p className="soft text-sm mt-2">By its kind, grade C. The label rules.</p>
      </div>
    </section>
  );
}
