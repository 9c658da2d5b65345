import { test as base, expect, type Page } from '@playwright/test'

/** A page that fails its test when it asks another host for anything, or when the console shows an error. */
export const test = base.extend<{ page: Page }>({
  page: async ({ page, baseURL }, use) => {
    const strangers: string[] = []
    const errors: string[] = []
    page.on('request', (request) => {
      const url = request.url()
      const own = url.startsWith(baseURL ?? '') || url.startsWith('blob:') || url.startsWith('data:')
      if (!own) strangers.push(url)
    })
    page.on('pageerror', (error) => errors.push(error.message))
    page.on('console', (message) => {
      if (message.type() === 'error') errors.push(message.text())
    })
    await use(page)
    expect(strangers).toEqual([])
    expect(errors).toEqual([])
  },
})

export { expect }

/** The demo angler's gear, and Match with it. */
export async function openDemo(page: Page): Promise<void> {
  await page.goto('/?demo')
  await expect(page.getByRole('heading', { name: /rigs? holds?/ })).toBeVisible()
}

/** A winter day with the 13 ft seven; its first rig in the strip. */
export async function winterRig(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Which rod/ }).click()
  await page.getByRole('button', { name: 'Long seven, 13 ft' }).click()
  await page.getByRole('button', { name: 'Winter run' }).click()
  const first = page.getByRole('article').first()
  await expect(first).toContainText('Skagit')
  await expect(first).toContainText('Holds')
  await first.getByRole('button', { name: 'Make this my rig' }).click()
  await expect(page).toHaveURL(/\/rig$/)
}
