import type { Grade } from '#core/figures';
import type { Life, TargetGroup } from '#core/identify';
import type { LeafState } from '#core/materials';

/** Everything that can be done about a trouble, spraying among it. */
export const OPTION_IDS = [
  'name-first',
  'look-again',
  'leave',
  'wait-for-helpers',
  'by-hand',
  'improve-place',
  'set-apart',
  'deal-with-source',
  'spray-now',
  'spray-in-window',
  'winter-spray',
  'drench',
  'arborist',
  'cut-back',
] as const;
export type OptionId = (typeof OPTION_IDS)[number];

/** What is known of a trouble and its plant on one day; null where nobody has said. */
export interface WeighFacts {
  readonly group: TargetGroup | null;
  readonly targetId: string | null;
  readonly life: Life;
  /** Eggs lie beneath dry mothers: not dead, and not to be reached yet. */
  readonly eggsBeneath: boolean;
  /** Infestation level, 0–5. */
  readonly level: number | null;
  readonly minedShare: number | null;
  /** Share of covers with a wasp's exit hole. */
  readonly holedShare: number | null;
  readonly helpersSeen: boolean | null;
  readonly antsSeen: boolean | null;
  readonly young: boolean;
  readonly vigour: 'weak' | 'fair' | 'strong';
  readonly edible: boolean;
  readonly evergreen: boolean;
  readonly heightM: number;
  /** Of one plant: height × spread × length. */
  readonly volumeM3: number;
  readonly plants: number;
  /** The furthest a sprayer of the user's reaches from the ground; a hand sprayer's where there is none. */
  readonly reachM: number;
  readonly hostOil: 'usual' | 'dormant-only' | 'test-first' | 'avoid';
  /** Under a roof, so most likely in a pot that can be moved. */
  readonly sheltered: boolean;
  readonly shade: boolean;
  readonly wateredOverhead: boolean;
  readonly sourceOpen: boolean;
  readonly leafState: LeafState;
  /** What the winter programme of the plant holds: a spray now, one after an answer, one ahead, none. */
  readonly winter: 'now' | 'ask' | 'ahead' | 'none';
  readonly window: 'open' | 'soon' | 'later' | 'over' | 'none';
  readonly allStagesSeen: boolean;
  readonly softFlush: boolean;
  readonly bloom: 'open' | 'soon' | 'over' | 'unknown';
  readonly beesVisitBloom: boolean;
  readonly beesAtHoneydew: boolean | null;
  /** Too hot for a spray then or within two days; null without a forecast. */
  readonly hot: boolean | null;
  /** Whether any hour today is fit for a spray; null without a forecast. */
  readonly fitHoursToday: boolean | null;
  readonly thirsty: boolean | null;
  readonly cropIsOff: boolean | null;
  /** Autumn there and then, before the plant is bare. */
  readonly lateSeason: boolean;
}

/** A rule of the weighing: what it says of one option, and when. */
export interface WeighRule {
  readonly id: string;
  readonly option: OptionId;
  /** Takes the option away, whatever speaks for it. */
  readonly refuses: boolean;
  /** How much it speaks for (positive) or against (negative); 0 for one that refuses. */
  readonly weight: number;
  readonly when: (facts: WeighFacts, schools: Readonly<Record<string, string>>) => boolean;
  readonly says: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

export interface WeighedOption {
  readonly option: OptionId;
  readonly score: number;
  /** Rules that spoke, the weightiest first. */
  readonly rules: readonly WeighRule[];
  /** Hours of work, by rule of thumb (grade C); 0 for what takes none. */
  readonly effortHours: number;
}

export interface Weighed {
  /** Best first. */
  readonly options: readonly WeighedOption[];
  readonly refused: readonly { readonly option: OptionId; readonly rules: readonly WeighRule[] }[];
  /** Facts nobody has said that could change it. */
  readonly missing: readonly (keyof WeighFacts)[];
}

const COULD_CHANGE_IT = ['life', 'level', 'helpersSeen', 'beesAtHoneydew', 'hot', 'thirsty'] as const;

/**
 * Ranks what can be done. An option shows when some rule speaks for it and its rules add up to
 * more than nothing; one refusing rule takes it away, whatever speaks for it. Equal scores keep the
 * order of {@link OPTION_IDS}, so that the same facts always give the same answer.
 */
export function weigh(
  rules: readonly WeighRule[],
  facts: WeighFacts,
  schools: Readonly<Record<string, string>>,
): Weighed {
  const speaking = rules.filter((rule) => rule.when(facts, schools));
  const speakingOf = (option: OptionId) => speaking.filter((rule) => rule.option === option);
  const refused = OPTION_IDS.flatMap((option) => {
    const against = speakingOf(option).filter(({ refuses }) => refuses);
    return against.length > 0 ? [{ option, rules: against }] : [];
  });
  const out = new Set(refused.map(({ option }) => option));
  const options = OPTION_IDS.filter((option) => !out.has(option))
    .flatMap((option): WeighedOption[] => {
      const spoken = speakingOf(option);
      const score = spoken.reduce((sum, { weight }) => sum + weight, 0);
      if (!spoken.some(({ weight }) => weight > 0) || score <= 0) return [];
      return [
        {
          option,
          score,
          rules: spoken.toSorted((a, b) => Math.abs(b.weight) - Math.abs(a.weight)),
          effortHours: effortOf(option, facts),
        },
      ];
    })
    .sort((a, b) => b.score - a.score);
  return {
    options,
    refused,
    missing: COULD_CHANGE_IT.filter((key) => facts[key] === null || facts[key] === 'unknown'),
  };
}

/** Hours by rule of thumb: hand work goes by the volume looked through, spraying by water and walking. */
export function effortOf(
  option: OptionId,
  { volumeM3, plants }: Pick<WeighFacts, 'volumeM3' | 'plants'>,
): number {
  const whole = volumeM3 * plants;
  switch (option) {
    case 'by-hand':
      return Math.max(0.25, 0.4 * whole);
    case 'spray-now':
    case 'spray-in-window':
    case 'winter-spray':
      return Math.max(0.5, 0.4 + 0.05 * whole);
    case 'improve-place':
    case 'cut-back':
      return Math.max(0.5, 0.15 * whole);
    case 'set-apart':
    case 'look-again':
    case 'name-first':
    case 'deal-with-source':
      return 0.25;
    default:
      return 0;
  }
}
