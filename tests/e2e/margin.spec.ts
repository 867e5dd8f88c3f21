/** The margin, the picker and what is found in the text: what a reader with a mouse, with keys alone or with ears alone meets. */
import { expect, test, type Page } from '@playwright/test'
import { begin, chips, cite, newPaper, saved, sheet, text } from './paper'

const margin = (page: Page) => page.getByLabel('Margin: the citations of this paper')
const cards = (page: Page) => margin(page).locator('[data-card]')
const boxes = async (page: Page) => (await Promise.all((await cards(page).all()).map(card => card.boundingBox()))).map(box => box!)

test('cards are level with their lines, never overlap, join where they crowd, follow the page, and answer the pointer both ways', async ({
  page,
  request,
}) => {
  const made = await newPaper(request, 'Margin')
  const citation = (i: number) => ({
    type: 'citation',
    attrs: { id: `c${i}`, data: { items: [{ id: made.sources[i % 3]!.id }], form: 'parenthetical' } },
  })
  const paragraph = (...content: object[]) => ({ type: 'paragraph', content })
  const words = (n: number) => ({ type: 'text', text: `${'The pond silts slowly while no one looks. '.repeat(n)}` })
  const { paper } = (await (await request.get(`/api/papers/${made.id}`)).json()) as { paper: { revision: number } }
  const body = {
    type: 'doc',
    content: [
      ...Array.from({ length: 4 }, (_, i) => paragraph(words(7), citation(i), { type: 'text', text: '.' })),
      paragraph(
        ...Array.from({ length: 9 }, (_, i) => [{ type: 'text', text: 'mud ' }, citation(10 + i), { type: 'text', text: ' ' }]).flat(),
      ),
      ...Array.from({ length: 12 }, () => paragraph(words(7))),
      paragraph(words(1), citation(30)),
    ],
  }
  expect((await request.patch(`/api/papers/${made.id}`, { data: { revision: paper.revision, body } })).status()).toBe(200)
  await begin(page, made)
  await expect(cards(page).first()).toBeVisible()
  const apart = async () => {
    const all = (await boxes(page)).sort((a, b) => a.y - b.y)
    return all.every((box, i) => i === 0 || box.y >= all[i - 1]!.y + all[i - 1]!.height)
  }
  const level = async () => {
    const [card, chip] = [await cards(page).first().boundingBox(), await chips(page).first().boundingBox()]
    return Math.abs(card!.y + 8 - chip!.y)
  }
  await expect.poll(level).toBeLessThan(6)
  expect(await apart()).toBe(true)
  // Nine on two lines are not nine cards.
  expect(await cards(page).count()).toBeLessThan(13)
  expect(await cards(page).locator('> button').count()).toBeGreaterThanOrEqual(13)
  // Opened, a card pushes those below it down.
  await chips(page).nth(1).click()
  await expect(margin(page).getByRole('button', { name: 'Remove' })).toBeVisible()
  await expect.poll(apart).toBe(true)
  await page.keyboard.press('Escape')
  await chips(page).first().hover()
  await expect(cards(page).first()).toHaveClass(/bg-tint/u)
  await cards(page).first().getByRole('button').first().hover()
  await expect(chips(page).first()).toHaveClass(/pointed/u)
  await chips(page).last().scrollIntoViewIfNeeded()
  await expect
    .poll(async () => {
      const [card, chip] = [await cards(page).last().boundingBox(), await chips(page).last().boundingBox()]
      return card && chip ? Math.abs(card.y + 8 - chip.y) : 999
    })
    .toBeLessThan(60)
})

test('the picker: what is near comes first, a new source without leaving the line, words around, a name for those who hear the page', async ({
  page,
  request,
}) => {
  await begin(page, await newPaper(request, 'Picked'))
  const picker = page.getByRole('dialog', { name: 'Cite a source' })
  await page.keyboard.type('First ')
  await cite(page, 'tremayne')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Second ')
  await cite(page, 'vasquez')
  await page.keyboard.type(' and ;;')
  // Cited in this paragraph, then cited lately, then the others as the list files them.
  await expect(picker.getByRole('option')).toHaveText([/Vasquez[\s\S]*in this paragraph/u, /Tremayne[\s\S]*cited lately/u, /Okonjo/u])
  await picker.getByRole('combobox').fill('Counting barges by ear')
  await page.keyboard.press('Enter')
  await picker.getByRole('button', { name: 'Words around' }).click()
  await picker.getByLabel('Words before').fill('see')
  await picker.getByLabel('Words after').fill('on bells')
  await picker.getByPlaceholder(/104-6/u).fill('ch 3')
  await picker.getByPlaceholder(/104-6/u).press('Enter')
  await expect(picker).toHaveCount(0)
  await expect(chips(page).last()).toHaveText('(see Counting Barges by Ear, n.d., Chapter 3, on bells)')
  await expect(chips(page).last()).toHaveAttribute('aria-label', 'Citation: (see Counting Barges by Ear, n.d., Chapter 3, on bells)')
  await expect(page.getByRole('link', { name: /Gather$/u })).toContainText('4')
  // By the keys alone: to the citation before, opened, out of the text, and back.
  await page.keyboard.press('Alt+Shift+ArrowUp')
  await page.keyboard.press('Alt+Shift+ArrowUp')
  await page.keyboard.press('Enter')
  await expect(margin(page).getByPlaceholder(/104-6/u)).toBeFocused()
  await page.keyboard.type('58')
  await page.keyboard.press('Enter')
  await expect(chips(page).nth(1)).toHaveText('(Vasquez & Thorne, 2019, p. 58)')
  await page.keyboard.press('Alt+Shift+ArrowUp')
  await page.keyboard.press('Backspace')
  await expect(chips(page)).toHaveCount(2)
  await page.keyboard.press('Control+z')
  await expect(chips(page)).toHaveCount(3)
  await saved(page)
})

