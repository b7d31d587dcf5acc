import { addDays, type CivilDate, dayInYear, yearOf } from '#core/calendar';
import type { DueItem } from '#core/decide';
import type { GrowthStage, Plant } from '#core/records';
import { aftercare, type Aftercare } from './aftercare.ts';
import { dormantAnswer } from './dormant-answer.ts';
import { feedingAnswer } from './feeding-answer.ts';
import type { GardenDay } from './garden-day.ts';
import type { PlantBook } from './garden-books.ts';
import { growthBars } from './growth-bars.ts';
import { programmeAnswer, type SeriesAnswer } from './programme-answer.ts';
import { outdoorSprayDays } from './spray-answer.ts';
import { dueBesideSeries } from './superseded.ts';
import type { WatchPicture } from './watch-picture.ts';
import { picturesByPlant, watchPictures } from './watch-pictures.ts';
import type { YearBar, YearWhat } from './year-bar.ts';

/** A watch, a plant without one, or the garden, through the months. */
export interface YearRow {
  readonly plantId: string | null;
  readonly plantName: string;
  readonly watchId: string | null;
  readonly targetName: string;
  readonly bars: readonly YearBar[];
}

export interface YearAnswer {
  readonly today: CivilDate;
  readonly from: CivilDate;
  /** Last day shown. */
  readonly to: CivilDate;
  readonly rows: readonly YearRow[];
  /** Buds and leaves of each plant, logged and expected: for its own page, beside its rows. */
  readonly growth: Readonly<Record<string, readonly YearBar[]>>;
  /** Days of the forecast with an hour that is good for oil on leaves. */
  readonly goodDays: readonly CivilDate[];
}

/** Twelve months from the first of last month: what was just done, and a year of what is to come. */
export function yearAnswer(day: GardenDay): YearAnswer {
  const from = firstOfLastMonth(day.today);
  const to = addDays(monthsOn(from, 12), -1);
  const within = (bars: readonly YearBar[]) =>
    bars
      .filter((bar) => bar.to >= from && bar.from <= to)
      .toSorted((a, b) => (a.from < b.from ? -1 : a.from > b.from ? 1 : a.id < b.id ? -1 : 1));
  const series = programmeAnswer(day);
  const byPlant = picturesByPlant(watchPictures(day));
  const due = dueBesideSeries(day);
  const kept = aftercare(day);
  const ofPlants = day.books.plantBooks
    .filter(({ plant }) => plant.retiredOn === null)
    .flatMap((book): YearRow[] => {
      const pictures = (byPlant.get(book.plant.id) ?? []).filter(({ watch }) => watch.outcome === 'open');
      const watches = pictures.map((picture) => ({
        plantId: book.plant.id,
        plantName: book.plant.name,
        watchId: picture.watch.id,
        targetName: picture.targetName,
        bars: within([
          ...windowBars(picture),
          ...due.filter(({ watchId }) => watchId === picture.watch.id).flatMap((item) => dueBars(day, item)),
          ...series
            .filter((one) => one.series.watchId === picture.watch.id)
            .flatMap((one) => seriesBars(one, day.today)),
        ]),
      }));
      const plant = {
        plantId: book.plant.id,
        plantName: book.plant.name,
        watchId: null,
        targetName: '',
        bars: within([
          ...plantBars(day, book, from, to),
          ...keptBars(kept, book.plant.id),
          ...series
            .filter((one) => one.series.watchId === null && one.plantId === book.plant.id)
            .flatMap((one) => seriesBars(one, day.today)),
        ]),
      };
      return [plant, ...watches].filter(({ bars }) => bars.length > 0);
    });
  const garden: YearRow = {
    plantId: null,
    plantName: '',
    watchId: null,
    targetName: '',
    bars: within(
      series.filter(({ plantId }) => plantId === null).flatMap((one) => seriesBars(one, day.today)),
    ),
  };
  return {
    today: day.today,
    from,
    to,
    rows: garden.bars.length > 0 ? [garden, ...ofPlants] : ofPlants,
    growth: Object.fromEntries(
      day.books.plantBooks
        .filter(({ plant }) => plant.retiredOn === null)
        .map((book) => [book.plant.id, within(growthBars(day, book))]),
    ),
    goodDays: outdoorSprayDays(day)
      .filter(({ hours }) => hours.some(({ verdict }) => verdict === 'go'))
      .map(({ date }) => date),
  };
}

const firstOfLastMonth = (today: CivilDate): CivilDate => monthsOn(`${today.slice(0, 7)}-01`, -1);

/** The first of the month so many months on. */
function monthsOn(first: CivilDate, months: number): CivilDate {
  const count = yearOf(first) * 12 + Number(first.slice(5, 7)) - 1 + months;
  return `${Math.floor(count / 12)}-${String((count % 12) + 1).padStart(2, '0')}-01`;
}

const certain = (
  id: string,
  what: YearWhat,
  from: CivilDate,
  to: CivilDate,
  state: YearBar['state'],
): YearBar => ({ id, what, from, to, early: null, late: null, state });

const stateOn = (from: CivilDate, to: CivilDate, today: CivilDate): YearBar['state'] =>
  to < today ? 'past' : from <= today ? 'open' : 'coming';

function windowBars({ watch, windows }: WatchPicture): YearBar[] {
  return windows.map(({ id, basis, generation, opens, closes, phase }): YearBar => ({
    id: `${watch.id}:${id}`,
    what: { kind: 'window', basis, generation },
    from: opens.median,
    to: closes && closes.median > opens.median ? closes.median : opens.median,
    early: opens.early === opens.median ? null : opens.early,
    late: closes?.late && closes.late !== closes.median ? closes.late : null,
    state: phase === 'over' ? 'past' : phase === 'open' ? 'open' : 'coming',
  }));
}

