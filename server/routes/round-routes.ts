import { Hono } from 'hono';
import { fieldProblem } from '#answers';
import { notInFuture, refersTo, type AppParts } from '../context.ts';
import { recordRoute } from './record-route.ts';

/** Rounds and their stops, devices, traps and tags, growth stages and care, the eye trainer's guesses. */
export function roundRoutes(parts: AppParts) {
  const { store, clock } = parts;
  const ofWatch = ({ watchId }: { watchId: string }) => refersTo(store.watch(watchId), 'watchId', 'watch');
  const ofPlant = ({ plantId, on }: { plantId: string; on: string }) => {
    refersTo(store.plant(plantId), 'plantId', 'plant');
    notInFuture(on, 'on', clock.today());
  };
  return new Hono()
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
    .route(
      '/guesses',
      recordRoute(store, 'guess', store.guesses, (guess) => notInFuture(guess.on, 'on', clock.today())),
    );
}
