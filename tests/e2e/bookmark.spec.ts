/** The bookmark: pages of another origin hand themselves over, are shown, and are taken only by the reader's own press. */
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { expect, test, type APIRequestContext, type Page } from '@playwright/test'
import { readHanded, type Handed } from '../../core/intake/page/handed'
import { readPage } from '../../core/intake/page/page'
import { PAGES } from '../../server/catalogue/pages'

let server: Server
let elsewhere = ''
const HOSTILE = `<title>"><img src=x onerror="document.title='run'"></title><meta name="author" content="<script>window.run=1</script>">
<meta name="citation_title" content="&lt;/script&gt;&lt;script&gt;window.run=1&lt;/script&gt; A mill">
<script type="application/ld+json">{"@type":"Article","headline":"</scr" }</script><h1 onclick="run()">${'long '.repeat(9000)}</h1>`
test.beforeAll(async () => {
  server = createServer((request, response) => {
    response.setHeader('content-type', 'text/html; charset=utf-8')
    const saved = PAGES[Number(request.url?.slice(1))]
    response.end(saved?.html ?? (request.url === '/hostile' ? HOSTILE : '<p>'))
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  elsewhere = `http://127.0.0.1:${(server.address() as AddressInfo).port}`
})
test.afterAll(() => server.close())

const emptyPaper = async (request: APIRequestContext, title: string) =>
  (await (await request.post('/api/papers', { data: { title, style: 'apa-7' } })).json()) as { id: string }

/** Presses the bookmark on a page, as a browser does. */
async function press(page: Page, bookmark: string): Promise<Page> {
  const opened = page.waitForEvent('popup')
  await page.evaluate(code => { (0, eval)(code) }, decodeURIComponent(bookmark.slice('javascript:'.length)))
  return opened
}

test('a page that is read is shown in a window of Dendle’s own, and taken with what was marked', async ({ page, request }) => {
  const { id } = await emptyPaper(request, 'Pages read')
  await page.goto('/')
  const link = page.getByRole('link', { name: 'Take this page' })
  const bookmark = (await link.getAttribute('href'))!
  await link.click()
  await expect(page.getByText('It works from among your browser’s bookmarks')).toBeVisible()
  const sourcesOf = async () => ((await (await request.get(`/api/papers/${id}`)).json()) as { sources: { fields: { title: string } }[] }).sources

  await page.goto(`${elsewhere}/2`)
  await page.locator('h1').selectText()
  const window = await press(page, bookmark)
  await expect(window.getByTestId('handed')).toContainText('Marr, D. (2024, June 11). The night gate')
  await expect(window.getByRole('blockquote')).toHaveText('The night gate')
  expect(await sourcesOf()).toHaveLength(0)
  await window.getByLabel('Into the paper').selectOption({ label: 'Pages read' })
  await window.getByRole('button', { name: 'Take it' }).click()
  await expect(window.getByRole('status').filter({ hasText: 'It is in “Pages read”, with what you marked.' })).toBeVisible()
  expect((await sourcesOf()).map(one => one.fields.title)).toEqual(['The night gate'])
  await window.getByRole('link', { name: 'Open its slip' }).click()
  await expect(window.getByLabel('Title', { exact: true })).toHaveValue('The night gate')
  await window.close()

  // A second time it is known.
  const again = await press(page, bookmark)
  await expect(again.getByText('This paper has it already')).toBeVisible()
  await again.close()
})

test('what the bookmark takes of a page says as much as the page saved whole', async ({ page }) => {
  await page.goto('/')
  const bookmark = decodeURIComponent((await page.getByRole('link', { name: 'Take this page' }).getAttribute('href'))!.slice('javascript:'.length))
  for (const [i, { html }] of PAGES.entries()) {
    const address = `${elsewhere}/${i}`
    await page.goto(address)
    const handed = await page.evaluate((code) => {
      let at = ''
      window.open = (to) => { at = String(to); return window }
      ;(0, eval)(code)
      return at.slice(at.indexOf('#') + 1)
    }, bookmark)
    const [whole] = readPage(html, address).proposals
    const got = readHanded(handed, { year: 2026, month: 5, day: 6 })
    if (!whole) { expect(typeof got).toBe('string'); continue }
    const { proposal: { kind, fields: { accessed: _, ...fields } } } = got as Handed
    expect({ kind, fields }).toEqual({ kind: whole.kind, fields: whole.fields })
  }
})

test('a page that means harm is text, and takes nothing by itself', async ({ page, request }) => {
  const { id } = await emptyPaper(request, 'Harm')
  await page.goto('/')
  const dendle = new URL(page.url()).origin
  const bookmark = (await page.getByRole('link', { name: 'Take this page' }).getAttribute('href'))!
  await page.goto(`${elsewhere}/hostile`)
  const window = await press(page, bookmark)
  await expect(window.getByTestId('handed')).toContainText('A mill')
  expect(await window.evaluate(() => [(globalThis as { run?: number }).run, document.title])).toEqual([undefined, 'Take a page · Dendle'])
  await window.close()
  // Its own script may open the window with anything, and write nothing.
  await page.goto(`${elsewhere}/hostile`)
  const asked = await page.evaluate(async ([to, paper]) => {
    const send = (init: RequestInit) => fetch(`${to}/api/papers/${paper}/sources`, init).then(r => r.status, () => 'refused')
    const body = JSON.stringify({ kind: 'book', fields: { title: 'Written' } })
    return [await send({ method: 'POST', body, mode: 'no-cors' }), await send({ method: 'POST', body, headers: { 'content-type': 'application/json' } })]
  }, [dendle, id] as const)
  expect(asked).toEqual(['refused', 'refused'])
  expect(((await (await request.get(`/api/papers/${id}`)).json()) as { sources: unknown[] }).sources).toHaveLength(0)
  await page.goto('/take#%7B')
  await expect(page.getByRole('alert').filter({ hasText: 'not a page that can be read' })).toBeVisible()
})
