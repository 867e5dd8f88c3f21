/** Bad input and bad luck: named, refused or kept; never lost. */
import { spawn } from 'node:child_process'
import { chmodSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, test, type Page } from '@playwright/test'

const newPaper = async (page: Page, title: string) =>
  ((await (await page.request.post('/api/papers', { data: { title } })).json()) as { id: string }).id
const BODY = { type: 'doc', content: [{ type: 'paragraph' }] }

test('the API names what is wrong, in one shape', async ({ request }) => {
  const paper = '/api/papers/demo-drowned-king'
  const { paper: { revision } } = await (await request.get(paper)).json() as { paper: { revision: number } }
  const cases: [string, string, unknown, number, string, RegExp][] = [
    ['GET', '/api/papers/nosuch-paper', undefined, 404, 'not-found', /no paper/u],
    ['GET', '/api/papers/..%2Fetc', undefined, 404, 'not-found', /./u],
    ['GET', '/api/nothing', undefined, 404, 'not-found', /./u],
    ['PATCH', paper, { revision, style: 'apa-99' }, 422, 'invalid', /no style "apa-99".*apa-7/u],
    ['PATCH', paper, { style: 'apa-7' }, 422, 'invalid', /revision/u],
    ['PATCH', paper, { revision, body: { type: 'nonsense' } }, 422, 'invalid', /"doc"/u],
    ['PATCH', paper, { revision: revision + 5, title: 'x' }, 409, 'stale', /Nothing was overwritten/u],
    ['POST', `${paper}/sources`, { kind: 'book', fields: {} }, 422, 'invalid', /./u],
    ['POST', `${paper}/sources`, { kind: 'scroll', fields: { title: 'x' } }, 422, 'invalid', /./u],
    ['POST', '/api/papers', { title: '  ' }, 422, 'invalid', /needs a title/u],
    ['POST', `${paper}/sources/many`, { sources: [] }, 422, 'invalid', /./u],
    ['POST', `${paper}/sources/many`, { sources: [{ kind: 'book', fields: { title: 'x', nonsense: 'y' } }] }, 422, 'invalid', /./u],
    ['POST', `${paper}/sources/drop`, { ids: ['not-in-it'] }, 404, 'not-found', /no source in this paper/u],
    ['POST', `${paper}/sources/use`, { ids: ['not-on-the-shelf'] }, 404, 'not-found', /no source/u],
    [
      'POST',
      `${paper}/sources/merge`,
      { keep: 'demo-rask-2019', drop: 'demo-rask-2019', revision: 1, kind: 'thesis', fields: {} },
      422,
      'invalid',
      /with itself/u,
    ],
    ['PATCH', `${paper}/sources/demo-rask-2019`, { revision: 1, key: 'Not A Key!' }, 422, 'invalid', /small letters/u],
    ['PATCH', `${paper}/sources/demo-rask-2019`, { revision: 1, key: 'tremayne-2018' }, 422, 'key-taken', /never reused/u],
    ['POST', `${paper}/passages`, { sourceId: 'demo-rask-2019', form: 'poem', words: 'x' }, 422, 'invalid', /./u],
    ['POST', `${paper}/passages`, { sourceId: 'demo-rask-2019', form: 'quotation', words: 'x'.repeat(50_001) }, 422, 'invalid', /50,000/u],
    ['PATCH', '/api/passages/not-a-passage', { revision: 1, words: 'x' }, 404, 'not-found', /no passage/u],
    ['GET', `${paper}/snapshots/not-a-state`, undefined, 404, 'not-found', /no earlier state/u],
    ['POST', '/api/catalogue', { type: 'doi', value: '' }, 422, 'invalid', /nothing to look up/u],
    ['POST', '/api/catalogue', { type: 'phone', value: '123' }, 422, 'invalid', /./u],
  ]
  for (const [method, path, data, status, code, says] of cases) {
    const answer = await request.fetch(path, { method, ...(data ? { data } : {}) })
    expect([method, path, answer.status()]).toEqual([method, path, status])
    const problem = await answer.json() as { code: string, message: string }
    expect(problem.code).toBe(code)
    expect(problem.message).toMatch(says)
  }
  expect(
    (await request.post('/api/papers', { data: Buffer.from('not json{'), headers: { 'content-type': 'application/json' } })).status(),
  ).toBe(400)
  expect((await request.post('/api/papers', { data: { title: 'x'.repeat(6_000_000) } })).status()).toBe(413)
  expect((await request.get('/api/papers', { headers: { host: 'evil.example' } })).status()).toBe(403)
  expect((await request.post('/api/papers', { data: { title: 'x' }, headers: { origin: 'https://evil.example' } })).status()).toBe(403)
})

