import { howMany } from '#knowledge';
import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import { costOf, mixingOrder, smallAmount, type FillPlan, type PartMeasure } from '#core/mix';
import type { BenchWatch } from '#engine';
import { figure, significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { RATE_UNITS, STEP_WORDS } from './mix-words.ts';
import type { Tank, TankLoad } from './use-tank.ts';

interface PourCardProps {
  readonly tank: Tank;
  readonly left: Readonly<Record<string, number | null>>;
  readonly forWhat: string;
  readonly watches: readonly BenchWatch[];
}

/** What goes into each fill, in what order. Made to be read at arm's length, with wet hands, or on paper. */
export function PourCard({ tank, left, forWhat, watches }: PourCardProps) {
  const show = useShow();
  const { plan, hoseEnd, loads, sprayer } = tank;
  if (!plan && !hoseEnd) return null;
  const fills = plan?.fills.reduce((sum, fill) => sum + fill.times, 0) ?? 0;
  const steps = mixingOrder(
    loads.map(({ choice: { product } }) => ({
      formulation: product.formulation,
      rawOil: product.materialId === 'raw-neem',
    })),
    { rinse: tank.rinseAfter !== null, jarTest: tank.met !== null, fineScreen: sprayer.screen === 'fine' },
  );
  return (
    <section
      id="card"
      aria-label="What to pour"
      className="scroll-mt-4 print-card sheet border-primary! border-2! p-5"
    >
      <p className="soft text-sm">
        {forWhat}, {sprayer.name}
      </p>
      {plan && (
        <p className="font-serif text-xl leading-snug">
          {show.volume(plan.totalSprayMl)} of spray in {fills === 1 ? 'one fill' : `${fills} fills`}
        </p>
      )}
      <ul className="mt-3 flex flex-col gap-3">
        {plan?.fills.map((fill, i) => (
          <li key={i} className="rounded-lg bg-base-200 p-3">
            <Fill fill={fill} loads={loads} />
          </li>
        ))}
      </ul>
      {hoseEnd && <HoseEnd tank={tank} />}
      {plan && <Totals tank={tank} left={left} watches={watches} />}
      <h2 className="mt-4 mb-1">In this order</h2>
      <ol className="list-decimal pl-5 text-[0.93rem] flex flex-col gap-1">
        {steps.map((step) => (
          <li key={step}>
            {STEP_WORDS[step]}
            {step === 'jar-test' && (
              <>
                {' '}
                <Link className="link-husk no-print" to="/mix/recipes?recipe=jar-test">
                  How, with timers
                </Link>
              </>
            )}
          </li>
        ))}
      </ol>
      <button type="button" className="btn btn-sm mt-4 no-print" onClick={() => window.print()}>
        <Printer size={16} aria-hidden /> Print the card
      </button>
    </section>
  );
}

function Fill({ fill, loads }: { fill: FillPlan; loads: readonly TankLoad[] }) {
  const show = useShow();
  return (
    <>
      <p className="text-sm soft">
        {fill.times > 1 ? `${fill.times} fills of` : 'One fill of'} {show.volume(fill.sprayMl)}
      </p>
      {fill.parts.map((part, i) => (
        <PartLine
          key={loads[i]!.choice.line.id}
          part={part}
          name={loads.length > 1 ? loads[i]!.choice.product.name : null}
        />
      ))}
    </>
  );
}

/** One product's amount: by jug or scale, and by the user's spoons with what they give. */
export function PartLine({ part, name }: { part: PartMeasure; name: string | null }) {
  const show = useShow();
  return (
    <div className="mt-1">
      {name && <p className="text-sm font-semibold">{name}</p>}
      <p className="text-2xl font-semibold leading-tight">{amountWords(part, show.pour)}</p>
      {part.spoons && (
        <p className="mt-1">
          {part.spoons.tooMany ? 'Use a measuring jug; by spoon it would be ' : 'or '}
          <b className="font-semibold">
            {part.spoons.scoops.map(({ spoon, count }) => `${count} × ${spoon.name}`).join(' + ')}
          </b>
          <span className="soft">
            {' '}
            = {significant(part.spoons.volumeMl, 1)} ml
            {part.spoonPercent !== null && `, which gives ${significant(part.spoonPercent, 2)} %`} (
            {spoonsWords(part.spoons)})
          </span>
          {!part.spoonWithinLabel && (
            <b className="block text-error text-sm">
              Your spoons cannot stay within the label here: use a syringe or a small measure.
            </b>
          )}
        </p>
      )}
      <SmallMeasure part={part} />
      {part.by === 'weight' && <p className="text-sm mt-1">Weigh it: a powder by the spoon is a guess.</p>}
    </div>
  );
}

/** What to use where the amount is below what a spoon, a jug or a scale can tell. */
function SmallMeasure({ part }: { part: PartMeasure }) {
  const way = smallAmount(part);
  if (!way) return null;
  return (
    <p className="text-sm mt-1 font-semibold">
      {way.kind === 'syringe' && 'Less than a quarter teaspoon: use a syringe without a needle.'}
      {way.kind === 'premix' &&
        `Too little to measure: stir ${way.productMl} ml into ${figure(way.waterMl, 1)} ml of water, and take ${figure(way.takeMl, 1)} ml of that by syringe. What is left of it is no spray: thinned to the same rate, on plants of the same label, today.`}
      {way.kind === 'mix-more' &&
        `Less than a ${part.by === 'weight' ? 'kitchen scale' : 'syringe'} tells: mix at least ${way.times} times as much spray.`}
    </p>
  );
}

function HoseEnd({ tank: { hoseEnd, loads, sprayer, sprayMl } }: { tank: Tank }) {
  const show = useShow();
  if (hoseEnd!.setting === null)
    return (
      <p role="alert" className="text-error font-semibold mt-2">
        {loads.length > 1
          ? 'A hose-end jar takes one product at a time.'
          : 'No setting of this dial keeps within the label: use a tank.'}
      </p>
    );
  return (
    <div className="mt-2">
      <p className="text-2xl font-semibold leading-tight">
        Dial to {hoseEnd!.setting} {RATE_UNITS[sprayer.dial!.unit]}
      </p>
      <p className="mt-1">
        {show.pour(hoseEnd!.jarMl!)} of {loads[0]!.choice.product.name.toLowerCase()} into the jar, undiluted,
        for {show.volume(sprayMl)}
        <span className="soft">, which gives {significant(hoseEnd!.percent!, 2)} %</span>. What is left goes
        back into its own pack.
      </p>
    </div>
  );
}

function Totals({
  tank: { plan, loads, water },
  left,
  watches,
}: Pick<PourCardProps, 'tank' | 'left' | 'watches'>) {
  const show = useShow();
  return (
    <ul className="text-sm mt-3 flex flex-col gap-0.5">
      {plan!.totals.map((total, i) => {
        const { product, line } = loads[i]!.choice;
        const overYear = watches.find(
          ({ lines }, k) =>
            total.amount * water.shares[k]! >
            (lines.find(({ lineId }) => lineId === line.id)?.leftThisYear ?? Infinity),
        );
        const cost = costOf(product, total.amount),
          there = left[product.id] ?? null;
        return (
          <li key={line.id}>
            {product.name}, {total.percent === null ? '' : `${significant(total.percent, 2)} %; `}
            {amountWords(total, show.pour)} in all{cost !== null && `; it costs about ${cost.toFixed(2)}`}.
            {there !== null &&
              (there < total.amount ? (
                <b className="text-error">
                  {' '}
                  Only {amountWords({ by: total.by, amount: there }, show.pour)} left.
                </b>
              ) : (
                <span className="soft">
                  {' '}
                  {amountWords({ by: total.by, amount: there - total.amount }, show.pour)} remain.
                </span>
              ))}
            {line.intervalDays !== null &&
              ` Not again within ${howMany(line.intervalDays, 'day')}${line.usesPerYear !== null ? `; at most ${howMany(line.usesPerYear, 'time')} a year` : ''}.`}
            {overYear && (
              <b className="text-error"> More than its label leaves {overYear.plant.name} this year.</b>
            )}
            {product.mustNotTouch && <b className="font-semibold"> {product.mustNotTouch}</b>}
          </li>
        );
      })}
    </ul>
  );
}

/** Whose spoons: a tablespoon is 15 ml, 14.8 or 20. */
function spoonsWords({ scoops }: NonNullable<PartMeasure['spoons']>): string {
  const systems = [...new Set(scoops.map(({ spoon }) => spoon.id.slice(0, spoon.id.indexOf('-'))))];
  return `${systems.map((system) => SYSTEM_WORDS[system] ?? system).join(' and ')} spoons`;
}

const SYSTEM_WORDS: Readonly<Record<string, string>> = {
  metric: 'metric',
  us: 'US',
  imperial: 'imperial',
  australian: 'Australian',
};

export function amountWords(
  { by, amount }: Pick<PartMeasure, 'by' | 'amount'>,
  pour: (ml: number) => string,
): string {
  return by === 'volume' ? pour(amount) : `${figure(amount, 1)} g`;
}
