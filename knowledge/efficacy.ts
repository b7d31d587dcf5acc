import type { Grade } from '#core/figures';
import type { TargetGroup } from '#core/identify';
import type { Target } from './targets/index.ts';

/** How well a material does against a trouble at the stage it reaches, when it is well applied. */
export type EfficacyWord = 'works' | 'in part' | 'poor' | 'avoid';

export interface Efficacy {
  readonly materialId: string;
  readonly word: EfficacyWord;
  /** When and on what. */
  readonly how: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

type Entry = readonly [materialId: string, word: EfficacyWord, how: string];

const OUTBREAK = 'kills the vedalia beetle, which does the work; outbreaks follow';

/**
 * What is usual for a whole group. Published trials differ by species, place and dose; read as a
 * ranking, not a promise.
 */
const BY_GROUP: Readonly<Partial<Record<TargetGroup, readonly Entry[]>>> = {
  armored: [
    [
      'mineral-oil',
      'works',
      'crawlers and settled young; dormant on wintering young, least on eggs under covers',
    ],
    ['plant-oil', 'works', 'as mineral oil'],
    ['soap', 'works', 'crawlers only, repeated'],
    ['pyriproxyfen', 'works', 'crawlers and young'],
    ['buprofezin', 'works', 'crawlers and young'],
    ['azadirachtin', 'in part', 'young that feed and moult'],
    ['bifenthrin', 'in part', 'crawlers on contact'],
    ['malathion', 'in part', 'crawlers on contact'],
    ['imidacloprid', 'poor', 'they do not feed where it flows'],
    ['acetamiprid', 'in part', 'crawlers and young of some'],
    ['pyrethrins', 'in part', 'crawlers that are wetted'],
    ['dinotefuran', 'in part', 'many, not all'],
  ],
  soft: [
    ['mineral-oil', 'works', 'crawlers and thin-skinned young; dormant on wintering young'],
    ['plant-oil', 'works', 'as mineral oil'],
    ['soap', 'works', 'crawlers and young, repeated'],
    ['azadirachtin', 'in part', 'young'],
    ['pyriproxyfen', 'works', 'young'],
    ['buprofezin', 'works', 'young'],
    ['bifenthrin', 'in part', 'crawlers on contact'],
    ['malathion', 'in part', 'crawlers on contact'],
    ['imidacloprid', 'works', 'most'],
    ['acetamiprid', 'works', 'crawlers and young'],
    ['pyrethrins', 'in part', 'crawlers that are wetted'],
    ['dinotefuran', 'works', 'most, faster'],
  ],
  felt: [
    ['mineral-oil', 'in part', 'crawlers and young; in winter where bark is wetted all round'],
    ['soap', 'in part', 'crawlers; brushing helps'],
    ['pyriproxyfen', 'works', 'young'],
    ['buprofezin', 'works', 'young'],
    ['imidacloprid', 'works', 'mostly good'],
    ['dinotefuran', 'works', 'good, faster'],
    ['bifenthrin', 'in part', 'crawlers; mites flare'],
  ],
  giant: [
    ['mineral-oil', 'in part', 'young'],
    ['soap', 'in part', 'young'],
    ['imidacloprid', 'avoid', OUTBREAK],
    ['dinotefuran', 'avoid', OUTBREAK],
    ['pyriproxyfen', 'avoid', OUTBREAK],
    ['buprofezin', 'avoid', OUTBREAK],
    ['bifenthrin', 'avoid', OUTBREAK],
    ['malathion', 'avoid', OUTBREAK],
  ],
  'leaf-miner': [
    ['spinosad', 'works', 'young larvae in the leaf'],
    ['acetamiprid', 'in part', 'young larvae, where the label and the law allow it'],
    ['mineral-oil', 'in part', 'keeps moths from laying; does not reach larvae inside'],
    ['azadirachtin', 'in part', 'young larvae'],
    ['imidacloprid', 'in part', 'where the label and the law allow it'],
    ['soap', 'poor', 'reaches nothing inside a leaf'],
  ],
  fungus: [
    ['copper', 'in part', 'before infection'],
    ['copper-soap', 'in part', 'before infection'],
    ['sulfur', 'in part', 'before infection'],
    ['bacillus', 'in part', 'before infection, repeated'],
    ['soap', 'poor', 'reaches no leaf fungus'],
  ],
  'sap-sucker': [
    ['soap', 'works', 'what is wetted, repeated'],
    ['mineral-oil', 'works', 'what is wetted, eggs too'],
    ['plant-oil', 'works', 'what is wetted'],
    ['azadirachtin', 'in part', 'young'],
    ['imidacloprid', 'works', 'where the label and the law allow it'],
    ['acetamiprid', 'works', 'where the label and the law allow it'],
    ['pyrethrins', 'works', 'what is wetted; gone in a day'],
    ['bifenthrin', 'in part', 'kills helpers; they come back'],
  ],
  mite: [
    ['mineral-oil', 'works', 'undersides wetted; winter eggs before buds open'],
    ['soap', 'works', 'undersides wetted, repeated'],
    ['sulfur', 'works', 'not near oil, not in heat'],
    ['bifenthrin', 'avoid', 'kills what eats them; they flare'],
    ['malathion', 'avoid', 'kills what eats them; they flare'],
    ['imidacloprid', 'avoid', 'mites flare after it'],
  ],
  chewer: [
    ['spinosad', 'works', 'young caterpillars'],
    ['azadirachtin', 'in part', 'young caterpillars'],
    ['pyrethrins', 'works', 'young caterpillars that are wetted'],
  ],
  bacterium: [
    ['copper', 'in part', 'before blossom opens'],
    ['copper-soap', 'in part', 'before blossom opens'],
  ],
};

const MILDEW: readonly Entry[] = [
  ['sulfur', 'works', 'before and at the first spots'],
  ['bicarbonate', 'in part', 'on contact, repeated'],
  ['mineral-oil', 'in part', 'at the first spots; never near sulfur'],
  ['bacillus', 'in part', 'before it starts'],
  ['myclobutanil', 'works', 'before and shortly after infection'],
  ['tebuconazole', 'works', 'before and shortly after infection; few uses'],
  ['copper', 'poor', 'other fungi'],
];

const RUST: readonly Entry[] = [
  ['tebuconazole', 'works', 'before and shortly after infection; few uses'],
  ['myclobutanil', 'works', 'before and shortly after infection'],
  ['mancozeb', 'works', 'before infection'],
  ['sulfur', 'in part', 'before infection'],
  ['captan', 'poor', 'not rusts'],
  ['bacillus', 'poor', 'not rusts'],
];

const HABITS_FIRST = 'clearing leaves and dead wood does more';

/** Where one trouble differs from its group. */
const BY_TARGET: Readonly<Record<string, readonly Entry[]>> = {
  'tuliptree-scale': [['imidacloprid', 'poor', 'little effect on this species']],
  'magnolia-scale': [['imidacloprid', 'in part', 'partial on this species']],
  'tea-scale': [
    ['mineral-oil', 'works', 'undersides of leaves wetted; twice, as all stages overlap'],
    ['dinotefuran', 'works', 'good'],
  ],
  'oystershell-scale': [
    ['mineral-oil', 'in part', 'dormant oil reaches its eggs under covers least; crawlers well'],
  ],
  'pine-needle-scale': [
    ['mineral-oil', 'in part', 'dormant oil reaches its eggs under covers least; crawlers well'],
  ],
  'peach-leaf-curl': [
    ['copper', 'works', 'on bare wood before the buds swell; nothing after symptoms'],
    ['copper-soap', 'works', 'on bare wood before the buds swell; nothing after symptoms'],
    ['lime-sulfur', 'works', 'on bare wood before the buds swell'],
    ['chlorothalonil', 'works', 'on bare wood before the buds swell'],
    ['sulfur', 'poor', 'not this fungus'],
    ['bacillus', 'poor', 'not this fungus'],
  ],
  'apple-scab': [
    ['captan', 'works', 'before infection'],
    ['mancozeb', 'works', 'before infection'],
    ['sulfur', 'works', 'before infection'],
    ['myclobutanil', 'works', 'before and shortly after infection'],
    ['copper', 'in part', 'early only, it marks fruit'],
  ],
  'cedar-apple-rust': [
    ['myclobutanil', 'works', 'from pink bud on'],
    ['mancozeb', 'works', 'before infection'],
    ['sulfur', 'in part', 'before infection'],
    ['captan', 'poor', 'not rusts'],
    ['bacillus', 'poor', 'not rusts'],
  ],
  'fig-rust': [
    ['copper', 'in part', 'before infection'],
    ['bacillus', 'poor', 'not rusts'],
  ],
  'greasy-spot': [
    ['mineral-oil', 'works', 'early and late in the rainy season; clear fallen leaves'],
    ['copper', 'works', 'early and late in the rainy season'],
  ],
  melanose: [['copper', 'works', 'from petal fall, for about twelve weeks']],
  'brown-rot': [
    ['captan', 'works', 'from pink bud to petal fall; take mummies out in winter'],
    ['copper', 'in part', 'before bloom only'],
  ],
  'shot-hole': [
    ['copper', 'works', 'at leaf fall, before the rains'],
    ['captan', 'in part', 'before infection'],
  ],
  'rose-black-spot': [
    ['myclobutanil', 'works', 'before and shortly after infection'],
    ['mancozeb', 'works', 'before infection'],
    ['sulfur', 'in part', 'before infection'],
    ['bicarbonate', 'in part', 'with oil, repeated'],
  ],
  'rose-rust': RUST,
  'plum-rust': RUST,
  'mahonia-rust': RUST,
  'pear-trellis-rust': [
    ['tebuconazole', 'in part', 'before infection in spring, where the label names pear'],
    ['copper', 'poor', 'not this rust'],
    ['bacillus', 'poor', 'not rusts'],
  ],
  'myrtle-rust': [
    ['tebuconazole', 'works', 'ornamentals, as the authority advises'],
    ['copper', 'in part', 'before infection'],
    ['bacillus', 'poor', 'not rusts'],
  ],
  'grape-downy-mildew': [
    ['copper', 'works', 'before rain, from small shoots on'],
    ['copper-soap', 'works', 'before rain, from small shoots on'],
    ['mancozeb', 'works', 'before rain'],
    ['captan', 'works', 'before rain; not near oil'],
    ['phosphite', 'in part', 'before and shortly after infection'],
    ['sulfur', 'poor', 'powdery mildew only'],
    ['myclobutanil', 'poor', 'not this kind of mould'],
    ['tebuconazole', 'poor', 'not this kind of mould'],
  ],
  'grape-black-rot': [
    ['myclobutanil', 'works', 'from small shoots until four weeks after bloom'],
    ['mancozeb', 'works', 'before rain'],
    ['captan', 'in part', 'before rain'],
    ['copper', 'in part', 'before rain'],
    ['sulfur', 'poor', 'powdery mildew only'],
  ],
  'cherry-leaf-spot': [
    ['myclobutanil', 'works', 'from petal fall'],
    ['captan', 'works', 'from petal fall'],
    ['copper', 'in part', 'after picking'],
  ],
  'brown-rot-of-fruit': [
    ['captan', 'works', 'in the weeks before picking, by the label'],
    ['myclobutanil', 'in part', 'in the weeks before picking, by the label'],
    ['copper', 'poor', 'marks fruit'],
  ],
  'olive-peacock-spot': [
    ['copper', 'works', 'before the autumn rains, and in late winter'],
    ['copper-soap', 'works', 'before the autumn rains, and in late winter'],
  ],
  'walnut-blight': [['copper', 'works', 'at the first leaves, before rain; nothing once nuts are spotted']],
  'walnut-anthracnose': [['copper', 'in part', `as leaves open; ${HABITS_FIRST}`]],
  'plane-anthracnose': [['copper', 'poor', `seldom worth it; ${HABITS_FIRST}`]],
  'maple-anthracnose': [['copper', 'poor', `seldom worth it; ${HABITS_FIRST}`]],
  'dogwood-anthracnose': [
    ['chlorothalonil', 'in part', 'as leaves open'],
    ['mancozeb', 'in part', 'as leaves open'],
  ],
  'tar-spot': [['copper', 'poor', `seldom worth it; ${HABITS_FIRST}`]],
  'camellia-petal-blight': [['captan', 'poor', 'flowers cannot be kept covered; pick them up']],
  'citrus-scab': [['copper', 'works', 'at the flush and at petal fall']],
  'citrus-alternaria': [['copper', 'works', 'from the flush until fruit is half grown']],
  'citrus-black-spot': [['copper', 'in part', 'from petal fall, as the authority advises']],
  'citrus-phytophthora': [
    ['phosphite', 'works', 'through leaves or roots, by the label'],
    ['copper', 'in part', 'painted on pared bark'],
    ['sulfur', 'poor', 'not this kind of mould'],
  ],
  'citrus-canker': [['copper', 'in part', 'as the authority advises']],
  'citrus-greening': [['copper', 'poor', 'nothing cures a tree']],
  'woolly-apple-aphid': [
    ['soap', 'in part', 'the wool sheds it: brush first'],
    ['mineral-oil', 'in part', 'the wool sheds it: brush first'],
    ['bifenthrin', 'poor', 'kills the little wasp that keeps it down'],
  ],
  'bronze-orange-bug': [
    ['soap', 'in part', 'small green young in winter'],
    ['mineral-oil', 'in part', 'small green young in winter'],
  ],
  'citrus-peel-miner': [['spinosad', 'poor', 'seldom worth it']],
  'arborvitae-leaf-miner': [
    ['spinosad', 'in part', 'when moths fly, about early summer'],
    ['mineral-oil', 'poor', 'does not reach larvae in the tips'],
  ],
  'apple-powdery-mildew': MILDEW,
  'crape-myrtle-powdery-mildew': MILDEW,
  'grape-powdery-mildew': MILDEW,
  'rose-powdery-mildew': MILDEW,
  'powdery-mildew': MILDEW,
};

/** What is known of each material against a trouble: the group's, overruled by its own, best first. */
export function efficacyAgainst(target: Pick<Target, 'id' | 'group'>): Efficacy[] {
  const order: readonly EfficacyWord[] = ['works', 'in part', 'poor', 'avoid'];
  const entries = new Map(
    [...(BY_GROUP[target.group] ?? []), ...(BY_TARGET[target.id] ?? [])].map((entry) => [entry[0], entry]),
  );
  return [...entries.values()]
    .map(([materialId, word, how]): Efficacy => ({
      materialId,
      word,
      how,
      grade: 'C',
      sourceIds: ['practice'],
    }))
    .sort((a, b) => order.indexOf(a.word) - order.indexOf(b.word));
}

/** Troubles with an entry of their own, for checking that each exists. */
export const OWN_EFFICACY: readonly string[] = Object.keys(BY_TARGET);
