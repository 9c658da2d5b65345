/** Makes docs/screenshots from the demo data: one picture of each main view. Build first. */
import { type ChildProcess, spawn } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { type Browser, chromium, type Page } from '@playwright/test'
import config from './playwright.config.ts'

const PORT = '4392'
const BASE = `http://127.0.0.1:${PORT}`
const ROOT = fileURLToPath(new URL('..', import.meta.url))

async function started(server: ChildProcess): Promise<void> {
  for (let i = 0; i < 100; i++) {
    if (server.exitCode !== null) throw new Error('the server did not start')
    const up = await fetch(`${BASE}/api/health`).then(
      (r) => r.ok,
      () => false,
    )
    if (up) return
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  throw new Error('the server did not answer')
}

async function demoPage(
  browser: Browser,
  width: number,
  height: number,
  face: 'light' | 'dark' = 'light',
): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width, height },
    colorScheme: face,
    reducedMotion: 'reduce',
  })
  const page = await context.newPage()
  await page.goto(`${BASE}/?demo`)
  await page.getByRole('article').first().waitFor()
  await page.getByRole('button', { name: 'Winter run' }).click()
  await page.waitForTimeout(600)
  await page.getByRole('article').nth(1).getByRole('button', { name: 'Make this my rig' }).click()
  await page.waitForURL(/\/rig$/)
  // Notices go by themselves; a picture should not catch one.
  await page.waitForTimeout(5500)
  return page
}

async function shoot(page: Page, path: string, name: string): Promise<void> {
  await page.goto(`${BASE}${path}`)
  await page.getByRole('heading').first().waitFor()
  await page.waitForTimeout(700)
  await page.screenshot({ path: `${ROOT}docs/screenshots/${name}.png` })
}

const server = spawn('npx', ['tsx', 'server/src/main.ts'], {
  cwd: ROOT,
  env: { ...process.env, PORT },
  stdio: 'ignore',
})
try {
  await started(server)
  const browser = await chromium.launch(config.use?.launchOptions)
  const desk = await demoPage(browser, 1280, 800)
  await shoot(desk, '/match', 'match')
  await shoot(desk, '/rig?part=tipId', 'rig-ledger')
  await shoot(desk, '/rig?view=mass', 'rig-mass')
  await shoot(desk, '/rig?view=turnover', 'rig-turnover')
  await shoot(desk, '/rig?view=leader', 'leader-builder')
  await shoot(desk, '/rig?view=list', 'rigging-list')
  await shoot(desk, '/reel', 'reel')
  await shoot(desk, '/gear?kind=head&sort=mass', 'gear')
  await shoot(desk, '/gear/item/450-gr-scandi', 'gear-item')
  await shoot(desk, '/tables', 'tables')
  await shoot(desk, '/settings', 'settings')
  await shoot(await demoPage(browser, 1280, 800, 'dark'), '/match', 'match-dusk')
  await shoot(await demoPage(browser, 390, 844), '/rig', 'phone-ledger')
  await browser.close()
} finally {
  server.kill()
}
