import { readdirSync, readFileSync } from 'node:fs';
import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const node = { process: 'readonly', console: 'readonly', URL: 'readonly', Buffer: 'readonly' };
const timers = {
  setTimeout: 'readonly',
  clearTimeout: 'readonly',
  setInterval: 'readonly',
  clearInterval: 'readonly',
};
const net = { fetch: 'readonly', AbortSignal: 'readonly', performance: 'readonly' };

const TABLES = new URL('core/src/catalogue/data/', import.meta.url);
/** Ids of ingredients that are no plain word: what a rule asks of them is a property of their row. */
const ids = readdirSync(TABLES).flatMap((file) =>
  [...readFileSync(new URL(file, TABLES), 'utf8').matchAll(/^ {4}'([a-z]+(?:-[a-z]+)+)': \{ name/gm)].map(
    ([, id]) => id,
  ),
);

export default tseslint.config(
  { ignores: ['**/dist/**', '**/node_modules/**', 'test-results/**'] },
  js.configs.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      'max-lines': ['error', { max: 300, skipBlankLines: true, skipComments: true }],
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/testing.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'Date', message: 'The core is told the time, it never asks.' },
        { name: 'process', message: 'The core has no surroundings.' },
        { name: 'document', message: 'The core has no page.' },
      ],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random', message: 'Pass it in.' }],
    },
  },
  {
    files: ['core/src/**/*.ts', 'web/src/**/*.ts', 'web/src/**/*.tsx', 'cli/src/**/*.ts'],
    ignores: ['**/*.test.*', '**/testing.ts', '**/testing/**', '**/data/**', '**/upcast/**'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: `Literal[value=/^(?:${ids.join('|')})$/]`,
          message: 'Logic names no ingredient: ask a property of its row, or a table in data/.',
        },
      ],
    },
  },
  {
    files: ['web/src/**/*.tsx', 'web/src/**/*.ts'],
    ignores: ['**/*.test.*'],
    plugins: { 'react-hooks': hooks },
    rules: { ...hooks.configs.recommended.rules, '@typescript-eslint/unbound-method': 'off' },
  },
  {
    files: ['**/data/**', '**/*.test.ts', '**/*.test.tsx', 'e2e/**'],
    rules: { 'max-lines': 'off', 'max-lines-per-function': 'off' },
  },
  { files: ['cli/**', 'bench/**', 'scripts/fit-reader/**'], rules: { 'no-console': 'off' } },
  {
    files: ['**/*.mjs', '**/*.cjs'],
    languageOptions: { globals: { ...node, ...timers, ...net, module: 'writable' } },
    rules: { 'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }] },
  },
  {
    files: ['web/public/*.js'],
    languageOptions: { globals: { ...timers, document: 'readonly', requestAnimationFrame: 'readonly' } },
  },
  prettier,
);
