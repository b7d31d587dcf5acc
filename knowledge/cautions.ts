import { howMany } from './how-many.ts';
import type { COUNTRIES } from '#core/records';

type Country = (typeof COUNTRIES)[number];

/** Who answers when somebody swallowed or breathed it. */
export const POISON_LINES: Readonly<Record<Country, string>> = {
  us: 'Poison line: 1-800-222-1222.',
  au: 'Poison line: 13 11 26.',
  uk: 'Ask NHS 111.',
  other: "Look up your country's poison line before you begin, and write it on the pack.",
};

/**
 * What a spray is about to meet, as far as cautions depend on it; what stands for or against the use
 * itself is judged apart.
 */
export interface SprayScene {
  readonly edible: boolean;
  readonly inLeaf: boolean;
  readonly oil: boolean;
  readonly harmsBees: boolean;
  readonly beesVisitBloom: boolean;
  readonly honeydewMaker: boolean;
  /** Sold or used under licence in many places. */
  readonly licensed: boolean;
  readonly fishPoison: boolean;
  readonly country: Country;
  readonly beyondReach: boolean;
  /** Top temperature for oil on leaves, °C: the stricter of label and school. */
  readonly oilTopC: number;
  readonly daysToHarvest: number | null;
  readonly reentryHours: number | null;
}

export interface Caution {
  readonly id: string;
  readonly serious: boolean;
  readonly text: string;
}

interface CautionRule {
  readonly id: string;
  readonly serious: boolean;
  readonly applies: (scene: SprayScene) => boolean;
  readonly text: (scene: SprayScene) => string;
}

const CAUTION_RULES: readonly CautionRule[] = [
  {
    id: 'bees',
    serious: true,
    applies: (s) => s.harmsBees && (s.beesVisitBloom || s.honeydewMaker),
    text: (s) =>
      `Not while flowers are open on or under the plant${s.honeydewMaker ? ', nor while bees gather honeydew' : ''}. Cool weather does not make it safe.`,
  },
  {
    id: 'heat',
    serious: false,
    applies: (s) => s.oil && s.inLeaf,
    text: (s) =>
      `No oil above ${s.oilTopC} °C (${Math.round(s.oilTopC * 1.8 + 32)} °F) that day or the next two, on a thirsty plant, or before frost.`,
  },
  {
    id: 'reach',
    serious: true,
    applies: (s) => s.beyondReach,
    text: () =>
      "Part of it is beyond your sprayer's reach from the ground. No ladders: leave it or ask a " +
      'licensed arborist.',
  },
  {
    id: 'harvest',
    serious: false,
    applies: (s) => s.edible,
    text: (s) =>
      s.daysToHarvest === null
        ? 'Only if the label names this crop; keep its days to harvest. Washing does not replace them.'
        : `Keep ${s.daysToHarvest} day${s.daysToHarvest === 1 ? '' : 's'} to harvest as the label says. Washing does not replace them.`,
  },
  {
    id: 'licensed',
    serious: false,
    applies: (s) => s.licensed,
    text: () => 'For licensed hands in many places: ask before you buy it, and before you open it.',
  },
  {
    id: 'protect',
    serious: false,
    applies: () => true,
    text: () => 'Gloves, long sleeves, eye protection. Stand upwind.',
  },
  {
    id: 'keep-off',
    serious: false,
    applies: () => true,
    text: (s) =>
      `Children and pets off until dry${s.reentryHours ? `, at least ${howMany(s.reentryHours, 'hour')}` : ''}.`,
  },
  {
    id: 'water',
    serious: false,
    applies: () => true,
    text: (s) =>
      `${s.fishPoison ? 'Very poisonous to fish. ' : ''}None into ponds, drains or ditches. Leftovers only on plants the label names, within its rate.`,
  },
  {
    id: 'poison',
    serious: false,
    applies: () => true,
    text: (s) =>
      `Locked away in its own pack. If swallowed do not make anyone vomit. ${POISON_LINES[s.country]}`,
  },
  {
    id: 'label',
    serious: false,
    applies: () => true,
    text: () => 'The label is the law and beats this page, as do local rules and licensed advice.',
  },
];

/** The cautions that apply to a spray, serious ones first. */
export function cautionsFor(scene: SprayScene): Caution[] {
  return CAUTION_RULES.filter((rule) => rule.applies(scene))
    .map(({ id, serious, text }) => ({ id, serious, text: text(scene) }))
    .sort((a, b) => Number(b.serious) - Number(a.serious));
}
