/** Check: what a careful marker would circle, gone through by keys, mended, left and taken up; and a list laid beside the paper's. */
import { expect, test, type Page } from '@playwright/test'
import { violations } from './accessible'
import { newPaper, pasteHtml, saved, sheet } from './paper'

const para = (...content: object[]) => ({ type: 'paragraph', content })
const words = (text: string) => ({ type: 'text', text })
const cited = (id: string, source: string, rest: object = {}, item: object = {}) =>
  ({ type: 'citation', attrs: { id, data: { items: [{ id: source, ...item }], form: 'parenthetical', ...rest } } })
const findings = (page: Page) => page.locator('main li.finding')
const rules = (page: Page) => findings(page).evaluateAll(all => all.map(one => (one as HTMLElement).dataset.rule))

test('every finding of a paper is dealt with by keys alone, undone as one, and left ones come back', async ({ page, request }) => {
  const made = await newPaper(request, 'Silt')
  const [okonjo, tremayne] = made.sources as unknown as [{ id: string }, { id: string }]
  const body = { type: 'doc', content: [
    { type: 'heading', attrs: { level: 2 }, content: [words('The Pond.')] },
    para(words('According to Okonjo, ponds fill '), cited('c1', okonjo.id), words('.')),
    para(words('Mills  wait for the tide. '), cited('c2', tremayne.id, {}, { locator: { label: 'page', place: '4' } })),
    { type: 'paragraph' },
    para(words('Studies show that “a mill is a kind of patience with a wheel on it” '), cited('c3', tremayne.id), words('. It waits.')),
  ] }
  await request.patch(`/api/papers/${made.id}`, { data: { revision: 1, body, details: { writer: 'T. Vale', institution: 'Northmere', course: 'GEO 214', instructor: 'Dr. Hume', date: 'May 3, 2026' } } })
  await page.goto(`/papers/${made.id}/check`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Seven things a careful marker would circle')
  expect(await rules(page)).toEqual([
    'citations.named-twice', 'citations.behind-stop', 'citations.no-page', 'page.heading-skipped', 'page.heading-stop', 'page.spaces', 'page.empty',
  ])
  // What it is about is shown among the words around it.
  await expect(page.getByRole('region', { name: 'Where it stands' }).locator('mark')).toHaveText('(Okonjo, 2021)')
  await findings(page).first().focus()
  await page.keyboard.press('Enter')
  await expect(findings(page)).toHaveCount(6)
  await page.keyboard.press('Enter')
  await expect(findings(page)).toHaveCount(5)
  // The quotation lacks its page: it is typed where it is missed.
  await expect(findings(page).first()).toContainText('A quotation gives its page.')
  await page.keyboard.press('Tab')
  await page.keyboard.type('p. 12')
  await page.keyboard.press('Enter')
  await expect(findings(page)).toHaveCount(4)
  await findings(page).first().focus()
  await page.keyboard.press('l')
  await expect(findings(page)).toHaveCount(3)
  await page.getByRole('button', { name: 'Fix the 3 certain' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Nothing that a careful marker would circle')
  await expect(page.getByText('3 fixes done.')).toBeVisible()
  await saved(page)

  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(findings(page)).toHaveCount(3)
  await page.getByRole('button', { name: 'look again' }).click()
  await expect(findings(page)).toHaveCount(1)
  await page.getByRole('button', { name: 'Take it up again' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Four things a careful marker would circle')
  await page.getByRole('button', { name: 'Fix the 4 certain' }).click()
  await saved(page)
  await page.goto(`/papers/${made.id}/write`)
  await expect(sheet(page).locator('h1')).toHaveText('The Pond')
  await expect(sheet(page)).toContainText('According to Okonjo, ponds fill (2021).')
  await expect(sheet(page)).toContainText('Mills wait for the tide (Tremayne, 2018, p. 4).')
  await expect(sheet(page)).toContainText('on it” (Tremayne, 2018, p. 12). It waits.')
})

test('the demo paper has what was planted in it, pictures that lead to the text, and tables beside them', async ({ page }) => {
  await page.goto('/papers/demo-carewick/check')
  await expect(findings(page).first()).toBeVisible()
  expect(await rules(page)).toEqual([
    'citations.named-twice', 'citations.no-page', 'citations.page-outside', 'quotations.last-word', 'own-words.too-close', 'own-words.no-source',
  ])
  await expect(page.getByRole('link', { name: '6 findings, Check' })).toBeVisible()
  await expect(page.locator('main svg').first()).toBeVisible()
  await page.getByRole('button', { name: 'as a table' }).click()
  await expect(page.getByRole('row', { name: /^1 For four hundred years/u })).toBeVisible()
  expect(await violations(page)).toEqual([])
  // A finding is gone to: its words are selected on the sheet.
  await findings(page).filter({ hasText: 'Is it known to everyone?' }).getByRole('link', { name: 'Show it' }).click()
  await expect(sheet(page)).toBeVisible()
  await expect.poll(() => page.evaluate(() => String(getSelection()))).toContain('Most of the old mills were given up before 1900')
})

test('a list of six with nine mistakes is laid beside the paper’s, and each is named', async ({ page }) => {
  await page.goto('/papers/demo-carewick/list/compare')
  await page.getByRole('textbox', { name: 'The other list' }).focus()
  await pasteHtml(page, `<h1>Works Cited</h1>
    <p>Abara, N., Bellweather, I., Castellan, M., and Dufresne, O. (2022). Sediment Budgets of Restored Tide Mill Ponds. <i>Estuarine Processes</i>, <i>47(6)</i>, 880–902. https://doi.org/10.5555/ep.2022.4706.</p>
    <p>Gill, R. (2023, March 14). <i>How a tide mill works</i>. Mill Trails. Retrieved from https://milltrails.example/how-it-works</p>
    <p>Okonjo, A. R. (2020). Silt, salt, and patience: restoring a tide mill on the Arun estuary. <i>J. Estuary Herit.</i>, <i>14</i>(2), 101–119. https://doi.org/10.5555/jeh.2021.0142</p>
    <p>The last miller of Thornham. (2022, June). Coast &amp; Country, <i>18</i>(6), 44–49.</p>
    <p>Vasquez, L. M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804</p>
    <p>Penhale, M. (2021). <i>Estuary people</i>. Saltmarsh Press.</p>`)
  await expect(page.getByRole('status').filter({ hasText: 'right to the comma' })).toHaveText('5 entries, 1 right to the comma, 9 differences')
  for (const says of [
    'An ampersand stands before the last author.', 'Titles take sentence case: 5 capitals too many.', 'The issue is upright, not italic.', 'No full stop after a DOI.',
    '“Retrieved from” is not printed before an address in APA 7.', 'The date is “2020” in that list and “2021” in your source.', 'A capital after the colon.', 'The journal is given in full.',
    'The magazine is italic.', 'stands after Hale: under l: The is not counted.', 'The heading is “Works Cited”; in APA 7 it is “References”.', 'No hanging indent',
  ]) await expect(page.getByText(says).first()).toBeVisible()
  await expect(page.locator('[data-source$="vasquez-2019"]')).toContainText('Right.')
  await page.getByRole('button', { name: 'Use this detail' }).click()
  await expect(page.getByText('1 detail taken from the other list.')).toBeVisible()
  await expect(page.locator('[data-source$="okonjo-2021"]')).not.toContainText('The date is')
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await expect(page.locator('[data-source$="okonjo-2021"]')).toContainText('The date is')
  await page.getByRole('button', { name: 'Put it in the tray' }).click()
  await expect(page).toHaveURL(/gather/u)
  await expect(page.getByText('Estuary people')).toBeVisible()
  await page.getByRole('button', { name: 'Drop all' }).or(page.getByRole('button', { name: 'Drop', exact: true })).first().click()
})

test('findings stand in the margin when they are wished for, are mended there, and stay away otherwise', async ({ page, request }) => {
  const { id } = await newPaper(request, 'Margins')
  await request.patch(`/api/papers/${id}`, { data: { revision: 1, body: { type: 'doc', content: [para(words('Mills  wait for the tide [ref: nobody-1999].'))] } } })
  await page.goto(`/papers/${id}/write`)
  const margin = page.getByRole('complementary', { name: /^Margin/u })
  const wish = async (word: string) => {
    await page.getByRole('button', { name: 'Text…' }).click()
    await page.getByRole('menuitem', { name: word }).click()
  }
  await expect(sheet(page)).toContainText('wait for the tide')
  await expect(margin.getByRole('button')).toHaveCount(0)
  await wish('Findings in the margin')
  await margin.getByRole('button', { name: 'Doubled spaces' }).click()
  // The mark without its source is said once, over the sheet.
  await expect(page.getByText('1 mark without a source')).toBeVisible()
  await expect(margin.getByText('A mark without its source')).toHaveCount(0)
  await margin.getByRole('button', { name: 'Show it' }).click()
  expect(await page.evaluate(() => String(getSelection()))).toBe('  ')
  await margin.getByRole('button', { name: 'Make it one' }).click()
  await expect.poll(() => sheet(page).evaluate(one => one.textContent)).toContain('Mills wait')
  await expect(margin.getByRole('button')).toHaveCount(0)
  await wish('No findings in the margin')
})

test('a reader that cannot be had says so, and is had when it is asked for again', async ({ page, request }) => {
  const made = await newPaper(request, 'Silt')
  const body = { type: 'doc', content: [para(words('The mill  waits.'))] }
  await request.patch(`/api/papers/${made.id}`, { data: { revision: 1, body } })
  await page.route('**/_nuxt/check.worker-*.js', route => route.abort())
  await page.goto(`/papers/${made.id}/check`)
  const problem = page.getByRole('alert').filter({ hasText: 'The paper could not be read through. Nothing in it is lost' })
  await expect(problem).toBeVisible()
  await page.unroute('**/_nuxt/check.worker-*.js')
  await problem.getByRole('button', { name: 'Read it again' }).click()
  await expect(findings(page).filter({ hasText: 'space' })).toHaveCount(1)
  await expect(problem).toHaveCount(0)
})
