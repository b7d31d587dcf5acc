import { randomLcg, randomNormal } from 'd3-random';
import { EXPLANATIONS, type Explanation, type FailureFacts } from '#core/failure';
import { type FigureRange } from '#core/season-model';
import type { Spread } from '#core/seasons';

/** A treatment that seems to have failed: what the records tell of it, and why it was. */
export interface FailedTreatment {
  readonly truth: Explanation;
  readonly facts: FailureFacts;
  readonly moved: Spread;
  readonly alone: Spread;
  readonly left: FigureRange;
  readonly leftAtBest: FigureRange;
  /** Whether the trace the reason leaves is on record at all. */
  readonly tellable: boolean;
}

/** How usual each reason is in the made-up world: not as the app thinks of them. */
const USUAL: Readonly<Record<Explanation, number>> = {
  'wrong-stage': 20,
  'too-little-wetted': 12,
  'came-back': 12,
  'old-covers': 10,
  'count-too-small': 8,
  'washed-or-baked': 8,
  'too-early': 6,
  'too-weak': 6,
  'does-not-reach': 4,
  'helpers-or-ants': 5,
  'wrong-name': 4,
  'same-mode': 3,
  'as-expected': 8,
};

const FIRST_DRAWS = 3;
const SEED_STEP = 7919;
/** Seems to have failed where so many are still there of as many before. */
const SEEMS_FAILED_FROM = 0.7;
const DAYS_NEEDED = 14;

/** Draws treatments by their seed until one seems to have failed. `kept`: how often a fact is put on record. */
export function failedTreatment(seed: number, kept: number): FailedTreatment {
  const chance = randomLcg(seed * SEED_STEP + 31);
  for (let drawn = 0; drawn < FIRST_DRAWS; drawn++) chance();
  const truth = drawTruth(chance);
  for (;;) {
    const treatment = draw(truth, kept, chance);
    if (Math.exp(treatment.moved.mean) >= SEEMS_FAILED_FROM) return treatment;
  }
}

function drawTruth(chance: () => number): Explanation {
  let left = chance() * Object.values(USUAL).reduce((sum, weight) => sum + weight, 0);
  return EXPLANATIONS.find((id) => (left -= USUAL[id]) < 0)!;
}

