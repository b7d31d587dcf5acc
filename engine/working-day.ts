import { addDays, type CivilDate } from '#core/calendar';
import type { DueKind } from '#core/decide';
import { meeting, perLitre, rateIsPer } from '#core/materials';
import type { Plant, StepAction } from '#core/records';
import { placeOn } from '#core/weather';
import { ingredientsOf, meetingRules, schoolsFor } from '#knowledge';
import type { GardenDay } from './garden-day.ts';
import { type DueAnswer, nowAnswer } from './now-answer.ts';
import { plannedItems, type PlannedItem } from './planned-items.ts';
import { staysOf } from './season-weather.ts';
import { waterMlOf } from './water-of-plant.ts';

/** The order of a working day: what must be seen before it is wetted, dry hands before wet ones. */
export const WORK_KINDS = ['look', 'hand', 'spray', 'feed', 'other'] as const;
export type WorkKind = (typeof WORK_KINDS)[number];

/** One thing that stands today or tomorrow. */
export interface DayJob {
  readonly id: string;
  readonly kind: WorkKind;
  readonly plantId: string | null;
  readonly plantName: string;
  readonly placeName: string;
  readonly watchId: string | null;
  readonly targetName: string;
  /** What is due of a watch, or what was planned. */
  readonly what:
    | { readonly kind: 'due'; readonly item: DueAnswer }
    | { readonly kind: 'planned'; readonly item: PlannedItem };
  readonly until: CivilDate | null;
  /** How long it usually takes (rules of thumb, grade C). */
  readonly minutes: number;
}

/** Jobs of one material: one tank, for as many plants as it is due on. */
export interface DayTank {
  /** Null where nothing says with what yet. */
  readonly materialId: string | null;
  readonly jobIds: readonly string[];
  /** Spray to wet all of them to dripping, ml. */
  readonly waterMl: number;
  /** What goes into that water; null where no product of the shelf is settled on. */
  readonly pour: DayPour | null;
  readonly minutes: number;
}

/** Product for a tank by its label's line, ml or g. */
export interface DayPour {
  readonly productName: string;
  readonly by: 'volume' | 'weight';
  readonly low: number;
  readonly high: number;
}

/** Two tanks that would meet on a plant within the days their materials must be apart. */
export interface DayClash {
  readonly plantName: string;
  readonly materialIds: readonly [string, string];
  readonly apartDays: number;
  readonly says: string;
}

export interface WorkingDay {
  readonly today: CivilDate;
  readonly jobs: readonly DayJob[];
  readonly tanks: readonly DayTank[];
  readonly clashes: readonly DayClash[];
  readonly minutes: number;
}

/** Minutes a job usually takes, without its tank (rules of thumb, grade C). */
const MINUTES: Readonly<Record<WorkKind, number>> = { look: 10, hand: 25, spray: 0, feed: 10, other: 10 };
/** Measuring, filling, rinsing; and walking round with the lance, a litre. */
const TANK_MINUTES = 20;
const MINUTES_A_LITRE = 1.5;

const SPRAY_DUE: ReadonlySet<DueKind> = new Set([
  'treat-now',
  'second-pass',
  'hatch-passing',
  'all-stages',
  'cover-flush',
  'growth-regulator',
  'dormant-spray',
  'cover-before-rain',
  'renew-cover',
  'reach-back',
]);
const LOOK_DUE: ReadonlySet<DueKind> = new Set([
  'name-it',
  'count-first',
  'hang-tapes',
  'change-tape',
  'read-trap',
  'look-alive',
  'window-disputed',
  'adults-now',
  'check-after-treatment',
  'hang-trap',
  'say-leaves',
  'next-look',
  'look-for-spots',
]);
const WORK_OF: Readonly<Record<StepAction, WorkKind>> = {
  spray: 'spray',
  look: 'look',
  'read-tapes': 'look',
  'hang-trap': 'look',
  hand: 'hand',
  feed: 'feed',
  'bring-in': 'other',
  errand: 'other',
};

/** What stands today and tomorrow, in the order of work, gathered by tank. */
export function workingDay(day: GardenDay): WorkingDay {
  const jobs = [...ofDue(day), ...ofPlanned(day)].toSorted(
    (a, b) =>
      WORK_KINDS.indexOf(a.kind) - WORK_KINDS.indexOf(b.kind) ||
      a.placeName.localeCompare(b.placeName) ||
      a.plantName.localeCompare(b.plantName) ||
      (a.id < b.id ? -1 : 1),
  );
  const tanks = tanksOf(day, jobs);
  const sum = (list: readonly { readonly minutes: number }[]) =>
    list.reduce((total, { minutes }) => total + minutes, 0);
  return { today: day.today, jobs, tanks, clashes: clashesOf(day, jobs), minutes: sum(jobs) + sum(tanks) };
}

function ofDue(day: GardenDay): DayJob[] {
  const tomorrow = addDays(day.today, 1);
  return nowAnswer(day)
    .due.filter(
      ({ standing, opens, heldBy }) =>
        // What the weighing refuses today is no work of today.
        heldBy.length === 0 &&
        (standing === 'late' || standing === 'open' || (opens !== null && opens <= tomorrow)),
    )
    .flatMap((item): DayJob[] => {
      const kind = workOf(item.kind);
      if (!kind) return [];
      const { plantId, plantName, targetName, watchId } = item;
      return [
        {
          id: item.id,
          kind,
          plantId,
          plantName,
          placeName: placeNameOf(day, day.books.plantBook(plantId).plant),
          watchId,
          targetName,
          what: { kind: 'due', item },
          until: item.closes,
          minutes: MINUTES[kind],
        },
      ];
    });
}

