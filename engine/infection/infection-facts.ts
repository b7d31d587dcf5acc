import { addDays, type CivilDate, daysBetween } from '#core/calendar';
import type { AheadFacts, HabitCode, InfectionFacts, SpellFacts } from '#core/decide';
import type { Plant } from '#core/records';
import { coverOf, evergreenOf, type HabitTime, schoolFor, schoolsFor } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { plantWinters } from '../plant-winter.ts';
import { type DiarySpell, infectionDiary, type InfectionDiary } from './infection-diary.ts';

const HOURS = 24;
/** A variety bred to resist a trouble is seldom worth a cover (rule of thumb, grade C). */
const RESISTANT_HOST = 0.2;
/** The calendar renews a cover after so many days, sooner after an inch of rain (grade C). */
const RENEW_DAYS = 8,
  RENEW_AFTER_MM = 25;
/** A cover is dry before a time that begins this late in the day, if it goes on that morning. */
const DRY_BY_HOUR = 15;

/** What decides about a fungus's watch; null where no weather tells of it. */
export function infectionFacts(day: GardenDay, book: WatchBook): InfectionFacts | null {
  const diary = infectionDiary(day, book);
  if (!diary) return null;
  const { plant } = book.plantBook;
  const inSeason = diary.span !== null && diary.span.from <= day.today;
  return {
    school: schoolFor('leaf-fungi', schoolsFor(day.garden, plant)).id,
    ahead: diary.spells
      .filter(({ standing, word }) => standing === 'ahead' && word)
      .map((spell) => aheadOf(diary, spell)),
    through: diary.spells
      .filter(({ standing, from }) => standing === 'through' && from.date >= day.start)
      .map((spell) => throughOf(day, book, spell)),
    lastCover: lastCover(day, diary),
    renewOn: inSeason ? renewOn(day, diary) : null,
    habits: habitsOf(day, book, diary, plant),
  };
}

/** What a cover before it would be worth: chance × what is bare × host × spores × what last year left. */
export function aheadOf(diary: InfectionDiary, spell: DiarySpell): AheadFacts {
  const bare = 1 - spell.covered;
  // Blossom sprays against fire blight are not for home gardens: it is a warning, to report or ask about.
  const host = diary.disease.rule.kind === 'open-bloom' ? 0 : diary.resists ? RESISTANT_HOST : 1;
  return {
    on: spell.from.date,
    coverBy: spell.from.hour >= DRY_BY_HOUR ? spell.from.date : addDays(spell.from.date, -1),
    chance: spell.chance,
    bare,
    worth: spell.chance * bare * host * diary.inoculum.weight,
  };
}

function throughOf(day: GardenDay, { plantBook, watch }: WatchBook, spell: DiarySpell): SpellFacts {
  const hours = reachBackOnShelf(day, plantBook.plant, watch.targetId!);
  // Put on that day it is counted from the day's end.
  const days = Math.floor((hours + spell.from.hour) / HOURS) - 1;
  const until = hours > 0 && days >= 0 ? addDays(spell.from.date, days) : null;
  return {
    on: spell.from.date,
    word: spell.word!,
    spots: spell.spots,
    looked: spell.seen.kind === 'spots' || spell.seen.kind === 'none',
    reachBackUntil: until,
  };
}

/** Most hours back that a label line on the shelf for this plant's fungi reaches. */
function reachBackOnShelf(day: GardenDay, { hostId }: Plant, targetId: string): number {
  const acting = day.books.state.products.filter(({ materialId }) => coverOf(materialId, targetId, false));
  const hours = acting.flatMap(({ lines }) =>
    lines
      .filter(
        ({ groups, hostIds }) =>
          groups.includes('fungus') && (hostIds.length === 0 || hostIds.includes(hostId)),
      )
      .map(({ reachBackHours }) => reachBackHours ?? 0),
  );
  return Math.max(0, ...hours);
}

function lastCover(
  day: GardenDay,
  { covers, weather, leavesOn }: InfectionDiary,
): InfectionFacts['lastCover'] {
  const last = covers.findLast(({ on }) => on >= day.start && on <= day.today);
  if (!last) return null;
  const now = daysBetween(weather.from, day.today);
  const rain = weather.hours.rainSumMm;
  return {
    on: last.on,
    rainMm: (rain[Math.min(rain.length, now * HOURS) - 1] ?? 0) - (rain[last.sprayedAt - 1] ?? 0),
    newLeaves: Math.max(0, Math.round(leavesOn(now) - leavesOn(daysBetween(weather.from, last.on)))),
  };
}

/** Eight days on, or the day by which an inch of rain has come over the last cover; today where there is none. */
function renewOn(day: GardenDay, { covers, weather }: InfectionDiary): CivilDate {
  const last = covers.findLast(({ on }) => on >= day.start && on <= day.today);
  if (!last) return day.today;
  const rain = weather.hours.rainSumMm;
  const before = rain[last.sprayedAt - 1] ?? 0;
  for (let days = 1; days < RENEW_DAYS; days++) {
    const at = last.sprayedAt + days * HOURS - 1;
    if (at < rain.length && rain[at]! - before >= RENEW_AFTER_MM) return addDays(last.on, days);
  }
  return addDays(last.on, RENEW_DAYS);
}

/** Habits in the order of their times, without those done since each time began. */
function habitsOf(
  day: GardenDay,
  { handwork }: WatchBook,
  { disease }: InfectionDiary,
  plant: Plant,
): InfectionFacts['habits'] {
  const times = habitTimes(day, plant);
  return times.map(({ time, from, to }) => ({
    from,
    to,
    ids: disease.habits
      .filter((habit) => habit.time === time && habit.hand !== null)
      .filter(
        ({ hand }) =>
          !handwork.some(
            ({ kind, on }) => kind === hand && on >= addDays(from, -DONE_EARLY_DAYS) && on <= to,
          ),
      )
      .map(({ id }) => id as HabitCode),
  }));
}

/** Work done a little before its time is done. */
const DONE_EARLY_DAYS = 21;
/** A habit's time is never shorter than this. */
const LEAST_DAYS = 21;

/** When each kind of habit is done on a plant, this winter's and the next; in order. */
export function habitTimes(
  day: GardenDay,
  plant: Plant,
): { readonly time: HabitTime; readonly from: CivilDate; readonly to: CivilDate }[] {
  if (evergreenOf(plant)) return [];
  const longer = (from: CivilDate, to: CivilDate) =>
    to < addDays(from, LEAST_DAYS) ? addDays(from, LEAST_DAYS) : to;
  return plantWinters(day, plant)
    .slice(1)
    .flatMap(({ leafFall, budSwell, greenTip }) => [
      { time: 'leaf-fall' as const, from: leafFall.on, to: longer(leafFall.on, addDays(leafFall.on, 45)) },
      { time: 'winter' as const, from: addDays(leafFall.on, 30), to: budSwell.on },
      { time: 'before-swell' as const, from: addDays(budSwell.on, -30), to: budSwell.on },
      { time: 'spring' as const, from: addDays(greenTip.on, 30), to: addDays(greenTip.on, 75) },
    ])
    .toSorted((a, b) => (a.from < b.from ? -1 : 1));
}
