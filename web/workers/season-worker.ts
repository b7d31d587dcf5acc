import { expose } from 'comlink';
import { type BestDaysAsked, planGround, type PlanCut, type PlanGround, type PlanMaterial } from '#engine';

let ground: PlanGround | null = null;
function laid(): PlanGround {
  if (!ground) throw new Error('no season was laid out yet');
  return ground;
}

const api = {
  /** Draws the possible seasons; everything asked later is asked of them. */
  lay(material: PlanMaterial): Pick<PlanGround, 'alone' | 'hatching'> {
    ground = planGround(material);
    const { alone, hatching } = ground;
    return { alone, hatching };
  },
  outcome: (cuts: readonly PlanCut[]) => laid().outcome(cuts),
  chances: (cuts: readonly PlanCut[]) => cuts.map((cut) => laid().chance(cut)),
  best: (asked: BestDaysAsked, onShare: (share: number) => void) => laid().best(asked, onShare),
  schools: (wayId: string) => laid().schools(wayId),
  yearsAhead: (cuts: readonly PlanCut[]) => laid().yearsAhead(cuts),
  /** What stands behind a plan that lies still: what decides it, a week either way, and what one more would do. */
  behind(cuts: readonly PlanCut[], freeDays: readonly number[]) {
    const shift = (days: number) => laid().outcome(cuts.map((cut) => ({ ...cut, day: cut.day + days }))).left;
    const last = cuts.at(-1);
    return {
      early: shift(-7),
      late: shift(7),
      oneMore: last ? laid().best({ wayId: last.wayId, count: 1, beside: cuts, freeDays }) : null,
      deciders: laid().decides(cuts),
      looks: laid().looks(cuts),
    };
  },
};

export type SeasonWorker = typeof api;

expose(api);
