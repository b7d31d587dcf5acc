import type { FailureFacts } from '#core/failure';
import { type FigureRange, leftInDraws, type PlannedTreatment, summariseLeft } from '#core/season-model';
import { hemisphereOf, seasonStart } from '#core/calendar';
import type { GardenDay } from '../garden-day.ts';
import type { DoneCut } from '../plan/plan-done.ts';
import { planGround } from '../plan/plan-ground.ts';
import type { PlanWay } from '../plan/plan-ways.ts';
import { type SeasonBack, seasonBack } from '../plan/season-back.ts';
import type { WatchPicture } from '../watch-picture.ts';
import { drawnSeasons } from './thought-left.ts';
import type { TreatedStretch } from './treated-stretch.ts';

/** What work should have left by the season's model, on the days it was done and on as many best days. */
export interface TreatedTiming extends Pick<FailureFacts, 'timing' | 'hatchSeen'> {
  readonly left: FigureRange;
  readonly leftAtBest: FigureRange;
}

/** Where no season is modelled: usual work leaves about so much (grade C). */
const USUAL_LEFT: FigureRange = { low: 0.15, middle: 0.4, high: 0.8 };
const UNTOLD: TreatedTiming = {
  timing: null,
  hatchSeen: false,
  left: USUAL_LEFT,
  leftAtBest: USUAL_LEFT,
};
/** A ratio of two outcomes over the same draws needs few of them. */
const DRAWS = 40;

/** Days can only be poor for what works on the young that are out: winter oil and hand work have none to miss. */
export function treatedTiming(
  day: GardenDay,
  { watch }: WatchPicture,
  stretch: TreatedStretch,
): TreatedTiming {
  const season = seasonStart(stretch.lastOn, hemisphereOf(day.garden.latitudeDeg));
  const back = seasonBack(day, watch.id, season);
  const cuts = back?.material.done.filter(({ on }) => on >= stretch.firstOn && on < stretch.after.on) ?? [];
  if (!back || cuts.length === 0) return UNTOLD;
  const left = leftAfter(back, cuts);
  const best = bestLeft(back, cuts);
  if (best === null) return { ...UNTOLD, left, leftAtBest: left };
  return {
    timing: { met: 1 - left.middle, atBest: 1 - best.middle },
    hatchSeen: seenHere(back),
    left,
    leftAtBest: best,
  };
}

function leftAfter({ material }: SeasonBack, cuts: readonly DoneCut[]): FigureRange {
  const done = cuts.map(({ day, way }): PlannedTreatment => ({ day, kind: way.kind, done: true }));
  return asRange(summariseLeft(leftInDraws(drawnSeasons(material), done)));
}

/** What as many of the most used way against young leave on their best days. */
function bestLeft({ material, frame }: SeasonBack, cuts: readonly DoneCut[]): FigureRange | null {
  const timed = cuts.filter(({ way }) => way.kind.acts === 'contact' && way.kind.winterKill === null);
  const [wayId] = timed.map((cut) => cut.wayId);
  if (wayId === undefined) return null;
  const ways = material.ways.map((way): PlanWay => ({
    ...way,
    usesLeft: null,
    within: [0, frame.days - 1],
    fences: [],
  }));
  const count = Math.min(3, timed.length) as 1 | 2 | 3;
  const ground = planGround(
    { ...material, figures: { ...material.figures, source: null }, ways, done: [] },
    DRAWS,
  );
  const best = ground.best({ wayId, count, beside: [], freeDays: [] });
  return best && asRange(best.left);
}

function seenHere({ material: { hatch }, picture }: SeasonBack): boolean {
  return hatch.tapes.caught > 0 || picture.sightings.some(({ what }) => what === 'first-crawlers');
}

const asRange = ({ low, median, high }: { low: number; median: number; high: number }): FigureRange => ({
  low: low / 100,
  middle: median / 100,
  high: high / 100,
});
