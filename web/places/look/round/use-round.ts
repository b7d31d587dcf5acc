import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { Stop } from '#core/records';
import type { RoundAnswer, RoundStop } from '#engine';
import { askAnew } from '../../../api/ask-anew.ts';
import { answer, api } from '../../../api/client.ts';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, putEntry } from '../../../outbox/use-outbox.ts';
import { standingNow } from '../../../outbox/reach.ts';
import { useToday } from '../../../show/use-show.ts';
import { logStop, useRoundInHand } from './round-log.ts';

const WALK = ['walk'];

/** The list a round goes through; kept on the device, so that it is there without a signal. */
export const useWalk = () =>
  useQuery({ queryKey: WALK, queryFn: () => answer(api.walk.$get()).then((body) => body.round) });
export const useRounds = () =>
  useQuery({ queryKey: ['rounds'], queryFn: () => answer(api.rounds.$get()).then((body) => body.rounds) });
export const useRound = (id: string | null) =>
  useQuery({
    queryKey: ['rounds', id],
    enabled: id !== null,
    // Another phone may be on the same round: what it did is seen when both can reach home.
    refetchInterval: () => (standingNow().kind === 'there' ? 20_000 : false),
    queryFn: () => answer(api.rounds[':id'].$get({ param: { id: id! } })).then((body) => body.round),
  });

/** A stop of the walk with all that was done there on this round, here and elsewhere. */
export interface StopState extends RoundStop {
  readonly doneHere: boolean;
}

/** The round in hand, stop by stop: what the server knows and what this device did. */
export function useStopStates(): readonly StopState[] | undefined {
  const inHand = useRoundInHand();
  const walk = useWalk().data;
  const roundKept = useRound(inHand?.id ?? null).data;
  return (
    (roundKept ?? walk) && inOrder(statesOf((roundKept ?? walk)!, inHand?.stops ?? []), inHand?.order ?? [])
  );
}

function statesOf({ stops }: RoundAnswer, ownStops: readonly Stop[]): StopState[] {
  return stops.map((stop) => {
    const here = ownStops.filter((entry) => isAt(stop, entry));
    return {
      ...stop,
      done: [...stop.done.filter(({ id }) => !here.some((entry) => entry.id === id)), ...here],
      doneHere: here.length > 0,
    };
  });
}

export const stopKey = ({ plantId, watchId }: Pick<Stop, 'plantId' | 'watchId'>): string =>
  `${plantId} ${watchId ?? ''}`;

/** Stops that came up since stand last. */
function inOrder(states: StopState[], order: readonly string[]): StopState[] {
  const at = new Map(order.map((key, i) => [key, i]));
  return states.toSorted((a, b) => (at.get(stopKey(a)) ?? Infinity) - (at.get(stopKey(b)) ?? Infinity) || 0);
}

const isAt = (stop: RoundStop, entry: Pick<Stop, 'plantId' | 'watchId'>) =>
  stop.plantId === entry.plantId && stop.watchId === entry.watchId;

export function stopAddress({ plantId, watchId }: Pick<Stop, 'plantId' | 'watchId'>): string {
  return `/look/round/stop?plant=${plantId}${watchId ? `&watch=${watchId}` : ''}`;
}

/** The first stop still to do, after the one just done and round again. */
export function nextStop(
  states: readonly StopState[],
  after?: Pick<Stop, 'plantId' | 'watchId'>,
): StopState | undefined {
  const from = after ? states.findIndex((state) => isAt(state, after)) + 1 : 0;
  return [...states.slice(from), ...states.slice(0, from)].find(
    (state) => state.done.length === 0 && !(after && isAt(state, after)),
  );
}

type StopDone = Pick<Stop, 'plantId' | 'watchId' | 'outcome' | 'reason' | 'note'>;

/** Records what came of a stop and says where to go next; null when no round is on. */
export function useStopDone(roundId: string | null) {
  const today = useToday();
  const states = useStopStates();
  const client = useQueryClient();
  return async (done: StopDone, label: string): Promise<string | null> => {
    if (roundId === null) return null;
    const stop: Stop = { id: newId(), roundId, on: today, ...done };
    logStop(stop);
    await keepRecord(putEntry('stops', stop, `stop of the round: ${label}`));
    void askAnew(client, ['rounds']);
    const next = states && nextStop(states, done);
    return next ? stopAddress(next) : '/look/round';
  };
}
