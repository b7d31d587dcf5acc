import { randomLcg } from 'd3-random';
import { TAPE_OVERDISPERSION, tapeCount } from '#core/emergence';
import { hatchedBetween, LIFE_STAGES, type LifeStage, mixed } from '#core/season-model';
import type { HiddenTruth } from './hidden-truth.ts';
import type { HatchTrouble, PracticeCase } from './practice-case.ts';
import { type PracticeAct, type PracticeLog, sourceClearedOn } from './practice-log.ts';
import { practisedStream, sourceStopped, treatmentsDone } from './practised-season.ts';

/** How far buds are: shut, close to opening, open, green, in leaf. */
export const BUD_STAGES = ['shut', 'loosening', 'swelling', 'green', 'leaves'] as const;
export type BudStage = (typeof BUD_STAGES)[number];

/**
 * What was met on a day of the frame. `ofHundred` is what a count stands for on the scale of a plant left alone, by
 * how many such a plant usually carries at the end.
 */
export type PracticeSight = { readonly day: number } & (
  | {
      readonly kind: 'counted';
      readonly byStage: Readonly<Record<LifeStage, number>>;
      readonly ofHundred: number;
    }
  | {
      readonly kind: 'leaves';
      readonly buds: BudStage;
      readonly spotted: number;
      readonly of: number;
      readonly ofHundred: number;
    }
  | { readonly kind: 'hung' }
  | { readonly kind: 'caught'; readonly from: number; readonly each: readonly number[] }
  | { readonly kind: 'cleared' }
  | { readonly kind: 'treated'; readonly wayId: string; readonly meantFor: number }
  | { readonly kind: 'not-treated'; readonly wayId: string; readonly meantFor: number }
);

/** Counts on ten twigs are so much wider than chance alone makes them (grade C). */
const COUNT_OVERDISPERSION = 3;
/** At the season's end left alone ten twigs carry about so many, of 100. */
const ON_TEN_TWIGS = 0.6;
const LEAVES_LOOKED_AT = 50;
/** Left alone in a bad spring this share of leaves is spotted. */
const MOST_SPOTTED = 0.7;

/** Everything met so far, by day; the same log meets the same. */
export function practiceSights(
  practised: PracticeCase,
  truth: HiddenTruth,
  log: PracticeLog,
): PracticeSight[] {
  let hungOn: number | null = null;
  const sights = log.acts.flatMap((act): PracticeSight[] => {
    const { day } = act;
    switch (act.does) {
      case 'look':
        return [lookedAt(practised, truth, log, day)];
      case 'hang':
        hungOn = day;
        return [{ kind: 'hung', day }];
      case 'read': {
        const from = hungOn;
        hungOn = day;
        return from === null ? [] : [caughtBetween(practised, truth, log, from, day)];
      }
      case 'clear-source':
        return [{ kind: 'cleared', day }];
      case 'treat':
        return treated(practised, truth, log, act);
    }
  });
  return sights.sort((a, b) => a.day - b.day);
}

/** What was done by a day: what is still to come takes no part in what is seen. */
function doneBy(practised: PracticeCase, truth: HiddenTruth, { acts }: PracticeLog, day: number) {
  const treatments = acts.flatMap((act) => (act.does === 'treat' ? [act] : []));
  return treatmentsDone(practised, truth, treatments).filter((each) => each.day >= 0 && each.day <= day);
}

/** The day the source was cut back, as far as that had happened by a day. */
function clearedBy(log: PracticeLog, day: number): number | null {
  const on = sourceClearedOn(log);
  return on !== null && on <= day ? on : null;
}

function treated(
  practised: PracticeCase,
  truth: HiddenTruth,
  { today }: PracticeLog,
  { wayId, day }: Extract<PracticeAct, { does: 'treat' }>,
): PracticeSight[] {
  const [done] = treatmentsDone(practised, truth, [{ day, wayId }]);
  if (!done) return [];
  if (done.day < 0) return day < today ? [{ kind: 'not-treated', day, wayId, meantFor: day }] : [];
  return done.day < today ? [{ kind: 'treated', day: done.day, wayId, meantFor: day }] : [];
}

function lookedAt(practised: PracticeCase, truth: HiddenTruth, log: PracticeLog, day: number): PracticeSight {
  const there = practisedStream(truth, doneBy(practised, truth, log, day), clearedBy(log, day))[day]!;
  const chance = randomLcg(mixed(truth.seed ^ mixed(day * 2 + 1)));
  if (truth.openOn !== null) {
    const share = (MOST_SPOTTED * there.grown) / 100;
    const spotted = Math.min(
      LEAVES_LOOKED_AT,
      tapeCount(LEAVES_LOOKED_AT * share, COUNT_OVERDISPERSION, chance),
    );
    const buds = budsOn(truth.openOn, day);
    const met = buds === 'leaves' ? spotted : 0;
    const ofHundred = (100 * met) / (LEAVES_LOOKED_AT * MOST_SPOTTED);
    return { kind: 'leaves', day, buds, spotted: met, of: LEAVES_LOOKED_AT, ofHundred };
  }
  const counted = LIFE_STAGES.map(
    (stage) => [stage, tapeCount(ON_TEN_TWIGS * there[stage], COUNT_OVERDISPERSION, chance)] as const,
  );
  return {
    kind: 'counted',
    day,
    byStage: Object.fromEntries(counted) as Record<LifeStage, number>,
    ofHundred: counted.reduce((sum, [, count]) => sum + count, 0) / ON_TEN_TWIGS,
  };
}

/** Days after opening at which buds are green, and leaves out. */
const GREEN_AFTER_DAYS = 9;
const LEAVES_AFTER_DAYS = 18;
const LOOSENING_DAYS = 10;

function budsOn(openOn: number, day: number): BudStage {
  const since = day - openOn;
  if (since < -LOOSENING_DAYS) return 'shut';
  if (since < 0) return 'loosening';
  if (since < GREEN_AFTER_DAYS) return 'swelling';
  return since < LEAVES_AFTER_DAYS ? 'green' : 'leaves';
}

function caughtBetween(
  practised: PracticeCase,
  truth: HiddenTruth,
  log: PracticeLog,
  from: number,
  to: number,
): PracticeSight {
  const { hung } = practised.trouble as HatchTrouble;
  const done = doneBy(practised, truth, log, to);
  // What came over before the source was cut back has come.
  const cleared = Math.max(from, clearedBy(log, to) ?? to);
  const out =
    hatchedBetween(truth.season, done, from, cleared) +
    hatchedBetween(sourceStopped(truth), done, cleared, to);
  const chance = randomLcg(mixed(truth.seed ^ mixed(to * 2)));
  const each = Array.from({ length: hung.count }, () =>
    tapeCount(hung.perOne * out, TAPE_OVERDISPERSION, chance),
  );
  return { kind: 'caught', day: to, from, each };
}
