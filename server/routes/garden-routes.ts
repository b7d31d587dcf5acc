import { Hono } from 'hono';
import { z } from 'zod';
import { gardenRecord, moveRecord, placeRecord, plantRecord } from '#core/records';
import { HOSTS } from '#knowledge';
import { fieldProblem, jsonBody, orNotFound, Problem } from '#answers';
import { notInFuture, refersTo, sameId, takenOut, type AppParts } from '../context.ts';
import { recordRoute } from './record-route.ts';
import { ifAsSeen } from '../if-as-seen.ts';

const HOST_IDS = new Set(HOSTS.map((host) => host.id));

/** The garden, its day, places, plants and moves. */
export function gardenRoutes(parts: AppParts) {
  const { store, clock, demo, onStep } = parts;
  return new Hono()
    .get('/garden', (c) =>
      c.json({ garden: store.garden(), today: clock.today(), demo, canStep: clock.step !== undefined }),
    )
    .put('/garden', jsonBody(gardenRecord), ifAsSeen(gardenRecord, store.garden), (c) => {
      store.putGarden(c.req.valid('json'));
      return c.json({ garden: store.garden() });
    })
    .post(
      '/clock/step',
      jsonBody(z.object({ days: z.number().int().min(1, 'at least a day').max(31, 'at most 31 days') })),
      async (c) => {
        if (!clock.step) throw new Problem(409, "Only the made-up garden's day can be moved.");
        const from = clock.today();
        clock.step(c.req.valid('json').days);
        await onStep?.(from, clock.today());
        return c.json({ today: clock.today() });
      },
    )

    .put('/places/:id', jsonBody(placeRecord), ifAsSeen(placeRecord, store.place), (c) => {
      const place = c.req.valid('json');
      sameId(c.req.param('id'), place);
      if (place.stationId) refersTo(store.station(place.stationId), 'stationId', 'thermometer');
      store.putPlace(place);
      return c.json({ place });
    })

    .put('/plants/:id', jsonBody(plantRecord), ifAsSeen(plantRecord, store.plant), (c) => {
      const plant = c.req.valid('json');
      sameId(c.req.param('id'), plant);
      if (!HOST_IDS.has(plant.hostId)) throw fieldProblem('hostId', 'choose one from the list');
      refersTo(store.place(plant.placeId), 'placeId', 'place');
      if (plant.retiredOn) notInFuture(plant.retiredOn, 'retiredOn', clock.today());
      store.putPlant(plant);
      return c.json({ plant });
    })

    .put('/plants/:id/touching/:other', jsonBody(z.object({ touches: z.boolean() })), (c) => {
      const { id, other } = c.req.param();
      orNotFound(store.plant(id), 'plant');
      orNotFound(store.plant(other), 'plant');
      if (id === other) throw new Problem(422, 'A plant does not touch itself.');
      store.putTouch(id, other, c.req.valid('json').touches);
      return c.json({ touching: store.touching(id) });
    })
    .delete('/plants/:id/touching/:other', (c) => {
      const { id, other } = c.req.param();
      orNotFound(store.removeTouch(id, other) || null, 'touching pair');
      return c.json({ touching: store.touching(id) });
    })

    .put('/moves/:id', jsonBody(moveRecord), ifAsSeen(moveRecord, store.move), (c) => {
      const move = c.req.valid('json');
      sameId(c.req.param('id'), move);
      refersTo(store.plant(move.plantId), 'plantId', 'plant');
      refersTo(store.place(move.placeId), 'placeId', 'place');
      notInFuture(move.movedOn, 'movedOn', clock.today());
      store.putMove(move);
      return c.json({ move });
    })
    .route(
      '/plant-spots',
      recordRoute(store, 'plant_spot', store.plantSpots, (spot) => {
        refersTo(store.plant(spot.plantId), 'plantId', 'plant');
        refersTo(store.place(spot.placeId), 'placeId', 'place');
      }),
    )
    .route(
      '/ground-shapes',
      recordRoute(store, 'ground_shape', store.groundShapes, (shape) => {
        if (shape.placeId) refersTo(store.place(shape.placeId), 'placeId', 'place');
      }),
    )
    .route(
      '/ground-pictures',
      recordRoute(store, 'ground_picture', store.groundPictures, (picture) => {
        refersTo(store.photo(picture.photoId), 'photoId', 'photo');
      }),
    )
    .route(
      '/spread-looks',
      recordRoute(store, 'spread_look', store.spreadLooks, (look) => {
        refersTo(store.watch(look.watchId), 'watchId', 'watch');
        refersTo(store.plant(look.plantId), 'plantId', 'plant');
        notInFuture(look.on, 'on', clock.today());
      }),
    )
    .delete('/moves/:id', (c) => c.json(takenOut(store, 'plant_move', c.req.param('id'))));
}
