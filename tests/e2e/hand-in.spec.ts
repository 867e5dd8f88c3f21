/** Handing in: details placed by the style, pages as they print, every way out; a paper taken away whole and brought back. */
import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { strFromU8, unzipSync } from 'fflate'
import { getDocumentProxy } from 'unpdf'
import { chips, cite, newPaper, saved, sheet, style } from './paper'

const pages = (page: Page) => page.getByRole('region', { name: 'The pages as they print' })
/** The lines of one page as the screen has them. */
const lines = (page: Page, label: string) =>
  pages(page).getByRole('group', { name: `Page ${label}`, exact: true }).locator('g').evaluateAll(all => all.map(one => [...one.querySelectorAll('text')].map(text => text.textContent).join('').trim()))
async function take(page: Page, name: string) {
  const coming = page.waitForEvent('download')
  await page.getByRole('button', { name, exact: true }).click()
  const file = await coming
  return { name: file.suggestedFilename(), bytes: new Uint8Array(readFileSync(await file.path())) }
}
const DETAILS = [['Your name', 'Ada Moss'], ['Instructor', 'Dr. Hume'], ['Course', 'GEO 1'], ['Institution', 'Northmere'], ['Date', '2026-03-04']] as const

test('details once, placed as each style has them; the same lines on the screen and in the PDF', async ({ page, request }) => {
  const { id } = await newPaper(request, 'On *Mud*')
  await page.goto(`/papers/${id}/write`)
  await sheet(page).click()
  await page.keyboard.type('It silts. ')
  await saved(page)
  await page.getByRole('link', { name: /Hand in$/u }).click()
  // What is missing stands named on its page.
  await expect(pages(page).locator('g.missing')).toHaveCount(5)
  for (const [label, said] of DETAILS) await page.getByLabel(label).fill(said)
  await expect(pages(page).locator('g.missing')).toHaveCount(0)
  await expect.poll(() => lines(page, '1')).toEqual(['1', 'On Mud', 'Ada Moss', 'Northmere', 'GEO 1', 'Dr. Hume', 'March 4, 2026'])
  expect(await lines(page, '2')).toEqual(['2', 'On Mud', 'It silts.'])

  await style(page, 'MLA 9th edition')
  await expect.poll(() => lines(page, '1')).toEqual(['Moss 1', 'Ada Moss', 'Dr. Hume', 'GEO 1', '4 March 2026', 'On Mud', 'It silts.'])
  await saved(page)
  const { name, bytes } = await take(page, 'Finished pages')
  expect(name).toMatch(/^On Mud \d{4}-\d{2}-\d{2}\.pdf$/u)
  const pdf = await getDocumentProxy(bytes)
  const { items } = await (await pdf.getPage(1)).getTextContent()
  expect(items.flatMap(item => ('str' in item && item.str.trim() ? [item.str.trim()] : [])).join(' ')).toBe('Ada Moss Dr. Hume GEO 1 4 March 2026 On Mud It silts. Moss 1')

  await style(page, 'Chicago notes 18th edition')
  await expect.poll(() => lines(page, '2')).toEqual(['2', 'It silts.'])
  // A choice that the style leaves open.
  await page.getByLabel('Paper', { exact: true }).selectOption('a4')
  await page.getByLabel('A title page').selectOption('no')
  await expect.poll(() => lines(page, '1')).toEqual(['Ada Moss', 'Dr. Hume', 'GEO 1', 'March 4, 2026', 'On Mud', 'It silts.'])
  await saved(page)
  await page.reload()
  await expect(page.getByLabel('A title page')).toHaveValue('no')
})

test('one goes from a line of a page to its place, and from page to page', async ({ page }) => {
  await page.goto('/papers/demo-carewick/hand-in')
  await expect(pages(page).locator('svg').first()).toBeVisible()
  await page.getByLabel('Go to page').fill('4')
  await page.keyboard.press('Enter')
  await expect(pages(page).getByRole('group', { name: 'Page 4', exact: true })).toBeInViewport()
  await expect(page.getByRole('button', { name: 'To page 4' })).toHaveAttribute('aria-current', 'page')
  await pages(page).locator('text', { hasText: 'The cure is old and nearly free' }).click()
  await expect(page).toHaveURL(/write\?block=\d+/u)
  await expect(sheet(page).getByText('The cure is old and nearly free')).toBeInViewport()
  // And back: at the page of the place where one was.
  await sheet(page).getByText('The cure is old and nearly free').click()
  await page.getByRole('link', { name: /Hand in$/u }).click()
  await expect(pages(page).locator('g.here', { hasText: 'The cure is old and nearly free' })).toBeInViewport()
  await pages(page).evaluate(area => area.scrollTo({ top: 0 }))
  await pages(page).locator('g', { hasText: 'Tamsin Vale' }).first().click()
  await expect(page.getByLabel('Your name')).toBeFocused()
})

test('what changed since the last look is marked where one wishes it', async ({ page, request }) => {
  const { id } = await newPaper(request, 'Seen')
  await page.goto(`/papers/${id}/write`)
  await sheet(page).click()
  await page.keyboard.type('It silts.')
  await page.keyboard.press('Enter')
  await page.keyboard.type('So it does.')
  await saved(page)
  await page.getByRole('link', { name: /Hand in$/u }).click()
  await expect(pages(page).getByText('So it does.')).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /^What changed/u })).toHaveCount(0)
  await page.getByRole('link', { name: /Write$/u }).click()
  await sheet(page).getByText('So it does.').click()
  await page.keyboard.press('End')
  await page.keyboard.type(' Always.')
  await saved(page)
  await page.getByRole('link', { name: /Hand in$/u }).click()
  await page.getByRole('checkbox', { name: /^What changed/u }).check()
  await expect(pages(page).locator('g.changed')).toHaveText(['So it does. Always.'])
})

