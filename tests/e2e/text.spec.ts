/** The text itself: moving citations about, notes with italics, tables and figures, quotations; at any width. */
import { expect, test, type Page } from '@playwright/test'
import { begin, chips, cite, newPaper, saved, sheet, style, text } from './paper'

const PIXEL = 'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg=='
const menu = async (page: Page, name: string, item: RegExp) => {
  await page.getByRole('button', { name }).click()
  await page.getByRole('menuitem', { name: item }).click()
}
const margin = (page: Page) => page.getByLabel('Margin: the citations of this paper')

test('a citation that is dragged stands where it belongs, and one Undo takes it back', async ({ page, request }) => {
  await begin(page, await newPaper(request, 'Dragged'))
  await page.keyboard.type('The pond silts.')
  await cite(page, 'okonjo')
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Enter')
  await page.keyboard.type('The gate fell.')
  const last = sheet(page).locator('p').last()
  const box = (await last.boundingBox())!
  // Dropped far behind the last word, which is behind its full stop.
  await chips(page).first().dragTo(last, { targetPosition: { x: box.width - 60, y: box.height / 2 } })
  await expect.poll(() => text(page)).toEqual(['The pond silts.', 'The gate fell (Okonjo, 2021).'])
  await page.keyboard.press('Control+z')
  await expect.poll(() => text(page)).toEqual(['The pond silts (Okonjo, 2021).', 'The gate fell.'])
  // Cut and put down elsewhere it is the same citation, by the keys alone.
  await page.keyboard.press('Control+Home')
  await page.keyboard.press('Alt+Shift+ArrowDown')
  await page.keyboard.press('Control+x')
  await page.keyboard.press('Control+Home')
  await page.keyboard.press('Control+v')
  await expect(sheet(page).locator('p').first()).toHaveText(/^\(Okonjo, 2021\)/u)
  await saved(page)
})

test('notes have italics, are found and replaced in, and survive the style', async ({ page, request }) => {
  await begin(page, await newPaper(request, 'Notes', 'chicago-18-notes'))
  await page.keyboard.type('The pond silts.')
  await cite(page, 'okonjo', '104')
  const notes = page.getByRole('list', { name: 'Footnotes' })
  await notes.getByRole('button', { name: 'Note 1: change its words' }).click()
  await page.keyboard.type('The ')
  await page.keyboard.press('Control+i')
  await page.keyboard.type('Harrow')
  await page.keyboard.press('Control+i')
  await page.keyboard.type(' said "no".')
  await page.keyboard.press('Enter')
  // Back on the sheet behind the number: writing goes on.
  await page.keyboard.type(' More.')
  await expect(notes).toContainText('104. The Harrow said “no”.')
  await expect(notes.getByText('Harrow')).toHaveClass(/italic/u)
  await page.keyboard.press('Control+f')
  await page.getByLabel('Find in the text').fill('harrow')
  await expect(page.getByText('1 of 1')).toBeVisible()
  await page.getByLabel('Replace with').fill('Gull')
  await page.getByRole('button', { name: 'All', exact: true }).click()
  await expect(notes.getByText('Gull')).toHaveClass(/italic/u)
  await page.getByRole('search').getByRole('button', { name: 'Close' }).click()
  await style(page, 'APA 7th edition')
  await expect(chips(page)).toHaveText('(Okonjo, 2021, p. 104)1')
  await menu(page, 'Text…', /^Print notes at the end/u)
  await expect(page.getByRole('list', { name: 'Endnotes' })).toContainText('The Gull said “no”.')
  await saved(page)
  await page.reload()
  await expect(page.getByRole('list', { name: 'Endnotes' }).getByText('Gull')).toHaveClass(/italic/u)
})

