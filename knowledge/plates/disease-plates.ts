import { monthsBetween } from '#core/calendar';
import { type GuidePlate, type PlateStage, type PlateSubject, type SpotSubject } from './plate.ts';
import { signPlate } from './sign-plate.ts';

type Span = readonly [number, number];

const LEAF_MM = 80;
const FRUIT_MM = 110;
const SHOOT_MM = 250;

interface SpotLook {
  readonly look: SpotSubject['look'];
  readonly fill: SpotSubject['fill'];
  readonly rim?: SpotSubject['fill'];
  readonly mm: Span;
  readonly first: string;
  readonly full: string;
  readonly months: readonly number[];
  /** Whether badly spotted leaves yellow. */
  readonly yellows?: boolean;
  /** How the fallen leaf looks, where the disease winters there. */
  readonly fallen?: string;
}

const spotted = (
  { look, fill, rim }: SpotLook,
  spread: SpotSubject['spread'],
  tint: SpotSubject['tint'],
): PlateSubject => ({ kind: 'spots', look, fill, rim: rim ?? null, spread, tint });

/** First spots, a leaf in full, and the fallen leaf where it winters there. */
function leafSpots(spots: SpotLook, ...more: readonly GuidePlate[]): readonly GuidePlate[] {
  const tint = spots.yellows ? 'yellowing' : 'green';
  return [
    {
      stage: 'first-signs',
      shows: spots.first,
      on: 'none',
      subject: spotted(spots, 'few', 'green'),
      lengthMm: spots.mm,
      months: spots.months,
    },
    {
      stage: 'full',
      shows: spots.full,
      on: 'none',
      subject: spotted(spots, 'many', tint),
      lengthMm: spots.mm,
      months: spots.months,
    },
    ...more,
    ...(spots.fallen
      ? [
          {
            stage: 'wintering',
            shows: spots.fallen,
            on: 'none',
            subject: spotted(spots, 'many', 'fallen'),
            lengthMm: spots.mm,
            months: monthsBetween(10, 3),
          } satisfies GuidePlate,
        ]
      : []),
  ];
}

const coat = (
  stage: PlateStage,
  shows: string,
  spread: 'few' | 'many',
  metIn: readonly number[],
): GuidePlate => ({
  stage,
  shows,
  on: 'none',
  subject: { kind: 'coat', fill: 'white', spread },
  lengthMm: null,
  months: metIn,
});

const mildew = (first: string, full: string, ...more: readonly GuidePlate[]): readonly GuidePlate[] => [
  coat('first-signs', first, 'few', monthsBetween(4, 7)),
  coat('full', full, 'many', monthsBetween(5, 10)),
  ...more,
];

const SEASON = monthsBetween(4, 10);
const FALLEN = 'Fallen spotted leaves: it winters in them and starts again from them.';
const MUMMY = 'Dried fruit that hangs on or lies beneath: it winters in it.';

