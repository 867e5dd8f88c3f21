/** The paper, with citations that take care of themselves: the stories of Write on the built server. */
import { expect, test } from '@playwright/test'
import { Document, FootnoteReferenceRun, HeadingLevel, Packer, Paragraph, TextRun } from 'docx'
import { begin, chips, cite, newPaper, pasteHtml, saved, sheet, style, text } from './paper'
import { ownServer } from './server'

test('three paragraphs with six citations in APA, each where it belongs', async ({ page, request }) => {
  await begin(page, await newPaper(request, 'Six citations'))
  await page.keyboard.type('The pond silts.')
  await cite(page, 'okonho 2021', '104-6')
  await page.keyboard.type(' They called it “the only clock.”')
  await cite(page, 'tremayne', 'ch 3')
  await page.keyboard.press('Enter')
  await page.keyboard.type('According to Okonjo ')
  await cite(page, 'okonjo')
  await page.keyboard.type(', mud wins. Both ')
  await cite(page, 'vasquez', '', 'Vasquez and Thorne (2019)')
  await page.keyboard.type(' say so.')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Who dredges?')
  await cite(page, 'tidal range', 'fig 2')
  // The sixth has two works.
  await page.keyboard.type(' It is agreed ;;')
  const picker = page.getByRole('dialog', { name: 'Cite a source' })
  await picker.getByRole('combobox').fill('working')
  await page.keyboard.press('Enter')
  await picker.getByRole('button', { name: 'Add a source' }).click()
  await picker.getByRole('combobox').fill('silt')
  await page.keyboard.press('Enter')
  await picker.getByRole('button', { name: 'Put it in' }).click()
  expect(await text(page)).toEqual([
    'The pond silts (Okonjo, 2021, pp. 104–106). They called it “the only clock” (Tremayne, 2018, Chapter 3).',
    'According to Okonjo (2021), mud wins. Both Vasquez and Thorne (2019) say so.',
    'Who dredges (Vasquez & Thorne, 2019, Figure 2)? It is agreed (Okonjo, 2021; Tremayne, 2018)',
  ])
  // Split, join, undo.
  await chips(page).last().click()
  const margin = page.getByLabel('Margin: the citations of this paper')
  await margin.getByRole('button', { name: 'Split' }).click()
  await expect(chips(page)).toHaveCount(7)
  await margin.getByRole('button', { name: /^Join with/u }).click()
  await expect(chips(page)).toHaveCount(6)
  // Outside Dendle a copied citation is its text.
  await chips(page).first().click()
  await margin.getByRole('button', { name: 'Copy', exact: true }).click()
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('(Okonjo, 2021, pp. 104–106)')
  await saved(page)
})

test('paragraphs change places in IEEE, and the numbers follow; raised numbers take the stop inside', async ({ page, request }) => {
  await begin(page, await newPaper(request, 'Numbers follow', 'ieee'))
  // Typed without a pause: what follows the two semicolons is the picker's already.
  await page.keyboard.type('First ;;okonjo')
  await page.keyboard.press('Enter')
  await page.getByRole('dialog', { name: 'Cite a source' }).getByRole('button', { name: 'Put it in' }).click()
  await page.keyboard.press('Enter')
  await page.keyboard.type('Second ')
  await cite(page, 'tremayne')
  await expect(chips(page)).toHaveText(['[1]', '[2]'])
  await page.keyboard.press('Control+Home')
  await page.keyboard.press('Shift+End')
  await page.keyboard.press('Control+x')
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Control+v')
  await expect(chips(page).first()).toHaveText('[1]')
  await expect(sheet(page)).toContainText(/Second \[1\][\s\S]*First \[2\]/u)
  await page.keyboard.press('Control+End')
  await page.keyboard.type(' called “the only clock.”')
  await cite(page, 'vasquez')
  await expect(sheet(page)).toContainText('“the only clock” [3].')
  await style(page, 'AMA')
  await expect(chips(page).last()).toHaveText('3')
  await expect.poll(async () => (await text(page)).at(-1)).toMatch(/“the only clock\.” ?3/u)
})

