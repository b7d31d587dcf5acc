import type { Formulation } from '#core/materials';

export type MixStep =
  | 'check-sprayer'
  | 'rinse-first'
  | 'jar-test'
  | 'cut-with-soap'
  | 'half-water'
  | 'conditioner'
  | 'powders'
  | 'strain'
  | 'agitate'
  | 'flowables'
  | 'solubles'
  | 'soaps'
  | 'oils'
  | 'fill-to-mark'
  | 'shake-and-keep-moving'
  | 'use-today';

/** What of a load decides the order. */
export interface MixLoad {
  readonly formulation: Formulation;
  /** Pressed oil without an emulsifier. */
  readonly rawOil: boolean;
}

/** What else is known of the tank and the sprayer. */
export interface MixSetting {
  /** The last load may not meet this one. */
  readonly rinse: boolean;
  /** A new pair goes into a jar first. */
  readonly jarTest: boolean;
  readonly fineScreen: boolean;
}

/**
 * The order things go into the tank: water first, conditioner, powders, flowables, solubles, soap, and
 * oil near the end.
 */
export function mixingOrder(
  loads: readonly MixLoad[],
  { rinse, jarTest, fineScreen }: MixSetting,
): MixStep[] {
  const has = (formulation: Formulation) => loads.some((load) => load.formulation === formulation);
  const rawOil = loads.some((load) => load.rawOil);
  return [
    ...(rinse ? (['rinse-first'] as const) : []),
    'check-sprayer',
    ...(jarTest && loads.length > 1 ? (['jar-test'] as const) : []),
    ...(rawOil ? (['cut-with-soap'] as const) : []),
    'half-water',
    ...(loads.length > 1 ? (['conditioner'] as const) : []),
    ...(has('powder') ? ([...(fineScreen ? (['strain'] as const) : []), 'powders', 'agitate'] as const) : []),
    ...(has('flowable') ? (['flowables'] as const) : []),
    ...(has('soluble') ? (['solubles'] as const) : []),
    ...(has('soap') ? (['soaps'] as const) : []),
    ...(has('emulsifiable-oil') ? (['oils'] as const) : []),
    'fill-to-mark',
    'shake-and-keep-moving',
    'use-today',
  ];
}
