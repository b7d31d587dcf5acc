import type { Cutoff, Method } from '#core/degree-days';
import type { Option } from '../../parts/select-one.tsx';

export const METHODS: readonly Option<Method>[] = [
  { id: 'single-sine', label: 'Single sine' },
  { id: 'double-sine', label: 'Double sine' },
  { id: 'single-triangle', label: 'Single triangle' },
  { id: 'double-triangle', label: 'Double triangle' },
  { id: 'average', label: 'Simple average' },
];

const CUTOFFS: readonly Option<Cutoff>[] = [
  { id: 'none', label: 'None' },
  { id: 'horizontal', label: 'Horizontal: no more is gained' },
  { id: 'intermediate', label: 'Intermediate: it slows again' },
  { id: 'vertical', label: 'Vertical: it stops' },
];

/** A daily average knows nothing of the hours above the upper threshold. */
export function cutoffsOf(method: Method): readonly Option<Cutoff>[] {
  return CUTOFFS.filter(({ id }) => method !== 'average' || id === 'none' || id === 'horizontal');
}
