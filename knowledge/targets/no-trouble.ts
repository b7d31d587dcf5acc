import { target, type Target } from './target.ts';

const BARKY =
  'apple=usually pear=usually cherry=usually plum=usually walnut=usually hickory=usually lilac=usually ' +
  'dogwood=usually maple=usually oak=usually ash=usually linden=usually birch=usually beech=usually ' +
  'magnolia=sometimes crape-myrtle=sometimes fig=sometimes quince=sometimes hawthorn=usually ' +
  'peach=sometimes';
const LEAFY =
  'camellia=sometimes lemon=sometimes orange=sometimes citrus-other=sometimes apple=sometimes ' +
  'rose=sometimes spindle=sometimes euonymus=sometimes azalea=sometimes holly=sometimes ' +
  'grape=sometimes boxwood=sometimes crape-myrtle=sometimes fig=sometimes kumquat=sometimes ' +
  'calamondin=sometimes';

/** What is taken for trouble and is none, and those who help. */
export const NO_TROUBLE: readonly Target[] = [
  target('no-trouble', {
    id: 'bark-pores',
    name: 'Bark pores or old scars',
    scientific: 'lenticels',
    what: 'Part of the bark. Nothing lifts, nothing sucks; leave it.',
    hosts: `${BARKY} spindle=sometimes`,
    elsewhere: 'sometimes',
    signs: 'crust=sometimes domes=rarely',
    tests: { where: 'twigs=usually old-bark=usually' },
    takenFor: 'armored scale',
  }),
  target('no-trouble', {
    id: 'lichen',
    name: 'Lichen',
    scientific: 'various',
    what: 'Lives on bark, not from it. It likes light, so it shows where a crown is thin.',
    hosts: BARKY,
    elsewhere: 'sometimes',
    shelter: 'outdoors',
    signs: 'grey-growth=always crust=sometimes',
    tests: { where: 'old-bark=always twigs=sometimes' },
    takenFor: 'scale, disease',
  }),
  target('no-trouble', {
    id: 'oedema',
    name: 'Oedema',
    scientific: 'a disturbance, no disease',
    what: 'Corky bumps where leaves took up more water than they could lose.',
    hosts:
      'camellia=usually fig=rarely hibiscus=sometimes citrus-other=rarely lemon=rarely' +
      ' ivy=sometimes eucalyptus=sometimes ficus=sometimes house-plant=sometimes',
    elsewhere: 'rarely',
    shelter: 'either',
    signs: 'corky-bumps=always',
    tests: { where: 'leaf-surface=always' },
    takenFor: 'rust, scale',
    matters: 'water less in dull weather',
  }),
  target('no-trouble', {
    id: 'spray-burn',
    name: 'Spray or sun burn',
    scientific: 'damage, no disease',
    what:
      'Brown dry patches on the sunny side days after a spray, or in sudden sun. Oil in heat does it, ' +
      'drops of water do not.',
    hosts: LEAFY,
    elsewhere: 'sometimes',
    shelter: 'either',
    signs: 'scorch=always',
    tests: { where: 'leaf-surface=always' },
    takenFor: 'leaf spot',
  }),
  target('no-trouble', {
    id: 'nutrient-pattern',
    name: 'Nutrient pattern or old age of leaves',
    scientific: 'a shortage, no disease',
    what: 'Even yellowing between or along veins, the same on many leaves of an age.',
    hosts: LEAFY,
    elsewhere: 'sometimes',
    shelter: 'either',
    signs: 'yellow-speckle=usually even-pattern=always brown-edges=sometimes',
    tests: { where: 'leaf-surface=always' },
    takenFor: 'scale, mites',
  }),
  target('no-trouble', {
    id: 'spray-residue',
    name: 'Spray residue or dust',
    scientific: 'no living thing',
    what: 'White marks that wipe off and do not come back.',
    hosts: LEAFY,
    elsewhere: 'sometimes',
    shelter: 'either',
    signs: 'white-bloom=sometimes white-flecks=sometimes wipes-off=always',
    tests: { where: 'leaf-surface=always' },
    takenFor: 'mildew, male scale covers',
  }),
  target('no-trouble', {
    id: 'resting-visitors',
    name: 'Insects resting',
    scientific: 'various',
    what: 'Sitting on a plant they do not feed on. No mark beneath, gone tomorrow.',
    hosts: LEAFY,
    elsewhere: 'sometimes',
    signs: 'no-mark=always walks=rarely',
    tests: { lift: 'whole=usually nothing=sometimes', where: 'leaves=usually twigs=sometimes' },
  }),
  target('helper', {
    id: 'ladybird-larvae',
    name: 'Ladybird larvae, white woolly kinds',
    scientific: 'Scymninae, Hyperaspis and others',
    what: 'White woolly larvae that walk fast and eat scale and mealybugs. Keep them.',
    hosts:
      'crape-myrtle=usually magnolia=usually tuliptree=sometimes lemon=usually orange=usually ' +
      'citrus-other=usually camellia=sometimes maple=usually oak=sometimes apple=sometimes ' +
      'spindle=sometimes euonymus=sometimes holly=sometimes pittosporum=sometimes azalea=sometimes ' +
      'linden=sometimes kumquat=sometimes',
    elsewhere: 'rarely',
    shelter: 'either',
    months: [4, 5, 6, 7, 8, 9, 10],
    signs: 'woolly-walkers=always mealy=sometimes',
    takenFor: 'mealybugs',
  }),
  target('helper', {
    id: 'lacewing-eggs',
    name: 'Lacewing eggs',
    scientific: 'Chrysopidae',
    what: 'Tiny eggs on hairs, like pins. The larvae eat aphids and young scale. Keep them.',
    hosts: `${LEAFY} pear=sometimes cherry=sometimes plum=sometimes oak=sometimes maple=sometimes`,
    elsewhere: 'sometimes',
    shelter: 'either',
    months: [4, 5, 6, 7, 8, 9, 10],
    signs: 'stalked-eggs=always',
    takenFor: 'fungus, pest eggs',
  }),
];
