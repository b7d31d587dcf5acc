import { type Finding, rateIsPer, type UseVerdict, VERDICTS } from '#core/materials';
import type { SprayScope, WaterNeed } from '#core/mix';
import type { ProductRecord } from '#core/records';
import { HOUR_RULES } from '#knowledge';
import type { BenchAnswer, BenchWatch } from '#engine';

type Line = ProductRecord['lines'][number];

/** A label line with what stands for and against it on everything that is to be sprayed. */
export interface LineChoice {
  readonly product: ProductRecord;
  readonly line: Line;
  readonly verdict: UseVerdict;
  readonly findings: readonly Finding[];
  /** A series on what is sprayed has come to it. */
  readonly isTurn: boolean;
}

/** Nothing stands against it but an answer that is still to be given, or today's hours. */
export const isFree = ({ findings }: Pick<LineChoice, 'findings'>) =>
  findings.every(
    ({ verdict, ruleId }) =>
      verdict === 'fine' || verdict === 'care' || verdict === 'ask' || HOUR_RULES.has(ruleId),
  );

/**
 * Lines that stand on a rule of thumb only can be used all the same; what a label, the law or a life
 * stands against cannot.
 */
export function canBeSetAside({ findings }: LineChoice): boolean {
  return findings.every(
    ({ verdict, grade }) =>
      verdict === 'fine' || verdict === 'care' || verdict === 'ask' || (verdict !== 'never' && grade !== 'A'),
  );
}

/** Every line of the shelf, judged over all watches of the bench: the strictest holds. */
export function lineChoices(bench: BenchAnswer, products: readonly ProductRecord[]): LineChoice[] {
  const chosen = new Map(
    products.flatMap((product) => product.lines.map((line) => [line.id, { product, line }] as const)),
  );
  const order = new Map(bench.watches[0]?.lines.map(({ lineId }, i) => [lineId, i]));
  return [...chosen.values()]
    .flatMap(({ product, line }): LineChoice[] => {
      const judged = bench.watches.flatMap(({ lines }) => lines.filter(({ lineId }) => lineId === line.id));
      if (judged.length < bench.watches.length) return [];
      const findings = [
        ...new Map(
          judged
            .flatMap((entry) => entry.findings)
            .map((finding) => [`${finding.ruleId} ${finding.says}`, finding]),
        ).values(),
      ];
      const verdict = judged.reduce<UseVerdict>(
        (worst, entry) => (VERDICTS.indexOf(entry.verdict) > VERDICTS.indexOf(worst) ? entry.verdict : worst),
        'fine',
      );
      return [
        {
          product,
          line,
          verdict,
          isTurn: bench.watches.some(({ turnLineId }) => turnLineId === line.id),
          findings: findings
            .filter((finding) => findings.length === 1 || finding.verdict !== 'fine')
            .sort((a, b) => VERDICTS.indexOf(b.verdict) - VERDICTS.indexOf(a.verdict)),
        },
      ];
    })
    .sort(
      (a, b) =>
        VERDICTS.indexOf(a.verdict) - VERDICTS.indexOf(b.verdict) ||
        (order.get(a.line.id) ?? 0) - (order.get(b.line.id) ?? 0),
    );
}

export interface TankWater {
  readonly need: WaterNeed;
  readonly learned: boolean;
  /** Each watch's share of the tank, by the water it takes. */
  readonly shares: readonly number[];
}

/** Water for all watches together in one scope. */
export function tankWater(watches: readonly BenchWatch[], scope: SprayScope): TankWater {
  const waters = watches.map(({ waters: all }) => all.find((water) => water.scope === scope)!);
  const sum = (key: keyof WaterNeed) => waters.reduce((total, { need }) => total + need[key], 0);
  const middleMl = sum('middleMl');
  return {
    need: { lowMl: sum('lowMl'), middleMl, highMl: sum('highMl') },
    learned: waters.every(({ basis }) => basis === 'learned'),
    shares: waters.map(({ need }) => need.middleMl / middleMl),
  };
}

/** What a line's rate goes by on the bench. */
export function benchKind(line: Line): 'spray' | 'ground' | 'trunk' {
  const per = rateIsPer(line.rateUnit);
  return per === 'litre' ? 'spray' : per === 'square-metre' ? 'ground' : 'trunk';
}

/** The rate chosen, held within the line; the middle until somebody chooses. */
export function rateWithin(line: Line, chosen: number | undefined): number {
  return Math.min(line.rateHigh, Math.max(line.rateLow, chosen ?? (line.rateLow + line.rateHigh) / 2));
}
