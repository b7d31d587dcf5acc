import { meeting, type Ingredient, type Meeting, type MeetingBook, type MeetingRule } from '#core/materials';
import { materialById } from './materials.ts';
import { schoolFor } from './schools.ts';

/**
 * What each material brings into a tank. Soap and lime sulfur are alkaline; so are Bordeaux and other
 * limed coppers.
 */
const INGREDIENTS: Readonly<Record<string, readonly Ingredient[]>> = {
  'mineral-oil': ['oil'],
  // Most plant oils sold are clarified neem, so it counts as both.
  'plant-oil': ['oil', 'neem'],
  'raw-neem': ['oil', 'neem'],
  azadirachtin: ['neem', 'azadirachtin'],
  soap: ['soap', 'alkaline'],
  pyriproxyfen: ['growth-regulator'],
  buprofezin: ['growth-regulator'],
  spinosad: ['spinosad'],
  bifenthrin: ['other'],
  malathion: ['malathion'],
  imidacloprid: ['other'],
  dinotefuran: ['other'],
  sulfur: ['sulfur'],
  'lime-sulfur': ['lime-sulfur', 'sulfur', 'alkaline'],
  copper: ['copper'],
  bordeaux: ['copper', 'alkaline'],
  'copper-soap': ['copper'],
  pyrethrins: ['other'],
  acetamiprid: ['other'],
  tebuconazole: ['other'],
  bicarbonate: ['bicarbonate', 'alkaline'],
  bacillus: ['bacillus'],
  captan: ['captan'],
  mancozeb: ['mancozeb'],
  myclobutanil: ['other'],
  'trunk-coat': ['other'],
  chlorothalonil: ['chlorothalonil'],
  phosphite: ['phosphite', 'acid'],
  acid: ['acid'],
  'fish-seaweed': ['fish'],
  fish: ['fish'],
  seaweed: ['other'],
  molasses: ['sugar'],
  microbes: ['microbes'],
};

type Chosen = Readonly<Record<string, string>>;

const rule = (
  id: string,
  a: Ingredient,
  b: Ingredient,
  tank: MeetingRule['tank'],
  apartDays: number,
  says: string,
  grade: MeetingRule['grade'] = 'C',
): MeetingRule => ({ id, between: [a, b], tank, apartDays, says, grade, sourceIds: ['practice'] });

/** Rules that hold whatever school is followed. */
const FIXED: readonly MeetingRule[] = [
  rule(
    'lime-sulfur-acid',
    'lime-sulfur',
    'acid',
    'never',
    0,
    'Lime sulfur with any acid gives off a deadly gas. Never, in any amount; rinse the sprayer well between.',
    'A',
  ),
  rule(
    'captan-oil',
    'captan',
    'oil',
    'no',
    14,
    'Oil carries captan into the leaf and burns it: two weeks between, in either order.',
  ),
  rule(
    'chlorothalonil-oil',
    'chlorothalonil',
    'oil',
    'no',
    14,
    'Oil carries chlorothalonil into the leaf and burns it: two weeks between, in either order.',
  ),
  rule(
    'lime-sulfur-fish',
    'lime-sulfur',
    'fish',
    'never',
    0,
    'Fish feeds are acid, and lime sulfur with any acid gives off a deadly gas. Never, in any amount.',
    'A',
  ),
  rule('copper-fish', 'copper', 'fish', 'no', 0, 'Fish feeds are acid and free the copper, which burns.'),
  rule(
    'soap-fish',
    'soap',
    'fish',
    'jar-test',
    0,
    'Fish feeds are acid and can curdle soap: try it in a jar, soap and oil made to milk first.',
  ),
  ...(['copper', 'sulfur', 'lime-sulfur', 'captan', 'chlorothalonil', 'mancozeb'] as const).map((killer) =>
    rule(
      `microbes-${killer}`,
      'microbes',
      killer,
      'no',
      7,
      'It kills what lives in the culture: a week between, in either order.',
    ),
  ),
  rule(
    'microbes-sugar',
    'microbes',
    'sugar',
    'jar-test',
    0,
    'Sugar feeds whatever lives in the tank, also bacteria that make people ill: used within hours, and not on parts to be eaten.',
  ),
  rule('captan-alkaline', 'captan', 'alkaline', 'no', 0, 'Alkaline mixes break captan down within hours.'),
  rule(
    'malathion-alkaline',
    'malathion',
    'alkaline',
    'no',
    0,
    'Alkaline mixes break malathion down within hours.',
  ),
  rule(
    'azadirachtin-alkaline',
    'azadirachtin',
    'alkaline',
    'no',
    0,
    'Alkaline mixes break azadirachtin down.',
  ),
  rule('soap-acid', 'soap', 'acid', 'no', 0, 'Acid curdles soap: it clogs, and no longer works.'),
  rule('bicarbonate-acid', 'bicarbonate', 'acid', 'no', 0, 'They foam, and undo each other.'),
  rule('copper-acid', 'copper', 'acid', 'no', 0, 'Acid frees the copper, and it burns.'),
  rule(
    'copper-phosphite',
    'copper',
    'phosphite',
    'no',
    14,
    'Phosphite is acid and frees the copper, which burns.',
  ),
  rule(
    'copper-lime-sulfur',
    'copper',
    'lime-sulfur',
    'no',
    0,
    'They turn each other into something neither label knows.',
  ),
  rule('copper-soap', 'copper', 'soap', 'no', 0, 'Soap and copper curdle and can burn.', 'C'),
  rule('bacillus-copper', 'bacillus', 'copper', 'no', 0, 'Copper kills the bacteria in the tank.', 'C'),
  rule('soap-lime-sulfur', 'soap', 'lime-sulfur', 'no', 0, 'Both burn soft leaves; together more.', 'C'),
];

