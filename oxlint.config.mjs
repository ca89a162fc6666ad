import { defineConfig } from 'oxlint';

/** The folders of core in order: each may import those before it, never those after it. */
const CORE_ORDER = [
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

const SURROUNDINGS = ['app', 'server', 'cli', 'e2e', 'scripts', 'solver', 'demo', 'testing', 'test-support'];
const PACKAGES = [
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
];

const GLOBALS = [
  'window',
  'document',
  'navigator',
  'localStorage',
  'fetch',
  'setTimeout',
  'setInterval',
  'performance',
  'process',
  'Date',
].map((name) => ({ name, message: 'core has no clock, no DOM and no Node: pass it in' }));

/** What lies in such a folder above the file, whatever is fetched from it. */
const folders = (names) => `^(?:\\.\\./)+(?:core/)?(?:${names.join('|')})/`;

/** What a folder of core may not import: its surroundings, packages of a page or of Node, and the folders after it. */
const refused = (folder) => {
  const later = CORE_ORDER.slice(CORE_ORDER.indexOf(folder) + 1);
  return [
    'error',
    {
      patterns: [
        { group: PACKAGES, message: 'core has no DOM and no Node: pass it in' },
        { regex: folders(SURROUNDINGS), message: 'core imports nothing of its surroundings' },
        ...(later.length === 0
          ? []
          : [
              {
                regex: folders(later),
                message: `core/${folder} may use only the folders above it (docs/architecture.md)`,
              },
            ]),
      ],
    },
  ];
};

export default defineConfig({
  plugins: ['typescript', 'import', 'react'],
  ignorePatterns: ['dist', 'node_modules', 'test-results', '.cache', 'scripts/*.mjs'],
  rules: {
    'import/default': 'off',
    'react/rules-of-hooks': 'error',
    'react/exhaustive-deps': 'warn',
    // what a compiler of React asks for, which is not used here
    'react/immutability': 'off',
    'react/refs': 'off',
    'react/set-state-in-effect': 'off',
    'no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    'typescript/consistent-type-imports': 'error',
  },
  overrides: [
    ...CORE_ORDER.map((folder) => ({
      files: [`core/${folder}/**/*.ts`],
      // a test may look down the list: it proves what the folders give together
      excludeFiles: ['**/*.test.ts'],
      rules: {
        'no-restricted-imports': refused(folder),
        'no-restricted-globals': ['error', ...GLOBALS],
        'no-restricted-properties': [
          'error',
          { object: 'Math', property: 'random', message: 'core draws from a seed: core/measure/random' },
        ],
      },
    })),
    // a date that is given is the calendar, and this is the one place that reads it
    { files: ['core/measure/time.ts'], rules: { 'no-restricted-globals': 'off' } },
  ],
});
