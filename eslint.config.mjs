import js from '@eslint/js';
import globals from 'globals';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** Names that say nothing of what they hold. */
const EMPTY_NAME = '/^(known|found|given|own|of|tmp|stuff|thing)$/';
const noEmptyNames = [
  `VariableDeclarator > Identifier.id[name=${EMPTY_NAME}]`,
  `FunctionDeclaration > Identifier.id[name=${EMPTY_NAME}]`,
  `:function > Identifier.params[name=${EMPTY_NAME}]`,
].map((selector) => ({ selector, message: 'Name what it holds.' }));
const noClock = {
  selector: "NewExpression[callee.name='Date'][arguments.length=0]",
  message: 'Pass the day in.',
};

export default tseslint.config(
  {
    ignores: [
      'dist/',
      'node_modules/',
      '.demo/',
      '.stryker-tmp/',
      'reports/',
      'test-results/',
      'playwright-report/',
    ],
  },
  js.configs.recommended,
  ...tseslint.configs.recommended,
  { languageOptions: { globals: { ...globals.node, ...globals.browser } } },
  { files: ['web/**/*.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      // The formatter keeps code at 110 columns; only what cannot be broken, texts above all, runs further.
      'max-len': [
        'error',
        {
          code: 116,
          ignoreUrls: true,
          ignoreStrings: true,
          ignoreTemplateLiterals: true,
          ignoreRegExpLiterals: true,
        },
      ],
      'no-restricted-syntax': ['error', ...noEmptyNames],
    },
  },
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true } },
    rules: { '@typescript-eslint/no-floating-promises': 'error' },
  },
  {
    files: ['core/**/*.ts', 'knowledge/**/*.ts', 'simulated/**/*.ts', 'engine/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      // The core answers from what it is given: no clock, no chance, no outside.
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'process',
        'localStorage',
        'setTimeout',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Pass a seed in.' },
        { object: 'Date', property: 'now', message: 'Pass the day in.' },
      ],
      'no-restricted-syntax': ['error', ...noEmptyNames, noClock],
    },
  },
  // Playwright reads a fixture's needs from its first parameter, which must be a pattern even when empty.
  { files: ['e2e/**/*.ts'], rules: { 'no-empty-pattern': 'off' } },
);
