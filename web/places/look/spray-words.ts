import type { SprayRecord } from '#core/records';

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
