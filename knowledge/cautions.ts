/** What a spray is about to meet, as far as cautions depend on it. */
export interface SprayScene {
  readonly edible: boolean;
  readonly inLeaf: boolean;
  readonly oil: boolean;
  readonly harmsBees: boolean;
  readonly beesVisitBloom: boolean;
  /** Whether the plant itself flowers now, by its log. */
  readonly bloom: 'open' | 'over' | 'unknown';
  readonly honeydewMaker: boolean;
  readonly beyondReach: boolean;
  readonly hostOil: 'usual' | 'dormant-only' | 'test-first' | 'avoid';
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
  { id: 'oil-avoid', serious: true, applies: (s) => s.oil && s.hostOil === 'avoid', text: () => 'This plant is hurt by oil in any state. Do not spray it.' },
  { id: 'oil-dormant-only', serious: true, applies: (s) => s.oil && s.inLeaf && s.hostOil === 'dormant-only', text: () => 'This plant bears oil only while bare. Ask the label; do not spray leaves.' },
  { id: 'oil-test', serious: false, applies: (s) => s.oil && s.inLeaf && s.hostOil === 'test-first', text: () => 'Spray one shoot and wait 48 hours before the rest: this plant can be sensitive to oil.' },
  { id: 'bloom', serious: true, applies: (s) => s.harmsBees && s.beesVisitBloom && s.bloom === 'open', text: () => 'It is logged as in bloom. Do not spray it until petals have fallen, and log that.' },
  { id: 'bees', serious: true, applies: (s) => s.harmsBees && (s.beesVisitBloom || s.honeydewMaker), text: (s) => `Not while flowers are open on or under the plant${s.honeydewMaker ? ', nor while bees gather honeydew' : ''}. Cool weather does not make it safe.` },
  { id: 'heat', serious: false, applies: (s) => s.oil && s.inLeaf, text: (s) => `No oil above ${s.oilTopC} °C (${Math.round(s.oilTopC * 1.8 + 32)} °F) that day or the next two, on a thirsty plant, or before frost.` },
  { id: 'reach', serious: true, applies: (s) => s.beyondReach, text: () => 'Part of it is beyond your sprayer\'s reach from the ground. No ladders: leave it or ask a licensed arborist.' },
  { id: 'harvest', serious: false, applies: (s) => s.edible, text: (s) => (s.daysToHarvest === null ? 'Only if the label names this crop; keep its days to harvest. Washing does not replace them.' : `Keep ${s.daysToHarvest} day${s.daysToHarvest === 1 ? '' : 's'} to harvest as the label says. Washing does not replace them.`) },
  { id: 'protect', serious: false, applies: () => true, text: () => 'Gloves, long sleeves, eye protection. Stand upwind.' },
  { id: 'keep-off', serious: false, applies: () => true, text: (s) => `Children and pets off until dry${s.reentryHours ? `, at least ${s.reentryHours} hours` : ''}.` },
  { id: 'water', serious: false, applies: () => true, text: () => 'None into ponds, drains or ditches. Leftovers only on plants the label names, within its rate.' },
  { id: 'label', serious: false, applies: () => true, text: () => 'The label is the law and beats this page, as do local rules and licensed advice.' },
];

/** The cautions that apply to a spray, serious ones first. */
export function cautionsFor(scene: SprayScene): Caution[] {
  return CAUTION_RULES
    .filter((rule) => rule.applies(scene))
    .map(({ id, serious, text }) => ({ id, serious, text: text(scene) }))
    .sort((a, b) => Number(b.serious) - Number(a.serious));
}
