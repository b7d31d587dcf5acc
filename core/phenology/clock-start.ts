import { addDays, type CivilDate, dayInYear, daysBetween, type MonthDay, yearOf } from '#core/calendar';

/**
 * What starts an event's count of heat: the season's first day, a day of its own, or something seen (a
 * biofix).
 */
export type ClockStart =
  | { readonly kind: 'season' }
  | { readonly kind: 'date'; readonly monthDay: MonthDay }
  | { readonly kind: 'stage'; readonly stage: string }
  | { readonly kind: 'first-males' }
  | { readonly kind: 'first-crawlers' }
  | { readonly kind: 'first-mines' };

/** What was seen this season that may start a clock. */
export interface SeasonSigns {
  readonly stages: readonly { readonly stage: string; readonly on: CivilDate }[];
  readonly sightings: readonly { readonly what: string; readonly on: CivilDate }[];
  /** Catches in order of emptying; `catches` says of what. */
  readonly catches: readonly {
    readonly catches: 'males' | 'moths' | 'wasps' | 'crawlers';
    readonly putOn: CivilDate;
    readonly takenOff: CivilDate;
    readonly caught: number;
  }[];
}

/** The clock's first day, and what told it; null when nothing did yet. */
export interface StartedClock {
  readonly on: CivilDate;
  readonly by: 'calendar' | 'seen' | 'trap' | 'tape' | 'stage';
}

/**
 * When a clock started this season. A sighting that was written down counts before a trap's word.
 * A trap's males count once two emptyings running caught some (a first steady catch), from the
 * middle of the first of the two; a tape's crawlers from the middle of the first tape with any.
 */
export function startOfClock(
  start: ClockStart,
  seasonStart: CivilDate,
  today: CivilDate,
  signs: SeasonSigns,
): StartedClock | null {
  switch (start.kind) {
    case 'season':
      return { on: seasonStart, by: 'calendar' };
    case 'date':
      return dateInSeason(start.monthDay, seasonStart, today);
    case 'stage': {
      const logged = signs.stages.find(
        ({ stage, on }) => stage === start.stage && inSeason(on, seasonStart, today),
      );
      return logged ? { on: logged.on, by: 'stage' } : null;
    }
    case 'first-males':
      return seen('first-males', seasonStart, today, signs) ?? steadyCatch(signs, seasonStart, today);
    case 'first-crawlers':
      return seen('first-crawlers', seasonStart, today, signs) ?? firstCatch(signs, seasonStart, today);
    case 'first-mines':
      return seen('first-mines', seasonStart, today, signs);
  }
}

const inSeason = (on: CivilDate, seasonStart: CivilDate, today: CivilDate) =>
  on >= seasonStart && on <= today;

function dateInSeason(monthDay: MonthDay, seasonStart: CivilDate, today: CivilDate): StartedClock | null {
  const year = yearOf(seasonStart);
  const on = [year, year + 1].map((y) => dayInYear(monthDay, y)).find((date) => date >= seasonStart)!;
  return on <= today ? { on, by: 'calendar' } : null;
}

function seen(
  what: string,
  seasonStart: CivilDate,
  today: CivilDate,
  { sightings }: SeasonSigns,
): StartedClock | null {
  const days = sightings
    .filter((sighting) => sighting.what === what && inSeason(sighting.on, seasonStart, today))
    .map(({ on }) => on)
    .sort();
  return days[0] ? { on: days[0], by: 'seen' } : null;
}

function steadyCatch(
  { catches }: SeasonSigns,
  seasonStart: CivilDate,
  today: CivilDate,
): StartedClock | null {
  const males = catches.filter(
    (entry) => entry.catches === 'males' && inSeason(entry.takenOff, seasonStart, today),
  );
  const first = males.find((entry, i) => entry.caught > 0 && (males[i + 1]?.caught ?? 0) > 0);
  return first ? { on: middleOf(first), by: 'trap' } : null;
}

function firstCatch({ catches }: SeasonSigns, seasonStart: CivilDate, today: CivilDate): StartedClock | null {
  const first = catches.find(
    (entry) =>
      entry.catches === 'crawlers' && entry.caught > 0 && inSeason(entry.takenOff, seasonStart, today),
  );
  return first ? { on: middleOf(first), by: 'tape' } : null;
}

function middleOf({
  putOn,
  takenOff,
}: {
  readonly putOn: CivilDate;
  readonly takenOff: CivilDate;
}): CivilDate {
  return addDays(putOn, Math.floor(daysBetween(putOn, takenOff) / 2));
}