test('what is copied from one paper to another brings its sources', async ({ page, request }) => {
  const from = await newPaper(request, 'Copied from')
  const { id } = await (await request.post('/api/papers', { data: { title: 'Copied to', style: 'mla-9' } })).json() as { id: string }
  await begin(page, from)
  await page.keyboard.type('The pond silts')
  await cite(page, 'okonjo', '104')
  await page.keyboard.press('Control+a')
  await page.keyboard.press('Control+c')
  await saved(page)
  await begin(page, { id, sources: [] })
  await page.keyboard.press('Control+v')
  await expect(chips(page)).toHaveText('(Okonjo 104)')
  await expect(page.getByRole('status').filter({ hasText: 'Its source came with it' })).toBeVisible()
  // A note and the passages by the keys alone.
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Alt+Shift+N')
  await page.keyboard.type('By hand.')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('list', { name: 'Footnotes' })).toContainText('By hand.')
  await page.keyboard.press('Alt+Shift+P')
  await expect(page.getByRole('searchbox', { name: 'Find among passages' })).toBeFocused()
  await page.keyboard.press('Alt+Shift+P')
  await expect(sheet(page)).toBeFocused()
  await saved(page)
})

test('tables and figures have numbers, titles and credits in the style’s own way, and their sources are listed', async ({
  page,
  request,
}) => {
  await begin(page, await newPaper(request, 'Captioned'))
  await page.keyboard.type('See the table.')
  await menu(page, 'More…', /^Table/u)
  await page.keyboard.type('Year')
  await page.getByRole('textbox', { name: 'Title of the table' }).click()
  await page.keyboard.type('Silt by year')
  await page.getByLabel('taken from').selectOption({ label: 'Tremayne, L. (2018). Working the tide. Saltmarsh Press.' })
  const table = sheet(page).locator('.captioned.table')
  await expect(table).toHaveText(/^Table 1Silt by year[\s\S]*Note\. From Working the Tide, by L\. Tremayne, 2018, Saltmarsh Press\.$/u)
  await expect(page.getByRole('link', { name: /List$/u })).toContainText('1')
  await page
    .getByLabel('A picture for the paper')
    .setInputFiles({ name: 'wheel.png', mimeType: 'image/png', buffer: Buffer.from(PIXEL, 'base64') })
  const figure = sheet(page).locator('.captioned.figure')
  await expect(figure).toContainText('Figure 1')
  await figure.locator('.title').click()
  await page.keyboard.type('The wheel')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Behind it.')
  await expect(figure).toHaveCount(1)
  await expect(figure).not.toContainText('Behind it.')
  await figure.locator('.title').click()
  await page.getByRole('textbox', { name: 'Words under it' }).click()
  await page.keyboard.type('Drawn by the writer.')
  await style(page, 'MLA')
  await expect(figure).toHaveText(/Fig\. 1\. The wheel[\s\S]*Drawn by the writer\./u)
  await expect(table).toHaveText(/^Table 1Silt by year[\s\S]*Loveday Tremayne, Working the Tide, Saltmarsh Press, 2018\.$/u)
  // The headings lead to their places.
  await sheet(page).locator('p').first().click()
  await page.keyboard.press('Control+Home')
  await page.getByLabel('What this paragraph is').selectOption('Second heading')
  await menu(page, 'Text…', /^Headings/u)
  await page
    .getByRole('dialog', { name: 'Headings' })
    .getByRole('button', { name: /^See the table\. \d+ words/u })
    .click()
  await expect(sheet(page)).toBeFocused()
  await page.getByLabel('What this paragraph is').selectOption('Paragraph')
  // A table before it takes the number.
  await page.keyboard.press('Escape')
  await sheet(page).locator('p').first().click()
  await page.keyboard.press('Control+Home')
  await menu(page, 'More…', /^Table/u)
  await expect(sheet(page).locator('.captioned.table .caption')).toHaveText(['Table 1', 'Table 2Silt by year'])
  await saved(page)
})

