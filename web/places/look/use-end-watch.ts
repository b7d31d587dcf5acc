import type { Watch } from '#core/records';
import { usePutWatch } from '../../api/queries.ts';
import { useChange } from '../../parts/use-change.ts';
import { useToday } from '../../show/use-show.ts';

const SAID = { closed: 'The watch is closed.', 'ruled-out': 'The suspicion is ruled out.' } as const;

/** Ends a watch today, with one tap that can be taken back. */
export function useEndWatch(watch: Watch): (outcome: keyof typeof SAID) => void {
  const today = useToday();
  const change = useChange(usePutWatch());
  return (outcome) => change(watch, { ...watch, outcome, outcomeOn: today }, SAID[outcome]);
}
