import next from 'eslint-config-next'
import prettier from 'eslint-config-prettier'
import { layers } from './cli/lint/layers.mjs'

const config = [
  { ignores: ['.next/', '.yotrope/', 'node_modules/', 'src/db/migrations/', 'next-env.d.ts'] },
  ...next,
  prettier,
  {
    plugins: { yotrope: { rules: { layers } } },
    rules: {
      'yotrope/layers': 'error',
      'import/no-anonymous-default-export': 'off',
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
    },
  },
  {
    // what starts before anything is installed is checked by no compiler
    files: ['cli/**/*.mjs'],
    languageOptions: {
      globals: Object.fromEntries(
        Object.getOwnPropertyNames(globalThis)
          .concat('document', 'window', 'location')
          .map((name) => [name, 'readonly']),
      ),
    },
    rules: { 'no-undef': 'error', 'no-unused-vars': ['error', { argsIgnorePattern: '^_' }] },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      // words are said in src/words; signs, units and keys are written as they are
      'react/jsx-no-literals': [
        'error',
        {
          ignoreProps: true,
          allowedStrings: [
            ...['.', ',', ':', '·', '×', '–', '−', '+', '%', '=', '→', '(', ')', '⋮'],
            ...['V', 'A', 'Ah', 'kWh', 'V ×', '+ 2 h', 'u', 'b', 'Yotrope'],
          ],
        },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: String.raw`JSXAttribute[name.name=/^(label|title|words|moreWords|placeholder|alt|helperText|aria-label|name)$/] > Literal[value=/^[A-Z][a-z]|[a-z]\s[a-z]/]`,
          message: 'Words are said in src/words.',
        },
        {
          selector: 'JSXExpressionContainer ConditionalExpression > Literal[value=/^[A-Z][a-z]+ /]',
          message: 'Words are said in src/words.',
        },
      ],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: [
                'react',
                'react-dom',
                'next',
                'next/*',
                '@mui/*',
                'drizzle-orm*',
                'mysql2*',
                'node:*',
                'chart.js',
              ],
              message: 'src/core is pure.',
            },
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'fetch',
        'process',
        'localStorage',
        'setTimeout',
        'performance',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        {
          object: 'Math',
          property: 'random',
          message: 'Chance in src/core is seeded: see quantity/random.ts.',
        },
        { object: 'Date', property: 'now', message: 'src/core has no clock.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'NewExpression[callee.name="Date"][arguments.length=0]',
          message: 'src/core has no clock.',
        },
      ],
    },
  },
]

export default config
