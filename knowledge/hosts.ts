/** A kind of plant, with what decides about it. */
export interface Host {
  readonly id: string;
  readonly name: string;
  readonly botanical: string;
  /** `either`: some species and varieties keep their leaves; the plant itself says. */
  readonly evergreen: boolean | 'either';
  /** Parts are commonly eaten, so days to harvest matter. */
  readonly edible: boolean;
  /** How it bears horticultural oil: as usual, only bare, after a test leaf, or not at all (grade C). */
  readonly oil: 'usual' | 'dormant-only' | 'test-first' | 'avoid';
  readonly beesVisitBloom: boolean;
}

const host = (
  id: string,
  name: string,
  botanical: string,
  traits: Partial<Pick<Host, 'evergreen' | 'edible' | 'oil' | 'beesVisitBloom'>> = {},
): Host => ({
  id,
  name,
  botanical,
  evergreen: false,
  edible: false,
  oil: 'usual',
  beesVisitBloom: true,
  ...traits,
});

const EVERGREEN = { evergreen: true } as const;
const FRUIT = { edible: true } as const;
const CITRUS = { evergreen: true, edible: true } as const;

export const HOSTS: readonly Host[] = [
  host('apple', 'Apple', 'Malus domestica', FRUIT),
  host('pear', 'Pear', 'Pyrus communis', FRUIT),
  host('quince', 'Quince', 'Cydonia oblonga', FRUIT),
  host('plum', 'Plum', 'Prunus domestica', FRUIT),
  host('cherry', 'Cherry', 'Prunus avium', FRUIT),
  host('peach', 'Peach, nectarine', 'Prunus persica', FRUIT),
  host('fig', 'Fig', 'Ficus carica', { ...FRUIT, beesVisitBloom: false }),
  host('walnut', 'Walnut', 'Juglans', { ...FRUIT, oil: 'avoid', beesVisitBloom: false }),
  host('hickory', 'Hickory, pecan', 'Carya', { ...FRUIT, oil: 'avoid', beesVisitBloom: false }),
  host('apricot', 'Apricot', 'Prunus armeniaca', FRUIT),
  host('almond', 'Almond', 'Prunus dulcis', FRUIT),
  host('persimmon', 'Persimmon', 'Diospyros', FRUIT),
  host('mulberry', 'Mulberry', 'Morus', { ...FRUIT, beesVisitBloom: false }),
  host('olive', 'Olive', 'Olea europaea', { evergreen: true, edible: true, beesVisitBloom: false }),
  host('pomegranate', 'Pomegranate', 'Punica granatum', FRUIT),
  host('medlar', 'Medlar', 'Mespilus germanica', FRUIT),
  host('currant', 'Currant, gooseberry', 'Ribes', FRUIT),
  host('blueberry', 'Blueberry', 'Vaccinium', FRUIT),
  host('grape', 'Grapevine', 'Vitis', { ...FRUIT, beesVisitBloom: false }),
  host('avocado', 'Avocado', 'Persea americana', { ...CITRUS }),
  host('mango', 'Mango', 'Mangifera indica', { ...CITRUS }),
  host('loquat', 'Loquat', 'Eriobotrya japonica', { ...CITRUS }),
  host('feijoa', 'Feijoa', 'Feijoa sellowiana', { ...CITRUS }),
  host('guava', 'Guava', 'Psidium', { ...CITRUS }),
  host('passionfruit', 'Passionfruit', 'Passiflora', { ...CITRUS }),
  host('hazelnut', 'Hazelnut, filbert', 'Corylus', { ...FRUIT, beesVisitBloom: false }),
  host('raspberry', 'Raspberry, blackberry', 'Rubus', FRUIT),
  host('lemon', 'Lemon', 'Citrus limon', CITRUS),
  host('orange', 'Orange, mandarin', 'Citrus', CITRUS),
  host('calamondin', 'Calamondin', 'Citrus × microcarpa', CITRUS),
  host('kumquat', 'Kumquat', 'Citrus japonica', CITRUS),
  host('citrus-other', 'Lime, grapefruit, pomelo', 'Citrus', CITRUS),
  host('spindle', 'Spindle (deciduous euonymus)', 'Euonymus europaeus'),
  host('euonymus', 'Evergreen euonymus', 'Euonymus fortunei, E. japonicus', EVERGREEN),
  host('pachysandra', 'Pachysandra', 'Pachysandra terminalis', EVERGREEN),
  host('holly', 'Holly', 'Ilex', { evergreen: true, oil: 'test-first' }),
  host('boxwood', 'Boxwood', 'Buxus', EVERGREEN),
  host('camellia', 'Camellia', 'Camellia', EVERGREEN),
  host('azalea', 'Azalea, rhododendron', 'Rhododendron', { evergreen: 'either', oil: 'test-first' }),
  host('pittosporum', 'Pittosporum', 'Pittosporum', EVERGREEN),
  host('bay-laurel', 'Bay laurel', 'Laurus nobilis', { ...CITRUS }),
  host('cherry-laurel', 'Cherry laurel', 'Prunus laurocerasus', EVERGREEN),
  host('privet', 'Privet', 'Ligustrum', { evergreen: 'either' }),
  host('lilac', 'Lilac', 'Syringa vulgaris'),
  host('forsythia', 'Forsythia', 'Forsythia × intermedia', { beesVisitBloom: false }),
  host('black-locust', 'Black locust', 'Robinia pseudoacacia'),
  host('catalpa', 'Northern catalpa', 'Catalpa speciosa'),
  host('star-magnolia', 'Star magnolia', 'Magnolia stellata'),
  host('dogwood', 'Dogwood', 'Cornus'),
  host('maple', 'Maple', 'Acer', { oil: 'dormant-only' }),
  host('sugar-maple', 'Sugar maple', 'Acer saccharum', { oil: 'avoid' }),
  host('japanese-maple', 'Japanese maple', 'Acer palmatum', { oil: 'avoid' }),
  host('oak', 'Oak', 'Quercus', { evergreen: 'either', beesVisitBloom: false }),
  host('magnolia', 'Magnolia', 'Magnolia', { evergreen: 'either' }),
  host('tuliptree', 'Tuliptree', 'Liriodendron tulipifera'),
  host('linden', 'Linden', 'Tilia'),
  host('redbud', 'Redbud', 'Cercis', { oil: 'dormant-only' }),
  host('birch', 'Birch', 'Betula', { beesVisitBloom: false }),
  host('beech', 'Beech', 'Fagus', { oil: 'avoid', beesVisitBloom: false }),
  host('ash', 'Ash', 'Fraxinus', { beesVisitBloom: false }),
  host('willow', 'Willow', 'Salix'),
  host('poplar', 'Poplar', 'Populus', { beesVisitBloom: false }),
  host('horse-chestnut', 'Horse-chestnut', 'Aesculus'),
  host('smoke-tree', 'Smoke tree', 'Cotinus', { oil: 'avoid' }),
  host('photinia', 'Photinia', 'Photinia', { evergreen: true, oil: 'test-first' }),
  host('indian-hawthorn', 'Indian hawthorn', 'Rhaphiolepis', EVERGREEN),
  host('gardenia', 'Gardenia', 'Gardenia', EVERGREEN),
  host('oleander', 'Oleander', 'Nerium oleander', EVERGREEN),
  host('hibiscus', 'Hibiscus', 'Hibiscus', { evergreen: 'either' }),
  host('hydrangea', 'Hydrangea', 'Hydrangea'),
  host('viburnum', 'Viburnum', 'Viburnum', { evergreen: 'either' }),
  host('cotoneaster', 'Cotoneaster', 'Cotoneaster', { evergreen: 'either' }),
  host('pyracantha', 'Firethorn', 'Pyracantha', EVERGREEN),
  host('yew', 'Yew', 'Taxus', { evergreen: true, beesVisitBloom: false }),
  host('spruce', 'Spruce', 'Picea', { evergreen: true, oil: 'avoid', beesVisitBloom: false }),
  host('crape-myrtle', 'Crape myrtle', 'Lagerstroemia'),
  host('rose', 'Rose', 'Rosa'),
  host('hawthorn', 'Hawthorn', 'Crataegus'),
  host('juniper', 'Juniper', 'Juniperus', { evergreen: true, oil: 'dormant-only', beesVisitBloom: false }),
  host('pine', 'Pine', 'Pinus', { evergreen: true, beesVisitBloom: false }),
  host('mahonia', 'Mahonia, barberry', 'Mahonia, Berberis', { evergreen: 'either' }),
  host('plane', 'Plane, sycamore', 'Platanus', { beesVisitBloom: false }),
  host('elm', 'Elm', 'Ulmus', { beesVisitBloom: false }),
  host('arborvitae', 'Arborvitae, thuja', 'Thuja', {
    evergreen: true,
    oil: 'test-first',
    beesVisitBloom: false,
  }),
  host('hemlock', 'Hemlock', 'Tsuga', { evergreen: true, oil: 'test-first', beesVisitBloom: false }),
  host('palm', 'Palm', 'Arecaceae', { evergreen: true, oil: 'test-first' }),
  host('cycad', 'Cycad, sago palm', 'Cycas', { evergreen: true, oil: 'test-first', beesVisitBloom: false }),
  host('ficus', 'Ornamental fig, rubber tree', 'Ficus', {
    evergreen: true,
    oil: 'test-first',
    beesVisitBloom: false,
  }),
  host('lilly-pilly', 'Lilly pilly', 'Syzygium', EVERGREEN),
  host('myrtle', 'Myrtle, bottlebrush, tea tree', 'Myrtus, Melaleuca, Leptospermum', EVERGREEN),
  host('eucalyptus', 'Eucalyptus', 'Eucalyptus', { evergreen: true, oil: 'test-first' }),
  host('ivy', 'Ivy', 'Hedera', EVERGREEN),
  host('orchid', 'Orchid', 'Orchidaceae', { evergreen: true, oil: 'test-first', beesVisitBloom: false }),
  host('fern', 'Fern', 'Polypodiopsida', { evergreen: 'either', oil: 'avoid', beesVisitBloom: false }),
  host('house-plant', 'Umbrella tree, dragon tree, monstera and the like', 'Schefflera, Dracaena, Monstera', {
    evergreen: true,
    oil: 'test-first',
    beesVisitBloom: false,
  }),
  // What is not on the list, by what decides about it; leaf and oil are tried first.
  host('other-fruit', 'Another fruit tree or bush', '', { ...FRUIT, oil: 'test-first' }),
  host('other-deciduous', 'Another tree or shrub that drops its leaves', '', { oil: 'test-first' }),
  host('other-evergreen', 'Another broad-leaved evergreen', '', { evergreen: true, oil: 'test-first' }),
  host('other-conifer', 'Another conifer', '', { evergreen: true, oil: 'test-first', beesVisitBloom: false }),
  host('other-palm', 'Another palm-like plant', '', { evergreen: true, oil: 'test-first' }),
  host('other-house', 'Another house plant', '', {
    evergreen: true,
    oil: 'test-first',
    beesVisitBloom: false,
  }),
];

