export default {
  testEnvironment: 'node',
  // Jest's sweeping of globals after a file runs into itself on what fake-indexeddb leaves there
  testEnvironmentOptions: { globalsCleanup: 'off' },
  roots: ['<rootDir>/core', '<rootDir>/server', '<rootDir>/cli', '<rootDir>/app', '<rootDir>/solver'],
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: { '^(\\.{1,2}/.*)\\.js$': '$1' },
  transform: { '^.+\\.tsx?$': ['@swc/jest', {}] },
  // all cores: nothing else runs beside the units
  maxWorkers: '100%',
  testTimeout: 180000,
};
