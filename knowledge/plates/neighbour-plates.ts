import { monthsBetween } from '#core/calendar';
import { type GuidePlate, type InsectBuild, type PlateColour, type PlateGround } from './plate.ts';
import { signPlate } from './sign-plate.ts';

type Span = readonly [number, number];

const LEAF_MM = 80;

const insect = (
  stage: GuidePlate['stage'],
  shows: string,
  [build, fill, lengthMm]: readonly [InsectBuild, PlateColour, Span],
  on: PlateGround,
  metIn: readonly number[] = [],
): GuidePlate => ({ stage, shows, on, subject: { kind: 'insect', build, fill }, lengthMm, months: metIn });

const eggs = (
  stage: GuidePlate['stage'],
  shows: string,
  fill: PlateColour,
  shape: 'loose' | 'stalked' | 'mass',
  lengthMm: Span,
  on: PlateGround,
  metIn: readonly number[] = [],
): GuidePlate => ({ stage, shows, on, subject: { kind: 'egg-batch', fill, shape }, lengthMm, months: metIn });

const IN_LEAF = monthsBetween(4, 10);
const WINTER = monthsBetween(11, 3);

/** What is met beside scale, miners and fungi. Lengths are rounded from common experience (grade C). */
export const NEIGHBOUR_PLATES: Readonly<Record<string, readonly GuidePlate[]>> = {
  aphids: [
    insect(
      'young',
      'Small pale young among the grown ones.',
      ['aphid', 'pale-green', [0.7, 1.5]],
      'shoot',
      IN_LEAF,
    ),
    insect(
      'adult',
      'Soft pear-shaped insects with two short tubes behind.',
      ['aphid', 'green', [1.5, 4]],
      'shoot',
      IN_LEAF,
    ),
    signPlate('harm', 'soft-clusters', 'Young tips crowded, leaves curling.', 60, IN_LEAF),
    eggs('wintering', 'Shiny black eggs by the buds.', 'black', 'loose', [0.5, 0.7], 'twig', WINTER),
  ],
  whitefly: [
    insect(
      'young',
      'Flat pale scales under a leaf that do not walk.',
      ['flat-young', 'pale-green', [0.3, 1]],
      'underleaf',
    ),
    insect(
      'adult',
      'Tiny white flies that rise when the leaf is shaken.',
      ['whitefly', 'white', [1, 2]],
      'underleaf',
    ),
  ],
  mealybug: [
    insect(
      'adult',
      'White mealy insects with a fringe of threads; touched, they walk off.',
      ['mealybug', 'white', [2, 5]],
      'fork',
    ),
    insect('young', 'Small pinkish young before their wax.', ['mealybug', 'pink', [0.5, 1.5]], 'midrib'),
  ],
  psyllids: [
    insect(
      'young',
      'Flat young with wax behind, in curled leaves.',
      ['flat-young', 'yellow', [0.5, 2]],
      'underleaf',
      IN_LEAF,
    ),
    insect(
      'adult',
      'Like a tiny cicada, wings held as a roof; it jumps.',
      ['psyllid', 'olive', [2, 4]],
      'shoot',
      IN_LEAF,
    ),
  ],
  'lace-bugs': [
    insect(
      'adult',
      'Flat bugs with lace-like wings, under leaves.',
      ['lace-bug', 'cream', [3, 4]],
      'underleaf',
      monthsBetween(4, 10),
    ),
    signPlate('harm', 'stipple', 'Pale stippling above.', LEAF_MM, IN_LEAF),
  ],
  thrips: [
    insect('adult', 'Thin slivers that run when breathed on.', ['thrips', 'dark-brown', [1, 2]], 'leaf'),
    insect('young', 'Pale yellow slivers without wings.', ['thrips', 'yellow', [0.5, 1.2]], 'leaf'),
    signPlate('harm', 'silver-streaks', 'Silvery streaks with black specks.', LEAF_MM),
  ],
  'spotted-lanternfly': [
    insect(
      'young',
      'Black young with white dots; the last stage is red.',
      ['shield-bug', 'black', [3, 15]],
      'shoot',
      monthsBetween(5, 8),
    ),
    insect(
      'adult',
      'Large grey wings with black spots, red beneath.',
      ['lanternfly', 'grey', [22, 27]],
      'bark',
      monthsBetween(7, 11),
    ),
    eggs(
      'wintering',
      'Egg masses like a smear of dry mud.',
      'grey',
      'mass',
      [20, 40],
      'bark',
      monthsBetween(10, 5),
    ),
  ],
  'woolly-apple-aphid': [
    insect(
      'adult',
      'Purple-brown aphids under loose white wool.',
      ['aphid', 'purple', [1.5, 2.5]],
      'bark',
      monthsBetween(4, 11),
    ),
    signPlate('harm', 'white-wool', 'Loose white wool in a wound.', 60, monthsBetween(4, 11)),
  ],
  'olive-lace-bug': [
    insect(
      'adult',
      'Flat mottled bugs in crowds under olive leaves.',
      ['lace-bug', 'dark-brown', [2, 3]],
      'underleaf',
      monthsBetween(9, 4),
    ),
    signPlate('harm', 'stipple', 'Yellow stippling of the leaf.', LEAF_MM),
  ],
  'passionvine-hopper': [
    insect(
      'young',
      'Fluffy-tailed young that flick away.',
      ['woolly-larva', 'white', [2, 5]],
      'shoot',
      monthsBetween(4, 8),
    ),
    insect(
      'adult',
      'Wings like a small brown delta.',
      ['hopper', 'brown', [6, 8]],
      'shoot',
      monthsBetween(6, 10),
    ),
  ],
  'bronze-orange-bug': [
    insect(
      'young',
      'Flat pale green, later orange young.',
      ['shield-bug', 'orange', [5, 18]],
      'shoot',
      monthsBetween(2, 6),
    ),
    insect(
      'adult',
      'Large bronze bugs on citrus shoots.',
      ['shield-bug', 'copper', [20, 25]],
      'shoot',
      monthsBetween(5, 9),
    ),
  ],
  'citrus-gall-wasp': [
    insect(
      'adult',
      'Tiny black wasps on new shoots in spring.',
      ['wasp', 'black', [2.5, 3]],
      'shoot',
      [3, 4, 5],
    ),
    {
      stage: 'full',
      shows: 'Lumpy swellings along a green twig, each holding larvae.',
      on: 'none',
      subject: { kind: 'twig-gall' },
      lengthMm: null,
      months: [],
    },
  ],
  'spider-mites': [
    insect(
      'adult',
      'Specks with eight legs, under a lens; some with two dark spots.',
      ['mite', 'yellow', [0.3, 0.5]],
      'underleaf',
      monthsBetween(5, 10),
    ),
    eggs(
      'eggs',
      'Clear round eggs among the threads.',
      'cream',
      'loose',
      [0.1, 0.15],
      'underleaf',
      monthsBetween(5, 10),
    ),
    signPlate('harm', 'stipple', 'Pale stippling; the leaf bronzes.', LEAF_MM, monthsBetween(5, 10)),
    eggs('wintering', 'Red eggs on bark, where kinds winter so.', 'red', 'loose', [0.1, 0.2], 'bark', WINTER),
  ],
  'gall-mites': [
    insect(
      'adult',
      'Worm-like mites; too small without a strong lens.',
      ['gall-mite', 'cream', [0.1, 0.25]],
      'underleaf',
      IN_LEAF,
    ),
    {
      stage: 'harm',
      shows: 'Red pouches or beads on the leaf.',
      on: 'none',
      subject: { kind: 'spots', look: 'pouches', fill: 'red', rim: null, spread: 'many', tint: 'green' },
      lengthMm: [1, 4],
      months: IN_LEAF,
    },
  ],
  'box-tree-moth': [
    insect(
      'young',
      'Green caterpillars with black lines and dots, in webbing.',
      ['caterpillar', 'green', [5, 40]],
      'shoot',
      monthsBetween(3, 10),
    ),
    insect(
      'adult',
      'White moths with a brown border.',
      ['moth', 'white', [18, 22]],
      'leaf',
      monthsBetween(5, 10),
    ),
    signPlate('harm', 'web', 'Leaves eaten, shoots spun together.', 60, monthsBetween(3, 10)),
  ],
  caterpillars: [
    insect('young', 'A caterpillar at the edge it eats.', ['caterpillar', 'green', [5, 40]], 'leaf', IN_LEAF),
    signPlate('harm', 'droppings', 'Ragged bites, dark droppings below.', LEAF_MM, IN_LEAF),
  ],
  'ladybird-larvae': [
    insect(
      'young',
      'White woolly larvae that walk fast on six legs.',
      ['woolly-larva', 'white', [3, 8]],
      'twig',
      monthsBetween(4, 10),
    ),
    insect(
      'adult',
      'Small domed beetles; many kinds eat scale.',
      ['beetle', 'red', [1.5, 6]],
      'leaf',
      monthsBetween(3, 11),
    ),
  ],
  'lacewing-eggs': [
    eggs(
      'eggs',
      'Tiny eggs, each on a hair, like pins.',
      'pale-green',
      'stalked',
      [0.7, 1],
      'underleaf',
      monthsBetween(4, 10),
    ),
    insect(
      'adult',
      'Slender pale green, with clear veined wings and golden eyes.',
      ['psyllid', 'pale-green', [10, 15]],
      'leaf',
      monthsBetween(4, 10),
    ),
  ],
  'bark-pores': [
    {
      stage: 'full',
      shows: 'Pores of the bark: part of it, often in rows; nothing lifts off.',
      on: 'bark',
      subject: { kind: 'cover', outline: 'boat', fill: 'tan', cap: 'tan', capAt: 'centre', state: 'live' },
      lengthMm: [1, 5],
      months: [],
    },
  ],
  lichen: [signPlate('full', 'grey-growth', 'Grey-green rosettes flat on bark.', 60)],
  oedema: [signPlate('full', 'corky-bumps', 'Pale corky bumps beneath a leaf.', LEAF_MM)],
  'spray-burn': [signPlate('full', 'scorch', 'A leaf scorched on the side the sun reached.', LEAF_MM)],
  'nutrient-pattern': [
    signPlate('full', 'even-pattern', 'Yellow between green veins, alike on both halves.', LEAF_MM),
  ],
  'spray-residue': [signPlate('full', 'wipes-off', 'White marks that a finger wipes off.', LEAF_MM)],
  'resting-visitors': [signPlate('full', 'no-mark', 'A fly at rest on a sound leaf.', 40)],
};
