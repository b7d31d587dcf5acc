import { randomLcg } from 'd3-random';
import {
  asSeenIn,
  FEWEST_ANSWERS,
  GROUP_FROM,
  NAMED_FROM,
  nameIt,
  NOT_SURE,
  shownProbabilities,
  type Answers,
  type Candidate,
  type Check,
  type FrequencyWord,
  type Scene,
} from '#core/identify';

const WORDS: readonly FrequencyWord[] = ['never', 'rarely', 'sometimes', 'usually', 'always'];

/**
 * What one simulated person found out, asking what the key suggests until a species is named or nothing
 * helps.
 */
export interface ObservedCase {
  /**
   * Answered questions until the group reached {@link GROUP_FROM} or a species was named; null if
   * neither.
   */
  readonly answersToGroup: number | null;
  readonly answersToName: number | null;
  readonly groupRight: boolean;
  readonly nameRight: boolean;
  /** Every claim on the way: the leading probability and whether it was right. */
  readonly claims: readonly { readonly probability: number; readonly right: boolean }[];
}

/**
 * Lets a simulated observer follow the key on a plant that has `truth`, one of `candidates`. The plant
 * shows its signs by words each moved one step up or down at random (so the key's own figures are off), and a
 * share `errorRate` of answers is simply wrong. The same seed gives the same person.
 */
export function simulateObserver(
  truth: Candidate,
  candidates: readonly Candidate[],
  checks: readonly Check[],
  scene: Scene,
  errorRate: number,
  seed: number,
  mostQuestions = 20,
): ObservedCase {
  const chance = randomLcg(seed);
  const shown = {
    looks: perturbed(
      asSeenIn(scene.month, candidates).find((candidate) => candidate.id === truth.id)!,
      chance,
    ),
  };
  const claims: { probability: number; right: boolean }[] = [];
  let answers: Answers = {};
  let answersToGroup: number | null = null;
  let groupRight = false;
  for (let asked = 0; asked <= mostQuestions; asked++) {
    const { standings, groups, nextChecks, verdict } = nameIt(candidates, checks, scene, answers);
    const [top, topGroup] = [standings[0]!, groups[0]!];
    if (asked > 0) claims.push({ probability: top.probability, right: top.targetId === truth.id });
    const named = verdict.kind === 'named' && top.probability >= NAMED_FROM;
    if (answersToGroup === null && asked >= FEWEST_ANSWERS && (named || topGroup.probability >= GROUP_FROM)) {
      answersToGroup = asked;
      groupRight = topGroup.group === truth.group;
    }
    if (named) {
      return {
        answersToGroup,
        answersToName: asked,
        groupRight,
        nameRight: top.targetId === truth.id,
        claims,
      };
    }
    const next = checks.find((check) => check.id === nextChecks[0]?.checkId);
    if (!next) break;
    answers = { ...answers, [next.id]: drawAnswer(shown, next, errorRate, chance) };
  }
  return { answersToGroup, answersToName: null, groupRight, nameRight: false, claims };
}

function perturbed(truth: Candidate, chance: () => number): Candidate['looks'] {
  const step = (word: FrequencyWord) =>
    WORDS[Math.min(WORDS.length - 1, Math.max(0, WORDS.indexOf(word) + (chance() < 0.5 ? -1 : 1)))]!;
  return Object.fromEntries(
    Object.entries(truth.looks).map(([check, words]) => [
      check,
      Object.fromEntries(Object.entries(words).map(([answer, word]) => [answer, step(word)])),
    ]),
  );
}

function drawAnswer(
  shown: Pick<Candidate, 'looks'>,
  check: Check,
  errorRate: number,
  chance: () => number,
): string {
  if (chance() < errorRate) return check.answers[Math.floor(chance() * check.answers.length)]?.id ?? NOT_SURE;
  let left = chance();
  const probabilities = shownProbabilities(shown, check);
  const index = probabilities.findIndex((probability) => (left -= probability) < 0);
  return check.answers[index < 0 ? check.answers.length - 1 : index]!.id;
}
