import { Hono } from 'hono';
import { z } from 'zod';
import {
  feedingAnswer,
  groundAnswer,
  leavesOf,
  movingAnswer,
  namingScene,
  picturesByPlant,
  roundAnswer,
  watchPictures,
} from '#engine';
import type { AnswersFrom } from './answers-from.ts';
import { byId } from './by-id.ts';
import { orNotFound } from './problem.ts';
import { query } from './validate.ts';

/** The month it was seen in, where that was not today; the watch that is looked at again, if it is one. */
const seenThen = z.object({
  month: z.coerce.number().int().min(1).max(12).optional(),
  watch: z.string().max(60).optional(),
});

/** Plants and where they stand, their diaries, and the rounds past them. */
export function plantAnswers({ day, beside }: AnswersFrom) {
  return (
    new Hono()
      .get('/places', (c) => c.json({ places: day().books.state.places }))
      .get('/wet-looks', (c) => c.json({ looks: day().books.state.wetLooks }))
      .get('/plants', (c) => {
        const now = day();
        const byPlant = picturesByPlant(watchPictures(now));
        return c.json({
          plants: now.books.state.plants.map((plant) => ({
            ...plant,
            moves: now.books.plantBook(plant.id).moves,
            touching: now.books.plantBook(plant.id).touching,
            leaves: leavesOf(now, plant),
            watches: (byPlant.get(plant.id) ?? []).map(
              ({ watch, targetName, status, level, levelBefore }) => ({
                id: watch.id,
                targetName,
                status,
                level,
                levelBefore,
              }),
            ),
          })),
        });
      })
      .get('/plants/:id/diary', (c) => {
        const { plants, growth, care } = day().books.state;
        const { id } = orNotFound(byId(plants, c.req.param('id')), 'plant');
        const ofPlant = ({ plantId }: { readonly plantId: string }) => plantId === id;
        return c.json({ growth: growth.filter(ofPlant), care: care.filter(ofPlant) });
      })
      .get('/plants/:id/photos', (c) => {
        const { id } = orNotFound(byId(day().books.state.plants, c.req.param('id')), 'plant');
        return c.json({ photos: beside.photos().filter(({ plantId }) => plantId === id) });
      })
      .get('/plants/:id/feeding', (c) => {
        const now = day();
        return c.json({
          feeding: feedingAnswer(now, orNotFound(byId(now.books.state.plants, c.req.param('id')), 'plant')),
        });
      })
      .get('/plants/:id/naming', query(seenThen), (c) => {
        const now = day();
        const plant = orNotFound(byId(now.books.state.plants, c.req.param('id')), 'plant');
        const { month = null, watch = null } = c.req.valid('query');
        return c.json({ naming: namingScene(now, plant, month, watch) });
      })
      .get('/ground', (c) => c.json({ ground: groundAnswer(day()) }))
      .get('/moving', (c) => c.json({ moving: movingAnswer(day()) }))
      .get('/growth', (c) => c.json({ growth: day().books.state.growth }))
      .get('/rounds', (c) =>
        c.json({
          rounds: beside
            .rounds()
            .toReversed()
            .map((round) => ({ round, stops: beside.stops(round.id).length })),
        }),
      )
      // A round begun without a signal may not be known here yet: the walk is the same.
      .get('/rounds/:id', (c) => {
        const round = byId(beside.rounds(), c.req.param('id')) ?? null;
        return c.json({ round: roundAnswer(day(), round, round ? beside.stops(round.id) : []) });
      })
      .get('/walk', (c) => c.json({ round: roundAnswer(day(), null, []) }))
      .get('/guesses', (c) => c.json({ guesses: beside.guesses() }))
  );
}
