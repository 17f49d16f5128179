import next from 'eslint-config-next';
import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';

const config = [
  ...(Array.isArray(next) ? next : [next]),
  ...(Array.isArray(nextVitals) ? nextVitals : [nextVitals]),
  ...(Array.isArray(nextTypescript) ? nextTypescript : [nextTypescript]),
  {
    rules: {
      // It warns of what the React Compiler skips: that is drawn as it would be without it.
      'react-hooks/incompatible-library': 'off',
      '@typescript-eslint/no-unused-vars': [
        'warn',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
    },
  },
  {
    files: ['src/**/*.ts', 'src/**/*.tsx'],
    ignores: ['**/*.test.ts', '**/*.test.tsx', '**/testing/**'],
    rules: {
      // Who forgets to pass what the kitchen taught would be given what it started with, and never know.
      'no-restricted-syntax': [
        'error',
        {
          selector: 'AssignmentPattern[right.name=/^starting(Rules|Basis|Pantry)$/]',
          message: 'Rules, a basis and a pantry are passed by whoever calls.',
        },
      ],
    },
  },
  { ignores: ['.next/**', 'node_modules/**', 'next-env.d.ts', 'public/**', '.cache/**'] },
];

export default config;
