import type { CivilDate } from '#core/calendar';
import type { Grade } from '#core/figures';
import type { TargetGroup } from '#core/identify';
import type { HourReason, HourVerdict } from '#core/spray-hours';
import type { LabelLine, LeafState } from './label.ts';
import type { Misfit } from './line-fit.ts';
import type { Ingredient } from './meeting.ts';

/**
 * From free to never: `ask` is free or not by an answer nobody has given yet, a `never` cannot be set aside
 * by anybody.
 */
export const VERDICTS = ['fine', 'care', 'ask', 'wait', 'no', 'never'] as const;
export type UseVerdict = (typeof VERDICTS)[number];
export type BloomState = 'open' | 'soon' | 'over' | 'unknown';

/** An earlier spray of the plant, under any of its troubles. */
export interface EarlierSpray {
  readonly on: CivilDate;
  readonly productName: string;
  readonly sameProduct: boolean;
  readonly materialId: string;
  readonly ingredients: readonly Ingredient[];
  /** Days its own label keeps it apart from ingredients. */
  readonly apart: readonly { readonly ingredient: Ingredient; readonly days: number }[];
  readonly modeOfAction: string;
  /** ml or g of product. */
  readonly amount: number;
}

/** A spray that lies ahead for the plant. */
export interface PlannedSpray {
  readonly from: CivilDate;
  readonly what: string;
  readonly ingredients: readonly Ingredient[];
}

/** All that decides whether one label line may be used on one plant on one day. */
export interface UseFacts {
  readonly today: CivilDate;
  readonly materialId: string;
  readonly ingredients: readonly Ingredient[];
  readonly apart: EarlierSpray['apart'];
  readonly isOil: boolean;
  readonly organic: boolean;
  readonly unlabelled: boolean;
  readonly expired: boolean;
  readonly harmsBees: boolean;
  readonly modeOfAction: string;
  /** Acts on a single site, so that pests learn to live with it. */
  readonly resistanceRisk: boolean;
  /** Taken up by roots or leaves and carried to pollen and nectar, however its rate is written. */
  readonly drench: boolean;
  /** How well it does against the trouble; null where nothing is known. */
  readonly efficacy: 'works' | 'in part' | 'poor' | 'avoid' | null;
  readonly line: Pick<
    LabelLine,
    'rateUnit' | 'intervalDays' | 'usesPerYear' | 'mostPerYear' | 'daysToHarvest' | 'hostIds'
  >;
  /** ml or g of product about to go on this plant; null while nobody measured. */
  readonly amount: number | null;
  readonly misfits: readonly Misfit[];
  readonly hostId: string;
  readonly hostOil: 'usual' | 'dormant-only' | 'test-first' | 'avoid';
  readonly edible: boolean;
  readonly group: TargetGroup | null;
  readonly leafState: LeafState;
  /** What to ask before a dose for bare wood; null while what the plant wears is certain. */
  readonly leafQuestion: 'evergreen-or-not' | 'green-yet' | 'leaves-down-yet' | null;
  /** The line is for bare wood only. */
  readonly forBareWood: boolean;
  /** A hardy evergreen between hardened growth and new growth. */
  readonly coolSeason: boolean;
  /**
   * The best of today's hours for it, with what stands against them by forecast, label and school; null
   * without a forecast.
   */
  readonly hours: { readonly best: HourVerdict; readonly reasons: readonly HourReason[] } | null;
  /** Somebody was asked for tonight and tomorrow, and could not say. */
  readonly weatherNotSure: boolean;
  readonly bloom: BloomState;
  readonly beesVisitBloom: boolean;
  readonly honeydewMaker: boolean;
  /** Null when nobody looked. */
  readonly beesAtHoneydew: boolean | null;
  /** Autumn there and then, and still in leaf. */
  readonly lateSeason: boolean;
  /** First day of the user's next harvest, today while picking goes on; null when none is known. */
  readonly harvestFrom: CivilDate | null;
  readonly earlier: readonly EarlierSpray[];
  readonly planned: readonly PlannedSpray[];
}

/** What one rule says; `until` is the first day it no longer stands in the way. */
export interface Spoken {
  readonly says: string;
  readonly until?: CivilDate;
}

/** A rule of use. It speaks, or is silent (null). */
export interface UseRule {
  readonly id: string;
  readonly verdict: Exclude<UseVerdict, 'fine'>;
  readonly speaks: (facts: UseFacts, schools: Readonly<Record<string, string>>) => Spoken | null;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

export interface Finding {
  readonly ruleId: string;
  readonly verdict: UseVerdict;
  readonly says: string;
  readonly until: CivilDate | null;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

/** All rules of use, and what is said when none speaks. */
export interface RuleBook {
  readonly rules: readonly UseRule[];
  readonly otherwise: Finding;
}

/** Every rule that speaks, the strictest first; at least one finding, so that every answer names a rule. */
export function judgeUse(
  { rules, otherwise }: RuleBook,
  facts: UseFacts,
  schools: Readonly<Record<string, string>>,
): readonly Finding[] {
  const findings = rules.flatMap(({ id, verdict, speaks, grade, sourceIds }): Finding[] => {
    const spoken = speaks(facts, schools);
    return spoken
      ? [{ ruleId: id, verdict, says: spoken.says, until: spoken.until ?? null, grade, sourceIds }]
      : [];
  });
  if (findings.length === 0) return [otherwise];
  return findings.sort((a, b) => VERDICTS.indexOf(b.verdict) - VERDICTS.indexOf(a.verdict));
}

/** The strictest verdict among findings; `fine` for none. */
export function worstOf(findings: readonly Pick<Finding, 'verdict'>[]): UseVerdict {
  return findings.reduce<UseVerdict>(
    (worst, { verdict }) => (VERDICTS.indexOf(verdict) > VERDICTS.indexOf(worst) ? verdict : worst),
    'fine',
  );
}
