import { writeFileSync } from 'node:fs'
import { gaugeReply, weatherReply } from './open.ts'
import { served } from './served.ts'

await served(4394, async (base, browser) => {
  const c = await browser.newContext({
    viewport: { width: 390, height: 844 },
    reducedMotion: 'reduce',
    hasTouch: true,
    serviceWorkers: 'block',
  })
  const p = await c.newPage()
  p.on('console', (m) => m.type() === 'error' && console.log('console', m.text()))
  p.on('pageerror', (e) => console.log('pageerror', e.message))
  await p.route('**/api/gauge/*', (route) => route.fulfill({ json: gaugeReply(30, 1) }))
  await p.route('**/api/weather/*', (route) => route.fulfill({ json: weatherReply(270, 5, 6.5) }))
  await p.goto(`${base}/?demo`)
  await p.getByRole('button', { name: /^Undo: Open the demo/ }).waitFor()
  await p.getByRole('button', { name: 'Winter run' }).click()
  await p.waitForTimeout(600)
  await p.goto(
    `${base}/match/rig/long-seven-13-ft~510-gr-short-skagit~t-8-5-ft~level-4-ft~coated-30-lb~full-frame-eleven`,
  )
  await p.getByRole('button', { name: 'Make this my rig' }).click()
  await p.waitForTimeout(3000)
  await p.goto(`${base}/water`)
  await p.getByRole('button', { name: 'Kettle Run' }).click()
  await p.waitForTimeout(1500)
  await p.goto(`${base}/pocket`)
  await p.locator('[data-tips=done]').waitFor({ timeout: 30000 })
  await p.getByRole('button', { name: 'touched' }).click()
  await p.waitForTimeout(1500)
  await p.screenshot({ path: '/tmp/pocket.png' })
  await p.setViewportSize({ width: 1280, height: 800 })
  await p.goto(`${base}/journal?view=season`)
  await p.waitForTimeout(2500)
  await p.screenshot({ path: '/tmp/season.png', fullPage: true })
  await p.goto(`${base}/water`)
  await p.locator('[data-fan=done]').waitFor({ timeout: 30000 })
  await p.waitForTimeout(500)
  await p.screenshot({ path: '/tmp/fan.png', fullPage: true })
  for (const [path, name] of [
    ['/rig/card', 'card'],
    ['/water/card', 'pool'],
    ['/gear/labels', 'labels'],
    ['/journal/trial-sheet?rod=long-seven-13-ft&style=skagit', 'trial'],
  ]) {
    await p.goto(`${base}${path}`)
    await p.waitForTimeout(name === 'pool' ? 9000 : 1500)
    writeFileSync(`/tmp/${name}.pdf`, await p.pdf({ format: 'A4', preferCSSPageSize: false }))
  }
})
