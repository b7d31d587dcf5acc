import type { Figure } from '#core/figures';
import { isScaleGroup, makesHoneydew, type TargetGroup } from '#core/identify';
import type { LevelBounds, Protocol } from '#core/sampling';

/** One thing written down for a unit, as the person counting meets it. */
export interface ItemText {
  readonly id: string;
  readonly name: string;
  /** How to tell it. */
  readonly looks: string;
  /** Key that adds one. */
  readonly key: string;
}

/** A fixed way of counting, in words. */
export interface ProtocolText {
  readonly id: Protocol;
  readonly name: string;
  readonly unit: readonly [one: string, many: string];
  readonly how: string;
  /** What the measure says: "live per 10 cm", "of leaves infested". */
  readonly measureName: string;
  readonly items: readonly ItemText[];
  readonly usual: number;
  readonly least: number;
  /** Units taken from each tree, where several trees are gone through in turn. */
  readonly perTree: number | null;
  /** Whether finding nothing is good news, so that "nothing found" is one tap. */
  readonly nothingIsAnAnswer: boolean;
}

const item = (id: string, name: string, looks: string, key: string): ItemText => ({ id, name, looks, key });
const COVERS: readonly ItemText[] = [
  item('live', 'Live', 'plump, fluid when pressed', 'space'),
  item('dead', 'Dead', 'dry, flat, papery', 'd'),
  item('holed', 'Holed', 'round exit hole', 'h'),
];

