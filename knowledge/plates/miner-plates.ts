import { monthsBetween } from '#core/calendar';
import { type GuidePlate, type InsectBuild, type PlateColour, type PlateSubject } from './plate.ts';
import { signPlate } from './sign-plate.ts';
import { colourWords } from './scale-words.ts';

type Span = readonly [number, number];
type Mine = Extract<PlateSubject, { kind: 'mine' }>;
/** Wide as a leaf held in the hand. */
const LEAF_MM = 80;

/** How a miner looks: the mine, the larva in it, and the grown insect that laid the egg. */
interface MinerLook {
  readonly mine: readonly [Mine['way'], PlateColour];
  readonly mineShows: string;
  readonly larva: readonly [PlateColour, Span];
  readonly adult: readonly [InsectBuild, PlateColour, Span];
  readonly adultShows: string;
  /** Months of the north in which mines are met. */
  readonly months: readonly number[];
  readonly adultMonths?: readonly number[];
  readonly wintering: GuidePlate | null;
  readonly old: string;
}

function miner(look: MinerLook): readonly GuidePlate[] {
  const [way, fill] = look.mine;
  const [larva, larvaMm] = look.larva;
  const [build, adultFill, adultMm] = look.adult;
  const mine = (state: Mine['state']): Mine => ({ kind: 'mine', way, fill, state, larva });
  return [
    {
      stage: 'adult',
      shows: look.adultShows,
      on: 'leaf',
      subject: { kind: 'insect', build, fill: adultFill },
      lengthMm: adultMm,
      months: look.adultMonths ?? look.months,
    },
    {
      stage: 'begun',
      shows: 'A mine begun: a thin pale line or a spot no wider than a match head.',
      on: 'none',
      subject: mine('begun'),
      lengthMm: null,
      months: look.months,
    },
    {
      stage: 'in-the-leaf',
      shows: `Against the light: a ${colourWords(larva)} larva in the mine, with its droppings behind it.`,
      on: 'none',
      subject: mine('larva'),
      lengthMm: larvaMm,
      months: look.months,
    },
    {
      stage: 'mine',
      shows: look.mineShows,
      on: 'none',
      subject: mine('full'),
      lengthMm: null,
      months: look.months,
    },
    ...(look.wintering ? [look.wintering] : []),
    {
      stage: 'last-year',
      shows: look.old,
      on: 'none',
      subject: mine('old'),
      lengthMm: null,
      months: [],
    },
  ];
}

const wintering = (
  shows: string,
  subject: PlateSubject,
  on: GuidePlate['on'],
  lengthMm: Span | null = null,
): GuidePlate => ({ stage: 'wintering', shows, on, subject, lengthMm, months: monthsBetween(10, 3) });
const pupa = (shows: string, fill: PlateColour, mm: Span, on: GuidePlate['on'] = 'none') =>
  wintering(shows, { kind: 'insect', build: 'pupa', fill }, on, mm);

const SPRING_TO_FALL = monthsBetween(4, 10);
const EMPTY_MINE = 'An empty mine: dry and brown, with a hole or slit where something left it.';

