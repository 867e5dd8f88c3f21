/** Bad luck: a second tab, a paper left while saving fails, a field that goes away, a page closed at once. No word is lost. */
import { expect, test, type Page, type Route } from '@playwright/test'
import { begin, cite, newPaper, saved, sheet, text, type Made } from './paper'

const PATCH = (made: Pick<Made, 'id'>) => `**/api/papers/${made.id}`
/** Saving this paper fails until it is let. */
async function away(page: Page, made: Pick<Made, 'id'>): Promise<() => Promise<void>> {
  const fails = (route: Route) => (route.request().method() === 'PATCH' ? route.abort() : route.fallback())
  await page.route(PATCH(made), fails)
  return () => page.unroute(PATCH(made), fails)
}
const bodyOf = async (page: Page, made: Pick<Made, 'id'>): Promise<string> =>
  JSON.stringify(((await (await page.request.get(`/api/papers/${made.id}`)).json()) as { paper: { body: unknown } }).paper.body)
interface Workspace {
  paper: { title: string, details: Record<string, string> }
  sources: { key: string, annotation: string, fields: Record<string, unknown> }[]
}
const stands = async (page: Page, made: Pick<Made, 'id'>) => (await (await page.request.get(`/api/papers/${made.id}`)).json()) as Workspace
const state = (page: Page) => page.getByTestId('save-state')

test('a paper left while saving fails goes on by itself, and its words never come into another', async ({ page, request }) => {
  const [a, b] = [await newPaper(request, 'The first'), await newPaper(request, 'The second')]
  await begin(page, a)
  const back = await away(page, a)
  await page.keyboard.type('Words of the first.')
  await expect(state(page)).toContainText('kept in this browser')
  await page.getByRole('link', { name: 'Dendle: to the Desk' }).click()
  await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible()
  await expect(page.getByText('“The first” is not saved yet')).toBeVisible()
  await page.getByRole('link', { name: /The second/u }).first().click()
  await page.getByRole('link', { name: /Write$/u }).click()
  await sheet(page).click()
  await page.keyboard.type('Words of the second.')
  await saved(page)
  await back()
  await expect.poll(() => bodyOf(page, a), { timeout: 40_000 }).toContain('Words of the first.')
  expect(await bodyOf(page, b)).toContain('Words of the second.')
  expect([await bodyOf(page, a), await bodyOf(page, b)].map(body => body.includes('first') && body.includes('second'))).toEqual([false, false])
})

test('what is typed while another tab’s text is being met stays, and the cursor with it', async ({ page, context, request }) => {
  const made = await newPaper(request, 'Two tabs')
  await begin(page, made)
  await page.keyboard.type('First paragraph.')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Second paragraph.')
  await saved(page)
  const other = await context.newPage()
  await other.goto(`/papers/${made.id}/write`)
  await sheet(other).getByText('First paragraph.').click()
  await other.keyboard.press('Home')
  await other.keyboard.type('Theirs. ')
  await saved(other)
  // Whatever this tab asks for is slow to come.
  await page.route(PATCH(made), async (route) => {
    if (route.request().method() === 'GET') await new Promise(resolve => setTimeout(resolve, 1500))
    await route.fallback()
  })
  await sheet(page).getByText('Second paragraph.').click()
  await page.keyboard.press('Home')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.type('abc', { delay: 200 })
  await page.waitForTimeout(700)
  await page.keyboard.type('defghij', { delay: 150 })
  await expect(sheet(page)).toContainText('Theirs. First paragraph.')
  await expect(sheet(page)).toContainText('Sabcdefghijecond paragraph.')
  await saved(page)
  expect(await text(page)).toEqual(['Theirs. First paragraph.', 'Sabcdefghijecond paragraph.'])
  // Undo takes back what was typed here, and nothing of the other's.
  for (let i = 0; i < 6; i++) await page.keyboard.press('Control+z')
  await expect(sheet(page)).toContainText('Theirs. First paragraph.')
  await expect(sheet(page)).not.toContainText('abcdef')
})

