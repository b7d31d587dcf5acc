import { type Garden, toldClimate } from '#core/records';
import { type ToldClimate, winterLowOfZone } from '#core/weather';
import { fieldWords } from '#knowledge';
import { numberOr } from '../show/number-or.ts';
import { significant, type Show } from '../show/units.ts';
import { AboutDayField } from './about-day-field.tsx';
import { Choices, Field } from './field.tsx';

/** What is told of a climate, temperatures as they are typed. */
export interface ClimateDraft extends Pick<ToldClimate, 'lastFrost' | 'firstFrost' | 'summers'> {
  readonly summerHigh: string;
  readonly winterLow: string;
  readonly summerLow: string;
}

export function draftOf(climate: Garden['climate'], show: Show): ClimateDraft {
  const typed = (celsius: number | null | undefined) =>
    celsius === null || celsius === undefined ? '' : significant(show.temperatureNumber(celsius), 0);
  return {
    lastFrost: climate?.lastFrost ?? null,
    firstFrost: climate?.firstFrost ?? null,
    summers: climate?.summers ?? 'even',
    summerHigh: typed(climate?.summerHighC),
    winterLow: typed(climate?.winterLowC),
    summerLow: typed(climate?.summerLowC),
  };
}

export interface ClimateTold {
  /** Null where nothing was said. */
  readonly climate: Garden['climate'];
  /** What is wrong, by field; empty where nothing is. */
  readonly wrong: Readonly<Partial<Record<keyof ToldClimate, string>>>;
}

/** What the draft says, or what is wrong with it, told beside its field. */
export function climateTold(draft: ClimateDraft, show: Show): ClimateTold {
  const { lastFrost, firstFrost, summers, summerHigh, winterLow, summerLow } = draft;
  if (summerHigh === '' && winterLow === '' && summerLow === '' && lastFrost === null && firstFrost === null)
    return { climate: null, wrong: {} };
  const celsius = (text: string) => show.celsiusFrom(numberOr(text, Number.NaN));
  const parsed = toldClimate.safeParse({
    lastFrost,
    firstFrost,
    summers,
    summerHighC: celsius(summerHigh),
    winterLowC: celsius(winterLow),
    summerLowC: summerLow === '' ? null : celsius(summerLow),
  });
  if (parsed.success) return { climate: parsed.data, wrong: {} };
  return {
    climate: null,
    wrong: Object.fromEntries(
      parsed.error.issues.map(({ path, message }) => [String(path[0]), fieldWords(message)]),
    ),
  };
}

interface ClimateFieldsProps {
  readonly draft: ClimateDraft;
  readonly wrong: ClimateTold['wrong'];
  readonly show: Show;
  readonly onChange: (draft: ClimateDraft) => void;
}

/** What gardeners know of their year without a thermometer. */
export function ClimateFields({ draft, wrong, show, onChange }: ClimateFieldsProps) {
  const say = (more: Partial<ClimateDraft>) => onChange({ ...draft, ...more });
  const typed = (
    key: 'summerHigh' | 'winterLow' | 'summerLow',
    label: string,
    error?: string,
    hint?: string,
  ) => (
    <Field label={`${label}, ${show.temperatureUnit}`} hint={hint} error={error}>
      <input
        className="input w-full"
        inputMode="text"
        value={draft[key]}
        onChange={(event) => say({ [key]: event.target.value })}
      />
    </Field>
  );
  return (
    <div className="grid gap-4 sm:grid-cols-2">
      {typed('summerHigh', 'A midsummer afternoon', wrong.summerHighC)}
      {typed('winterLow', 'A midwinter night', wrong.winterLowC)}
      <AboutDayField
        label="Last frost of spring"
        none="not sure, or none here"
        error={wrong.lastFrost}
        value={draft.lastFrost}
        onChange={(lastFrost) => say({ lastFrost })}
      />
      <AboutDayField
        label="First frost of autumn"
        none="not sure, or none here"
        error={wrong.firstFrost}
        value={draft.firstFrost}
        onChange={(firstFrost) => say({ firstFrost })}
      />
      <Field label="Know the hardiness zone instead?" hint="it tells of midwinter nights">
        <select
          className="select w-full"
          value=""
          onChange={(event) => {
            const lowC = winterLowOfZone(event.target.value);
            if (lowC !== null) say({ winterLow: significant(show.temperatureNumber(lowC), 0) });
          }}
        >
          <option value="">choose to fill in the night</option>
          {ZONES.map((zone) => (
            <option key={zone} value={zone}>
              zone {zone}
            </option>
          ))}
        </select>
      </Field>
      {typed('summerLow', 'A midsummer night', wrong.summerLowC, 'if you know')}
      <div className="sm:col-span-2">
        <Choices
          legend="Summers are"
          value={draft.summers}
          options={[
            { id: 'dry', label: 'dry' },
            { id: 'even', label: 'in between' },
            { id: 'wet', label: 'wet' },
          ]}
          onChange={(summers) => say({ summers })}
        />
      </div>
    </div>
  );
}

const ZONES = Array.from({ length: 13 }, (_, i) => [`${i + 1}a`, `${i + 1}b`]).flat();
