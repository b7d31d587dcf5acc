import type { Formulation } from '#core/materials';

export type MixStep =
  | 'check-sprayer' | 'half-water' | 'powders' | 'agitate' | 'flowables' | 'solubles' | 'soaps' | 'oils' | 'fill-to-mark'
  | 'shake-and-keep-moving' | 'use-today';

/** The order things go into the tank: water first, powders, flowables, solubles, soap, and oil near the end. */
export function mixingOrder(formulations: readonly Formulation[]): MixStep[] {
  const has = (formulation: Formulation) => formulations.includes(formulation);
  return [
    'check-sprayer',
    'half-water',
    ...(has('powder') ? ['powders', 'agitate'] as const : []),
    ...(has('flowable') ? ['flowables'] as const : []),
    ...(has('soluble') ? ['solubles'] as const : []),
    ...(has('soap') ? ['soaps'] as const : []),
    ...(has('emulsifiable-oil') ? ['oils'] as const : []),
    'fill-to-mark',
    'shake-and-keep-moving',
    'use-today',
  ];
}