test('forty-five words become a block quotation, the citation behind the stop; to Chicago and back nothing is lost', async ({
  page,
  request,
}) => {
  const made = await newPaper(request, 'A block')
  const words =
    'We did not notice the mud. We noticed that the flour came later, and then that it came only on spring tides, and then that people had stopped asking for it, and by that time nobody could say when the wheel last turned for keep.'
  const short = 'A pond is a promise made to the next tide.'
  for (const [passage, locator] of [
    [words, '58'],
    [short, '51'],
  ] as const)
    expect(
      (
        await request.post(`/api/papers/${made.id}/passages`, {
          data: { sourceId: made.sources[1]!.id, form: 'quotation', words: passage, locator },
        })
      ).status(),
    ).toBe(201)
  await begin(page, made)
  await page.keyboard.type('They put it so:')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Passage', exact: true }).click()
  const panel = page.getByRole('region', { name: 'Passages' })
  await expect(panel.getByRole('listitem')).toHaveCount(2)
  await panel.getByRole('button', { name: /^“We did not notice/u }).click()
  await panel.getByRole('button', { name: 'As a block quotation' }).click()
  await expect(sheet(page).locator('blockquote')).toHaveText(/turned for keep\. \(Tremayne, 2018, p\. 58\)$/u)
  await page.keyboard.press('Control+End')
  await panel.getByRole('button', { name: /^“A pond/u }).click()
  await panel.getByRole('button', { name: 'Tremayne writes that …' }).click()
  await expect(sheet(page)).toContainText('Tremayne (2018, p. 51) writes that “[a] pond is a promise made to the next tide.”')
  await expect(panel.getByRole('listitem')).toHaveCount(0)
  // A note of one's own, and words with a citation.
  await page.keyboard.press('Control+End')
  await page.getByRole('button', { name: 'Note', exact: true }).click()
  await expect(page.getByRole('textbox', { name: 'Your words in the note' })).toBeFocused()
  await page.keyboard.type('The survey was never finished.')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('list', { name: 'Footnotes' })).toContainText('The survey was never finished.')
  await saved(page)
  const before = ((await (await request.get(`/api/papers/${made.id}`)).json()) as { paper: { body: object } }).paper.body
  await style(page, 'Chicago notes 18th edition')
  await expect(page.getByRole('list', { name: 'Footnotes' }).getByRole('listitem')).toHaveText([
    /Loveday Tremayne, Working the Tide \(Saltmarsh Press, 2018\), 58\./u,
    /Tremayne, Working the Tide, 51\./u,
    /The survey was never finished\./u,
  ])
  await style(page, 'APA 7th edition')
  await expect(sheet(page).locator('blockquote')).toHaveText(/\(Tremayne, 2018, p\. 58\)$/u)
  await saved(page)
  expect(((await (await request.get(`/api/papers/${made.id}`)).json()) as { paper: { body: object } }).paper.body).toEqual(before)
  // Edited away from its passage: said in its card.
  await sheet(page).getByText('promise made').click()
  await page.keyboard.press('End')
  await page.getByRole('button', { name: 'Text…' }).click()
  await page.getByRole('menuitem', { name: /^Find and replace/u }).click()
  await page.getByLabel('Find in the text').fill('promise')
  await expect(page.getByText('1 of 1')).toBeVisible()
  await page.getByLabel('Replace with').fill('threat')
  await page.getByRole('button', { name: 'Replace', exact: true }).click()
  await page.getByRole('search').getByRole('button', { name: 'Close' }).click()
  await expect(page.getByLabel('Margin: the citations of this paper')).toContainText('Not in its passage: “threat made to the next tide')
})

test('pasted text is clean: italics, lists and notes stay, fonts, tabs and page numbers go, marks become citations', async ({
  page,
  request,
}) => {
  await begin(page, await newPaper(request, 'Pasted'))
  // Typed by hand, a mark is a citation as soon as it is closed.
  await page.keyboard.type('[ref: vasquez-2019, p. 58] [ref: nobody-1999]')
  await expect(sheet(page)).toHaveText('(Vasquez & Thorne, 2019, p. 58) [ref: nobody-1999]')
  await page.keyboard.press('Control+a')
  await pasteHtml(
    page,
    `<p style="font:18px Wild;background:yellow">\tThe <i>pond</i>  silts [ref: okonjo-2021, p. 104]. And \\citet{tremayne-2018} says so [ref: nobody-1999].</p><p>Vale 2</p><p>&nbsp;</p><ul><li>gate</li></ul><p>Works Cited</p><p>Harrow, Edith M. <i>Locks of the Lower Wend</i>. Meridian UP, 2016.</p>`,
  )
  await expect(chips(page)).toHaveText(['(Okonjo, 2021, p. 104)', 'Tremayne (2018)'])
  await expect(sheet(page).locator('em')).toHaveText(['pond', 'Locks of the Lower Wend'])
  expect(await sheet(page).evaluate((el) => el.innerHTML.match(/Wild|yellow|\t/u))).toBeNull()
  await expect(sheet(page)).toContainText('[ref: nobody-1999]')
  await expect(page.getByText('No source here has the key nobody-1999')).toBeVisible()
  await page.getByRole('button', { name: 'Take out; the list to Gather' }).click()
  await expect(sheet(page)).not.toContainText(/Vale 2|Works Cited|Harrow/u)
  await page.getByRole('link', { name: /Gather$/u }).click()
  await expect(page.getByRole('list', { name: 'Proposed sources' })).toContainText('Locks of the lower')
})

