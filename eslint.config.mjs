import next from 'eslint-config-next/core-web-vitals'
import typescript from 'eslint-config-next/typescript'

const only = (message, ...patterns) => ({
  'no-restricted-imports': ['error', { patterns: [{ regex: patterns.join('|'), message }] }],
})

const rules = [
  ...next,
  ...typescript,
  { ignores: ['.next/**', '.kovit/**', '.kovit-own/**', '.kovit-test/**', 'next-env.d.ts'] },
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      // Leaving a key out of a copy names it without using it.
      '@typescript-eslint/no-unused-vars': [
        'warn',
        { ignoreRestSiblings: true, varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      'no-console': 'error',
      complexity: ['error', 20],
    },
  },
  { files: ['scripts/**'], rules: { 'no-console': 'off' } },
  // Outside the screens a name that begins with use is no hook.
  { files: ['src/data/**'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
  {
    files: ['src/core/**'],
    ignores: ['**/*.test.ts'],
    rules: {
      ...only('core imports nothing but zod', '^(?!zod$|\\.{1,2}/|@/core/)'),
      'no-restricted-globals': ['error', 'fetch', 'window', 'document', 'process'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The day comes in as an argument.' },
        { object: 'Math', property: 'random', message: 'Chance comes from a seeded source.' },
      ],
    },
  },
  { files: ['src/ui/**'], rules: only('ui imports core alone', '^@/(service|data|demo|app)/') },
  { files: ['src/data/**'], rules: only('data imports core alone', '^@/(service|ui|demo|app)/') },
  { files: ['src/service/**'], rules: only('service imports data and core', '^@/(ui|demo|app)/') },
  { files: ['src/app/**'], rules: only('app imports service, ui and core', '^@/(data|demo)/') },
  { files: ['src/demo/**'], rules: only('the demo is made by services', '^@/(data|ui|app)/') },
]
export default rules
