import { Hono } from 'hono';
import { z } from 'zod';
import { addDays, type CivilDate, shiftSeason } from '#core/calendar';
import { misfits } from '#core/materials';
import { leafStateOn, loggedBloom, loggedLeafState, seasonStages } from '#core/plan';
import { handworkRecord, type Plant, productRecord, type SprayRecord, sprayerRecord, sprayRecord, type Watch } from '#core/records';
import { placeOn } from '#core/weather';
import { hostById, HOSTS, MATERIALS } from '#knowledge';
import { metBefore } from '../answers/meetings-answer.ts';
import { staysOf } from '../answers/plant-season.ts';
import { found, notInFuture, presentSeason, refersTo, sameId, type AppParts } from '../context.ts';
import { fieldProblem } from '../problem.ts';
import type { AttachedWeather } from '../store/shelf-store.ts';
import { jsonBody, query } from '../validate.ts';
import { recordRoute } from './record-route.ts';

const MATERIAL_IDS = new Set(MATERIALS.map((material) => material.id));
const HOST_IDS = new Set(HOSTS.map((host) => host.id));

/** The shelf, the sprayers and what was sprayed. */
export function mixRoutes(parts: AppParts) {
  const { store, clock } = parts;
  return new Hono()
    .get('/shelf', (c) => c.json({ products: store.products(), sprayers: store.sprayers() }))
    .put('/products/:id', jsonBody(productRecord), (c) => {
      const product = c.req.valid('json');
      sameId(c.req.param('id'), product);
      if (!MATERIAL_IDS.has(product.materialId)) throw fieldProblem('materialId', 'choose one from the list');
      if (product.lines.some((line) => line.hostIds.some((id) => !HOST_IDS.has(id)))) throw fieldProblem('lines', 'a line names a plant that is not in the list');
      store.putProduct(product);
      return c.json({ product });
    })
    .put('/sprayers/:id', jsonBody(sprayerRecord), (c) => {
      const sprayer = c.req.valid('json');
      sameId(c.req.param('id'), sprayer);
      store.putSprayer(sprayer);
      return c.json({ sprayer });
    })

    .get('/plants/:id/leaf-state', (c) => {
      const { reader, today } = presentSeason(parts);
      const plant = found(store.plant(c.req.param('id')), 'plant');
      const { pastSeasons } = reader.ofPlant(plant);
      const stages = pastSeasons.length > 0 ? seasonStages(reader.start, pastSeasons) : null;
      const { evergreen } = hostById(plant.hostId);
      const log = store.growth.by('plant_id', plant.id);
      // A winter's leaf fall still holds after the turn of the year.
      const logged = evergreen ? null : loggedLeafState(log, shiftSeason(reader.start, -1), today);
      return c.json({ leafState: logged?.leafState ?? leafStateOn(stages, today, evergreen), logged, bloom: loggedBloom(log, reader.start, today), evergreen });
    })

    .get('/plants/:id/met-before', query(z.object({ product: z.string() })), (c) => {
      const { garden, today } = presentSeason(parts);
      const plant = found(store.plant(c.req.param('id')), 'plant');
      return c.json({ met: metBefore(store, garden, plant, found(store.product(c.req.valid('query').product), 'product'), today) });
    })

    .route('/handwork', recordRoute(handworkRecord, store.handwork, 'hand work', (work) => {
      refersTo(store.watch(work.watchId), 'watchId', 'watch');
      notInFuture(work.on, 'on', clock.today());
    }))

    .put('/sprays/:id', jsonBody(sprayRecord), (c) => {
      const spray = c.req.valid('json');
      sameId(c.req.param('id'), spray);
      const watch = refersTo(store.watch(spray.watchId), 'watchId', 'watch');
      refersTo(store.sprayer(spray.sprayerId), 'sprayerId', 'sprayer');
      notInFuture(spray.on, 'on', clock.today());
      checkAgainstLabel(parts, spray, watch);
      store.putSpray(spray, weatherOf(parts, store.plant(watch.plantId)!, spray.on));
      return c.json({ spray: store.sprays(watch.id).find((logged) => logged.id === spray.id)! });
    })
    .delete('/sprays/:id', (c) => {
      found(store.removeSpray(c.req.param('id')) || null, 'spray');
      return c.body(null, 204);
    });
}

/** What was done against the label can be recorded, but only by saying so. */
function checkAgainstLabel({ store }: AppParts, spray: SprayRecord, watch: Watch): void {
  const product = refersTo(store.product(spray.productId), 'productId', 'product');
  const line = refersTo(product.lines.find((entry) => entry.id === spray.lineId), 'lineId', 'line on its label');
  if (spray.againstLabel) return;
  const host = hostById(store.plant(watch.plantId)!.hostId);
  if (misfits(line, { hostId: host.id, evergreen: host.evergreen, leafState: spray.leafState, group: watch.group }).length > 0) {
    throw fieldProblem('lineId', 'is not for this plant, trouble or leaf state; record it as done against the label if that is what happened');
  }
  if (spray.rate < line.rateLow - 1e-9 || spray.rate > line.rateHigh + 1e-9) {
    throw fieldProblem('rate', `the label line gives ${line.rateLow} to ${line.rateHigh}`);
  }
}

/** The day's weather where the plant stood: measured if there is, else as forecast. */
function weatherOf({ store, clock }: AppParts, plant: Plant, on: CivilDate): AttachedWeather | null {
  const place = store.place(placeOn(staysOf(store, plant), on));
  if (!place?.stationId) return null;
  const measured = store.days(place.stationId, on, on)[0];
  const day = measured ?? (on >= addDays(clock.today(), -1) ? store.forecast(place.stationId, on).find((entry) => entry.date === on) : undefined);
  if (!day) return null;
  return {
    minC: day.minC + place.minOffsetC, maxC: day.maxC + place.maxOffsetC, rainMm: day.rainMm, windMs: day.windMs,
    origin: measured ? 'measured' : 'forecast',
  };
}
