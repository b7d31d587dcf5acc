import { useQueryClient } from '@tanstack/react-query';
import type { Care } from '#core/records';
import type { Pot, Room } from '#engine';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../../outbox/use-outbox.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { useToday } from '../../../show/use-show.ts';
import { CARE_WORDS } from '../../../show/stage-words.ts';

interface Logged {
  readonly kind: 'care' | 'moves';
  readonly record: { readonly id: string };
  readonly label: string;
}

/** Logging what was done to one pot or several, with the way back. */
export function useMoveLog() {
  const today = useToday();
  const { say } = useNotices();
  const client = useQueryClient();
  const keep = async (logged: readonly Logged[], says: string) => {
    try {
      for (const { kind, record, label } of logged) await keepRecord(putEntry(kind, record, label));
    } catch (error) {
      say((error as Error).message);
    }
    await client.invalidateQueries();
    const takeBack = async () => {
      for (const { kind, record, label } of logged) await keepRecord(takeOutEntry(kind, record, label));
      await client.invalidateQueries();
    };
    say(says, () => void takeBack());
  };
  return {
    care: (pots: readonly Pick<Pot, 'plantId' | 'plantName'>[], kind: Care['kind'], on = today) =>
      keep(
        pots.map(({ plantId, plantName }): Logged => {
          const record: Care = { id: newId(), plantId, kind, on, note: '' };
          return { kind: 'care', record, label: `${CARE_WORDS[kind]}, ${plantName}` };
        }),
        pots.length === 1
          ? `${pots[0]!.plantName}: ${CARE_WORDS[kind]}.`
          : `${pots.length} pots: ${CARE_WORDS[kind]}.`,
      ),
    move: (pots: readonly Pot[], { id: placeId, name }: Room) =>
      keep(
        pots.map(({ plantId, plantName }): Logged => ({
          kind: 'moves',
          record: { id: newId(), plantId, placeId, movedOn: today } as Logged['record'],
          label: `${plantName} to ${name}`,
        })),
        `${pots.length === 1 ? pots[0]!.plantName : `${pots.length} pots`}: to ${name}. From today it is read by that place's thermometer.`,
      ),
  };
}
