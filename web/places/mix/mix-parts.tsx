import { type RecipeAmount } from '#core/mix';
import { kitchenProduct } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { SelectOne } from '../../parts/select-one.tsx';
import { useKeeping } from '../../parts/use-keeping.ts';
import { figure } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import type { PartPack } from './use-packs.ts';

/** An amount of a part as it is measured: by weight, or by volume in the garden's units. */
export function useMeasured() {
  const show = useShow();
  return ({ by, amount }: Pick<RecipeAmount, 'by' | 'amount'>) => {
    if (by === 'weight') return `${figure(amount, 1)} g`;
    return amount >= 1000 ? show.volume(amount) : show.pour(amount);
  };
}

interface MixPartsProps {
  readonly amounts: readonly RecipeAmount[];
  readonly packs: readonly PartPack[];
  readonly onTake: (part: number, productId: string) => void;
}

/** What goes in, how much of it, and from which pack of the shelf. */
export function MixParts({ amounts, packs, onTake }: MixPartsProps) {
  const measured = useMeasured();
  return (
    <ul className="divide-y divide-base-300">
      {amounts.map(({ name, by, amount }, i) => (
        <li key={name} className="py-1.5">
          <span className="flex justify-between gap-4">
            <span>{name}</span>
            <b className="font-semibold whitespace-nowrap">{measured({ by, amount })}</b>
          </span>
          {packs[i] && <FromPack pack={packs[i]} onTake={(productId) => onTake(i, productId)} />}
        </li>
      ))}
    </ul>
  );
}

function FromPack({ pack, onTake }: { pack: PartPack; onTake: (productId: string) => void }) {
  const measured = useMeasured();
  const { keep } = useKeeping();
  const { part, product, fitting, left, materialId } = pack;
  if (materialId === null) return null;
  if (!product)
    return (
      <button
        type="button"
        className="link-husk text-sm no-print"
        onClick={() => {
          const record = { ...kitchenProduct(materialId, part, newId) };
          void keep({ kind: 'products', record, label: part.name }, `On the shelf now: ${part.name}.`);
        }}
      >
        Put it on the shelf<span className="sr-only">: {part.name}</span>
      </button>
    );
  return (
    <span className="soft text-sm flex flex-wrap gap-2 items-center">
      {fitting.length > 1 ? (
        <SelectOne
          aria-label={`${part.name}, from`}
          className="select select-sm"
          value={product.id}
          options={fitting.map(({ id, name }) => ({ id, label: name }))}
          onChange={onTake}
        />
      ) : (
        `from ${product.name === part.name ? 'the shelf' : product.name},`
      )}
      <span>{left === null ? 'not counted' : `${measured({ by: part.by, amount: left })} left`}</span>
    </span>
  );
}
