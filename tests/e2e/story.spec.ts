/** The whole student story on the built server, to the document opened by an independent reader. */
import { readFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { strFromU8, unzipSync } from 'fflate'
import mammoth from 'mammoth'

const saved = (page: Page) => expect(page.getByTestId('save-state')).toContainText(/^Saved/u)
const style = async (page: Page, name: string) => {
  await page.getByRole('button', { name: /^Style:/u }).click()
  await page.getByRole('option', { name }).click()
}
const line = (page: Page, name: string) => page.getByRole('listitem').locator('input, textarea').and(page.getByLabel(name, { exact: true }))
async function addSource(page: Page, title: string, kind: string, fields: Record<string, string>) {
  await page.getByLabel(/^Take in a source/u).fill(title)
  await page.getByRole('button', { name: kind }).click()
  await expect(page.getByTestId('anatomy')).toContainText(title)
  for (const [label, value] of Object.entries(fields)) await line(page, label).fill(value)
}
const download = async (page: Page) => {
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: /Word-processor document/u }).click()])
  return readFileSync(await file.path())
}

test('from typed sources to a document', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('Title of a new paper').fill('What the Lock Keeper Knew')
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByText('Nothing gathered yet.')).toBeVisible()

  // Three sources, watching the reference form itself.
  await addSource(page, 'Locks of the lower Wend', 'Book', {
    'Author': 'Harrow, Edith M.',
    'Date': '2016',
    'Publisher': 'Meridian University Press',
    'Place': 'Leeds',
  })
  await expect(page.getByTestId('anatomy')).toHaveText('Harrow, E. M. (2016). Locks of the lower Wend. Meridian University Press.')
  await page.getByLabel('Volume', { exact: true }).focus()
  await addSource(page, 'Counting barges by ear', 'Journal article', {
    'Author': 'Oduya, Femi; Larch, Tom',
    'Date': '2020',
    'Journal': 'Waterway Studies',
    'Volume': '12',
    'Issue': '3',
    'Pages': '201-209',
    'DOI': 'https://doi.org/10.5555/ws.2020.12',
  })
  await expect(page.getByTestId('anatomy')).toHaveText(
    'Oduya, F., & Larch, T. (2020). Counting barges by ear. Waterway Studies, 12(3), 201–209. https://doi.org/10.5555/ws.2020.12',
  )
  await expect(page.getByTestId('anatomy').locator('.italic')).toHaveText(['Waterway Studies', '12'])
  await addSource(page, 'Visiting the old locks', 'Web page', {
    'Site': 'Wend Valley Walks',
    'Web address': 'https://wendwalks.example/locks',
    'Read on': '6 May 2025',
  })
  await expect(page.getByTestId('anatomy')).toContainText(
    '(n.d.). Wend Valley Walks. Retrieved May 6, 2025, from https://wendwalks.example/locks',
  )

  // A detail corrected changes the reference, and the rule is told.
  await line(page, 'Web address').fill('https://wendwalks.example/old-locks')
  await expect(page.getByTestId('anatomy')).toContainText('https://wendwalks.example/old-locks')
  await page.getByTestId('anatomy').getByText('n.d.').hover()
  await expect(page.getByText('No date is given, so APA prints n.d.')).toBeVisible()
  await saved(page)

  // A paragraph with citations, one with a page at the cursor.
  await page.getByRole('link', { name: /Write$/u }).click()
  const sheet = page.getByRole('textbox', { name: 'The paper', exact: true })
  await sheet.click()
  await page.keyboard.type('A lock keeper hears the river before seeing it ;;')
  const picker = page.getByRole('dialog', { name: 'Cite a source' })
  await picker.getByRole('combobox').fill('harrow')
  await page.keyboard.press('Enter')
  await picker.getByPlaceholder(/104-6/u).fill('104-6')
  await page.keyboard.press('Enter')
  await expect(sheet.locator('.citation')).toHaveText('(Harrow, 2016, pp. 104–106)')
  await page.keyboard.type('. Counting by ear is older than counting by eye ')
  await page.keyboard.press('Control+\'')
  await picker.getByRole('combobox').fill('barges')
  await page.keyboard.press('Enter')
  await picker.getByRole('radio', { name: 'Oduya and Larch (2020)' }).click()
  await picker.getByRole('button', { name: 'Put it in' }).click()
  await expect(sheet.locator('.citation').nth(1)).toHaveText('Oduya and Larch (2020)')
  await page.keyboard.type(' say so.')
  await saved(page)

  // The list has built itself, in order, with hanging indents; what is not cited is not in it.
  await page.getByRole('link', { name: /List$/u }).click()
  await expect(page.getByTestId('list-heading')).toHaveText('References')
  await expect(page.getByTestId('entry')).toHaveText([/^Harrow, E\. M\./u, /^Oduya, F\./u])
  expect(
    await page
      .getByTestId('entry')
      .first()
      .locator('.body')
      .evaluate((el) => [getComputedStyle(el).paddingLeft, getComputedStyle(el).textIndent]),
  ).toEqual(['48px', '-48px'])

  // Four styles: text, notes and list change at once.
  await style(page, 'MLA 9th edition')
  await expect(page.getByTestId('list-heading')).toHaveText('Works Cited')
  await expect(page.getByTestId('entry').first()).toHaveText('Harrow, Edith M. Locks of the Lower Wend. Meridian UP, 2016.')
  await page.getByRole('link', { name: /Write$/u }).click()
  await expect(sheet.locator('.citation')).toHaveText(['(Harrow 104–06)', 'Oduya and Larch'])
  await style(page, 'IEEE')
  await expect(sheet.locator('.citation')).toHaveText(['[1, pp. 104–106]', 'Oduya and Larch [2]'])
  await style(page, 'Chicago notes 18th edition')
  // The raised number stands behind the full stop, as the page prints it.
  await expect(sheet.locator('.citation')).toHaveText(['.1', 'Oduya and Larch2'])
  await expect(page.getByRole('list', { name: 'Footnotes' }).getByRole('listitem')).toHaveText([
    /Edith M\. Harrow, Locks of the Lower Wend \(Meridian University Press, 2016\), 104–6\./u,
    /Femi Oduya and Tom Larch, “Counting Barges by Ear,” Waterway Studies 12, no\. 3 \(2020\): 201–9/u,
  ])
  await saved(page)

  // A document with real footnotes.
  await page.getByRole('link', { name: /Hand in$/u }).click()
  await page.getByLabel('Your name').fill('Tamsin Vale')
  await saved(page)
  const notesFile = unzipSync(await download(page))
  const footnotes = strFromU8(notesFile['word/footnotes.xml']!)
  expect(footnotes).toContain('Edith M. Harrow')
  expect(footnotes).toMatch(/<w:i\/>.*?Locks of the Lower Wend/su)
  expect(strFromU8(notesFile['word/document.xml']!)).toMatch(/<w:footnoteReference w:id="1"\/>/u)

  // And in MLA: hanging indents, double spacing, page number with the surname, italics.
  await style(page, 'MLA 9th edition')
  await saved(page)
  const file = await download(page)
  const parts = unzipSync(file)
  const xml = strFromU8(parts['word/document.xml']!)
  expect(xml).toMatch(/<w:pStyle w:val="ListOfWorksEntry"\/>/u)
  const entry = /<w:style [^>]*w:styleId="ListOfWorksEntry".*?<\/w:style>/su.exec(strFromU8(parts['word/styles.xml']!))![0]
  expect(entry).toMatch(/w:left="720"[^>]*w:hanging="720"/u)
  expect(entry).toMatch(/w:line="480"/u)
  expect(xml).toMatch(/<w:pageBreakBefore\/>/u)
  const header = Object.keys(parts).filter(name => /word\/header\d*\.xml/u.test(name)).map(name => strFromU8(parts[name]!)).join('')
  expect(header).toContain('Vale ')
  expect(header).toMatch(/PAGE/u)
  const { value: html } = await mammoth.convertToHtml({ buffer: file })
  expect(html).toContain('<em>Locks of the Lower Wend</em>')
  expect(html).toContain('(Harrow 104–06)')
  expect(html).toContain('Works Cited')

  // All is still there.
  await page.reload()
  await expect(page.getByLabel('Your name')).toHaveValue('Tamsin Vale')
  await page.getByRole('link', { name: /Write$/u }).click()
  await expect(sheet.locator('.citation')).toHaveText(['(Harrow 104–06)', 'Oduya and Larch'])
  await page.getByRole('link', { name: /Gather$/u }).click()
  await expect(page.getByRole('list', { name: 'Sources' }).getByRole('listitem')).toHaveCount(3)
  // On the Desk the line is free for another paper.
  await page.getByRole('link', { name: 'Dendle: to the Desk' }).click()
  await expect(page.getByRole('link', { name: /What the Lock Keeper Knew/u })).toBeVisible()
  await expect(page.getByLabel('Title of a new paper')).toHaveValue('')
})

