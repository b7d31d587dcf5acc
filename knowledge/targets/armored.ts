import { target, type Target } from './target.ts';

export const ARMORED: readonly Target[] = [
  target('armored', {
    id: 'euonymus-scale',
    name: 'Euonymus scale',
    scientific: 'Unaspis euonymi',
    what:
      'Brown pear-shaped females on stems, crowds of white straight-sided males on leaves. Yellow ' +
      'blotches from above, then bare, dying shoots.',
    hosts:
      'spindle=always euonymus=always pachysandra=sometimes lilac=rarely privet=rarely holly=rarely ' +
      'camellia=rarely',
    signs: 'white-flecks=always yellow-speckle=usually dieback=usually',
    tests: {
      shape: 'pear=always white-oval=rarely oyster=rarely',
      where: 'leaves=usually twigs=usually old-bark=rarely',
      crawlers: 'yellow=always',
    },
    generations: '2, a third where summers are long',
    winter: 'mated females on stems',
    sits: 'females on stems and leaf veins, males on leaves',
    takenFor: 'white dust, spray residue, white prunicola scale',
  }),
  target('armored', {
    id: 'san-jose-scale',
    name: 'San Jose scale',
    scientific: 'Comstockaspis perniciosa',
    what:
      'Small grey round covers with a nipple at the centre, crusting bark; red rings on fruit and young ' +
      'bark.',
    hosts:
      'apple=usually pear=usually quince=sometimes plum=usually cherry=sometimes peach=usually ' +
      'apricot=sometimes almond=usually hawthorn=sometimes rose=rarely lilac=rarely currant=sometimes ' +
      'medlar=rarely cotoneaster=sometimes pyracantha=rarely' +
      ' elm=rarely',
    elsewhere: 'rarely',
    signs: 'red-halo=usually white-flecks=never',
    tests: {
      shape: 'round-cap=always pear=rarely',
      where: 'old-bark=usually twigs=usually leaves=rarely fruit=sometimes',
      crawlers: 'yellow=always',
    },
    generations: '2 to 5',
    winter: 'black-cap first stage; adults too where mild',
    sits: 'old wood and young; on fruit in late summer',
    takenFor: 'bark pores, other round scales',
  }),
  target('armored', {
    id: 'oystershell-scale',
    name: 'Oystershell scale',
    scientific: 'Lepidosaphes ulmi',
    what:
      'Brown mussel-shaped covers lying along the bark, often in a crust; eggs beneath dead mothers all ' +
      'winter.',
    hosts:
      'apple=sometimes pear=sometimes lilac=usually dogwood=usually boxwood=sometimes maple=sometimes ' +
      'walnut=rarely spindle=rarely hawthorn=rarely ash=usually willow=sometimes poplar=sometimes ' +
      'cotoneaster=usually blueberry=rarely currant=sometimes viburnum=rarely beech=sometimes' +
      ' elm=sometimes hazelnut=rarely raspberry=rarely plane=rarely horse-chestnut=rarely linden=rarely',
    elsewhere: 'rarely',
    signs: 'white-flecks=never',
    tests: {
      shape: 'oyster=always',
      where: 'old-bark=usually twigs=usually',
      crawlers: 'cream=usually yellow=sometimes',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
      press: 'dry=usually fluid=sometimes',
    },
    generations: '1, in some places 2',
    winter: 'eggs under the cover',
    takenFor: 'bark pores, small twig buds',
    sits: 'bark of twigs and branches, all year',
  }),
  target('armored', {
    id: 'white-prunicola-scale',
    name: 'White peach or white prunicola scale',
    scientific: 'Pseudaulacaspis pentagona, P. prunicola',
    what:
      'Two scales that cannot be told apart in the garden: whitish round covers on bark, white male ' +
      'fluff in masses.',
    hosts:
      'peach=usually plum=sometimes cherry=sometimes apricot=sometimes lilac=sometimes privet=usually ' +
      'cherry-laurel=usually mulberry=usually persimmon=sometimes walnut=rarely spindle=rarely ' +
      'pachysandra=rarely currant=rarely' +
      ' mango=rarely hydrangea=rarely catalpa=rarely',
    elsewhere: 'rarely',
    signs: 'white-flecks=usually yellow-speckle=rarely dieback=usually',
    tests: {
      shape: 'white-oval=usually round-cap=sometimes',
      where: 'old-bark=usually twigs=usually',
      crawlers: 'pink=sometimes yellow=sometimes cream=sometimes',
    },
    generations: '3 to 4',
    winter: 'mated females on bark',
    takenFor: 'euonymus scale, lichen, woolly aphid',
    sits: 'bark of trunk and branches',
  }),
  target('armored', {
    id: 'pine-needle-scale',
    name: 'Pine needle scale',
    scientific: 'Chionaspis pinifoliae',
    what: 'White narrow covers on needles, as if flecked with paint; red eggs beneath in winter.',
    hosts: 'pine=always spruce=sometimes' + ' hemlock=rarely',
    signs: 'white-flecks=always crust=rarely',
    tests: {
      shape: 'white-oval=always oyster=sometimes',
      where: 'leaves=always',
      crawlers: 'pink=always',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
    },
    generations: '1 to 2',
    winter: 'eggs under the cover',
    takenFor: 'resin, paint splash',
    sits: 'needles, old and new',
  }),
  target('armored', {
    id: 'juniper-scale',
    name: 'Juniper scale',
    scientific: 'Carulaspis juniperi',
    what: 'Tiny white rounds with a yellow middle on needles and cones; foliage dulls and yellows.',
    hosts: 'juniper=always' + ' arborvitae=sometimes',
    signs: 'crust=rarely yellow-speckle=usually',
    tests: {
      shape: 'round-cap=usually white-oval=sometimes flat-disc=rarely',
      where: 'leaves=always',
      crawlers: 'yellow=always',
    },
    generations: '1',
    winter: 'mated females',
    takenFor: 'drought, mites',
    sits: 'needles and small cones',
  }),
  target('armored', {
    id: 'california-red-scale',
    name: 'California red scale',
    scientific: 'Aonidiella aurantii',
    what: 'Reddish round covers on leaves, twigs and fruit of citrus; leaves yellow round each.',
    hosts:
      'lemon=usually orange=usually citrus-other=usually kumquat=sometimes calamondin=sometimes ' +
      'rose=rarely bay-laurel=rarely' +
      ' guava=rarely olive=rarely eucalyptus=rarely ficus=rarely',
    shelter: 'either',
    signs: 'white-flecks=never yellow-speckle=usually',
    tests: {
      shape: 'round-cap=always flat-disc=rarely',
      where: 'leaves=usually twigs=usually fruit=sometimes',
      crawlers: 'yellow=always',
    },
    generations: '3 and more',
    winter: 'all stages',
    takenFor: 'other round scales of citrus',
    sits: 'leaves, twigs and fruit alike',
  }),
  target('armored', {
    id: 'citrus-snow-scale',
    name: 'Citrus snow scale',
    scientific: 'Unaspis citri',
    what: 'White males like snow on trunk and branches of citrus; brown females with a ridge; bark splits.',
    hosts: 'orange=usually lemon=sometimes citrus-other=usually kumquat=rarely',
    signs: 'white-flecks=always dieback=usually yellow-speckle=rarely',
    tests: {
      shape: 'oyster=usually pear=sometimes white-oval=rarely',
      where: 'old-bark=always twigs=sometimes leaves=rarely',
      crawlers: 'yellow=always',
    },
    generations: 'several, overlapping',
    winter: 'all stages',
    takenFor: 'lichen, whitewash',
    sits: 'trunk and main branches; leaves and fruit when crowded',
  }),
  target('armored', {
    id: 'oleander-scale',
    name: 'Oleander scale',
    scientific: 'Aspidiotus nerii',
    what: 'Flat pale discs with a yellow middle on leaves of many evergreens.',
    hosts:
      'oleander=usually bay-laurel=usually olive=sometimes lemon=sometimes holly=rarely ' +
      'cherry-laurel=sometimes camellia=rarely' +
      ' avocado=sometimes palm=usually cycad=usually ivy=usually ficus=sometimes mango=sometimes house-plant=sometimes orchid=sometimes magnolia=rarely mahonia=rarely',
    elsewhere: 'rarely',
    shelter: 'either',
    signs: 'white-flecks=rarely yellow-speckle=usually crust=sometimes',
    tests: {
      shape: 'flat-disc=always round-cap=rarely',
      where: 'leaves=always twigs=sometimes',
      crawlers: 'yellow=always',
    },
    generations: 'several, overlapping',
    winter: 'all stages',
    takenFor: 'young soft scale',
    sits: 'leaves, both sides; stems and fruit when crowded',
  }),
  target('armored', {
    id: 'tea-scale',
    name: 'Tea scale',
    scientific: 'Fiorinia theae',
    what:
      'Brown boat-shaped females under camellia and holly leaves among white male fluff; yellow blotches ' +
      'above.',
    hosts: 'camellia=always holly=sometimes euonymus=rarely gardenia=rarely',
    signs: 'white-flecks=usually yellow-speckle=always crust=rarely',
    tests: {
      lift: 'nothing=usually cover-only=sometimes whole=sometimes',
      shape: 'oyster=always pear=rarely',
      where: 'leaves=always',
      crawlers: 'yellow=always',
    },
    generations: 'many, overlapping',
    winter: 'all stages',
    takenFor: 'euonymus scale',
    confirmedBy:
      'boat shape with a ridge: the female stays inside her own hardened skin, so the lift test misleads',
    sits: 'undersides of leaves',
  }),
  target('armored', {
    id: 'obscure-scale',
    name: 'Obscure scale',
    scientific: 'Melanaspis obscura',
    what: 'Grey rounds the colour of oak bark, in overlapping crusts; branches die back.',
    hosts: 'oak=usually hickory=sometimes walnut=rarely beech=rarely' + ' elm=rarely',
    signs: 'crust=always dieback=usually white-flecks=never yellow-speckle=rarely',
    tests: {
      shape: 'round-cap=always',
      where: 'old-bark=always twigs=sometimes',
      crawlers: 'cream=sometimes yellow=sometimes',
    },
    generations: '1',
    winter: 'immatures',
    takenFor: 'bark',
    sits: 'old wood, even when thriving',
  }),
  target('armored', {
    id: 'walnut-scale',
    name: 'Walnut scale',
    scientific: 'Diaspidiotus juglansregiae',
    what: "Grey-brown rounds on bark, young ones crowding under the mother's edge like petals.",
    hosts:
      'walnut=usually hickory=sometimes maple=sometimes linden=sometimes apple=rarely holly=rarely ' +
      'dogwood=rarely' +
      ' elm=rarely horse-chestnut=rarely',
    signs: 'crust=always dieback=sometimes white-flecks=never',
    tests: { shape: 'round-cap=always', where: 'old-bark=always twigs=sometimes', crawlers: 'yellow=always' },
    generations: '1 to 2',
    winter: 'second-stage young',
    takenFor: 'San Jose scale, bark',
    sits: 'bark of trunk and larger branches',
  }),
  target('armored', {
    id: 'gloomy-scale',
    name: 'Gloomy scale',
    scientific: 'Melanaspis tenebricosa',
    what: 'Grey rounds the colour of bark on maples, worst in hot streets; branches rough, then bare.',
    hosts: 'maple=usually elm=rarely linden=rarely poplar=rarely japanese-maple=rarely sugar-maple=sometimes',
    signs: 'crust=always dieback=usually white-flecks=never yellow-speckle=rarely',
    tests: {
      shape: 'round-cap=always',
      where: 'old-bark=always twigs=sometimes',
      crawlers: 'yellow=usually cream=sometimes',
    },
    generations: '1, hatching for weeks',
    winter: 'mated females',
    takenFor: 'bark, walnut scale',
    sits: 'bark of trunk and branches',
  }),
  target('armored', {
    id: 'japanese-maple-scale',
    name: 'Japanese maple scale',
    scientific: 'Lopholeucaspis japonica',
    what: 'Small mussel-shaped covers dusted white on bark of many trees and shrubs; purple bodies and crawlers.',
    hosts:
      'japanese-maple=usually maple=sometimes dogwood=sometimes magnolia=sometimes holly=sometimes ' +
      'privet=sometimes linden=sometimes redbud=sometimes pyracantha=sometimes euonymus=rarely camellia=rarely ' +
      'cotoneaster=rarely cherry=rarely boxwood=rarely elm=rarely',
    signs: 'crust=always white-flecks=sometimes dieback=usually',
    tests: {
      shape: 'oyster=always white-oval=rarely',
      where: 'old-bark=usually twigs=usually leaves=rarely',
      press: 'pink-red=usually fluid=sometimes dry=sometimes',
      crawlers: 'pink=always',
    },
    generations: '1 to 2, overlapping',
    winter: 'immatures and some mated females',
    takenFor: 'oystershell scale',
    sits: 'bark of trunk, branches and twigs',
  }),
  target('armored', {
    id: 'rose-scale',
    name: 'Rose scale',
    scientific: 'Aulacaspis rosae',
    what: 'Flat white rounds and white flecks on old canes of roses and brambles, low down and in shade.',
    hosts: 'rose=usually raspberry=usually',
    signs: 'white-flecks=always crust=usually dieback=sometimes yellow-speckle=rarely',
    tests: {
      shape: 'white-oval=always flat-disc=rarely',
      where: 'old-bark=always twigs=sometimes',
      crawlers: 'pink=always',
    },
    generations: '1 to 3',
    winter: 'females and eggs',
    takenFor: 'whitewash, mildew',
    sits: 'canes, most at the base',
  }),
];
