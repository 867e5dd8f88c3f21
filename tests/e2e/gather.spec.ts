/** Sources in, complete and correct: the stories of Gather on the built server. */
import { expect, test, type Page } from '@playwright/test'
import { Document, Packer, Paragraph, TextRun } from 'docx'
import { readFileSync } from 'node:fs'
import { onePagePdf } from './files'

const saved = (page: Page) => expect(page.getByTestId('save-state')).toContainText(/^Saved/u)
const line = (page: Page) => page.getByLabel(/^Take in a source/u)
const tray = (page: Page) => page.getByRole('region', { name: 'Tray' })
const proposed = (page: Page) => page.getByRole('list', { name: 'Proposed sources' }).locator('> li')
const slips = (page: Page) => page.getByRole('list', { name: 'Sources', exact: true }).locator('> li')
const file = (name: string, body: string | Buffer, mimeType = 'text/plain') => ({
  name,
  mimeType,
  buffer: typeof body === 'string' ? Buffer.from(body) : body,
})
const drop = (page: Page, ...files: ReturnType<typeof file>[]) => page.getByLabel('Files with sources').setInputFiles(files)
async function newPaper(page: Page, title: string, sources: object[] = []): Promise<string> {
  const { id } = await (await page.request.post('/api/papers', { data: { title } })).json() as { id: string }
  if (sources.length) expect((await page.request.post(`/api/papers/${id}/sources/many`, { data: { sources } })).status()).toBe(201)
  await page.goto(`/papers/${id}/gather`)
  await expect(line(page)).toBeVisible()
  return id
}
async function paste(page: Page, text: string, html?: string) {
  await page.evaluate(
    async ({ text, html }) =>
      navigator.clipboard.write([
        new ClipboardItem({
          'text/plain': new Blob([text], { type: 'text/plain' }),
          ...(html ? { 'text/html': new Blob([html], { type: 'text/html' }) } : {}),
        }),
      ]),
    { text, html },
  )
  await line(page).focus()
  await page.keyboard.press('Control+v')
}
const BOOK = {
  kind: 'book',
  fields: {
    title: 'Working the tide',
    author: [{ family: 'Tremayne', given: 'Loveday' }],
    issued: { start: { year: 2018 } },
    publisher: 'Saltmarsh Press',
  },
}

test('identifiers: looked up, and every kind of no is said in words', async ({ page }) => {
  await newPaper(page, 'Looked up')
  await paste(page, 'https://doi.org/10.5555/jeh.2016.0903.')
  await expect(proposed(page)).toHaveText([/Okonjo, A\. R\., & Thorne, G\. \(2016\)\. What the sluice gate knows.*from the catalogue/su])
  await tray(page).getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByTestId('anatomy')).toContainText(
    'What the sluice gate knows: Oral histories of three estuaries. Journal of Estuary Heritage, 9(3), 210–238. https://doi.org/10.5555/jeh.2016.0903',
  )
  await page.getByRole('button', { name: 'Fold' }).click()
  await page.getByRole('button', { name: 'Undo' }).first().click()
  await expect(slips(page)).toHaveCount(0)
  await expect(proposed(page)).toHaveCount(1)
  await tray(page).getByRole('button', { name: 'Take it' }).click()
  await expect(page.getByTestId('anatomy')).toBeVisible()
  await page.getByRole('button', { name: 'Fold' }).click()

  await line(page).fill(
    '10.5555/jeh.2016.0903, ISBN 978-9-99990-1086 https://coastcountry.example/2024/06/night-gate?utm_source=x 10.5555/nowhere.1 10.5555/nonsense.1 10.5555/down.1 10.5555/slow.1',
  )
  await expect(page.getByText('7 identifiers')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(proposed(page)).toHaveText([
    /You have this already \(the same DOI\)/u,
    /Patience: A history of estuaries/u,
    /Marr, D\. \(2024, June 11\)\. The night gate.*https:\/\/coastcountry\.example\/2024\/06\/night-gate/su,
  ])
  for (const says of [
    /10\.5555\/nowhere\.1: The catalogue has nothing/u,
    /10\.5555\/nonsense\.1: The catalogue’s answer .* could not be read/u,
    /10\.5555\/down\.1: The catalogue could not be asked/u,
    /10\.5555\/slow\.1: The catalogue did not answer in time/u,
  ])
    await expect(tray(page)).toContainText(says)
  // Given up at once, not when the catalogue is done being slow.
  await tray(page).getByRole('button', { name: 'Seen' }).click()
  await line(page).fill('10.5555/slow.2')
  await page.keyboard.press('Enter')
  await tray(page).getByRole('button', { name: 'Give up' }).click()
  await expect(page.getByText('Given up.')).toBeVisible({ timeout: 1000 })
  // The tray is still there after a reload.
  await page.reload()
  await expect(proposed(page)).toHaveCount(3)
  await tray(page).getByRole('button', { name: 'Take the 2 new ones' }).click()
  await expect(slips(page)).toHaveCount(3)
})

