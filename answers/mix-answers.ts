import { Hono } from 'hono';
import { z } from 'zod';
import type { ToldWeather } from '#core/records';
import {
  benchAnswer,
  type BenchAsked,
  type BenchSubject,
  dormantAnswer,
  pictureOf,
  shelfAnswer,
  sprayAnswer,
} from '#engine';
import type { AnswersFrom } from './answers-from.ts';
import { byId } from './by-id.ts';
import { fieldProblem, orNotFound } from './problem.ts';
import { query } from './validate.ts';

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

const flag = z
  .enum(['yes', 'no'])
  .default('no')
  .transform((word) => word === 'yes');
const sprayQuestion = z.object({
  plant: z.string(),
  product: z.string(),
  line: z.string(),
  bees: flag,
  thirsty: flag,
  hours: z.coerce.number().int('a whole number').min(1, 'at least 1').max(12, 'at most 12').default(2),
});

/** The shelf and the bench: what may be poured, how much of it, and at what hour. */
export function mixAnswers({ day, beside }: AnswersFrom) {
  return new Hono()
    .get('/shelf', (c) => {
      const { products, sprayers } = day().books.state;
      return c.json({ products, sprayers });
    })
    .get('/shelf/state', (c) => c.json({ state: shelfAnswer(day()) }))
    .get('/bench', query(benchAsked), (c) => {
      const now = day();
      const { watch, plant, leafState, bees, bloom, weather } = c.req.valid('query');
      const subjects: BenchSubject[] = [
        ...watch.map((id) => orNotFound(pictureOf(now, id), 'watch')),
        ...plant.map((id) => ({
          plant: orNotFound(byId(now.books.state.plants, id), 'plant'),
          watch: null,
          targetName: '',
        })),
      ];
      if (subjects.length === 0) throw fieldProblem('watch', 'say for which watch or plant');
      return c.json({
        bench: benchAnswer(now, subjects, {
          leafState: leafState ?? null,
          beesAtHoneydew: bees === undefined ? null : bees === 'yes',
          bloom: bloom ?? null,
          weather: weather ?? null,
        }),
      });
    })
    .get('/spray-hours', query(sprayQuestion), (c) => {
      const now = day();
      const { plants, products } = now.books.state;
      const asked = c.req.valid('query');
      const product = orNotFound(byId(products, asked.product), 'product');
      const line = orNotFound(byId(product.lines, asked.line), 'label line');
      const plant = orNotFound(byId(plants, asked.plant), 'plant');
      const scene = { beesAtHoneydew: asked.bees, thirsty: asked.thirsty };
      return c.json({ spray: sprayAnswer(now, plant, product, line, scene, asked.hours) });
    })
    .get('/dormant', (c) => c.json({ dormant: dormantAnswer(day()) }))
    .get('/recipes', (c) => c.json({ recipes: beside.recipes(), waits: beside.waits() }));
}
