import { useState } from 'react';
import { makesHoneydew } from '#core/identify';
import type { LeafState } from '#core/materials';
import type { ToldWeather } from '#core/records';
import { hostById } from '#knowledge';
import type { BenchAnswer, BenchWatch, ListedWatch } from '#engine';
import { Choices, Field } from '../../parts/field.tsx';
import { LeavesQuestion } from '../../parts/leaves-question.tsx';
import { leavesLine } from '../../show/leaf-words.ts';
import { numberOr } from '../../show/number-or.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { LEAF_STATES } from './mix-words.ts';

/** What is said on the spot; null where nobody has. */
export interface Asked {
  readonly leafState: LeafState | null;
  readonly bees: 'yes' | 'no' | null;
  readonly bloom: 'open' | 'over' | null;
  readonly weather: ToldWeather | 'not-sure' | null;
}

interface SceneProps {
  readonly asked: Asked;
  readonly onAsk: (asked: Asked) => void;
}

/** How the plant stands today: leaves, bloom, bees, and the weather where no forecast tells it. */
export function BenchScene({
  bench,
  group,
  asked,
  onAsk,
}: SceneProps & { bench: BenchAnswer; group: ListedWatch['watch']['group'] }) {
  const watch = bench.watches[0]!;
  const bloomUnknown = bench.watches.some(
    ({ plant, bloom }) => hostById(plant.hostId).beesVisitBloom && bloom.kind === 'unknown',
  );
  return (
    <section aria-label="How it stands today" className="no-print sheet p-4 flex flex-col gap-4">
      <h2>How it stands today</h2>
      <Leaves watch={watch} asked={asked} onAsk={onAsk} />
      {bloomUnknown && watch.leafState !== 'dormant' && (
        <Choices
          legend="Is it in bloom, or anything beneath it?"
          value={asked.bloom ?? 'unknown'}
          options={[
            { id: 'unknown', label: 'not looked' },
            { id: 'over', label: 'no' },
            { id: 'open', label: 'yes' },
          ]}
          onChange={(bloom) => onAsk({ ...asked, bloom: bloom === 'unknown' ? null : bloom })}
        />
      )}
      {makesHoneydew(group) && (
        <Choices
          legend="Do bees gather honeydew on it now?"
          value={asked.bees ?? 'unknown'}
          options={[
            { id: 'unknown', label: 'not looked' },
            { id: 'no', label: 'no' },
            { id: 'yes', label: 'yes' },
          ]}
          onChange={(bees) => onAsk({ ...asked, bees: bees === 'unknown' ? null : bees })}
        />
      )}
      {!watch.weatherKnown && <TonightAndTomorrow asked={asked} onAsk={onAsk} />}
    </section>
  );
}

function Leaves({ watch, asked, onAsk }: SceneProps & { watch: BenchWatch }) {
  const today = useToday();
  const { leaves, evergreen, leafState, plant } = watch;
  if (evergreen)
    return (
      <p>
        <b className="font-semibold">In leaf all year.</b> An evergreen has no dormant rate; in the cool
        season a hardy one takes oil at leaf rates.
      </p>
    );
  if (evergreen === null)
    return <LeavesQuestion plantId={plant.id} plantName={plant.name} question="evergreen-or-not" />;
  return (
    <div>
      <Choices
        legend="It is now"
        value={watch.leafQuestion === null ? leafState : null}
        options={LEAF_STATES}
        onChange={(said) => onAsk({ ...asked, leafState: said })}
      />
      <p className="soft text-sm mt-2">
        {asked.leafState === null || asked.leafState === leaves.value ? (
          leavesLine(leaves, today)
        ) : (
          <b className="text-error">
            {leavesLine(leaves, today)} You say otherwise: look at the plant before you go on.
          </b>
        )}
      </p>
    </div>
  );
}

const tenth = (value: number) => Math.round(value * 10) / 10;

/** Tonight and tomorrow in one line, where no forecast tells them. */
function TonightAndTomorrow({ asked, onAsk }: SceneProps) {
  const show = useShow();
  const [low, setLow] = useState('');
  const [high, setHigh] = useState('');
  const [rain, setRain] = useState<'dry' | 'rain' | null>(null);
  const [air, setAir] = useState<ToldWeather['air']>(null);
  const tell = (lowText: string, highText: string, wet: 'dry' | 'rain' | null, wind: ToldWeather['air']) => {
    const [lowC, highC] = [lowText, highText].map((text) => show.celsiusFrom(numberOr(text, Number.NaN)));
    const said = wet !== null && Number.isFinite(lowC) && Number.isFinite(highC) && lowC! <= highC!;
    onAsk({
      ...asked,
      weather: said ? { lowC: tenth(lowC!), highC: tenth(highC!), rain: wet === 'rain', air: wind } : null,
    });
  };
  // Said the wrong way round it would wait for an answer that seems to stand there.
  const [lowNumber, highNumber] = [low, high].map((text) => numberOr(text, Number.NaN));
  return (
    <fieldset className="flex flex-wrap gap-3 items-end">
      <legend className="font-semibold text-[0.93rem] mb-1">
        Tonight and tomorrow (no forecast is kept)
      </legend>
      <Field label={`Low, ${show.temperatureUnit}`}>
        <input
          className="input w-24"
          inputMode="decimal"
          value={low}
          onChange={(event) => {
            setLow(event.target.value);
            tell(event.target.value, high, rain, air);
          }}
        />
      </Field>
      <Field label={`High, ${show.temperatureUnit}`}>
        <input
          className="input w-24"
          inputMode="decimal"
          value={high}
          onChange={(event) => {
            setHigh(event.target.value);
            tell(low, event.target.value, rain, air);
          }}
        />
      </Field>
      <Choices
        legend="Sky"
        value={asked.weather === 'not-sure' ? 'not-sure' : rain}
        options={[
          { id: 'dry', label: 'dry' },
          { id: 'rain', label: 'rain' },
          { id: 'not-sure', label: 'not sure' },
        ]}
        onChange={(said) => {
          const wet = said === 'not-sure' ? null : said;
          setRain(wet);
          if (said === 'not-sure') onAsk({ ...asked, weather: 'not-sure' });
          else tell(low, high, wet, air);
        }}
      />
      <Choices
        legend="Wind"
        value={air}
        options={[
          { id: 'still', label: 'still' },
          { id: 'breeze', label: 'a breeze' },
          { id: 'windy', label: 'windy' },
        ]}
        onChange={(wind) => {
          setAir(wind);
          tell(low, high, rain, wind);
        }}
      />
      {highNumber! < lowNumber! && (
        <p role="alert" className="text-error font-semibold basis-full">
          The high is below the low.
        </p>
      )}
    </fieldset>
  );
}
