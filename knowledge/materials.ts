import type { Formulation, UsualPercent } from '#core/materials';

/** An active ingredient, never a brand. */
export interface Material {
  readonly id: string;
  readonly name: string;
  readonly reaches: string;
  readonly watch: string;
  readonly isOil: boolean;
  /** Harms bees on open bloom or at honeydew while wet or longer. */
  readonly harmsBees: boolean;
  /** Group of its mode of action as labels print it. */
  readonly modeOfAction: string;
  /** Acts on a single site, so that use after use breeds what lives through it. */
  readonly resistanceRisk: boolean;
  /** Commonly allowed in organic growing; the label and the certifier say. */
  readonly organic: boolean;
  /** Sold or used under licence in many places. */
  readonly licensed: boolean;
  readonly formulation: Formulation;
  /** % of finished spray where a label leaves it blank; null where only a label tells. */
  readonly usual: UsualPercent | null;
  /** What to look for and what to avoid when buying, with no brand. */
  readonly buying: { readonly strength: string; readonly avoid: string };
}

type Traits = Partial<
  Omit<Material, 'id' | 'name' | 'reaches' | 'watch' | 'modeOfAction' | 'formulation' | 'buying'>
>;

const material = (
  id: string,
  name: string,
  reaches: string,
  watch: string,
  [modeOfAction, formulation]: readonly [string, Formulation],
  [strength, avoid]: readonly [string, string],
  traits: Traits = {},
): Material => ({
  id,
  name,
  reaches,
  watch,
  modeOfAction,
  formulation,
  buying: { strength, avoid },
  isOil: false,
  harmsBees: false,
  resistanceRisk: false,
  organic: false,
  licensed: false,
  usual: null,
  ...traits,
});

const BEES = { harmsBees: true } as const;
const OIL = { isOil: true, organic: true, ...BEES } as const;
const ORGANIC = { organic: true } as const;
const SINGLE_SITE = { resistanceRisk: true } as const;
const DRENCH = { licensed: true, ...SINGLE_SITE, ...BEES } as const;