/** Checks and the like; what is about a window stands as that. */
function dueBars({ today }: GardenDay, item: DueItem): YearBar[] {
  if (item.eventId !== null || item.kind === 'treat-now' || item.kind === 'hatch-passing') return [];
  const last = item.closes ?? item.opens;
  if (!last) return [];
  const from = item.opens && item.opens < last ? item.opens : last;
  const state = item.standing === 'late' ? 'late' : stateOn(from, last, today);
  return [certain(item.id, { kind: 'due', due: item.kind }, from, last, state)];
}

function seriesBars({ series, steps }: SeriesAnswer, today: CivilDate): YearBar[] {
  return steps.flatMap((step): YearBar[] => {
    const id = `${series.id}:${step.step}:${step.turn}`;
    const what: YearWhat = { kind: 'series', name: series.name, step };
    if (step.state === 'done') return [certain(id, what, step.doneOn!, step.doneOn!, 'done')];
    if (step.from === null || step.to === null) return [];
    const range = step.due?.range ?? null;
    const state = step.state === 'late' ? 'late' : stateOn(step.from, step.to, today);
    return [
      {
        ...certain(id, what, step.from, step.to, state),
        early: range?.[0] ?? null,
        late: range?.[1] ?? null,
      },
    ];
  });
}

function plantBars(day: GardenDay, book: PlantBook, from: CivilDate, to: CivilDate): YearBar[] {
  const { plant, sprays, handwork, growth } = book;
  const upTo = <T extends { readonly on: CivilDate }>(list: readonly T[]) =>
    list.filter(({ on }) => on <= day.today);
  return [
    ...upTo(sprays).map((spray) =>
      certain(
        `spray-${spray.loadId ?? spray.id}-${plant.id}`,
        { kind: 'sprayed', products: spray.parts.map(({ productId }) => day.books.product(productId).name) },
        spray.on,
        spray.on,
        'done',
      ),
    ),
    ...upTo(handwork).map((work) =>
      certain(`work-${work.id}`, { kind: 'worked', hand: work.kind }, work.on, work.on, 'done'),
    ),
    ...bloomBars(upTo(growth), day.today),
    ...harvestBars(plant, from, to, day.today),
    ...winterBars(day, plant),
    ...feedingAnswer(day, plant)
      .feedings.filter(({ done, on }) => !done && on >= addDays(day.today, -7))
      .map(({ on }) =>
        certain(
          `${plant.id}:feed:${on}`,
          { kind: 'feeding' },
          on,
          addDays(on, 7),
          stateOn(on, addDays(on, 7), day.today),
        ),
      ),
  ].filter((bar, i, all) => all.findIndex(({ id }) => id === bar.id) === i);
}

/** Days on which nothing is to be picked after a spray. */
function keptBars(kept: readonly Aftercare[], plantId: string): YearBar[] {
  return kept.flatMap((entry): YearBar[] => {
    if (entry.plantId !== plantId || entry.pickFrom === null) return [];
    const what: YearWhat = { kind: 'no-picking', product: entry.productName };
    return [
      certain(
        `${plantId}:pick:${entry.sprayedOn}`,
        what,
        entry.sprayedOn,
        addDays(entry.pickFrom, -1),
        'open',
      ),
    ];
  });
}

function winterBars(day: GardenDay, plant: Plant): YearBar[] {
  const plan = dormantAnswer(day).plants.find(({ plantId }) => plantId === plant.id)?.plan;
  if (plan?.kind !== 'steps') return [];
  return plan.steps
    .filter(({ state }) => state === 'due' || state === 'ask' || state === 'coming')
    .map(({ what, place, mattersMost, from, to }) =>
      certain(
        `${plant.id}:winter:${place}:${from}`,
        { kind: 'winter', spray: what, mattersMost },
        from,
        to,
        stateOn(from, to, day.today),
      ),
    );
}

const BLOOM_ENDS: ReadonlySet<GrowthStage> = new Set(['bloom-end', 'petal-fall']);

/** Bloom as it was logged, to its logged end or today. */
function bloomBars(growth: PlantBook['growth'], today: CivilDate): YearBar[] {
  return growth
    .filter(({ stage }) => stage === 'bloom-start')
    .map(({ id, on }) => {
      const end = growth.find((entry) => BLOOM_ENDS.has(entry.stage) && entry.on >= on)?.on;
      return certain(`bloom-${id}`, { kind: 'bloom' }, on, end ?? today, end ? 'past' : 'open');
    });
}

/** Picking, each year it falls in. */
function harvestBars(
  { id, harvestFrom, harvestTo }: Plant,
  from: CivilDate,
  to: CivilDate,
  today: CivilDate,
): YearBar[] {
  if (harvestFrom === null) return [];
  const last = harvestTo ?? harvestFrom;
  return [yearOf(from) - 1, yearOf(from), yearOf(to)]
    .filter((year, i, all) => all.indexOf(year) === i)
    .map((year) => {
      const begins = dayInYear(harvestFrom, year);
      const ends = dayInYear(last, last >= harvestFrom ? year : year + 1);
      return certain(
        `${id}:harvest:${year}`,
        { kind: 'harvest' },
        begins,
        ends,
        stateOn(begins, ends, today),
      );
    });
}