/** A new pair is tried in a jar first. */
const OTHERWISE: MeetingRule = {
  id: 'nothing-known',
  between: ['other', 'other'],
  tank: 'jar-test',
  apartDays: 0,
  grade: 'C',
  sourceIds: ['practice'],
  says:
    'Nothing is known against it. Both labels must allow it; try a new pair in a jar first, and mix only ' +
    'what is used that day.',
};

/** The rules as a garden's schools have them. */
export function meetingRules(chosen: Chosen): MeetingBook {
  return { rules: rulesOfMeeting(chosen), otherwise: OTHERWISE };
}

function rulesOfMeeting(chosen: Chosen): readonly MeetingRule[] {
  const days = Number(schoolFor('oil-sulfur', chosen).id);
  const spinosad = schoolFor('spinosad-oil', chosen).id;
  return [
    ...FIXED,
    rule(
      'oil-sulfur',
      'oil',
      'sulfur',
      'no',
      days,
      `Oil and sulfur together burn leaves: ${days} days between, in either order, or the label's days if they are more.`,
    ),
    ...(spinosad === 'alternate'
      ? [
          rule(
            'spinosad-oil-alternate',
            'spinosad',
            'oil',
            'no',
            10,
            'This school alternates them every 10 to 14 days, so that each does its own work.',
            'C',
          ),
        ]
      : []),
    ...(spinosad === 'tank-mix'
      ? [
          rule(
            'spinosad-oil-mixed',
            'spinosad',
            'oil',
            'jar-test',
            0,
            'This school mixes them once a month in the growing season, late in the evening, when bees ' +
              'have gone.',
            'C',
          ),
        ]
      : []),
    ...(spinosad === 'never-near-neem'
      ? [
          rule(
            'spinosad-neem-apart',
            'spinosad',
            'neem',
            'no',
            21,
            'This school keeps three weeks between spinosad and neem; no published ground for it is known.',
            'C',
          ),
        ]
      : []),
  ];
}

/** What a product brings: its material's ingredients, and oil if the label says it holds some. */
export function ingredientsOf(materialId: string, containsOil: boolean): readonly Ingredient[] {
  const ingredients = INGREDIENTS[materialById(materialId).id] ?? ['other'];
  return containsOil && !ingredients.includes('oil') ? [...ingredients, 'oil'] : ingredients;
}

/** Whether two materials may meet under a garden's schools. */
export function materialsMeet(a: string, b: string, chosen: Chosen): Meeting {
  return meeting(
    meetingRules(chosen),
    ingredientsOf(a, materialById(a).isOil),
    ingredientsOf(b, materialById(b).isOil),
  );
}