test('two tabs give different details, and both are there; of one detail the other’s words are offered', async ({ page, context, request }) => {
  const made = await newPaper(request, 'Details')
  const other = await context.newPage()
  await Promise.all([page, other].map(tab => tab.goto(`/papers/${made.id}/hand-in`)))
  await page.getByRole('textbox', { name: 'Course' }).fill('HIS 1')
  await saved(page)
  await other.getByRole('textbox', { name: 'Instructor' }).fill('Professor Moss')
  await saved(other)
  await expect(other.getByRole('textbox', { name: 'Course' })).toHaveValue('HIS 1')
  expect((await stands(page, made)).paper.details).toMatchObject({ course: 'HIS 1', instructor: 'Professor Moss' })
  await page.getByRole('textbox', { name: 'Instructor' }).fill('Dr Fell')
  await expect(page.getByText('Another tab gave instructor as “Professor Moss”. What is typed here stays.')).toBeVisible()
  await page.getByRole('button', { name: 'Take the other' }).click()
  await expect(page.getByRole('textbox', { name: 'Instructor' })).toHaveValue('Professor Moss')
  await saved(page)
  expect((await stands(page, made)).paper.details.instructor).toBe('Professor Moss')
})

test('a field stays the field it is however much is typed into it, and the line that takes sources in takes nothing that it was not given', async ({ page, request }) => {
  const made = await newPaper(request, 'A letter too many')
  await page.goto(`/papers/${made.id}/gather`)
  const line = page.getByLabel(/^Take in a source/u)
  await page.route('**/sources/many', async (route) => {
    await new Promise(resolve => setTimeout(resolve, 900))
    await route.fallback()
  })
  await line.fill('A first title')
  await page.keyboard.press('Enter')
  await page.waitForTimeout(200)
  await page.keyboard.type(' and a second', { delay: 60 })
  await expect(page.locator('[data-slip]').filter({ hasText: 'A first title' })).toBeVisible()
  await expect(line).toHaveValue(/and a second$/u)
  await expect(line).toBeFocused()
  await line.fill('')
  await page.locator('[data-slip]').filter({ hasText: 'Working the tide' }).click()
  const title = page.locator('[data-field="title"]')
  await title.click()
  await page.keyboard.press('Control+a')
  const long = 'A title of rather more than ninety letters, as books of the eighteenth century have them, and then a few more'
  await page.keyboard.type(long)
  await expect(title).toHaveValue(long)
  await expect(title).toBeFocused()
})

/** What is typed into fields that used to give it on only when they were left. */
test('what stands in a field a second after its last letter is there when the page is loaded again', async ({ page, request }) => {
  const made = await newPaper(request, 'Left in a field')
  await begin(page, made)
  await page.keyboard.type('The pond silts.')
  await cite(page, 'okonjo')
  await saved(page)
  const title = page.getByRole('textbox', { name: 'Title of the paper' })
  await title.fill('Left in a field, and named anew')
  await sheet(page).locator('.citation').click()
  const place = page.locator('[data-card] [data-place]').first()
  await place.click()
  await place.pressSequentially('104-6')
  await page.waitForTimeout(1200)
  await page.reload()
  await expect(title).toHaveValue('Left in a field, and named anew')
  await expect(sheet(page).locator('.citation')).toHaveText('(Okonjo, 2021, pp. 104–106)')

  await page.goto(`/papers/${made.id}/gather`)
  await page.locator('[data-slip]').filter({ hasText: 'Silt, salt' }).click()
  await page.getByRole('textbox', { name: 'Key of this source' }).fill('silt-2021')
  await page.waitForTimeout(1800)
  const line = page.getByLabel(/^Take in a source/u)
  await line.fill('A title begun')
  await page.waitForTimeout(300)
  await page.reload()
  await expect(line).toHaveValue('A title begun')
  expect((await stands(page, made)).sources.map(one => one.key)).toContain('silt-2021')

  await page.goto(`/papers/${made.id}/list/compare`)
  const box = page.getByRole('textbox', { name: 'The other list' })
  await box.pressSequentially('Moss, A. (2020). Tides.')
  await page.reload()
  await expect(box).toHaveValue('Moss, A. (2020). Tides.')
})

