import { HOSTS, KEY } from '#knowledge';
import { calibration, type ObservedCase, type ObserverWays, simulatePeople } from '#simulated';

/** A tenth of the answers is chance, three in ten are "not sure". */
const ORDINARY: ObserverWays = { errorRate: 0.1, notSureRate: 0.3, mostQuestions: 20 };

/** The seed for proving; figures were chosen on people from another (1). */
export const PROOF_SEED = 500_009;

const WITHIN_QUESTIONS = 12;

const share = (values: readonly boolean[]) => values.filter(Boolean).length / values.length;
const percent = (part: number) => `${(100 * part).toFixed(1)} %`;

/**
 * Simulated people following the key: how many questions it takes, how often it is right, and whether
 * its 80 % is 80 %.
 */
export function observers(people: number, firstSeed: number): void {
  const hostIds = HOSTS.map(({ id }) => id).filter((id) => !id.startsWith('other-'));
  const cases = simulatePeople(KEY, hostIds, people, ORDINARY, firstSeed);
  const listed = new Set(KEY.candidates.map(({ id }) => id));
  const early = ({ questionsToGroup }: ObservedCase) =>
    questionsToGroup !== null && questionsToGroup <= WITHIN_QUESTIONS;
  const asked = cases.flatMap(({ questionsToGroup: questions }) => (questions === null ? [] : [questions]));
  const mean = asked.reduce((sum, questions) => sum + questions, 0) / asked.length;
  const withListed = cases.filter(({ truthId }) => listed.has(truthId));
  console.log(
    `${cases.length} simulated people, 10 % of answers chance, 30 % "not sure", figures twofold off:`,
  );
  console.log(
    `  a name, a group or "none of these" within ${WITHIN_QUESTIONS} questions: ${percent(share(cases.map(early)))}, ` +
      `of those with a listed trouble ${percent(share(withListed.map(early)))}; after ${mean.toFixed(1)} questions`,
  );
  for (const kind of ['named', 'alike', 'group', 'none-of-these', 'not-enough'] as const) {
    const ended = cases.filter((each) => each.ended === kind);
    const right =
      kind === 'not-enough' ? '' : `, right ${percent(share(ended.map(({ endedRight }) => endedRight)))}`;
    console.log(`  ended "${kind}": ${percent(ended.length / cases.length)}${right}`);
  }
  for (const { said, right, claims } of calibration(cases))
    console.log(`  says ${percent(said)} (${claims} times): right ${percent(right)}`);
}