test('a draft comes in: text, headings, notes, typed citations, its list to the tray; and can be gone back on', async ({
  page,
  request,
}) => {
  const made = await newPaper(request, 'Untitled draft')
  const docx = await Packer.toBuffer(
    new Document({
      footnotes: {
        1: { children: [new Paragraph('See the survey of 1990.')] },
        2: {
          children: [
            new Paragraph({
              children: [
                new TextRun('See Loveday Tremayne, '),
                new TextRun({ text: 'Working the Tide', italics: true }),
                new TextRun(' (Saltmarsh, 2018), 41. The '),
                new TextRun({ text: 'Harrow', italics: true }),
                new TextRun(' was laid up.'),
              ],
            }),
          ],
        },
      },
      sections: [
        {
          children: [
            new Paragraph({ text: 'The Pond', heading: HeadingLevel.HEADING_2 }),
            new Paragraph({
              children: [
                new TextRun('It '),
                new TextRun({ text: 'silts', italics: true, color: 'FF0000', font: 'Wild' }),
                new TextRun(' (Okonjo, 2021, p. 104).'),
                new FootnoteReferenceRun(1),
              ],
            }),
            new Paragraph('12'),
            new Paragraph('Draft 3'),
            new Paragraph({
              children: [new TextRun('As Vasquez and Thorne (2019) found, it does (Nobody, 1999).'), new FootnoteReferenceRun(2)],
            }),
            new Paragraph('Tremayne waits, and the mill stands (41).'),
            new Paragraph('References'),
            new Paragraph('Harrow, E. M. (2016). Locks of the lower Wend. Meridian University Press.'),
          ],
        },
      ],
    }),
  )
  await begin(page, made)
  await page.keyboard.type('What was there before.')
  await saved(page)
  await page.getByLabel('A draft to bring in').setInputFiles({ name: 'essay.docx', mimeType: 'application/octet-stream', buffer: docx })
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('3 typed citations become real ones')
  await expect(dialog.getByRole('group', { name: /^Typed by hand/u }).getByRole('checkbox')).toHaveCount(3)
  // Each typed citation with its source: the certain ones are ticked, the likely one is offered.
  const typed = dialog.getByRole('group', { name: /^Citations typed/u }).getByRole('checkbox')
  await expect(typed).toHaveCount(3)
  await expect(typed.nth(0)).not.toBeChecked()
  await expect(typed.nth(1)).toBeChecked()
  await dialog.getByRole('checkbox', { name: /^\(41\).*Tremayne/u }).check()
  await expect(dialog).toContainText('4 typed citations become real ones')
  await expect(dialog).toContainText('1 reference, to Gather’s tray')
  // What looks like a running head may be text: the writer keeps it.
  await dialog.getByRole('checkbox', { name: /^Draft 3/u }).uncheck()
  await dialog.getByRole('button', { name: 'In place of the text' }).click()
  await expect(chips(page)).toHaveText(['(Okonjo, 2021, p. 104)', '1', 'Vasquez and Thorne (2019)', '(see Tremayne, 2018, p. 41).2', '(2018, p. 41)'])
  expect((await text(page)).slice(0, 1)).toEqual(['The Pond'])
  await expect(sheet(page)).toContainText('Draft 3')
  // What a note says beside its reference is a note still, with its italics.
  await expect(page.getByRole('list', { name: 'Footnotes' }).getByText('Harrow')).toHaveClass(/italic/u)
  await expect(sheet(page)).toContainText('(Nobody, 1999)')
  await expect(sheet(page)).not.toContainText('What was there before.')
  await expect(page.getByRole('list', { name: 'Footnotes' })).toContainText('See the survey of 1990.')
  await saved(page)
  // Back to what was there, after a look at what would change.
  await page.getByRole('button', { name: 'Text…' }).click()
  await page.getByRole('menuitem', { name: /^Earlier states/u }).click()
  await page.getByRole('button', { name: /^Before essay\.docx came in/u }).click()
  await expect(page.locator('del').filter({ hasText: 'What was there before.' })).toBeVisible()
  await page.getByRole('button', { name: 'Go back to this' }).click()
  await expect(sheet(page)).toHaveText('What was there before.')
  // A file that is no draft is named, and does nothing.
  await page
    .getByLabel('A draft to bring in')
    .setInputFiles({ name: 'virus.docx', mimeType: 'application/octet-stream', buffer: Buffer.from('MZ not a document') })
  await expect(page.getByRole('alert').filter({ hasText: 'virus.docx' })).toContainText('is no .docx file')
})

