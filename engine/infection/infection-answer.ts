import type { CivilDate } from '#core/calendar';
import type { LearnedWetness } from '#core/infection';
import type { InfectionFacts } from '#core/decide';
import { placeOn } from '#core/weather';
import { type Disease, diseaseOf } from '#knowledge';
import type { WatchBook } from '../garden-books.ts';
import type { GardenDay } from '../garden-day.ts';
import { staysOf } from '../season-weather.ts';
import { type AheadCover, aheadCover } from './ahead-cover.ts';
import { daysOf, type InfectionDays, shownDays, type UnreadDays, unreadDays } from './diary-days.ts';
import { type DiaryRecord, diaryRecord } from './diary-record.ts';
import { type DiseaseSpan, longestSpans } from './disease-spans.ts';
import { infectionFacts } from './infection-facts.ts';
import { type DiarySpell, infectionDiary, type InfectionDiary } from './infection-diary.ts';
import type { Inoculum } from './inoculum.ts';

/** The infection diary as its page shows it. */
export type InfectionAnswer =
  /** No weather tells of this trouble. */
  | { readonly kind: 'none' }
  /** Weather would, and nobody told a day of it: what can be said by the plant's year and what was sprayed. */
  | ({ readonly kind: 'untold' } & Untold)
  | ({ readonly kind: 'diary' } & Told);

/** What is said of a disease with or without weather. */
interface Untold {
  readonly disease: Omit<Disease, 'rule'> & { readonly ruleKind: Disease['rule']['kind'] };
  readonly span: DiseaseSpan | null;
  readonly resists: boolean;
  readonly school: InfectionFacts['school'];
  /** Day on which the calendar's school renews a cover; null out of season. */
  readonly renewOn: CivilDate | null;
  readonly lastCover: InfectionFacts['lastCover'];
  readonly habits: InfectionFacts['habits'];
}

interface Told extends Untold {
  readonly sheltered: boolean;
  readonly inoculum: Inoculum;
  /** This season's spells, in order, and those foretold. */
  readonly spells: readonly DiarySpell[];
  readonly covers: readonly {
    readonly sprayId: string;
    readonly on: CivilDate;
    readonly materialIds: readonly string[];
  }[];
  readonly days: InfectionDays;
  readonly ahead: AheadCover | null;
  readonly learned: LearnedWetness;
  readonly placeId: string;
  readonly unread: UnreadDays | null;
  readonly record: DiaryRecord;
  readonly hasForecast: boolean;
}

export function infectionAnswer(day: GardenDay, watchId: string): InfectionAnswer {
  const book = day.books.watchBook(watchId)!;
  const facts = infectionFacts(day, book);
  const named = diseaseOf(book.watch.targetId);
  if (!facts || !named) return { kind: 'none' };
  const { plant } = book.plantBook;
  const diary = infectionDiary(day, book);
  const { rule, ...disease } = named;
  const spans = diary?.spans ?? longestSpans(day, plant, named);
  const untold: Untold = {
    disease: { ...disease, ruleKind: rule.kind },
    span: spans.find(({ to }) => to >= day.today) ?? null,
    resists: plant.resists.includes(named.targetId),
    school: facts.school,
    renewOn: facts.renewOn,
    lastCover: facts.lastCover,
    habits: facts.habits,
  };
  return diary ? { kind: 'diary', ...untold, ...told(day, book, diary) } : { kind: 'untold', ...untold };
}

function told(
  day: GardenDay,
  { watch, plantBook }: WatchBook,
  diary: InfectionDiary,
): Omit<Told, keyof Untold> {
  const shown = shownDays(day, diary);
  return {
    sheltered: diary.weather.sheltered,
    inoculum: diary.inoculum,
    spells: diary.spells.filter(({ to }) => to.date >= shown.from),
    covers: diary.covers.map(({ sprayId, on, materialIds }) => ({ sprayId, on, materialIds })),
    days: daysOf(diary, shown.from, shown.to),
    ahead: aheadCover(day, diary, watch.id, plantBook.plant.id),
    learned: { ...diary.weather.learned, cases: diary.cases },
    unread: unreadDays(diary.weather),
    placeId: placeOn(staysOf(plantBook), day.today),
    record: diaryRecord(diary.spells),
    hasForecast: diary.weather.forecastFrom < diary.weather.hours.days,
  };
}
