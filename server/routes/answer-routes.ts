import { Hono } from 'hono';
import { type AnswersFrom, type Beside, gardenAnswers, orNotFound, type PackedGarden } from '#answers';
import { EXPORT_FILES } from '../exports/export-tables.ts';
import { presentDay, type AppParts } from '../context.ts';
import type { Store } from '../store/store.ts';
import { calendarAddress } from './calendar-routes.ts';

const besideOf = (store: Store): Beside => ({
  stations: store.stations,
  readings: (stationId) => store.readings.by('station_id', stationId),
  rounds: store.rounds.all,
  stops: (roundId) => store.stops.by('round_id', roundId),
  photos: store.allPhotos,
  guesses: store.guesses.all,
  recipes: store.recipes.all,
  waits: store.waits.all,
});

/** What the garden's records come to today. */
export function answerRoutes(parts: AppParts) {
  const { store, backups, clock } = parts;
  const from: AnswersFrom = {
    day: () => presentDay(parts),
    beside: besideOf(store),
    keeping: (today) => ({
      backupTrouble: backups?.lastTrouble() ?? null,
      ahead: store.daysAhead(today),
      calendarAddress: calendarAddress(store),
    }),
  };
  return (
    new Hono()
      .route('/', gardenAnswers(from))
      // Everything a device needs to answer by itself while it cannot reach this server.
      .get('/state', (c) => {
        const day = presentDay(parts);
        const packed: PackedGarden = {
          state: day.books.state,
          beside: {
            stations: store.stations(),
            readings: store.readings.all(),
            rounds: store.rounds.all(),
            stops: store.stops.all(),
            photos: store.allPhotos(),
            guesses: store.guesses.all(),
            recipes: store.recipes.all(),
            waits: store.waits.all(),
          },
          today: day.today,
          stepped: clock.step !== undefined,
        };
        return c.json(packed);
      })
      // Tables that others read, and what their columns mean.
      .get('/exports/:table', (c) => {
        const { fileName, csv } = orNotFound(EXPORT_FILES.get(c.req.param('table')), 'table');
        return c.body(csv(presentDay(parts)), 200, {
          'content-type': 'text/csv; charset=utf-8',
          'content-disposition': `attachment; filename="${fileName}"`,
        });
      })
  );
}
