const { exp, log } = Math;

/** A logistic emergence over heat: half are out at `halfOutCd`; `scaleCd` is the logistic scale. °C·days. */
export interface EmergenceCurve {
  readonly halfOutCd: number;
  readonly scaleCd: number;
}

/** The share that counts as the first: one in twenty is out. */
export const FIRST_SHARE = 0.05;

/** Share of all crawlers out by `heatCd`, 0–1. */
export function shareOut(heatCd: number, { halfOutCd, scaleCd }: EmergenceCurve): number {
  return 1 / (1 + exp(-(heatCd - halfOutCd) / scaleCd));
}

/** Heat by which `share` (0–1, neither) are out, °C·days. */
export function heatOfShare(share: number, { halfOutCd, scaleCd }: EmergenceCurve): number {
  return halfOutCd + scaleCd * log(share / (1 - share));
}
