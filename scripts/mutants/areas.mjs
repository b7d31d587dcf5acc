/**
 * What is changed, and which tests must notice it. `least` is the share of changes, in per cent,
 * that has to be noticed: more where people, bees or plants come to harm.
 */
const core = (subject, least, moreTests = []) => ({
  mutate: [`core/${subject}/*.ts`, '!**/*.test.ts', '!**/index.ts'],
  tests: [`core/${subject}/*.test.ts`, ...moreTests],
  least,
});

const RULE_TESTS = ['knowledge/use-rules*.test.ts', 'knowledge/meetings.test.ts'];

export const areas = {
  'core/materials': core('materials', 90, RULE_TESTS),
  'knowledge/use-rules': {
    mutate: ['knowledge/use-rules.ts', 'knowledge/meetings.ts'],
    tests: RULE_TESTS,
    least: 90,
    // Ids and sentences: each would need a process of its own to be tried, and says nothing of what is allowed.
    withoutConstants: true,
  },
  'core/mix': core('mix', 90),
  'core/spray-hours': core('spray-hours', 90),
  'core/standing': core('standing', 90),
  'core/plan': core('plan', 90),
  'core/programme': core('programme', 85),
  'core/decide': core('decide', 75, ['knowledge/weighing.test.ts']),
  engine: {
    mutate: ['engine/*.ts', '!**/*.test.ts', '!**/index.ts'],
    // The two thousand gardens that agree take a minute: too long for every change.
    tests: ['engine/!(agreement).test.ts'],
    least: 75,
  },
  'core/infection': core('infection', 80),
  'engine/infection': {
    mutate: ['engine/infection/*.ts', '!**/*.test.ts'],
    tests: ['engine/infection/*.test.ts'],
    least: 75,
  },
  'core/identify': core('identify', 75),
  'core/phenology': core('phenology', 75),
  'core/degree-days': core('degree-days', 75),
  'core/emergence': core('emergence', 75),
  'core/sampling': core('sampling', 75),
  'core/seasons': core('seasons', 75),
  'core/failure': core('failure', 80, ['knowledge/failure/*.test.ts']),
  'engine/years': {
    mutate: ['engine/years/*.ts', '!**/*.test.ts'],
    tests: ['engine/years/*.test.ts'],
    least: 75,
  },
  'server/security': {
    mutate: ['server/security/*.ts', '!**/*.test.ts'],
    tests: ['server/security/*.test.ts'],
    least: 75,
  },
  'server/routes': {
    mutate: ['server/routes/*.ts', '!**/*.test.ts'],
    tests: [
      ...['api', 'calendar', 'deliveries', 'door', 'photos', 'readings', 'timing', 'weather-in'].map(
        (name) => `server/${name}.test.ts`,
      ),
      'server/routes/*.test.ts',
    ],
    least: 75,
    // They follow one garden through a file, each test on what the one before it left.
    wholeFiles: true,
  },
};
