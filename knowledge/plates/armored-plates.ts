import type { CoverOutline, CoverSubject, GuidePlate, PlateColour, PlateGround } from './plate.ts';
import { colourWords, groundWords, outlineWords } from './scale-words.ts';

type Span = readonly [number, number];

/** How an armored scale looks: grown female, male, what is under her, and where they sit. */
interface ArmoredLook {
  readonly female: readonly [CoverOutline, PlateColour, Span];
  /** The cast skins on her cover. */
  readonly cap: readonly [PlateColour, CoverSubject['capAt']];
  readonly male: readonly [CoverOutline, PlateColour, Span];
  readonly on: PlateGround;
  /** Where males crowd; left out where they sit among the females. */
  readonly malesOn?: PlateGround;
  /** What a turned mother shows, and its colour. */
  readonly under: readonly ['eggs' | 'young', PlateColour];
  readonly crawler: PlateColour;
  /** Set where a stage of its own winters: its cover. */
  readonly winters?: readonly [CoverOutline, PlateColour, Span, string];
}

const CRAWLER_MM: Span = [0.2, 0.3];
const SETTLED_MM: Span = [0.3, 0.5];

const cover = (
  [outline, fill]: readonly [CoverOutline, PlateColour, ...unknown[]],
  cap: ArmoredLook['cap'],
  state: CoverSubject['state'] = 'live',
): CoverSubject => ({ kind: 'cover', outline, fill, cap: cap[0], capAt: cap[1], state });

function armored(look: ArmoredLook): readonly GuidePlate[] {
  const { female, cap, male, on, malesOn = on, under, crawler, winters } = look;
  const [outline, fill, femaleMm] = female;
  const [maleOutline, maleFill, maleMm] = male;
  const skins = `its cast skins ${colourWords(cap[0])}, ${cap[1] === 'end' ? 'at the narrow end' : cap[1] === 'centre' ? 'at the centre' : 'off the centre'}`;
  return [
    {
      stage: 'crawler',
      shows: `Flat ${colourWords(crawler)} specks with six legs, walking ${groundWords(on)}.`,
      on,
      subject: { kind: 'crawler', fill: crawler },
      lengthMm: CRAWLER_MM,
      months: [],
    },
    {
      stage: 'settled',
      shows: `Settled crawlers ${groundWords(on)}, each under its first small white cap.`,
      on,
      subject: cover(['round', 'white'], ['cream', 'centre']),
      lengthMm: SETTLED_MM,
      months: [],
    },
    {
      stage: 'male',
      shows: `Male covers ${groundWords(malesOn)}: ${outlineWords(maleOutline)}, ${colourWords(maleFill)}, smaller than the females.`,
      on: malesOn,
      subject: cover(male, [cap[0], maleOutline === 'oval' ? 'off-centre' : 'end']),
      lengthMm: maleMm,
      months: [],
    },
    {
      stage: 'grown',
      shows: `Female covers ${groundWords(on)}: ${outlineWords(outline)}, ${colourWords(fill)}, ${skins}.`,
      on,
      subject: cover(female, cap),
      lengthMm: femaleMm,
      months: [],
    },
    {
      stage: 'turned-over',
      shows:
        under[0] === 'eggs'
          ? `A mother's cover turned on its back, with ${colourWords(under[1])} eggs.`
          : `A cover lifted off its ${colourWords(under[1])} body; she bears young, not eggs.`,
      on: 'none',
      subject: {
        kind: 'turned',
        shell: fill,
        outline,
        inside: under[0] === 'eggs' ? 'eggs' : 'body',
        fill: under[1],
      },
      lengthMm: femaleMm,
      months: [],
    },
    ...(winters
      ? [
          {
            stage: 'wintering',
            shows: winters[3],
            on,
            subject: cover(winters, [winters[1], 'centre']),
            lengthMm: winters[2],
            months: [11, 12, 1, 2, 3],
          } satisfies GuidePlate,
        ]
      : []),
    {
      stage: 'holed',
      shows: 'A round hole in the cover: a wasp left through it, and nothing lives beneath.',
      on,
      subject: cover(female, cap, 'holed'),
      lengthMm: femaleMm,
      months: [],
    },
    {
      stage: 'last-year',
      shows:
        'Dead covers of an earlier year: flat, grey, cracked and dry; they stay on for a season or more.',
      on,
      subject: cover(female, cap, 'old'),
      lengthMm: femaleMm,
      months: [],
    },
  ];
}

const OVAL_GREY = (mm: Span): ArmoredLook['male'] => ['oval', 'grey', mm];
const NARROW_WHITE = (mm: Span): ArmoredLook['male'] => ['narrow', 'white', mm];

