import { useState } from 'react';
import { Link } from 'react-router';
import type { MonthlyNormalRecord } from '#core/records';
import { ApiProblem } from '../../api/client.ts';
import { useGarden } from '../../api/queries.ts';
import { useNormals, usePutNormals } from '../../api/weather.ts';
import { useNotices } from '../../parts/notices.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { ToldClimateSection } from './told-climate-section.tsx';
import { MONTH_NAMES } from '../../show/dates.ts';
import { numberOr } from '../../show/number-or.ts';
import { type Show, significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';

const FIELDS = ['minC', 'maxC', 'rainMm', 'wetDays'] as const;
type FieldName = (typeof FIELDS)[number];
type Row = Record<FieldName, string>;

const FIELD_WORDS: Readonly<Record<FieldName, string>> = {
  minC: 'usual low',
  maxC: 'usual high',
  rainMm: 'rain',
  wetDays: 'days with rain',
};

/** The place's twelve usual months, as a climate table prints them. */
export function NormalsPage() {
  const garden = useGarden().data?.garden;
  const show = useShow();
  return (
    <>
      <PageHead
        title="The place's usual months"
        lead="With fewer than five whole years of readings, the years ahead are drawn from these: from what you know of frost and heat, or better from a climate table of the nearest town."
      >
        <Link className="btn" to="/when/stations">
          To the stations
        </Link>
      </PageHead>
      <Answered question={useNormals()}>
        {({ normals, usual }) => (
          <>
            {garden && (
              <ToldClimateSection key={JSON.stringify(garden.climate)} garden={garden} usual={usual} />
            )}
            <details open={normals.length > 0}>
              <summary className="link-husk list-none inline-block mb-2">
                A climate table of the nearest town
              </summary>
              <p className="soft text-sm mb-2">
                Mean low and high, rain, and days with rain of {show.rain(1)} or more. It is gone by before
                what you told.
              </p>
              <NormalsForm key={JSON.stringify(normals)} normals={normals} />
            </details>
          </>
        )}
      </Answered>
    </>
  );
}

function NormalsForm({ normals }: { normals: readonly MonthlyNormalRecord[] }) {
  const show = useShow();
  const put = usePutNormals();
  const { say } = useNotices();
  const [rows, setRows] = useState<Row[]>(() => MONTH_NAMES.map((_, i) => rowOf(normals[i], show)));
  const errors = put.error instanceof ApiProblem ? put.error.errors : [];
  const errorAt = (month: number, field: FieldName) =>
    errors.find(({ path }) => path[1] === month && path[2] === field)?.message;
  const send = (kept: MonthlyNormalRecord[], before: readonly MonthlyNormalRecord[]) =>
    put.mutate(kept, {
      onSuccess: () =>
        say(
          kept.length === 0 ? 'The usual months are cleared.' : 'The usual months are saved.',
          before.length > 0 ? () => put.mutate([...before]) : undefined,
        ),
    });
  return (
    <form
      noValidate
      className="sheet p-4"
      onSubmit={(event) => {
        event.preventDefault();
        send(
          rows.map((row, i) => normalOf(i + 1, row, show)),
          normals,
        );
      }}
    >
      <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
        <table className="table table-sm max-w-3xl">
          <caption className="sr-only">Usual months</caption>
          <thead>
            <tr>
              <th>Month</th>
              <th>Low, {show.temperatureUnit}</th>
              <th>High, {show.temperatureUnit}</th>
              <th>Rain, {show.rainUnit}</th>
              <th>Days with rain</th>
            </tr>
          </thead>
          <tbody>
            {MONTH_NAMES.map((month, i) => (
              <tr key={month}>
                <th scope="row" className="font-normal">
                  {month}
                </th>
                {FIELDS.map((field) => (
                  <td key={field}>
                    <input
                      aria-label={`${month}, ${FIELD_WORDS[field]}`}
                      aria-invalid={errorAt(i, field) !== undefined}
                      className="input input-sm w-24"
                      inputMode="text"
                      value={rows[i]![field]}
                      onChange={(event) =>
                        setRows(
                          rows.map((row, at) => (at === i ? { ...row, [field]: event.target.value } : row)),
                        )
                      }
                    />
                    {errorAt(i, field) && (
                      <span className="text-error text-sm block">{errorAt(i, field)}</span>
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {put.error && (
        <p role="alert" className="text-error font-semibold mt-2">
          {errors.length > 0 ? 'Some fields cannot be read: see beside them.' : put.error.message}
        </p>
      )}
      <div className="flex gap-2 mt-3">
        <button type="submit" className="btn btn-primary" disabled={put.isPending}>
          Save the months
        </button>
        {normals.length > 0 && (
          <button type="button" className="btn" onClick={() => send([], normals)}>
            Clear them
          </button>
        )}
      </div>
    </form>
  );
}

function rowOf(normal: MonthlyNormalRecord | undefined, show: Show): Row {
  if (!normal) return { minC: '', maxC: '', rainMm: '', wetDays: '' };
  const degrees = (valueC: number) => significant(show.temperatureNumber(valueC), 1);
  return {
    minC: degrees(normal.minC),
    maxC: degrees(normal.maxC),
    rainMm: String(show.rainNumber(normal.rainMm)),
    wetDays: String(normal.wetDays),
  };
}

function normalOf(month: number, row: Row, show: Show): MonthlyNormalRecord {
  const celsius = (text: string) => show.celsiusFrom(numberOr(text, Number.NaN));
  return {
    month,
    minC: celsius(row.minC),
    maxC: celsius(row.maxC),
    rainMm: show.typedRainMm(row.rainMm),
    wetDays: numberOr(row.wetDays, Number.NaN),
  };
}
