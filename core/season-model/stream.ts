import { leavesOf, stageAt } from './drawn-treatment.ts';
import { LIFE_STAGES, type LifeStage } from './life-stage.ts';
import { type Generation, naturalSurvival, type PossibleSeason } from './possible-season.ts';
import { type DoneTreatment, endAlone, shareLeft, winterLeft } from './season-outcome.ts';

/** How many live on a day of the frame, by stage; of 100 left alone at the frame's end. */
export type StreamDay = { readonly day: number } & Readonly<Record<LifeStage, number>>;

/** One possible season from day to day under treatments; with none it is the season left alone. */
export function stream(season: PossibleSeason, treatments: readonly DoneTreatment[]): StreamDay[] {
  const scale = 100 / endAlone(season);
  const days = Array.from({ length: season.days }, (_, day) => ({ day, widths: [0, 0, 0, 0] }));
  let size = winterLeft(season, treatments) + season.source;
  season.generations.forEach((generation, i) => {
    const flow = flowOf(season, generation, treatments);
    const next = season.generations[i + 1];
    const left =
      size *
      shareLeft(
        generation,
        flow.map(({ leaves }) => leaves),
      );
    for (const { day, widths } of days) {
      // The mothers die as the next generation comes out.
      const bred = next ? next.complete * shareHatched(next, day) : 0;
      if (bred < 1) addGeneration(season, generation, flow, size * scale * (1 - bred), day, widths);
    }
    size = (next?.complete ?? 0) * (left * season.multiplies + season.source);
  });
  return days.map(({ day, widths }) => ({
    day,
    ...(Object.fromEntries(LIFE_STAGES.map((stage, i) => [stage, widths[i]])) as Record<LifeStage, number>),
  }));
}

/** What each treatment leaves of each cohort of a generation, from the day it works on. */
interface Reached {
  readonly from: number;
  readonly leaves: Float64Array;
}

function flowOf(
  season: PossibleSeason,
  generation: Generation,
  treatments: readonly DoneTreatment[],
): Reached[] {
  return treatments.map(({ kind, day }) => ({
    from: kind.acts === 'systemic' ? day + kind.onsetDays : day,
    leaves: leavesOf(season, generation, kind, day),
  }));
}

function addGeneration(
  season: PossibleSeason,
  generation: Generation,
  flow: readonly Reached[],
  size: number,
  day: number,
  widths: number[],
): void {
  for (let i = 0; i < generation.share.length; i++) {
    if (generation.hatchedOn[i]! > day) break;
    let part =
      size *
      generation.share[i]! *
      naturalSurvival(generation, i, season.dying, Math.min(day, generation.until));
    for (const { from, leaves } of flow) if (from <= day) part *= leaves[i]!;
    widths[stageAt(generation, i, day)]! += part;
  }
}

function shareHatched({ hatchedOn, share }: Generation, day: number): number {
  let out = 0;
  for (let i = 0; i < share.length && hatchedOn[i]! <= day; i++) out += share[i]!;
  return Math.min(1, out);
}