test('a very long title, right-to-left text and emoji are kept and shown', async ({ page }) => {
  const id = await newPaper(page, 'Odd sources')
  const long = `A title ${'that goes on '.repeat(380)}`.slice(0, 5000).trim()
  for (const title of [long, 'טחנות מים של החוף', 'Mills 🌊 and <script>alert(1)</script>']) {
    expect((await page.request.post(`/api/papers/${id}/sources`, { data: { kind: 'book', fields: { title } } })).status()).toBe(201)
  }
  await page.goto(`/papers/${id}/gather`)
  await expect(page.getByText('טחנות מים של החוף')).toBeVisible()
  await expect(page.getByText(/Mills 🌊 and <script>/u)).toBeVisible()
  const sources = (await (await page.request.get(`/api/papers/${id}`)).json() as { sources: { fields: { title: string } }[] }).sources
  expect(sources.map(s => s.fields.title)).toContain(long)
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
})

test('a paper that is not there says so', async ({ page }) => {
  const answer = await page.goto('/papers/no-such-paper/write')
  expect(answer?.status()).toBe(404)
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible()
  await page.getByRole('link', { name: 'Go to the Desk' }).click()
  await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible()
})

test('two tabs on one paper: neither text is lost', async ({ page, context }) => {
  const id = await newPaper(page, 'Two tabs')
  const other = await context.newPage()
  for (const tab of [page, other]) {
    await tab.goto(`/papers/${id}/write`)
    await tab.getByRole('textbox', { name: 'The paper', exact: true }).click()
  }
  await page.keyboard.type('Written in the first tab.')
  await expect(page.getByTestId('save-state')).toContainText(/^Saved/u)
  await other.keyboard.type('Written in the second tab.')
  await expect(other.getByRole('alert')).toContainText('This paper was changed in another tab')
  await other.keyboard.type(' More.')
  // Side by side: each text in a column of its own, what is its own marked.
  await other.getByRole('button', { name: 'See both' }).click()
  const bar = other.getByRole('alert')
  await expect(bar).toContainText('The other tab’sThis tab’s')
  const [theirs, mine] = [bar.getByText('Written in the first tab.'), bar.getByText('Written in the second tab. More.')]
  await expect(theirs.locator('mark').first()).toHaveText('first')
  const [left, right] = [await theirs.boundingBox(), await mine.boundingBox()]
  expect(left!.x + left!.width).toBeLessThanOrEqual(right!.x)
  expect(Math.abs(left!.y - right!.y)).toBeLessThan(4)
  await other.getByRole('button', { name: 'Go on with this tab’s' }).click()
  await expect(other.getByTestId('save-state')).toContainText(/^Saved/u)
  const text = JSON.stringify((await (await page.request.get(`/api/papers/${id}`)).json()))
  expect(text).toContain('Written in the second tab. More.')
  expect(JSON.stringify(await (await page.request.get(`/api/papers/${id}/snapshots`)).json())).toContain('Written in the first tab.')
})

test('offline, what is written waits in the browser and goes out later', async ({ page, context }) => {
  const id = await newPaper(page, 'By the sea')
  await page.goto(`/papers/${id}/write`)
  const sheet = page.getByRole('textbox', { name: 'The paper', exact: true })
  await sheet.click()
  await page.route('**/api/**', route => route.abort())
  await page.keyboard.type('Kept while the server was away.')
  await expect(page.getByTestId('save-state')).toContainText('Offline')
  // The window is closed and opened again before the server is back.
  const again = await context.newPage()
  await page.close({ runBeforeUnload: false })
  await again.goto(`/papers/${id}/write`)
  await expect(again.getByRole('textbox', { name: 'The paper', exact: true })).toContainText('Kept while the server was away.')
  await expect(again.getByTestId('save-state')).toContainText(/^Saved/u)
  const { paper } = await (await again.request.get(`/api/papers/${id}`)).json() as { paper: { body: object } }
  expect(JSON.stringify(paper.body)).toContain('Kept while the server was away.')
  expect(paper.body).not.toEqual(BODY)
})

