import type { Grade } from '#core/figures';

/** A common belief that leads people wrong, and what holds instead. */
export interface Belief {
  readonly id: string;
  readonly says: string;
  readonly holds: string;
  /** Where it comes up: any of these troubles, materials or checks. */
  readonly targetIds: readonly string[];
  readonly materialIds: readonly string[];
  readonly checkIds: readonly string[];
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const belief = (
  id: string,
  says: string,
  holds: string,
  where: Partial<Pick<Belief, 'targetIds' | 'materialIds' | 'checkIds'>>,
): Belief => ({
  id,
  says,
  holds,
  targetIds: [],
  materialIds: [],
  checkIds: [],
  grade: 'B',
  sourceIds: ['practice'],
  ...where,
});

export const BELIEFS: readonly Belief[] = [
  belief(
    'droplets-burn',
    'Water drops in the sun burn leaves like lenses.',
    'They do not. Oil and sulfur in heat and sun do, and so does salt left by drying water.',
    { targetIds: ['spray-burn'], materialIds: ['mineral-oil', 'plant-oil', 'raw-neem', 'sulfur', 'soap'] },
  ),
  belief(
    'spinosad-alive',
    'Spinosad is living bacteria.',
    'It is what a soil bacterium made in fermentation, purified. Nothing in it lives, and bees are ' +
      'harmed by it while it is wet.',
    { materialIds: ['spinosad'] },
  ),
  belief(
    'miner-drops',
    'The citrus leaf miner drops to the soil to pupate.',
    'It pupates in the rolled edge of the leaf it mined. Sweeping soil or treating it does nothing.',
    { targetIds: ['citrus-leaf-miner'], checkIds: ['rolled-edge', 'trail'] },
  ),
  belief(
    'plant-oil-gentle',
    'Plant oils cannot hurt helpers.',
    'Any oil smothers what it wets, ladybird larvae and hunting mites too. What is gentle is that ' +
      'nothing stays after it dries.',
    { materialIds: ['plant-oil', 'raw-neem'] },
  ),
  belief(
    'covers-stay',
    'Covers still on the bark mean the spray failed.',
    'Covers of the dead stay for months to years. Judge by what lives beneath them and by the newest growth.',
    { checkIds: ['crust', 'turn-over', 'press'], materialIds: ['mineral-oil'] },
  ),
  belief(
    'mould-infects',
    'The black film is a disease of the leaf.',
    'Sooty mould grows on honeydew, not in the leaf; it rubs off. It goes, slowly, once the sap feeder ' +
      'is gone.',
    { checkIds: ['black-film'] },
  ),
  belief(
    'ants-cause',
    'The ants are eating the plant.',
    'They farm the sap feeders for honeydew and drive off what would eat them. Keep them off and ' +
      'helpers return.',
    { checkIds: ['ants'] },
  ),
  belief(
    'holly-pinpricks',
    'Every dot on a holly leaf is a mine.',
    'Pinpricks are where the fly fed or the leaf pricked itself. A mine is a pale trail or blotch.',
    { targetIds: ['holly-leaf-miner'] },
  ),
];

export const beliefsAbout = (kind: 'targetIds' | 'materialIds' | 'checkIds', id: string): readonly Belief[] =>
  BELIEFS.filter((entry) => entry[kind].includes(id));
