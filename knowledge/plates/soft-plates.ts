import { monthsBetween } from '#core/calendar';
import { type GuidePlate, type PlateColour, type PlateGround, type PlateSubject } from './plate.ts';
import { colourWords, groundWords } from './scale-words.ts';

type Span = readonly [number, number];
type Grown = Extract<PlateSubject, { kind: 'dome' | 'flat' | 'wax' | 'sac' | 'felt' }>;

/** How a scale whose cover is its own skin looks through its year. */
interface SoftLook {
  readonly grown: Grown;
  readonly grownMm: Span;
  readonly grownShows: string;
  readonly on: PlateGround;
  readonly grownMonths?: readonly number[];
  readonly crawler: PlateColour;
  /** The young, flat and small; their months where one generation a year keeps to them. */
  readonly young: PlateColour;
  readonly youngMm: Span;
  readonly youngOn: PlateGround;
  /** Set where the young are no flat ovals. */
  readonly youngIs?: readonly [subject: PlateSubject, words: string];
  readonly youngMonths?: readonly number[];
  /** Where the young winter, if they move there. */
  readonly wintersOn?: PlateGround;
  readonly eggs: PlateColour | null;
  readonly eggMonths?: readonly number[];
  /** What is left of it. */
  readonly leaves: string;
}

const CRAWLER_MM: Span = [0.3, 0.5];

function soft(look: SoftLook): readonly GuidePlate[] {
  const { grown, grownMm, on, crawler, young, youngMm, youngOn, wintersOn, eggs } = look;
  const flatYoung = { kind: 'flat', fill: young, state: 'live' } as const;
  const withState = (state: 'holed' | 'old'): PlateSubject => ({ ...grown, state });
  const shell = grown.kind === 'sac' ? grown.body : grown.fill;
  return [
    {
      stage: 'crawler',
      shows: `Flat ${colourWords(crawler)} specks with six legs, walking out to the leaves.`,
      on: youngOn,
      subject: { kind: 'crawler', fill: crawler },
      lengthMm: CRAWLER_MM,
      months: [],
    },
    {
      stage: 'young',
      shows: `Young ${groundWords(youngOn)}: ${look.youngIs?.[1] ?? `flat ${colourWords(young)} ovals, easily overlooked`}.`,
      on: youngOn,
      subject: look.youngIs?.[0] ?? flatYoung,
      lengthMm: youngMm,
      months: look.youngMonths ?? [],
    },
    ...(wintersOn
      ? [
          {
            stage: 'wintering',
            shows: `The same young in winter, moved and settled again ${groundWords(wintersOn)}, flat and dark.`,
            on: wintersOn,
            subject: { ...flatYoung, fill: 'brown' },
            lengthMm: youngMm,
            months: monthsBetween(10, 4),
          } satisfies GuidePlate,
        ]
      : []),
    {
      stage: grown.kind === 'sac' ? 'sac' : 'grown',
      shows: look.grownShows,
      on,
      subject: grown,
      lengthMm: grownMm,
      months: look.grownMonths ?? [],
    },
    ...(eggs
      ? [
          {
            stage: 'turned-over',
            shows: `A mother turned over: ${colourWords(eggs)} eggs like fine dust or grains.`,
            on: 'none',
            subject: { kind: 'turned', shell, outline: 'dome', inside: 'eggs', fill: eggs },
            lengthMm: grownMm,
            months: look.eggMonths ?? [],
          } satisfies GuidePlate,
        ]
      : []),
    {
      stage: 'holed',
      shows: 'Round holes in dark, hard skins: wasps left through them, and these are dead.',
      on,
      subject: withState('holed'),
      lengthMm: grownMm,
      months: [],
    },
    {
      stage: 'last-year',
      shows: look.leaves,
      on,
      subject: withState('old'),
      lengthMm: grownMm,
      months: [],
    },
  ];
}

const dome = (
  fill: PlateColour,
  pattern: Extract<PlateSubject, { kind: 'dome' }>['pattern'] = 'plain',
): Grown => ({ kind: 'dome', fill, pattern, state: 'live' });
const wax = (fill: PlateColour, trim: Extract<PlateSubject, { kind: 'wax' }>['trim']): Grown => ({
  kind: 'wax',
  fill,
  trim,
  state: 'live',
});
const sac = (body: PlateColour, shape: Extract<PlateSubject, { kind: 'sac' }>['sac']): Grown => ({
  kind: 'sac',
  body,
  sac: shape,
  state: 'live',
});
const felt = (fill: PlateColour, fringed: boolean): Grown => ({ kind: 'felt', fill, fringed, state: 'live' });

const SHELLS = 'Old shells: brittle, empty and dusty, some with a white rim; they can hang on for years.';
const EMPTY_SACS = 'Old sacs: grey, torn and empty; the dry brown body drops off.';
const DULL_WAX = 'Old lumps: yellowed and grey with mould, light and hollow when pressed.';
const OLD_FELT = 'Old felt: grey, torn and dry; no smear when pressed.';

