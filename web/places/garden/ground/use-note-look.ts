import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import type { Watch } from '#core/records';
import type { GroundWatch, ToInspect } from '#engine';
import { askAnew } from '../../../api/ask-anew.ts';
import { useWatch } from '../../../api/queries.ts';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../../outbox/use-outbox.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { useToday } from '../../../show/use-show.ts';

/** Noting what a look at a neighbour found: nothing, or the same trouble, which opens a watch of its own there. */
export function useNoteLook(
  seen: GroundWatch,
  { plantId, plantName }: Pick<ToInspect, 'plantId' | 'plantName'>,
) {
  const today = useToday();
  const asked = useWatch(seen.id);
  const { say } = useNotices();
  const client = useQueryClient();
  const navigate = useNavigate();
  const label = `a look at ${plantName}`;
  const lookOf = (bore: boolean) => ({ id: newId(), watchId: seen.id, plantId, on: today, bore });
  const after = async (work: () => Promise<void>) => {
    try {
      await work();
    } catch (error) {
      say((error as Error).message);
    }
  };
  return {
    noteNothing: () =>
      after(async () => {
        const look = lookOf(false);
        await keepRecord(putEntry('spread-looks', look, label));
        await askAnew(client);
        say(
          `${plantName}: nothing found. It is asked for again in a fortnight.`,
          () => void keepRecord(takeOutEntry('spread-looks', look, label)).then(() => askAnew(client)),
        );
      }),
    noteIt: () =>
      after(async () => {
        const watch = (asked.data ?? (await asked.refetch({ throwOnError: true })).data)!.watch;
        const there = sameWatchOn(plantId, watch, today);
        await keepRecord(putEntry('watches', there, `${seen.targetName} on ${plantName}`));
        await keepRecord(putEntry('spread-looks', lookOf(true), label));
        await askAnew(client);
        say(`${seen.targetName} is watched on ${plantName} from now on. Count it, to know how much.`);
        void navigate(`/look/${there.id}`);
      }),
  };
}

/** The same trouble on another plant, come from the first. */
function sameWatchOn(
  plantId: string,
  { plantId: sourcePlantId, targetId, group }: Watch,
  today: string,
): Watch {
  return {
    id: newId(),
    plantId,
    openedOn: today,
    targetId,
    group,
    outcome: 'open',
    outcomeOn: null,
    sourcePlantId,
    firstTargetId: targetId,
    firstGroup: group,
    namedBy: targetId === null && group === null ? null : 'owner',
    note: '',
  };
}
