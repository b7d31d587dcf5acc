import type { Grade } from '#core/figures';
import type { COUNTRIES } from '#core/records';

/** What home gardeners of a country may usually not buy or use; rules change, and the label and the law decide. */
export interface CountryNote {
  readonly country: (typeof COUNTRIES)[number];
  readonly materialIds: readonly string[];
  readonly says: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const note = (
  country: CountryNote['country'],
  materialIds: readonly string[],
  says: string,
  grade: Grade,
): CountryNote => ({ country, materialIds, says, grade, sourceIds: ['practice'] });

export const COUNTRY_NOTES: readonly CountryNote[] = [
  note(
    'uk',
    ['copper', 'copper-soap', 'bordeaux'],
    'In the UK copper is no longer approved as a fungicide for home gardens. Rely on habits: clear leaves, cut ' +
      'out, shelter from rain.',
    'C',
  ),
  note(
    'uk',
    [
      'mancozeb',
      'chlorothalonil',
      'captan',
      'lime-sulfur',
      'malathion',
      'bifenthrin',
      'imidacloprid',
      'dinotefuran',
    ],
    'Not sold to home gardeners in the UK, as far as is known here.',
    'C',
  ),
  note(
    'us',
    ['imidacloprid', 'dinotefuran', 'acetamiprid'],
    'Several states of the US keep neonicotinoids from home gardeners: ask your extension office.',
    'C',
  ),
  note(
    'us',
    ['chlorothalonil', 'mancozeb'],
    'Some states of the US restrict it: read the label for your state.',
    'C',
  ),
  note(
    'au',
    ['chlorothalonil', 'imidacloprid'],
    'In Australia it has been leaving garden shops: check that the pack is still registered.',
    'C',
  ),
];

export const countryNotesFor = (
  country: CountryNote['country'],
  materialId: string,
): readonly CountryNote[] =>
  COUNTRY_NOTES.filter((entry) => entry.country === country && entry.materialIds.includes(materialId));
