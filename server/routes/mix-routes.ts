import { Hono } from 'hono';
import { tankMeeting } from '#core/materials';
import {
  type Plant,
  productRecord,
  type SprayRecord,
  sprayerRecord,
  sprayLoad,
  sprayRecord,
  type Watch,
} from '#core/records';
import { HOSTS, HOUR_RULES, ingredientsOf, MATERIALS, meetingRules, schoolsFor } from '#knowledge';
import { attachedWeather, judgeLine, NO_TROUBLE, type LoggedSpray, useScene } from '#engine';
import { fieldProblem, jsonBody, orNotFound } from '#answers';
import { notInFuture, presentDay, refersTo, sameId, takenOut, type AppParts } from '../context.ts';
import { ifAsSeen } from '../if-as-seen.ts';
import { recordRoute } from './record-route.ts';
import { watchOrPlant } from './watch-or-plant.ts';

const MATERIAL_IDS = new Set(MATERIALS.map((material) => material.id));
const HOST_IDS = new Set(HOSTS.map((host) => host.id));

/** The shelf, the sprayers and what was sprayed. */
export function mixRoutes(parts: AppParts) {
  const { store, clock } = parts;
  return (
    new Hono()
      .put('/products/:id', jsonBody(productRecord), ifAsSeen(productRecord, store.product), (c) => {
        const product = c.req.valid('json');
        sameId(c.req.param('id'), product);
        if (!MATERIAL_IDS.has(product.materialId))
          throw fieldProblem('materialId', 'choose one from the list');
        if (product.lines.some((line) => line.hostIds.some((id) => !HOST_IDS.has(id))))
          throw fieldProblem('lines', 'a line names a plant that is not in the list');
        store.putProduct(product);
        return c.json({ product });
      })
      .put('/sprayers/:id', jsonBody(sprayerRecord), ifAsSeen(sprayerRecord, store.sprayer), (c) => {
        const sprayer = c.req.valid('json');
        sameId(c.req.param('id'), sprayer);
        store.putSprayer(sprayer);
        return c.json({ sprayer });
      })

      .route(
        '/local-advice',
        recordRoute(store, 'local_advice', store.localAdvice, ({ materialId }) => {
          if (!MATERIAL_IDS.has(materialId)) throw fieldProblem('materialId', 'choose one from the list');
        }),
      )
      .route(
        '/handwork',
        recordRoute(store, 'handwork', store.handwork, (work) => {
          watchOrPlant(store, work);
          notInFuture(work.on, 'on', clock.today());
        }),
      )

      .put('/sprays/:id', jsonBody(sprayRecord), ifAsSeen(sprayRecord, store.spray), (c) => {
        const spray = c.req.valid('json');
        sameId(c.req.param('id'), spray);
        return c.json({ spray: keepSpray(parts, spray) });
      })
      // One tank for several plants is kept as a whole, or not at all.
      .put('/loads/:id', jsonBody(sprayLoad), (c) => {
        const { id, sprays } = c.req.valid('json');
        sameId(c.req.param('id'), { id });
        return c.json({
          sprays: store.db.transaction(() => sprays.map((spray) => keepSpray(parts, spray)))(),
        });
      })
      .delete('/loads/:id', (c) => {
        const sprays = store.spraysOfLoad(c.req.param('id'));
        orNotFound(sprays.length > 0 || null, 'tank');
        return c.json(takenOut(store, 'spray', ...sprays.map(({ id }) => id)));
      })
      .delete('/sprays/:id', (c) => c.json(takenOut(store, 'spray', c.req.param('id'))))
  );
}

/** Checks a spray and keeps it, with the weather as it is known. */
function keepSpray(parts: AppParts, spray: SprayRecord): LoggedSpray {
  const { store, clock } = parts;
  const { plant, watch } = watchOrPlant(store, spray);
  refersTo(store.sprayer(spray.sprayerId), 'sprayerId', 'sprayer');
  notInFuture(spray.on, 'on', clock.today());
  checkAgainstRules(parts, spray, plant, watch ?? NO_TROUBLE);
  store.putSpray(spray, attachedWeather(presentDay(parts), plant, spray));
  return store.spray(spray.id)!;
}

/**
 * What was done against a label or a rule can be recorded, but only by saying so; what endangers life
 * cannot be mixed here at all.
 */
function checkAgainstRules(
  parts: AppParts,
  spray: SprayRecord,
  plant: Plant,
  watch: Pick<Watch, 'group' | 'targetId'>,
): void {
  const { store } = parts;
  const day = presentDay(parts);
  const loads = spray.parts.map((part, i) => {
    const product = refersTo(store.product(part.productId), `parts.${i}.productId`, 'product');
    return {
      part,
      product,
      line: refersTo(
        product.lines.find((entry) => entry.id === part.lineId),
        `parts.${i}.lineId`,
        'line on its label',
      ),
    };
  });
  const met = tankMeeting(
    meetingRules(schoolsFor(day.garden, plant)),
    loads.map(({ product }) => ingredientsOf(product.materialId, product.containsOil)),
  );
  if (met?.tank === 'never') throw fieldProblem('parts', met.rules[0]!.says);
  if (spray.againstLabel) return;
  if (met?.tank === 'no') throw fieldProblem('parts', `not in one tank. ${met.rules[0]!.says}`);
  const scene = useScene(
    day,
    spray.on,
    plant,
    watch,
    {
      leafState: spray.leafState,
      leafQuestion: null,
      beesAtHoneydew: null,
      bloom: null,
      weather: 'not-sure',
      planned: [],
    },
    spray,
  );
  loads.forEach(({ part, product, line }, i) => {
    const [worst] = judgeLine(scene, product, line, part.productAmount).filter(
      ({ ruleId }) => !HOUR_RULES.has(ruleId),
    );
    if (worst && ['wait', 'no', 'never'].includes(worst.verdict))
      throw fieldProblem(
        `parts.${i}.lineId`,
        `${worst.says} Record it as done against the label if that is what happened.`,
      );
    if (part.rate < line.rateLow - 1e-9 || part.rate > line.rateHigh + 1e-9)
      throw fieldProblem(`parts.${i}.rate`, `the label line gives ${line.rateLow} to ${line.rateHigh}`);
  });
}
