import type { TargetGroup } from '#core/identify';
import { HANDWORK_KINDS, type HandworkKind } from '#core/records';

/** A way of working by hand: how, what it asks of the plant, and what becomes of what comes off. */
export interface HandworkText {
  readonly name: string;
  /** As it stands in a record: "cut out". */
  readonly done: string;
  readonly how: string;
  readonly stands: string;
  readonly bin: string;
}

/** Soap for a cloth or a brush: half of what a spray has (rule of thumb, grade C). */
const MILD_SOAP = 'mild soapy water, 5 ml (a teaspoon) of plain liquid soap to the litre or quart';

export const HANDWORK: Readonly<Record<HandworkKind, HandworkText>> = {
  prune: {
    name: 'Cut out the worst',
    done: 'cut out',
    how:
      'Whole infested twigs, back to clean wood; clean the blade between plants, and between cuts where ' +
      'a blight is about.',
    stands: 'Most plants stand a fifth of the crown; less in drought or on the young.',
    bin: 'Bin or burn it; crawlers walk off a heap.',
  },
  pinch: {
    name: 'Pinch mined tips',
    done: 'pinched',
    how: 'Only leaves whose larva is still in, seen against the light.',
    stands: 'A few leaves a shoot; mined leaves without a larva still work.',
    bin: 'Crush or bin them.',
  },
  strip: {
    name: 'Strip spotted leaves',
    done: 'stripped',
    how: 'From below upward, on a dry day, into a bag.',
    stands: 'Up to a third of the leaves; not in the heat, and not on a plant that is thirsty.',
    bin: 'Bin them; most heaps do not get hot enough.',
  },
  brush: {
    name: 'Brush the bark',
    done: 'brushed',
    how: `A soft brush and ${MILD_SOAP}, from the top down; a photo first.`,
    stands: 'Bark of a year and older; not green shoots nor paper-thin bark.',
    bin: 'Catch it on a sheet.',
  },
  wipe: {
    name: 'Wipe the leaves',
    done: 'wiped',
    how: `Both sides along the midrib with a soft cloth and ${MILD_SOAP}, rinsed after.`,
    stands: 'Tough leaves such as citrus, camellia, bay; not hairy or tender ones.',
    bin: 'Wash the cloth hot.',
  },
  dip: {
    name: 'Dip the pot plant',
    done: 'dipped',
    how:
      `Seal the soil with a bag, turn the crown upside down into ${MILD_SOAP}, keep it under for a ` +
      'minute, rinse. Some keep it under plain cool water for six hours instead, in the shade, once.',
    stands: 'Plants one can lift; try one shoot and wait two days.',
    bin: 'Water away from drains to ponds.',
  },
  jet: {
    name: 'Wash off with a jet',
    done: 'hosed off',
    how: 'A hose jet to the undersides, early in the day so that it dries; no pressure washer.',
    stands: 'Leaves that do not tear; again after three days.',
    bin: 'Nothing to bin: what falls seldom climbs back.',
  },
  band: {
    name: 'Band against ants',
    done: 'banded',
    how:
      'A sticky band over a wrap, never on the bark itself; cut away branches that bridge it. Look ' +
      'weekly.',
    stands: 'Any trunk, if the wrap is loosened as it grows.',
    bin: 'Take it off in autumn, so that nothing winters under it.',
  },
  clear: {
    name: 'Clear fallen leaves',
    done: 'cleared',
    how: 'All of them, to the fence, before buds swell.',
    stands: 'Any plant.',
    bin: 'Bin or bury them a spade deep.',
  },
  urea: {
    name: 'Urea on fallen leaves',
    done: 'treated fallen leaves with urea',
    how:
      'At leaf fall, once most leaves are down: 5 % urea (50 g to the litre, about 7 oz to the gallon) on the leaves ' +
      'on the ground until wet, so that they rot before spring. Where leaves can be cleared, clearing does as much.',
    stands:
      'Apple, pear and cherry after leaf fall; not on leaves still green, and not every year on poor soil.',
    bin: 'Nothing to bin: worms take them.',
  },
  shelter: {
    name: 'Shelter from rain',
    done: 'put a rain shelter up',
    how:
      'A roof or sheet that keeps rain off wood and buds from midwinter until leaves have opened; open at the ' +
      'sides, so that it stays cool and bees come in.',
    stands: 'A peach or apricot trained on a wall; water its roots by hand.',
    bin: 'Take it off once leaves are out.',
  },
  bags: {
    name: 'Bag the fruit',
    done: 'bagged fruit',
    how: 'A paper or fine mesh bag round each fruit or cluster when it is thumb-sized, tied at the stalk.',
    stands: 'Apple, pear, peach, grape, fig; not in bloom.',
    bin: 'Take them off a week or two before picking, for colour.',
  },
  helpers: {
    name: 'Set out bought helpers',
    done: 'set out helpers',
    how:
      'Ladybirds, lacewing larvae, hunting mites or small wasps bought for this pest, in the evening, on the ' +
      'infested shoots, as the supplier says; ants banded first. They do best under glass.',
    stands:
      'No spray that stays for weeks before, none after; ask whether the kind is allowed where you are.',
    bin: 'Nothing to bin.',
  },
};

