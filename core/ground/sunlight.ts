import { sum } from 'simple-statistics';
import { getPosition } from 'suncalc';
import type { CivilDate } from '#core/calendar';
import { type Box, holdsPoint } from './box.ts';
import { type Footprint, middleOf } from './footprint.ts';
import { gapToPointM } from './gap.ts';
import { type Point, pointFrom } from './point.ts';

/** What stands in the light: a crown or a building, so high. */
export type InTheLight =
  { readonly crown: Footprint; readonly heightM: number } | { readonly box: Box; readonly heightM: number };

export interface SunQuestion {
  readonly crown: Footprint;
  readonly heightM: number;
  readonly others: readonly InTheLight[];
  readonly latitudeDeg: number;
  readonly on: CivilDate;
  /** Which bearing is up on the drawing, degrees clockwise from north. */
  readonly upBearingDeg: number;
}

/** The sun a crown gets on a clear day. */
export interface Sunlight {
  /** Hours in which the middle of the crown is lit, of those the sun is up. */
  readonly hours: number;
  readonly dayHours: number;
  /** The side that gets least of it, degrees clockwise from the drawing's right; null where all are alike. */
  readonly shadeSideDeg: number | null;
}

/** Hours of sun from which a place counts as sunny, and as half shady (horticultural usage, grade C). */
export const SUNNY_HOURS = 6;
export const HALF_SHADE_HOURS = 3;

/** How sunny a spot of so many hours is called. */
export function lightOf(hours: number): 'sun' | 'part-shade' | 'shade' {
  if (hours >= SUNNY_HOURS) return 'sun';
  return hours >= HALF_SHADE_HOURS ? 'part-shade' : 'shade';
}

const STEPS_AN_HOUR = 4;
/** A sun lower than this gives little and is hidden by more than a drawing knows, degrees. */
const LEAST_ALTITUDE_DEG = 5;
/** Steps of a ray on its way to the sun, m; how far a shadow is followed. */
const RAY_STEP_M = 0.25;
const LONGEST_SHADOW_M = 60;
/** Sides that differ by less than a step of the sun are alike. */
const ALIKE = 0.5;
const SIDES_DEG = [0, 45, 90, 135, 180, 225, 270, 315] as const;

/**
 * How long the sun reaches a crown on a clear day, with what stands about it (sun by suncalc, after Meeus; the
 * clock counts from the sun's noon). Lit means that the ray from half its height to the sun meets nothing higher.
 * The ground is taken for level and crowns for solid, so it errs towards shade in winter (grade C).
 */
export function sunlightOn(question: SunQuestion): Sunlight {
  const suns = sunsOf(question);
  const middle = middleOf(question.crown);
  const lit = suns.filter((sun) => reaches(question, middle, sun));
  return {
    hours: lit.length / STEPS_AN_HOUR,
    dayHours: suns.length / STEPS_AN_HOUR,
    shadeSideDeg: shadeSideOf(lit),
  };
}

interface Sun {
  readonly turnDeg: number;
  readonly altitudeDeg: number;
}

function sunsOf({ latitudeDeg, on, upBearingDeg }: SunQuestion): Sun[] {
  const noon = Date.parse(`${on}T12:00:00Z`);
  return Array.from({ length: 24 * STEPS_AN_HOUR }, (_, i) => {
    const at = new Date(noon + (i / STEPS_AN_HOUR - 12) * 3_600_000);
    // At longitude 0 the clock is UTC and noon the sun's, to a quarter of an hour.
    const { azimuth, altitude } = getPosition(at, latitudeDeg, 0);
    return { turnDeg: (azimuth - upBearingDeg - 90 + 720) % 360, altitudeDeg: altitude };
  }).filter(({ altitudeDeg }) => altitudeDeg > LEAST_ALTITUDE_DEG);
}

/** Whether nothing stands higher than the ray from half a crown's height to the sun. */
function reaches(
  { crown, heightM, others }: SunQuestion,
  from: Point,
  { turnDeg, altitudeDeg }: Sun,
): boolean {
  const rise = Math.tan((altitudeDeg * Math.PI) / 180);
  const highest = Math.max(0, ...others.map((other) => other.heightM));
  for (let apartM = crown.radiusM; apartM <= LONGEST_SHADOW_M; apartM += RAY_STEP_M) {
    const rayM = heightM / 2 + apartM * rise;
    if (rayM > highest) return true;
    const point = pointFrom(from, apartM, turnDeg);
    if (others.some((other) => other.heightM > rayM && stands(other, point))) return false;
  }
  return true;
}

const stands = (other: InTheLight, point: Point): boolean =>
  'box' in other ? holdsPoint(other.box, point) : gapToPointM(other.crown, point) <= 0;

/** The side the suns stand before least, each counted by how squarely it stands before it. */
function shadeSideOf(lit: readonly Sun[]): number | null {
  const lights = SIDES_DEG.map((sideDeg) =>
    sum(lit.map(({ turnDeg }) => Math.max(0, Math.cos(((turnDeg - sideDeg) * Math.PI) / 180)))),
  );
  const least = Math.min(...lights);
  const darkest = SIDES_DEG.filter((_, i) => lights[i]! <= least + ALIKE);
  return darkest.length === SIDES_DEG.length ? null : middleTurn(darkest);
}

function middleTurn(turnsDeg: readonly number[]): number {
  const radians = turnsDeg.map((turn) => (turn * Math.PI) / 180);
  return ((Math.atan2(sum(radians.map(Math.sin)), sum(radians.map(Math.cos))) * 180) / Math.PI + 360) % 360;
}
