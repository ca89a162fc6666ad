import { defineConfig } from 'eslint/config';
import tseslint from 'typescript-eslint';
import importX, { createNodeResolver } from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';

/** The folders of core in order: each may import those before it, never those after it. */
export const CORE_ORDER = [
  'measure',
  'words',
  'geometry',
  'catalogue',
  'label',
  'party',
  'needs',
  'plan',
  'shape',
  'portion',
  'board',
  'compose',
  'lay',
  'picture',
  'make',
  'check',
  'swap',
  'serve',
  'learn',
  'deeds',
  'house',
  'exchange',
];

const coreZones = CORE_ORDER.map((folder, i) => ({
  target: `./core/${folder}`,
  from: CORE_ORDER.slice(i + 1).map((later) => `./core/${later}`),
  message: `core/${folder} may use only the folders above it (docs/architecture.md)`,
})).filter((zone) => zone.from.length > 0);

const outside = {
  target: './core',
  from: [
    './app',
    './server',
    './cli',
    './e2e',
    './scripts',
    './solver',
    './demo',
    './core/testing',
    './core/test-support',
  ],
  message: 'core imports nothing of its surroundings',
};

export default defineConfig(
  { ignores: ['dist', 'node_modules', 'test-results', '.cache', 'scripts/*.mjs'] },
  tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    plugins: { 'import-x': importX, 'react-hooks': hooks },
    settings: {
      'import-x/resolver-next': [
        createNodeResolver({
          extensions: ['.ts', '.tsx', '.js'],
          extensionAlias: { '.js': ['.ts', '.tsx', '.js'] },
        }),
      ],
    },
    rules: {
      'import-x/no-restricted-paths': ['error', { zones: [...coreZones, outside] }],
      'import-x/no-cycle': 'error',
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'warn',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
    },
  },
  {
    // a test may look down the list: it proves what the folders give together
    files: ['core/**/*.test.ts', 'core/testing/**', 'core/test-support/**'],
    rules: { 'import-x/no-restricted-paths': 'off' },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts', 'core/testing/**', 'core/test-support/**'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            'node:*',
            'react',
            'react-*',
            'express',
            'dexie',
            'zustand',
            'highs',
            'comlink',
            '@jest/*',
            'fs',
            'path',
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        ...[
          'window',
          'document',
          'navigator',
          'localStorage',
          'fetch',
          'setTimeout',
          'setInterval',
          'performance',
          'process',
        ].map((name) => ({ name, message: 'core has no clock, no DOM and no Node: pass it in' })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'core draws from a seed: core/measure/random' },
        { object: 'Date', property: 'now', message: 'core has no clock: pass the time in' },
      ],
      // a date that is given is the calendar; one that is not is the clock
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'core has no clock: pass the time in',
        },
        { selector: "CallExpression[callee.name='Date']", message: 'core has no clock: pass the time in' },
      ],
    },
  },
);
