import { randomLcg, randomNormal } from 'd3-random';
import {
  FIRST_WORD,
  hypothesesIn,
  nameIt,
  NOT_SURE,
  shownProbabilities,
  STILL_NOT_SURE,
  type Answers,
  type Check,
  type Key,
  type Looks,
  type NextQuestion,
  type Scene,
} from '#core/identify';

/** How a person answers. */
export interface ObserverWays {
  /** Share of answers that are mere chance, 0–1. */
  readonly errorRate: number;
  /** Share of questions answered "not sure", 0–1. */
  readonly notSureRate: number;
  readonly mostQuestions: number;
}

/** What one simulated person found out, asking what the key suggests until it says that is enough. */
export interface ObservedCase {
  readonly truthId: string;
  readonly asked: number;
  /**
   * Questions asked, the first word and "not sure" among them, until a group, a name or "none of these" was
   * said; null if never.
   */
  readonly questionsToGroup: number | null;
  readonly groupRight: boolean;
  /** What it ended with. */
  readonly ended: 'named' | 'alike' | 'group' | 'none-of-these' | 'not-enough';
  /** Whether the truth is what it ended with, or among those dealt with alike. */
  readonly endedRight: boolean;
  /** Every claim on the way: the leading probability of a listed trouble and whether it was right. */
  readonly claims: readonly { readonly probability: number; readonly right: boolean }[];
}

/**
 * Lets a simulated observer follow the key on a plant that has `truthId`, a listed trouble or an unlisted kind.
 * The plant shows its signs by words each moved one step up or down at random, so the key's own figures are off.
 * The same seed gives the same person.
 */
export function simulateObserver(
  truthId: string,
  key: Key,
  scene: Scene,
  ways: ObserverWays,
  seed: number,
): ObservedCase {
  const chance = randomLcg(seed);
  const truth = hypothesesIn(key, scene.month).find(({ id }) => id === truthId)!;
  const seen = drawAll(truth.looks, key.checks, chance);
  const word = firstWord(key, seen, ways, chance);
  const claims: { probability: number; right: boolean }[] = [];
  let answers: Answers = word ? { [FIRST_WORD]: word } : {};
  let questionsToGroup: number | null = null;
  for (let asked = 0; ; asked++) {
    const { standings, question, verdict, step, groups } = nameIt(key, scene, answers);
    const top = standings[0]!;
    if (asked > 0 && top.listed)
      claims.push({ probability: top.probability, right: top.targetId === truthId });
    if (verdict.kind !== 'not-enough') questionsToGroup ??= asked + 1;
    if (question && asked < ways.mostQuestions && step === 'look-on') {
      answers = { ...answers, ...answerTo(question, key.checks, seen, ways, chance) };
      continue;
    }
    const right =
      verdict.kind === 'named'
        ? verdict.targetId === truthId
        : verdict.kind === 'alike'
          ? verdict.targetIds.includes(truthId)
          : verdict.kind === 'none-of-these'
            ? truth.group === null
            : verdict.kind === 'group' && verdict.group === truth.group;
    return {
      truthId,
      asked,
      questionsToGroup,
      groupRight: groups[0]!.group === (truth.group ?? 'something-else'),
      ended: verdict.kind,
      endedRight: right,
      claims,
    };
  }
}

/** How far off the key's figures are on a plant: a standard deviation of log odds, a factor of two in odds. */
const OFF_LOG_ODDS = 0.7;

/** What is to be seen on this plant, by chances that are off from the key's: for each check the true answer. */
function drawAll(looks: Looks, checks: readonly Check[], source: () => number): Answers {
  const off = randomNormal.source(source)(0, OFF_LOG_ODDS);
  return Object.fromEntries(
    checks.map((check) => {
      const odds = shownProbabilities(looks, check).map((p) => (p / (1 - p)) * Math.exp(off()));
      const shown = check.kind === 'sign' ? [odds[0]! / (1 + odds[0]!), 1 / (1 + odds[0]!)] : odds;
      let left = source() * shown.reduce((sum, p) => sum + p, 0);
      const index = shown.findIndex((p) => (left -= p) < 0);
      return [check.id, check.answers[index < 0 ? check.answers.length - 1 : index]!.id];
    }),
  );
}

const oneOf = <T>(list: readonly T[], chance: () => number): T | undefined =>
  list[Math.floor(chance() * list.length)];

/** The word for a sign that caught the eye; none where nothing shows or the person cannot say. */
function firstWord(key: Key, seen: Answers, ways: ObserverWays, chance: () => number): string | null {
  const [unsure, wrong] = [chance() < ways.notSureRate, chance() < ways.errorRate];
  if (unsure) return null;
  if (wrong) return oneOf(key.firstWords, chance)?.id ?? null;
  const spoken = key.firstWords.flatMap(({ signs }) => signs).filter((sign) => seen[sign] === 'yes');
  const sign = oneOf([...new Set(spoken)], chance);
  return (
    oneOf(
      key.firstWords.filter(({ signs }) => sign !== undefined && signs.includes(sign)),
      chance,
    )?.id ?? null
  );
}

/** One question: not sure of all of it, or what is seen, in some of it by mere chance. */
function answerTo(
  { checkIds, again }: NextQuestion,
  checks: readonly Check[],
  seen: Answers,
  ways: ObserverWays,
  chance: () => number,
): Answers {
  const unsure = chance() < ways.notSureRate;
  return Object.fromEntries(
    checkIds.map((id) => {
      const check = checks.find((each) => each.id === id)!;
      if (unsure) return [id, again ? STILL_NOT_SURE : NOT_SURE];
      return [id, chance() < ways.errorRate ? oneOf(check.answers, chance)!.id : seen[id]!];
    }),
  );
}
