/** An active ingredient, never a brand. */
export interface Material {
  readonly id: string;
  readonly name: string;
  readonly reaches: string;
  readonly watch: string;
  readonly isOil: boolean;
  /** Harms bees on open bloom or at honeydew while wet or longer. */
  readonly harmsBees: boolean;
}

const material = (id: string, name: string, reaches: string, watch: string, traits: Partial<Pick<Material, 'isOil' | 'harmsBees'>> = {}): Material => (
  { id, name, reaches, watch, isOil: false, harmsBees: false, ...traits });

const OIL = { isOil: true, harmsBees: true } as const;
const BEES = { harmsBees: true } as const;

export const MATERIALS: readonly Material[] = [
  material('mineral-oil', 'Mineral horticultural oil', 'crawlers, settled young, some adults; eggs in part, mite and aphid eggs; some mildew', 'kills by contact only: what is not wetted lives', OIL),
  material('plant-oil', 'Clarified neem or other plant oil', 'as mineral oil', 'counts as oil beside sulfur; can hurt helpers too', OIL),
  material('raw-neem', 'Cold-pressed neem oil', 'as oil, and feeding and moulting young', 'counts as oil; cut it with soap in warm water before it meets the tank', OIL),
  material('azadirachtin', 'Azadirachtin', 'feeding and moulting young', 'slow; repeat', BEES),
  material('soap', 'Insecticidal soap', 'crawlers and soft bodies', 'marks cherry, plum, hawthorn, horse-chestnut, Japanese maple: test a leaf', BEES),
  material('pyriproxyfen', 'Pyriproxyfen', 'young stages', 'slow; hard on ladybirds, never near the vedalia beetle'),
  material('buprofezin', 'Buprofezin', 'young stages as they moult', 'slow; hard on ladybirds, never near the vedalia beetle'),
  material('spinosad', 'Spinosad', 'leaf-mining larvae, thrips, caterpillars', 'bees; few uses a year against resistance', BEES),
  material('bifenthrin', 'Bifenthrin', 'crawlers on contact', 'kills helpers, so that mites flare; bees for days; very poisonous to fish', BEES),
  material('malathion', 'Malathion', 'crawlers on contact', 'kills helpers; bees for days; fish; not with alkaline mixes', BEES),
  material('imidacloprid', 'Imidacloprid, as a drench', 'most soft and felt scale, sap suckers, some miners, through the sap after weeks', 'pollen, nectar and honeydew carry it; edible plants only if the label names the crop; licensed or banned in many places', BEES),
  material('dinotefuran', 'Dinotefuran, as a drench', 'as imidacloprid, within days, and many armored scales', 'pollen, nectar and honeydew carry it; edible plants only if the label names the crop; licensed or banned in many places', BEES),
  material('sulfur', 'Wettable sulfur', 'mildew, scab, mites', 'never near an oil spray; not in heat; marks apricot, some grapes and pears'),
  material('lime-sulfur', 'Lime sulfur', 'mildew, scab, mites, in the dormant season', 'gives off deadly gas with any acid; not near oil; burns skin'),
  material('copper', 'Fixed copper, Bordeaux mix', 'leaf curl, shot hole, blight, early scab', 'marks fruit in slow drying; builds up in soil; fish; not with acids or phosphite'),
  material('bicarbonate', 'Potassium bicarbonate', 'mildew, some leaf spots, on contact', 'short; repeat after rain'),
  material('bacillus', 'Bacillus strains', 'mildew, some leaf spots', 'before it starts; keep cool and use in date'),
  material('captan', 'Captan', 'scab, spots, shot hole', 'not within two weeks of oil, nor with alkaline mixes; eyes'),
  material('mancozeb', 'Mancozeb', 'rusts, scab, spots', 'long days to harvest; banned in some places'),
  material('myclobutanil', 'Myclobutanil', 'mildew, scab, rusts, some way into the leaf', 'few uses a year against resistance'),
  material('trunk-coat', 'White trunk coat of kaolin, lime or thinned paint', 'sunburn and bark cuts; not a pest', 'no cure for anything'),
];

const BY_ID = new Map(MATERIALS.map((material) => [material.id, material]));

/** @throws RangeError for an unknown id. */
export function materialById(id: string): Material {
  const found = BY_ID.get(id);
  if (!found) throw new RangeError(`no material "${id}"`);
  return found;
}
