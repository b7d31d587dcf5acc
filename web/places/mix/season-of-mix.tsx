import { useState } from 'react';
import { Link } from 'react-router';
import { seasonOfMix } from '#core/mix';
import { Field } from '../../parts/field.tsx';
import { listed } from '../../show/sentence.ts';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { useMeasured } from './mix-parts.tsx';
import type { PartPack } from './use-packs.ts';

interface SeasonSectionProps {
  readonly packs: readonly PartPack[];
  /** What is made at a time, ml. */
  readonly volumeMl: number;
  readonly usualTimes: number | null;
}

/** What a season of the mix takes, what of it is there, and what it costs. */
export function SeasonSection({ packs, volumeMl, usualTimes }: SeasonSectionProps) {
  const show = useShow();
  const measured = useMeasured();
  const [typed, setTyped] = useState('');
  const isWhole = /^\d+$/.test(typed.trim()) && Number(typed) >= 1 && Number(typed) <= 100;
  const wrong = typed !== '' && !isWhole ? 'whole times, 1 to 100' : undefined;
  const times = isWhole ? Number(typed) : (usualTimes ?? 1);
  const season = seasonOfMix(
    packs.map(({ part }) => part),
    packs.map(({ product, left }) => product && { pack: product.pack, left }),
    volumeMl,
    times,
  );
  return (
    <section aria-label="For a season" className="order-4 print-card sheet p-5 flex flex-col gap-3">
      <h2>For a season</h2>
      <Field
        label="Times a season"
        hint={
          usualTimes === null ? 'nobody said how often' : `usual here: ${usualTimes}, a rule of thumb (C)`
        }
        error={wrong}
      >
        <input
          className="input w-24"
          inputMode="numeric"
          placeholder={String(times)}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      <p className="soft text-sm">
        {times === 1 ? 'Once' : `${times} times`} {show.volume(volumeMl)}.
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="What it takes">
        <table className="w-full text-[0.93rem]">
          <thead>
            <tr className="text-left soft">
              <th scope="col" className="font-normal py-1">
                Part
              </th>
              <th scope="col" className="font-normal text-right">
                In all
              </th>
              <th scope="col" className="font-normal text-right">
                To buy
              </th>
              <th scope="col" className="font-normal text-right">
                Cost
              </th>
            </tr>
          </thead>
          <tbody className="divide-y divide-base-300">
            {season.parts.map(({ name, by, season: amount, missing, cost }) => (
              <tr key={name}>
                <td className="py-1.5 pr-3">{name}</td>
                <td className="text-right whitespace-nowrap">{measured({ by, amount })}</td>
                <td className="text-right pl-3">
                  {missing === null ? (
                    <NotCounted pack={packs.find(({ part }) => part.name === name)} />
                  ) : missing === 0 ? (
                    'nothing'
                  ) : (
                    <b className="font-semibold">{measured({ by, amount: missing })}</b>
                  )}
                </td>
                <td className="text-right pl-3 whitespace-nowrap">
                  {cost === null ? <span className="soft">no price</span> : money(cost)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-sm">
        {season.cost === null
          ? 'Write what a pack holds and costs on its product, and the season’s cost stands here.'
          : `${money(season.cost)} in your money${season.unpriced.length > 0 ? `, without ${listed(season.unpriced)}` : ''}.`}
      </p>
    </section>
  );
}

function NotCounted({ pack }: { pack: PartPack | undefined }) {
  if (!pack?.product) return <span className="soft whitespace-nowrap">none there</span>;
  return (
    <Link className="link-husk whitespace-nowrap" to={`/mix/shelf/${pack.product.id}`}>
      count it<span className="sr-only">: {pack.part.name}</span>
    </Link>
  );
}

const money = (amount: number) => (amount < 10 ? amount.toFixed(2) : significant(amount, 0));