test('a broken reference list of six ends as six right sources', async ({ page }) => {
  await newPaper(page, 'A list from somewhere')
  const list = `References

Okonjo, A. R. (2021). Silt, salt, and patience: Restoring a tide
mill on the Arun estuary. Journal of Estuary Heritage, 14(2), 101-
119. https://doi.org/10.5555/jeh.2021.0142
Tremayne, Loveday. Working the Tide: Mills and Millers of the Western Rivers. 2nd ed., Saltmarsh Press, 2018.
[3] L. M. Vasquez and G. Thorne, "Tidal range and milling capacity," Coast. Eng. Lett., vol. 8, no. 4, pp. 55-71, 2019.
Sorensen, P. (2014) 'Ponds, gates and wheels', in Drummond, F. and Petit, A. (eds) Landscapes of tidal power. Bristol: Saltmarsh Press, pp. 45–72.
Gill, R. (2023, March 14). How a tide mill works. Mill Trails. Retrieved May 6, 2025, from https://milltrails.example/how-it-works
Rask, I. (2019). Sound and silence in working harbours [Doctoral dissertation, University of Northmere].`
  await paste(page, list)
  await expect(proposed(page)).toHaveCount(6)
  await tray(page).getByRole('button', { name: 'Take all 6' }).click()
  await expect(slips(page)).toHaveCount(6)
  await expect(slips(page).locator('[data-slip]')).toHaveText([
    'Gill, R. (2023, March 14). How a tide mill works. Mill Trails. https://milltrails.example/how-it-works',
    'Okonjo, A. R. (2021). Silt, salt, and patience: Restoring a tide mill on the Arun estuary. Journal of Estuary Heritage, 14(2), 101–119. https://doi.org/10.5555/jeh.2021.0142',
    'Rask, I. (2019). Sound and silence in working harbours [Unpublished doctoral dissertation]. University of Northmere.',
    'Sorensen, P. (2014). Ponds, gates and wheels. In F. Drummond & A. Petit (Eds.), Landscapes of tidal power (pp. 45–72). Saltmarsh Press.',
    'Tremayne, L. (2018). Working the tide: Mills and millers of the western rivers (2nd ed.). Saltmarsh Press.',
    'Vasquez, L. M., & Thorne, G. (2019). Tidal range and milling capacity. Coast. Eng. Lett., 8(4), 55–71.',
  ])
  // What APA wants in full is noticed, and the original is beside it.
  await expect(slips(page).nth(5)).toContainText('Journal abbreviated')
  await slips(page).nth(5).locator('[data-slip]').click()
  await expect(page.getByText('as it was pasted').locator('..')).toContainText('[3] L. M. Vasquez and G. Thorne')
})