const BY_ID = new Map(HOSTS.map((entry) => [entry.id, entry]));

/** @throws RangeError for an unknown id. */
export function hostById(id: string): Host {
  const host = BY_ID.get(id);
  if (!host) throw new RangeError(`no host "${id}"`);
  return host;
}

/**
 * Whether a plant keeps its leaves: by its kind, or as its owner says where the kind comes both ways; null
 * while nobody said.
 */
export function evergreenOf(plant: {
  readonly hostId: string;
  readonly evergreen: boolean | null;
}): boolean | null {
  const { evergreen } = hostById(plant.hostId);
  return evergreen === 'either' ? plant.evergreen : evergreen;
}

/** Hosts that burn sooner under oil and flush as citrus does. */
export const CITRUS_HOSTS: ReadonlySet<string> = new Set(
  HOSTS.filter(({ botanical }) => botanical.startsWith('Citrus')).map(({ id }) => id),
);

/** Hosts that soap marks: a leaf is tried first (grade C). */
export const SOAP_TENDER_HOSTS: ReadonlySet<string> = new Set([
  'hawthorn',
  'horse-chestnut',
  'maple',
  'japanese-maple',
  'cherry',
  'plum',
]);

/** Hosts that sulfur marks: apricot always, grapes and pears by variety (grade B). */
export const SULFUR_SHY_HOSTS: ReadonlyMap<string, 'always' | 'some'> = new Map([
  ['apricot', 'always'],
  ['grape', 'some'],
  ['pear', 'some'],
  ['currant', 'some'],
]);