test('what a paper holds: verse, table, remark, page break, small capitals; counted as asked; keys', async ({ page, request }) => {
  await begin(page, await newPaper(request, 'Blocks'))
  await page.keyboard.type('Five words stand right here')
  await page.keyboard.press('Enter')
  await page.getByLabel('What this paragraph is').selectOption('Lines of verse')
  await page.keyboard.type('The gate fell')
  await page.keyboard.press('Enter')
  await page.keyboard.type('and the carts came')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Remember this ')
  await page.getByRole('button', { name: 'More…' }).click()
  await page.getByRole('menuitem', { name: /^A remark to myself/u }).click()
  await page.keyboard.type('ask Dr. Nolan')
  await page.getByRole('button', { name: 'More…' }).click()
  await page.getByRole('menuitem', { name: /^Table/u }).click()
  await page.keyboard.type('Pond')
  await expect(sheet(page).locator('.verse')).toHaveText(/The gate fell\s*and the carts came/u)
  await expect(sheet(page).locator('.remark')).toHaveText('ask Dr. Nolan')
  await expect(sheet(page).locator('th').first()).toHaveText('Pond')
  await expect(page.getByTestId('word-count')).toHaveText(/^15 words/u)
  await page.getByTestId('word-count').click()
  await page.getByLabel('Words asked for').fill('2000')
  await page.getByLabel('Words asked for').press('Tab')
  await expect(page.getByTestId('word-count')).toContainText('15 of 2,000 words')
  await page.keyboard.press('Escape')
  await page.locator('body').click({ position: { x: 1260, y: 700 } })
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('cite here')
  await page.keyboard.press('Escape')
  await saved(page)
  await page.reload()
  await expect(sheet(page).locator('.verse br').first()).toBeAttached()
})

test('a server killed in the middle of typing, three times: no letter is lost, and the page says so', async ({ page, request }) => {
  const server = await ownServer(4395)
  try {
    const made = await newPaper(request, 'Killed', 'apa-7', server.base)
    await page.goto(`${server.base}/papers/${made.id}/write`)
    await sheet(page).click()
    let all = ''
    for (const round of ['first', 'second', 'third']) {
      await page.keyboard.type(`Saved before the ${round}. `)
      await saved(page)
      await page.keyboard.type('Typed as it died.')
      server.kill()
      await page.keyboard.type(' And after. ')
      await expect(page.getByTestId('save-state')).toContainText('Offline: kept in this browser', { timeout: 15_000 })
      await server.start()
      await expect(page.getByTestId('save-state')).toContainText(/^Saved/u, { timeout: 40_000 })
      all += `Saved before the ${round}. Typed as it died. And after. `
      const { paper } = await (await request.get(`${server.base}/api/papers/${made.id}`)).json() as { paper: { body: object } }
      expect(JSON.stringify(paper.body)).toContain(all.trim())
    }
  }
  finally { server.kill() }
})

test('in a long paper no letter is lost, however fast paragraphs are made', async ({ page, request }) => {
  const made = await newPaper(request, 'Long')
  const content = Array.from({ length: 220 }, (_, i) => ({
    type: 'paragraph',
    content: [{ type: 'text', text: `Paragraph ${i} of a paper that is long enough for its blocks to rest while no one looks at them.` }],
  }))
  const { paper } = await (await request.get(`/api/papers/${made.id}`)).json() as { paper: { revision: number } }
  expect(
    (await request.patch(`/api/papers/${made.id}`, { data: { revision: paper.revision, body: { type: 'doc', content } } })).status(),
  ).toBe(200)
  await begin(page, made)
  await expect(sheet(page)).toHaveClass(/long/u)
  await page.keyboard.press('Control+End')
  for (let i = 0; i < 15; i++) {
    await page.keyboard.press('Enter')
    await page.keyboard.type(`Word ${i}.`)
  }
  await sheet(page).locator('p').nth(100).scrollIntoViewIfNeeded()
  await sheet(page).locator('p').nth(100).click()
  await page.keyboard.press('Home')
  for (let i = 0; i < 8; i++) {
    await page.keyboard.type(`Early ${i}.`)
    await page.keyboard.press('Enter')
  }
  await saved(page)
  const body = JSON.stringify((await (await request.get(`/api/papers/${made.id}`)).json() as { paper: { body: object } }).paper.body)
  for (let i = 0; i < 15; i++) expect(body).toContain(`"Word ${i}."`)
  expect(body.match(/Early \d\./gu)).toEqual(Array.from({ length: 8 }, (_, i) => `Early ${i}.`))
})
