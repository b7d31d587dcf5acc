import type { Series, Tick } from '#core/records';
import { newId } from '../../api/new-id.ts';
import { keepRecord, putEntry, takeOutEntry } from '../../outbox/use-outbox.ts';
import { useToday } from '../../show/use-show.ts';
import { useNotices } from '../notices.tsx';

/** Keeping, ending and ticking series; each can be undone. */
export function useSeries() {
  const today = useToday();
  const { say } = useNotices();
  const failed = (error: Error) => say(error.message);
  const keep = <T extends { readonly id: string }>(
    kind: string,
    record: T,
    label: string,
    told: string,
    from?: T,
  ) =>
    keepRecord(putEntry(kind, record, label, from)).then(
      () =>
        say(
          told,
          () =>
            void keepRecord(
              from ? putEntry(kind, from, label, record) : takeOutEntry(kind, record, label),
            ).catch(failed),
        ),
      failed,
    );
  return {
    /** Begins a series, under an id of its own. */
    begin: (series: Series) => {
      const begun = { ...series, id: newId() };
      return keep('series', begun, series.name, `Planned: ${series.name}.`);
    },
    beginAll: async (all: readonly Series[], told: string) => {
      const begun = all.map((series) => ({ ...series, id: newId() }));
      try {
        for (const series of begun) await keepRecord(putEntry('series', series, series.name));
        say(told, () => {
          for (const series of begun)
            void keepRecord(takeOutEntry('series', series, series.name)).catch(failed);
        });
      } catch (error) {
        failed(error as Error);
      }
    },
    change: (from: Series, to: Series) => keep('series', to, to.name, 'The series is changed.', from),
    end: (series: Series) =>
      keep<Series>('series', { ...series, endedOn: today }, series.name, `Ended: ${series.name}.`, series),
    tick: (series: Series, step: number, what: Tick['what'], title: string) => {
      const tick = { id: newId(), seriesId: series.id, on: today, step, what, note: '' };
      const told = what === 'done' ? `Ticked: ${title}.` : `Left out: ${title}.`;
      return keep('ticks', tick, title, told);
    },
    /** Hand work of a step is kept as such, so that it counts for the trouble or the whole plant. */
    tickHand: (series: Series, hand: string, title: string) => {
      const { watchId, plantId } = series;
      const work = { id: newId(), watchId, plantId, on: today, kind: hand, minutes: null, note: '' };
      return keep('handwork', work, title, `Logged: ${title}.`);
    },
    feed: (plantId: string, plantName: string) => {
      const care = { id: newId(), plantId, kind: 'feeding', on: today, note: '' };
      return keep('care', care, `fed, ${plantName}`, `Logged: fed, ${plantName}.`);
    },
  };
}
