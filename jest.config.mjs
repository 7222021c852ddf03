const shared = {
  // looked up through the sandbox otherwise, which makes the computation several times slower
  sandboxInjectedGlobals: ['Math', 'Number', 'Object', 'Array', 'Map', 'Set', 'Float64Array', 'Infinity'],
  transform: {
    // some packages are written in modules alone
    '(?:\\.tsx?|/(?:@tanstack|@formatjs|icu-minify)/.+\\.js)$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true },
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(?:@tanstack|@formatjs|icu-minify)/)'],
  moduleNameMapper: {
    '\\.css$': '<rootDir>/tests/support/styles.cjs',
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/tests/support/styles.cjs',
  },
}

export default {
  watchman: false,
  // every core: nothing else is to be done meanwhile
  maxWorkers: '100%',
  // long enough for a busy machine: nothing here measures time
  testTimeout: 60_000,
  projects: [
    {
      ...shared,
      displayName: 'unit',
      roots: ['<rootDir>/src', '<rootDir>/tests'],
      testMatch: ['**/src/**/*.test.ts', '**/tests/{published,cli}/**/*.test.ts'],
      testEnvironment: 'node',
    },
    {
      ...shared,
      displayName: 'component',
      setupFiles: ['<rootDir>/tests/support/jsdomSetup.cjs'],
      roots: ['<rootDir>/src'],
      testMatch: ['**/src/**/*.test.tsx'],
      testEnvironment: 'jsdom',
    },
    {
      ...shared,
      displayName: 'soak',
      roots: ['<rootDir>/tests'],
      testMatch: ['**/tests/soak/**/*.test.ts'],
      testEnvironment: 'node',
    },
    {
      ...shared,
      displayName: 'database',
      roots: ['<rootDir>/tests'],
      testMatch: ['**/tests/database/**/*.test.ts'],
      testEnvironment: 'node',
    },
  ],
}
