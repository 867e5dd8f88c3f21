/** The frame: every part and every open thing accessible, by keys alone, in any colours and sizes; a page that is waking. */
import { request as http } from 'node:http'
import { expect, test, type Locator, type Page } from '@playwright/test'
import { strFromU8, unzipSync } from 'fflate'
import { readFileSync } from 'node:fs'
import { violations } from './accessible'
import { newPaper, pasteHtml, saved, sheet } from './paper'
import { ownServer } from './server'

const DEMO = '/papers/demo-carewick'
const THEMES = ['light', 'night'] as const
const wear = (page: Page, theme: string) => page.evaluate((value) => { document.documentElement.dataset.theme = value }, theme)

/** What stands open in a view, and how it is opened. */
const OPEN: Record<string, (page: Page) => Promise<unknown>> = {
  'the parts': async (page) => {
    await page.goto('/parts')
    await page.getByRole('button', { name: 'More…' }).click()
  },
  'a dialog of the parts': async (page) => {
    await page.goto('/parts')
    await page.getByRole('button', { name: 'Ask before something is lost' }).click()
    await expect(page.getByRole('heading', { name: 'Sources that are cited' })).toBeVisible()
  },
  'a drawer of the parts': async (page) => {
    await page.goto('/parts')
    await page.getByRole('button', { name: 'Open a drawer' }).click()
  },
  'Gather with its tray': async (page) => {
    await page.goto(`${DEMO}/gather?source=demo-okonjo-2021`)
    const line = page.getByLabel(/^Take in a source/u)
    await line.fill('Penhale, M. (2021) Estuary people. Bristol: Saltmarsh Press.')
    await line.press('Enter')
    await expect(page.getByText(/In the tray: 1/u)).toBeVisible()
  },
  'Write with the picker': async (page) => {
    await page.goto(`${DEMO}/write`)
    await sheet(page).click()
    await page.keyboard.press('Control+End')
    await page.keyboard.type(' ;;')
    await expect(page.getByRole('dialog', { name: 'Cite a source' })).toBeVisible()
  },
  'Write with a draft coming in': async (page) => {
    await page.goto(`${DEMO}/write`)
    await expect(sheet(page)).toBeVisible()
    await page
      .getByLabel('A draft to bring in')
      .setInputFiles({
        name: 'draft.md',
        mimeType: 'text/markdown',
        buffer: Buffer.from(
          '# A draft\n\nWords (Tremayne, 2018, p. 9).\n\n## References\n\nTremayne, L. (2018). Working the tide. Saltmarsh Press.',
        ),
      })
    await expect(page.getByRole('button', { name: 'At the end of the text' })).toBeVisible()
  },
  'Write with the styles': async (page) => {
    await page.goto(`${DEMO}/write`)
    await expect(sheet(page)).toBeVisible()
    await page.getByRole('button', { name: /^Style:/u }).click()
  },
  'Desk': async (page) => {
    await page.goto('/')
    await expect(page.getByRole('heading').first()).toBeAttached()
  },
  'List': (page) => page.goto(`${DEMO}/list`),
  'Check': async (page) => {
    await page.goto(`${DEMO}/check`)
    await expect(page.locator('.finding').first()).toBeVisible()
    await expect(page.locator('main svg').first()).toBeVisible()
  },
  'Hand in': (page) => page.goto(`${DEMO}/hand-in`),
}
for (const [what, open] of Object.entries(OPEN)) {
  test(`axe: ${what}, by day and by night, in forced colours and at 200 %`, async ({ page }) => {
    await open(page)
    for (const theme of THEMES) {
      await wear(page, theme)
      expect(await violations(page), theme).toEqual([])
    }
    await page.emulateMedia({ forcedColors: 'active' })
    // The colours are the system's then, and so is their contrast.
    expect(await violations(page, ['color-contrast']), 'forced colours').toEqual([])
    await page.emulateMedia({ forcedColors: 'none' })
    // A window of 1280 at 200 % has the room of 640.
    await page.setViewportSize({ width: 640, height: 400 })
    expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0)
  })
}

