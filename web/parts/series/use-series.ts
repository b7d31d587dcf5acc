import type { Series, Tick } from '#core/records';
import { newId } from '../../api/new-id.ts';
import { useToday } from '../../show/use-show.ts';
import { useKeeping } from '../use-keeping.ts';

/** Keeping, ending and ticking series; each can be undone, and answers whether it was kept. */
export function useSeries() {
  const today = useToday();
  const { keep, keepAll } = useKeeping();
  const kept = (series: Series, from?: Series) => ({
    kind: 'series',
    record: series,
    label: series.name,
    ...(from && { from }),
  });
  return {
    /** Begins a series, under an id of its own. */
    begin: (series: Series) => keep(kept({ ...series, id: newId() }), `Planned: ${series.name}.`),
    beginAll: (all: readonly Series[], told: string) =>
      keepAll(
        all.map((series) => kept({ ...series, id: newId() })),
        told,
      ),
    change: (from: Series, to: Series) => keep(kept(to, from), 'The series is changed.'),
    end: (series: Series) => keep(kept({ ...series, endedOn: today }, series), `Ended: ${series.name}.`),
    tick: (series: Series, step: number, what: Tick['what'], title: string) => {
      const record = { id: newId(), seriesId: series.id, on: today, step, what, note: '' };
      return keep(
        { kind: 'ticks', record, label: title },
        what === 'done' ? `Ticked: ${title}.` : `Left out: ${title}.`,
      );
    },
    /** Hand work of a step is kept as such, so that it counts for the trouble or the whole plant. */
    tickHand: ({ watchId, plantId }: Series, hand: string, title: string) => {
      const record = { id: newId(), watchId, plantId, on: today, kind: hand, minutes: null, note: '' };
      return keep({ kind: 'handwork', record, label: title }, `Logged: ${title}.`);
    },
    feedAll: (plants: readonly { readonly plantId: string; readonly plantName: string }[]) =>
      keepAll(
        plants.map(({ plantId, plantName }) => ({
          kind: 'care',
          label: `fed, ${plantName}`,
          record: { id: newId(), plantId, kind: 'feeding', on: today, note: '' },
        })),
        `Logged: fed, ${plants.length === 1 ? plants[0]!.plantName : `${plants.length} plants`}.`,
      ),
  };
}