/** Lengths are rounded from what growers and books agree on (grade C); single insects are shorter or longer. */
export const ARMORED_PLATES: Readonly<Record<string, readonly GuidePlate[]>> = {
  'euonymus-scale': armored({
    female: ['pear', 'brown', [1.5, 2]],
    cap: ['yellow', 'end'],
    male: NARROW_WHITE([0.8, 1.2]),
    on: 'twig',
    malesOn: 'leaf',
    under: ['eggs', 'yellow'],
    crawler: 'orange',
  }),
  'san-jose-scale': armored({
    female: ['round', 'grey', [1.3, 2]],
    cap: ['yellow', 'centre'],
    male: OVAL_GREY([0.8, 1.1]),
    on: 'bark',
    under: ['young', 'yellow'],
    crawler: 'yellow',
    winters: ['round', 'black', [0.4, 0.7], 'Young that winter under round black caps, flat on the bark.'],
  }),
  'oystershell-scale': armored({
    female: ['mussel', 'brown', [2.5, 3.5]],
    cap: ['tan', 'end'],
    male: ['mussel', 'brown', [1, 1.5]],
    on: 'twig',
    under: ['eggs', 'white'],
    crawler: 'cream',
  }),
  'white-prunicola-scale': armored({
    female: ['round', 'white', [1.7, 2.5]],
    cap: ['orange', 'off-centre'],
    male: NARROW_WHITE([0.9, 1.2]),
    on: 'bark',
    under: ['eggs', 'orange'],
    crawler: 'orange',
  }),
  'pine-needle-scale': armored({
    female: ['pear', 'white', [2.3, 3]],
    cap: ['yellow', 'end'],
    male: NARROW_WHITE([0.9, 1.2]),
    on: 'needles',
    under: ['eggs', 'red'],
    crawler: 'red',
  }),
  'juniper-scale': armored({
    female: ['round', 'white', [1, 1.6]],
    cap: ['yellow', 'off-centre'],
    male: NARROW_WHITE([0.7, 1]),
    on: 'needles',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'california-red-scale': armored({
    female: ['round', 'copper', [1.5, 2]],
    cap: ['red', 'centre'],
    male: ['oval', 'copper', [0.8, 1.2]],
    on: 'leaf',
    under: ['young', 'yellow'],
    crawler: 'yellow',
  }),
  'citrus-snow-scale': armored({
    female: ['mussel', 'dark-brown', [1.5, 2.3]],
    cap: ['tan', 'end'],
    male: NARROW_WHITE([0.8, 1.1]),
    on: 'bark',
    under: ['eggs', 'yellow'],
    crawler: 'orange',
  }),
  'oleander-scale': armored({
    female: ['disc', 'cream', [1.5, 2]],
    cap: ['yellow', 'centre'],
    male: ['oval', 'white', [0.8, 1.1]],
    on: 'leaf',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'tea-scale': armored({
    female: ['boat', 'brown', [1.2, 2]],
    cap: ['yellow', 'end'],
    male: NARROW_WHITE([0.7, 1]),
    on: 'underleaf',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'obscure-scale': armored({
    female: ['round', 'grey', [2, 3]],
    cap: ['black', 'off-centre'],
    male: OVAL_GREY([1, 1.3]),
    on: 'bark',
    under: ['eggs', 'pink'],
    crawler: 'yellow',
  }),
  'walnut-scale': armored({
    female: ['round', 'grey', [2, 3]],
    cap: ['copper', 'off-centre'],
    male: OVAL_GREY([1, 1.3]),
    on: 'bark',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'gloomy-scale': armored({
    female: ['round', 'grey', [1.5, 2.3]],
    cap: ['dark-brown', 'off-centre'],
    male: OVAL_GREY([0.9, 1.2]),
    on: 'bark',
    under: ['young', 'pink'],
    crawler: 'yellow',
  }),
  'japanese-maple-scale': armored({
    female: ['mussel', 'white', [1.5, 2]],
    cap: ['brown', 'end'],
    male: ['mussel', 'white', [1, 1.3]],
    on: 'bark',
    under: ['eggs', 'purple'],
    crawler: 'purple',
  }),
  'rose-scale': armored({
    female: ['round', 'white', [2, 3]],
    cap: ['yellow', 'off-centre'],
    male: NARROW_WHITE([0.8, 1]),
    on: 'bark',
    under: ['eggs', 'red'],
    crawler: 'red',
  }),
  'camellia-scale': armored({
    female: ['mussel', 'brown', [2, 2.8]],
    cap: ['tan', 'end'],
    male: ['mussel', 'brown', [1.1, 1.5]],
    on: 'underleaf',
    under: ['eggs', 'white'],
    crawler: 'cream',
  }),
  'false-oleander-scale': armored({
    female: ['pear', 'white', [2, 3]],
    cap: ['yellow', 'end'],
    male: NARROW_WHITE([0.9, 1.2]),
    on: 'leaf',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'purple-scale': armored({
    female: ['mussel', 'purple', [2, 3]],
    cap: ['tan', 'end'],
    male: ['mussel', 'purple', [1.1, 1.5]],
    on: 'leaf',
    under: ['eggs', 'white'],
    crawler: 'cream',
  }),
  'dictyospermum-scale': armored({
    female: ['disc', 'tan', [1.5, 2]],
    cap: ['copper', 'centre'],
    male: ['oval', 'tan', [0.8, 1.1]],
    on: 'leaf',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'florida-red-scale': armored({
    female: ['round', 'black', [1.7, 2.2]],
    cap: ['red', 'centre'],
    male: ['oval', 'dark-brown', [0.9, 1.2]],
    on: 'leaf',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'latania-scale': armored({
    female: ['round', 'grey', [1.5, 2]],
    cap: ['brown', 'off-centre'],
    male: OVAL_GREY([0.8, 1.1]),
    on: 'twig',
    under: ['eggs', 'yellow'],
    crawler: 'yellow',
  }),
  'cycad-scale': armored({
    female: ['pear', 'white', [1.2, 1.6]],
    cap: ['yellow', 'end'],
    male: NARROW_WHITE([0.5, 0.7]),
    on: 'frond',
    under: ['eggs', 'orange'],
    crawler: 'orange',
  }),
  'olive-parlatoria-scale': armored({
    female: ['oval', 'grey', [1.5, 2.3]],
    cap: ['dark-brown', 'end'],
    male: NARROW_WHITE([0.8, 1.1]),
    on: 'bark',
    under: ['eggs', 'purple'],
    crawler: 'purple',
  }),
};