export const DISEASE_PLATES: Readonly<Record<string, readonly GuidePlate[]>> = {
  'peach-leaf-curl': [
    signPlate('first-signs', 'red-pucker', 'A young leaf thickened, puckered and red.', LEAF_MM, [3, 4, 5]),
    coat('full', 'Later the curled leaf is bloomed white, then browns and falls.', 'many', [5, 6, 7]),
  ],
  'apple-scab': leafSpots(
    {
      look: 'velvet',
      fill: 'olive',
      mm: [3, 10],
      first: 'The first dull olive spots without a sharp edge, often beneath first.',
      full: 'Velvety olive-black spots running together.',
      months: SEASON,
      fallen: FALLEN,
    },
    signPlate(
      'on-fruit',
      'corky-warts',
      'Fruit with dark scabs that turn corky and crack.',
      FRUIT_MM,
      monthsBetween(6, 11),
    ),
  ),
  'powdery-mildew': mildew('Faint white patches on young leaves.', 'White bloom over whole leaves.'),
  'apple-powdery-mildew': mildew(
    'A narrow, folded young leaf dusted white, at the end of a shoot.',
    'White bloom over whole shoots that grew from infected buds.',
  ),
  'crape-myrtle-powdery-mildew': mildew(
    'White patches on the newest leaves.',
    'White bloom on leaves, buds and flowers; shoots twist.',
    signPlate('harm', 'twisted-growth', 'New shoots narrowed and twisted.', SHOOT_MM, monthsBetween(5, 9)),
  ),
  'grape-powdery-mildew': mildew(
    'Grey-white patches on a vine leaf, easiest to see aslant.',
    'Grey-white bloom on leaves, shoots and berries, which split.',
  ),
  'rose-powdery-mildew': mildew(
    'White patches on the newest leaves, which curl upward.',
    'White bloom on leaves, stems and buds.',
  ),
  'shot-hole': leafSpots(
    {
      look: 'plain',
      fill: 'brown',
      rim: 'red',
      mm: [2, 5],
      first: 'Small round brown or red spots before they drop out.',
      full: 'Many spots, some already fallen out.',
      months: SEASON,
    },
    signPlate('harm', 'shot-holes', 'Neat round holes rimmed brown.', LEAF_MM, SEASON),
    signPlate('on-wood', 'gum-ooze', 'Gum on twigs and branches.', 150),
  ),
  'brown-rot': [
    signPlate('first-signs', 'brown-blossom', 'Blossom browned and stuck to the twig.', 120, [3, 4, 5]),
    signPlate('full', 'dieback', 'Twig tips dying back from the blossom.', SHOOT_MM, [4, 5, 6]),
    signPlate(
      'on-fruit',
      'fruit-rot',
      'Fruit browning with rings of pale tufts.',
      FRUIT_MM,
      monthsBetween(6, 10),
    ),
  ],
  'rose-black-spot': leafSpots({
    look: 'fringed',
    fill: 'black',
    mm: [2, 12],
    first: 'The first black spots with feathered edges, low on the bush.',
    full: 'Leaves yellow about the spots and drop early.',
    months: SEASON,
    yellows: true,
    fallen: FALLEN,
  }),
  'entomosporium-leaf-spot': leafSpots({
    look: 'rimmed',
    fill: 'grey',
    rim: 'red',
    mm: [1.5, 6],
    first: 'Pinpoint red spots on young leaves.',
    full: 'Dark red spots with grey centres, running together.',
    months: [3, 4, 5, 6, 9, 10, 11],
    fallen: FALLEN,
  }),
  'grape-downy-mildew': leafSpots(
    {
      look: 'angular',
      fill: 'yellow',
      mm: [5, 25],
      first: 'Oily yellow spots above.',
      full: 'Yellow to brown spots, straight-sided where veins stop them.',
      months: SEASON,
      fallen: FALLEN,
    },
    signPlate('harm', 'down-beneath', 'White down beneath the spots after a damp night.', LEAF_MM, SEASON),
  ),
  'grape-black-rot': leafSpots(
    {
      look: 'rimmed',
      fill: 'tan',
      rim: 'dark-brown',
      mm: [2, 10],
      first: 'Round tan spots with a dark rim.',
      full: 'Many spots, each with black specks in a ring.',
      months: SEASON,
    },
    signPlate(
      'on-fruit',
      'fruit-rot',
      'A berry browns within days, then shrivels black.',
      30,
      monthsBetween(6, 9),
    ),
  ),
  'cherry-leaf-spot': leafSpots({
    look: 'plain',
    fill: 'purple',
    mm: [1, 4],
    first: 'Small purple spots above.',
    full: 'Many purple spots on a yellowing leaf; some drop out.',
    months: monthsBetween(5, 9),
    yellows: true,
    fallen: FALLEN,
  }),
  'brown-rot-of-fruit': [
    signPlate(
      'full',
      'fruit-rot',
      'Fruit browning from a wound, with rings of buff tufts.',
      FRUIT_MM,
      monthsBetween(6, 10),
    ),
    {
      stage: 'wintering',
      shows: MUMMY,
      on: 'none',
      subject: { kind: 'mummy' },
      lengthMm: null,
      months: monthsBetween(10, 4),
    },
  ],
  'olive-peacock-spot': leafSpots({
    look: 'eye',
    fill: 'black',
    rim: 'yellow',
    mm: [2.5, 12],
    first: 'A sooty round spot with a paler ring, low in the tree.',
    full: 'Several eye-like spots on a yellowing leaf.',
    months: monthsBetween(9, 5),
    yellows: true,
  }),
  'walnut-anthracnose': leafSpots({
    look: 'rimmed',
    fill: 'tan',
    rim: 'dark-brown',
    mm: [2, 15],
    first: 'Brown spots with a darker rim.',
    full: 'Blotches running together on a yellowing leaf.',
    months: monthsBetween(5, 10),
    yellows: true,
    fallen: FALLEN,
  }),
  'plane-anthracnose': [
    signPlate(
      'first-signs',
      'dieback',
      'Buds and young shoots dying in a cold wet spring.',
      SHOOT_MM,
      [4, 5],
    ),
    signPlate('full', 'vein-blotches', 'Brown blotches running along the veins.', 180, monthsBetween(5, 8)),
    signPlate('on-wood', 'sunken-bark', 'Sunken dead bark on twigs: it winters there.', 60),
  ],
  'dogwood-anthracnose': leafSpots(
    {
      look: 'rimmed',
      fill: 'tan',
      rim: 'purple',
      mm: [3, 15],
      first: 'Tan spots with a purple rim.',
      full: 'Spots running together; blighted leaves hang on.',
      months: monthsBetween(5, 10),
    },
    signPlate('on-wood', 'dieback', 'Lower branches dying back.', SHOOT_MM),
  ),
  'maple-anthracnose': [
    signPlate(
      'first-signs',
      'vein-blotches',
      'Brown blotches along the veins after a wet spring.',
      120,
      [5, 6],
    ),
    signPlate(
      'full',
      'brown-edges',
      'Whole edges browned; new leaves come clean in dry weather.',
      120,
      [6, 7, 8],
    ),
  ],
  'tar-spot': leafSpots({
    look: 'tar',
    fill: 'black',
    mm: [5, 20],
    first: 'Yellow spots in which black appears.',
    full: 'Shiny raised black patches.',
    months: monthsBetween(7, 11),
    fallen: FALLEN,
  }),
  'camellia-petal-blight': [
    signPlate(
      'full',
      'petal-rot',
      'Petals browned from the middle, with darker veins.',
      90,
      monthsBetween(1, 5),
    ),
  ],
  'box-blight': [
    ...leafSpots({
      look: 'plain',
      fill: 'dark-brown',
      mm: [2, 10],
      first: 'Dark brown patches on single leaves.',
      full: 'Leaves browned all over; they drop within days.',
      months: monthsBetween(4, 11),
      fallen: 'Fallen brown leaves: it winters in them for years.',
    }),
    signPlate('on-wood', 'dieback', 'Black streaks on green stems, and bare twigs.', SHOOT_MM),
  ],
  'fig-rust': leafSpots({
    look: 'powder',
    fill: 'copper',
    mm: [0.5, 2],
    first: 'Rusty dots with powder beneath the leaf.',
    full: 'Many rusty dots on a yellowing leaf.',
    months: monthsBetween(7, 11),
    yellows: true,
    fallen: FALLEN,
  }),
  'cedar-apple-rust': [
    signPlate(
      'on-wood',
      'jelly-horns',
      'On juniper in spring: a brown gall with orange jelly horns.',
      60,
      [3, 4, 5],
    ),
    ...leafSpots({
      look: 'horned',
      fill: 'orange',
      mm: [3, 10],
      first: 'On apple: small yellow-orange spots above.',
      full: 'Bright orange spots, with short tubes beneath by late summer.',
      months: monthsBetween(5, 8),
    }),
  ],
  'rose-rust': leafSpots({
    look: 'powder',
    fill: 'orange',
    mm: [0.5, 2],
    first: 'Orange dots under leaves and on stems in spring.',
    full: 'Orange powder beneath, black by late summer.',
    months: SEASON,
    yellows: true,
    fallen: FALLEN,
  }),
  'pear-trellis-rust': leafSpots(
    {
      look: 'horned',
      fill: 'orange',
      mm: [5, 20],
      first: 'Bright orange spots above.',
      full: 'Large orange blotches; brown spiky lumps beneath from late summer.',
      months: monthsBetween(5, 10),
    },
    signPlate(
      'on-wood',
      'jelly-horns',
      'On juniper: swollen twigs with orange jelly in spring.',
      60,
      [3, 4, 5],
    ),
  ),
  'plum-rust': leafSpots({
    look: 'powder',
    fill: 'brown',
    mm: [0.5, 2],
    first: 'Yellow specks above, rusty dots beneath.',
    full: 'Dark brown powder beneath a yellowing leaf.',
    months: monthsBetween(6, 10),
    yellows: true,
    fallen: FALLEN,
  }),
  'mahonia-rust': leafSpots({
    look: 'plain',
    fill: 'purple',
    mm: [1, 5],
    first: 'Small red-purple spots above.',
    full: 'Many spots, with brown powder in the same places beneath.',
    months: [],
  }),
  'myrtle-rust': leafSpots(
    {
      look: 'powder',
      fill: 'yellow',
      mm: [0.5, 3],
      first: 'Specks of bright yellow powder on the youngest leaves.',
      full: 'Bright yellow powder over young leaves, stems and buds.',
      months: [],
    },
    signPlate('harm', 'twisted-growth', 'Later the young growth is twisted and dies back.', SHOOT_MM),
  ),
  'greasy-spot': leafSpots({
    look: 'greasy',
    fill: 'brown',
    rim: 'yellow',
    mm: [2, 12],
    first: 'Yellow mottling above, slightly raised beneath.',
    full: 'Yellow-brown blotches, greasy beneath, on older leaves.',
    months: [],
    fallen: FALLEN,
  }),
  melanose: leafSpots({
    look: 'stipple',
    fill: 'brown',
    mm: [0.2, 1.5],
    first: 'Tiny sunken specks with a yellow edge.',
    full: 'Raised brown specks, rough like sandpaper.',
    months: [],
  }),
  'citrus-scab': leafSpots(
    {
      look: 'wart',
      fill: 'tan',
      mm: [1, 4],
      first: 'Small pale bumps on young leaves.',
      full: 'Corky warts, pink-brown, later grey.',
      months: [],
    },
    signPlate('on-fruit', 'corky-warts', 'Corky warts on young fruit.', FRUIT_MM),
  ),
  'citrus-alternaria': leafSpots({
    look: 'haloed',
    fill: 'brown',
    rim: 'yellow',
    mm: [2, 12],
    first: 'Small brown spots on young leaves, each in a yellow halo.',
    full: 'The yellow runs on along the veins; leaves drop.',
    months: [],
  }),
  'citrus-phytophthora': [
    signPlate('first-signs', 'gum-ooze', 'Gum from bark low on the trunk.', 200),
    signPlate('full', 'trunk-base', 'Dark, dying bark where the trunk meets the soil.', 300),
    signPlate('on-fruit', 'fruit-rot', 'Brown rot of low fruit.', FRUIT_MM),
  ],
  'citrus-black-spot': [
    {
      stage: 'on-fruit',
      shows: 'Sunken round spots with a grey middle and a dark rim on ripening fruit.',
      on: 'fruit',
      subject: {
        kind: 'spots',
        look: 'rimmed',
        fill: 'grey',
        rim: 'black',
        spread: 'many',
        tint: 'yellowing',
      },
      lengthMm: [3, 10],
      months: [],
    },
  ],
  'fire-blight': [
    signPlate('first-signs', 'brown-blossom', 'Blossom that wilts and turns brown to black.', 120, [4, 5, 6]),
    signPlate(
      'full',
      'hooked-shoot',
      'A blackened shoot bent over like a hook.',
      SHOOT_MM,
      monthsBetween(5, 9),
    ),
    signPlate(
      'wintering',
      'sunken-bark',
      'A sunken, cracked canker in the bark: it winters there.',
      120,
      monthsBetween(10, 3),
    ),
  ],
  'bacterial-spot': leafSpots(
    {
      look: 'angular',
      fill: 'dark-brown',
      mm: [1, 5],
      first: 'Small dark water-soaked spots with straight sides.',
      full: 'Angular spots, some fallen out, on a yellowing leaf.',
      months: SEASON,
      yellows: true,
    },
    signPlate('on-wood', 'gum-ooze', 'Sunken gummy cankers on twigs.', 150),
  ),
  'walnut-blight': leafSpots(
    {
      look: 'angular',
      fill: 'black',
      mm: [1, 5],
      first: 'Small dark angular spots on leaflets.',
      full: 'Many dark angular spots along the veins.',
      months: monthsBetween(4, 9),
    },
    {
      stage: 'on-fruit',
      shows: 'Black sunken patches on young nuts.',
      on: 'fruit',
      subject: { kind: 'spots', look: 'plain', fill: 'black', rim: null, spread: 'few', tint: 'green' },
      lengthMm: [4, 20],
      months: monthsBetween(5, 9),
    },
  ),
  'citrus-canker': leafSpots({
    look: 'crater',
    fill: 'tan',
    rim: 'yellow',
    mm: [2, 10],
    first: 'Pinpoint raised spots in a yellow halo.',
    full: 'Corky craters in yellow halos, felt on both sides of the leaf.',
    months: [],
  }),
  'citrus-greening': [
    signPlate(
      'first-signs',
      'lopsided-yellow',
      'A leaf blotched yellow differently on its two halves.',
      LEAF_MM,
    ),
    {
      stage: 'on-fruit',
      shows: 'Small lopsided fruit that stays green at the lower end.',
      on: 'fruit',
      subject: { kind: 'spots', look: 'mottle', fill: 'green', rim: null, spread: 'few', tint: 'yellowing' },
      lengthMm: null,
      months: monthsBetween(9, 2),
    },
  ],
};
