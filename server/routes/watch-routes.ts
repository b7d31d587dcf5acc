import { Hono } from 'hono';
import { inspectionRecord, sampleRecord, tapeRecord, watchRecord } from '#core/records';
import { FIRST_WORD, NOT_SURE, STILL_NOT_SURE } from '#core/identify';
import { BURNED_ANSWER, CHECKS, FIRST_WORDS, TARGETS, LOOK_ANSWER, LOOK_IDS } from '#knowledge';
import { fieldProblem, jsonBody, Problem } from '#answers';
import { notInFuture, refersTo, sameId, takenOut, type AppParts } from '../context.ts';
import { ifAsSeen } from '../if-as-seen.ts';

const TARGET_GROUP = new Map(TARGETS.map((target) => [target.id, target.group]));
const ids = (list: readonly { readonly id: string }[]) => list.map(({ id }) => id);
const CHECK_ANSWERS = new Map([
  [FIRST_WORD, new Set(ids(FIRST_WORDS))],
  ...CHECKS.map(({ id, answers }) => [id, new Set([NOT_SURE, STILL_NOT_SURE, ...ids(answers)])] as const),
  // Looks that tell why work failed, and whether it burned, are no part of the key.
  ...[BURNED_ANSWER, ...LOOK_IDS.map((id) => `${LOOK_ANSWER}${id}`)].map(
    (id) => [id, new Set(['yes', 'no'])] as const,
  ),
]);

/** Watches, and what is seen and counted for them. */
export function watchRoutes(parts: AppParts) {
  const { store, clock } = parts;
  const watchOf = (watchId: string) => refersTo(store.watch(watchId), 'watchId', 'watch');
  return new Hono()
    .put('/watches/:id', jsonBody(watchRecord), ifAsSeen(watchRecord, store.watch), (c) => {
      const watch = c.req.valid('json');
      sameId(c.req.param('id'), watch);
      refersTo(store.plant(watch.plantId), 'plantId', 'plant');
      if (watch.sourcePlantId !== null) refersTo(store.plant(watch.sourcePlantId), 'sourcePlantId', 'plant');
      if (watch.sourcePlantId === watch.plantId) throw fieldProblem('sourcePlantId', 'is the plant itself');
      notInFuture(watch.openedOn, 'openedOn', clock.today());
      const fits = (targetId: string | null, group: string | null) =>
        targetId === null || TARGET_GROUP.get(targetId) === group;
      if (!fits(watch.targetId, watch.group))
        throw fieldProblem('targetId', 'is not a trouble of that group');
      if (!fits(watch.firstTargetId, watch.firstGroup))
        throw fieldProblem('firstTargetId', 'is not a trouble of that group');
      store.putWatch(watch);
      return c.json({ watch });
    })

    .put(
      '/inspections/:id',
      jsonBody(inspectionRecord),
      ifAsSeen(inspectionRecord, store.inspection),
      (c) => {
        const inspection = c.req.valid('json');
        sameId(c.req.param('id'), inspection);
        watchOf(inspection.watchId);
        notInFuture(inspection.on, 'on', clock.today());
        for (const [check, answer] of Object.entries(inspection.answers)) {
          if (!CHECK_ANSWERS.get(check)?.has(answer)) {
            throw new Problem(422, 'Something needs correcting before it can be kept.', [
              { path: ['answers', check], message: 'is not an answer to that check' },
            ]);
          }
        }
        store.putInspection(inspection);
        return c.json({ inspection });
      },
    )

    .put('/samples/:id', jsonBody(sampleRecord), ifAsSeen(sampleRecord, store.sample), (c) => {
      const sample = c.req.valid('json');
      sameId(c.req.param('id'), sample);
      watchOf(sample.watchId);
      notInFuture(sample.on, 'on', clock.today());
      if (sample.roundId !== null) refersTo(store.rounds.one(sample.roundId), 'roundId', 'round');
      if (
        sample.sprayId !== null &&
        !store.sprays(sample.watchId).some((spray) => spray.id === sample.sprayId)
      )
        throw fieldProblem('sprayId', 'there is no such spray on this watch');
      const tags = new Set(store.tags.by('watch_id', sample.watchId).map((tag) => tag.id));
      if (sample.units.some(({ tagId }) => tagId !== undefined && !tags.has(tagId)))
        throw fieldProblem('units', 'one carries a tag this watch does not know');
      store.putSample(sample);
      return c.json({ sample });
    })
    .delete('/samples/:id', (c) => c.json(takenOut(store, 'sample', c.req.param('id'))))

    .put('/tapes/:id', jsonBody(tapeRecord), ifAsSeen(tapeRecord, store.tape), (c) => {
      const tape = c.req.valid('json');
      sameId(c.req.param('id'), tape);
      watchOf(tape.watchId);
      notInFuture(tape.takenOff, 'takenOff', clock.today());
      store.putTape(tape);
      return c.json({ tape });
    })
    .delete('/tapes/:id', (c) => c.json(takenOut(store, 'tape', c.req.param('id'))));
}