test('the paper on the clipboard, as its pages have it', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  await page.goto('/papers/demo-carewick/hand-in')
  await page.getByRole('button', { name: 'the paper', exact: true }).click()
  await expect(page.getByText('The paper is on the clipboard')).toBeVisible()
  const [html, text] = await page.evaluate(async () => {
    const [item] = await navigator.clipboard.read()
    return Promise.all(['text/html', 'text/plain'].map(async type => (await item!.getType(type)).text()))
  })
  expect(html).toMatch(/text-indent: ?36pt[^>]*>For four hundred years/u)
  expect(html).toMatch(/text-indent: ?-36pt/u)
  expect(text).toContain('\n    For four hundred years')
})

test('a document comes back with the citations that it went out with; a paper is begun as what it will be', async ({ page, request }) => {
  const { id } = await newPaper(request, 'Out and in')
  await page.goto(`/papers/${id}/write`)
  await sheet(page).click()
  await page.keyboard.type('It silts ')
  await cite(page, 'okonjo', '104')
  await page.keyboard.type('.')
  await page.keyboard.press('Enter')
  await page.getByLabel('What this paragraph is').selectOption('Appendix')
  await page.keyboard.type('What was asked')
  await expect(sheet(page).locator('h1')).toHaveAttribute('data-label', 'Appendix\n')
  await saved(page)
  await page.getByRole('link', { name: /Hand in$/u }).click()
  await page.getByLabel('Citations in .docx').selectOption('yes')
  await expect.poll(() => lines(page, '4')).toEqual(['4', 'Appendix', 'What was asked'])
  await saved(page)
  const { bytes } = await take(page, 'Word-processor document')

  await page.goto('/')
  await page.getByLabel('Title of a new paper').fill('In again')
  await page.locator('select[name=sort]').selectOption('an annotated bibliography')
  await page.getByRole('button', { name: 'Begin' }).click()
  await page.getByRole('link', { name: /Hand in$/u }).click()
  await expect(page.getByLabel('Handed in as')).toHaveValue('annotated')
  await page.getByRole('link', { name: /Write$/u }).click()
  await page.locator('input[type=file][accept*=docx]').setInputFiles({ name: 'out.docx', mimeType: 'application/zip', buffer: Buffer.from(bytes) })
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('1 citation comes back as it went out')).toBeVisible()
  await dialog.getByRole('button', { name: 'Put it in' }).click()
  await expect(chips(page)).toHaveText(['(Okonjo, 2021, p. 104)'])
  await expect(sheet(page).locator('h1')).toHaveText('What was asked')
})

test('a way out that fails says so and leaves nothing; one that takes long can be stopped', async ({ page }) => {
  await page.goto('/papers/demo-carewick/hand-in')
  await page.route('**/take/odt*', route => route.fulfill({ status: 500, json: { code: 'unexpected', message: 'Something went wrong in Dendle. Nothing that was saved before is lost; try again.' } }))
  await page.getByRole('button', { name: 'Open document' }).click()
  await expect(page.getByText('Something went wrong in Dendle.')).toBeVisible()
  await page.route('**/take/html*', () => new Promise(() => undefined))
  await page.getByRole('button', { name: 'Web page' }).click()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByRole('button', { name: 'Finished pages' })).toBeEnabled()
})

test('a paper taken away whole, off the Desk, and brought back; in another state it is asked about', async ({ page, request }) => {
  const { id } = await newPaper(request, 'There and back')
  await page.goto(`/papers/${id}/write`)
  await sheet(page).click()
  await page.keyboard.type('It silts.')
  await saved(page)
  await page.getByRole('link', { name: /Hand in$/u }).click()
  const { name, bytes } = await take(page, 'The whole paper as one file')
  expect(name).toMatch(/^There and back .*\.zip$/u)
  const files = unzipSync(bytes)
  expect(strFromU8(files[`papers/${id}/text.md`]!)).toContain('It silts.')

  const bring = () => page.getByLabel('A packed file to bring in').setInputFiles({ name: 'back.zip', mimeType: 'application/zip', buffer: Buffer.from(bytes) })
  await page.goto('/')
  await page.getByRole('button', { name: 'Take “There and back” off the Desk' }).click()
  await expect(page.getByRole('link', { name: 'There and back', exact: true })).toHaveCount(0)
  await bring()
  await expect(page.getByText('“There and back” is on the Desk')).toBeVisible()
  await page.getByRole('link', { name: 'There and back', exact: true }).click()
  await expect(sheet(page)).toHaveText('It silts.')

  await page.keyboard.press('Control+End')
  await sheet(page).click()
  await page.keyboard.press('Control+End')
  await page.keyboard.type(' And more.')
  await saved(page)
  await page.goto('/')
  await bring()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('Nothing here was overwritten.')).toBeVisible()
  await dialog.getByRole('radio', { name: 'Take the file’s' }).click()
  await dialog.getByRole('button', { name: 'Do so' }).click()
  await page.getByRole('link', { name: 'There and back', exact: true }).click()
  await expect(sheet(page)).toHaveText('It silts.')
  await page.goto('/')
  await page.getByLabel('A packed file to bring in').setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('no') })
  await expect(page.getByText('The file is not packed, or it is damaged')).toBeVisible()
})
