import type { ToldWeather } from '#core/records';
import { useState } from 'react';
import { planDrench, planGround, type PartMeasure, type TrunkMeasure } from '#core/mix';
import { CM_PER_INCH } from '#core/units';
import type { BenchWatch } from '#engine';
import { Choices, Field } from '../../parts/field.tsx';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { LogSpray } from './log-spray.tsx';
import { RATE_UNITS } from './mix-words.ts';
import { amountWords, PartLine } from './pour-card.tsx';
import type { Tank } from './use-tank.ts';
import { numberOr } from '../../show/number-or.ts';

interface UndilutedBenchProps {
  readonly toldWeather: ToldWeather | null;
  readonly tank: Tank;
  readonly watches: readonly BenchWatch[];
  readonly left: Readonly<Record<string, number | null>>;
}

/** Lines that go by trunk or by ground: measure, see the amount, log. */
export function UndilutedBench(props: UndilutedBenchProps) {
  return props.tank.kind === 'trunk' ? <Drench {...props} /> : <Ground {...props} />;
}

const numberOf = (text: string) => numberOr(text, Number.NaN);
/** As refused beside a field that holds something. */
const wrongUnless = (text: string, amount: number) =>
  text !== '' && !(amount > 0) ? 'an amount above 0' : undefined;

function Drench({ tank, watches, left, toldWeather }: UndilutedBenchProps) {
  const show = useShow();
  const inch = show.lengthUnit === 'ft';
  const [
    {
      choice: { line, product },
      rate,
    },
  ] = tank.loads as unknown as readonly [Tank['loads'][number]];
  // Nothing is taken for granted: one way round is 3.14 times the other.
  const [measured, setMeasured] = useState<TrunkMeasure['measured'] | null>(null);
  const [widths, setWidths] = useState('');
  const [height, setHeight] = useState('');
  const [water, setWater] = useState('');
  const typed = widths.split(/[;\s]+/).filter(Boolean);
  const wrong =
    widths !== '' && !typed.every((text) => numberOf(text) > 0 && numberOf(text) <= 1000)
      ? 'numbers above 0, parted by spaces'
      : undefined;
  const [atHeightM, waterMl] = [show.typedMetres(height), show.typedMl(water)];
  const ready = measured !== null && typed.length > 0 && !wrong && atHeightM > 0;
  const plan = ready
    ? planDrench(
        line,
        rate,
        typed.map((text) => ({
          measured,
          cm: numberOf(text) * (inch ? CM_PER_INCH : 1),
          atHeightM,
        })),
        tank.spoons,
      )
    : null;
  return (
    <>
      <section
        aria-label="What to pour"
        className="print-card sheet border-primary! border-2! p-5 flex flex-col gap-3"
      >
        <h2>
          By trunk: {significant(rate, 2)} {RATE_UNITS[line.rateUnit]}
        </h2>
        <Choices
          legend="You measured"
          value={measured}
          options={[
            { id: 'diameter', label: 'straight through (diameter)' },
            { id: 'circumference', label: 'round it (circumference)' },
          ]}
          onChange={setMeasured}
        />
        {measured === null && <p className="soft text-sm">Say which: one is 3.14 times the other.</p>}
        <Field label={`Each trunk, ${inch ? 'inches' : 'cm'}`} hint="several parted by spaces" error={wrong}>
          <input
            className="input w-full"
            inputMode="decimal"
            value={widths}
            onChange={(event) => setWidths(event.target.value)}
          />
        </Field>
        <Field
          label={`Measured at height, ${show.lengthUnit}`}
          hint="where the label says"
          error={wrongUnless(height, atHeightM)}
        >
          <input
            className="input w-full"
            inputMode="decimal"
            value={height}
            onChange={(event) => setHeight(event.target.value)}
          />
        </Field>
        {plan?.trunks.map((part, i) => (
          <div key={i} className="rounded-lg bg-base-200 p-3">
            <p className="text-sm soft">
              Trunk {i + 1}: {typed[i]} {inch ? 'inches' : 'cm'}{' '}
              {measured === 'diameter' ? 'through' : 'round'}
            </p>
            <PartLine part={part} name={null} />
          </div>
        ))}
        {plan && (
          <Total part={{ by: plan.trunks[0]!.by, amount: plan.total }} left={left[product.id] ?? null} />
        )}
        {plan && (
          <Field
            label={`Water it went into, ${show.volumeUnit}`}
            hint="as the label says, for all trunks together"
            error={wrongUnless(water, waterMl)}
          >
            <input
              className="input w-full"
              inputMode="decimal"
              value={water}
              onChange={(event) => setWater(event.target.value)}
            />
          </Field>
        )}
      </section>
      {plan && waterMl > 0 && (
        <LogSpray
          tank={tank}
          watches={watches}
          toldWeather={toldWeather}
          planned={[plan.total]}
          plannedMl={waterMl}
        />
      )}
    </>
  );
}

function Ground({ tank, watches, left, toldWeather }: UndilutedBenchProps) {
  const show = useShow();
  const [
    {
      choice: { line, product },
      rate,
    },
  ] = tank.loads as unknown as readonly [Tank['loads'][number]];
  const [sides, setSides] = useState({ long: '', wide: '', water: '' });
  const amounts = {
    long: show.typedMetres(sides.long),
    wide: show.typedMetres(sides.wide),
    water: show.typedMl(sides.water),
  };
  const squareMetres = amounts.long * amounts.wide;
  const part = squareMetres > 0 ? planGround(line, rate, squareMetres, tank.spoons) : null;
  const field = (key: keyof typeof sides, label: string) => (
    <Field label={label} error={wrongUnless(sides[key], amounts[key])}>
      <input
        className="input w-full"
        inputMode="decimal"
        value={sides[key]}
        onChange={(event) => setSides({ ...sides, [key]: event.target.value })}
      />
    </Field>
  );
  return (
    <>
      <section
        aria-label="What to pour"
        className="print-card sheet border-primary! border-2! p-5 flex flex-col gap-3"
      >
        <h2>
          By ground: {significant(rate, 2)} {RATE_UNITS[line.rateUnit]}
        </h2>
        <div className="grid grid-cols-2 gap-3">
          {field('long', `Length, ${show.lengthUnit}`)}
          {field('wide', `Width, ${show.lengthUnit}`)}
        </div>
        {part && <PartLine part={part} name={null} />}
        {part && <Total part={part} left={left[product.id] ?? null} />}
        {part && field('water', `Water it went into, ${show.volumeUnit}`)}
      </section>
      {part && amounts.water > 0 && (
        <LogSpray
          tank={tank}
          watches={watches}
          toldWeather={toldWeather}
          planned={[part.amount]}
          plannedMl={amounts.water}
        />
      )}
    </>
  );
}

function Total({ part, left }: { part: Pick<PartMeasure, 'by' | 'amount'>; left: number | null }) {
  const show = useShow();
  return (
    <p className="text-sm">
      {amountWords(part, show.pour)} in all.
      {left !== null && left < part.amount && (
        <b className="text-error"> Only {amountWords({ by: part.by, amount: left }, show.pour)} left.</b>
      )}
    </p>
  );
}
