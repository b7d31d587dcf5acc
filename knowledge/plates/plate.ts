/** What a plate's colours are called; how they are mixed is the drawing's affair. */
export type PlateColour =
  | 'white'
  | 'cream'
  | 'silver'
  | 'grey'
  | 'tan'
  | 'brown'
  | 'dark-brown'
  | 'black'
  | 'yellow'
  | 'orange'
  | 'copper'
  | 'pink'
  | 'red'
  | 'purple'
  | 'green'
  | 'olive'
  | 'pale-green';

/** What a plate shows of a trouble, in the order of its life. */
export type PlateStage =
  | 'eggs'
  | 'crawler'
  | 'settled'
  | 'young'
  | 'male'
  | 'grown'
  | 'turned-over'
  | 'sac'
  | 'adult'
  | 'begun'
  | 'in-the-leaf'
  | 'mine'
  | 'pupa'
  | 'first-signs'
  | 'full'
  | 'on-fruit'
  | 'on-wood'
  | 'harm'
  | 'wintering'
  | 'holed'
  | 'last-year';

/** Where it is drawn: a piece of the plant as near as the lens or the hand holds it. */
export type PlateGround =
  | 'leaf'
  | 'underleaf'
  | 'midrib'
  | 'twig'
  | 'fork'
  | 'bark'
  | 'needles'
  | 'frond'
  | 'fruit'
  | 'shoot'
  | 'none';

export type CoverOutline = 'pear' | 'mussel' | 'round' | 'disc' | 'oval' | 'boat' | 'narrow';

/** How a cover or shell stands: alive, left by a wasp through a round hole, or dry from another year. */
export type ShellState = 'live' | 'holed' | 'old';

export interface CoverSubject {
  readonly kind: 'cover';
  readonly outline: CoverOutline;
  readonly fill: PlateColour;
  /** The cast skins: their colour and where they lie. */
  readonly cap: PlateColour;
  readonly capAt: 'end' | 'centre' | 'off-centre';
  readonly state: ShellState;
}

export interface DomeSubject {
  readonly kind: 'dome';
  readonly fill: PlateColour;
  readonly pattern: 'plain' | 'ridged' | 'blotched' | 'dusted';
  readonly state: ShellState;
}

export interface SpotSubject {
  readonly kind: 'spots';
  readonly look:
    | 'plain'
    | 'fringed'
    | 'velvet'
    | 'rimmed'
    | 'haloed'
    | 'angular'
    | 'eye'
    | 'tar'
    | 'powder'
    | 'horned'
    | 'crater'
    | 'greasy'
    | 'stipple'
    | 'mottle'
    | 'pouches'
    | 'wart';
  readonly fill: PlateColour;
  readonly rim: PlateColour | null;
  readonly spread: 'few' | 'many';
  readonly tint: 'green' | 'yellowing' | 'fallen';
}

export interface InsectSubject {
  readonly kind: 'insect';
  readonly build: InsectBuild;
  readonly fill: PlateColour;
}

export type InsectBuild =
  | 'moth'
  | 'fly'
  | 'midge'
  | 'sawfly'
  | 'beetle'
  | 'wasp'
  | 'aphid'
  | 'whitefly'
  | 'flat-young'
  | 'mealybug'
  | 'thrips'
  | 'lace-bug'
  | 'hopper'
  | 'shield-bug'
  | 'lanternfly'
  | 'psyllid'
  | 'mite'
  | 'gall-mite'
  | 'caterpillar'
  | 'grub'
  | 'pupa'
  | 'woolly-larva';

/** What is drawn; each kind has its own hand. */
export type PlateSubject =
  | CoverSubject
  | DomeSubject
  | SpotSubject
  | InsectSubject
  | { readonly kind: 'flat'; readonly fill: PlateColour; readonly state: ShellState }
  | {
      readonly kind: 'wax';
      readonly fill: PlateColour;
      readonly trim: 'blunt' | 'star' | 'horn' | 'plates' | 'lines' | 'wet';
      readonly state: ShellState;
    }
  | {
      readonly kind: 'sac';
      readonly body: PlateColour;
      readonly sac: 'long' | 'ribbed' | 'loose' | 'cushion';
      readonly state: ShellState;
    }
  | {
      readonly kind: 'felt';
      readonly fill: PlateColour;
      readonly fringed: boolean;
      readonly state: ShellState;
    }
  | { readonly kind: 'crawler'; readonly fill: PlateColour }
  | {
      readonly kind: 'turned';
      readonly shell: PlateColour;
      readonly outline: CoverOutline | 'dome';
      readonly inside: 'eggs' | 'body';
      readonly fill: PlateColour;
    }
  | {
      readonly kind: 'mine';
      readonly way:
        | 'trail'
        | 'blotch'
        | 'tip-blotch'
        | 'between-veins'
        | 'round'
        | 'fingers'
        | 'blister'
        | 'midrib-blister'
        | 'tent';
      readonly fill: PlateColour;
      readonly state: 'begun' | 'larva' | 'full' | 'old';
      readonly larva: PlateColour;
    }
  | { readonly kind: 'coat'; readonly fill: PlateColour; readonly spread: 'few' | 'many' }
  | { readonly kind: 'egg-batch'; readonly fill: PlateColour; readonly shape: 'loose' | 'stalked' | 'mass' }
  | { readonly kind: 'mummy' }
  | { readonly kind: 'twig-gall' }
  /** The drawing of a sign of the key, with how wide a piece of the world it shows. */
  | { readonly kind: 'sign'; readonly checkId: string; readonly acrossMm: number };

/** A drawing of the field guide: one stage of one trouble, where it sits, how long it is and when it is met. */
export interface GuidePlate {
  readonly stage: PlateStage;
  /** What it shows, one sentence, for those who cannot see it and for the line beneath. */
  readonly shows: string;
  readonly on: PlateGround;
  readonly subject: PlateSubject;
  /** How long one is, shortest and longest, mm; null for what has no length of its own. */
  readonly lengthMm: readonly [shortest: number, longest: number] | null;
  /** Months of the north in which it is usually met; empty means all year. */
  readonly months: readonly number[];
}

const TITLES: Readonly<Record<PlateStage, string>> = {
  eggs: 'Eggs',
  crawler: 'Crawlers',
  settled: 'Just settled',
  young: 'Young',
  male: 'Males',
  grown: 'Grown females',
  'turned-over': 'Turned over',
  sac: 'With egg sac',
  adult: 'Grown',
  begun: 'A mine begun',
  'in-the-leaf': 'Larva inside',
  mine: 'A full mine',
  pupa: 'Pupa',
  'first-signs': 'First signs',
  full: 'In full',
  'on-fruit': 'On fruit',
  'on-wood': 'On wood and stems',
  harm: 'What it leaves',
  wintering: 'In winter',
  holed: 'Holed by a wasp',
  'last-year': "Last year's",
};

export const plateTitle = (stage: PlateStage): string => TITLES[stage];
