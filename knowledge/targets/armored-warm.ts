import { target, type Target } from './target.ts';

/** Armored scales of warm places and of what stands under glass. */
export const ARMORED_WARM: readonly Target[] = [
  target('armored', {
    id: 'camellia-scale',
    name: 'Camellia scale',
    scientific: 'Lepidosaphes camelliae',
    what: 'Brown mussel-shaped covers on the undersides of camellia leaves, yellow above them; no white fluff.',
    hosts: 'camellia=usually holly=rarely gardenia=rarely magnolia=rarely',
    shelter: 'either',
    signs: 'yellow-speckle=usually crust=sometimes white-flecks=never dieback=sometimes',
    tests: {
      shape: 'oyster=always pear=rarely',
      where: 'leaves=always twigs=rarely',
      crawlers: 'cream=usually yellow=rarely pink=rarely',
    },
    generations: 'several, overlapping',
    winter: 'all stages',
    takenFor: 'tea scale, oystershell scale',
    sits: 'undersides of leaves',
  }),
  target('armored', {
    id: 'false-oleander-scale',
    name: 'False oleander scale',
    scientific: 'Pseudaulacaspis cockerelli',
    what: 'Bright white pear-shaped covers over leaves of magnolia, oleander and many evergreens.',
    hosts:
      'oleander=usually magnolia=usually palm=sometimes cycad=sometimes mango=usually dogwood=rarely ' +
      'holly=rarely euonymus=rarely camellia=rarely ivy=rarely gardenia=rarely',
    elsewhere: 'never',
    shelter: 'either',
    signs: 'white-flecks=usually yellow-speckle=always crust=rarely',
    tests: {
      shape: 'white-oval=always pear=sometimes',
      where: 'leaves=always twigs=rarely',
      crawlers: 'yellow=always',
    },
    generations: 'several, overlapping',
    winter: 'all stages',
    takenFor: 'oleander scale, white prunicola scale',
    sits: 'leaves, both sides',
  }),
  target('armored', {
    id: 'purple-scale',
    name: 'Purple scale',
    scientific: 'Lepidosaphes beckii',
    what: 'Purplish-brown mussel-shaped covers on citrus leaves, twigs and fruit; fruit stays green about them.',
    hosts: 'orange=usually lemon=usually citrus-other=usually kumquat=sometimes calamondin=sometimes',
    shelter: 'either',
    signs: 'yellow-speckle=usually crust=usually white-flecks=never dieback=sometimes',
    tests: {
      shape: 'oyster=always',
      where: 'leaves=usually twigs=sometimes fruit=usually',
      crawlers: 'cream=usually yellow=rarely',
    },
    generations: '3 and more',
    winter: 'all stages',
    takenFor: 'citrus snow scale',
    sits: 'leaves, shaded twigs and fruit, often where two touch',
  }),
  target('armored', {
    id: 'dictyospermum-scale',
    name: 'Dictyospermum scale',
    scientific: 'Chrysomphalus dictyospermi',
    what: 'Flat grey-brown rounds with a coppery middle on the upper side of leaves.',
    hosts:
      'orange=sometimes lemon=sometimes citrus-other=sometimes avocado=usually palm=usually ' +
      'house-plant=sometimes orchid=sometimes ficus=sometimes mango=sometimes bay-laurel=rarely olive=rarely ' +
      'rose=rarely cycad=rarely',
    shelter: 'either',
    signs: 'yellow-speckle=usually crust=sometimes white-flecks=never red-halo=never',
    tests: {
      shape: 'round-cap=usually flat-disc=sometimes',
      where: 'leaves=always twigs=rarely fruit=sometimes',
      crawlers: 'yellow=always',
    },
    generations: '3 and more',
    winter: 'all stages',
    takenFor: 'California red scale',
    sits: 'upper sides of leaves; fruit',
  }),
  target('armored', {
    id: 'florida-red-scale',
    name: 'Florida red scale',
    scientific: 'Chrysomphalus aonidum',
    what: 'Round, nearly black caps with a pale red nipple on leaves, like drawing pins.',
    hosts:
      'orange=usually lemon=usually citrus-other=usually palm=usually bay-laurel=sometimes ficus=sometimes ' +
      'house-plant=sometimes camellia=rarely mango=rarely cycad=rarely kumquat=sometimes',
    shelter: 'either',
    signs: 'yellow-speckle=always crust=sometimes white-flecks=never red-halo=never',
    tests: {
      shape: 'dark-cap=always round-cap=rarely',
      where: 'leaves=always fruit=sometimes twigs=never',
      crawlers: 'yellow=always',
    },
    generations: '4 and more',
    winter: 'all stages',
    takenFor: 'California red scale, dictyospermum scale',
    sits: 'leaves and fruit, not wood',
  }),
  target('armored', {
    id: 'latania-scale',
    name: 'Latania scale',
    scientific: 'Hemiberlesia lataniae',
    what: 'Humped grey-white rounds with a brown nipple off the middle, crusting twigs and leaves.',
    hosts:
      'avocado=usually palm=usually loquat=sometimes guava=sometimes mango=rarely ficus=sometimes ' +
      'house-plant=sometimes orchid=rarely rose=rarely olive=rarely grape=rarely lilly-pilly=rarely feijoa=rarely ' +
      'ivy=rarely passionfruit=rarely gardenia=rarely',
    elsewhere: 'never',
    shelter: 'either',
    signs: 'crust=usually yellow-speckle=sometimes white-flecks=never',
    tests: {
      shape: 'round-cap=always white-oval=rarely',
      where: 'twigs=usually leaves=usually fruit=sometimes old-bark=sometimes',
      crawlers: 'yellow=always',
    },
    generations: '2 and more',
    winter: 'all stages',
    takenFor: 'oleander scale, San Jose scale',
    sits: 'twigs, leaves and fruit',
  }),
  target('armored', {
    id: 'cycad-scale',
    name: 'Cycad scale',
    scientific: 'Aulacaspis yasumatsui',
    what: 'White covers that crust whole fronds of sago palm like frost; fronds yellow, brown and die. On roots too.',
    hosts: 'cycad=always',
    shelter: 'either',
    signs: 'white-flecks=always yellow-speckle=usually crust=usually dieback=usually',
    tests: {
      shape: 'white-oval=always pear=sometimes',
      where: 'leaves=always old-bark=rarely',
      crawlers: 'yellow=usually pink=rarely',
    },
    generations: 'many, overlapping',
    winter: 'all stages',
    takenFor: 'false oleander scale, mealybug',
    sits: 'undersides of fronds, trunk and roots',
    matters: 'at once: a plant can die within a year',
  }),
  target('armored', {
    id: 'olive-parlatoria-scale',
    name: 'Olive parlatoria scale',
    scientific: 'Parlatoria oleae',
    what: 'Grey-white ovals with a dark spot near one end on bark, leaves and fruit; fruit spots turn purple-red.',
    hosts:
      'olive=usually plum=sometimes peach=sometimes almond=rarely apple=sometimes pear=rarely apricot=rarely ' +
      'rose=rarely privet=rarely oleander=rarely lilac=rarely',
    signs: 'red-halo=usually crust=usually white-flecks=rarely dieback=sometimes',
    tests: {
      shape: 'white-oval=always flat-disc=rarely',
      where: 'old-bark=usually twigs=usually leaves=sometimes fruit=usually',
      crawlers: 'pink=always',
    },
    generations: '2 to 3',
    winter: 'mated females on bark',
    takenFor: 'white prunicola scale, San Jose scale',
    sits: 'bark, then leaves and fruit',
  }),
];