test('a page that is closed a fifth of a second after the last letter has lost none', async ({ page, context, request }) => {
  const made = await newPaper(request, 'Closed at once')
  const closed = async (path: string, type: (tab: Page) => Promise<void>) => {
    const tab = await context.newPage()
    await tab.goto(`/papers/${made.id}/${path}`)
    await type(tab)
    await tab.waitForTimeout(200)
    await tab.close()
  }
  await closed('write', async (tab) => {
    await sheet(tab).click()
    await tab.keyboard.type('It was typed at the very end', { delay: 5 })
  })
  await closed('write', async (tab) => {
    await expect(sheet(tab)).toContainText('It was typed at the very end')
    await tab.getByRole('textbox', { name: 'Title of the paper' }).fill('Closed, and named anew')
  })
  await closed('gather', async (tab) => {
    await tab.locator('[data-slip]').filter({ hasText: 'Working the tide' }).click()
    await tab.getByRole('textbox', { name: /^Annotation/u }).pressSequentially('Of use, said at the end.', { delay: 5 })
  })
  await closed('hand-in', async (tab) => {
    await expect(tab.getByRole('textbox', { name: 'Title of the paper' })).toHaveValue('Closed, and named anew')
    await tab.getByRole('textbox', { name: 'Course' }).pressSequentially('HIS 210', { delay: 5 })
  })
  await page.goto(`/papers/${made.id}/hand-in`)
  await expect(page.getByRole('textbox', { name: 'Course' })).toHaveValue('HIS 210')
  await saved(page)
  const all = await stands(page, made)
  expect([all.paper.title, all.paper.details.course, all.sources.find(one => one.key === 'tremayne-2018')?.annotation])
    .toEqual(['Closed, and named anew', 'HIS 210', 'Of use, said at the end.'])
  expect(await bodyOf(page, made)).toContain('It was typed at the very end')
})

const bibliography = (n: number) => Array.from({ length: n }, (_, i) => `@book{k${i}, title = {Part ${i} of the tides}, author = {Moss, Ada}, year = {2020}}`).join('\n')
async function dropIn(page: Page, n: number) {
  await page.getByLabel('Files with sources').setInputFiles({ name: 'many.bib', mimeType: 'text/plain', buffer: Buffer.from(bibliography(n)) })
  await expect(page.getByRole('heading', { name: new RegExp(`In the tray: ${n.toLocaleString('en')} sources`, 'u') })).toBeVisible({ timeout: 60_000 })
}

test('the tray is there when the page is loaded again, and what was begun is gone on with', async ({ page, request }) => {
  const { id } = await (await request.post('/api/papers', { data: { title: 'A tray', style: 'apa-7' } })).json() as { id: string }
  await page.goto(`/papers/${id}/gather`)
  await dropIn(page, 2000)
  await page.waitForTimeout(800)
  await page.reload()
  await expect(page.getByRole('heading', { name: /In the tray: 2,000 sources/u })).toBeVisible({ timeout: 30_000 })
  // Two lots are taken in, and then the page is gone.
  let lots = 0
  await page.route('**/sources/many', async (route) => {
    if (++lots > 2) await new Promise(resolve => setTimeout(resolve, 60_000))
    await route.fallback().catch(() => undefined)
  })
  await page.getByRole('button', { name: 'Take all 2,000' }).click()
  await expect.poll(() => lots).toBe(3)
  await page.unroute('**/sources/many')
  await page.reload()
  const count = async () => ((await (await page.request.get(`/api/papers/${id}`)).json()) as { sources: unknown[] }).sources.length
  await expect.poll(count, { timeout: 60_000 }).toBe(2000)
  await expect(page.getByRole('heading', { name: /In the tray/u })).toHaveCount(0)
})

test('taking in goes on when one leaves Gather, in the paper it was begun in', async ({ page, request }) => {
  const { id } = await (await request.post('/api/papers', { data: { title: 'Left while taking in', style: 'apa-7' } })).json() as { id: string }
  await page.goto(`/papers/${id}/gather`)
  await dropIn(page, 2000)
  await page.getByRole('button', { name: 'Take all 2,000' }).click()
  await page.getByRole('link', { name: 'Dendle: to the Desk' }).click()
  await page.getByRole('link', { name: /Should Carewick Mend/u }).first().click()
  const count = async (of: string) => ((await (await page.request.get(`/api/papers/${of}`)).json()) as { sources: unknown[] }).sources.length
  const before = await count('demo-carewick')
  await expect.poll(() => count(id), { timeout: 60_000 }).toBe(2000)
  expect(await count('demo-carewick')).toBe(before)
})