test('marks curl as they are typed; words are left out with the style’s points; another style’s marks are offered', async ({
  page,
  request,
}) => {
  await begin(page, await newPaper(request, 'Quoted'))
  await page.keyboard.type('Rowan wrote that "the pond at Carewick silts." It\'s so--"really."')
  expect(await text(page)).toEqual(['Rowan wrote that “the pond at Carewick silts.” It’s so—“really.”'])
  await page.getByRole('button', { name: 'Text…' }).click()
  await page.keyboard.press('Escape')
  // The words to leave out are chosen with the keys.
  await sheet(page).click()
  await page.keyboard.press('Control+Home')
  for (let i = 0; i < 'Rowan wrote that “the pond'.length; i++) await page.keyboard.press('ArrowRight')
  for (let i = 0; i < ' at Carewick'.length; i++) await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByTestId('word-count')).toContainText('2 of 11 words chosen')
  await menu(page, 'More…', /^Leave words out/u)
  await expect.poll(() => text(page)).toEqual(['Rowan wrote that “the pond . . . silts.” It’s so—“really.”'])
  await style(page, 'Harvard')
  const notice = page.getByRole('status').filter({ hasText: 'Harvard sets quotations in ‘these marks’' })
  await expect(notice).toContainText('2 in the text are set otherwise')
  expect((await text(page))[0]).toContain('“really.”')
  await page.getByRole('button', { name: 'Set them so' }).click()
  await expect.poll(() => text(page)).toEqual(['Rowan wrote that ‘the pond . . . silts’. It’s so—‘really’.'])
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect.poll(() => text(page)).toEqual(['Rowan wrote that “the pond . . . silts.” It’s so—“really.”'])
  await saved(page)
})

test('an open card and the open passages do not cover each other; at 400 px the drawer can do what the card can', async ({
  page,
  request,
}) => {
  const made = await newPaper(request, 'Room')
  for (let i = 0; i < 12; i++)
    expect(
      (
        await request.post(`/api/papers/${made.id}/passages`, {
          data: { sourceId: made.sources[0]!.id, form: 'quotation', words: `Passage ${i} of the survey.`, locator: String(i + 1) },
        })
      ).status(),
    ).toBe(201)
  await begin(page, made)
  for (let i = 0; i < 9; i++) {
    await page.keyboard.type(`Line ${i}.`)
    await page.keyboard.press('Enter')
  }
  await page.keyboard.type('Both silt ')
  await cite(page, 'okonjo')
  await page.keyboard.type(' ')
  await cite(page, 'tremayne')
  await page.getByRole('button', { name: 'Passage', exact: true }).click()
  const panel = page.getByRole('region', { name: 'Passages' })
  await expect(panel.getByRole('listitem').first()).toBeVisible()
  // A passage dropped into a word stands behind it, its quotation whole.
  const line = (await sheet(page).locator('p').first().boundingBox())!
  await panel
    .getByRole('listitem')
    .first()
    .dragTo(sheet(page).locator('p').first(), { targetPosition: { x: 60, y: line.height / 2 } })
  await expect(sheet(page).locator('p').first()).toHaveText(/^Line “Passage \d+ of the survey” \(Okonjo, 2021, p\. \d+\)\. 0\.$/u)
  await chips(page).nth(1).click()
  const remove = margin(page).getByRole('button', { name: 'Remove' })
  await expect(remove).toBeVisible()
  await expect(panel.getByRole('listitem')).toHaveCount(0)
  const inView = async () => {
    const [foot, line] = [await remove.boundingBox(), await panel.boundingBox()]
    return foot!.y + foot!.height <= line!.y
  }
  await expect.poll(inView).toBe(true)
  await page.getByRole('button', { name: 'Passage', exact: true }).click()
  await expect(remove).toHaveCount(0)
  await page.getByRole('button', { name: 'Passage', exact: true }).click()
  await page.setViewportSize({ width: 400, height: 800 })
  await chips(page).nth(1).click()
  const drawer = page.getByRole('dialog', { name: 'This citation' })
  await drawer.getByRole('button', { name: 'Copy', exact: true }).click()
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('(Okonjo, 2021)')
  await drawer.getByRole('button', { name: /^Join with/u }).click()
  await expect(chips(page)).toHaveText([/^\(Okonjo, 2021, p\. \d+\)$/u, '(Okonjo, 2021; Tremayne, 2018)'])
  await drawer.getByRole('button', { name: 'Split' }).click()
  await expect(chips(page)).toHaveCount(3)
  await drawer.getByRole('button', { name: 'Done' }).click()
  await expect(drawer).toHaveCount(0)
  await saved(page)
})

