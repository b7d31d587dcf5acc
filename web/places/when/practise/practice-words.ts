import type { BudStage, PracticeSight } from '#core/practice';
import type { FitWeather, LifeStage } from '#core/season-model';
import { HANDWORK, howMany, inSentence, materialById, type PracticeTroubleId } from '#knowledge';
import { MINER_STAGE_NAMES, STAGE_NAMES } from '../plan/plan-words.ts';

/** A lesson by name, what it is about, and the question it is there for. */
export interface LessonWords {
  readonly name: string;
  readonly story: string;
  readonly question: string;
  readonly looksAt: string;
  readonly hangs: string;
}

const ON_TWIGS = 'Look at ten twigs';
const TAPES = 'three tapes';

export const LESSONS: Readonly<Record<PracticeTroubleId, LessonWords>> = {
  'armored-hedge': {
    name: 'Armored scale on a hedge',
    story:
      'A hedge with armored scale on last year’s wood. Its young walk for a day or two, settle, and are under a cover ' +
      'of their own within weeks. They do not all hatch at once.',
    question: 'When does one spray reach most, and is a second worth it?',
    looksAt: ON_TWIGS,
    hangs: TAPES,
  },
  'soft-scale-pot': {
    name: 'Soft scale on a pot plant',
    story:
      'A plant in a pot, its leaves sticky from soft scale. The young stay soft for weeks, and a pot can be wiped ' +
      'leaf by leaf.',
    question: 'How long can one wait, and how much do hands do?',
    looksAt: ON_TWIGS,
    hangs: TAPES,
  },
  'bark-scale': {
    name: 'Bark scale that hatches for weeks',
    story:
      'A tree with felt-covered scale in the cracks of its bark. The first hatch goes on for weeks, and a second ' +
      'follows in summer.',
    question: 'What does a long hatch ask for that a short one does not?',
    looksAt: ON_TWIGS,
    hangs: TAPES,
  },
  'citrus-flush': {
    name: 'A citrus flush and its miner',
    story:
      'A young citrus about to flush. Moths lay in leaves while they are soft, and two traps tell when they fly. ' +
      'What hatches is inside the leaf within days.',
    question: 'Which days of a flush are worth covering?',
    looksAt: 'Look at ten shoots',
    hangs: 'two moth traps',
  },
  'leaf-curl': {
    name: 'Leaf curl, and copper before swell',
    story:
      'A peach that curled badly last spring. Its buds are shut. Once they open, a long cool wet spell infects, and ' +
      'nothing helps after.',
    question: 'How late can copper wait, and what is too late?',
    looksAt: 'Look at buds and leaves',
    hangs: '',
  },
  'scab-cover': {
    name: 'Scab through a wet May',
    story:
      'An apple that was scabby last year, with its old leaves still beneath it. Spores ripen as leaves unfold, and ' +
      'every long wet spell throws some. Rain takes the cover, and new leaves never had any.',
    question: 'Cover before which rain, and what is worth doing on the ground?',
    looksAt: 'Look at buds and leaves',
    hangs: '',
  },
  'source-next-door': {
    name: 'A source over the fence',
    story:
      'The same hedge as in the first lesson, but next door stands one that nobody treats, and the wind and birds ' +
      'carry its crawlers over.',
    question: 'Spray more, or talk over the fence?',
    looksAt: ON_TWIGS,
    hangs: TAPES,
  },
};

const OTHER_WAYS: Readonly<Record<string, string>> = {
  copper: 'Fixed copper',
  captan: 'Captan',
  sulfur: 'Sulfur',
  myclobutanil: 'Myclobutanil',
  'clear-leaves': 'Clear last year’s leaves',
};

const isHandwork = (id: string): id is keyof typeof HANDWORK => id in HANDWORK;

/** A way by its name. */
export const wayName = (id: string): string =>
  OTHER_WAYS[id] ?? (isHandwork(id) ? HANDWORK[id].name : materialById(id).name);

export const isByHand = (id: string): boolean => id === 'clear-leaves' || isHandwork(id);

/** "oil on 9 June", "wiping …" within a sentence. */
export const wayInSentence = (id: string): string => inSentence(wayName(id));

const INFECTION_STAGES: Readonly<Record<LifeStage, string>> = {
  crawler: '',
  settled: 'just infected',
  second: 'not to be seen yet',
  grown: 'spots',
};

export function stageNamesOf(id: PracticeTroubleId): Readonly<Record<LifeStage, string>> {
  if (id === 'leaf-curl' || id === 'scab-cover') return INFECTION_STAGES;
  return id === 'citrus-flush' ? MINER_STAGE_NAMES : STAGE_NAMES;
}

const BUDS: Readonly<Record<BudStage, string>> = {
  shut: 'Buds are shut tight',
  loosening: 'Bud scales begin to loosen: they open within days',
  swelling: 'Buds have swollen open',
  green: 'Green shows',
  leaves: 'Leaves are out',
};

/** What was met, in a line. */
export function sightWords(id: PracticeTroubleId, sight: PracticeSight): string {
  switch (sight.kind) {
    case 'counted':
      return countedWords(id, sight.byStage);
    case 'leaves':
      return sight.buds === 'leaves'
        ? `${BUDS.leaves}; ${sight.spotted} of ${sight.of} are marked.`
        : `${BUDS[sight.buds]}.`;
    case 'hung':
      return `${capital(LESSONS[id].hangs)} hang.`;
    case 'caught':
      return `${capital(LESSONS[id].hangs)}: ${sight.each.join(', ')}${sight.each.every((one) => one === 0) ? ', empty' : ''}.`;
    case 'cleared':
      return 'Next door cut theirs to the base.';
    case 'treated':
      return sight.day === sight.meantFor
        ? `${wayName(sight.wayId)}: done.`
        : `${wayName(sight.wayId)}: done, later than meant: no day before was fit.`;
    case 'not-treated':
      return `${wayName(sight.wayId)}: not done, no day of that week was fit.`;
  }
}

function countedWords(id: PracticeTroubleId, byStage: Readonly<Record<LifeStage, number>>): string {
  const names = stageNamesOf(id);
  const met = (['crawler', 'settled', 'second', 'grown'] as const).filter((stage) => byStage[stage] > 0);
  const on = id === 'citrus-flush' ? 'On ten shoots' : 'On ten twigs';
  if (met.length === 0)
    return id === 'citrus-flush' ? `${on}: no egg, no mine.` : `${on}: mothers alive, no young yet.`;
  return `${on}: ${met.map((stage) => `${byStage[stage]} ${names[stage]}`).join(', ')}.`;
}

export const capital = (words: string): string => words.replace(/^./, (letter) => letter.toUpperCase());

/** What stands in the way of a day, for a way. */
export function unfitWords({ greatestC, leastC }: FitWeather, day: { minC: number; maxC: number }): string {
  if (greatestC !== null && day.maxC > greatestC) return 'too hot';
  if (leastC !== null && (day.maxC < leastC || day.minC < 0)) return 'too cold';
  return 'wet';
}

export const times = (count: number): string => howMany(count, 'treatment');