function draw(truth: Explanation, kept: number, chance: () => number): FailedTreatment {
  const normal = randomNormal.source(chance)(0, 1);
  const within = (from: number, to: number) => from + (to - from) * chance();
  const often = (share: number) => chance() < share;
  const is = (id: Explanation) => truth === id;
  /** What somebody put on record, or nobody did. */
  const told = <T>(value: T, share = kept): T | null => (often(share) ? value : null);

  const atBest = within(0.6, 0.9);
  const met = atBest * (is('wrong-stage') ? within(0.02, 0.45) : within(0.7, 1));
  const wets = is('too-little-wetted') ? within(0.15, 0.45) : within(0.65, 0.92);
  const rate = is('too-weak') ? within(0.15, 0.7) : within(0.97, 1.6);
  const rainMm = is('washed-or-baked') && often(0.8) ? within(5, 30) : often(0.15) ? within(1, 8) : 0;
  const hottestC = is('washed-or-baked') && rainMm < 5 ? within(34, 39) : within(18, 32);
  const kills = is('does-not-reach') ? within(0, 0.2) : within(0.75, 0.95);
  const hasSource = is('came-back') ? often(0.9) : often(0.25);
  const ants = is('helpers-or-ants') ? often(0.75) : often(0.2);
  const broad = is('helpers-or-ants') && !ants ? true : often(0.12);
  const sameMode = is('same-mode')
    ? 4 + Math.floor(4 * chance())
    : often(0.75)
      ? 0
      : 1 + Math.floor(3 * chance());
  const daysSince = is('too-early') ? Math.floor(within(2, 12)) : Math.floor(within(14, 45));
  const deviation = is('count-too-small') ? within(0.45, 0.8) : within(0.12, 0.5);
  const unsure = is('wrong-name') ? within(0.3, 0.7) : often(0.2) ? within(0.6, 0.9) : within(0.9, 0.99);
  const oldOnly = is('old-covers');

  const spots = 10;
  const wetted = Array.from({ length: spots }, () => often(wets)).filter(Boolean).length;
  const facts: FailureFacts = {
    nameProbability: told(unsure),
    namedByLab: !is('wrong-name') && often(0.08),
    timing: told({ met, atBest }),
    hatchSeen: often(0.5),
    stageSeen: told(
      met / atBest < 0.4 ? (often(0.6) ? 'hard' : 'soft') : often(0.85) ? 'soft' : 'hard',
      kept / 2,
    ),
    wettedSaid: told(
      wets < 0.5 ? (often(0.75) ? 'missed-some' : 'everything') : often(0.2) ? 'missed-some' : 'everything',
    ),
    wettedLooked: told({ wet: wetted, of: spots }, kept / 3),
    rateOfLowest: told(rate),
    rainAfterMm: told(rainMm),
    hottestC: told(hottestC),
    kills: told(kills),
    source: hasSource ? told(often(0.6) ? ('touching' as const) : ('near' as const)) : null,
    sourceFound: told(
      hasSource ? (often(0.85) ? 'infested' : 'clear') : often(0.75) ? 'clear' : 'infested',
      kept / 2,
    ),
    ants: told(ants),
    helpersKilled: told(broad ? within(0.6, 0.95) : within(0.05, 0.3)),
    sameModeInARow: sameMode,
    newGrowth: told(oldOnly ? (often(0.8) ? 'clean' : 'live') : often(0.85) ? 'live' : 'clean', kept / 2),
    pressed: told(oldOnly ? (often(0.8) ? 'dry' : 'alive') : often(0.85) ? 'alive' : 'dry', kept / 2),
    turned: told(often(0.4)),
    daysSince,
    daysNeeded: DAYS_NEEDED,
    seesHalving: Math.min(0.98, Math.max(0.08, 0.5 + (0.35 - deviation) * 1.6)),
  };
  const full = kills * wets * met;
  const took = {
    'too-weak': full * within(0.3, 0.8),
    'washed-or-baked': full * within(0.1, 0.6),
    'same-mode': full * within(0.05, 0.5),
    'too-early': full * within(0.05, 0.6),
    'wrong-name': full * within(0, 0.3),
    'old-covers': full * within(0.1, 0.6),
  } as Partial<Record<Explanation, number>>;
  const shares = 1 - (took[truth] ?? full);
  const more = is('came-back') ? within(0.15, 0.8) : 0;
  const times = is('helpers-or-ants') ? within(1.1, 2.2) : 1;
  const growth = 0.6 * normal();
  const usualLeft = 1 - 0.85 * 0.78 * met;
  const bestLeft = 1 - 0.85 * 0.78 * atBest;
  return {
    truth,
    facts,
    moved: {
      mean: growth + Math.log(Math.max(0.02, (shares + more) * times)) + deviation * normal(),
      deviation,
    },
    alone: { mean: 0, deviation: 0.6 },
    left: around(facts.timing ? usualLeft : 1 - 0.85 * 0.78 * 0.65),
    leftAtBest: around(facts.timing ? bestLeft : 1 - 0.85 * 0.78 * 0.75),
    tellable: isTellable(truth, facts),
  };
}

const around = (middle: number): FigureRange => ({
  low: Math.max(0.02, middle * 0.6),
  middle,
  high: Math.min(1, middle * 1.5),
});

/** Whether the records hold the trace a reason leaves. */
function isTellable(truth: Explanation, facts: FailureFacts): boolean {
  switch (truth) {
    case 'wrong-stage':
      return facts.timing !== null;
    case 'too-little-wetted':
      return facts.wettedLooked !== null || facts.wettedSaid === 'missed-some';
    case 'came-back':
      return facts.source !== null;
    case 'old-covers':
      return facts.newGrowth === 'clean' || facts.pressed === 'dry';
    case 'washed-or-baked':
      return facts.rainAfterMm !== null && facts.hottestC !== null;
    case 'too-weak':
      return facts.rateOfLowest !== null;
    case 'does-not-reach':
      return facts.kills !== null;
    case 'helpers-or-ants':
      return facts.ants === true || (facts.helpersKilled ?? 0) > 0.5;
    case 'wrong-name':
      return facts.nameProbability !== null;
    case 'count-too-small':
    case 'too-early':
    case 'same-mode':
      return true;
    case 'as-expected':
      return false;
  }
}
