import { type BookEntry, bookEntries, type BookPart } from '#answers';
import { exportTable, words } from './export-table.ts';

type Spray = NonNullable<BookEntry['spray']>;

/** One product of a tank, or work by hand. */
interface Row {
  readonly entry: BookEntry;
  readonly part: BookPart | null;
}

const ofPart =
  (read: (part: BookPart) => string | number | null) =>
  ({ part }: Row) =>
    part && read(part);
const ofSpray =
  (read: (spray: Spray) => string | number | null) =>
  ({ entry }: Row) =>
    entry.spray && read(entry.spray);
const weather = (read: (weather: NonNullable<Spray['weather']>) => string | number | null) =>
  ofSpray((spray) => spray.weather && read(spray.weather));

/** The book with the fields such records usually need. */
export const BOOK_TABLE = exportTable<Row>({
  id: 'book',
  title: 'Record book',
  fileName: 'record-book.csv',
  rowIs: 'a product of a tank that was sprayed, or work by hand',
  rows: (day) =>
    bookEntries(day).flatMap((entry): Row[] =>
      entry.spray ? entry.spray.parts.map((part) => ({ entry, part })) : [{ entry, part: null }],
    ),
  columns: [
    words('date', 'Day it was done', ({ entry }) => entry.on),
    words('plant', "The plant's name", ({ entry }) => entry.plantName),
    words('place', 'Where it stands', ({ entry }) => entry.place),
    words('trouble', 'What it was against; empty for the plant as a whole', ({ entry }) => entry.targetName),
    words('work', 'spray, or the kind of work by hand', ({ entry }) => entry.handwork?.kind ?? 'spray'),
    {
      name: 'minutes',
      unit: 'min',
      means: 'Time of work by hand, where told',
      of: ({ entry }) => entry.handwork?.minutes ?? null,
    },
    words(
      'product',
      "The product's name on the shelf",
      ofPart(({ productName }) => productName),
    ),
    words(
      'active ingredient',
      'What works in it',
      ofPart(({ materialName }) => materialName),
    ),
    {
      name: 'strength %',
      unit: '%',
      means: 'Active ingredient in the product',
      of: ofPart(({ strengthPercent }) => strengthPercent),
    },
    words(
      'label line',
      'The crop or site of the label line that was followed',
      ofPart(({ labelLine }) => labelLine),
    ),
    { name: 'rate', unit: 'see rate unit', means: 'Rate that was mixed', of: ofPart(({ rate }) => rate) },
    words(
      'rate unit',
      'Unit of the rate, as the label has it',
      ofPart(({ rateUnit }) => rateUnit ?? ''),
    ),
    {
      name: 'product ml or g',
      unit: 'ml or g',
      means: 'Product that was measured out in all',
      of: ofPart(({ productAmount }) => productAmount),
    },
    {
      name: 'spray l',
      unit: 'l',
      means: 'Finished spray that went on the plant',
      of: ofSpray(({ sprayMl }) => sprayMl / 1000),
    },
    words(
      'scope',
      'What part of the plant',
      ofSpray(({ scope }) => scope),
    ),
    words(
      'sprayer',
      'With which sprayer',
      ofSpray(({ sprayerName }) => sprayerName),
    ),
    words(
      'leaf state',
      'dormant, delayed-dormant or in-leaf',
      ofSpray(({ leafState }) => leafState),
    ),
    words(
      'stage seen',
      'What stage was seen on it that day',
      ofSpray(({ stageSeen }) => stageSeen),
    ),
    words(
      'coverage',
      'everything or missed-some, where told',
      ofSpray(({ coverage }) => coverage),
    ),
    words(
      'against label',
      'yes where it was logged although a label or rule stood against it',
      ofSpray(({ againstLabel }) => (againstLabel ? 'yes' : 'no')),
    ),
    {
      name: 're-entry h',
      unit: 'h',
      means: 'Hours to keep off by the label',
      of: ofSpray(({ reentryHours }) => reentryHours),
    },
    words(
      'harvest from',
      'First day the crop may be picked',
      ofSpray(({ harvestFrom }) => harvestFrom),
    ),
    { name: 'min °C', unit: '°C', means: 'Lowest of the day', of: weather(({ minC }) => minC) },
    { name: 'max °C', unit: '°C', means: 'Highest of the day', of: weather(({ maxC }) => maxC) },
    { name: 'rain mm', unit: 'mm', means: 'Rain of the day', of: weather(({ rainMm }) => rainMm) },
    { name: 'wind m/s', unit: 'm/s', means: 'Wind of the day', of: weather(({ windMs }) => windMs) },
    words(
      'weather',
      'Where the weather is from: measured, forecast, filled or told',
      weather(({ origin }) => origin),
    ),
    words('remark', 'Note', ({ entry }) => (entry.spray ?? entry.handwork)?.note ?? null),
  ],
});
