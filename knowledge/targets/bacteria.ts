import { target, type Target } from './target.ts';

/** Diseases by bacteria; several are to be reported. */
export const BACTERIA: readonly Target[] = [
  target('bacterium', {
    id: 'fire-blight',
    name: 'Fire blight',
    scientific: 'Erwinia amylovora',
    what: 'Shoots blacken and bend like a hook, as if burnt; ooze on warm damp days.',
    hosts:
      'pear=usually apple=sometimes quince=usually hawthorn=usually pyracantha=usually ' +
      'cotoneaster=usually medlar=sometimes' +
      ' loquat=sometimes raspberry=rarely',
    months: [4, 5, 6, 7],
    signs: 'hooked-shoot=always brown-blossom=sometimes',
    report: true,
    winter: 'cankers',
  }),
  target('bacterium', {
    id: 'bacterial-spot',
    name: 'Bacterial spot and canker',
    scientific: 'Xanthomonas, Pseudomonas',
    what: 'Angular spots that may fall out, sunken gummy cankers.',
    hosts:
      'cherry=sometimes plum=sometimes peach=sometimes apricot=sometimes lilac=usually walnut=sometimes' +
      ' almond=sometimes hazelnut=sometimes magnolia=rarely mango=rarely cherry-laurel=sometimes',
    months: [4, 5, 6, 7, 8],
    signs: 'shot-holes=usually dieback=always yellow-speckle=sometimes',
    tests: { where: 'leaf-surface=usually twigs=usually' },
  }),
  target('bacterium', {
    id: 'walnut-blight',
    name: 'Walnut blight',
    scientific: 'Xanthomonas arboricola pv. juglandis',
    what: 'Black sunken patches on young nuts, dark angular spots on leaves, black catkins after wet springs.',
    hosts: 'walnut=usually hickory=rarely',
    months: [4, 5, 6, 7, 8],
    signs: 'angular-spots=usually fruit-rot=always dieback=sometimes',
    tests: { where: 'fruit=usually leaf-surface=usually twigs=rarely' },
    winter: 'buds and twigs',
    takenFor: 'walnut anthracnose, husk fly',
    matters: 'before leaves open, in wet springs only; nothing cures spots',
  }),
  target('bacterium', {
    id: 'citrus-canker',
    name: 'Citrus canker',
    scientific: 'Xanthomonas citri',
    what: 'Raised corky craters with a yellow halo on leaves, fruit and twigs, felt on both sides of the leaf.',
    hosts: 'citrus-other=sometimes lemon=sometimes orange=sometimes kumquat=rarely calamondin=rarely',
    signs: 'crater-spots=always yellow-speckle=sometimes dieback=rarely corky-warts=rarely',
    tests: { where: 'leaf-surface=usually fruit=usually' },
    winter: 'spots on the tree',
    takenFor: 'citrus scab, leaf miner damage',
    report: true,
    matters: 'report it; do not carry leaves, fruit or tools to another tree',
  }),
  target('bacterium', {
    id: 'citrus-greening',
    name: 'Citrus greening',
    scientific: 'Candidatus Liberibacter species',
    what: 'Lopsided yellow mottle across the veins, thin yellow shoots, small lopsided bitter fruit.',
    hosts: 'orange=sometimes lemon=sometimes citrus-other=sometimes kumquat=sometimes calamondin=sometimes',
    signs: 'lopsided-yellow=always dieback=usually yellow-speckle=sometimes twisted-growth=rarely',
    tests: { where: 'leaf-surface=usually twigs=sometimes' },
    winter: 'in the tree',
    takenFor: 'a shortage of zinc or iron',
    report: true,
    matters: 'report it; nothing cures a tree, and a small insect carries it on',
  }),
];
