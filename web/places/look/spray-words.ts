import type { CivilDate } from '#core/calendar';
import type { SprayRecord } from '#core/records';
import type { AttachedWeather, WeatherAgainst } from '#engine';
import { showDate } from '../../show/dates.ts';
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

/** What of the weather stood against a spray, with the figure, its limit, and who sets it. */
export function againstWords(
  { what, on, value, limit, by }: WeatherAgainst,
  show: Show,
  today: CivilDate,
): string {
  const who = BY_WORDS[by];
  const day = showDate(on, today);
  switch (what) {
    case 'too-hot':
      return `${show.temperature(value!)} on ${day}, above the ${show.temperature(limit)} of ${who}: it may have burned leaves`;
    case 'too-cold':
      return `no more than ${show.temperature(value!)} on ${day}, below the ${show.temperature(limit)} of ${who}: it may have done little`;
    case 'frost':
      return `frost about ${day}, ${show.temperature(value!)}: oil harms then`;
    case 'rain':
      return `${value === null ? 'rain, as you told it,' : `${show.rain(value)} of rain`} on ${day}, and ${who} asks for ${limit} dry hours: some of it may have been washed off`;
  }
}

const BY_WORDS: Readonly<Record<WeatherAgainst['by'], string>> = {
  label: 'the label',
  school: 'your school',
  usual: 'usual practice (grade C)',
};
