import type { TargetGroup } from '#core/identify';
import type { SprayScope } from '#core/mix';
import { schoolFor } from './schools.ts';

/** What of a plant is usually wetted against a trouble. */
export function usualScope(
  group: TargetGroup | null,
  targetId: string | null,
  chosen: Readonly<Record<string, string>>,
): SprayScope {
  if (targetId === 'fig-rust' && schoolFor('fig-rust', chosen).id === 'strip') return 'bare-stems-and-ground';
  if (targetId === 'citrus-leaf-miner') return 'newest-growth';
  return group === 'sap-sucker' || group === 'mite' ? 'undersides' : 'whole';
}
