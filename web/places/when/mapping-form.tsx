import {
  WETNESS_UNITS,
  WIND_UNITS,
  type HourlyGuess,
  type MappingGuess,
  type TextTable,
  type WetnessUnit,
} from '#core/formats';
import { keysOf } from '#core/tables';
import { Choices, Field } from '../../parts/field.tsx';

interface MappingFormProps {
  readonly table: TextTable;
  readonly guess: MappingGuess;
  readonly mapping: MappingGuess;
  readonly onMapping: (mapping: MappingGuess) => void;
}

const COLUMNS = [
  { key: 'date', label: 'Date', needed: true },
  { key: 'minTemperature', label: 'Minimum', needed: true },
  { key: 'maxTemperature', label: 'Maximum', needed: true },
  { key: 'rain', label: 'Rain', needed: false },
  { key: 'wind', label: 'Wind', needed: false },
  { key: 'windFrom', label: 'Wind comes from', needed: false },
] as const;

/** What each column holds; what the file itself does not settle is asked. */
export function MappingForm({ table, guess, mapping, onMapping }: MappingFormProps) {
  return (
    <Columns
      title="The columns"
      table={table}
      columns={COLUMNS}
      guess={guess}
      mapping={mapping}
      onMapping={onMapping}
    />
  );
}

interface HourlyMappingFormProps {
  readonly table: TextTable;
  readonly guess: HourlyGuess;
  readonly mapping: HourlyGuess;
  readonly onMapping: (mapping: HourlyGuess) => void;
}

const HOURLY_COLUMNS = [
  { key: 'time', label: 'Date, or date and time', needed: true },
  { key: 'clock', label: 'Time of its own', needed: false },
  { key: 'temperature', label: 'Temperature', needed: true },
  { key: 'rain', label: 'Rain', needed: false },
  { key: 'wind', label: 'Wind', needed: false },
  { key: 'windFrom', label: 'Wind comes from', needed: false },
  { key: 'humidity', label: 'Humidity, %', needed: false },
  { key: 'wetness', label: 'Leaf wetness', needed: false },
] as const;

/** The same for a logger's table, a line an hour. */
export function HourlyMappingForm({ table, guess, mapping, onMapping }: HourlyMappingFormProps) {
  return (
    <Columns
      title="A logger's hours: the columns"
      table={table}
      columns={HOURLY_COLUMNS}
      guess={guess}
      mapping={mapping}
      onMapping={onMapping}
    />
  );
}

interface ColumnsProps<Key extends string, Mapping> {
  readonly title: string;
  readonly table: TextTable;
  readonly columns: readonly { readonly key: Key; readonly label: string; readonly needed: boolean }[];
  readonly guess: Units;
  readonly mapping: Mapping;
  readonly onMapping: (mapping: Mapping) => void;
}

/** A column for each thing that is read, then units, then the first rows to compare. */
function Columns<Key extends string, Mapping extends Units & Readonly<Record<Key, number | null>>>({
  title,
  table,
  columns,
  guess,
  mapping,
  onMapping,
}: ColumnsProps<Key, Mapping>) {
  return (
    <section aria-label="The columns">
      <h2 className="mb-2">{title}</h2>
      <div className="sheet p-4 grid gap-4">
        <div className="grid gap-4 grid-cols-2 md:grid-cols-5">
          {columns.map(({ key, label, needed }) => (
            <Field
              key={key}
              label={label}
              error={needed && mapping[key] === null ? 'choose the column' : undefined}
            >
              <select
                className="select w-full"
                value={mapping[key] ?? ''}
                onChange={(event) =>
                  onMapping({
                    ...mapping,
                    [key]: event.target.value === '' ? null : Number(event.target.value),
                  })
                }
              >
                {(!needed || mapping[key] === null) && (
                  <option value="">{needed ? 'choose…' : 'none'}</option>
                )}
                {table.header.map((name, i) => (
                  <option key={i} value={i}>
                    {name || `column ${i + 1}`}
                  </option>
                ))}
              </select>
            </Field>
          ))}
        </div>
        <UnitChoices guess={guess} mapping={mapping} onMapping={onMapping} />
        <FirstRows table={table} />
      </div>
    </section>
  );
}

type Units = Pick<MappingGuess, 'temperatureUnit' | 'dateOrder' | 'rain' | 'rainUnit' | 'wind' | 'windUnit'> &
  Partial<Pick<HourlyGuess, 'wetness' | 'wetnessUnit'>>;

const WETNESS_WORDS: Readonly<Record<WetnessUnit, string>> = {
  share: '0 to 1',
  percent: 'per cent',
  minutes: 'minutes of the hour',
  'of 15': '0 to 15',
};

const LEFT_OPEN = ' (the file leaves it open: left out until you say)';

/** What columns alone do not tell: units and the order of dates. */
function UnitChoices<Mapping extends Units>({
  guess,
  mapping,
  onMapping,
}: {
  guess: Units;
  mapping: Mapping;
  onMapping: (mapping: Mapping) => void;
}) {
  return (
    <div className="grid gap-4 md:grid-cols-3">
      <Choices
        legend={`Temperatures in${guess.temperatureUnit === null ? ' (the file leaves it open)' : ''}`}
        value={mapping.temperatureUnit ?? ''}
        onChange={(unit) => onMapping({ ...mapping, temperatureUnit: unit === '' ? null : unit })}
        options={[
          { id: 'C', label: '°C' },
          { id: 'F', label: '°F' },
        ]}
      />
      <Choices
        legend={`Dates written${guess.dateOrder === null ? ' (both could be meant)' : ''}`}
        value={mapping.dateOrder ?? ''}
        onChange={(order) => onMapping({ ...mapping, dateOrder: order === '' ? null : order })}
        options={[
          { id: 'iso', label: '2026-05-31' },
          { id: 'day-first', label: '31/5/2026' },
          { id: 'month-first', label: '5/31/2026' },
        ]}
      />
      {mapping.rain !== null && (
        <Choices
          legend={`Rain in${mapping.rainUnit === null ? LEFT_OPEN : ''}`}
          value={mapping.rainUnit}
          onChange={(rainUnit) => onMapping({ ...mapping, rainUnit })}
          options={[
            { id: 'mm', label: 'mm' },
            { id: 'in', label: 'inches' },
          ]}
        />
      )}
      {mapping.wind !== null && (
        <Choices
          legend={`Wind in${mapping.windUnit === null ? LEFT_OPEN : ''}`}
          value={mapping.windUnit}
          onChange={(windUnit) => onMapping({ ...mapping, windUnit })}
          options={keysOf(WIND_UNITS).map((unit) => ({ id: unit, label: unit }))}
        />
      )}
      {typeof mapping.wetness === 'number' && (
        <Choices
          legend={`Leaf wetness in${mapping.wetnessUnit ? '' : LEFT_OPEN}`}
          value={mapping.wetnessUnit ?? null}
          onChange={(wetnessUnit) => onMapping({ ...mapping, wetnessUnit })}
          options={keysOf(WETNESS_UNITS).map((unit) => ({ id: unit, label: WETNESS_WORDS[unit] }))}
        />
      )}
    </div>
  );
}

function FirstRows({ table }: { table: TextTable }) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
      <table className="table table-sm">
        <caption className="sr-only">The first rows of the file</caption>
        <thead>
          <tr>
            {table.header.map((name, i) => (
              <th key={i}>{name || `column ${i + 1}`}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.slice(0, 4).map((row, i) => (
            <tr key={i}>
              {row.map((cell, j) => (
                <td key={j} className="whitespace-nowrap">
                  {cell.slice(0, 40)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
