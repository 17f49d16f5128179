/** @type {import('jest').Config} */
const config = {
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  testEnvironment: 'node',
  transform: { '^.+\\.tsx?$': ['@swc/jest', { jsc: { target: 'es2022' } }] },
  moduleNameMapper: { '^@/(.*)$': '<rootDir>/src/$1' },
  modulePathIgnorePatterns: ['<rootDir>/.next'],
};

export default config;
