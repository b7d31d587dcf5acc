import { type Host, HOSTS } from './hosts.ts';

/** What gardeners call a kind besides its own name: other common names, by place and by fruit. */
const ALSO_CALLED: Readonly<Record<string, string>> = {
  apple: 'crab apple, crabapple, cider apple, malus',
  pear: 'nashi, asian pear, ornamental pear, callery pear',
  plum: 'damson, gage, greengage, cherry plum, myrobalan, purple-leaf plum, prune',
  cherry: 'sour cherry, sweet cherry, flowering cherry, bird cherry, japanese cherry, sakura',
  peach: 'nectarine, flowering peach',
  hickory: 'pecan, bitternut',
  walnut: 'black walnut, english walnut, butternut',
  persimmon: 'kaki, sharon fruit',
  currant: 'gooseberry, redcurrant, blackcurrant, jostaberry, flowering currant',
  blueberry: 'bilberry, huckleberry, lingonberry, cranberry',
  grape: 'vine, grapevine, wine',
  orange: 'mandarin, clementine, satsuma, tangerine, blood orange, navel',
  'citrus-other': 'lime, grapefruit, pomelo, citron, yuzu, finger lime, tangelo, another citrus',
  lemon: 'meyer lemon, eureka',
  calamondin: 'calamansi',
  kumquat: 'limequat, fortunella',
  spindle: 'burning bush, winged euonymus, strawberry bush, pfaffenhütchen',
  euonymus: 'wintercreeper, japanese spindle, spindle hedge',
  pachysandra: 'japanese spurge, ground cover',
  holly: 'ilex, inkberry, winterberry, yaupon, chinese holly, japanese holly',
  boxwood: 'box, buxus, box hedge',
  camellia: 'tea plant, sasanqua, japonica',
  azalea: 'rhododendron, rosebay',
  pittosporum: 'mock orange, cheesewood',
  'bay-laurel': 'bay tree, sweet bay, bay leaf',
  'cherry-laurel': 'laurel, laurel hedge, skip laurel, english laurel',
  privet: 'hedge privet, ligustrum',
  'black-locust': 'false acacia, robinia',
  dogwood: 'cornel, cornelian cherry, cornus, kousa',
  maple: 'red maple, norway maple, sycamore maple, boxelder, silver maple, acer',
  'japanese-maple': 'acer palmatum, laceleaf maple',
  linden: 'lime tree, basswood, tilia',
  redbud: 'judas tree',
  tuliptree: 'tulip poplar, yellow poplar',
  magnolia: 'saucer magnolia, southern magnolia, sweetbay',
  poplar: 'aspen, cottonwood',
  'horse-chestnut': 'buckeye, conker',
  photinia: 'red tip, christmas berry',
  'indian-hawthorn': 'rhaphiolepis, yeddo hawthorn',
  gardenia: 'cape jasmine',
  hibiscus: 'rose of sharon, rose mallow, shoeblack',
  hydrangea: 'hortensia, mophead',
  viburnum: 'snowball bush, laurustinus, arrowwood, guelder rose, wayfaring tree',
  pyracantha: 'firethorn',
  spruce: 'norway spruce, blue spruce, alberta spruce',
  'crape-myrtle': 'crepe myrtle, lagerstroemia',
  hawthorn: 'may, quickthorn, whitethorn, crataegus',
  juniper: 'red cedar, eastern redcedar',
  pine: 'mugo, scots pine, white pine',
  fig: 'ficus, edible fig',
  olive: 'olive tree',
  mulberry: 'morus',
  almond: 'flowering almond',
  oak: 'live oak, holm oak, red oak, white oak',
  ash: 'fraxinus',
  willow: 'weeping willow, osier',
  birch: 'silver birch, paper birch, river birch',
  lilac: 'syringa',
  cotoneaster: 'rockspray',
  yew: 'taxus',
  avocado: 'alligator pear, aguacate',
  loquat: 'japanese medlar, nispero',
  feijoa: 'pineapple guava, acca',
  guava: 'strawberry guava',
  passionfruit: 'passion flower, passiflora, granadilla',
  hazelnut: 'filbert, cobnut, corkscrew hazel, corylus',
  raspberry: 'blackberry, bramble, loganberry, tayberry, rubus, cane fruit',
  mahonia: 'oregon grape, barberry, berberis',
  plane: 'london plane, american sycamore, buttonwood',
  elm: 'ulmus, wych elm, chinese elm',
  arborvitae: 'thuja, white cedar, emerald hedge',
  hemlock: 'tsuga',
  palm: 'date palm, fan palm, kentia, areca',
  cycad: 'sago palm, cycas',
  ficus: 'weeping fig, rubber plant, ficus benjamina',
  'lilly-pilly': 'syzygium, brush cherry',
  myrtle: 'bottlebrush, tea tree, manuka, melaleuca, callistemon, pohutukawa',
  eucalyptus: 'gum tree',
  ivy: 'hedera',
  orchid: 'moth orchid, phalaenopsis, cymbidium',
  fern: 'boston fern, tree fern, bird nest fern',
  'house-plant': 'umbrella tree, schefflera, dracaena, monstera, philodendron, indoor plant',
};

export interface FoundHost {
  readonly host: Host;
  /** The other name it was known by; null where its own name fits. */
  readonly as: string | null;
}

const plainly = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().trim();

/** Kinds whose name, botanical name or another name holds what was typed; those that begin with it first. */
export function findHosts(typed: string): FoundHost[] {
  const asked = plainly(typed);
  if (asked === '') return [];
  const ranked = HOSTS.flatMap((host): (FoundHost & { rank: number })[] => {
    const ownRank = rankOf(plainly(`${host.name}, ${host.botanical}`), asked);
    if (ownRank !== null) return [{ host, as: null, rank: ownRank }];
    const other = (ALSO_CALLED[host.id] ?? '')
      .split(', ')
      .find((name) => rankOf(plainly(name), asked) !== null);
    return other === undefined ? [] : [{ host, as: other, rank: 1 + rankOf(plainly(other), asked)! }];
  });
  return ranked
    .toSorted((a, b) => a.rank - b.rank || a.host.name.localeCompare(b.host.name))
    .map(({ host, as }) => ({ host, as }));
}

/** 0 where it begins so, 2 where a word does, 4 where it lies within; null where it is not in it. */
function rankOf(name: string, asked: string): number | null {
  const at = name.indexOf(asked);
  if (at < 0) return null;
  if (at === 0) return 0;
  return /[^a-z]/.test(name[at - 1]!) ? 2 : 4;
}

/** Kinds that stand for all that are not on the list, by what decides about them. */
export const OTHER_HOSTS: readonly Host[] = HOSTS.filter(({ id }) => id.startsWith('other-'));