test('a .bib file with two duplicates: merge one, drop the other, one step back at a time', async ({ page }) => {
  await newPaper(page, 'From a file', [BOOK, { kind: 'journal-article', fields: { title: 'Reading mud', doi: '10.5555/scl.2020.4501' } }])
  await drop(
    page,
    file(
      'mine.bib',
      `@string{sp = "Saltmarsh Press"}
@book{t18, author={Tremayne, Loveday}, title={Working the Tide}, year=2018, publisher=sp, edition={2nd}, address={Bristol}}
@article{mud, author={Lindqvist, Astrid and Sable Ortiz, Camila}, title={Reading mud}, journal={Studies in Coastal Literature}, year={2020}, doi={10.5555/scl.2020.4501}}
@book{new, author={Marsh, Edwin}, title={Birds of slow water}, year=2015, publisher="Reed and " # "Heron"}
@book{broken, title={No end`,
    ),
  )
  await expect(tray(page)).toContainText('4 sources, 2 of which you have')
  await expect(tray(page)).toContainText(/mine\.bib, line 5: .*not closed/u)
  await proposed(page).nth(0).getByRole('button', { name: 'Merge' }).click()
  const merge = page.getByRole('group', { name: 'Merge field by field' })
  await expect(merge).toContainText('Added: edition, place.')
  await merge.getByRole('button', { name: 'Merge them' }).click()
  await expect(slips(page).filter({ hasText: 'Tremayne' })).toContainText('Working the tide (2nd ed.)')
  await proposed(page).nth(0).getByRole('button', { name: 'Drop' }).click()
  await tray(page).getByRole('button', { name: 'Take all 2' }).click()
  await expect(slips(page)).toHaveCount(4)
  for (const left of [2, 3, 4]) {
    await page.locator('body').click({ position: { x: 4, y: 400 } })
    await page.keyboard.press('Control+z')
    await expect(proposed(page)).toHaveCount(left)
  }
  await expect(slips(page).filter({ hasText: 'Tremayne' })).not.toContainText('2nd ed.')
  await saved(page)
})

test('a title capitalised for another style is set right in one step; what is left stays left', async ({ page }) => {
  const title = 'The Slow Return of Wading Birds to a Silted Pond in Kenya'
  await newPaper(page, 'Capitals', [
    {
      kind: 'journal-article',
      fields: {
        title,
        author: [{ family: 'Marsh', given: 'Edwin' }],
        issued: { start: { year: 2013 } },
        container: 'Bird and Shore Journal',
        pages: 'pp. 522-510',
      },
    },
  ])
  const slip = slips(page).first()
  await expect(slip).toContainText('A label in a number')
  await slip.locator('[data-slip]').click()
  const look = page.getByRole('list', { name: 'To look at' })
  await look.getByRole('button', { name: 'Set like a sentence' }).click()
  await expect(page.getByLabel('Title', { exact: true })).toHaveValue('The slow return of wading birds to a silted pond in Kenya')
  // A word protected by a click keeps its capital, in the title and in the reference.
  await page.getByRole('button', { name: 'Which words are names?' }).click()
  await page.getByRole('button', { name: 'wading', exact: true }).click()
  await expect(page.getByTestId('anatomy')).toContainText('The slow return of Wading birds')
  await page.getByRole('button', { name: 'Wading', exact: true }).click()
  await look.getByRole('button', { name: 'Keep 522-510' }).click()
  await look.getByRole('button', { name: 'Turn them round' }).click()
  await expect(page.getByTestId('anatomy')).toContainText('510–522')
  await page.getByLabel('Date', { exact: true }).fill('')
  await look.getByRole('listitem').filter({ hasText: 'No date' }).getByRole('button', { name: 'Leave it' }).click()
  await expect(look).toHaveCount(0)
  await saved(page)
  await page.reload()
  await expect(slips(page).first()).toContainText('Ready')
})