test('what is copied stands as the sheet shows it: the number behind the stop, its note with it, and Dendle takes it back', async ({ page, request }) => {
  const made = await newPaper(request, 'Carried', 'chicago-18-notes')
  await begin(page, made)
  await page.keyboard.type('The pond was “left to itself” for sixty years ')
  await cite(page, 'tremayne', '41')
  await page.keyboard.type('. Nobody looked.')
  await saved(page)
  await page.keyboard.press('Control+a')
  await page.keyboard.press('Control+c')
  const [html, plain] = await page.evaluate(async () => {
    const [item] = await navigator.clipboard.read()
    return [await (await item!.getType('text/html')).text(), await (await item!.getType('text/plain')).text()] as const
  })
  expect(plain).toBe('The pond was “left to itself” for sixty years.¹ Nobody looked.\n\n1. Loveday Tremayne, Working the Tide (Saltmarsh Press, 2018), 41.')
  expect(html.replace(/<\/?span[^>]*>/gu, '')).toMatch(/sixty years\.<sup><a href="[^"]*#fn1" id="fnref1">1<\/a><\/sup> Nobody looked\./u)
  expect(html).toMatch(/<li id="fn1" value="1">Loveday Tremayne, <i>Working the Tide<\/i>/u)
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+v')
  await expect(chips(page)).toHaveCount(2)
  await saved(page)
  // In the text itself both stand as it keeps them, before the stop and with their space; the note came as no text.
  interface Node { text?: string, content?: Node[] }
  const kept = async () => {
    const { paper } = await (await request.get(`/api/papers/${made.id}`)).json() as { paper: { body: Node } }
    return paper.body.content!.map(block => (block.content ?? []).map(one => one.text ?? '@').join(''))
  }
  const line = 'The pond was “left to itself” for sixty years @. Nobody looked.'
  await expect.poll(kept).toEqual([line, line])
  await style(page, 'APA 7th edition')
  expect(await text(page)).toEqual(Array(2).fill('The pond was “left to itself” for sixty years (Tremayne, 2018, p. 41). Nobody looked.'))
})

test('a stop inside a quotation, a number with words, and numbers of a list go and come back as they were', async ({ page, request }) => {
  const made = await newPaper(request, 'Carried twice', 'ama-11')
  await begin(page, made)
  await page.keyboard.type('He called it “a slow clock” ')
  await cite(page, 'tremayne')
  await page.keyboard.type(', and left. It silts ')
  await cite(page, 'okonjo', '104')
  await page.keyboard.type('; it waits.')
  await saved(page)
  interface Node { text?: string, content?: Node[] }
  const kept = async () => {
    const { paper } = await (await request.get(`/api/papers/${made.id}`)).json() as { paper: { body: Node } }
    return paper.body.content!.map(block => (block.content ?? []).map(one => one.text ?? '@').join(''))
  }
  const line = 'He called it “a slow clock” @, and left. It silts @; it waits.'
  await expect.poll(kept).toEqual([line])
  await page.keyboard.press('Control+a')
  await page.keyboard.press('Control+c')
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('He called it “a slow clock,”¹ and left. It silts²⁽ᵖ¹⁰⁴⁾; it waits.')
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+v')
  await expect(chips(page)).toHaveCount(4)
  await expect.poll(kept).toEqual([line, line])
})