export const PROTOCOL_TEXTS: Readonly<Record<Protocol, ProtocolText>> = {
  twig: {
    id: 'twig',
    name: 'Twigs',
    unit: ['twig', 'twigs'],
    how:
      '10 cm (4 inches) of the newest hardened twig, all sides, with a lens. Take twigs from all round, without ' +
      'choosing.',
    measureName: 'live per 10 cm',
    items: COVERS,
    usual: 10,
    least: 10,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  leaf: {
    id: 'leaf',
    name: 'Leaves, scale on them',
    unit: ['leaf', 'leaves'],
    how:
      'Both sides of a leaf, along the midrib first. Take leaves from all round and from inside, without ' +
      'choosing.',
    measureName: 'of leaves with live ones',
    items: COVERS,
    usual: 20,
    least: 20,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  bark: {
    id: 'bark',
    name: 'Patches of bark',
    unit: ['patch', 'patches'],
    how:
      '5 by 5 cm (2 by 2 inches) of bark, held by a frame cut from card. The same places every time: forks, undersides, ' +
      'old cuts.',
    measureName: 'live per 25 cm²',
    items: COVERS.slice(0, 2),
    usual: 5,
    least: 5,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  spur: {
    id: 'spur',
    name: 'Dormant spurs',
    unit: ['spur', 'spurs'],
    how:
      'In winter, 5 spurs a tree from inside to outside, with some old and some young wood, under a ' +
      'lens. Mark each thing that is there.',
    measureName: 'of spurs with live scale',
    items: [
      item('liveScale', 'Live scale', 'grey or black caps, a yellow body beneath', '1'),
      item('holedScale', 'Holed scale', 'a round hole in the cap', '2'),
      item('softNymphs', 'Soft-scale young', 'flat brown ovals', '3'),
      item('stalkedEggs', 'Mite eggs, stalked', 'red, a fine hair on top: fruit-tree red mite', '4'),
      item('plainEggs', 'Mite eggs, no stalk', 'red to brown, smooth', '5'),
      item('aphidEggs', 'Aphid eggs', 'shiny black, by the buds', '6'),
    ],
    usual: 20,
    least: 100,
    perTree: 5,
    nothingIsAnAnswer: true,
  },
  mined: {
    id: 'mined',
    name: 'Mined leaves',
    unit: ['leaf', 'leaves'],
    how:
      'The newest leaves of a flush on citrus, any leaves elsewhere. Hold each to the light: is there a ' +
      'larva or pupa in the mine?',
    measureName: 'of leaves mined',
    items: [
      item('mines', 'Mines', 'trails or blisters', 'space'),
      item('larvae', 'With a larva', 'or a live pupa', 'l'),
    ],
    usual: 20,
    least: 20,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  disease: {
    id: 'disease',
    name: 'Spotted leaf area',
    unit: ['leaf', 'leaves'],
    how:
      'What part of the leaf is spotted, rusted or white? Compare with the drawings; small areas look ' +
      'larger than they are. Take leaves without choosing, clean ones too.',
    measureName: '% of leaf area',
    items: [item('percent', 'Area, %', 'of this leaf', '')],
    usual: 20,
    least: 20,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  spots: {
    id: 'spots',
    name: 'Spots by age of leaf',
    unit: ['leaf', 'leaves'],
    how:
      'Tagged shoots, each leaf from the tip down: fresh spots apart from old ones that have dried, healed or ' +
      'fallen out. Where on the shoot a leaf stands tells which wet time it was out in.',
    measureName: 'of leaves with fresh spots',
    items: [
      item('fresh', 'Fresh spots', 'new since the last look, edges still spreading', 'space'),
      item('old', 'Old spots', 'dry, grey, corky, or holes', 'o'),
      item('place', 'Leaf from the tip', '1 is the newest that is open', 'p'),
    ],
    usual: 20,
    least: 10,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  present: {
    id: 'present',
    name: 'Leaves, there or not',
    unit: ['leaf', 'leaves'],
    how: 'Turn each leaf over: is it on it or not? No need to count how many.',
    measureName: 'of leaves with it',
    items: [item('present', 'On this leaf', 'any, alive', 'space')],
    usual: 30,
    least: 20,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  tap: {
    id: 'tap',
    name: 'Taps over paper',
    unit: ['tap', 'taps'],
    how:
      'Tap a branch three times over white paper and count what walks. Hunting mites run, plant mites ' +
      'dawdle.',
    measureName: 'pests a tap',
    items: [
      item('pests', 'Pests', 'slow specks, crawlers', 'space'),
      item('helpers', 'Helpers', 'hunting mites, ladybirds, lacewings', 'h'),
    ],
    usual: 5,
    least: 5,
    perTree: null,
    nothingIsAnAnswer: true,
  },
  cover: {
    id: 'cover',
    name: 'Spray cover',
    unit: ['spot', 'spots'],
    how:
      'Ten tagged spots, looked at once the spray is on: is it wet all over, or does it show a film? Do ' +
      'not look only where it is easy.',
    measureName: 'of spots reached',
    items: [item('reached', 'Reached', 'wet or filmed all over', 'space')],
    usual: 10,
    least: 10,
    perTree: null,
    nothingIsAnAnswer: false,
  },
};

/** Where the ten spots of a cover check are. */
export const COVER_SPOTS: readonly string[] = [
  'low, underside of a leaf',
  'low, in a fork',
  'middle, underside of a leaf',
  'middle, in a fork',
  'middle, back of the stem',
  'inside, underside of a leaf',
  'inside, old wood',
  'top, upper side',
  'top, underside of a leaf',
  'far side, from where you stood',
];

const bounds = (value: LevelBounds): Figure<LevelBounds> => ({ value, grade: 'C', sourceIds: ['practice'] });

const LEVELS: Readonly<Record<Protocol, Figure<LevelBounds> | null>> = {
  twig: bounds([0, 0.5, 2, 10, 30]),
  leaf: bounds([0, 0.05, 0.2, 0.5, 0.8]),
  bark: bounds([0, 1, 5, 20, 60]),
  spur: bounds([0, 0.05, 0.2, 0.4, 0.6]),
  mined: bounds([0, 0.05, 0.2, 0.5, 0.8]),
  disease: bounds([0, 1, 5, 15, 40]),
  spots: bounds([0, 0.05, 0.2, 0.5, 0.8]),
  present: bounds([0, 0.05, 0.2, 0.5, 0.8]),
  tap: bounds([0, 1, 5, 15, 40]),
  cover: null,
};

/** Big-bodied scales weigh more apiece. */
const SOFT_TWIG_LEVELS = bounds([0, 0.2, 1, 5, 15]);

/** From which values levels 1 to 5 begin; null under a protocol that measures no infestation. */
export function levelBounds(protocol: Protocol, group: TargetGroup | null): Figure<LevelBounds> | null {
  return protocol === 'twig' && makesHoneydew(group) ? SOFT_TWIG_LEVELS : LEVELS[protocol];
}

/** Troubles counted otherwise than their group. */
const OWN_PROTOCOL: Readonly<Record<string, Protocol>> = {
  'tea-scale': 'leaf',
  'cottony-camellia-scale': 'leaf',
  'oleander-scale': 'leaf',
  'florida-wax-scale': 'leaf',
  'citrus-snow-scale': 'bark',
  'obscure-scale': 'bark',
  'walnut-scale': 'bark',
  'crapemyrtle-bark-scale': 'bark',
};

/**
 * The protocol a trouble is counted by unless the person says otherwise; null when there is nothing to
 * count.
 */
export function usualProtocol(targetId: string | null, group: TargetGroup | null): Protocol | null {
  const protocol = targetId === null ? undefined : OWN_PROTOCOL[targetId];
  if (protocol) return protocol;
  if (group === null || isScaleGroup(group)) return 'twig';
  switch (group) {
    case 'leaf-miner':
      return 'mined';
    case 'fungus':
      return 'disease';
    case 'mite':
      return 'tap';
    case 'sap-sucker':
    case 'chewer':
    case 'bacterium':
      return 'present';
    default:
      return null;
  }
}

/**
 * Every protocol that makes sense for a trouble, the usual one first. The spur sample is for fruit
 * trees in winter.
 */
export function protocolsFor(
  targetId: string | null,
  group: TargetGroup | null,
  fruitTree: boolean,
): Protocol[] {
  const usual = usualProtocol(targetId, group);
  if (usual === null) return [];
  const scale: Protocol[] = ['twig', 'leaf', 'bark', ...(fruitTree ? ['spur' as const] : [])];
  const others: readonly Protocol[] =
    group === null || isScaleGroup(group)
      ? scale
      : group === 'mite'
        ? ['tap', 'present', ...(fruitTree ? ['spur' as const] : [])]
        : group === 'fungus'
          ? ['disease', 'spots', 'present']
          : group === 'sap-sucker'
            ? ['present', 'tap']
            : [usual];
  return [...new Set([usual, ...others])];
}

/**
 * Thresholds of the spur sample, as growers of almonds use them (fresh fruit bears less); `share` is the share of
 * spurs from which the item asks for something, 0 where any does.
 */
export const SPUR_THRESHOLDS: readonly Figure<{
  readonly item: string;
  readonly share: number;
  readonly asksForOil: boolean;
  readonly then: string;
}>[] = [
  {
    value: { item: 'liveScale', share: 0.2, asksForOil: true, then: 'oil in the dormant season' },
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    value: {
      item: 'liveScale',
      share: 0.6,
      asksForOil: true,
      then: 'oil alone is not enough; ask a licensed adviser',
    },
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    value: { item: 'stalkedEggs', share: 0.2, asksForOil: true, then: 'oil before the buds open' },
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    value: { item: 'aphidEggs', share: 0, asksForOil: true, then: 'on plums, oil before the buds open' },
    grade: 'C',
    sourceIds: ['practice'],
  },
];
