import { mixingOrder, type FillPlan, type SprayPlan } from '#core/mix';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import type { LineChoice } from './bench-choice.ts';
import { STEP_WORDS } from './mix-words.ts';

/** What goes into each fill, in what order. Made to be read at arm's length. */
export function PourCard({ choice: { product, line }, plan }: { choice: LineChoice; plan: SprayPlan }) {
  const show = useShow();
  const fills = plan.fills.reduce((sum, fill) => sum + fill.times, 0);
  return (
    <section aria-label="What to pour" className="sheet border-primary! border-2! p-5">
      <p className="font-serif text-xl leading-snug">{show.volume(plan.totalSprayMl)} of spray in {fills === 1 ? 'one fill' : `${fills} fills`}</p>
      <p className="soft text-sm">{product.name}, {plan.percent === null ? '' : `${significant(plan.percent, 2)} %; `}{amount(plan.totalProduct, plan, show.pour)} in all.</p>
      <ul className="mt-3 flex flex-col gap-3">
        {plan.fills.map((fill, i) => <li key={i} className="rounded-lg bg-base-200 p-3"><Fill fill={fill} plan={plan} /></li>)}
      </ul>
      {line.intervalDays !== null && <p className="text-sm mt-3">Not again within {line.intervalDays} days{line.usesPerYear !== null ? `; at most ${line.usesPerYear} times a year` : ''}.</p>}
      <h2 className="mt-4 mb-1">In this order</h2>
      <ol className="list-decimal pl-5 text-[0.93rem] flex flex-col gap-1">{mixingOrder([product.formulation]).map((step) => <li key={step}>{STEP_WORDS[step]}</li>)}</ol>
    </section>
  );
}

function Fill({ fill, plan }: { fill: FillPlan; plan: SprayPlan }) {
  const show = useShow();
  return (
    <>
      <p className="text-sm soft">{fill.times > 1 ? `${fill.times} fills of` : 'One fill of'} {show.volume(fill.sprayMl)}</p>
      <p className="text-2xl font-semibold leading-tight">{amount(fill.productAmount, plan, show.pour)}</p>
      {fill.spoons && (
        <p className="mt-1">
          {fill.spoons.tooMany ? 'Use a measuring jug; by spoon it would be ' : 'or '}
          <b className="font-semibold">{fill.spoons.scoops.map(({ spoon, count }) => `${count} × ${spoon.name}`).join(' + ')}</b>
          <span className="soft"> = {significant(fill.spoons.volumeMl, 1)} ml, which gives {significant(fill.spoonPercent!, 2)} %</span>
          {!fill.spoonWithinLabel && <b className="block text-error text-sm">Your spoons cannot stay within the label here: use a syringe or a small measure.</b>}
        </p>
      )}
      {plan.by === 'weight' && <p className="text-sm mt-1">Weigh it: a powder by the spoon is a guess.</p>}
    </>
  );
}

function amount(value: number, plan: SprayPlan, pour: (ml: number) => string): string {
  return plan.by === 'volume' ? pour(value) : `${significant(value, 1)} g`;
}
