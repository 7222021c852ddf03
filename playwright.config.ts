import { defineConfig } from '@playwright/test'

/** Chromium from Debian's packages, kept from looking anything up. */
export const chromiumOptions = {
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-background-networking',
    '--disable-quic',
    '--no-first-run',
    '--disable-component-update',
    '--disable-sync',
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
  ],
}

const PORT = Number(process.env.YOTROPE_TEST_PORT ?? 3399)

export default defineConfig({
  testDir: 'tests/browser',
  outputDir: '.yotrope/test-results',
  // the longest field tests: npm run soak
  grepInvert: process.env.SOAK ? undefined : /@soak/,
  fullyParallel: true,
  workers: 2,
  // long enough for a busy machine: nothing here measures time
  timeout: 120_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: chromiumOptions,
    trace: 'off',
  },
  projects: [
    { name: 'pages', testIgnore: 'databaseKilled.spec.ts' },
    // kills the database under everyone, so it comes when the others are done
    { name: 'last', testMatch: 'databaseKilled.spec.ts', dependencies: ['pages'] },
  ],
  webServer: {
    command: 'node cli/testServer.mjs',
    url: `http://127.0.0.1:${PORT}/api/ready`,
    env: { PORT: String(PORT) },
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 20_000 },
    timeout: 90_000,
  },
})