/** One generation: young on leaves all summer, on twigs in winter, swelling in spring. */
const ONE_A_YEAR = {
  youngOn: 'underleaf',
  youngMm: [0.6, 1.8],
  youngMonths: monthsBetween(6, 9),
  wintersOn: 'twig',
  grownMonths: monthsBetween(4, 6),
  eggMonths: [5, 6],
  leaves: SHELLS,
} as const;

/** Young that sit on the twig all year and grow up in late summer. */
const LATE_ON_TWIGS = {
  youngOn: 'twig',
  youngMm: [0.5, 2],
  youngMonths: monthsBetween(9, 5),
  grownMonths: monthsBetween(6, 9),
  eggs: null,
  leaves: SHELLS,
} as const;

const WAX_YOUNG = {
  youngOn: 'midrib',
  youngMm: [0.5, 1.5],
  young: 'white',
  youngIs: [
    { kind: 'wax', fill: 'white', trim: 'star', state: 'live' },
    'white stars of wax, each with a pink or red middle',
  ],
  leaves: DULL_WAX,
} as const;

/** Lengths are rounded from what growers and books agree on (grade C); single insects are shorter or longer. */
export const SOFT_PLATES: Readonly<Record<string, readonly GuidePlate[]>> = {
  'brown-soft-scale': soft({
    grown: { kind: 'flat', fill: 'brown', state: 'live' },
    grownMm: [2.5, 4],
    grownShows: 'Flat brown ovals along a midrib, mottled darker, of all sizes together.',
    on: 'midrib',
    crawler: 'yellow',
    young: 'yellow',
    youngMm: [0.6, 2],
    youngOn: 'midrib',
    eggs: null,
    leaves: 'Dead ones: dark, dry and curling at the edge, under a film of mould.',
  }),
  'black-scale': soft({
    grown: dome('black', 'ridged'),
    grownMm: [3, 5],
    grownShows: 'Black domes on a twig, each with ridges like a letter H.',
    on: 'twig',
    crawler: 'orange',
    young: 'tan',
    youngMm: [0.5, 2],
    youngOn: 'underleaf',
    eggs: 'orange',
    leaves: SHELLS,
  }),
  'european-fruit-lecanium': soft({
    ...ONE_A_YEAR,
    grown: dome('brown'),
    grownMm: [3, 6],
    grownShows: 'Shiny brown domes like half peas in a row on a twig.',
    on: 'twig',
    crawler: 'cream',
    young: 'tan',
    eggs: 'white',
  }),
  'oak-lecanium': soft({
    ...ONE_A_YEAR,
    grown: dome('brown'),
    grownMm: [4, 7],
    grownShows: 'Round brown domes crowding an oak twig.',
    on: 'twig',
    crawler: 'pink',
    young: 'tan',
    eggs: 'pink',
  }),
  'calico-scale': soft({
    ...ONE_A_YEAR,
    grown: dome('cream', 'blotched'),
    grownMm: [6, 8],
    grownShows: 'Round domes patterned black and cream in spring, plain brown once they die.',
    on: 'twig',
    crawler: 'yellow',
    young: 'tan',
    eggs: 'white',
  }),
  'cottony-maple-scale': soft({
    ...ONE_A_YEAR,
    grown: sac('brown', 'loose'),
    grownMm: [8, 12],
    grownShows: 'Flat brown bodies tipped up by loose white sacs like popcorn, on a twig.',
    on: 'twig',
    crawler: 'cream',
    young: 'pale-green',
    grownMonths: [6, 7],
    eggs: null,
    leaves: EMPTY_SACS,
  }),
  'cottony-camellia-scale': soft({
    ...ONE_A_YEAR,
    grown: sac('tan', 'long'),
    grownMm: [6, 10],
    grownShows: 'Long white cottony sacs under a leaf, the flat tan body at one end.',
    on: 'underleaf',
    crawler: 'yellow',
    young: 'yellow',
    wintersOn: 'underleaf',
    grownMonths: [5, 6, 7],
    eggs: null,
    leaves: EMPTY_SACS,
  }),
  'florida-wax-scale': soft({
    ...WAX_YOUNG,
    grown: wax('pink', 'blunt'),
    grownMm: [2, 4],
    grownShows: 'Small blunt pinkish-white lumps of wax along the veins.',
    on: 'midrib',
    crawler: 'pink',
    eggs: 'pink',
  }),
  'indian-wax-scale': soft({
    ...WAX_YOUNG,
    grown: wax('white', 'horn'),
    grownMm: [6, 10],
    grownShows: 'Large white lumps of wet-looking wax on a twig, each with a horn.',
    on: 'twig',
    crawler: 'red',
    eggs: 'red',
    eggMonths: [5, 6],
  }),
  'tuliptree-scale': soft({
    ...LATE_ON_TWIGS,
    grown: dome('olive', 'dusted'),
    grownMm: [6, 12],
    grownShows: 'Large helmet-shaped domes, grey-green to pinkish, crowding a twig.',
    on: 'twig',
    crawler: 'red',
    young: 'dark-brown',
  }),
  'magnolia-scale': soft({
    ...LATE_ON_TWIGS,
    grown: dome('pink', 'dusted'),
    grownMm: [9, 13],
    grownShows: 'Very large pinkish domes dusted white, side by side on a magnolia twig.',
    on: 'twig',
    crawler: 'red',
    young: 'dark-brown',
  }),
  'horse-chestnut-scale': soft({
    ...ONE_A_YEAR,
    grown: sac('brown', 'cushion'),
    grownMm: [4, 7],
    grownShows: 'Round white cushions on bark, each capped by a brown disc.',
    on: 'bark',
    crawler: 'cream',
    young: 'yellow',
    grownMonths: [5, 6, 7],
    eggs: null,
    leaves: 'Old cushions: grey rings of felt where the brown disc has dropped off.',
  }),
  'hydrangea-scale': soft({
    ...ONE_A_YEAR,
    grown: sac('brown', 'long'),
    grownMm: [5, 8],
    grownShows: 'Oval white egg sacs on a hydrangea leaf, a small brown body at the end of each.',
    on: 'underleaf',
    crawler: 'yellow',
    young: 'tan',
    grownMonths: [5, 6, 7],
    eggs: null,
    leaves: EMPTY_SACS,
  }),
  'spruce-bud-scale': soft({
    grown: dome('copper'),
    grownMm: [3, 5],
    grownShows: 'Red-brown balls like buds, clustered where spruce twigs branch.',
    on: 'fork',
    grownMonths: monthsBetween(5, 8),
    crawler: 'pink',
    young: 'brown',
    youngMm: [0.4, 1.2],
    youngOn: 'needles',
    youngMonths: monthsBetween(7, 4),
    eggs: 'pink',
    eggMonths: [6, 7],
    leaves: SHELLS,
  }),
  'fig-wax-scale': soft({
    ...WAX_YOUNG,
    grown: wax('grey', 'plates'),
    grownMm: [3, 5],
    grownShows: 'Grey-white humps of wax in plates, each plate paler at its middle.',
    on: 'twig',
    crawler: 'red',
    eggs: 'red',
  }),
  'pink-wax-scale': soft({
    ...WAX_YOUNG,
    grown: wax('red', 'lines'),
    grownMm: [3, 4],
    grownShows: 'Hard pink-red lumps with white lines, along a midrib.',
    on: 'midrib',
    crawler: 'pink',
    eggs: 'pink',
  }),
  'white-wax-scale': soft({
    ...WAX_YOUNG,
    grown: wax('white', 'wet'),
    grownMm: [5, 9],
    grownShows: 'Soft, wet-looking white lumps crowding a twig.',
    on: 'twig',
    crawler: 'red',
    eggs: 'red',
  }),
  'hemispherical-scale': soft({
    grown: dome('brown'),
    grownMm: [2, 4.5],
    grownShows: 'Smooth shiny half balls along a midrib.',
    on: 'midrib',
    crawler: 'pink',
    young: 'tan',
    youngMm: [0.5, 1.8],
    youngOn: 'midrib',
    eggs: 'pink',
    leaves: SHELLS,
  }),
  'crapemyrtle-bark-scale': soft({
    grown: felt('white', false),
    grownMm: [1.8, 3],
    grownShows: 'White felt sacs packed into a fork; pressed, they smear pink.',
    on: 'fork',
    crawler: 'pink',
    young: 'pink',
    youngMm: [0.4, 1],
    youngOn: 'bark',
    eggs: 'pink',
    leaves: OLD_FELT,
  }),
  'azalea-bark-scale': soft({
    grown: felt('white', false),
    grownMm: [2, 3],
    grownShows: 'White felt sacs in the forks of azalea twigs.',
    on: 'fork',
    crawler: 'red',
    young: 'red',
    youngMm: [0.4, 1],
    youngOn: 'twig',
    eggs: 'red',
    eggMonths: [4, 5, 6],
    leaves: OLD_FELT,
  }),
  'european-elm-scale': soft({
    grown: felt('purple', true),
    grownMm: [4, 9],
    grownShows: 'Dark oval bodies, each in a white fringe, in crevices of elm bark.',
    on: 'bark',
    grownMonths: monthsBetween(4, 7),
    crawler: 'yellow',
    young: 'yellow',
    youngMm: [0.4, 1.5],
    youngOn: 'underleaf',
    youngMonths: monthsBetween(6, 9),
    wintersOn: 'bark',
    eggs: null,
    leaves: 'Old ones: shrivelled dark skins, the white fringe grey and torn.',
  }),
  'cottony-cushion-scale': soft({
    grown: sac('orange', 'ribbed'),
    grownMm: [8, 15],
    grownShows: 'Orange-brown bodies, each with a ribbed white cushion twice as long.',
    on: 'twig',
    crawler: 'red',
    young: 'orange',
    youngMm: [1, 3],
    youngOn: 'midrib',
    eggs: null,
    leaves: EMPTY_SACS,
  }),
};