test('by keys alone, from an empty Desk to a document', async ({ page }) => {
  const server = await ownServer(4395)
  /** Tab, as often as it takes. */
  const tabTo = async (target: Locator) => {
    for (let i = 0; i < 150; i++) {
      if (await target.evaluate(el => el === document.activeElement).catch(() => false)) return
      await page.keyboard.press('Tab')
    }
    throw new Error(`Tab never comes to ${String(target)}`)
  }
  try {
    await page.goto(server.base)
    await expect(page.getByText('No papers yet.')).toBeVisible()
    await tabTo(page.getByLabel('Title of a new paper'))
    await page.keyboard.type('What the Lock Keeper Knew')
    await page.keyboard.press('Enter')
    await expect(page.getByText('Nothing gathered yet.')).toBeVisible()
    await tabTo(page.getByLabel(/^Take in a source/u))
    await page.keyboard.type('Locks of the lower Wend')
    await page.keyboard.press('Enter')
    await tabTo(page.getByLabel('Author', { exact: true }))
    await page.keyboard.type('Harrow, Edith M.')
    await tabTo(page.getByLabel('Date', { exact: true }))
    await page.keyboard.type('2016')
    await tabTo(page.getByLabel('Publisher', { exact: true }))
    await page.keyboard.type('Meridian University Press')
    await expect(page.getByTestId('anatomy')).toHaveText('Harrow, E. M. (2016). Locks of the lower Wend. Meridian University Press.')
    await saved(page)
    await tabTo(page.getByRole('link', { name: /Write$/u }))
    await page.keyboard.press('Enter')
    await tabTo(sheet(page))
    await page.keyboard.type('A lock keeper hears the river ;;harrow')
    await page.keyboard.press('Enter')
    await expect(page.getByPlaceholder(/104-6/u)).toBeFocused()
    await page.keyboard.type('104-6')
    await page.keyboard.press('Enter')
    await page.keyboard.type('.')
    await expect(sheet(page)).toHaveText('A lock keeper hears the river (Harrow, 2016, pp. 104–106).')
    await saved(page)
    await tabTo(page.getByRole('link', { name: /Hand in$/u }))
    await page.keyboard.press('Enter')
    await tabTo(page.getByLabel('Your name'))
    await page.keyboard.type('Tamsin Vale')
    await saved(page)
    await tabTo(page.getByRole('button', { name: /Word-processor document/u }))
    const [file] = await Promise.all([page.waitForEvent('download'), page.keyboard.press('Enter')])
    const xml = strFromU8(unzipSync(readFileSync(await file.path()))['word/document.xml']!)
    expect(xml.replace(/<[^>]+>/gu, '')).toContain('A lock keeper hears the river (Harrow, 2016, pp. 104–106).')
  }
  finally { server.kill() }
})

test('a page that is still waking keeps what is done, says so, and does it', async ({ page }) => {
  await page.route('**/_nuxt/*.js', async (route) => { await new Promise(resolve => setTimeout(resolve, 900)); await route.continue() })
  await page.goto('/', { waitUntil: 'commit' })
  await page.getByLabel('Title of a new paper').fill('Typed before it woke')
  await page.getByRole('button', { name: 'Night' }).click()
  await expect(page.getByText('this page is waking')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Day' })).toBeVisible()
  await expect(page.getByText('this page is waking')).toHaveCount(0)
  await expect(page.getByLabel('Title of a new paper')).toHaveValue('Typed before it woke')
  const made = await newPaper(page.request, 'Waking')
  // A page that is taken away before it woke has lost nothing of it.
  const hasty = await page.context().newPage()
  await hasty.route('**/_nuxt/*.js', async (route) => { await new Promise(resolve => setTimeout(resolve, 900)); await route.continue().catch(() => undefined) })
  await hasty.goto(`/papers/${made.id}/check`, { waitUntil: 'commit' })
  await hasty.getByLabel('Title of the paper').fill('Typed and gone')
  await hasty.close()
  await page.goto(`/papers/${made.id}/check`)
  await expect(page.getByLabel('Title of the paper')).toHaveValue('Typed and gone')
  await saved(page)
  expect(((await (await page.request.get(`/api/papers/${made.id}`)).json()) as { paper: { title: string } }).paper.title).toBe('Typed and gone')
  await page.goto(`/papers/${made.id}/gather`, { waitUntil: 'commit' })
  await page.getByLabel(/^Take in a source/u).fill('Bells of the estuary')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('anatomy')).toContainText('Bells of the Estuary', { ignoreCase: true })
  // Files that were chosen are read once somebody is there to read them.
  await page.goto(`/papers/${made.id}/gather`, { waitUntil: 'commit' })
  await page.getByLabel('Files with sources')
    .setInputFiles({ name: 'early.bib', mimeType: 'text/plain', buffer: Buffer.from('@book{a, author={Moss, Ada}, title={Mud before dawn}, year=2018}') })
  await expect(page.getByRole('region', { name: 'Tray' })).toContainText('Mud before dawn')
})