test('a citation is changed, undone and removed on the sheet', async ({ page }) => {
  await page.goto('/papers/demo-low-head/write')
  const chips = page.locator('.citation')
  await expect(chips.first()).toHaveText('[1]')
  await chips.first().click()
  const card = page.getByLabel('Margin: the citations of this paper')
  await card.getByPlaceholder(/104-6/u).fill('para 4')
  await page.keyboard.press('Enter')
  await expect(chips.first()).toHaveText('[1, para. 4]')
  await chips.first().click()
  await card.getByRole('button', { name: 'Remove' }).click()
  await expect(chips.first()).toHaveText('[1, p. 58]')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(chips.first()).toHaveText('[1, para. 4]')
})

test('a source taken out of a paper can be put back', async ({ page }) => {
  await page.goto('/papers/demo-low-head/gather')
  await page.getByRole('button', { name: /^R\. Farrow/u }).click()
  await page.getByRole('button', { name: 'Take out of this paper' }).click()
  await page.getByRole('button', { name: 'Take it out all the same' }).click()
  await expect(page.getByText(/is out of this paper/u)).toBeVisible()
  const slips = page.getByRole('list', { name: 'Sources', exact: true }).locator('> li')
  await expect(slips).toHaveCount(4)
  await page.getByRole('button', { name: 'Put back' }).click()
  await expect(slips).toHaveCount(5)
})
