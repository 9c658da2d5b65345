import type { Page } from '@playwright/test'
import { expect, go, inTheStrip, openDemo, ownTest, test, winterRig } from '../open.ts'

/** Looked at ten times a second. */
const OFTEN = { intervals: [100] }

/** The sides on which some cast is good or can be made with care. */
const sides = (page: Page): Promise<string[]> =>
  page
    .locator('[data-fit="good"] [data-cast], [data-fit="care"] [data-cast]')
    .evaluateAll((marks) => [
      ...new Set(marks.map((mark) => mark.getAttribute('data-cast')?.split(' ')[1] ?? '')),
    ])

test('the wind decides the side: turned round, the casts change sides; what is behind decides the head', async ({
  page,
}) => {
  await winterRig(page)
  await go(page, '/cast')
  await expect(page.getByRole('heading', { name: 'At the pool' })).toBeVisible()
  await page.getByText('Set by figures').click()
  const wind = page.getByLabel('Wind', { exact: true })
  await wind.fill('60 m/s')
  await wind.press('Enter')
  await expect(page.getByText(/Enter 0 to 8\d(\.\d)? mph/)).toBeVisible()
  await wind.fill('4 m/s')
  await wind.press('Enter')
  // A right-hander on the right bank, the wind blowing downstream: from the left hand.
  await page.getByLabel('Direction', { exact: true }).selectOption('270')
  await expect(page.locator('[data-fit="good"] [data-cast="double-spey right"]')).toBeVisible()
  await expect.poll(() => sides(page), OFTEN).toEqual(['right'])
  // The best is played step by step.
  const moves = page.getByRole('region', { name: 'Double spey, off the right side' })
  await expect(moves.locator('[data-step="1"]')).toContainText('1 of 6. Lift slowly')
  await page.getByRole('button', { name: 'Next step' }).click()
  await page.getByRole('button', { name: 'Next step' }).click()
  await expect(moves.locator('[data-step="3"]')).toContainText('3 to 5 ft below the rod tip')
  await page.getByRole('button', { name: 'Play slowly' }).click()
  await expect(moves.locator('[data-step="4"]')).toBeVisible()
  await page.getByRole('button', { name: 'Pause' }).click()
  // Turned by keys until it blows from the right hand.
  const dial = page.getByRole('slider', { name: 'Wind direction' })
  await dial.focus()
  for (let i = 0; i < 12; i++) await dial.press('ArrowRight')
  await expect.poll(() => sides(page), OFTEN).toEqual(['left'])
  await expect(page.locator('[data-cast="snap-t left"]')).toBeVisible()
  await page.getByText(/^Ruled out/).click()
  await expect(page.locator('[data-cast="double-spey right"]')).toContainText('Wind from your right')

  const room = page.getByLabel('Room behind me', { exact: true })
  await room.fill('2 m')
  await room.press('Enter')
  await page.locator('[data-cast="snap-t left"]').click()
  await expect(page.locator('[data-cast="snap-t left"]')).toContainText('compact stroke')
  await page.getByLabel('Behind me', { exact: true }).selectOption('power-line')
  await expect(page.getByText(/^No cast is safe here right now/)).toBeVisible()
  await page.getByRole('button', { name: /^Undo: Cast: what is behind/ }).click()
  await expect(page.locator('[data-fit="care"] [data-cast="snap-t left"]')).toBeVisible()
  await expect(page.getByText(/“(One|Two|Three|Four|Five|Six|Seven|Eight) pulls?/)).toBeVisible()
})

