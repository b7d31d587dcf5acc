import type { FailureFacts } from './failure-facts.ts';

/** What a record says for or against an explanation. */
export const CLUES = [
  'met-few',
  'met-fewer',
  'met-most',
  'met-most-by-own-hatch',
  'hard-stage-seen',
  'soft-stage-seen',
  'missed-some-said',
  'everything-said',
  'spots-dry',
  'spots-wet',
  'below-label',
  'just-below-label',
  'label-rate',
  'rain-much',
  'rain-some',
  'dry-after',
  'hot-after',
  'reaches-little',
  'reaches',
  'source-touching',
  'source-near',
  'source-infested',
  'source-clear',
  'ants',
  'no-ants',
  'helpers-killed',
  'same-mode-often',
  'same-mode-some',
  'modes-changed',
  'new-growth-clean',
  'new-growth-live',
  'pressed-dry',
  'pressed-alive',
  'not-turned',
  'counted-soon',
  'counted-late-enough',
  'count-blunt',
  'count-sharp',
  'name-unsure',
  'name-sure',
  'name-by-lab',
] as const;
export type Clue = (typeof CLUES)[number];

/** A spray is off when this much fell on it before it was a day old; some of it when a little did, mm (grade C). */
const MUCH_RAIN_MM = 5;
const SOME_RAIN_MM = 1;
/** Deposits bake, and leaves shut, above this, °C (grade C). */
const HOT_C = 33;
/** Looked at fewer spots, nothing is said of what was wetted. */
const FEWEST_SPOTS = 4;

/** What the records say, as clues; a fact nobody told gives none. Thresholds are rules of thumb (grade C). */
export function cluesIn(facts: FailureFacts): Clue[] {
  return [
    ...timingClues(facts),
    ...wettingClues(facts),
    ...mixClues(facts),
    ...weatherClues(facts),
    ...neighbourClues(facts),
    ...coverClues(facts),
    ...countClues(facts),
    ...nameClues(facts),
  ];
}

function timingClues({ timing, hatchSeen, stageSeen }: FailureFacts): Clue[] {
  const share = timing && timing.atBest > 0 ? timing.met / timing.atBest : null;
  const met: Clue[] =
    share === null
      ? []
      : share < 0.35
        ? ['met-few']
        : share < 0.65
          ? ['met-fewer']
          : share < 0.8
            ? []
            : [hatchSeen ? 'met-most-by-own-hatch' : 'met-most'];
  if (stageSeen === null) return met;
  return [...met, stageSeen === 'hard' ? 'hard-stage-seen' : 'soft-stage-seen'];
}

function wettingClues({ wettedSaid, wettedLooked }: FailureFacts): Clue[] {
  // What was looked at stands above what was thought.
  if (wettedLooked && wettedLooked.of >= FEWEST_SPOTS) {
    const share = wettedLooked.wet / wettedLooked.of;
    return share < 0.55 ? ['spots-dry'] : share > 0.75 ? ['spots-wet'] : [];
  }
  if (wettedSaid === null) return [];
  return [wettedSaid === 'missed-some' ? 'missed-some-said' : 'everything-said'];
}

function mixClues({ rateOfLowest, kills, sameModeInARow }: FailureFacts): Clue[] {
  const rate: Clue[] =
    rateOfLowest === null
      ? []
      : [rateOfLowest < 0.75 ? 'below-label' : rateOfLowest < 0.95 ? 'just-below-label' : 'label-rate'];
  const reach: Clue[] = kills === null ? [] : [kills < 0.25 ? 'reaches-little' : 'reaches'];
  const mode: Clue =
    sameModeInARow >= 4 ? 'same-mode-often' : sameModeInARow >= 3 ? 'same-mode-some' : 'modes-changed';
  return [...rate, ...reach, mode];
}

function weatherClues({ rainAfterMm, hottestC }: FailureFacts): Clue[] {
  const heat: Clue[] = hottestC !== null && hottestC > HOT_C ? ['hot-after'] : [];
  if (rainAfterMm === null) return heat;
  if (rainAfterMm >= MUCH_RAIN_MM) return ['rain-much', ...heat];
  if (rainAfterMm >= SOME_RAIN_MM) return ['rain-some', ...heat];
  return heat.length > 0 ? heat : ['dry-after'];
}

function neighbourClues({ source, sourceFound, ants, helpersKilled }: FailureFacts): Clue[] {
  return [
    ...either(source && source === 'touching', 'source-touching', 'source-near'),
    ...either(sourceFound && sourceFound === 'infested', 'source-infested', 'source-clear'),
    ...either(ants, 'ants', 'no-ants'),
    ...either(helpersKilled !== null && helpersKilled >= HELPERS_MISSED, 'helpers-killed', null),
  ];
}

/** So many helpers must be killed to be missed (grade C). */
const HELPERS_MISSED = 0.5;

function coverClues({ newGrowth, pressed, turned }: FailureFacts): Clue[] {
  return [
    ...either(newGrowth && newGrowth === 'clean', 'new-growth-clean', 'new-growth-live'),
    ...either(pressed && pressed === 'dry', 'pressed-dry', 'pressed-alive'),
    ...either(pressed === null && turned === false, 'not-turned', null),
  ];
}

/** Counts that show a halving less often are blunt, more often sharp. */
const BLUNT_BELOW = 0.45;
const SHARP_FROM = 0.8;

function countClues({ daysSince, daysNeeded, seesHalving }: FailureFacts): Clue[] {
  return [
    daysSince < daysNeeded ? 'counted-soon' : 'counted-late-enough',
    ...either(seesHalving < BLUNT_BELOW, 'count-blunt', null),
    ...either(seesHalving > SHARP_FROM, 'count-sharp', null),
  ];
}

/** One clue where something holds, another where it does not; neither where nobody told. */
function either(holds: boolean | null, yes: Clue, no: Clue | null): Clue[] {
  if (holds === null) return [];
  if (holds) return [yes];
  return no === null ? [] : [no];
}

function nameClues({ nameProbability, namedByLab }: FailureFacts): Clue[] {
  if (namedByLab) return ['name-by-lab'];
  if (nameProbability === null) return [];
  return nameProbability < 0.65 ? ['name-unsure'] : nameProbability > 0.9 ? ['name-sure'] : [];
}