interface HandworkCase {
  readonly group: TargetGroup | null;
  readonly targetId: string | null;
  /** Null where nobody said. */
  readonly evergreen: boolean | null;
}

/** Kinds of hand work for a trouble, what suits it best first; the others follow in their usual order. */
export function handworkFor(meant: HandworkCase): readonly HandworkKind[] {
  const first = suitedFirst(meant);
  return [...first, ...HANDWORK_KINDS.filter((kind) => !first.includes(kind))];
}

const LEAF_LITTER: readonly HandworkKind[] = ['clear', 'urea', 'prune', 'strip'];

/** Fungi that want other work first than stripping spotted leaves. */
const FUNGUS_FIRST: Readonly<Record<string, readonly HandworkKind[]>> = {
  'peach-leaf-curl': ['prune', 'clear', 'strip', 'shelter'],
  'brown-rot': ['prune', 'clear', 'strip'],
  'brown-rot-of-fruit': ['prune', 'clear', 'bags'],
  'apple-scab': LEAF_LITTER,
  'cherry-leaf-spot': LEAF_LITTER,
  'walnut-anthracnose': LEAF_LITTER,
  'maple-anthracnose': LEAF_LITTER,
  'plane-anthracnose': LEAF_LITTER,
  'tar-spot': LEAF_LITTER,
  'grape-black-rot': ['prune', 'clear', 'bags'],
  'camellia-petal-blight': ['clear', 'strip'],
  'citrus-phytophthora': ['prune'],
};

/** Miners that winter as pupae in fallen leaves. */
export const PUPAE_IN_LITTER: ReadonlySet<string> = new Set([
  'tentiform-leaf-miner',
  'horse-chestnut-leaf-miner',
  'oak-leaf-miner',
  'locust-leaf-miner',
]);

function suitedFirst({ group, targetId, evergreen }: HandworkCase): readonly HandworkKind[] {
  switch (group) {
    case 'fungus':
      return FUNGUS_FIRST[targetId ?? ''] ?? ['strip', 'clear', 'prune'];
    case 'leaf-miner':
      return PUPAE_IN_LITTER.has(targetId ?? '') ? ['clear', 'pinch'] : ['pinch', 'clear'];
    case 'bacterium':
    case 'gall-maker':
      return ['prune'];
    case 'mite':
      return ['jet', 'wipe', 'prune', 'helpers'];
    case 'sap-sucker':
      return targetId === 'woolly-apple-aphid'
        ? ['brush', 'jet', 'prune', 'band']
        : ['jet', 'wipe', 'band', 'prune', 'helpers'];
    case 'felt':
      return ['brush', 'prune', 'band'];
    case 'soft':
      return evergreen === true ? ['wipe', 'prune', 'band', 'brush'] : ['prune', 'brush', 'band', 'wipe'];
    default:
      return evergreen === true ? ['wipe', 'prune', 'brush', 'band'] : ['prune', 'brush', 'wipe', 'band'];
  }
}