test('a paper taken off the Desk elsewhere comes back with what was written here', async ({ page, request }) => {
  const made = await newPaper(request, 'Gone')
  await begin(page, made)
  await request.delete(`/api/papers/${made.id}`)
  await page.keyboard.type('Written when it was gone.')
  await expect(page.getByRole('alert').filter({ hasText: 'taken off the Desk in another window' })).toBeVisible()
  await page.getByRole('button', { name: 'Put it back' }).click()
  await saved(page)
  expect(await bodyOf(page, made)).toContain('Written when it was gone.')
})

test('a large packed file goes out and comes back, and others save meanwhile', async ({ page, request }) => {
  const made = await newPaper(request, 'Large')
  // Words that no packing makes small.
  let n = 1
  const word = () => { n = (n * 48_271) % 2_147_483_647; return n.toString(36) }
  const content = Array.from({ length: 3000 }, () => ({ type: 'paragraph', content: [{ type: 'text', text: Array.from({ length: 400 }, word).join(' ') }] }))
  const { paper: { revision } } = await (await request.get(`/api/papers/${made.id}`)).json() as { paper: { revision: number } }
  expect((await request.patch(`/api/papers/${made.id}`, { data: { revision, body: { type: 'doc', content } } })).status()).toBe(200)
  const other = await newPaper(request, 'Meanwhile')
  let packed = false
  const packing = request.get(`/api/papers/${made.id}/take/zip`).finally(() => { packed = true })
  let meanwhile = 0
  for (let i = 1; i <= 20; i++) {
    expect((await request.patch(`/api/papers/${other.id}`, { data: { revision: i, title: `Meanwhile ${i}` } })).status()).toBe(200)
    if (!packed) meanwhile++
  }
  // Saves are answered before the packing is done, on however slow a machine.
  expect(meanwhile).toBeGreaterThan(0)
  const file = await (await packing).body()
  expect(file.length).toBeGreaterThan(5 * 1024 * 1024)
  await request.delete(`/api/papers/${made.id}`)
  await page.goto('/')
  await page.getByLabel('A packed file to bring in').setInputFiles({ name: 'Large.zip', mimeType: 'application/zip', buffer: file })
  await expect(page.getByText('“Large” is on the Desk')).toBeVisible({ timeout: 60_000 })
  expect((await (await request.get(`/api/papers/${made.id}`)).json() as { paper: { body: { content: unknown[] } } }).paper.body.content).toHaveLength(3000)
})

test('a file that would take minutes to unpack holds nobody up', async ({ request }) => {
  const { zipSync, strToU8 } = await import('fflate')
  const bomb = zipSync({
    'dendle.json': strToU8(JSON.stringify({ format: 'dendle', version: 1 })),
    'sources.json': strToU8(`[${'[],'.repeat(20_000_000)}[]]`),
  }, { level: 9 })
  expect(bomb.length).toBeLessThan(200_000)
  let read = false
  const sent = { data: Buffer.from(bomb), headers: { 'content-type': 'application/zip' }, timeout: 60_000 }
  const taken = request.post('/api/archive', sent).finally(() => { read = true })
  let meanwhile = 0
  for (let i = 0; i < 10; i++) {
    expect((await request.get('/api/health')).ok()).toBe(true)
    if (!read) meanwhile++
  }
  expect(meanwhile).toBeGreaterThan(0)
  const answer = await (await taken).json() as { problems: string[] }
  expect(answer.problems).toHaveLength(1)
  expect(answer.problems[0]).toMatch(/1,500,000 pieces|64 MB/u)
})

test('whatever is sent is answered, and never by 500', async ({ request }) => {
  const { fuzz } = await import('../../bench/fuzz.mjs') as { fuzz: (base: string, count: number, seed: number) => Promise<{ bad: string[] }> }
  await request.get('/api/health')
  expect((await fuzz('http://127.0.0.1:4397', 700, 7)).bad).toEqual([])
})
