import { addDays } from '#core/calendar';
import type { AheadFacts, InfectionFacts, SpellFacts } from '#core/decide';
import type { Plant } from '#core/records';
import { coverOf, diseaseOf, schoolFor, schoolsFor } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { coverRenewed } from './cover-renewed.ts';
import { longestSpans } from './disease-spans.ts';
import { habitsOf } from './habit-times.ts';
import { type DiarySpell, infectionDiary, type InfectionDiary } from './infection-diary.ts';
import { type LeafWeather, standsSheltered } from './leaf-weather.ts';

const HOURS = 24;
/** A variety bred to resist a trouble is seldom worth a cover (rule of thumb, grade C). */
const RESISTANT_HOST = 0.2;
/** Rain nobody told of for longer than this is not known. */
const TOLD_WITHIN_DAYS = 3;
/** A cover is dry before a time that begins this late in the day, if it goes on that morning. */
const DRY_BY_HOUR = 15;

/** What decides about a fungus's watch; null for troubles the weather tells nothing of. */
export function infectionFacts(day: GardenDay, book: WatchBook): InfectionFacts | null {
  const disease = diseaseOf(book.watch.targetId);
  if (!disease) return null;
  const { plant } = book.plantBook;
  const diary = infectionDiary(day, book);
  const spans = diary?.spans ?? longestSpans(day, plant, disease);
  const season = spans.find(({ to }) => to >= day.today) ?? null;
  const { last, renewOn } = coverRenewed(day, book, disease, diary?.weather ?? null);
  const spells = diary?.spells ?? [];
  return {
    school: schoolFor('leaf-fungi', schoolsFor(day.garden, plant)).id,
    season: season && { from: season.from, to: season.to },
    isTold: standsSheltered(day, plant) || (diary !== null && tellsOfLate(diary.weather)),
    ahead: diary ? comingIn(diary) : [],
    through: spells
      .filter(({ standing, from }) => standing === 'through' && from.date >= day.start)
      .map((spell) => throughOf(day, book, spell)),
    lastCover: last,
    renewOn: season && season.from <= day.today ? renewOn : null,
    habits: habitsOf(day, book, disease),
  };
}

const comingIn = (diary: InfectionDiary): AheadFacts[] =>
  diary.spells
    .filter(({ standing, word }) => standing === 'ahead' && word)
    .map((spell) => aheadOf(diary, spell));

/** Rain of the last days has been read, or that of days to come is forecast. */
const tellsOfLate = ({ rainMm, forecastFrom }: LeafWeather): boolean =>
  rainMm.slice(Math.max(0, forecastFrom - TOLD_WITHIN_DAYS)).some((mm) => mm !== null);

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
