export default {
  testEnvironment: '<rootDir>/scripts/jest-world.mjs',
  // Jest's sweeping of globals after a file runs into itself on what fake-indexeddb leaves there
  testEnvironmentOptions: { globalsCleanup: 'off' },
  roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/cli', '<rootDir>/app', '<rootDir>/solver'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: {
    '^(\\.{1,2}/.*)\\.js$': '$1',
    // the development one keeps a stack for each element that is made: a fifth of a page's time
    '^react/jsx-runtime$': '<rootDir>/node_modules/react/cjs/react-jsx-runtime.production.js',
  },
  transform: { '^.+\\.tsx?$': ['@swc/jest', {}] },
  // all cores: nothing else runs beside the units
  maxWorkers: '100%',
  testTimeout: 180000,
};
