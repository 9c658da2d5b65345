import type { Page } from '@playwright/test'
import { DEMO_ITEMS, expect, openDemo, test } from '../open.ts'

const notes = (page: Page) => page.getByRole('textbox', { name: 'Notes' })

test('a form that is left keeps what was typed, and says so; another tab that types there is told of', async ({
  page,
  context,
}) => {
  await openDemo(page, '/gear/item/510-gr-short-skagit')
  await notes(page).fill('Lands hard with T-8')
  await page.getByRole('link', { name: 'Gear', exact: true }).first().click()
  await page.goto('/gear/item/510-gr-short-skagit')
  await expect(page.getByText('Restored what you typed but didn’t save.')).toBeVisible()
  await expect(notes(page)).toHaveValue('Lands hard with T-8')

  const other = await context.newPage()
  await other.goto('/gear/item/510-gr-short-skagit')
  await expect(other.getByText('Another tab is editing this too: “Lands hard with T-8”')).toBeVisible()
  await expect(other.getByText('Restored what you typed')).toBeHidden()
  await notes(other).fill('Mine is the better note')
  await expect(page.getByText('Another tab is editing this too: “Mine is the better note”')).toBeVisible()
  await other.getByRole('button', { name: 'Save' }).click()
  await expect(other.getByText('saved').first()).toBeVisible()
  await expect(page.getByText('Another tab is editing this too')).toBeHidden()

  await page.getByRole('button', { name: 'Discard' }).click()
  await expect(notes(page)).toHaveValue('Mine is the better note')
  await other.close()
})

test('undo belongs to the tab that did it, and lets be what another has changed since', async ({
  page,
  context,
}) => {
  await openDemo(page)
  await page.getByRole('article').first().getByRole('button', { name: 'Make this my rig' }).click()
  await expect(page.getByText('It’s your rig now')).toBeVisible()
  const other = await context.newPage()
  await other.goto('/gear/item/t-11-10-ft')
  await expect(other.getByRole('button', { name: 'Nothing to undo' })).toBeDisabled()
  await page.goto('/gear/item/t-11-10-ft')
  for (const [tab, text] of [
    [page, 'first'],
    [other, 'second'],
  ] as const) {
    await notes(tab).fill(text)
    if (tab === other) {
      // The same field was saved elsewhere since it was opened here: nothing is overwritten in silence.
      await expect(
        tab.getByText('Saved in another tab meanwhile: “first”; typed here: “second”.'),
      ).toBeVisible()
      await tab.getByRole('button', { name: 'Use mine' }).click()
    }
    await tab.getByRole('button', { name: 'Save' }).click()
    await expect(tab.getByText('T-11, 10 ft saved')).toBeVisible()
  }
  await page.getByRole('button', { name: 'Undo: Change T-11, 10 ft' }).click()
  await expect(page.getByText('can’t be undone')).toBeVisible()
  await page.goto('/gear/item/t-11-10-ft')
  await expect(notes(page)).toHaveValue('second')
  await expect(page.getByRole('button', { name: 'Undo: Make this my rig' })).toBeEnabled()
  await other.close()
})

test('a note in a swing is there after a reload; Back closes the sheet and stays on the page', async ({
  page,
}) => {
  await openDemo(page, '/journal?view=season')
  const swing = page
    .getByRole('region', { name: /latest first/ })
    .getByRole('button')
    .first()
  await swing.click()
  await notes(page).fill('grey fish, took on the dangle')
  await expect(page).toHaveURL(/entry=/)
  await page.reload()
  await expect(notes(page)).toHaveValue('grey fish, took on the dangle')
  await page.goBack()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page).toHaveURL(/#\/journal\?view=season$/)
  await swing.click()
  await expect(notes(page)).toHaveValue('grey fish, took on the dangle')
  // A sheet without an address of its own is closed by Back too.
  await page.goto('/#/settings')
  await page.getByRole('button', { name: 'Delete all gear' }).click()
  await page.goBack()
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await expect(page).toHaveURL(/#\/settings$/)
})

test('a double click, a held Enter, add once', async ({ page }) => {
  await openDemo(page, '/gear?add')
  const line = page.getByLabel('Add in one line')
  await line.fill('skagit 525 gr 23 ft')
  for (let i = 0; i < 5; i++) await line.press('Enter', { delay: 0 })
  await page.getByRole('button', { name: 'Add', exact: true }).dblclick()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText(String(DEMO_ITEMS + 1))
  await page
    .getByRole('button', { name: /^Duplicate/ })
    .first()
    .dblclick()
  await expect(page.getByRole('button', { name: /^All/ })).toContainText(String(DEMO_ITEMS + 2))
  await page.waitForTimeout(800)
  await expect(page.getByRole('button', { name: /^All/ })).toContainText(String(DEMO_ITEMS + 2))
})
