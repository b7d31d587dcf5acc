import { howMany } from '#knowledge';
import type { Guess } from '#core/records';
import { agreement, type Agreement } from '#core/sampling';
import { showDate } from '../../../show/dates.ts';
import { significant } from '../../../show/units.ts';
import { useToday } from '../../../show/use-show.ts';

const LEAF_KINDS: readonly Guess['kind'][] = ['spots', 'rust', 'mines', 'mildew'];
/** Below this, agreement is mostly luck. */
const FEWEST = 5;
const SHOWN_DAYS = 8;

/** Bias, spread and agreement over all guesses, and day by day. */
export function EyeRecord({ guesses }: { guesses: readonly Guess[] }) {
  const leaves = guesses.filter(({ kind }) => LEAF_KINDS.includes(kind));
  const twigs = guesses.filter(({ kind }) => !LEAF_KINDS.includes(kind));
  return (
    <div className="flex flex-col gap-5">
      <Standing title="Leaf area" unit="points" guesses={leaves} small />
      <Standing title="Covers on twigs" unit="covers" guesses={twigs} />
    </div>
  );
}

function Standing({
  title,
  unit,
  guesses,
  small = false,
}: {
  title: string;
  unit: string;
  guesses: readonly Guess[];
  small?: boolean;
}) {
  const today = useToday();
  const days = [...new Set(guesses.map(({ on }) => on))].sort().slice(-SHOWN_DAYS);
  const all = guesses.length >= FEWEST ? agreement(guesses) : null;
  const low = small ? guesses.filter(({ truth }) => truth < 10) : [];
  return (
    <section aria-label={title} className="sheet p-4">
      <h2 className="mb-1">{title}</h2>
      {!all && (
        <p className="soft">
          {guesses.length === 0
            ? 'No guesses yet.'
            : `${howMany(guesses.length, 'guess', 'guesses')}; from ${FEWEST} on they say something.`}
        </p>
      )}
      {all && (
        <>
          <p className="font-semibold">{biasWords(all, unit)}</p>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[0.93rem] mt-2">
            <dt className="soft">Guesses</dt>
            <dd>{all.pairs}</dd>
            <dt className="soft">Bias (mean error)</dt>
            <dd>
              {signed(all.bias)} {unit}
            </dd>
            <dt className="soft">Spread (s.d. of errors)</dt>
            <dd>
              {significant(all.spread, 1)} {unit}
            </dd>
            <dt className="soft">Agreement (Lin)</dt>
            <dd>{all.concordance === null ? 'not to be had' : significant(all.concordance, 2)} of 1</dd>
            <dt className="soft">Rounded to fives</dt>
            <dd>
              {Math.round(all.roundShare * 100)} %{all.roundShare > 0.5 ? ': try the numbers between' : ''}
            </dd>
            {low.length >= FEWEST && (
              <>
                <dt className="soft">Below 10 %</dt>
                <dd>
                  {signed(agreement(low).bias)} {unit} on average
                </dd>
              </>
            )}
          </dl>
          {days.length > 1 && (
            <table className="table table-sm mt-2">
              <thead>
                <tr>
                  <th>day</th>
                  <th className="text-right">guesses</th>
                  <th className="text-right">bias</th>
                  <th className="text-right">agreement</th>
                </tr>
              </thead>
              <tbody>
                {days.map((day) => (
                  <DayRow
                    key={day}
                    day={showDate(day, today)}
                    guesses={guesses.filter(({ on }) => on === day)}
                  />
                ))}
              </tbody>
            </table>
          )}
        </>
      )}
    </section>
  );
}

function DayRow({ day, guesses }: { day: string; guesses: readonly Guess[] }) {
  const told = guesses.length >= FEWEST ? agreement(guesses) : null;
  return (
    <tr>
      <td>{day}</td>
      <td className="text-right">{guesses.length}</td>
      <td className="text-right">{told ? signed(told.bias) : 'few'}</td>
      <td className="text-right">{told?.concordance == null ? 'few' : significant(told.concordance, 2)}</td>
    </tr>
  );
}

function biasWords({ bias, spread, pairs }: Agreement, unit: string): string {
  // Twice the standard error of the mean error: below it, it may be chance.
  if (Math.abs(bias) < (2 * spread) / Math.sqrt(pairs)) return 'No lean one way or the other can be shown.';
  return `You see ${significant(Math.abs(bias), 1)} ${unit} too ${bias > 0 ? 'much' : 'little'} on average.`;
}

const signed = (value: number) => `${value < 0 ? '−' : '+'}${significant(Math.abs(value), 1)}`;
