import { expect, test } from '@jest/globals';
import { calibration, type ObservedCase, simulatePeople } from '#simulated';
import { HOSTS, KEY } from '../index.ts';

// Seeds for choosing the key's figures and seeds for proving them are never the same.
const PROOF_SEED = 500_009;
const ORDINARY = { errorRate: 0.1, notSureRate: 0.3, mostQuestions: 20 };
const HOST_IDS = HOSTS.map(({ id }) => id).filter((id) => !id.startsWith('other-'));
const LISTED = new Set(KEY.candidates.map(({ id }) => id));

const share = (cases: readonly ObservedCase[], holds: (each: ObservedCase) => boolean) =>
  cases.filter(holds).length / cases.length;

test('ordinary people, a tenth of their answers wrong and three in ten "not sure"', () => {
  const people = simulatePeople(KEY, HOST_IDS, 500, ORDINARY, PROOF_SEED);
  const said = people.filter(({ questionsToGroup }) => questionsToGroup !== null);
  // Two thousand people come to 90.7 % within twelve questions, after 5.9; five hundred scatter about that.
  const within = share(
    people.filter(({ truthId }) => LISTED.has(truthId)),
    ({ questionsToGroup }) => questionsToGroup !== null && questionsToGroup <= 12,
  );
  expect(within).toBeGreaterThanOrEqual(0.88);
  expect(said.reduce((sum, { questionsToGroup }) => sum + questionsToGroup!, 0) / said.length).toBeLessThan(
    9,
  );
  const named = people.filter(({ ended }) => ended === 'named');
  expect(named.length).toBeGreaterThan(150);
  expect(share(named, ({ endedRight }) => endedRight)).toBeGreaterThanOrEqual(0.95);
  const bins = calibration(people).filter(({ claims }) => claims >= 100);
  expect(bins.length).toBe(7);
  // Over two thousand people no bin is more than 6 points off; a person makes several claims, so that five
  // hundred scatter more.
  for (const { said: probability, right } of bins) expect(Math.abs(probability - right)).toBeLessThan(0.15);
});

test('whoever is always sure and right gets there in fewer questions', () => {
  const careful = simulatePeople(
    KEY,
    HOST_IDS,
    60,
    { ...ORDINARY, errorRate: 0, notSureRate: 0 },
    PROOF_SEED,
  );
  const asked = careful.flatMap(({ questionsToGroup: questions }) => (questions === null ? [] : [questions]));
  expect(asked.length).toBeGreaterThanOrEqual(57);
  expect(asked.reduce((sum, questions) => sum + questions, 0) / asked.length).toBeLessThan(5.5);
});
