import type { Page } from '@playwright/test'
import { expect, go, openDemo, test } from '../open.ts'

const round = (page: Page) => page.locator('[data-round]')
const shown = (page: Page) => page.locator('[data-round][data-shown="true"]')

test('ten questions by keyboard, each kept; what was wrong is counted, and comes again; all is forgotten when told', async ({
  page,
}) => {
  await openDemo(page, '/practise')
  await page.getByRole('button', { name: 'Ten questions' }).click()
  const kinds = new Set<string | null>()
  for (let i = 1; i <= 10; i++) {
    await expect(page.getByText(`${i} of 10`, { exact: true })).toBeVisible()
    kinds.add(await round(page).getAttribute('data-round'))
    await page.keyboard.press(i % 2 === 0 ? '1' : '2')
    if (i === 3) await page.keyboard.press('u')
    else await page.keyboard.press('Enter')
    await expect(shown(page)).toBeVisible()
    await expect(page.getByText(/^(Right\.|Not this one\.)/).first()).toBeVisible()
    await page.keyboard.press('Enter')
  }
  // Every kind there is was among them.
  expect(kinds.size).toBe(7)
  await expect(page.getByRole('heading', { level: 1, name: /^\d+ of 10 right$/ })).toBeVisible()
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(page.locator('[data-kind="head"]')).toContainText(/\d of \d right/)
  await page.getByRole('button', { name: 'Forget my answers' }).click()
  await expect(page.locator('[data-kind="head"]')).toContainText('not tried yet')
  await page.getByRole('button', { name: 'Undo: Forget the rounds practised' }).click()
  await expect(page.locator('[data-kind="head"]')).toContainText(/\d of \d right/)
})

test('a swing is guessed in its picture and drawn over the guess; sent, the round opens where nothing of it is, and the same', async ({
  page,
  context,
}) => {
  await openDemo(page, '/practise')
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await page.getByRole('button', { name: 'Ask me: How deep?' }).click()
  await expect(round(page)).toHaveAttribute('data-round', 'deep')
  const question = await page.getByRole('heading', { level: 1 }).textContent()
  // The marker is held and moved, by keys and by hand.
  const marker = page.getByRole('slider', { name: 'How deep the fly rides' })
  await marker.press('ArrowUp')
  await expect(page.getByRole('button', { pressed: true })).toHaveCount(1)
  const box = await marker.boundingBox()
  await page.mouse.move((box?.x ?? 0) + 22, (box?.y ?? 0) + 22)
  await page.mouse.down()
  await page.mouse.move((box?.x ?? 0) + 22, (box?.y ?? 0) - 200, { steps: 4 })
  await page.mouse.up()
  await expect(page.getByRole('list', { name: 'Answers' }).getByRole('button').first()).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await page.getByRole('button', { name: 'Not sure' }).click()
  await expect(page.locator('[data-way="right"]')).toBeVisible()
  await expect(shown(page)).toContainText('in four pools of five like it')
  await page.getByRole('button', { name: 'Send this round' }).click()
  await expect(page.getByText(/^Link copied/)).toBeVisible()
  const link = await page.evaluate(() => navigator.clipboard.readText())
  // Another device: nothing is kept there.
  const elsewhere = await context.browser()?.newContext()
  const other = await elsewhere?.newPage()
  await other?.goto(link)
  if (other === undefined) throw new Error('no other browser')
  await expect(other.getByRole('heading', { level: 1 })).toHaveText(question ?? '')
  await other.goto(link.slice(0, -12))
  await expect(other.getByText('The link is incomplete or was altered on the way.')).toBeVisible()
  await elsewhere?.close()
})

test('a cast off the wrong side is drawn as what it does; a first season is read on from step to step, on a phone', async ({
  page,
}) => {
  await openDemo(page, '/practise')
  await page.setViewportSize({ width: 390, height: 844 })
  await page.getByRole('button', { name: 'Ask me: Which cast?' }).click()
  // Until one is asked whose wrong side lies to the wind.
  for (let i = 0; i < 10; i++) {
    const wrong = page.getByRole('list', { name: 'Answers' }).getByRole('button').last()
    await wrong.click()
    await page.getByRole('button', { name: 'I’m sure' }).click()
    await expect(page.locator('[data-made="right"]')).toBeVisible()
    // The picture is in view with its answer, and the way on.
    await expect(page.locator('[data-made="right"]')).toBeInViewport()
    if (i < 9) await page.getByRole('button', { name: 'Next' }).click()
  }
  await go(page, '/practise?step=window')
  await expect(page.getByRole('heading', { level: 1, name: 'A rod, a head, a window' })).toBeVisible()
  await page.getByRole('link', { name: /^Read on: Anchors/ }).click()
  await page.getByRole('button', { name: 'Five questions' }).click()
  await expect(round(page)).toHaveAttribute('data-round', 'cast')
  await expect(page.getByText('1 of 5', { exact: true })).toBeVisible()
})
