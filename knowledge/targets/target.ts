import type { Grade } from '#core/figures';
import type { Candidate, FrequencyWord, Looks, TargetGroup } from '#core/identify';
import { CHECKS } from '../checks/index.ts';
import { COLOURS } from './colours.ts';

/** A trouble as the knowledge base holds it. */
export interface Target extends Candidate {
  readonly scientific: string;
  /** One or two plain sentences on what it is and does. */
  readonly what: string;
  readonly generations: string;
  readonly winter: string;
  /** Where on the plant, by season where that changes. */
  readonly sits: string;
  readonly takenFor: string;
  /** What settles it beyond doubt. */
  readonly confirmedBy: string;
  /** When it is worth acting and when not. */
  readonly matters: string;
  readonly enemies: string;
  /** Set where authorities often want to be told. */
  readonly report: boolean;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

/** A target as it is written down; what is left out follows from the group. */
export interface TargetText {
  readonly id: string;
  readonly name: string;
  readonly scientific: string;
  readonly what: string;
  /** "apple=usually pear=sometimes" */
  readonly hosts: string;
  /** How usual on hosts not named; left out where it never lives on them. */
  readonly elsewhere?: FrequencyWord;
  readonly months?: readonly number[];
  readonly shelter?: Candidate['shelter'];
  /** Signs it shows, "white-flecks=always"; every other sign is never seen. */
  readonly signs?: string;
  /** Tests and how often each answer comes out: "pear=always oyster=rarely". */
  readonly tests?: Readonly<Record<string, string>>;
  readonly generations?: string;
  readonly winter?: string;
  readonly sits?: string;
  /** Where and how it looks otherwise in some months of the north; replaces the usual, check by check. */
  readonly seasonal?: readonly {
    readonly months: readonly number[];
    readonly signs?: string;
    readonly tests?: Readonly<Record<string, string>>;
  }[];
  readonly takenFor?: string;
  readonly confirmedBy?: string;
  readonly matters?: string;
  readonly enemies?: string;
  readonly report?: boolean;
  readonly grade?: Grade;
  readonly sourceIds?: readonly string[];
}

type GroupText = Pick<
  TargetText,
  'signs' | 'tests' | 'confirmedBy' | 'matters' | 'enemies' | 'sits' | 'winter' | 'generations' | 'sourceIds'
>;

/** A test result that says "no insect to test": leaf troubles and harmless things. */
const NO_INSECT = {
  lift: 'nothing=always',
  shape: 'none=always',
  press: 'dry=always',
  'turn-over': 'empty=always',
} as const;

/** What holds for a whole group unless a target says otherwise. */
const GROUP_TEXT: Readonly<Record<TargetGroup, GroupText>> = {
  armored: {
    signs:
      'ants=rarely yellow-speckle=sometimes white-flecks=sometimes crust=usually domes=rarely ' +
      'red-halo=rarely dieback=sometimes sunken-bark=rarely',
    tests: {
      lift: 'cover-only=always whole=rarely nothing=rarely',
      press: 'fluid=usually dry=sometimes',
      'turn-over': 'body=usually eggs=sometimes empty=sometimes',
      larva: 'gone=always',
    },
    confirmedBy: 'lifting a cover off a separate body, then its shape under a lens',
    sits: 'bark, leaves or fruit, by species',
    matters: 'when it is alive on new growth and the crown thins; a big healthy tree carries a little',
    enemies: 'small ladybirds, parasitic wasps that leave round holes',
    sourceIds: ['miller-davidson-2005', 'practice'],
  },
  soft: {
    signs:
      'sticky=usually black-film=usually ants=sometimes yellow-speckle=rarely crust=rarely ' +
      'domes=usually dieback=sometimes',
    tests: {
      lift: 'whole=always cover-only=rarely',
      press: 'fluid=usually dry=sometimes',
      'turn-over': 'body=usually eggs=sometimes empty=sometimes',
      larva: 'gone=always',
    },
    confirmedBy: 'cover and body coming off as one, with honeydew about',
    sits: 'leaves and twigs',
    matters: 'when honeydew and mould spread or twigs die; ants kept off, helpers often manage the rest',
    enemies: 'ladybirds, parasitic wasps, lacewings; ants drive them away',
    sourceIds: ['kosztarab-1996', 'practice'],
  },
  felt: {
    signs:
      'sticky=usually black-film=usually ants=sometimes yellow-speckle=rarely white-flecks=rarely ' +
      'crust=sometimes white-felt=always cotton-sac=rarely mealy=rarely dieback=sometimes',
    tests: {
      lift: 'whole=usually cover-only=sometimes',
      press: 'pink-red=always dry=rarely fluid=rarely',
      shape: 'sac=always',
      'turn-over': 'eggs=usually body=sometimes empty=sometimes',
      crawlers: 'pink=always',
      larva: 'gone=always',
    },
    confirmedBy: 'a pink or red smear under white felt',
    sits: 'bark',
    matters: 'when bark and leaves below turn black; it seldom kills',
    enemies: 'ladybirds, some with white woolly larvae',
    sourceIds: ['practice'],
  },
  giant: {
    signs:
      'sticky=usually black-film=usually ants=sometimes yellow-speckle=rarely white-felt=rarely ' +
      'cotton-sac=always mealy=rarely dieback=sometimes',
    tests: {
      lift: 'whole=always',
      press: 'pink-red=usually fluid=sometimes dry=rarely',
      shape: 'ridged-sac=always sac=rarely',
      'turn-over': 'eggs=usually body=sometimes empty=rarely',
      crawlers: 'pink=always',
      larva: 'gone=always',
    },
    confirmedBy: 'the ribbed white cushion',
    sits: 'twigs and leaf veins',
    matters: 'seldom: wait for the vedalia beetle and do not spray what kills it',
    enemies: 'the vedalia beetle, a parasitic fly',
    sourceIds: ['practice'],
  },
  'leaf-miner': {
    signs: 'yellow-speckle=sometimes rolled-edge=rarely dieback=rarely',
    tests: {
      ...NO_INSECT,
      where: 'inside=always leaf-surface=rarely',
      larva: 'inside=usually gone=sometimes',
    },
    confirmedBy: 'a larva or pupa seen in the mine against the light',
    sits: 'inside the leaf',
    matters: 'on young plants, or when over a third of the flush is mined; on grown plants mostly looks',
    enemies: 'parasitic wasps, lacewings',
    sourceIds: ['practice'],
  },
  fungus: {
    signs: 'yellow-speckle=sometimes rolled-edge=rarely dieback=rarely',
    tests: { ...NO_INSECT, where: 'leaf-surface=always leaves=rarely', larva: 'gone=always' },
    confirmedBy: 'the look of the spots after a damp night in a bag, or a lab',
    sits: 'leaves',
    matters:
      'before it starts: sprays protect and do not heal; habits first (dry leaves, open crown, cleared ' +
      'leaves)',
    enemies: 'none to count on',
    sourceIds: ['practice'],
  },
  'sap-sucker': {
    signs: 'yellow-speckle=sometimes ants=rarely rolled-edge=rarely',
    tests: {
      lift: 'whole=usually nothing=sometimes',
      where: 'leaves=usually twigs=sometimes leaf-surface=rarely',
      larva: 'gone=always',
    },
    confirmedBy: 'legs: it walks or flies when touched',
    sits: 'undersides of leaves and soft tips',
    matters: 'when new growth curls or everything sticks; a jet of water does much',
    enemies: 'ladybirds, lacewings, hoverfly larvae, wasps',
    sourceIds: ['practice'],
  },
  mite: {
    signs: 'stipple=always walks=always yellow-speckle=usually web=sometimes',
    tests: { ...NO_INSECT, where: 'leaves=usually leaf-surface=sometimes', larva: 'gone=always' },
    confirmedBy: 'specks that walk on white paper',
    sits: 'undersides of leaves',
    matters: 'when leaves bronze in dry heat; jets of water first, broad sprays make it worse',
    enemies: 'hunting mites, tiny black ladybirds',
    sourceIds: ['practice'],
  },
  chewer: {
    signs: 'chewed=always',
    tests: { ...NO_INSECT, where: 'leaves=usually leaf-surface=sometimes', larva: 'gone=always' },
    confirmedBy: 'the caterpillar itself',
    sits: 'leaves',
    matters: 'early: hand picking while few',
    enemies: 'birds, wasps',
    sourceIds: ['practice'],
  },
  bacterium: {
    signs: 'dieback=usually',
    tests: { ...NO_INSECT, where: 'leaf-surface=sometimes twigs=usually', larva: 'gone=always' },
    confirmedBy: 'a lab',
    sits: 'shoots, blossom and leaves',
    matters: 'at once: cut well below, clean the blade each time',
    enemies: 'none',
    sourceIds: ['practice'],
  },
  'gall-maker': {
    signs: 'galls=always dieback=rarely twisted-growth=rarely',
    tests: { ...NO_INSECT, where: 'twigs=usually leaves=sometimes', larva: 'gone=always' },
    confirmedBy: 'a larva in the gall cut open',
    sits: 'inside swollen twigs or leaves',
    matters: 'when young trees carry many; a grown tree bears some',
    enemies: 'parasitic wasps',
    sourceIds: ['practice'],
  },
  helper: {
    signs: '',
    tests: {
      lift: 'whole=usually nothing=sometimes',
      where: 'leaves=usually twigs=usually old-bark=sometimes',
      larva: 'gone=always',
    },
    confirmedBy: 'watching what it eats',
    sits: 'wherever its prey is',
    matters: 'keep it: it works for you',
    enemies: 'ants and sprays',
    sourceIds: ['practice'],
  },
  'no-trouble': {
    signs: 'ants=rarely yellow-speckle=rarely',
    tests: { ...NO_INSECT, larva: 'gone=always' },
    confirmedBy: 'nothing lifting, nothing living, no spread',
    sits: 'wherever it is seen',
    matters: 'never',
    enemies: 'none',
    sourceIds: ['practice'],
  },
};

function words(list: string): Record<string, FrequencyWord> {
  return Object.fromEntries(
    list
      .split(' ')
      .filter(Boolean)
      .map((pair) => pair.split('=') as [string, FrequencyWord]),
  );
}

/** Hosts that stand by themselves because they bear other sprays, and are eaten like the kind they belong to. */
const OF_KIND: Readonly<Record<string, string>> = { 'sugar-maple': 'maple', 'japanese-maple': 'maple' };

function withKinds(hosts: Record<string, FrequencyWord>): Record<string, FrequencyWord> {
  const alike = Object.entries(OF_KIND).flatMap(([id, kind]) =>
    hosts[kind] ? [[id, hosts[kind]] as const] : [],
  );
  return { ...Object.fromEntries(alike), ...hosts };
}

/** Signs nothing is said about are never seen, so that every trouble has an opinion on every sign. */
export const NO_SIGN: Looks = Object.fromEntries(
  CHECKS.filter((check) => check.kind === 'sign').map((check) => [check.id, { yes: 'never' as const }]),
);

export function signLooks(list = ''): Looks {
  return Object.fromEntries(Object.entries(words(list)).map(([id, word]) => [id, { yes: word }]));
}

export function testLooks(tests: Readonly<Record<string, string>> = {}): Looks {
  return Object.fromEntries(Object.entries(tests).map(([id, list]) => [id, words(list)]));
}

/** The colour a trouble shows, where one is written down. */
export const colourLooks = (id: string): Looks => {
  const colours = COLOURS[id];
  return colours === undefined ? {} : { colour: words(colours) };
};

/** What crusts old bark is often taken for part of it, with no insect seen. */
function takenForBark(looks: Looks): Looks {
  const { where } = looks;
  const onBark = where?.['old-bark'] === 'always' || where?.['old-bark'] === 'usually';
  return onBark && where.wood === undefined ? { ...looks, where: { ...where, wood: 'rarely' } } : looks;
}

/** How a group looks where nothing more is known. */
export const groupLooks = (group: TargetGroup): Looks => ({
  ...NO_SIGN,
  ...signLooks(GROUP_TEXT[group].signs),
  ...testLooks(GROUP_TEXT[group].tests),
});

/** What rests on practice alone is a rule of thumb. */
const restsOnPractice = (sourceIds: readonly string[]) => sourceIds.every((id) => id === 'practice');

/** Completes a written target with its group's ways. */
export function target(group: TargetGroup, text: TargetText): Target {
  const usual = GROUP_TEXT[group];
  return {
    group,
    id: text.id,
    name: text.name,
    scientific: text.scientific,
    what: text.what,
    hosts: withKinds(words(text.hosts)),
    ...(text.elsewhere ? { elsewhere: text.elsewhere } : {}),
    months: text.months ?? [],
    shelter: text.shelter ?? 'outdoors',
    looks: takenForBark({
      ...NO_SIGN,
      ...signLooks(usual.signs),
      ...testLooks(usual.tests),
      ...signLooks(text.signs),
      ...testLooks(text.tests),
      ...colourLooks(text.id),
    }),
    generations: text.generations ?? usual.generations ?? 'varies',
    winter: text.winter ?? usual.winter ?? 'varies',
    sits: text.sits ?? usual.sits!,
    ...(text.seasonal
      ? {
          seasonal: text.seasonal.map(({ months, signs, tests }) => ({
            months,
            looks: { ...signLooks(signs), ...testLooks(tests) },
          })),
        }
      : {}),
    takenFor: text.takenFor ?? 'nothing in particular',
    confirmedBy: text.confirmedBy ?? usual.confirmedBy!,
    matters: text.matters ?? usual.matters!,
    enemies: text.enemies ?? usual.enemies!,
    report: text.report ?? false,
    grade: text.grade ?? (restsOnPractice(text.sourceIds ?? usual.sourceIds!) ? 'C' : 'B'),
    sourceIds: text.sourceIds ?? usual.sourceIds!,
  };
}
