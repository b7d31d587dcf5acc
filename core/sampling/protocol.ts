/** Fixed ways of counting. What is counted one way is never compared with what is counted another. */
export const PROTOCOLS = [
  'twig',
  'leaf',
  'bark',
  'spur',
  'mined',
  'disease',
  'spots',
  'present',
  'tap',
  'cover',
] as const;
export type Protocol = (typeof PROTOCOLS)[number];

/**
 * What is written down for one item of a unit: a whole number, there or not (1 or 0), or a share of
 * area in per cent.
 */
export type ItemKind = 'count' | 'yes-no' | 'percent';

export interface ProtocolShape {
  readonly items: Readonly<Record<string, ItemKind>>;
  /** What the level rests on: the mean of an item, the share of units with it, or its mean area. */
  readonly measure: { readonly kind: MeasureKind; readonly item: string };
}

export type MeasureKind = 'mean' | 'share' | 'area';

/** The shape of a unit under each protocol. */
export const PROTOCOL_SHAPES: Readonly<Record<Protocol, ProtocolShape>> = {
  twig: { items: { live: 'count', dead: 'count', holed: 'count' }, measure: { kind: 'mean', item: 'live' } },
  leaf: { items: { live: 'count', dead: 'count', holed: 'count' }, measure: { kind: 'share', item: 'live' } },
  bark: { items: { live: 'count', dead: 'count' }, measure: { kind: 'mean', item: 'live' } },
  spur: {
    items: {
      liveScale: 'yes-no',
      holedScale: 'yes-no',
      softNymphs: 'yes-no',
      stalkedEggs: 'yes-no',
      plainEggs: 'yes-no',
      aphidEggs: 'yes-no',
    },
    measure: { kind: 'share', item: 'liveScale' },
  },
  mined: { items: { mines: 'count', larvae: 'count' }, measure: { kind: 'share', item: 'mines' } },
  disease: { items: { percent: 'percent' }, measure: { kind: 'area', item: 'percent' } },
  spots: {
    items: { fresh: 'count', old: 'count', place: 'count' },
    measure: { kind: 'share', item: 'fresh' },
  },
  present: { items: { present: 'yes-no' }, measure: { kind: 'share', item: 'present' } },
  tap: { items: { pests: 'count', helpers: 'count' }, measure: { kind: 'mean', item: 'pests' } },
  cover: { items: { reached: 'yes-no' }, measure: { kind: 'share', item: 'reached' } },
};

/** One unit looked at: a twig, a leaf, a spur, a patch of bark, a tap, a spot. */
export interface Unit {
  /** One number for each item of its protocol. */
  readonly counts: Readonly<Record<string, number>>;
  /** The tag it carries, when the same unit is counted again and again. */
  readonly tagId?: string | undefined;
  /** Which tree of several it comes from, counted from 1. */
  readonly tree?: number | undefined;
}

const MOST_ON_A_UNIT = 5000;

/** What is wrong with a number written down for an item; null when nothing is. */
export function itemProblem(kind: ItemKind, value: number | undefined): string | null {
  if (value === undefined || !Number.isFinite(value)) return 'a-number-is-missing';
  if (value < 0) return 'cannot-be-negative';
  if (kind === 'percent') return value <= 100 ? null : 'most/100/%';
  if (!Number.isInteger(value)) return 'a-whole-number';
  if (kind === 'yes-no') return value <= 1 ? null : 'there-or-not';
  return value <= MOST_ON_A_UNIT ? null : `most/${MOST_ON_A_UNIT}`;
}

/** A unit on which nothing was found. */
export function emptyUnit(protocol: Protocol): Unit {
  return {
    counts: Object.fromEntries(Object.keys(PROTOCOL_SHAPES[protocol].items).map((item) => [item, 0])),
  };
}
