import Papa from 'papaparse';
import { type CivilDate, isCivilDate } from '#core/calendar';
import { COLDEST_PLAUSIBLE_C, HOTTEST_PLAUSIBLE_C, type WeatherDay } from '#core/weather';
import { clip } from './cells.ts';
import type { ReadDays } from './read-daily.ts';
import type { RowFault, RowProblem } from './row-fault.ts';

/** Which of the two public layouts a file has: a column an element with attributes, or a line an element. */
export type GhcnLayout = 'by-station' | 'by-year';

export interface ReadGhcn extends ReadDays {
  readonly layout: GhcnLayout;
  /** Stations the file holds, by their ids; only `stationId` was read. */
  readonly stationIds: readonly string[];
  readonly stationId: string;
  /** Values left out because they had failed a check of the publisher, by flag. */
  readonly flagged: Readonly<Record<string, number>>;
}

interface Value {
  readonly tenths: number;
  readonly quality: string;
}

type Elements = Map<string, Value>;

const WANTED = new Set(['TMIN', 'TMAX', 'PRCP', 'AWND']);
const BY_YEAR_LINE = /^"?[A-Z]{2}[A-Z0-9]{9}"?,"?\d{8}"?,"?[A-Z]{2}[A-Z0-9]{2}"?,"?-?\d+/;
/** The publisher's word for "no value". */
const MISSING = -9999;

/** Whether a text is one of the public CSV layouts of GHCN-Daily, and which. */
export function ghcnLayout(text: string): GhcnLayout | null {
  const firstLine = text
    .slice(0, 4000)
    .replace(/^\uFEFF/, '')
    .split(/\r?\n/, 1)[0]!;
  if (BY_YEAR_LINE.test(firstLine)) return 'by-year';
  const names = firstLine.split(',').map((name) => name.replace(/"/g, '').trim());
  return names.includes('STATION') &&
    names.includes('DATE') &&
    names.some((name) => name.endsWith('_ATTRIBUTES'))
    ? 'by-station'
    : null;
}

/**
 * Reads daily minimum and maximum (tenths of °C), rain (tenths of mm) and mean wind (tenths of m/s)
 * of one station from a GHCN-Daily CSV. A value whose quality flag is set is left out and counted;
 * a day without both temperatures is told as a problem.
 * @throws RangeError when it has neither public layout, or does not hold `stationId`.
 */
export function readGhcn(text: string, stationId?: string): ReadGhcn {
  const layout = ghcnLayout(text);
  if (!layout) throw new RangeError('not-ghcn');
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: true });
  const stations = layout === 'by-station' ? stationsOfColumns(data) : stationsOfLines(data);
  const stationIds = [...stations.keys()];
  const chosen = stationId ?? stationIds[0];
  const days = chosen === undefined ? undefined : stations.get(chosen);
  if (chosen === undefined || !days)
    throw new RangeError(stationId ? `no-such-station/${stationId}` : 'no-values');
  return { layout, stationIds, stationId: chosen, ...daysOf(days) };
}

function stationsOfColumns(data: readonly string[][]): Map<string, Map<CivilDate, Elements>> {
  const [header, ...rows] = data;
  const columnOf = new Map(header!.map((name, i) => [name.trim(), i]));
  const stations = new Map<string, Map<CivilDate, Elements>>();
  for (const row of rows) {
    const elements = elementsOn(
      stations,
      row[columnOf.get('STATION')!]?.trim() ?? '',
      row[columnOf.get('DATE')!]?.trim() ?? '',
    );
    for (const name of WANTED) {
      const value = row[columnOf.get(name) ?? -1]?.trim();
      // Attributes are measurement, quality and source flags, each a letter or nothing.
      if (value)
        elements.set(name, {
          tenths: Number(value),
          quality: row[columnOf.get(`${name}_ATTRIBUTES`) ?? -1]?.split(',')[1]?.trim() ?? '',
        });
    }
  }
  return stations;
}

function stationsOfLines(data: readonly string[][]): Map<string, Map<CivilDate, Elements>> {
  const stations = new Map<string, Map<CivilDate, Elements>>();
  for (const [id = '', day = '', element = '', value = '', , quality = ''] of data) {
    const date = day.replace(/^(\d{4})(\d{2})(\d{2})$/, '$1-$2-$3');
    const elements = elementsOn(stations, id.trim(), date);
    if (WANTED.has(element)) elements.set(element, { tenths: Number(value), quality: quality.trim() });
  }
  return stations;
}

function elementsOn(
  stations: Map<string, Map<CivilDate, Elements>>,
  stationId: string,
  date: string,
): Elements {
  const days = stations.get(stationId) ?? new Map<CivilDate, Elements>();
  stations.set(stationId, days);
  const elements = days.get(date) ?? new Map<string, Value>();
  days.set(date, elements);
  return elements;
}

function daysOf(
  byDate: ReadonlyMap<CivilDate, Elements>,
): Pick<ReadGhcn, 'days' | 'problems' | 'repeats' | 'flagged'> {
  const flagged: Record<string, number> = {};
  const problems: RowProblem[] = [];
  const days: WeatherDay[] = [];
  let line = 1;
  for (const [date, elements] of byDate) {
    line++;
    if (!isCivilDate(date)) {
      problems.push({ line, fault: { kind: 'not-a-day', text: clip(String(date)) } });
      continue;
    }
    for (const { quality } of elements.values()) if (quality) flagged[quality] = (flagged[quality] ?? 0) + 1;
    const sound = (name: string) => soundValue(elements.get(name));
    const [minC, maxC] = [sound('TMIN'), sound('TMAX')];
    const fault = faultOf(date, minC, maxC);
    if (fault) problems.push({ line, fault });
    else days.push({ date, minC: minC!, maxC: maxC!, rainMm: sound('PRCP'), windMs: sound('AWND') });
  }
  return { days: days.sort((a, b) => (a.date < b.date ? -1 : 1)), problems, repeats: 0, flagged };
}

function soundValue(value: Value | undefined): number | null {
  if (!value || value.quality !== '' || !Number.isFinite(value.tenths) || value.tenths === MISSING)
    return null;
  return value.tenths / 10;
}

function faultOf(date: CivilDate, minC: number | null, maxC: number | null): RowFault | null {
  if (minC === null && maxC === null) return { kind: 'nothing-sound', date, of: 'temperature' };
  if (minC === null) return { kind: 'nothing-sound', date, of: 'minimum' };
  if (maxC === null) return { kind: 'nothing-sound', date, of: 'maximum' };
  if (maxC < minC) return { kind: 'upside-down', date, minC, maxC };
  const isWeather = minC >= COLDEST_PLAUSIBLE_C && maxC <= HOTTEST_PLAUSIBLE_C;
  return isWeather ? null : { kind: 'not-weather', fromC: minC, toC: maxC };
}
