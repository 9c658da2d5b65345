import { existsSync } from 'node:fs'
import { defineConfig } from '@playwright/test'

const PORT = 4391
/** Without a window Chromium takes a third less time. */
const HEADLESS = '/usr/bin/chromium-headless-shell'

/** A machine that is slow and shares its cores takes its time; what hangs is found by the watchdog of the workers. */
const SLOWEST_MS = 120_000

export default defineConfig({
  testDir: 'tests',
  fullyParallel: true,
  // A page waits for the disk and the server; its own workers take the rest.
  workers: 2,
  retries: 0,
  timeout: 5 * SLOWEST_MS,
  expect: { timeout: SLOWEST_MS },
  reporter: [['list']],
  outputDir: '../test-results',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    // What moves is moved by the tests that look at it.
    contextOptions: { reducedMotion: 'reduce' },
    // Kept whole on the device only where that is looked at: filling the store of every fresh browser takes seconds.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: existsSync(HEADLESS) ? HEADLESS : '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'npx tsx server.ts',
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}/api/health`,
    reuseExistingServer: false,
    timeout: SLOWEST_MS,
  },
})
