export default {
  testEnvironment: 'node',
  // One fewer than there are cores is the default: on two, everything would wait in one line.
  maxWorkers: '100%',
  // A slow machine is no fault of what is tested.
  testTimeout: 30_000,
  roots: ['core', 'knowledge', 'engine', 'answers', 'server', 'web', 'demo'].map(
    (folder) => `<rootDir>/${folder}`,
  ),
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
};
