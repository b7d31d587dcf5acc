import type { TargetGroup } from '#core/identify';

/** What a laboratory is sent, by what the trouble is. */
export interface SamplePacking {
  readonly part: string;
  readonly how: readonly string[];
}

const ALWAYS = [
  'Take it fresh, before anything is sprayed, and some sound parts with it.',
  'Keep it cool and out of the sun; post it early in the week, not before a holiday.',
  'Write the date, the plant and the sample’s number on the bag, not on the sample.',
];

const packing = (part: string, ...how: string[]): SamplePacking => ({ part, how: [...how, ...ALWAYS] });

const SCALE = packing(
  'twigs with covers on them, 10 to 15 cm, some with leaves',
  'Choose twigs with grown ones: only those can be named for certain.',
  'Wrap them in dry paper towel inside a closed bag; wet ones rot on the way.',
);
const OPEN = packing(
  'several pieces at different stages of the trouble',
  'Dry, in paper towel within a closed bag. Wilting: a shoot, and some roots with soil in a bag of their own.',
);
const BY_GROUP: Readonly<Partial<Record<TargetGroup, SamplePacking>>> = {
  armored: SCALE,
  soft: SCALE,
  felt: SCALE,
  giant: SCALE,
  'leaf-miner': packing(
    'a dozen mined leaves, some with a larva still inside',
    'Press half of them flat between paper; leave the others in a bag with a little air.',
  ),
  fungus: packing(
    'leaves or shoots with young spots and with old ones',
    'Press leaves flat between dry paper; fruit singly, wrapped. Never moist: mould overgrows what is looked for.',
  ),
  mite: packing(
    'a dozen leaves from the edge of the damage',
    'In a closed bag with a piece of dry paper, at once: mites walk off.',
  ),
};

/** By the trouble's group; where it is open, as for anything. */
export const samplePacking = (group: TargetGroup | null): SamplePacking => (group && BY_GROUP[group]) ?? OPEN;