test('marks without a source are found until they have one; Back and Forward show what was written', async ({ page, request }) => {
  const made = await newPaper(request, 'Marks')
  await page.goto(`/papers/${made.id}/gather`)
  await page.goto(`/papers/${made.id}/write`)
  await sheet(page).click()
  await page.keyboard.type('It silts [ref: nobody-1999, p. 3]. ')
  const found = page.getByRole('group', { name: 'Marks in the text' })
  await expect(found).toContainText('1 mark without a source: none here has the key nobody-1999')
  await saved(page)
  // The browser's own way back and forth, over whole pages.
  await page.goBack()
  await expect(page).toHaveURL(/gather$/u)
  await page.goForward()
  await expect(sheet(page)).toContainText('It silts [ref: nobody-1999, p. 3].')
  await found.getByRole('button', { name: 'Show' }).click()
  expect(await page.evaluate(() => String(getSelection()))).toBe('[ref: nobody-1999, p. 3]')
  // Corrected, it can become a citation, in a step that Undo takes back.
  await page.keyboard.type('[ref: okonjo-202, p. 3]')
  await page.keyboard.press('ArrowLeft')
  for (let i = 0; i < ', p. 3'.length; i++) await page.keyboard.press('ArrowLeft')
  await page.keyboard.type('1')
  await expect(found).toContainText('1 mark in the text has its source now.')
  await found.getByRole('button', { name: 'Make it a citation' }).click()
  await expect.poll(() => text(page)).toEqual(['It silts (Okonjo, 2021, p. 3).'])
  await expect(found).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect.poll(() => text(page)).toEqual(['It silts [ref: okonjo-2021, p. 3].'])
  await page.keyboard.press('Control+End')
  await page.keyboard.type('[ref: mine-2000]')
  await found.getByRole('button', { name: 'Leave as typed' }).click()
  await expect(found).not.toContainText('without a source')
  await saved(page)
})

test('a draft in Markdown; links and lists; a state kept by name; words counted without quotations', async ({ page, request }) => {
  await begin(page, await newPaper(request, 'Marked down'))
  await expect(sheet(page)).toHaveText('')
  await page
    .getByLabel('A draft to bring in')
    .setInputFiles({
      name: 'essay.md',
      mimeType: 'text/markdown',
      buffer: Buffer.from(
        '## The *Pond*\n\nIt silts “so very much” (Okonjo, 2021).[^1] See [there](https://x.example/a).\n\n- gate\n- wheel\n\n![far](https://x.example/p.png)\n\n[^1]: A *note* of mine.\n',
      ),
    })
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('1 typed citation becomes a real one')
  await expect(dialog).toContainText('1 picture left out')
  await dialog.getByRole('button', { name: 'Put it in' }).click()
  await expect(sheet(page).locator('h2')).toHaveText('The Pond')
  await expect(sheet(page).locator('li')).toHaveText(['gate', 'wheel'])
  await expect(sheet(page).locator('a')).toHaveAttribute('href', 'https://x.example/a')
  await expect(page.getByRole('list', { name: 'Footnotes' }).getByText('note', { exact: true })).toHaveClass(/italic/u)
  await expect(page.getByTestId('word-count')).toHaveText(/^11 words/u)
  await page.getByTestId('word-count').click()
  await page.getByRole('checkbox', { name: /between quotation marks/u }).uncheck()
  await expect(page.getByTestId('word-count')).toHaveText(/^8 words/u)
  await expect(page.getByRole('link', { name: /Write$/u })).toContainText('8')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Text…' }).click()
  await page.getByRole('menuitem', { name: /^Earlier states/u }).click()
  await page.getByLabel('A name for the text as it is now').fill('Handed to Rowan')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(dialog.getByRole('button', { name: /^Handed to Rowan/u })).toContainText('11 words')
  await page.getByRole('button', { name: 'Close' }).click()
  // An address put on words that are chosen.
  await sheet(page).locator('li').first().click()
  await page.keyboard.press('Home')
  await page.keyboard.press('Shift+End')
  await page.getByRole('button', { name: 'More…' }).click()
  await page.getByRole('menuitem', { name: /^Link/u }).click()
  await page.getByLabel('address').fill('gate.example')
  await page.keyboard.press('Enter')
  await expect(sheet(page).locator('li a')).toHaveAttribute('href', 'https://gate.example')
  await saved(page)
})
