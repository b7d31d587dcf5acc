import type {
  Care,
  Device,
  Growth,
  Guess,
  Handwork,
  Round,
  SeasonPlan,
  Sighting,
  Stop,
  Tag,
  Trap,
  WatchClock,
  YearReview,
} from '#core/records';
import type { Db } from './database.ts';
import { recordTable } from './record-table.ts';

/**
 * Rounds and what came of their stops; devices, traps, tags, sightings and hand work of watches; growth
 * and care of plants; the eye trainer.
 */
export function roundStore(db: Db) {
  return {
    rounds: recordTable<Round>(
      db,
      'round',
      { id: 'id', startedOn: 'started_on', finishedOn: 'finished_on', note: 'note' },
      'started_on, id',
    ),
    stops: recordTable<Stop>(
      db,
      'stop',
      {
        id: 'id',
        roundId: 'round_id',
        plantId: 'plant_id',
        watchId: 'watch_id',
        on: 'on_day',
        outcome: 'outcome',
        reason: 'reason',
        note: 'note',
      },
      'on_day, id',
    ),
    traps: recordTable<Trap>(
      db,
      'trap',
      {
        id: 'id',
        watchId: 'watch_id',
        label: 'label',
        catches: 'catches',
        putOn: 'put_on',
        takenOff: 'taken_off',
        caught: 'caught',
      },
      'taken_off, label',
    ),
    devices: recordTable<Device>(
      db,
      'device',
      {
        id: 'id',
        watchId: 'watch_id',
        kind: 'kind',
        label: 'label',
        hungOn: 'hung_on',
        takenDownOn: 'taken_down_on',
      },
      'hung_on, label',
    ),
    tags: recordTable<Tag>(
      db,
      'tag',
      {
        id: 'id',
        watchId: 'watch_id',
        label: 'label',
        protocol: 'protocol',
        untouched: 'untouched',
        taggedOn: 'tagged_on',
        lostOn: 'lost_on',
      },
      'tagged_on, id',
      { flags: ['untouched'] },
    ),
    growth: recordTable<Growth>(
      db,
      'growth',
      { id: 'id', plantId: 'plant_id', stage: 'stage', on: 'on_day', leaves: 'leaves', note: 'note' },
      'on_day, id',
    ),
    care: recordTable<Care>(
      db,
      'care',
      { id: 'id', plantId: 'plant_id', kind: 'kind', on: 'on_day', note: 'note' },
      'on_day, id',
    ),
    sightings: recordTable<Sighting>(
      db,
      'sighting',
      { id: 'id', watchId: 'watch_id', on: 'on_day', what: 'what' },
      'on_day, id',
    ),
    clocks: recordTable<WatchClock>(
      db,
      'watch_clock',
      { id: 'id', startKind: 'start_kind', startValue: 'start_value' },
      'id',
    ),
    seasonPlans: recordTable<SeasonPlan>(
      db,
      'season_plan',
      { id: 'id', cuts: 'cuts', freeDays: 'free_days', figures: 'figures' },
      'id',
      { json: ['cuts', 'freeDays', 'figures'] },
    ),
    yearReviews: recordTable<YearReview>(
      db,
      'year_review',
      { id: 'id', season: 'season', on: 'on_day', choices: 'choices', sheet: 'sheet', note: 'note' },
      'on_day, id',
      { json: ['choices'] },
    ),
    handwork: recordTable<Handwork>(
      db,
      'handwork',
      {
        id: 'id',
        watchId: 'watch_id',
        plantId: 'plant_id',
        on: 'on_day',
        kind: 'kind',
        minutes: 'minutes',
        note: 'note',
      },
      'on_day, id',
    ),
    guesses: recordTable<Guess>(
      db,
      'guess',
      { id: 'id', on: 'on_day', kind: 'kind', seed: 'seed', truth: 'truth', guess: 'guess' },
      'on_day, id',
    ),
  };
}

export type RoundStore = ReturnType<typeof roundStore>;
