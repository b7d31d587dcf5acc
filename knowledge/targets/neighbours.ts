import { target, type Target } from './target.ts';

const WARM = [4, 5, 6, 7, 8, 9, 10];
const MANY_LEAFY =
  'rose=usually apple=usually plum=usually cherry=usually peach=usually lemon=usually orange=usually ' +
  'citrus-other=usually hibiscus=usually camellia=sometimes spindle=usually viburnum=usually ' +
  'maple=usually linden=usually oak=sometimes currant=usually crape-myrtle=usually magnolia=rarely ' +
  'pittosporum=sometimes tuliptree=sometimes birch=usually walnut=sometimes kumquat=usually ' +
  'calamondin=usually euonymus=sometimes willow=sometimes pear=sometimes';

/** Other troubles met on the same plants: each is a watch of its own. */
export const NEIGHBOURS: readonly Target[] = [
  target('sap-sucker', {
    id: 'aphids',
    name: 'Aphids',
    scientific: 'Aphididae',
    what: 'Soft little insects crowding tips and young leaves, which curl; sticky, with ants.',
    hosts:
      MANY_LEAFY +
      ' ivy=usually palm=rarely fern=rarely cycad=rarely orchid=sometimes elm=usually hazelnut=usually raspberry=usually',
    elsewhere: 'sometimes',
    shelter: 'either',
    months: WARM,
    signs: 'soft-clusters=always sticky=usually black-film=sometimes ants=usually rolled-edge=usually',
    tests: { where: 'leaves=always twigs=sometimes' },
    winter: 'eggs by the buds',
  }),
  target('sap-sucker', {
    id: 'whitefly',
    name: 'Whitefly',
    scientific: 'Aleyrodidae',
    what: 'Tiny white flies rise when shaken; flat pale young under leaves; sticky.',
    hosts:
      'lemon=usually orange=usually citrus-other=usually calamondin=usually kumquat=usually ' +
      'gardenia=usually hibiscus=usually camellia=sometimes azalea=sometimes viburnum=rarely ' +
      'bay-laurel=rarely fig=sometimes' +
      ' guava=usually avocado=sometimes passionfruit=sometimes ficus=sometimes',
    elsewhere: 'rarely',
    shelter: 'either',
    signs: 'white-flies=always sticky=usually black-film=usually white-flecks=rarely',
    tests: {
      lift: 'nothing=sometimes whole=usually',
      where: 'leaves=always',
      shape: 'flat-oval=usually none=sometimes',
    },
    winter: 'young under leaves',
  }),
  target('sap-sucker', {
    id: 'mealybug',
    name: 'Mealybug',
    scientific: 'Pseudococcidae',
    what: 'White mealy insects with legs in leaf angles; they walk off when touched.',
    hosts:
      'camellia=usually lemon=usually orange=usually citrus-other=usually calamondin=usually ' +
      'kumquat=usually gardenia=sometimes fig=sometimes grape=sometimes hibiscus=usually ' +
      'bay-laurel=sometimes oleander=sometimes pittosporum=rarely crape-myrtle=rarely' +
      ' house-plant=usually orchid=usually ficus=usually cycad=sometimes palm=sometimes passionfruit=usually guava=usually avocado=sometimes mango=sometimes fern=sometimes ivy=rarely feijoa=rarely',
    elsewhere: 'rarely',
    shelter: 'either',
    signs:
      'mealy=always sticky=usually black-film=usually ants=usually cotton-sac=sometimes white-felt=rarely',
    tests: {
      lift: 'whole=always',
      press: 'pink-red=sometimes fluid=sometimes',
      where: 'leaves=usually twigs=usually',
      shape: 'sac=sometimes none=sometimes',
    },
    winter: 'all stages, under cover',
  }),
  target('sap-sucker', {
    id: 'psyllids',
    name: 'Psyllids',
    scientific: 'Psylloidea',
    what: 'Jumping plant lice; waxy tails or curled, pitted leaves; sticky.',
    hosts:
      'pear=usually olive=sometimes bay-laurel=usually boxwood=usually lemon=rarely orange=rarely' +
      ' lilly-pilly=usually eucalyptus=usually citrus-other=rarely',
    months: WARM,
    shelter: 'either',
    signs: 'sticky=usually black-film=sometimes rolled-edge=usually galls=rarely mealy=rarely',
    report: true,
    takenFor: 'aphids',
    matters: 'on citrus: report it, it can carry citrus greening',
  }),
  target('sap-sucker', {
    id: 'lace-bugs',
    name: 'Lace bugs',
    scientific: 'Tingidae',
    what: 'Stippled leaves with varnish-black dots beneath; flat insects with lacy wings.',
    hosts:
      'azalea=usually pyracantha=sometimes hawthorn=sometimes oak=sometimes cotoneaster=sometimes' +
      ' avocado=rarely plane=usually elm=rarely',
    months: WARM,
    signs: 'stipple=always tar-dots=always yellow-speckle=usually',
    tests: { where: 'leaves=always' },
    winter: 'eggs in leaves',
  }),
  target('sap-sucker', {
    id: 'thrips',
    name: 'Thrips',
    scientific: 'Thysanoptera',
    what: 'Silvery streaks with black specks; thin running slivers in buds and under leaves.',
    hosts:
      'rose=usually gardenia=sometimes lemon=sometimes orange=sometimes viburnum=sometimes ' +
      'privet=usually azalea=sometimes grape=sometimes' +
      ' ficus=usually avocado=sometimes mango=rarely citrus-other=sometimes',
    elsewhere: 'rarely',
    shelter: 'either',
    months: WARM,
    signs: 'silver-streaks=always stipple=sometimes walks=sometimes',
    tests: { where: 'leaves=usually leaf-surface=sometimes' },
  }),
  target('sap-sucker', {
    id: 'spotted-lanternfly',
    name: 'Spotted lanternfly and other planthoppers',
    scientific: 'Lycorma delicatula and others',
    what:
      'Large hopping insects in crowds on trunks and vines, raining honeydew; mud-like egg masses in ' +
      'winter.',
    hosts:
      'grape=usually walnut=sometimes maple=sometimes apple=rarely hickory=rarely willow=sometimes ' +
      'rose=rarely',
    months: [5, 6, 7, 8, 9, 10, 11],
    signs: 'sticky=always black-film=usually ants=sometimes galls=never',
    tests: { where: 'old-bark=usually twigs=usually' },
    report: true,
    matters: 'report it where it is new; scrape egg masses',
    winter: 'egg masses',
  }),
  target('mite', {
    id: 'spider-mites',
    name: 'Spider mites',
    scientific: 'Tetranychidae',
    what: 'Fine yellow stippling, specks that walk, web in dry heat.',
    hosts:
      'juniper=usually rose=usually camellia=usually lemon=usually orange=usually citrus-other=usually ' +
      'kumquat=usually calamondin=usually apple=sometimes plum=sometimes spruce=usually ' +
      'boxwood=sometimes hibiscus=sometimes euonymus=sometimes hydrangea=sometimes azalea=rarely ' +
      'holly=sometimes' +
      ' house-plant=usually ivy=usually arborvitae=sometimes hemlock=usually palm=sometimes avocado=sometimes raspberry=sometimes elm=sometimes',
    elsewhere: 'sometimes',
    shelter: 'either',
    winter: 'eggs on bark, or all stages under cover',
  }),
  target('mite', {
    id: 'gall-mites',
    name: 'Gall and blister mites',
    scientific: 'Eriophyidae',
    what: 'Pouches, beads or felt patches on leaves, from mites too small to see.',
    hosts:
      'maple=usually linden=usually pear=sometimes grape=usually walnut=usually plum=sometimes ' +
      'beech=sometimes currant=sometimes' +
      ' elm=sometimes hazelnut=usually raspberry=rarely',
    months: WARM,
    signs: 'galls=always stipple=rarely walks=rarely web=never white-felt=rarely',
    matters: 'looks only',
  }),
  target('chewer', {
    id: 'box-tree-moth',
    name: 'Box tree moth',
    scientific: 'Cydalima perspectalis',
    what: 'Green and black caterpillars eat box bare inside webbing.',
    hosts: 'boxwood=always',
    months: WARM,
    signs: 'web=usually dieback=sometimes droppings=always',
    report: true,
    winter: 'small caterpillars in spun leaves',
  }),
  target('chewer', {
    id: 'caterpillars',
    name: 'Leaf-eating caterpillars and beetles',
    scientific: 'various',
    what: 'Leaves holed or eaten from the edge.',
    hosts: `${MANY_LEAFY} grape=sometimes hickory=sometimes holly=rarely azalea=rarely viburnum=usually`,
    elsewhere: 'sometimes',
    months: WARM,
    signs: 'web=rarely droppings=usually',
    matters: 'seldom on grown plants',
  }),
  target('fungus', {
    id: 'box-blight',
    name: 'Box blight',
    scientific: 'Calonectria pseudonaviculata',
    what: 'Brown leaf patches, black streaks on stems, sudden leaf fall.',
    hosts: 'boxwood=sometimes pachysandra=rarely',
    signs: 'dieback=always fringed-spots=rarely',
    report: true,
    winter: 'fallen leaves and stems',
  }),
  target('sap-sucker', {
    id: 'woolly-apple-aphid',
    name: 'Woolly apple aphid',
    scientific: 'Eriosoma lanigerum',
    what: 'Loose white wool in wounds and on bark of apple, purple-brown aphids in it, lumps on twigs and roots.',
    hosts:
      'apple=usually hawthorn=sometimes cotoneaster=sometimes pyracantha=sometimes elm=sometimes pear=rarely quince=rarely',
    signs: 'white-wool=always galls=usually sticky=sometimes black-film=rarely soft-clusters=sometimes',
    tests: {
      where: 'old-bark=usually twigs=usually',
      press: 'pink-red=usually fluid=sometimes',
      shape: 'none=usually',
    },
    winter: 'aphids on roots and in bark',
    takenFor: 'mealybug, scale egg sacs',
    matters: 'on young trees and where galls split; brush, and keep the little wasp that eats it',
  }),
  target('sap-sucker', {
    id: 'olive-lace-bug',
    name: 'Olive lace bug',
    scientific: 'Froggattia olivinia',
    what: 'Yellow stippled olive leaves with dark specks beneath; flat mottled bugs in crowds; leaves fall.',
    hosts: 'olive=sometimes',
    signs: 'stipple=always tar-dots=usually yellow-speckle=usually',
    tests: { where: 'leaves=always' },
    winter: 'eggs in leaves',
    takenFor: 'mites, hunger',
  }),
  target('sap-sucker', {
    id: 'passionvine-hopper',
    name: 'Passionvine hopper',
    scientific: 'Scolypopa australis',
    what: 'Delta-winged hoppers and fluffy-tailed young that flick away from stems; honeydew.',
    hosts:
      'passionfruit=usually citrus-other=sometimes lemon=sometimes orange=sometimes hydrangea=sometimes ivy=sometimes feijoa=sometimes',
    elsewhere: 'never',
    months: [5, 6, 7, 8, 9, 10],
    signs: 'hoppers=always sticky=usually black-film=sometimes',
    tests: { where: 'twigs=usually leaves=sometimes' },
    winter: 'eggs in dead stems',
    takenFor: 'moths, whitefly',
    matters: 'honey from hives nearby can be harmed; otherwise seldom',
  }),
  target('sap-sucker', {
    id: 'bronze-orange-bug',
    name: 'Bronze orange bug',
    scientific: 'Musgraveia sulciventris',
    what: 'Large flat bugs, green then orange then bronze, sucking citrus shoots; they spray a burning smell.',
    hosts: 'citrus-other=sometimes orange=sometimes lemon=sometimes kumquat=rarely calamondin=rarely',
    months: [2, 3, 4, 5, 6, 7, 8],
    signs: 'big-bugs=always wilting=sometimes dieback=rarely',
    tests: { where: 'twigs=usually leaves=sometimes' },
    winter: 'small green young under leaves',
    takenFor: 'other shield bugs',
    matters: 'on young trees: tongs and a bucket of soapy water, with goggles and gloves',
  }),
  target('gall-maker', {
    id: 'citrus-gall-wasp',
    name: 'Citrus gall wasp',
    scientific: 'Bruchophagus fellis',
    what: 'Lumpy swellings along green citrus twigs; small holes in them once the wasps have left in spring.',
    hosts: 'lemon=usually citrus-other=usually orange=sometimes kumquat=rarely calamondin=rarely',
    winter: 'larvae in the twig',
    takenFor: 'graft unions, scale',
    matters: 'on young trees: cut out or slice galls in winter, before wasps leave; bin them sealed',
  }),
];