test('without any script a paper is begun and every stop can be gone to', async ({ browser }) => {
  const context = await browser.newContext({ javaScriptEnabled: false })
  const page = await context.newPage()
  await page.goto('/')
  await page.getByLabel('Title of a new paper').fill('Begun without scripts')
  await page.locator('select[name=style]').selectOption('mla-9')
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page).toHaveURL(/\/papers\/[a-z0-9-]+\/gather$/u)
  await expect(page.getByText('Nothing gathered yet.')).toBeVisible()
  for (const stop of ['Write', 'List', 'Check', 'Hand in', 'Gather']) {
    await page.getByRole('link', { name: new RegExp(`${stop}$`, 'u') }).click()
    await expect(page.getByRole('heading', { name: stop, exact: true })).toBeAttached()
  }
  await page.goto(`${DEMO}/list`)
  await expect(page.getByTestId('entry').first()).toContainText('Abara')
  await context.close()
})

test('only this machine is answered, and a page runs nothing but its own scripts', async ({ page }) => {
  const answer = (path: string, host: string) => new Promise<number>((resolve, reject) => {
    http({ host: '127.0.0.1', port: 4397, path, headers: { host } }, (response) => resolve(response.resume().statusCode!))
      .on('error', reject)
      .end()
  })
  for (const path of ['/', '/icon.svg', '/api/papers', `${DEMO}/write`]) {
    expect([path, await answer(path, 'papers.example')]).toEqual([path, 403])
    expect([path, await answer(path, '127.0.0.1:4397')]).toEqual([path, 200])
  }
  const headers = (await page.goto('/'))!.headers()
  expect(headers['content-security-policy']).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/u)
  expect(headers['content-security-policy']).toContain(`object-src 'none'`)
  expect([headers['cross-origin-resource-policy'], headers['x-powered-by']]).toEqual(['same-origin', undefined])
})

const HOSTILE = [
  '<p>a<script>window.ran=1</script>b</p>',
  '<p><img src="x" onerror="window.ran=1">c</p>',
  '<p><a href="javascript:window.ran=1">link</a></p>',
  '<svg onload="window.ran=1"><p>d</p></svg>',
  '<p style="background:url(javascript:window.ran=1)">e</p>',
  '<iframe srcdoc="<script>parent.ran=1</script>"></iframe><p>f</p>',
  '<p><a href="java&#10;script:window.ran=1">g</a></p>',
  '<math><mtext><img src=x onerror=window.ran=1></mtext></math>',
  '<p data-citation=\'{"items":[{"id":"<img src=x onerror=window.ran=1>"}]}\'>h</p>',
  '<p><details open ontoggle="window.ran=1">i</details></p>',
  '<base href="https://x.example/"><p>j</p>',
  '<form action="javascript:window.ran=1"><input autofocus onfocus="window.ran=1"></form><p>k</p>',
  '<p><object data="data:text/html,<script>parent.ran=1</script>"></object>l</p>',
]
test('no script runs from a paste, a draft or a field', async ({ page, request }) => {
  const foreign: string[] = []
  page.on('request', (one) => { if (!/^(?:http:\/\/127\.0\.0\.1:4397|data:|blob:)/u.test(one.url())) foreign.push(one.url()) })
  const made = await newPaper(request, 'Hostile <img src=x onerror="window.ran=1">')
  await request.post(`/api/papers/${made.id}/sources/many`, {
    data: {
      sources: HOSTILE.slice(0, 6).map((title, i) => ({
        kind: 'book',
        fields: { title, author: [{ family: `<img src=x onerror="window.ran=${i}">` }], url: 'javascript:window.ran=1' },
      })),
    },
  })
  await page.goto(`/papers/${made.id}/write`)
  await sheet(page).click()
  for (const html of HOSTILE) await pasteHtml(page, html)
  await page
    .getByLabel('A draft to bring in')
    .setInputFiles({ name: 'draft.html', mimeType: 'text/html', buffer: Buffer.from(`<html><body>${HOSTILE.join('\n')}</body></html>`) })
  await page.getByRole('button', { name: 'At the end of the text' }).click()
  await saved(page)
  for (const stop of ['gather', 'list', 'write', 'hand-in']) {
    await page.goto(`/papers/${made.id}/${stop}`)
    await expect(page.getByRole('heading').first()).toBeAttached()
    if (stop === 'write') { await sheet(page).getByText('link', { exact: true }).first().click().catch(() => undefined) }
    await page.waitForTimeout(150)
    expect(await page.evaluate(() => (window as { ran?: number }).ran)).toBeUndefined()
  }
  expect(foreign).toEqual([])
})