export const MINER_PLATES: Readonly<Record<string, readonly GuidePlate[]>> = {
  'citrus-leaf-miner': [
    ...miner({
      mine: ['trail', 'silver'],
      mineShows: 'A silvery winding trail in a soft leaf, with one thin dark line along it.',
      larva: ['pale-green', [2, 3]],
      adult: ['moth', 'silver', [2, 2.5]],
      adultShows: 'A tiny silvery moth with a black dot at each wing tip; it flies at dusk.',
      months: [],
      wintering: null,
      old: 'An old mined leaf: stiff, curled and dry silver; it still feeds the tree.',
    }),
    {
      ...signPlate('pupa', 'rolled-edge', 'The edge of the leaf rolled over a pupa.', LEAF_MM, []),
      lengthMm: [2, 3],
    },
  ],
  'tentiform-leaf-miner': miner({
    mine: ['tent', 'pale-green'],
    mineShows: 'A leaf drawn up into a little tent, flecked pale above.',
    larva: ['yellow', [3, 5]],
    adult: ['moth', 'copper', [3, 4]],
    adultShows: 'A small coppery moth with white bars.',
    months: SPRING_TO_FALL,
    wintering: pupa('A brown pupa in the tent of a fallen leaf.', 'brown', [3, 4]),
    old: EMPTY_MINE,
  }),
  'apple-pygmy-miner': miner({
    mine: ['trail', 'tan'],
    mineShows: 'A narrow winding gallery, filled along its middle with a dark line.',
    larva: ['pale-green', [4, 5]],
    adult: ['moth', 'dark-brown', [2, 2.5]],
    adultShows: 'A very small dark moth with a pale bar.',
    months: monthsBetween(6, 10),
    wintering: null,
    old: EMPTY_MINE,
  }),
  'boxwood-leaf-miner': miner({
    mine: ['blister', 'yellow'],
    mineShows: 'Yellow-brown blisters; held up, several orange maggots show in one leaf.',
    larva: ['orange', [2, 3]],
    adult: ['midge', 'orange', [2, 3]],
    adultShows: 'Small orange midges round the plant, for about two weeks in spring.',
    months: [],
    adultMonths: [4, 5, 6],
    wintering: wintering(
      'Half-grown orange maggots in the leaf.',
      { kind: 'mine', way: 'blister', fill: 'yellow', state: 'larva', larva: 'orange' },
      'none',
      [1.5, 2.5],
    ),
    old: 'Old blisters: split beneath, with white pupal skins sticking out.',
  }),
  'holly-leaf-miner': miner({
    mine: ['blotch', 'yellow'],
    mineShows: 'A yellow-brown blotch, often starting from the midrib.',
    larva: ['cream', [2, 3]],
    adult: ['fly', 'black', [2, 3]],
    adultShows: 'A small dark fly; her pinpricks in young leaves are not mines.',
    months: [],
    adultMonths: [4, 5, 6],
    wintering: wintering(
      'A small pale maggot in a winter mine.',
      { kind: 'mine', way: 'blotch', fill: 'yellow', state: 'larva', larva: 'cream' },
      'none',
      [1, 3],
    ),
    old: EMPTY_MINE,
  }),
  'birch-leaf-miner': miner({
    mine: ['tip-blotch', 'grey'],
    mineShows: 'Grey, then brown blotches that take the leaf from its tip.',
    larva: ['cream', [5, 6]],
    adult: ['sawfly', 'black', [3, 4]],
    adultShows: 'Small black sawflies hovering about new leaves.',
    months: monthsBetween(5, 9),
    adultMonths: [4, 5, 6, 7],
    wintering: null,
    old: EMPTY_MINE,
  }),
  'lilac-leaf-miner': [
    ...miner({
      mine: ['blotch', 'olive'],
      mineShows: 'A brown blotch that several larvae share.',
      larva: ['pale-green', [5, 7]],
      adult: ['moth', 'brown', [5, 6]],
      adultShows: 'A small brown moth with pale bars, at rest with its front raised.',
      months: monthsBetween(5, 9),
      wintering: null,
      old: EMPTY_MINE,
    }),
    {
      ...signPlate(
        'pupa',
        'rolled-edge',
        'Later the leaf is rolled from its tip, with larvae feeding inside the roll.',
        LEAF_MM,
        monthsBetween(6, 10),
      ),
      lengthMm: [5, 7],
    },
  ],
  'azalea-leaf-miner': miner({
    mine: ['blister', 'tan'],
    mineShows: 'Brown blisters in a small leaf, then tips curled and tied with silk.',
    larva: ['pale-green', [8, 10]],
    adult: ['moth', 'yellow', [4, 6]],
    adultShows: 'A small yellow moth with purple marks.',
    months: [],
    wintering: null,
    old: EMPTY_MINE,
  }),
  'horse-chestnut-leaf-miner': miner({
    mine: ['between-veins', 'tan'],
    mineShows: 'Pale, then brown blotches that stop at the veins.',
    larva: ['cream', [4, 5]],
    adult: ['moth', 'copper', [4, 5]],
    adultShows: 'Small coppery moths with white bars, many on the trunk in spring.',
    months: monthsBetween(5, 10),
    adultMonths: [4, 5, 6, 7, 8, 9],
    wintering: pupa('Round lens-like cocoons with a brown pupa, in fallen leaves.', 'brown', [3, 5]),
    old: EMPTY_MINE,
  }),
  'firethorn-leaf-miner': miner({
    mine: ['midrib-blister', 'silver'],
    mineShows: 'A silvery blister along the midrib above; the leaf folds shut over it.',
    larva: ['yellow', [3, 4]],
    adult: ['moth', 'copper', [3, 4]],
    adultShows: 'A small coppery moth with fine white bars.',
    months: [],
    wintering: wintering(
      'A yellow larva in the silver mine, all winter.',
      { kind: 'mine', way: 'midrib-blister', fill: 'silver', state: 'larva', larva: 'yellow' },
      'none',
      [2, 4],
    ),
    old: EMPTY_MINE,
  }),
  'pear-leaf-blister-moth': miner({
    mine: ['round', 'brown'],
    mineShows: 'Round brown blotches with rings of droppings, several on a leaf.',
    larva: ['pale-green', [4, 5]],
    adult: ['moth', 'grey', [3, 4]],
    adultShows: 'A small grey moth with an orange wing tip.',
    months: monthsBetween(6, 10),
    adultMonths: monthsBetween(4, 9),
    wintering: pupa('White silken cocoons on bark and in litter.', 'white', [4, 6], 'bark'),
    old: EMPTY_MINE,
  }),
  lyonetia: miner({
    mine: ['trail', 'tan'],
    mineShows: 'A long winding trail across the veins; a piece it cuts off may turn brown.',
    larva: ['pale-green', [6, 8]],
    adult: ['moth', 'white', [3.5, 4.5]],
    adultShows: 'A slender white moth with a brown wing tip.',
    months: monthsBetween(6, 10),
    wintering: null,
    old: EMPTY_MINE,
  }),
  'oak-leaf-miner': miner({
    mine: ['blotch', 'cream'],
    mineShows: 'Pale blotches or small blisters in an oak leaf.',
    larva: ['cream', [3, 5]],
    adult: ['moth', 'copper', [3, 4]],
    adultShows: 'A small coppery moth with white bars.',
    months: monthsBetween(5, 10),
    wintering: pupa('A brown pupa in the mine of a fallen leaf.', 'brown', [3, 4]),
    old: EMPTY_MINE,
  }),
  'locust-leaf-miner': miner({
    mine: ['fingers', 'cream'],
    mineShows: 'A pale blotch with fingers, like a hand, in a leaflet.',
    larva: ['cream', [4, 6]],
    adult: ['beetle', 'orange', [5, 7]],
    adultShows: 'A flat orange beetle with a dark stripe down its back; other kinds are small moths.',
    months: monthsBetween(5, 9),
    wintering: null,
    old: EMPTY_MINE,
  }),
  'rose-leaf-miner': miner({
    mine: ['trail', 'tan'],
    mineShows: 'A narrow winding trail with a dark line, in a rose leaflet.',
    larva: ['yellow', [4, 5]],
    adult: ['moth', 'dark-brown', [2, 2.5]],
    adultShows: 'A very small dark moth with a pale bar.',
    months: monthsBetween(6, 10),
    wintering: null,
    old: EMPTY_MINE,
  }),
  'arborvitae-leaf-miner': [
    {
      stage: 'adult',
      shows: 'Small silvery-tan moths rising from the hedge when it is tapped.',
      on: 'shoot',
      subject: { kind: 'insect', build: 'moth', fill: 'cream' },
      lengthMm: [3.5, 5],
      months: [5, 6, 7],
    },
    {
      stage: 'in-the-leaf',
      shows: 'A pale larva in a tip pulled open.',
      on: 'none',
      subject: { kind: 'insect', build: 'grub', fill: 'pale-green' },
      lengthMm: [2.5, 4],
      months: monthsBetween(8, 5),
    },
    signPlate(
      'full',
      'hollow-tips',
      'Tips yellow, then brown and hollow, sharply set off from the green.',
      50,
      monthsBetween(10, 5),
    ),
  ],
  'citrus-peel-miner': [
    {
      stage: 'adult',
      shows: 'A small grey moth with white bars.',
      on: 'leaf',
      subject: { kind: 'insect', build: 'moth', fill: 'grey' },
      lengthMm: [3, 4],
      months: [],
    },
    signPlate('on-fruit', 'peel-trail', 'Long winding lines just under the skin of the fruit.', 110, []),
  ],
};
