import { spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { type Browser, chromium } from '@playwright/test'
import config from './playwright.config.ts'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))

/** Serves the build on a port of its own for as long as the work takes, with a browser to look at it. */
export async function served(
  port: number,
  work: (base: string, browser: Browser) => Promise<void>,
): Promise<void> {
  const base = `http://127.0.0.1:${port}`
  const server = spawn('npx', ['tsx', 'server/src/main.ts'], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port) },
    stdio: 'ignore',
    detached: true,
  })
  try {
    for (let tries = 0; ; tries++) {
      const up = await fetch(`${base}/api/health`).then(
        (r) => r.ok,
        () => false,
      )
      if (up) break
      if (server.exitCode !== null || tries > 100) throw new Error('the server did not start')
      await new Promise((resolve) => setTimeout(resolve, 200))
    }
    const browser = await chromium.launch(config.use?.launchOptions)
    try {
      await work(base, browser)
    } finally {
      await browser.close()
    }
  } finally {
    if (server.pid !== undefined) process.kill(-server.pid)
  }
}
