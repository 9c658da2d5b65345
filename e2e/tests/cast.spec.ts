import type { Page } from '@playwright/test'
import { expect, inTheStrip, openDemo, test, winterRig } from '../open.ts'

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
  await page.goto('/cast')
  await expect(page.getByRole('heading', { name: 'At the pool' })).toBeVisible()
  const wind = page.getByLabel('Wind', { exact: true })
  await wind.fill('60 m/s')
  await wind.press('Enter')
  await expect(page.getByText(/0 – 8\d mph, please|0.*89 mph, please/)).toBeVisible()
  await wind.fill('4 m/s')
  await wind.press('Enter')
  // A right-hander on the right bank, the wind blowing downstream: from the left hand.
  await page.getByLabel('Wind from', { exact: true }).and(page.locator('select')).selectOption('270')
  await expect(page.locator('[data-fit="good"] [data-cast="double-spey right"]')).toBeVisible()
  await expect.poll(() => sides(page)).toEqual(['right'])
  // The best is played step by step.
  const moves = page.getByRole('region', { name: 'Double spey, off the right side' })
  await expect(moves.locator('[data-step="1"]')).toContainText('1 of 6. Lift slowly')
  await moves.getByRole('button', { name: 'Next step' }).click()
  await moves.getByRole('button', { name: 'Next step' }).click()
  await expect(moves.locator('[data-step="3"]')).toContainText('3 – 5 ft below the tip')
  await moves.getByRole('button', { name: 'Play slowly' }).click()
  await expect(moves.locator('[data-step="4"]')).toBeVisible()
  await moves.getByRole('button', { name: 'Hold' }).click()
  // Turned by keys until it blows from the right hand.
  const dial = page.getByRole('slider', { name: 'Wind from' })
  await dial.focus()
  for (let i = 0; i < 12; i++) await dial.press('ArrowRight')
  await expect.poll(() => sides(page)).toEqual(['left'])
  await expect(page.locator('[data-cast="snap-t left"]')).toBeVisible()
  await page.getByText(/^Not here, not now/).click()
  await expect(page.locator('[data-cast="double-spey right"]')).toContainText('The wind comes from the right')

  const room = page.getByLabel('Room behind me')
  await room.fill('2 m')
  await room.press('Enter')
  await expect(page.locator('[data-cast="snap-t left"]')).toContainText('compact stroke')
  await page.getByLabel('Behind me', { exact: true }).selectOption('power-line')
  await expect(page.getByText('No cast is simply good here')).toBeVisible()
  await page.getByRole('button', { name: /^Undo: Cast: what is behind/ }).click()
  await expect(page.locator('[data-fit="care"] [data-cast="snap-t left"]')).toBeVisible()
  await expect(page.getByText(/“(One|Two|Three|Four|Five|Six|Seven|Eight) pulls?/)).toBeVisible()
})

test('on the beach the time to be gone stands first; a mark that reads higher brings it nearer', async ({
  page,
}) => {
  await openDemo(page)
  await page.getByRole('button', { name: 'Surf at dawn' }).click()
  await page.getByRole('article').first().getByRole('button', { name: 'Make this my rig' }).click()
  await inTheStrip(page)
  await page.goto('/water')
  await page.getByRole('button', { name: /Ossan Strand/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: /Ossan Strand/ })).toBeVisible()
  await page.goto('/cast')
  await expect(page.getByRole('heading', { name: 'On the beach' })).toBeVisible()
  const leave = page.locator('[data-leave]')
  await expect(leave).toContainText(/Leave by \d\d:\d\d|cut off, until about \d\d:\d\d/)
  await expect(page.getByRole('img', { name: /^The tide: (high|low) water \d\d:\d\d/ })).toBeVisible()
  const mark = page.getByLabel('Mark reads above the prediction')
  await mark.fill('9 m')
  await mark.press('Enter')
  await expect(page.getByText(/From .* to 6\.6 ft, please/)).toBeVisible()
  await mark.fill('2 m')
  await mark.press('Enter')
  await expect(leave).toContainText('No dry way back')
  await expect(page.getByText(/The prediction is shifted by 6\.6 ft/)).toBeVisible()
})
