/** @type {import('jest').Config} */
const config = {
  testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
  testEnvironment: 'node',
  // How long a thing takes is for `npm run bench`: a busy machine is no defect.
  testTimeout: 120_000,
  // By itself it leaves one core idle: half of a small machine.
  maxWorkers: '100%',
  setupFiles: ['<rootDir>/scripts/propertySeed.ts'],
  transform: {
    '^.+\\.(tsx?|js)$': [
      '@swc/jest',
      { jsc: { target: 'es2022', transform: { react: { runtime: 'automatic' } } } },
    ],
  },
  // Ships as modules alone, which Jest does not load by itself.
  transformIgnorePatterns: [
    '/node_modules/(?!(uuid|nuqs|@tanstack/(react-table|react-store|table-core|store))/)',
  ],
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  modulePathIgnorePatterns: ['<rootDir>/.next'],
};

export default config;
