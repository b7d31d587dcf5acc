import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Plant, ProductRecord } from '#core/records';
import { GREATEST_WIND_MS, LEAST_WIND_MS } from '#core/spray-hours';
import type { SprayAnswer } from '#engine';
import { useShelf } from '../../api/mixing.ts';
import { usePlants } from '../../api/queries.ts';
import { type SprayQuestion, useSprayHours } from '../../api/timing.ts';
import { Field } from '../../parts/field.tsx';
import { Answered, EmptyState, PageHead } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { useShow } from '../../show/use-show.ts';
import { SprayHoursGrid } from '../now/spray-hours-grid.tsx';
import { WhenNav } from './when-nav.tsx';

/** May I spray, and when next? Each hour of the coming days for one product on one plant. */
export function HoursPage() {
  const plants = usePlants();
  return (
    <>
      <WhenNav />
      <Answered question={useShelf()}>
        {({ products }) => (
          <Answered question={plants}>
            {(places) => {
              const standing = places.filter(
                ({ retiredOn, outOfReach }) => retiredOn === null && !outOfReach,
              );
              return products.length > 0 && standing.length > 0 ? (
                <Hours products={products} plants={standing} />
              ) : (
                <EmptyState title="Spray hours are for a product on a plant.">
                  <Link className="link-husk" to="/mix/shelf">
                    Put a product on the shelf
                  </Link>
                  , and a plant in the{' '}
                  <Link className="link-husk" to="/garden">
                    garden
                  </Link>
                  .
                </EmptyState>
              );
            }}
          </Answered>
        )}
      </Answered>
    </>
  );
}

function Hours({ products, plants }: { products: readonly ProductRecord[]; plants: readonly Plant[] }) {
  // From the bench it opens on what is to be sprayed there.
  const [asked] = useSearchParams();
  const [productId, setProduct] = useState(asked.get('product') ?? products[0]!.id);
  const product = products.find(({ id }) => id === productId) ?? products[0]!;
  const [lineId, setLine] = useState(asked.get('line') ?? '');
  const line = product.lines.find(({ id }) => id === lineId) ?? product.lines[0]!;
  const [more, setMore] = useState<Pick<SprayQuestion, 'plant' | 'bees' | 'thirsty' | 'hours'>>({
    plant: plants.find(({ id }) => id === asked.get('plant'))?.id ?? plants[0]!.id,
    bees: 'no',
    thirsty: 'no',
    hours: '2',
  });
  const spray = useSprayHours({ ...more, product: product.id, line: line.id });
  const check = (key: 'bees' | 'thirsty', label: string) => (
    <label className="flex items-center gap-3 min-h-11">
      <input
        type="checkbox"
        className="checkbox"
        checked={more[key] === 'yes'}
        onChange={(event) => setMore({ ...more, [key]: event.target.checked ? 'yes' : 'no' })}
      />
      {label}
    </label>
  );
  return (
    <Answered question={spray}>
      {(answer) => (
        <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
          <div className="min-w-0">
            <PageHead
              title={hoursTitle(answer)}
              lead="Go only where rain, wind and heat are known to allow it. What is not known never counts as good."
            />
            {answer.days.length > 0 ? (
              <div className="sheet p-4 max-w-2xl">
                <SprayHoursGrid days={answer.days} />
              </div>
            ) : (
              <p role="status" className="sheet p-4">
                No forecast for this plant's place, so no hour can be called good.{' '}
                <Link className="link-husk" to="/when/stations">
                  Type one in ten short rows
                </Link>
                .
              </p>
            )}
          </div>
          <div className="flex flex-col gap-4">
            <section aria-label="What on what" className="sheet p-4 flex flex-col gap-3">
              <Field label="Product">
                <select
                  className="select w-full"
                  value={product.id}
                  onChange={(event) => {
                    setProduct(event.target.value);
                    setLine('');
                  }}
                >
                  {products.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </Field>
              <Field label="Label line">
                <select
                  className="select w-full"
                  value={line.id}
                  onChange={(event) => setLine(event.target.value)}
                >
                  {product.lines.map(({ id, crop, leafStates }) => (
                    <option key={id} value={id}>
                      {crop}, {leafStates.join(', ').replaceAll('-', ' ')}
                    </option>
                  ))}
                </select>
              </Field>
              <Field label="Plant">
                <select
                  className="select w-full"
                  value={more.plant}
                  onChange={(event) => setMore({ ...more, plant: event.target.value })}
                >
                  {plants.map(({ id, name }) => (
                    <option key={id} value={id}>
                      {name}
                    </option>
                  ))}
                </select>
              </Field>
              <Field label="I need at least">
                <select
                  className="select w-full"
                  value={more.hours}
                  onChange={(event) => setMore({ ...more, hours: event.target.value })}
                >
                  {['1', '2', '3', '4', '6'].map((hours) => (
                    <option key={hours} value={hours}>
                      {hours} {hours === '1' ? 'hour' : 'hours'}
                    </option>
                  ))}
                </select>
              </Field>
              {check('bees', 'Bees are at its honeydew')}
              {check('thirsty', 'It is short of water')}
            </section>
            <Stretches answer={answer} leastHours={Number(more.hours)} />
            <Limits answer={answer} />
          </div>
        </div>
      )}
    </Answered>
  );
}

function hoursTitle({ days, stretches }: SprayAnswer): string {
  const next = stretches[0];
  if (next) return `Next good hours: ${showDate(next.date)}, ${next.fromHour}–${next.toHour} h`;
  return days.length === 0 ? 'Spray hours are not known' : 'No good stretch in the days foreseen';
}

function Stretches({ answer, leastHours }: { answer: SprayAnswer; leastHours: number }) {
  return (
    <section aria-label="Good stretches" className="sheet p-4">
      <h2 className="mb-1">Stretches of {leastHours} h or more</h2>
      {answer.stretches.length === 0 ? (
        <p className="soft">None.</p>
      ) : (
        <ul>
          {answer.stretches.map(({ date, fromHour, toHour }) => (
            <li key={`${date} ${fromHour}`}>
              {showDate(date)}, {fromHour}–{toHour} h
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function Limits({ answer: { limits, isOil, school } }: { answer: SprayAnswer }) {
  const show = useShow();
  return (
    <section aria-label="Limits used" className="sheet p-4 text-[0.93rem]">
      <h2 className="mb-1">Limits used</h2>
      <p>
        From {show.temperature(limits.leastC)}, better {show.temperature(limits.betterC)}, up to{' '}
        {show.temperature(limits.greatestC)} then and for two days after; {limits.rainFreeHours} dry hours
        after it; wind {show.windRange(LEAST_WIND_MS, GREATEST_WIND_MS)}; no frost a day either side.
      </p>
      <p className="soft text-sm mt-2">
        The strictest of label, plant and school{isOil ? ` (oil: ${school.name})` : ''}; where the label is
        silent a rule of thumb, grade C. Rain and wind are known by the day only.{' '}
        <Link className="link-husk" to="/setup#schools">
          Schools
        </Link>
      </p>
    </section>
  );
}
