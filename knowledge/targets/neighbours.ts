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
    hosts: MANY_LEAFY,
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
      'bay-laurel=rarely fig=sometimes',
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
      'bay-laurel=sometimes oleander=sometimes pittosporum=rarely crape-myrtle=rarely',
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
    hosts: 'pear=usually olive=sometimes bay-laurel=usually boxwood=usually lemon=rarely orange=rarely',
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
    hosts: 'azalea=usually pyracantha=sometimes hawthorn=sometimes oak=sometimes cotoneaster=sometimes',
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
      'privet=usually azalea=sometimes grape=sometimes',
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
      'holly=sometimes',
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
      'beech=sometimes currant=sometimes',
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
    signs: 'web=usually dieback=sometimes',
    report: true,
    winter: 'small caterpillars in spun leaves',
  }),
  target('chewer', {
    id: 'caterpillars',
    name: 'Leaf-eating caterpillars and beetles',
    scientific: 'various',
    what: 'Leaves holed or eaten from the edge.',
    hosts: `${MANY_LEAFY} grape=sometimes hickory=sometimes holly=rarely azalea=rarely viburnum=usually`,
    months: WARM,
    signs: 'web=rarely',
    matters: 'seldom on grown plants',
  }),
  target('bacterium', {
    id: 'fire-blight',
    name: 'Fire blight',
    scientific: 'Erwinia amylovora',
    what: 'Shoots blacken and bend like a hook, as if burnt; ooze on warm damp days.',
    hosts:
      'pear=usually apple=sometimes quince=usually hawthorn=usually pyracantha=usually ' +
      'cotoneaster=usually medlar=sometimes',
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
    hosts: 'cherry=sometimes plum=sometimes peach=sometimes apricot=sometimes lilac=usually walnut=sometimes',
    months: [4, 5, 6, 7, 8],
    signs: 'shot-holes=usually dieback=always yellow-speckle=sometimes',
    tests: { where: 'leaf-surface=usually twigs=usually' },
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
];