test('work kept in the browser meets what changed elsewhere meanwhile', async ({ page, context, request }) => {
  const id = await newPaper(page, 'Kept too long')
  await page.goto(`/papers/${id}/write`)
  await page.getByRole('textbox', { name: 'The paper', exact: true }).click()
  // For the whole browser: a page that closes makes a last attempt of its own.
  await context.setOffline(true)
  await page.keyboard.type('Typed on the train.')
  await expect(page.getByTestId('save-state')).toContainText('Offline')
  const again = await context.newPage()
  await page.close({ runBeforeUnload: false })
  const elsewhere = { type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Typed at home.' }] }] }
  expect((await request.patch(`/api/papers/${id}`, { data: { revision: 1, body: elsewhere } })).status()).toBe(200)
  await context.setOffline(false)
  await again.goto(`/papers/${id}/write`)
  await expect(again.getByRole('alert')).toContainText('changed in another tab')
  await again.getByRole('button', { name: 'Take the other' }).click()
  await expect(again.getByRole('textbox', { name: 'The paper', exact: true })).toContainText('Typed at home.')
  expect(JSON.stringify(await (await again.request.get(`/api/papers/${id}/snapshots`)).json())).toContain('Typed on the train.')
})

test('two tabs fill one field of a source: the one here stays, the other is offered', async ({ page }) => {
  const id = await newPaper(page, 'One field, two tabs')
  const source = (await (
    await page.request.post(`/api/papers/${id}/sources`, { data: { kind: 'book', fields: { title: 'Mills' } } })
  ).json()) as { id: string, revision: number }
  await page.goto(`/papers/${id}/gather?source=${source.id}`)
  await expect(page.getByTestId('anatomy')).toContainText('Mills')
  expect(
    (
      await page.request.patch(`/api/sources/${source.id}`, {
        data: { revision: source.revision, kind: 'book', fields: { title: 'Mills and tides', publisher: 'Their Press' } },
      })
    ).status(),
  ).toBe(200)
  await page.getByLabel('Publisher', { exact: true }).fill('My Press')
  await expect(page.getByRole('status').last()).toContainText('Another tab gave Publisher as “Their Press”')
  await expect(page.getByTestId('anatomy')).toContainText('Mills and tides')
  await expect(page.getByTestId('anatomy')).toContainText('My Press')
  await page.getByRole('button', { name: 'Take the other' }).click()
  await expect(page.getByTestId('anatomy')).toContainText('Their Press')
  await expect(page.getByTestId('save-state')).toContainText(/^Saved/u)
})

function startOn(data: string): Promise<{ code: number | null, said: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ['.output/server/index.mjs'], {
      env: { ...process.env, PORT: '4396', NITRO_PORT: '4396', HOST: '127.0.0.1', DENDLE_DATA: data },
    })
    let said = ''
    child.stderr.on('data', chunk => (said += String(chunk)))
    child.stdout.on('data', chunk => (said += String(chunk)))
    const timer = setTimeout(() => child.kill(), 15_000)
    child.on('exit', (code) => { clearTimeout(timer); resolve({ code, said }) })
  })
}

test('a database that cannot be used is left untouched and named', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'dendle-trouble-'))
  const corrupt = join(folder, 'corrupt.sqlite')
  writeFileSync(corrupt, 'this is no database, it is a letter')
  const broken = await startOn(corrupt)
  expect(broken.code).toBe(3)
  expect(broken.said).toContain(`${corrupt} is not a Dendle database`)
  expect(readFileSync(corrupt, 'utf8')).toBe('this is no database, it is a letter')
  const locked = join(folder, 'locked.sqlite')
  writeFileSync(locked, '')
  chmodSync(locked, 0o444)
  const refused = await startOn(locked)
  expect(refused.code).toBe(3)
  expect(refused.said).toContain('is read-only')
  const torn = join(folder, 'torn.sqlite')
  writeFileSync(torn, Buffer.concat([Buffer.from('SQLite format 3\0'), Buffer.alloc(4096, 7)]))
  const before = readFileSync(torn)
  const damaged = await startOn(torn)
  expect(damaged.code).toBe(3)
  expect(damaged.said).toContain('cannot be used')
  expect(readFileSync(torn).equals(before)).toBe(true)
})

