import type { Care } from '#core/records';
import type { Pot, Room } from '#engine';
import { newId } from '../../../api/new-id.ts';
import { type Kept, useKeeping } from '../../../parts/use-keeping.ts';
import { useToday } from '../../../show/use-show.ts';
import { CARE_WORDS } from '../../../show/stage-words.ts';

/** Logging what was done to one pot or several, with the way back. */
export function useMoveLog() {
  const today = useToday();
  const { keepAll } = useKeeping();
  return {
    care: (pots: readonly Pick<Pot, 'plantId' | 'plantName'>[], kind: Care['kind'], on = today) =>
      keepAll(
        pots.map(({ plantId, plantName }): Kept => ({
          kind: 'care',
          record: { id: newId(), plantId, kind, on, note: '' },
          label: `${CARE_WORDS[kind]}, ${plantName}`,
        })),
        pots.length === 1
          ? `${pots[0]!.plantName}: ${CARE_WORDS[kind]}.`
          : `${pots.length} pots: ${CARE_WORDS[kind]}.`,
      ),
    move: (pots: readonly Pot[], { id: placeId, name }: Room) =>
      keepAll(
        pots.map(({ plantId, plantName }): Kept => ({
          kind: 'moves',
          record: { id: newId(), plantId, placeId, movedOn: today },
          label: `${plantName} to ${name}`,
        })),
        `${pots.length === 1 ? pots[0]!.plantName : `${pots.length} pots`}: to ${name}. From today it is read by that place's thermometer.`,
      ),
  };
}
