import { type CivilDate, daysBetween } from '#core/calendar';
import { DAYS } from '#core/decide';
import type { Series } from '#core/records';
import { type DormantStep, type Feeding, feedingsAhead, lastDayOf } from '#core/plan';
import { dormantAnswer } from './dormant-answer.ts';
import { feedingAnswer } from './feeding-answer.ts';
import type { GardenDay } from './garden-day.ts';
import { programmeAnswer, type SeriesAnswer, standingOf, type StepStanding } from './programme-answer.ts';

/** Something planned: the next step of a series, a winter spray of a plant without a watch, a feeding. */
export interface PlannedItem {
  /** Stable while it stays the same turn. */
  readonly id: string;
  /** Null for the whole garden. */
  readonly plantId: string | null;
  readonly plantName: string;
  readonly watchId: string | null;
  readonly targetName: string;
  /** Null while nobody can tell its day. */
  readonly from: CivilDate | null;
  readonly to: CivilDate | null;
  readonly standing: StepStanding;
  readonly what:
    | { readonly kind: 'series'; readonly answer: SeriesAnswer }
    | { readonly kind: 'winter'; readonly step: DormantStep; readonly series: Series }
    /** A winter spray that has no day until somebody says whether the plant drops its leaves. */
    | { readonly kind: 'winter-asks'; readonly series: Series }
    | { readonly kind: 'feeding'; readonly feeding: Feeding; readonly school: string };
}

/** Everything planned that is next, each with its day if that can be told. */
export function plannedItems(day: GardenDay): PlannedItem[] {
  return [...ofSeries(day), ...ofWinter(day), ...ofFeeding(day)];
}

function ofSeries(day: GardenDay): PlannedItem[] {
  return programmeAnswer(day).flatMap((answer): PlannedItem[] => {
    const { series, next, plantId, plantName, targetName } = answer;
    if (!next) return [];
    return [
      {
        id: `${series.id}:${next.step}:${next.turn}`,
        plantId,
        plantName,
        watchId: series.watchId,
        targetName,
        from: next.from,
        to: next.to,
        standing: standingOf(next, day.today),
        what: { kind: 'series', answer },
      },
    ];
  });
}

/** Winter sprays of plants nothing is wrong with; those a watch asks for are told at the watch. */
function ofWinter(day: GardenDay): PlannedItem[] {
  return dormantAnswer(day).plants.flatMap(({ plan, watchId, guard, plantId, plantName }): PlannedItem[] => {
    if (watchId !== null || guard === null) return [];
    const about = { plantId, plantName, watchId: null, targetName: '' };
    if (plan.kind === 'left-out' && plan.reason === 'evergreen-or-not')
      return [
        {
          ...about,
          id: `${guard.id}:asks`,
          from: null,
          to: null,
          standing: 'open',
          what: { kind: 'winter-asks', series: guard },
        },
      ];
    if (plan.kind !== 'steps') return [];
    const next = plan.steps.find(({ state }) => state === 'due' || state === 'ask' || state === 'coming');
    if (!next) return [];
    return [
      {
        ...about,
        id: `${guard.id}:${next.place}:${next.from}`,
        from: next.from,
        to: next.to,
        standing: next.state !== 'coming' ? 'open' : near(day.today, next.from),
        what: { kind: 'winter', step: next, series: guard },
      },
    ];
  });
}

const near = (today: CivilDate, from: CivilDate): StepStanding =>
  daysBetween(today, from) <= DAYS.openingSoon ? 'soon' : 'later';

function ofFeeding(day: GardenDay): PlannedItem[] {
  return day.books.state.plants.flatMap((plant): PlannedItem[] => {
    if (plant.retiredOn !== null || plant.outOfReach) return [];
    const { feedings, school } = feedingAnswer(day, plant);
    const [next] = feedingsAhead(feedings, day.today);
    if (!next) return [];
    return [
      {
        id: `${plant.id}:feed:${next.on}`,
        plantId: plant.id,
        plantName: plant.name,
        watchId: null,
        targetName: '',
        from: next.on,
        to: lastDayOf(next),
        standing: next.on <= day.today ? 'open' : near(day.today, next.on),
        what: { kind: 'feeding', feeding: next, school: school.id },
      },
    ];
  });
}
