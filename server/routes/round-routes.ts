import { Hono } from 'hono';
import { feedingAnswer, roundAnswer } from '#engine';
import { orNotFound, notInFuture, presentDay, refersTo, type AppParts } from '../context.ts';
import { fieldProblem } from '../problem.ts';
import { recordRoute } from './record-route.ts';

/** Rounds and their stops, devices, traps and tags, growth stages and care, the eye trainer's guesses. */
export function roundRoutes(parts: AppParts) {
  const { store, clock } = parts;
  const ofWatch = ({ watchId }: { watchId: string }) => refersTo(store.watch(watchId), 'watchId', 'watch');
  const ofPlant = ({ plantId, on }: { plantId: string; on: string }) => {
    refersTo(store.plant(plantId), 'plantId', 'plant');
    notInFuture(on, 'on', clock.today());
  };
  return (
    new Hono()
      .get('/rounds', (c) =>
        c.json({
          rounds: store.rounds
            .all()
            .toReversed()
            .map((round) => ({ round, stops: store.stops.by('round_id', round.id).length })),
        }),
      )
      // A round begun without a signal may not be known here yet: the walk is the same.
      .get('/rounds/:id', (c) => {
        const day = presentDay(parts);
        const round = store.rounds.one(c.req.param('id')) ?? null;
        return c.json({
          round: roundAnswer(day, round, round ? store.stops.by('round_id', round.id) : []),
        });
      })
      .get('/walk', (c) => {
        const day = presentDay(parts);
        return c.json({ round: roundAnswer(day, null, []) });
      })
      .route(
        '/rounds',
        recordRoute(store, 'round', store.rounds, (round) =>
          notInFuture(round.startedOn, 'startedOn', clock.today()),
        ),
      )
      .route(
        '/stops',
        recordRoute(store, 'stop', store.stops, (stop) => {
          refersTo(store.rounds.one(stop.roundId), 'roundId', 'round');
          ofPlant(stop);
          if (
            stop.watchId !== null &&
            refersTo(store.watch(stop.watchId), 'watchId', 'watch').plantId !== stop.plantId
          )
            throw fieldProblem('watchId', 'is a watch on another plant');
        }),
      )
      .route(
        '/traps',
        recordRoute(store, 'trap', store.traps, (trap) => {
          ofWatch(trap);
          notInFuture(trap.takenOff, 'takenOff', clock.today());
        }),
      )
      .route(
        '/devices',
        recordRoute(store, 'device', store.devices, (device) => {
          ofWatch(device);
          notInFuture(device.hungOn, 'hungOn', clock.today());
        }),
      )
      .route(
        '/tags',
        recordRoute(store, 'tag', store.tags, (tag) => {
          ofWatch(tag);
          notInFuture(tag.taggedOn, 'taggedOn', clock.today());
        }),
      )
      .route('/growth', recordRoute(store, 'growth', store.growth, ofPlant))
      .route('/care', recordRoute(store, 'care', store.care, ofPlant))
      .get('/plants/:id/diary', (c) => {
        const { id } = orNotFound(store.plant(c.req.param('id')), 'plant');
        return c.json({ growth: store.growth.by('plant_id', id), care: store.care.by('plant_id', id) });
      })
      .get('/plants/:id/feeding', (c) => {
        const day = presentDay(parts);
        return c.json({
          feeding: feedingAnswer(day, orNotFound(store.plant(c.req.param('id')), 'plant')),
        });
      })
      .get('/growth', (c) => c.json({ growth: store.growth.all() }))
      .get('/guesses', (c) => c.json({ guesses: store.guesses.all() }))
      .route(
        '/guesses',
        recordRoute(store, 'guess', store.guesses, (guess) => notInFuture(guess.on, 'on', clock.today())),
      )
  );
}