function workOf(due: DueKind): WorkKind | null {
  if (SPRAY_DUE.has(due)) return 'spray';
  if (LOOK_DUE.has(due)) return 'look';
  return due === 'clear-leaves' ? 'hand' : null;
}

function ofPlanned(day: GardenDay): DayJob[] {
  const tomorrow = addDays(day.today, 1);
  return plannedItems(day)
    .filter(
      ({ standing, from }) =>
        standing === 'late' || standing === 'open' || (from !== null && from <= tomorrow),
    )
    .map((item): DayJob => {
      const { what, plantId, plantName, watchId, targetName } = item;
      const kind =
        what.kind === 'series'
          ? WORK_OF[what.answer.next!.plan.action]
          : what.kind === 'feeding'
            ? 'feed'
            : what.kind === 'winter-asks' || what.step.what === 'spur-sample'
              ? 'look'
              : 'spray';
      return {
        id: item.id,
        kind,
        plantId,
        plantName,
        placeName: plantId === null ? '' : placeNameOf(day, day.books.plantBook(plantId).plant),
        watchId,
        targetName,
        what: { kind: 'planned', item },
        until: item.to,
        minutes: MINUTES[kind],
      };
    });
}

const placeNameOf = (day: GardenDay, plant: Plant): string =>
  day.books.place(placeOn(staysOf(day.books.plantBook(plant.id)), day.today))?.name ?? '';

/** With what a job would be sprayed; null where nothing says so yet. */
function materialOf({ what }: DayJob): string | null {
  if (what.kind === 'due') return null;
  const { item } = what;
  if (item.what.kind === 'series') {
    const { next } = item.what.answer;
    return next?.use?.kind === 'use' ? next.use.materialId : (next?.material ?? null);
  }
  if (item.what.kind !== 'winter') return null;
  return item.what.step.what === 'copper' ? 'copper' : item.what.step.what === 'oil' ? 'mineral-oil' : null;
}

function tanksOf(day: GardenDay, jobs: readonly DayJob[]): DayTank[] {
  const byMaterial = new Map<string | null, DayJob[]>();
  for (const job of jobs.filter(({ kind }) => kind === 'spray'))
    byMaterial.set(materialOf(job), [...(byMaterial.get(materialOf(job)) ?? []), job]);
  return [...byMaterial].map(([materialId, members]) => {
    const plants = [...new Set(members.flatMap(({ plantId }) => plantId ?? []))];
    const waterMl = plants.reduce((total, id) => total + waterMlOf(day, day.books.plantBook(id).plant), 0);
    return {
      materialId,
      waterMl,
      pour: pourOf(day, members, waterMl),
      jobIds: members.map(({ id }) => id),
      minutes: Math.round(TANK_MINUTES + (waterMl / 1000) * MINUTES_A_LITRE),
    };
  });
}

/** Product for the tank, by the line the first of its steps would be done under. */
function pourOf(day: GardenDay, members: readonly DayJob[], waterMl: number): DayPour | null {
  const use = members.flatMap(({ what }) => {
    const next =
      what.kind === 'planned' && what.item.what.kind === 'series' ? what.item.what.answer.next : null;
    return next?.use?.kind === 'use' ? next.use : [];
  })[0];
  if (!use?.productId) return null;
  const product = day.books.product(use.productId);
  const line = product.lines.find(({ id }) => id === use.lineId);
  if (!line || rateIsPer(line.rateUnit) !== 'litre') return null;
  const inTank = (rate: number) => (perLitre(rate, line.rateUnit).amount * waterMl) / 1000;
  return {
    productName: product.name,
    by: perLitre(line.rateLow, line.rateUnit).by,
    low: inTank(line.rateLow),
    high: inTank(line.rateHigh),
  };
}

/** Sprays of the day that may not meet on one plant. */
function clashesOf(day: GardenDay, jobs: readonly DayJob[]): DayClash[] {
  const sprays = jobs.flatMap((job) => {
    const materialId = job.kind === 'spray' ? materialOf(job) : null;
    return materialId === null || job.plantId === null ? [] : [{ job, materialId }];
  });
  return sprays.flatMap(({ job, materialId }, i) =>
    sprays.slice(i + 1).flatMap((other): DayClash[] => {
      if (other.job.plantId !== job.plantId || other.materialId === materialId) return [];
      const rules = meetingRules(schoolsFor(day.garden, day.books.plantBook(job.plantId!).plant));
      const met = meeting(rules, ingredientsOf(materialId, false), ingredientsOf(other.materialId, false));
      if (met.apartDays === 0 && met.tank !== 'never' && met.tank !== 'no') return [];
      return [
        {
          plantName: job.plantName,
          materialIds: [materialId, other.materialId],
          apartDays: met.apartDays,
          says: met.rules[0]?.says ?? '',
        },
      ];
    }),
  );
}
