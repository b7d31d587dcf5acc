import { z } from 'zod';
import { isMonthDay } from '#core/calendar';
import { SPOONS, type MeasureSystem } from '#core/units';
import { civilDate, note, recordId, shortText, metres, wholeCount } from './fields.ts';

const SPOON_IDS = new Set(
  Object.values(SPOONS)
    .flat()
    .map((spoon) => spoon.id),
);

/** The school followed, by question; a question left out follows the next wider choice. */
const schools = z
  .record(z.string().max(40), z.string().max(40))
  .refine((chosen) => Object.keys(chosen).length <= 40, 'too-many-questions');

export const COUNTRIES = ['us', 'au', 'uk', 'other'] as const;

/** A day of every year. */
const dayOfYear = z.string().refine(isMonthDay, 'a-day-such-as-09-15');

const bearing = z.number('a-number-of-degrees').min(0, 'least/0').lt(360, 'most/359');

const usualC = z.number('a-number').min(-60, 'least/-60/°C').max(60, 'most/60/°C');

export const toldClimate = z
  .object({
    lastFrost: dayOfYear.nullable(),
    firstFrost: dayOfYear.nullable(),
    summerHighC: usualC,
    winterLowC: usualC,
    summerLowC: usualC.nullable(),
    summers: z.enum(['dry', 'even', 'wet']),
  })
  .refine(({ lastFrost, firstFrost }) => (lastFrost === null) === (firstFrost === null), {
    path: ['firstFrost'],
    message: 'say-both-frosts-or-none',
  })
  .refine(({ summerHighC, winterLowC }) => summerHighC > winterLowC, {
    path: ['summerHighC'],
    message: 'is-below-the-winter-night',
  })
  .refine(
    ({ summerHighC, winterLowC, summerLowC }) =>
      summerLowC === null || (summerLowC >= winterLowC && summerLowC < summerHighC),
    { path: ['summerLowC'], message: 'must-lie-between-winter-night-and-summer-afternoon' },
  );

export const gardenRecord = z.object({
  name: shortText(60),
  latitudeDeg: z
    .number('a-number-of-degrees')
    .min(-70, 'between-minus-70-and-70')
    .max(70, 'between-minus-70-and-70'),
  longitudeDeg: z
    .number('a-number-of-degrees')
    .min(-180, 'between-minus-180-and-180')
    .max(180, 'between-minus-180-and-180'),
  timeZone: z.string().refine(isTimeZone, 'a-time-zone-such-as-europe-paris'),
  temperatureUnit: z.enum(['C', 'F']),
  measureSystem: z.enum(['metric', 'us', 'imperial', 'australian']),
  spoonIds: z.array(z.string().refine((id) => SPOON_IDS.has(id), 'no-such-spoon')).max(16),
  schools,
  /** Whose poison line and rules apply. */
  country: z.enum(COUNTRIES),
  /** What is known of its climate without a table or a thermometer; null while nobody said. */
  climate: toldClimate.nullable().default(null),
  /** Which bearing is up on the plan, degrees clockwise from north. */
  upBearingDeg: bearing.default(0),
  /** Where the wind of the growing season mostly comes from, where the gardener says so; else the readings tell. */
  windFromDeg: bearing.nullable().default(null),
});
export type Garden = z.infer<typeof gardenRecord>;

export const placeRecord = z.object({
  id: recordId,
  name: shortText(60),
  kind: z.enum(['outdoors', 'cold-house', 'sunroom', 'indoors']),
  /** The thermometer it is read from, its own or the garden's; null until there is one. */
  stationId: recordId.nullable(),
  minOffsetC: z.number('a-number').min(-30, 'least/-30').max(30, 'most/30'),
  maxOffsetC: z.number('a-number').min(-30, 'least/-30').max(30, 'most/30'),
  /** Stations that stand in, in this order, where its own is silent. */
  standInIds: z.array(recordId).max(10, 'most/10').default([]),
});
export type Place = z.infer<typeof placeRecord>;

export const plantRecord = z
  .object({
    id: recordId,
    name: shortText(80),
    hostId: z.string().min(1, 'choose-what-it-is'),
    /** The place it stood in first; later places come from dated moves. */
    placeId: recordId,
    count: wholeCount(5000).min(1, 'least/1'),
    heightM: metres(40),
    spreadM: metres(40),
    /** Length of a row or hedge; null for plants standing alone. */
    lengthM: metres(500).nullable(),
    yearPlanted: z
      .number()
      .int('a-whole-year')
      .min(1500, 'not-before-1500')
      .max(2200, 'not-after-2200')
      .nullable(),
    vigour: z.enum(['weak', 'fair', 'strong']),
    light: z.enum(['sun', 'part-shade', 'shade']),
    watering: z.enum(['rain', 'at-base', 'overhead']),
    edible: z.boolean(),
    age: z.enum(['young', 'mature']),
    /** Whether it keeps its leaves, where its kind comes both ways; null while nobody said. */
    evergreen: z.boolean().nullable().default(null),
    /** The coldest night it bears where it stands, °C, where its owner says so; else its kind's rule of thumb. */
    leastC: z.number('a-number').min(-60, 'least/-60/°C').max(20, 'most/20/°C').nullable().default(null),
    /** Somebody else's, or out of reach: can be watched, not treated. */
    outOfReach: z.boolean(),
    retiredOn: civilDate.nullable(),
    retiredWhy: z.string().max(200, 'most/200/characters').default(''),
    /** First and last day of picking, every year; null where nothing is picked or nobody said. */
    harvestFrom: dayOfYear.nullable().default(null),
    harvestTo: dayOfYear.nullable().default(null),
    /** Troubles its variety is bred to resist, by their ids. */
    resists: z.array(z.string().max(60)).max(20, 'most/20').default([]),
    /** Schools that differ from the garden's. */
    schools: schools.default({}),
    note,
  })
  .refine((plant) => plant.harvestTo === null || plant.harvestFrom !== null, {
    path: ['harvestFrom'],
    message: 'say-when-picking-begins-too',
  });
export type Plant = z.infer<typeof plantRecord>;

export const moveRecord = z.object({
  id: recordId,
  plantId: recordId,
  placeId: recordId,
  movedOn: civilDate,
});
export type Move = z.infer<typeof moveRecord>;

export const stationRecord = z.object({
  id: recordId,
  name: shortText(60),
  kind: z.enum(['thermometer', 'simulated', 'logger']),
});
export type Station = z.infer<typeof stationRecord>;

function isTimeZone(name: string): boolean {
  try {
    return Boolean(new Intl.DateTimeFormat('en', { timeZone: name }));
  } catch {
    return false;
  }
}

/** The spoons a person of each system usually has. */
export function usualSpoonIds(system: MeasureSystem): string[] {
  return SPOONS[system].map((spoon) => spoon.id);
}
