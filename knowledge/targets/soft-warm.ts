import { target, type Target } from './target.ts';

/** No book of theirs is at hand: they rest on practice. */
const SOURCES = { sourceIds: ['practice'] } as const;

/** What the wax scales share; they are dealt with alike. */
const WAX = {
  ...SOURCES,
  shelter: 'either',
  tests: {
    shape: 'wax=always',
    where: 'twigs=usually leaves=usually',
    press: 'pink-red=usually fluid=sometimes',
    crawlers: 'pink=always',
  },
} as const;

/** Soft scales of warm places and of what stands under glass. */
export const SOFT_WARM: readonly Target[] = [
  target('soft', {
    id: 'fig-wax-scale',
    name: 'Fig wax scale',
    scientific: 'Ceroplastes rusci',
    what: 'Grey-white to pinkish humps of wax in plates, each with a paler middle, on fig leaves and twigs.',
    hosts:
      'fig=usually ficus=rarely bay-laurel=rarely myrtle=rarely citrus-other=rarely mango=rarely palm=rarely',
    ...WAX,
    signs: 'wax-lump=always sticky=usually domes=rarely',
    generations: '2',
    winter: 'young females on twigs',
    takenFor: 'other wax scales',
    sits: 'leaf veins in summer, twigs in winter',
  }),
  target('soft', {
    id: 'pink-wax-scale',
    name: 'Pink wax scale',
    scientific: 'Ceroplastes rubens',
    what: 'Hard pink-red lumps of wax, four-sided with white lines, along midribs and twigs; much mould.',
    hosts:
      'citrus-other=sometimes orange=sometimes lemon=sometimes mango=sometimes lilly-pilly=usually ' +
      'holly=rarely ivy=sometimes ficus=rarely gardenia=rarely pittosporum=sometimes camellia=rarely ' +
      'bay-laurel=rarely avocado=rarely guava=rarely',
    ...WAX,
    signs: 'wax-lump=always sticky=always black-film=always domes=rarely',
    generations: '1 to 2',
    winter: 'adult females, all stages where warm',
    takenFor: 'Florida wax scale',
    sits: 'midribs, leaf stalks and green twigs',
  }),
  target('soft', {
    id: 'white-wax-scale',
    name: 'White wax scale',
    scientific: 'Ceroplastes destructor',
    what: 'Soft wet-looking white lumps of wax crowding twigs of citrus and hedges; much mould.',
    hosts:
      'citrus-other=sometimes orange=sometimes lemon=sometimes gardenia=sometimes pittosporum=sometimes ' +
      'lilly-pilly=sometimes feijoa=rarely guava=rarely persimmon=rarely holly=rarely ivy=rarely',
    ...WAX,
    signs: 'wax-lump=always sticky=usually black-film=usually domes=rarely',
    generations: '1 to 2',
    winter: 'young on leaves and twigs',
    takenFor: 'Indian wax scale, mealybug',
    sits: 'young on midribs, grown ones on twigs',
  }),
  target('soft', {
    ...SOURCES,
    id: 'hemispherical-scale',
    name: 'Hemispherical scale',
    scientific: 'Saissetia coffeae',
    what: 'Shiny smooth brown half balls on ferns, cycads, house plants and evergreens; the young carry an H.',
    hosts:
      'fern=usually house-plant=usually orchid=sometimes cycad=sometimes ficus=sometimes gardenia=usually ' +
      'camellia=rarely oleander=rarely guava=rarely citrus-other=rarely orange=rarely lemon=rarely ' +
      'calamondin=rarely kumquat=rarely ivy=rarely hibiscus=sometimes palm=rarely',
    shelter: 'either',
    signs: 'domes=always sticky=usually h-ridge=rarely',
    tests: {
      shape: 'dome=always',
      where: 'leaves=usually twigs=usually',
      crawlers: 'cream=sometimes pink=sometimes',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
    },
    generations: 'many under cover, 1 to 2 outdoors',
    winter: 'all stages, under cover',
    takenFor: 'black scale, brown soft scale',
    sits: 'midribs, fronds and soft stems',
  }),
];
