import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import { nextTurn, type Turn } from '#core/plan';
import type { GrowthStage } from '#core/records';
import { evergreenOf } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import type { PlantBook } from './garden-books.ts';
import { leavesOf, usualYear } from './leaf-state.ts';
import type { YearBar } from './year-bar.ts';

const TURNS: readonly (readonly [Turn, GrowthStage])[] = [
  ['budSwell', 'bud-swell'],
  ['greenTip', 'green-tip'],
  ['leafFall', 'leaf-fall'],
];

/** What was logged so near a usual day is that turn; the usual day says nothing beside it. */
const SAME_TURN_DAYS = 120;

/** The turns of a plant's year: those logged on their day, those ahead on the usual one with its spread. */
export function growthBars(day: GardenDay, book: PlantBook): YearBar[] {
  return [...loggedBars(book), ...expectedBars(day, book)];
}

function loggedBars({ growth }: PlantBook): YearBar[] {
  return growth
    .filter(({ stage }) => !stage.startsWith('seen-'))
    .map(({ id, stage, on }) => ({
      id: `growth-${id}`,
      what: { kind: 'growth', stage },
      from: on,
      to: on,
      early: null,
      late: null,
      state: 'done',
    }));
}

function expectedBars(day: GardenDay, book: PlantBook): YearBar[] {
  if (evergreenOf(book.plant)) return [];
  const year = usualYear(day, book);
  return TURNS.flatMap(([turn, stage]): YearBar[] => {
    const on = nextTurn(year, turn, day.start, addDays(day.today, -year.marginDays));
    if (isTold(day, book, stage, on)) return [];
    const [early, late] = [addDays(on, -year.marginDays), addDays(on, year.marginDays)];
    const state = early <= day.today ? 'open' : 'coming';
    return [
      {
        id: `${book.plant.id}:${stage}:${on}`,
        what: { kind: 'growth', stage },
        from: on,
        to: on,
        early,
        late,
        state,
      },
    ];
  });
}

/** Whether what was seen has overtaken a usual day: the turn itself was logged, or the leaves tell it is over. */
function isTold(day: GardenDay, book: PlantBook, stage: GrowthStage, on: CivilDate): boolean {
  const isNear = (date: CivilDate) => Math.abs(daysBetween(date, on)) <= SAME_TURN_DAYS;
  if (book.growth.some((entry) => entry.stage === stage && isNear(entry.on))) return true;
  const leaves = leavesOf(day, book.plant);
  const isSeen = leaves.basis === 'seen' || leaves.basis === 'logged';
  if (!isSeen || !isNear(day.today)) return false;
  return stage === 'leaf-fall' ? leaves.value !== 'in-leaf' : leaves.value === 'in-leaf';
}
