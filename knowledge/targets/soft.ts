import { target, type Target } from './target.ts';

export const SOFT: readonly Target[] = [
  target('soft', {
    id: 'brown-soft-scale',
    name: 'Brown soft scale',
    scientific: 'Coccus hesperidum',
    what:
      'Flat, see-through to brown ovals along midribs and green stems, all sizes together, with plenty ' +
      'of honeydew.',
    hosts:
      'lemon=usually orange=usually citrus-other=usually calamondin=usually kumquat=usually ' +
      'camellia=usually bay-laurel=usually holly=sometimes pittosporum=sometimes fig=sometimes ' +
      'cherry-laurel=rarely azalea=rarely gardenia=sometimes oleander=sometimes hibiscus=sometimes' +
      ' ficus=usually ivy=usually house-plant=usually fern=sometimes orchid=usually palm=sometimes passionfruit=sometimes avocado=sometimes mango=sometimes guava=sometimes loquat=sometimes lilly-pilly=sometimes feijoa=sometimes cycad=rarely',
    elsewhere: 'rarely',
    shelter: 'either',
    signs: 'sticky=always ants=usually domes=sometimes',
    tests: {
      shape: 'flat-oval=always dome=rarely',
      where: 'leaves=usually twigs=usually',
      crawlers: 'yellow=usually cream=sometimes',
    },
    generations: 'many, overlapping',
    winter: 'all stages, under cover',
    takenFor: 'cottony camellia scale before its sacs show',
    sits: 'midribs and green stems, all sizes together, all year',
  }),
  target('soft', {
    id: 'black-scale',
    name: 'Black scale',
    scientific: 'Saissetia oleae',
    what: 'Dark domes with ridges like an H on twigs of olive, citrus and many evergreens.',
    hosts:
      'olive=always orange=usually lemon=usually citrus-other=usually oleander=usually fig=sometimes ' +
      'bay-laurel=rarely pomegranate=rarely camellia=rarely' +
      ' lilly-pilly=sometimes ficus=sometimes loquat=sometimes guava=rarely feijoa=rarely avocado=rarely ivy=rarely gardenia=sometimes',
    shelter: 'either',
    signs: 'sticky=always black-film=always h-ridge=always domes=always ants=usually',
    tests: {
      shape: 'dome=always',
      where: 'twigs=always leaves=rarely',
      crawlers: 'pink=sometimes yellow=sometimes',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
    },
    generations: '1 to 2',
    winter: 'young on leaves and twigs',
    takenFor: 'lecanium',
    sits: 'young on leaves and green twigs, grown ones on twigs',
  }),
  target('soft', {
    id: 'european-fruit-lecanium',
    name: 'European fruit lecanium',
    scientific: 'Parthenolecanium corni',
    what:
      'Shiny brown domes like half peas on twigs; flat young on leaves in summer, back on twigs before ' +
      'leaf fall.',
    hosts:
      'apple=sometimes pear=sometimes plum=usually peach=sometimes apricot=sometimes grape=sometimes ' +
      'walnut=sometimes currant=sometimes oak=rarely maple=rarely hawthorn=sometimes rose=sometimes ' +
      'dogwood=rarely magnolia=rarely ash=rarely linden=rarely' +
      ' hazelnut=usually raspberry=rarely elm=sometimes plane=rarely beech=rarely blueberry=sometimes',
    elsewhere: 'rarely',
    signs: 'domes=always',
    tests: {
      shape: 'dome=always flat-oval=rarely',
      where: 'twigs=always leaves=rarely',
      crawlers: 'cream=usually yellow=sometimes pink=rarely',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
      press: 'fluid=sometimes dry=usually',
    },
    generations: '1',
    winter: 'second-stage young on twigs',
    takenFor: 'calico scale, galls',
    sits: 'young on the undersides of leaves in summer; twigs from before leaf fall to early summer',
    seasonal: [
      {
        months: [6, 7, 8, 9],
        tests: {
          where: 'leaves=always twigs=sometimes',
          'turn-over': 'empty=usually body=sometimes eggs=rarely',
        },
      },
    ],
  }),
  target('soft', {
    id: 'oak-lecanium',
    name: 'Oak lecanium',
    scientific: 'Parthenolecanium quercifex',
    what: 'Brown domes on oak twigs, dripping in late spring; the old shells stay for years.',
    hosts: 'oak=usually hickory=rarely birch=rarely persimmon=rarely',
    signs: 'domes=always sticky=usually',
    tests: {
      shape: 'dome=always',
      where: 'twigs=always leaves=rarely',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
      crawlers: 'pink=sometimes cream=sometimes',
    },
    generations: '1',
    winter: 'second-stage young on twigs',
    takenFor: 'other lecaniums, galls',
    sits: 'young on the undersides of leaves in summer; twigs from before leaf fall to early summer',
    seasonal: [
      {
        months: [6, 7, 8, 9],
        tests: {
          where: 'leaves=always twigs=sometimes',
          'turn-over': 'empty=usually body=sometimes eggs=rarely',
        },
      },
    ],
  }),
  target('soft', {
    id: 'calico-scale',
    name: 'Calico scale',
    scientific: 'Eulecanium cerasorum',
    what:
      'Round domes patterned dark and cream in spring, turning plain brown; heavy honeydew under shade ' +
      'trees.',
    hosts:
      'maple=usually magnolia=sometimes dogwood=sometimes linden=sometimes redbud=sometimes ' +
      'pear=rarely cherry=sometimes walnut=rarely' +
      ' elm=rarely',
    signs: 'sticky=always domes=always',
    tests: {
      shape: 'dome=always',
      where: 'twigs=usually leaves=sometimes old-bark=sometimes',
      crawlers: 'cream=sometimes yellow=usually',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
    },
    generations: '1',
    winter: 'second-stage young on twigs',
    takenFor: 'lecanium',
    sits:
      'young on the undersides of leaves in summer; twigs and branches from before leaf fall to early ' +
      'summer',
    seasonal: [
      {
        months: [6, 7, 8, 9],
        tests: {
          where: 'leaves=always twigs=sometimes',
          'turn-over': 'empty=usually body=sometimes eggs=rarely',
        },
      },
    ],
  }),
  target('soft', {
    id: 'cottony-maple-scale',
    name: 'Cottony maple scale',
    scientific: 'Neopulvinaria innumerabilis',
    what: 'Flat brown insects on twigs that push out cottony sacs like popcorn in early summer.',
    hosts:
      'maple=usually linden=sometimes dogwood=rarely grape=rarely hickory=rarely beech=rarely' +
      ' elm=rarely plane=rarely',
    signs: 'cotton-sac=always domes=rarely',
    tests: {
      shape: 'flat-oval=sometimes sac=usually',
      where: 'twigs=always leaves=rarely',
      'turn-over': 'eggs=usually body=sometimes empty=rarely',
      crawlers: 'cream=usually yellow=sometimes',
    },
    generations: '1',
    winter: 'immature mated females on twigs',
    takenFor: 'mealybug, woolly aphid',
    sits: 'young on leaves along the veins in summer; twigs from before leaf fall to early summer',
    seasonal: [
      { months: [7, 8, 9], signs: 'cotton-sac=sometimes', tests: { where: 'leaves=always twigs=sometimes' } },
    ],
  }),
  target('soft', {
    id: 'cottony-camellia-scale',
    name: 'Cottony camellia scale',
    scientific: 'Pulvinaria floccifera',
    what: 'Flat tan insects under leaves, each leaving a long cottony egg sac in early summer.',
    hosts:
      'camellia=usually holly=sometimes yew=sometimes euonymus=rarely pittosporum=sometimes ' +
      'azalea=sometimes hydrangea=rarely',
    signs: 'cotton-sac=usually domes=sometimes',
    tests: {
      shape: 'flat-oval=usually sac=sometimes',
      where: 'leaves=always twigs=sometimes',
      crawlers: 'yellow=usually cream=sometimes',
    },
    generations: '1',
    winter: 'young on leaves and twigs',
    takenFor: 'mealybug, cottony cushion scale',
    sits: 'undersides of leaves; some over winter on twigs',
  }),
  target('soft', {
    id: 'florida-wax-scale',
    name: 'Florida wax scale',
    scientific: 'Ceroplastes floridensis',
    what: 'Pinkish-white blunt lumps of wax, star-shaped when young, along leaf veins and twigs.',
    hosts:
      'citrus-other=sometimes orange=sometimes holly=sometimes camellia=rarely indian-hawthorn=rarely ' +
      'bay-laurel=rarely' +
      ' avocado=sometimes mango=sometimes loquat=rarely gardenia=rarely ficus=rarely',
    signs: 'wax-lump=always domes=rarely',
    tests: {
      shape: 'wax=always',
      where: 'leaves=usually twigs=sometimes',
      press: 'pink-red=usually fluid=sometimes',
      crawlers: 'pink=always',
    },
    generations: '2 to 3',
    winter: 'adult females',
    takenFor: 'Indian wax scale',
    sits: 'leaf veins when young, twigs later',
  }),
  target('soft', {
    id: 'indian-wax-scale',
    name: 'Indian wax scale',
    scientific: 'Ceroplastes ceriferus',
    what: 'Large white lumps of wet-looking wax with a horn, on twigs.',
    hosts:
      'holly=usually euonymus=sometimes boxwood=sometimes camellia=sometimes pyracantha=sometimes ' +
      'spindle=rarely' +
      ' gardenia=rarely lilly-pilly=rarely loquat=rarely',
    signs: 'wax-lump=always domes=rarely',
    tests: {
      shape: 'wax=always',
      where: 'twigs=always leaves=rarely',
      press: 'pink-red=usually fluid=sometimes',
      crawlers: 'pink=always',
    },
    generations: '1',
    winter: 'adult females',
    takenFor: 'Florida wax scale, bird droppings',
    sits: 'twigs',
  }),
  target('soft', {
    id: 'tuliptree-scale',
    name: 'Tuliptree scale',
    scientific: 'Toumeyella liriodendri',
    what: 'Large helmet-shaped grey-green to pinkish domes crowding twigs, raining honeydew in late summer.',
    hosts: 'tuliptree=always magnolia=sometimes linden=rarely',
    signs: 'sticky=always black-film=always domes=always ants=usually',
    tests: { shape: 'dome=always', where: 'twigs=always', crawlers: 'pink=always' },
    generations: '1',
    winter: 'young on young twigs',
    takenFor: 'magnolia scale',
    sits: 'twigs and small branches, all year',
  }),
  target('soft', {
    id: 'magnolia-scale',
    name: 'Magnolia scale',
    scientific: 'Neolecanium cornuparvum',
    what:
      'The largest: pinkish domes to 12 mm (half an inch), dusted white, on magnolia twigs; bears live young in late ' +
      'summer.',
    hosts: 'magnolia=always',
    signs: 'sticky=always black-film=always domes=always',
    tests: { shape: 'dome=always', where: 'twigs=always', crawlers: 'pink=usually cream=rarely' },
    generations: '1',
    winter: 'young on young twigs',
    takenFor: 'tuliptree scale',
    sits: 'young twigs, one and two years old, all year',
  }),
  target('soft', {
    id: 'horse-chestnut-scale',
    sourceIds: ['practice'],
    name: 'Horse-chestnut scale',
    scientific: 'Pulvinaria regalis',
    what: 'Round white cushions, each capped by a brown disc, on trunks and branches in early summer.',
    hosts:
      'horse-chestnut=usually linden=usually maple=sometimes magnolia=sometimes bay-laurel=sometimes ' +
      'dogwood=rarely elm=sometimes willow=rarely japanese-maple=rarely',
    signs: 'cotton-sac=always domes=sometimes sticky=sometimes black-film=rarely',
    tests: {
      shape: 'sac=usually flat-oval=sometimes',
      where: 'old-bark=always twigs=sometimes leaves=rarely',
      'turn-over': 'eggs=usually body=sometimes empty=rarely',
      crawlers: 'cream=usually yellow=sometimes',
    },
    generations: '1',
    winter: 'young on twigs',
    takenFor: 'fungus, cottony maple scale',
    sits: 'trunk and main branches in early summer, leaves in summer, twigs in winter',
    matters: 'looks only; big trees bear it',
    seasonal: [
      {
        months: [7, 8, 9, 10],
        signs: 'cotton-sac=sometimes',
        tests: { where: 'leaves=always twigs=sometimes' },
      },
    ],
  }),
  target('soft', {
    id: 'hydrangea-scale',
    sourceIds: ['practice'],
    name: 'Hydrangea scale',
    scientific: 'Pulvinaria hydrangeae',
    what: 'Oval white egg sacs on stems and under leaves of hydrangea in early summer; brown flat insects after.',
    hosts: 'hydrangea=usually viburnum=rarely cherry=rarely hawthorn=rarely',
    signs: 'cotton-sac=usually domes=sometimes sticky=usually',
    tests: {
      shape: 'flat-oval=usually sac=usually',
      where: 'leaves=usually twigs=usually',
      'turn-over': 'eggs=usually body=sometimes empty=rarely',
      crawlers: 'yellow=usually cream=sometimes',
    },
    generations: '1',
    winter: 'young on stems',
    takenFor: 'mealybug, cottony cushion scale',
    sits: 'leaves in summer, stems from autumn',
  }),
  target('soft', {
    id: 'spruce-bud-scale',
    name: 'Spruce bud scale',
    scientific: 'Physokermes piceae',
    what: 'Brown balls like buds, in clusters where spruce twigs branch; mould below, lower branches die.',
    hosts: 'spruce=usually',
    signs: 'domes=always sticky=usually black-film=usually dieback=usually',
    tests: {
      shape: 'dome=always',
      where: 'twigs=always leaves=rarely',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
      crawlers: 'pink=usually cream=sometimes',
    },
    generations: '1',
    winter: 'young under needles and at twig bases',
    takenFor: 'buds',
    sits: 'bases of young twigs',
  }),
];