export const MATERIALS: readonly Material[] = [
  material(
    'mineral-oil',
    'Mineral horticultural oil',
    'crawlers, settled young, some adults; eggs in part, mite and aphid eggs; some mildew',
    'kills by contact only: what is not wetted lives',
    ['unclassified', 'emulsifiable-oil'],
    ['97 to 99 % paraffinic oil, with emulsifier', 'motor, lamp and cooking oil'],
    { ...OIL, usual: { dormant: [2, 4], inLeaf: [1, 2] } },
  ),
  material(
    'plant-oil',
    'Clarified neem or other plant oil',
    'as mineral oil',
    'counts as oil beside sulfur; can hurt helpers too',
    ['unclassified', 'emulsifiable-oil'],
    ['about 70 % or more clarified oil, with emulsifier', 'kitchen oil'],
    { ...OIL, usual: { dormant: [0.5, 1.5], inLeaf: [0.5, 1.5] } },
  ),
  material(
    'raw-neem',
    'Cold-pressed neem oil',
    'as oil, and feeding and moulting young',
    'counts as oil; cut it with soap in warm water before it meets the tank',
    ['unclassified', 'emulsifiable-oil'],
    ['cold-pressed, azadirachtin stated in parts per million', 'oil without a label for plants'],
    OIL,
  ),
  material(
    'azadirachtin',
    'Azadirachtin',
    'feeding and moulting young',
    'slow; repeat',
    ['UN', 'soluble'],
    ['1 to 4.5 %, registered for your plant', 'mixes with a second insecticide'],
    { ...BEES, ...ORGANIC },
  ),
  material(
    'soap',
    'Insecticidal soap',
    'crawlers and soft bodies',
    'marks cherry, plum, hawthorn, horse-chestnut, Japanese maple: test a leaf',
    ['unclassified', 'soap'],
    ['about 49 % potassium salts of fatty acids', 'dish soap and detergent'],
    { ...BEES, ...ORGANIC, usual: { dormant: [1, 2], inLeaf: [1, 2] } },
  ),
  material(
    'pyriproxyfen',
    'Pyriproxyfen',
    'young stages',
    'slow; hard on ladybirds, never near the vedalia beetle',
    ['7C', 'flowable'],
    ['registered for your plant', 'mixes with a pyrethroid'],
    SINGLE_SITE,
  ),
  material(
    'buprofezin',
    'Buprofezin',
    'young stages as they moult',
    'slow; hard on ladybirds, never near the vedalia beetle',
    ['16', 'flowable'],
    ['registered for your plant', 'mixes with a pyrethroid'],
    SINGLE_SITE,
  ),
  material(
    'spinosad',
    'Spinosad',
    'leaf-mining larvae, thrips, caterpillars',
    'bees; few uses a year against resistance',
    ['5', 'flowable'],
    ['0.5 % for gardens', 'baits and dusts'],
    { ...BEES, ...ORGANIC, ...SINGLE_SITE },
  ),
  material(
    'bifenthrin',
    'Bifenthrin',
    'crawlers on contact',
    'kills helpers, so that mites flare; bees for days; very poisonous to fish',
    ['3A', 'flowable'],
    ['registered for your plant', 'lawn granules'],
    { ...BEES, ...SINGLE_SITE },
  ),
  material(
    'pyrethrins',
    'Pyrethrins',
    'aphids, whitefly, young caterpillars and crawlers that are wetted',
    'gone within a day; bees and helpers that are wetted; very poisonous to fish and cats',
    ['3A', 'flowable'],
    ['plant extract with its strength stated', 'household fly spray'],
    { ...BEES, ...ORGANIC },
  ),
  material(
    'acetamiprid',
    'Acetamiprid',
    'soft scale, aphids, whitefly, some miners, into the leaf',
    'in pollen and nectar for days; few uses a year; edible plants only if the label names the crop',
    ['4A', 'soluble'],
    ['only where law and label allow your plant', 'mixes with a fungicide'],
    { ...SINGLE_SITE, ...BEES },
  ),
  material(
    'malathion',
    'Malathion',
    'crawlers on contact',
    'kills helpers; bees for days; fish; not with alkaline mixes',
    ['1B', 'flowable'],
    ['registered for your plant', 'old packs: it spoils'],
    { ...BEES, ...SINGLE_SITE },
  ),
  material(
    'imidacloprid',
    'Imidacloprid, as a drench',
    'most soft and felt scale, sap suckers, some miners, through the sap after weeks',
    'pollen, nectar and honeydew carry it; edible plants only if the label names the crop; licensed or ' +
      'banned in many places',
    ['4A', 'soluble'],
    ['only where law and label allow your plant', 'feeds for roses with insecticide in them'],
    DRENCH,
  ),
  material(
    'dinotefuran',
    'Dinotefuran, as a drench',
    'as imidacloprid, within days, and many armored scales',
    'pollen, nectar and honeydew carry it; edible plants only if the label names the crop; licensed or ' +
      'banned in many places',
    ['4A', 'soluble'],
    ['only where law and label allow your plant', 'lawn granules'],
    DRENCH,
  ),
  material(
    'sulfur',
    'Wettable sulfur',
    'mildew, scab, mites',
    'never near an oil spray; not in heat; marks apricot, some grapes and pears',
    ['M02', 'powder'],
    ['about 80 to 90 %, wettable', 'dusting sulfur, mixes with oil'],
    ORGANIC,
  ),
  material(
    'lime-sulfur',
    'Lime sulfur',
    'mildew, scab, mites, in the dormant season',
    'gives off deadly gas with any acid; not near oil; burns skin',
    ['M02', 'flowable'],
    ['about 29 % calcium polysulfide', 'anything acid to mix with it'],
    { ...ORGANIC, licensed: true },
  ),
  material(
    'copper',
    'Fixed copper',
    'leaf curl, shot hole, blight, early scab',
    'marks fruit in slow drying; builds up in soil; fish; not with acids or phosphite',
    ['M01', 'powder'],
    ['metallic copper stated, fixed', 'plain copper sulfate without lime'],
    ORGANIC,
  ),
  material(
    'bordeaux',
    'Bordeaux mix',
    'leaf curl, shot hole, blight, early scab',
    'marks fruit in slow drying; builds up in soil; fish; not with acids or phosphite',
    ['M01', 'powder'],
    ['metallic copper stated, fixed', 'plain copper sulfate without lime'],
    ORGANIC,
  ),
  material(
    'copper-soap',
    'Copper soap (copper octanoate)',
    'leaf curl, blight, mildew and leaf spots, before infection',
    'as copper: marks fruit in slow drying, builds up in soil; fish; not with acids',
    ['M01', 'flowable'],
    ['about 10 % copper octanoate, or ready to use', 'copper sulfate crystals'],
    ORGANIC,
  ),
  material(
    'bicarbonate',
    'Potassium bicarbonate',
    'mildew, some leaf spots, on contact',
    'short; repeat after rain',
    ['NC', 'powder'],
    ['about 85 % potassium bicarbonate', 'baking soda'],
    ORGANIC,
  ),
  material(
    'bacillus',
    'Bacillus strains',
    'mildew, some leaf spots',
    'before it starts; keep cool and use in date',
    ['BM02', 'flowable'],
    ['strain and date stated', 'packs kept warm'],
    ORGANIC,
  ),
  material(
    'captan',
    'Captan',
    'scab, spots, shot hole',
    'not within two weeks of oil, nor with alkaline mixes; eyes',
    ['M04', 'powder'],
    ['about 50 %, wettable', 'mixes with oil or an insecticide'],
  ),
  material(
    'mancozeb',
    'Mancozeb',
    'rusts, scab, spots',
    'long days to harvest; banned in some places',
    ['M03', 'powder'],
    ['only where still allowed', 'mixes with copper unless the label asks it'],
  ),
  material(
    'myclobutanil',
    'Myclobutanil',
    'mildew, scab, rusts, some way into the leaf',
    'few uses a year against resistance',
    ['3', 'flowable'],
    ['registered for your plant', 'mixes with an insecticide'],
    SINGLE_SITE,
  ),
  material(
    'tebuconazole',
    'Tebuconazole',
    'rusts, mildew, black spot, scab, some way into the leaf',
    'few uses a year against resistance; ornamentals only unless the label names the crop',
    ['3', 'flowable'],
    ['registered for your plant', 'mixes with an insecticide'],
    SINGLE_SITE,
  ),
  material(
    'chlorothalonil',
    'Chlorothalonil',
    'scab, leaf spots, shot hole',
    'not within two weeks of oil; eyes and lungs; banned in many places',
    ['M05', 'flowable'],
    ['only where still allowed', 'old packs'],
  ),
  material(
    'phosphite',
    'Potassium phosphite',
    'blights and rots, through the sap',
    'acid: not with copper; burns in heat',
    ['P07', 'soluble'],
    ['registered for your plant', 'plain phosphate feed'],
  ),
  material(
    'acid',
    'Acid water conditioner: vinegar, citric or phosphoric acid',
    'hard water, not pests',
    'with lime sulfur it gives off deadly gas; frees copper',
    ['none', 'soluble'],
    ['made for spray tanks', 'household descaler'],
    ORGANIC,
  ),
  material(
    'fish-seaweed',
    'Fish and seaweed feed',
    'feeds leaves and what lives on them; no pest',
    'often acid; smells; keep it off what is eaten soon',
    ['none', 'soluble'],
    ['cold-processed, acidity stated', 'dried salt fish'],
    ORGANIC,
  ),
  material(
    'fish',
    'Fish hydrolysate',
    'feeds leaves and what lives on them; no pest',
    'acid; smells and draws cats; keep it off what is eaten soon',
    ['none', 'soluble'],
    ['cold-processed, acidity stated', 'dried salt fish, aquarium water with salt'],
    ORGANIC,
  ),
  material(
    'seaweed',
    'Liquid seaweed',
    'feeds leaves in traces; no pest',
    'soft growth draws sap suckers',
    ['none', 'soluble'],
    ['liquid or powder made for leaves, salt stated', 'seaweed off the beach, unrinsed'],
    ORGANIC,
  ),
  material(
    'molasses',
    'Molasses or sugar',
    'feeds what lives on leaves; no pest',
    'brews fed with it can breed bacteria that make people ill: not on parts to be eaten',
    ['none', 'soluble'],
    ['unsulfured molasses, or plain sugar', 'sulfured molasses'],
    ORGANIC,
  ),
  material(
    'microbes',
    'Living microbe culture',
    'takes up room on leaves; how much it keeps out is not proven',
    'dies in warm or chlorinated water, and beside copper or sulfur; used within the day',
    ['none', 'soluble'],
    ['date of filling and what lives in it stated', 'a brew nobody can name'],
    ORGANIC,
  ),
  material(
    'trunk-coat',
    'White trunk coat of kaolin, lime or thinned paint',
    'sunburn and bark cuts; not a pest',
    'no cure for anything',
    ['none', 'powder'],
    ['kaolin, or white water paint thinned by half', 'oil paint'],
    ORGANIC,
  ),
];

const BY_ID = new Map(MATERIALS.map((material) => [material.id, material]));

/** @throws RangeError for an unknown id. */
export function materialById(id: string): Material {
  const material = BY_ID.get(id);
  if (!material) throw new RangeError(`no material "${id}"`);
  return material;
}
