/** Every view: whole on a narrow screen, at peace with the network, and helpful when it is empty. Axe: `frame.spec.ts`. */
import { expect, test, type Page } from '@playwright/test'

const VIEWS = [
  '/',
  '/papers/demo-carewick/gather?source=demo-okonjo-2021',
  '/papers/demo-carewick/write',
  '/papers/demo-carewick/list',
  '/papers/demo-carewick/check',
  '/papers/demo-carewick/hand-in',
]
async function settle(page: Page, path: string) {
  await page.goto(path)
  await expect(page.getByRole('heading').first()).toBeAttached()
  if (path.endsWith('/write')) await expect(page.locator('.citation').first()).toBeVisible()
}

for (const path of VIEWS) {
  test(`${path} fits 400 px`, async ({ page }) => {
    await page.setViewportSize({ width: 400, height: 800 })
    await settle(page, path)
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
  })
}

test('nothing is asked of any other machine, and nothing goes wrong on the way', async ({ page }) => {
  const foreign: string[] = []
  const wrong: string[] = []
  page.on('request', (request) => { if (!/^(?:http:\/\/127\.0\.0\.1:4397|data:|blob:)/u.test(request.url())) foreign.push(request.url()) })
  page.on('pageerror', error => wrong.push(error.message))
  page.on('console', (message) => { if (message.type() === 'error' || /hydration/iu.test(message.text())) wrong.push(message.text()) })
  for (const path of VIEWS) await settle(page, path)
  expect(foreign).toEqual([])
  expect(wrong).toEqual([])
})

test('empty paper: each stop teaches the next step', async ({ page, request }) => {
  const { id } = await (await request.post('/api/papers', { data: { title: 'An empty paper' } })).json() as { id: string }
  await page.goto(`/papers/${id}/gather`)
  await expect(page.getByText('Nothing gathered yet.')).toBeVisible()
  await page.goto(`/papers/${id}/write`)
  await expect(page.getByText('Citations stand here')).toBeVisible()
  await page.goto(`/papers/${id}/list`)
  await expect(page.getByText('No entries yet.')).toBeVisible()
})
