import { target, type Target } from './target.ts';

export const FELT_AND_GIANT: readonly Target[] = [
  target('felt', {
    id: 'crapemyrtle-bark-scale',
    name: 'Crapemyrtle bark scale',
    scientific: 'Acanthococcus lagerstroemiae',
    what: 'White felt sacs in bark scars and forks that smear pink when pressed; black mould below.',
    hosts: 'crape-myrtle=always pomegranate=rarely privet=rarely',
    tests: { where: 'old-bark=always twigs=sometimes' },
    generations: '2 to 4',
    winter: 'mixed, in bark',
    takenFor: 'mealybug, white prunicola scale',
    sits: 'bark: crotches, pruning cuts, trunk; crowded twigs',
  }),
  target('felt', {
    id: 'azalea-bark-scale',
    name: 'Azalea bark scale',
    scientific: 'Acanthococcus azaleae',
    what: 'White felt sacs in twig forks of azalea; leaves blacken with mould.',
    hosts: 'azalea=usually hawthorn=rarely',
    tests: { where: 'old-bark=usually twigs=usually' },
    generations: '1 to 2',
    winter: 'young on bark',
    takenFor: 'mealybug',
    sits: 'bark crotches and axils of twigs',
  }),
  target('giant', {
    id: 'cottony-cushion-scale',
    name: 'Cottony cushion scale',
    scientific: 'Icerya purchasi',
    what:
      'Orange-brown insects that grow a white ridged cushion twice their length. The vedalia beetle ' +
      'keeps it down unless sprays kill the beetle.',
    hosts:
      'lemon=sometimes orange=sometimes citrus-other=sometimes kumquat=sometimes calamondin=sometimes ' +
      'pittosporum=usually magnolia=rarely rose=rarely bay-laurel=rarely' +
      ' lilly-pilly=rarely mango=rarely guava=rarely fig=rarely',
    elsewhere: 'rarely',
    shelter: 'either',
    tests: { where: 'twigs=usually old-bark=sometimes leaves=sometimes' },
    generations: '2 to 3',
    winter: 'all stages',
    takenFor: 'mealybug, cottony camellia scale',
    sits: 'young along leaf veins, grown ones on twigs and branches',
  }),
  target('felt', {
    id: 'european-elm-scale',
    name: 'European elm scale',
    scientific: 'Gossyparia spuria',
    what: 'Dark oval bodies in a white fringe, packed into bark crevices of elm; honeydew and yellow leaves.',
    hosts: 'elm=usually',
    signs: 'white-felt=sometimes crust=sometimes',
    tests: {
      where: 'old-bark=always twigs=usually leaves=rarely',
      shape: 'fringed=always sac=rarely',
      press: 'pink-red=usually fluid=sometimes dry=rarely',
      crawlers: 'yellow=always',
      'turn-over': 'body=usually eggs=rarely empty=sometimes',
    },
    generations: '1',
    winter: 'second-stage young in bark crevices',
    takenFor: 'mealybug, oystershell scale',
    sits: 'forks and undersides of branches; young on leaf veins in summer',
  }),
];
