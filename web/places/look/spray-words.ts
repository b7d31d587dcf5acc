import type { CivilDate } from '#core/calendar';
import type { SprayRecord } from '#core/records';
import type { AttachedWeather, WeatherAgainst } from '#engine';
import { showDate } from '../../show/dates.ts';
import { capital, listed } from '../../show/sentence.ts';
import type { Show } from '../../show/units.ts';

export const COVERAGE_WORDS: Readonly<Record<NonNullable<SprayRecord['coverage']>, string>> = {
  everything: 'everything was wetted',
  'missed-some': 'some was missed',
};

export const STAGE_SEEN_WORDS: Readonly<Record<NonNullable<SprayRecord['stageSeen']>, string>> = {
  eggs: 'eggs',
  crawlers: 'crawlers',
  'settled-young': 'settled young',
  adults: 'adults',
  larvae: 'larvae in leaves',
  spots: 'spots or rust',
  'nothing-alive': 'nothing alive',
};

/** Where the weather kept with a spray comes from. */
export const ORIGIN_WORDS: Readonly<Record<AttachedWeather['origin'], string>> = {
  measured: 'measured',
  neighbour: 'measured nearby',
  interpolated: 'between measured days',
  forecast: 'as forecast',
  guessed: 'a guess',
  told: 'as you told it',
};

/** What of the weather stood against a spray, day by day: the figures, the limit, and who sets it. */
export function againstWords(all: readonly WeatherAgainst[], show: Show, today: CivilDate): string {
  const [{ what, limit, by }] = all as readonly [WeatherAgainst];
  const who = BY_WORDS[by];
  const days = (figure: (value: number) => string) =>
    listed(
      all.map(
        ({ value, on }) =>
          `${value === null ? 'rain, as you told it,' : figure(value)} on ${showDate(on, today)}`,
      ),
    );
  switch (what) {
    case 'too-hot':
      return `${days(show.temperature)}, above the ${show.temperature(limit)} of ${who}: it may have burned leaves`;
    case 'too-cold':
      return `No more than ${days(show.temperature)}, below the ${show.temperature(limit)} of ${who}: it may have done little`;
    case 'frost':
      return `Frost, ${days(show.temperature)}: oil harms then`;
    case 'rain':
      return capital(
        `${days((mm) => `${show.rain(mm)} of rain`)}, and ${who} asks for ${limit} dry hours: some may have been washed off`,
      );
  }
}

const BY_WORDS: Readonly<Record<WeatherAgainst['by'], string>> = {
  label: 'the label',
  school: 'your school',
  usual: 'usual practice (grade C)',
};
