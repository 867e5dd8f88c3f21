/** The list: why each entry stands where it stands, where it is cited, corrected in place, copied as it prints. */
import { expect, test, type Page } from '@playwright/test'
import { newPaper, saved, sheet } from './paper'

const LIST = '/papers/demo-carewick/list'
const clipboard = (page: Page, type: string) => page.evaluate(async (wanted) => {
  const [item] = await navigator.clipboard.read()
  return (await item!.getType(wanted)).text()
}, type)

test('one goes from an entry to where it is cited, and its card is open there', async ({ page }) => {
  await page.goto(LIST)
  const row = page.getByRole('listitem').filter({ hasText: 'Tremayne, L.' })
  const all = row.getByRole('link')
  await row.getByRole('button', { name: /^and \d+ more$/u }).click()
  expect(await all.count()).toBeGreaterThan(3)
  await all.nth(1).click()
  await expect(page).toHaveURL(/write\?cited=/u)
  await expect(sheet(page).locator('.citation.selected')).toContainText('Tremayne')
  await expect(page.getByPlaceholder(/104-6/u)).toBeVisible()
})

test('a list by itself: all sources listed, one corrected in place, copied as it prints', async ({ page, request }) => {
  const { id } = await newPaper(request, 'A bibliography')
  await page.goto(`/papers/${id}/list`)
  await page.getByRole('button', { name: 'List all 3 sources' }).click()
  const entries = page.getByTestId('entry')
  await expect(entries).toHaveText([/^Okonjo/u, /^Tremayne/u, /^Vasquez/u])
  // A detail corrected under its entry changes the list at once; the entry moves when it is folded, not under the hand.
  await entries.nth(1).click()
  const author = page.getByLabel('Author', { exact: true })
  await author.fill('Zennor, Loveday')
  await expect(entries.nth(1)).toHaveText(/^Zennor, L\. \(2018\)/u)
  await expect(page.getByText('it goes there when this is folded')).toBeVisible()
  await page.getByRole('button', { name: 'Fold' }).click()
  await expect(entries).toHaveText([/^Okonjo/u, /^Vasquez/u, /^Zennor/u])
  await saved(page)

  await page.getByRole('button', { name: 'Copy the list' }).click()
  await expect(page.getByText('The list is on the clipboard')).toBeVisible()
  const html = await clipboard(page, 'text/html')
  expect(html).toContain('References')
  expect(html.match(/text-indent: ?-36pt/gu)).toHaveLength(3)
  expect(html.match(/line-height: ?200%/gu)!.length).toBeGreaterThanOrEqual(4)
  expect(html).toMatch(/font-family: ?(?:'|&quot;|")Times New Roman/u)
  expect((await clipboard(page, 'text/plain')).split('\n')[0]).toBe('References')
  // One of them, by the keys.
  await page.getByRole('checkbox', { name: /^Choose Vasquez/u }).focus()
  await page.keyboard.press('Space')
  await page.getByRole('toolbar', { name: 'The entries chosen' }).getByRole('button', { name: 'Copy it' }).click()
  await expect(page.getByText('1 reference is on the clipboard')).toBeVisible()
  expect(await clipboard(page, 'text/plain')).toMatch(/^Vasquez, L\. M\., & Thorne, G\. \(2019\)/u)
})