test('the station’s gusts, a sore shoulder, a first season; cautions go for the day; which way one faces', async ({
  page,
}) => {
  await winterRig(page)
  await go(page, '/water')
  await page.getByRole('button', { name: 'Kettle Run' }).click()
  await expect(page.getByRole('heading', { level: 1, name: /Kettle Run/ })).toBeVisible()
  await go(page, '/cast')
  await page.getByText('Set by figures').click()
  await page.getByLabel('Wind from', { exact: true }).selectOption('station')
  await expect(
    page.getByText(/Skarn bridge: 9 mph, gusting 11 mph.*judges the sides by the gusts/),
  ).toBeVisible()
  // From the south-west, as one faces it from the left: only the right side is left.
  await expect.poll(() => sides(page), OFTEN).toEqual(['right'])
  await expect(page.locator('[data-light]')).toContainText(/sunrise \d+:\d\d/)
  await expect(page.getByRole('slider', { name: 'Wind direction' })).toHaveCount(0)
  // Pains and cold hands.
  await page.getByLabel('My shoulder').selectOption('sore')
  await expect(page.locator('[data-fit] [data-cast]').first()).toContainText('easy on the shoulder')
  await page.getByText('Mind:').click()
  await expect(page.locator('[data-caution="pain"]')).toBeVisible()
  await page.getByLabel('My hands').selectOption('cold')
  await page.getByLabel('Experience').selectOption('beginner')
  // Why is said of the one that is chosen.
  await page.locator('[data-cast="snake-roll right"]').click()
  await expect(page.locator('[data-cast="snake-roll right"]')).toContainText('a later season')
  await page.getByRole('button', { name: 'Pain: hide for today' }).click()
  await expect(page.locator('[data-caution="pain"]')).toHaveCount(0)
  await page.getByRole('link', { name: 'All cautions' }).click()
  await expect(page.getByRole('heading', { name: /^Pain here, now/ })).toBeVisible()
  await page.getByRole('button', { name: 'Show them again' }).click()
  await expect(page.getByText(/hidden for today/)).toHaveCount(0)
  await go(page, '/cast')
  await expect(page.locator('[data-cautions] summary')).toContainText('pain')
  await page.getByText('About this place').click()
  const faces = page.getByLabel('Facing the water I look towards (°)')
  await faces.fill('elsewhere')
  await faces.press('Enter')
  await expect(page.getByText('“elsewhere” is not a number of degrees.')).toBeVisible()
  await faces.fill('140')
  await faces.press('Enter')
  await expect.poll(() => sides(page), OFTEN).toEqual(['left'])
})

ownTest(
  'on the beach at dusk, on the flood, the time to be gone stands first; the mark and a tide file move it',
  async ({ page }) => {
    await page.clock.setFixedTime(new Date('2026-11-28T14:00:00Z'))
    await openDemo(page)
    await page.getByRole('button', { name: 'Surf at dawn' }).click()
    await page.getByRole('article').first().getByRole('button', { name: 'Make this my rig' }).click()
    await inTheStrip(page)
    await go(page, '/water')
    await page.getByRole('button', { name: /Ossan Strand/ }).click()
    await expect(page.getByRole('heading', { level: 1, name: /Ossan Strand/ })).toBeVisible()
    await go(page, '/cast')
    await expect(page.getByRole('heading', { name: 'On the beach' })).toBeVisible()
    const leave = page.locator('[data-leave]')
    await expect(leave).toHaveText(/Leave by 2:58.PM: the way back is cut off at 3:28.PM/)
    await expect(
      page.getByRole('img', { name: /^The tide: .*dusk \d+:\d\d.[AP]M to \d+:\d\d/ }),
    ).toBeVisible()
    await expect(page.locator('[data-cautions] summary')).toContainText('surf')
    // The first screen has all of it: when to leave, the cast in both its views, the tide, what can be cast.
    for (const part of [
      leave,
      page.getByRole('img', { name: /^From above/ }),
      page.getByRole('img', { name: /^From the side/ }).first(),
      page.getByRole('img', { name: /^The tide/ }),
      page.locator('[data-cast]').nth(2),
    ])
      await expect(part).toBeInViewport({ ratio: 0.98 })
    const mark = page.getByLabel('My tide mark reads now')
    await mark.fill('9 m')
    await mark.press('Enter')
    await expect(page.getByText(/The prediction says .* Enter /)).toBeVisible()
    await mark.fill('1 m')
    await mark.press('Enter')
    await expect(page.getByText(/Your tide mark (raises|lowers) the prediction by/)).toBeVisible()
    await expect(leave).not.toContainText('14:58')
    await page.reload()
    await expect(page.getByText(/Your tide mark (raises|lowers) the prediction by/)).toBeVisible()
    await page.getByText('This beach’s bed and tide').click()
    await page.getByLabel('Tide from').selectOption('file')
    const file = page.getByLabel('Import a tide file (CSV or iCalendar)')
    const csv = (text: string) => ({ name: 'strand.csv', mimeType: 'text/csv', buffer: Buffer.from(text) })
    await file.setInputFiles(csv('03/04/2026,05:12,3.2'))
    await expect(page.getByText(/could be read with the day or the month first/)).toBeVisible()
    await file.setInputFiles(
      csv('2026-11-28T08:00Z,4.1\n2026-11-28T14:10Z,0.1\n2026-11-28T20:20Z,4.2\n2026-11-29T02:30Z,0.5'),
    )
    await expect(page.getByText(/strand\.csv: 4 heights/)).toBeVisible()
    await expect(leave).toHaveText(/Leave by \d+:\d\d/)
    await page.getByRole('button', { name: /^Undo: .*its tide file/ }).click()
    await expect(page.getByText(/strand\.csv: 4 heights/)).toHaveCount(0)
  },
)
