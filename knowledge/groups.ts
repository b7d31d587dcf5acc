import type { TargetGroup } from '#core/identify';

/** What a group is called, in plain words and in the field's, and what it comes to. */
export interface GroupText {
  readonly name: string;
  readonly short: string;
  readonly meaning: string;
}

export const GROUPS: Readonly<Record<TargetGroup, GroupText>> = {
  armored: {
    name: 'Armored scale',
    short: 'armored scale',
    meaning:
      'A separate shield over a soft body. No honeydew. Crawlers settle within days, so the moment is ' +
      'short; most drenches of imidacloprid do not reach it.',
  },
  soft: {
    name: 'Soft scale',
    short: 'soft scale',
    meaning:
      'Cover and body are one. Drips honeydew, feeds sooty mould and ants. Young stay soft for weeks ' +
      'to months, so there is time.',
  },
  felt: {
    name: 'Felt scale',
    short: 'felt scale',
    meaning: 'White felt sacs on bark. Honeydew. The young walk and settle again.',
  },
  giant: {
    name: 'Giant scale',
    short: 'giant scale',
    meaning:
      'A ribbed white egg cushion. A ladybird, the vedalia beetle, does the work; do not spray what ' +
      'kills it.',
  },
  'leaf-miner': {
    name: 'Leaf miner',
    short: 'leaf miner',
    meaning: 'A larva between the skins of the leaf. Contact sprays miss it inside.',
  },
  fungus: {
    name: 'Leaf fungus',
    short: 'leaf fungus',
    meaning: 'Grows on wet or young leaves. Sprays protect, they do not heal spots.',
  },
  'sap-sucker': {
    name: 'Other sap sucker',
    short: 'sap sucker',
    meaning:
      'Walks or flies: aphids, whitefly, mealybugs and their kin. A jet of water, soap and patience do much.',
  },
  mite: {
    name: 'Mite',
    short: 'mite',
    meaning: 'Smaller than a pinhead, worst in dry heat. Broad sprays kill what eats them and make it worse.',
  },
  chewer: {
    name: 'Leaf eater',
    short: 'leaf eater',
    meaning: 'Caterpillars and beetles. Grown plants spare the leaves.',
  },
  bacterium: {
    name: 'Bacterial disease',
    short: 'bacterial disease',
    meaning: 'Enters through blossom and wounds. Cut well below it and clean the blade.',
  },
  'gall-maker': {
    name: 'Gall maker',
    short: 'gall maker',
    meaning:
      'A larva in a swelling of twig or leaf. Sprays do not reach it; cutting galls out before it leaves does.',
  },
  helper: {
    name: 'A helper',
    short: 'helper',
    meaning: 'It eats what troubles the plant. Keep it, and do not spray what kills it.',
  },
  'no-trouble': {
    name: 'No trouble',
    short: 'no trouble',
    meaning: 'Part of the plant or a harmless lodger.',
  },
};