test('two tabs that were offline and closed: the words of both come back', async ({ page, context }) => {
  const id = await newPaper(page, 'Two on the train')
  const paragraph = (text: string) => ({ type: 'paragraph', content: [{ type: 'text', text }] })
  const body = { type: 'doc', content: [paragraph('First.'), paragraph('Middle.'), paragraph('Last.')] }
  expect((await page.request.patch(`/api/papers/${id}`, { data: { revision: 1, body } })).status()).toBe(200)
  const tabs = [page, await context.newPage()]
  const paper = (tab: Page) => tab.getByRole('textbox', { name: 'The paper', exact: true })
  for (const tab of tabs) {
    await tab.goto(`/papers/${id}/write`)
    await expect(paper(tab)).toContainText('Last.')
  }
  await context.setOffline(true)
  for (const [i, tab] of tabs.entries()) {
    await tab.bringToFront()
    await paper(tab).locator('p').nth(i ? 2 : 0).click()
    await tab.keyboard.press(i ? 'End' : 'Home')
    await tab.keyboard.type(i ? ' From the second.' : 'From the first. ')
    await expect(tab.getByTestId('save-state')).toContainText('Offline')
  }
  const again = await context.newPage()
  for (const tab of tabs) await tab.close({ runBeforeUnload: false })
  await context.setOffline(false)
  await again.goto(`/papers/${id}/write`)
  await expect(paper(again)).toContainText('From the first. First.')
  await expect(paper(again)).toContainText('Last. From the second.')
  await expect(again.getByTestId('save-state')).toContainText(/^Saved/u)
  const kept = await (await again.request.get(`/api/papers/${id}`)).json() as { paper: { body: object } }
  expect(JSON.stringify(kept.paper.body)).toMatch(/From the first\. First\..*Last\. From the second\./u)
})

test('what is nested a thousand deep is refused, and the server goes on', async ({ request }) => {
  const deep = `{"revision":1,"body":${'{"type":"doc","content":['.repeat(1000)}${']}'.repeat(1000)}}`
  const answer = await request.patch('/api/papers/demo-drowned-king', { data: Buffer.from(deep), headers: { 'content-type': 'application/json' } })
  expect(answer.status()).toBe(422)
  expect(((await answer.json()) as { code: string }).code).toBe('too-deep')
  expect((await request.get('/api/health')).ok()).toBe(true)
})

test('while a long document is written, others are answered', async ({ request }) => {
  const { id } = (await (await request.post('/api/papers', { data: { title: 'Six hundred pages' } })).json()) as { id: string }
  const content = Array.from({ length: 6000 }, (_, i) => ({ type: 'paragraph', content: [{ type: 'text', text: `Paragraph ${i}. ${'Mud gathers behind the gate. '.repeat(12)}` }] }))
  expect((await request.patch(`/api/papers/${id}`, { data: { revision: 1, body: { type: 'doc', content } } })).status()).toBe(200)
  let written = false
  const document = request.get(`/api/papers/${id}/take/docx`, { timeout: 60_000 }).then((answer) => {
    written = true
    return answer.status()
  })
  let answered = 0
  while (!written) {
    expect((await request.get('/api/health')).ok()).toBe(true)
    if (!written) answered++
  }
  expect(await document).toBe(200)
  // One that waits for the document is answered when it is done: once or twice, not again and again.
  expect(answered).toBeGreaterThan(20)
})

test('started by itself, the server is this computer’s alone', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'dendle-address-'))
  const { HOST: _, NITRO_HOST: __, ...env } = process.env
  const child = spawn(process.execPath, ['.output/server/index.mjs'], {
    stdio: 'ignore', env: { ...env, PORT: '4393', NITRO_PORT: '4393', DENDLE_DATA: join(folder, 'dendle.sqlite') },
  })
  try {
    await expect.poll(() => fetch('http://127.0.0.1:4393/api/health').then(r => r.ok, () => false), { timeout: 20_000 }).toBe(true)
    // The system's own list of what listens where: addresses and ports in hexadecimal, the loopback address first byte last.
    const listening = ['/proc/net/tcp', '/proc/net/tcp6'].flatMap(path => readFileSync(path, 'utf8').split('\n').slice(1)).map(line => line.trim().split(/\s+/u))
    const port = (4393).toString(16).toUpperCase().padStart(4, '0')
    const addresses = listening.filter(([, local, , state]) => local?.endsWith(`:${port}`) && state === '0A').map(([, local]) => local!.split(':')[0])
    expect(addresses).toEqual(['0100007F'])
  }
  finally { child.kill() }
})
