import { SPRAY_SCOPES } from '#core/mix';
import type { Sprayer } from '#core/records';
import { Choices, Field } from '../../parts/field.tsx';
import { showDate } from '../../show/dates.ts';
import { listed } from '../../show/sentence.ts';
import { significant } from '../../show/units.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { RATE_UNITS, SCOPE_WORDS } from './mix-words.ts';
import { benchKind, isFree } from './tank.ts';
import type { Tank } from './use-tank.ts';

/** How strong, with what, on how much of the plant, and what else goes in. */
export function Amounts({
  tank,
  sprayers,
  inLeaf,
}: {
  tank: Tank;
  sprayers: readonly Sprayer[];
  inLeaf: boolean;
}) {
  const show = useShow();
  const today = useToday();
  const { sprayer, water, loads } = tank;
  const addable = tank.choices.filter(
    (choice) =>
      isFree(choice) &&
      benchKind(choice.line) === 'spray' &&
      loads.every(({ choice: { product } }) => product.id !== choice.product.id),
  );
  return (
    <section aria-label="Amounts" className="no-print sheet p-4 flex flex-col gap-5">
      <Choices
        legend="Wet"
        value={tank.scope}
        options={SPRAY_SCOPES.map((id) => ({ id, label: SCOPE_WORDS[id] }))}
        onChange={tank.scopeTo}
      />
      <div className="grid gap-5 sm:grid-cols-2">
        {loads.map(({ choice: { product, line }, rate }) => (
          <Field
            key={line.id}
            label={`${loads.length > 1 ? `${product.name}: ` : 'Rate: '}${significant(rate, 2)} ${RATE_UNITS[line.rateUnit]}`}
            hint={`the label gives ${line.rateLow} to ${line.rateHigh}`}
          >
            <input
              type="range"
              className="range range-primary w-full"
              min={line.rateLow}
              max={line.rateHigh}
              step={(line.rateHigh - line.rateLow) / 20 || 1}
              value={rate}
              onChange={(event) => tank.rateOf(line.id, Number(event.target.value))}
            />
          </Field>
        ))}
        <Field label="Sprayer" hint={`reaches ${show.length(sprayer.reachM)} from the ground`}>
          <select
            className="select w-full"
            value={sprayer.id}
            onChange={(event) => tank.sprayWith(event.target.value)}
          >
            {sprayers.map((entry) => (
              <option key={entry.id} value={entry.id}>
                {entry.name}, {show.volume(entry.capacityMl)}
              </option>
            ))}
          </select>
        </Field>
        <Field
          label={`Finished spray, ${show.volumeUnit}`}
          error={tank.waterProblem}
          hint={`${water.learned ? 'it took' : 'to drip it takes about'} ${show.volume(water.need.lowMl)}${water.need.highMl - water.need.lowMl > 1 ? ` to ${show.volume(water.need.highMl)}` : ''} ${water.learned ? 'when it was sprayed so before' : `(grade ${inLeaf && tank.scope === 'whole' ? 'B' : 'C'})`}; type what you know better`}
        >
          <input
            className="input w-full"
            inputMode="decimal"
            placeholder={String(show.volumeNumber(water.need.middleMl))}
            value={tank.typedWater}
            onChange={(event) => tank.waterTo(event.target.value)}
          />
        </Field>
      </div>
      <div className="flex flex-col gap-1">
        {sprayer.heldHerbicide && (
          <p role="alert" className="text-error font-semibold">
            This sprayer has held weedkiller. Do not use it on plants you want to keep.
          </p>
        )}
        {sprayer.leaks && (
          <p role="alert" className="text-error font-semibold">
            It leaks: mend it before anything goes in.
          </p>
        )}
        {tank.rinseAfter && (
          <p role="alert" className="text-error font-semibold">
            Rinse it first: on {showDate(tank.rinseAfter.on, today)} it held{' '}
            {listed(tank.rinseAfter.productNames)}, which may not meet this.
          </p>
        )}
      </div>
      <div className="border-t border-base-300 pt-4 flex flex-col gap-2">
        {loads.slice(1).map(({ choice: { product, line } }) => (
          <p key={line.id} className="flex justify-between gap-3">
            <span>
              With <b className="font-semibold">{product.name}</b>, {line.crop}
            </span>
            <button type="button" className="link-husk" onClick={() => tank.takeFrom(line.id)}>
              take out<span className="sr-only"> of the tank: {product.name}</span>
            </button>
          </p>
        ))}
        {addable.length > 0 && loads.length < 5 && (
          <Field label={loads.length > 1 ? 'And one more' : 'Anything else in the same tank?'}>
            <select
              className="select w-full"
              value=""
              onChange={(event) => event.target.value && tank.addTo(event.target.value)}
            >
              <option value="">{loads.length > 1 ? 'no more' : 'no, one alone'}</option>
              {addable.map(({ product, line }) => (
                <option key={line.id} value={line.id}>
                  {product.name}, {line.crop}
                </option>
              ))}
            </select>
          </Field>
        )}
        {tank.met && <MetInTank tank={tank} />}
      </div>
    </section>
  );
}

function MetInTank({ tank: { met } }: { tank: Tank }) {
  const { tank, rules } = met!;
  return (
    <div
      role={tank === 'jar-test' ? undefined : 'alert'}
      className={tank === 'jar-test' ? '' : 'text-error font-semibold'}
    >
      {tank === 'never' && 'Never in one tank. '}
      {tank === 'no' && 'Not in one tank. '}
      {rules.map(({ id, says }) => (
        <span key={id}>{says} </span>
      ))}
    </div>
  );
}