test('another kind and back: nothing is lost', async ({ page }) => {
  await newPaper(page, 'Kinds')
  await line(page).fill('Counting barges by ear')
  await page.getByRole('combobox', { name: 'Another kind of source' }).fill('handout from class')
  await page.getByRole('option', { name: 'Course material or handout' }).click()
  await expect(page.getByRole('combobox', { name: 'Kind of source' })).toHaveValue('Course material or handout')
  const kind = async (typed: string, option: string) => {
    await page.getByRole('combobox', { name: 'Kind of source' }).fill(typed)
    await page.getByRole('option', { name: option, exact: true }).click()
  }
  await kind('scholarly', 'Journal article')
  // Several names pasted into one row become rows, a person or a group each.
  await page.evaluate(() => navigator.clipboard.writeText('Oduya, Femi; Tom Larch; Marine Planning Agency'))
  await page.getByLabel('Author', { exact: true }).focus()
  await page.keyboard.press('Control+v')
  await expect(page.getByLabel('Author 3')).toHaveValue('Marine Planning Agency')
  await page.getByLabel('Volume', { exact: true }).fill('12')
  await page.getByLabel('Issue', { exact: true }).fill('3')
  await page.getByLabel('Journal', { exact: true }).fill('Waterway Studies')
  await page.getByLabel('Date', { exact: true }).fill('Spring 2019')
  await expect(page.getByTestId('anatomy')).toHaveText(
    'Oduya, F., Larch, T., & Marine Planning Agency. (2019). Counting barges by ear. Waterway Studies, 12(3).',
  )
  await kind('film', 'Film')
  await expect(page.getByText('Put aside, since a film has no place for it:').locator('..')).toContainText('Waterway Studies')
  await kind('scholarly', 'Journal article')
  await expect(page.getByTestId('anatomy')).toContainText('Waterway Studies, 12(3)')
  await expect(page.getByText('Put aside, since')).toHaveCount(0)
  // The key, edited; one that is taken is refused in words.
  await page.getByLabel('Key of this source').fill('barges')
  await page.getByLabel('Key of this source').press('Enter')
  await saved(page)
  await page.reload()
  await slips(page).first().locator('[data-slip]').click()
  await expect(page.getByLabel('Key of this source')).toHaveValue('barges')
})

test('a passage is taken, watched and found again', async ({ page }) => {
  const id = await newPaper(page, 'Passages', [BOOK])
  await page.evaluate(() => navigator.clipboard.writeText('“We did not notice the mud. We noticed that the\nflour came later.” (p. 58)'))
  await slips(page).first().locator('[data-slip]').click()
  await page.getByRole('button', { name: 'Take from the clipboard' }).click()
  await expect(page.getByLabel('the source’s words, exactly')).toHaveValue(
    'We did not notice the mud. We noticed that the flour came later.',
  )
  await expect(page.getByLabel('place', { exact: true })).toHaveValue('p. 58')
  await expect(page.getByText('not used yet')).toBeVisible()
  await page.getByRole('radio', { name: 'Paraphrase' }).click()
  await page.getByLabel('in your own words').fill('They noticed that the flour came later, and not the mud.')
  await expect(page.getByText('Too close to its original.')).toBeVisible()
  await expect(page.locator('mark')).toHaveText('noticed that the flour came later')
  await page.getByLabel('in your own words').fill('Nobody saw the silt; bread simply arrived behind time.')
  await expect(page.locator('mark')).toHaveCount(0)
  await page.getByLabel('tags').fill('silence')
  await page.getByLabel('tags').press('Tab')
  await saved(page)
  await page.getByRole('button', { name: 'Fold' }).click()
  await expect(slips(page).first()).toContainText('1 passage')
  await page.getByLabel('Find among the sources').fill('silence')
  await expect(slips(page)).toHaveCount(1)
  await page.getByLabel('Find among the sources').fill('silent film')
  await expect(page.getByText('No source fits that.')).toBeVisible()
  const { passages } = await (await page.request.get(`/api/papers/${id}`)).json() as { passages: object[] }
  expect(passages).toMatchObject([{ form: 'paraphrase', locator: 'p. 58', tags: ['silence'] }])
})

test('files: a page, a PDF, a document, and one that is none of these', async ({ page }) => {
  await newPaper(page, 'Files')
  const docx = await Packer.toBuffer(
    new Document({
      sections: [
        {
          children: [
            new Paragraph('Some words of the paper.'),
            new Paragraph('Works Cited'),
            new Paragraph({
              children: [
                new TextRun('Harrow, Edith M. '),
                new TextRun({ text: 'Locks of the Lower Wend', italics: true }),
                new TextRun('. Meridian UP, 2016.'),
              ],
            }),
          ],
        },
      ],
    }),
  )
  await drop(
    page,
    file(
      'page.html',
      '<!-- saved from url=(0042)https://coastcountry.example/2024/06/night-gate --><html><head><meta name="citation_title" content="The night gate"><meta name="citation_author" content="Marr, Delphine"><meta name="citation_date" content="2024"></head></html>',
      'text/html',
    ),
    file(
      'first.pdf',
      onePagePdf([
        [9, 740, 'Bird and Shore Journal 22(5), 2013, 510-522'],
        [20, 690, 'Wader counts on a silted pond'],
        [11, 660, 'Edwin Marsh'],
        [9, 600, 'https://doi.org/10.5555/bsj.2013.2205'],
      ]),
      'application/pdf',
    ),
    file('old.docx', docx),
    file('broken.docx', Buffer.from('PK\u0003\u0004 nothing more')),
    file('photo.txt', 'just a picture of my cat'),
  )
  await expect(proposed(page)).toHaveText([
    /Marr, D\. \(2024\)\. The night gate/u,
    /Marsh, E\. \(2013\)\. Wader counts on a silted pond\. Bird and Shore Journal, 22\(5\), 510–522/u,
    /Harrow, E\. M\. \(2016\)\. Locks of the lower/u,
  ])
  await expect(tray(page)).toContainText('broken.docx, document: is damaged')
  await expect(tray(page)).toContainText('photo.txt: nothing in it could be read as sources')
})

