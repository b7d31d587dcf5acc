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

function suitedFirst({ group, targetId, evergreen }: HandworkCase): readonly HandworkKind[] {
  switch (group) {
    case 'fungus':
      return targetId === 'peach-leaf-curl' || targetId === 'brown-rot'
        ? ['prune', 'clear', 'strip']
        : ['strip', 'clear', 'prune'];
    case 'leaf-miner':
      return targetId === 'tentiform-leaf-miner' || targetId === 'horse-chestnut-leaf-miner'
        ? ['clear', 'pinch']
        : ['pinch', 'clear'];
    case 'mite':
      return ['jet', 'wipe', 'prune'];
    case 'sap-sucker':
      return ['jet', 'wipe', 'band', 'prune'];
    case 'felt':
      return ['brush', 'prune', 'band'];
    case 'soft':
      return evergreen === true ? ['wipe', 'prune', 'band', 'brush'] : ['prune', 'brush', 'band', 'wipe'];
    default:
      return evergreen === true ? ['wipe', 'prune', 'brush', 'band'] : ['prune', 'brush', 'wipe', 'band'];
  }
}
