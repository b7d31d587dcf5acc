import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { writeDailyCsv, writeHourlyCsv } from '#core/formats';
import { addDays } from '#core/calendar';
import { monthlyNormals, stationRecord, typedForecast, weatherImport } from '#core/records';
import { offsetLearned, stationCheck } from '../answers/station-check.ts';
import { fieldProblem, jsonBody, orNotFound, Problem } from '#answers';
import { notInFuture, refersTo, sameId, type AppParts } from '../context.ts';
import { ifAsSeen } from '../if-as-seen.ts';
import { recordRoute } from './record-route.ts';

/** Room for 20 000 days of JSON; everything else on the site is far smaller. */
const MOST_IMPORT_BYTES = 16_000_000;

/** Thermometers, their readings in and out. */
export function weatherRoutes(parts: AppParts) {
  const { store, clock, weatherFolder } = parts;
  return new Hono()
    .put('/stations/:id', jsonBody(stationRecord), ifAsSeen(stationRecord, store.station), (c) => {
      const station = c.req.valid('json');
      sameId(c.req.param('id'), station);
      store.putStation(station);
      return c.json({ station });
    })
    .post(
      '/stations/:id/days',
      bodyLimit({
        maxSize: MOST_IMPORT_BYTES,
        onError: () => {
          throw new Problem(413, 'That is more than 16 MB: import fewer years at a time.');
        },
      }),
      jsonBody(weatherImport),
      (c) => {
        const station = orNotFound(store.station(c.req.param('id')), 'thermometer');
        const { days, replaceChanged, preview } = c.req.valid('json');
        if (new Set(days.map((day) => day.date)).size < days.length)
          throw fieldProblem('days', 'a day stands in it twice');
        const ahead = days.find((day) => day.date > clock.today());
        if (ahead)
          throw fieldProblem('days', `${ahead.date} lies ahead of the garden's day, ${clock.today()}`);
        return c.json({ outcome: store.importDays(station.id, days, replaceChanged, preview) });
      },
    )
    .route(
      '/readings',
      recordRoute(store, 'reading', store.readings, (reading) => {
        refersTo(store.station(reading.stationId), 'stationId', 'thermometer');
        notInFuture(reading.readOn, 'readOn', clock.today());
        const twice = store.readings
          .by('station_id', reading.stationId)
          .some(
            (other) =>
              other.id !== reading.id && other.readOn === reading.readOn && other.time === reading.time,
          );
        if (twice)
          throw fieldProblem(
            'readOn',
            `there is a reading of that ${reading.time} already; take it out first`,
          );
      }),
    )
    .route(
      '/weather-fixes',
      recordRoute(store, 'weather_fix', store.fixes, (fix) => {
        refersTo(store.station(fix.stationId), 'stationId', 'thermometer');
      }),
    )
    .get('/stations/:id/check', (c) =>
      c.json({
        check: stationCheck(
          store,
          orNotFound(store.station(c.req.param('id')), 'thermometer'),
          addDays(clock.today(), -1),
        ),
      }),
    )
    .route(
      '/paired-readings',
      recordRoute(store, 'paired_reading', store.pairs, (pair) => {
        refersTo(store.place(pair.placeId), 'placeId', 'place');
        notInFuture(pair.on, 'on', clock.today());
      }),
    )
    .route(
      '/wet-looks',
      recordRoute(store, 'wet_look', store.wetLooks, (look) => {
        refersTo(store.place(look.placeId), 'placeId', 'place');
        notInFuture(look.on, 'on', clock.today());
      }),
    )
    .get('/places/:id/offset', (c) =>
      c.json({ learned: offsetLearned(store, orNotFound(store.place(c.req.param('id')), 'place')) }),
    )
    .get('/weather-files', (c) =>
      c.json({
        folder: weatherFolder?.folder ?? null,
        reading: weatherFolder?.reading() ?? null,
        files: store.weatherFiles(),
      }),
    )
    .put('/normals', jsonBody(monthlyNormals), (c) => {
      store.replaceNormals(c.req.valid('json').normals);
      return c.json({ normals: store.normals() });
    })
    .put('/stations/:id/forecast', jsonBody(typedForecast), (c) => {
      const station = orNotFound(store.station(c.req.param('id')), 'thermometer');
      const { days } = c.req.valid('json');
      if (days[0] && days[0].date < clock.today())
        throw fieldProblem('days', 'a forecast begins today or later');
      store.replaceForecast(station.id, clock.today(), days);
      return c.json({ days });
    })
    .get('/stations/:id/days.csv', (c) => {
      const station = orNotFound(store.station(c.req.param('id')), 'thermometer');
      const csv = writeDailyCsv(store.days(station.id, '0001-01-01', '9999-12-31'));
      return c.body(csv, 200, {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="daily-weather.csv"',
      });
    })
    .get('/stations/:id/hours.csv', (c) => {
      const station = orNotFound(store.station(c.req.param('id')), 'thermometer');
      const csv = writeHourlyCsv(store.days(station.id, '0001-01-01', '9999-12-31'));
      return c.body(csv, 200, {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': 'attachment; filename="hourly-weather.csv"',
      });
    });
}
