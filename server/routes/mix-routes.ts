import { Hono } from 'hono';
import { z } from 'zod';
import { addDays } from '#core/calendar';
import { tankMeeting } from '#core/materials';
import {
  type Plant,
  productRecord,
  type SprayRecord,
  sprayerRecord,
  sprayLoad,
  sprayRecord,
  type Watch,
  type ToldWeather,
} from '#core/records';
import { placeOn } from '#core/weather';
import { HOSTS, HOUR_RULES, ingredientsOf, MATERIALS, meetingRules, schoolsFor } from '#knowledge';
import {
  type AttachedWeather,
  benchAnswer,
  type BenchAsked,
  type BenchSubject,
  judgeLine,
  NO_TROUBLE,
  type LoggedSpray,
  pictureOf,
  shelfAnswer,
  staysOf,
  useScene,
} from '#engine';
import {
  orNotFound,
  notInFuture,
  presentDay,
  refersTo,
  sameId,
  takenOut,
  type AppParts,
} from '../context.ts';
import { ifAsSeen } from '../if-as-seen.ts';
import { fieldProblem } from '../problem.ts';
import { jsonBody, query } from '../validate.ts';
import { recordRoute } from './record-route.ts';
import { watchOrPlant } from './watch-or-plant.ts';

const MATERIAL_IDS = new Set(MATERIALS.map((material) => material.id));
const HOST_IDS = new Set(HOSTS.map((host) => host.id));

const TOLD_WEATHER =
  /^(not-sure|(-?\d{1,2}(?:\.\d)?)~(-?\d{1,2}(?:\.\d)?)~(dry|rain)(?:~(still|breeze|windy))?)$/;

/** Tonight's low, tomorrow's high, rain and wind, as the bench asks for them: `8~21~dry~breeze`. */
function toldWeather(text: string): BenchAsked['weather'] {
  const [, all, low, high, rain, air] = TOLD_WEATHER.exec(text)!;
  if (all === 'not-sure') return 'not-sure';
  return {
    lowC: Number(low),
    highC: Number(high),
    rain: rain === 'rain',
    air: (air as ToldWeather['air'] | undefined) ?? null,
  };
}

const ids = z
  .string()
  .max(1500, 'at most forty at a time')
  .default('')
  .transform((text) => text.split(',').filter(Boolean));

const benchAsked = z.object({
  watch: ids,
  plant: ids,
  leafState: z.enum(['dormant', 'delayed-dormant', 'in-leaf']).optional(),
  bees: z.enum(['yes', 'no']).optional(),
  bloom: z.enum(['open', 'over']).optional(),
  weather: z
    .string()
    .regex(TOLD_WEATHER, 'a low, a high, dry or rain and the wind, or not-sure')
    .transform(toldWeather)
    .optional(),
});

/** The shelf, the sprayers and what was sprayed. */
export function mixRoutes(parts: AppParts) {
  const { store, clock } = parts;
  return (
    new Hono()
      .get('/shelf', (c) => c.json({ products: store.products(), sprayers: store.sprayers() }))
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
      .get('/shelf/state', (c) => {
        const day = presentDay(parts);
        return c.json({ state: shelfAnswer(day) });
      })
      .get('/bench', query(benchAsked), (c) => {
        const day = presentDay(parts);
        const { watch, plant, leafState, bees, bloom, weather } = c.req.valid('query');
        const subjects: BenchSubject[] = [
          ...watch.map((id) => orNotFound(pictureOf(day, id), 'watch')),
          ...plant.map((id) => ({
            plant: orNotFound(store.plant(id), 'plant'),
            watch: null,
            targetName: '',
          })),
        ];
        if (subjects.length === 0) throw fieldProblem('watch', 'say for which watch or plant');
        return c.json({
          bench: benchAnswer(day, subjects, {
            leafState: leafState ?? null,
            beesAtHoneydew: bees === undefined ? null : bees === 'yes',
            bloom: bloom ?? null,
            weather: weather ?? null,
          }),
        });
      })

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
  store.putSpray(spray, weatherOf(parts, plant, spray));
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

/** The day's weather where the plant stood: measured if there is, else as forecast, else as it was told. */
function weatherOf(
  parts: AppParts,
  plant: Plant,
  { on, toldWeather: told }: SprayRecord,
): AttachedWeather | null {
  const { store, clock } = parts;
  const place = store.place(placeOn(staysOf(presentDay(parts).books.plantBook(plant.id)), on));
  const asTold: AttachedWeather | null = told && {
    minC: told.lowC,
    maxC: told.highC,
    rainMm: told.rain ? null : 0,
    windMs: null,
    origin: 'told',
  };
  if (!place?.stationId) return asTold;
  const measured = store.days(place.stationId, on, on)[0];
  const day =
    measured ??
    (on >= addDays(clock.today(), -1)
      ? store.forecast(place.stationId, on).find((entry) => entry.date === on)
      : undefined);
  if (!day) return asTold;
  return {
    minC: day.minC + place.minOffsetC,
    maxC: day.maxC + place.maxOffsetC,
    rainMm: day.rainMm,
    windMs: day.windMs,
    origin: measured ? 'measured' : 'forecast',
  };
}