test('thousands: read, found, chosen, saved as a file, taken out and put back', async ({ page }) => {
  await newPaper(page, 'Thousands')
  const bib = Array.from(
    { length: 2500 },
    (_, i) =>
      `@article{k${i}, author={Author${i}, Ann}, title={Study number ${i} of the slow river and its ${i} stones}, journal={Waterway Studies}, year=${1900 + (i % 120)}, volume={${i}}}`,
  ).join('\n')
  await drop(page, file('many.bib', bib))
  await expect(tray(page)).toContainText('In the tray: 2,500 sources', { timeout: 30_000 })
  await tray(page).getByRole('button', { name: 'Take all 2,500' }).click()
  await expect(page.getByRole('radio', { name: '2,500 sources' })).toBeVisible({ timeout: 45_000 })
  // Only what is near the window is drawn.
  expect(await slips(page).count()).toBeLessThan(80)
  // A file whose reading is given up leaves nothing behind.
  await drop(page, file('more.bib', bib.repeat(6).slice(0, 1_500_000)))
  await tray(page).getByRole('button', { name: 'Give up' }).click()
  await expect(page.getByText('more.bib was given up')).toBeVisible()
  await page.evaluate(() => window.scrollTo(0, document.body.scrollHeight))
  await expect(slips(page).last()).toHaveAttribute('aria-posinset', '2500')
  await page.evaluate(() => window.scrollTo(0, 0))
  await page.getByLabel('Find among the sources').fill('study number 1234')
  await expect(slips(page)).toHaveCount(1)
  await page.getByLabel('Find among the sources').fill('author12')
  await expect(slips(page).first()).toBeVisible()
  // By keyboard: the slip, space, shift and arrows, all that are shown.
  await slips(page).first().locator('[data-slip]').focus()
  await page.keyboard.press('Space')
  await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await expect(page.getByText('3 chosen')).toBeVisible()
  await page.getByRole('button', { name: 'Save as a file…' }).click()
  const [saved] = await Promise.all([page.waitForEvent('download'), page.getByRole('menuitem', { name: 'BibTeX' }).click()])
  expect(readFileSync(await saved.path(), 'utf8').match(/@article\{/gu)).toHaveLength(3)
  await page.getByRole('button', { name: 'Take out of this paper' }).click()
  await expect(page.getByText('3 sources taken out')).toBeVisible()
  await page.getByRole('button', { name: 'Put back' }).click()
  await page.getByLabel('Find among the sources').fill('')
  await expect(page.getByRole('radio', { name: '2,500 sources' })).toBeVisible()
})

test('two that are one: merged, and the citation follows; a cited source does not leave in silence', async ({ page }) => {
  const id = await newPaper(page, 'Merging', [BOOK, { ...BOOK, fields: { ...BOOK.fields, place: 'Bristol' } }])
  const { paper, sources } = (await (await page.request.get(`/api/papers/${id}`)).json()) as {
    paper: { revision: number }
    sources: { id: string, key: string }[]
  }
  const cite = (source: string) => ({
    type: 'citation',
    attrs: { id: `c${source.slice(0, 6)}`, data: { items: [{ id: source }], form: 'parenthetical' } },
  })
  const body = {
    type: 'doc',
    content: [
      { type: 'paragraph', content: [{ type: 'text', text: 'The gate fell at noon ' }, cite(sources[1]!.id), { type: 'text', text: '.' }] },
    ],
  }
  expect((await page.request.patch(`/api/papers/${id}`, { data: { revision: paper.revision, body } })).status()).toBe(200)
  await page.reload()
  const second = slips(page).filter({ hasText: 'Twice in this paper' })
  await second.locator('[data-slip]').click()
  await page.getByRole('button', { name: 'Merge the two' }).click()
  await page.getByRole('button', { name: 'Merge them' }).click()
  await expect(slips(page)).toHaveCount(1)
  await page.getByRole('link', { name: /Write$/u }).click()
  await expect(page.locator('.citation')).toHaveText('(Tremayne, 2018)')
  await page.goBack()
  await slips(page).first().locator('[data-slip]').click()
  await page.getByRole('button', { name: 'Take out of this paper' }).click()
  const warning = page.getByRole('alertdialog', { name: 'Sources that are cited' })
  await expect(warning).toContainText('Tremayne (2018) is cited 1 time.')
  await expect(warning).toContainText('The gate fell at noon')
  await warning.getByRole('button', { name: 'Keep it' }).click()
  await expect(slips(page)).toHaveCount(1)
})

test('the anatomy works both ways, by keyboard and by touch, and every form can be copied', async ({ page }) => {
  await page.goto('/papers/demo-carewick/gather?source=demo-okonjo-2021')
  const anatomy = page.getByTestId('anatomy')
  await anatomy.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('Date.', { exact: false }).first()).toBeVisible()
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await expect(page.getByText('Italic, because it belongs to the journal.')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Volume', { exact: true })).toBeFocused()
  await anatomy.getByText('101–119').click()
  await expect(page.getByLabel('Pages', { exact: true })).toBeFocused()
  await page.getByRole('button', { name: 'Copy: In the list' }).click()
  const copied = await page.evaluate(async () => (await (await navigator.clipboard.read())[0]!.getType('text/html')).text())
  expect(copied).toContain('<i>Journal of Estuary Heritage</i>')
})

test('names are put in order by dragging their handle, and by keys', async ({ page }) => {
  const id = (await (await page.request.post('/api/papers', { data: { title: 'In order' } })).json() as { id: string }).id
  const author = ['Moss', 'Okonjo', 'Tremayne'].map(family => ({ family, given: 'Ada' }))
  const made = await (await page.request.post(`/api/papers/${id}/sources`, { data: { kind: 'book', fields: { title: 'Mud', author } } })).json() as { id: string }
  await page.goto(`/papers/${id}/gather?source=${made.id}`)
  const anatomy = page.getByTestId('anatomy')
  await expect(anatomy).toContainText('Moss, A., Okonjo, A., & Tremayne, A.')
  const rows = page.locator('[data-names=author] .name-row')
  await rows.nth(2).hover()
  await rows.nth(2).locator('[data-handle]').dragTo(rows.nth(0))
  await expect(anatomy).toContainText('Tremayne, A., Moss, A., & Okonjo, A.')
  await page.getByLabel('Author 3', { exact: true }).press('Alt+ArrowUp')
  await expect(anatomy).toContainText('Tremayne, A., Okonjo, A., & Moss, A.')
  // Three words and more: where the surname begins is shown, and taken by a key or the mouse.
  const third = page.getByLabel('Author 3', { exact: true })
  await third.fill('Inés Robles Ferrer')
  await expect(anatomy).toContainText('& Ferrer, I. R.')
  await third.press('Alt+1')
  await expect(anatomy).toContainText('& Robles Ferrer, I.')
  await page.getByRole('button', { name: 'The surname may be Ferrer: write Ferrer, Inés Robles' }).click()
  await expect(anatomy).toContainText('& Ferrer, I. R.')
  // And in a line the mouse still chooses words.
  await page.getByLabel('Author', { exact: true }).dblclick({ position: { x: 20, y: 12 } })
  expect(await page.getByLabel('Author', { exact: true }).evaluate((el: HTMLInputElement) => el.value.slice(el.selectionStart!, el.selectionEnd!).trim())).toBe('Tremayne')
})
