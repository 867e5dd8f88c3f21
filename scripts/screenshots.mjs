// One current picture of each main view from the demo data, into docs/screenshots.
import { mkdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { build, install, ROOT, run, say, serve } from './env.mjs'
import { CHROMIUM } from './chromium.mjs'

install()
build()
const data = join(tmpdir(), `dendle-shots-${process.pid}.sqlite`)
run(process.execPath, ['--import', 'tsx', 'server/db/seed.ts'], { env: { ...process.env, DENDLE_DATA: data } })
process.env.NUXT_PUBLIC_PARTS = '1'
const port = 4398
const { child, ready } = await serve({ port, data, quiet: true })
if (!ready) process.exit(1)
const out = join(ROOT, 'docs/screenshots')
mkdirSync(out, { recursive: true })
const browser = await chromium.launch(CHROMIUM)
process.on('exit', () => child.kill())
const page = await (
  await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', colorScheme: 'light' })
).newPage()
page.setDefaultTimeout(10_000)
const at = path => page.goto(`http://127.0.0.1:${port}${path}`, { waitUntil: 'load' })
const shot = async (name, options = {}) => {
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(700)
  await page.screenshot({ path: join(out, `${name}.png`), ...options })
  say(name)
}
const PAPER = '/papers/demo-carewick'
await at('/')
await shot('desk')
await at(`${PAPER}/gather?source=demo-okonjo-2021`)
await page.getByLabel('Volume', { exact: true }).first().focus()
await shot('gather')
await at(`${PAPER}/gather`)
await shot('gather-full')
const line = page.getByLabel(/^Take in a source/)
await line.fill(`Okonjo, A. R. (2021). Silt, salt, and patience: Restoring a tide mill on the Arun estuary. Journal of Estuary Heritage, 14(2), 101-119. https://doi.org/10.5555/jeh.2021.0142
Rask, Ingrid, and Femi Oduya. "Bell, Gate, Engine." Acoustic Geographies, vol. 13, no. 4, 2021, pp. 355-79.
Penhale, M. (2021) Estuary people. Bristol: Saltmarsh Press.`)
await page.keyboard.press('Enter')
await page.getByText(/In the tray: 3/).waitFor()
await page.getByRole('button', { name: 'Details' }).nth(1).click()
await page.getByRole('button', { name: /up by title/ }).click()
await page.getByText(/The catalogue (?:has|adds)/).first().waitFor()
await page.getByLabel('Close this message').first().click()
await shot('gather-tray')
await page.getByRole('button', { name: 'Drop all' }).click()
await line.fill('10.5555/nowhere.1 10.5555/nonsense.1 10.5555/down.1')
await page.keyboard.press('Enter')
await page.getByText(/could not be taken/).waitFor()
await page.getByLabel('Close this message').first().click()
await shot('gather-trouble')
await page.getByRole('button', { name: 'Seen' }).click()
const empty = await (await page.request.post(`http://127.0.0.1:${port}/api/papers`, { data: { title: 'Why the Bell Tower Leans' } })).json()
await at(`/papers/${empty.id}/gather`)
await shot('gather-empty')
await page.request.delete(`http://127.0.0.1:${port}/api/papers/${empty.id}`)
await at(`${PAPER}/write`)
await page.locator('.citation').nth(3).scrollIntoViewIfNeeded()
await page.locator('.citation').nth(3).click()
await shot('write')
await at(`${PAPER}/write`)
await page.locator('.sheet-text p').first().click()
await page.keyboard.press('End')
await page.keyboard.type(' ;;')
await page.getByRole('combobox', { name: 'Find a source to cite' }).fill('sorensen')
await page.keyboard.press('Enter')
await page.getByPlaceholder(/104-6/).last().fill('58')
await page.keyboard.press('Tab')
await shot('picker')
await page.keyboard.press('Escape')
await page.keyboard.press('Control+z')
await page.keyboard.press('Control+z')
await page.waitForTimeout(1200)
// Notes at the foot of the sheet, in a copy that the demo does not keep.
const style = (name) =>
  page.request
    .get(`http://127.0.0.1:${port}/api${PAPER}`)
    .then((r) => r.json())
    .then(({ paper }) => page.request.patch(`http://127.0.0.1:${port}/api${PAPER}`, { data: { revision: paper.revision, style: name } }))
await style('chicago-18-notes')
await at(`${PAPER}/write`)
await page.getByRole('list', { name: 'Footnotes' }).scrollIntoViewIfNeeded()
await page.mouse.wheel(0, -420)
await shot('write-notes')
await style('apa-7')
await at('/papers/demo-low-head/write')
await page.locator('.citation').nth(4).click()
await page.getByRole('button', { name: 'Passage', exact: true }).click()
await shot('write-numbers')
await at(`${PAPER}/list`)
await shot('list')
await at(`${PAPER}/list/compare`)
await page.getByRole('textbox', { name: 'The other list' }).evaluate((field, html) => {
  const clipboardData = new DataTransfer()
  clipboardData.setData('text/html', html)
  clipboardData.setData('text/plain', html)
  field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
}, `<h1>Works Cited</h1>
<p>Abara, N., Bellweather, I., Castellan, M., and Dufresne, O. (2022). Sediment Budgets of Restored Tide Mill Ponds. <i>Estuarine Processes</i>, <i>47(6)</i>, 880–902. https://doi.org/10.5555/ep.2022.4706.</p>
<p>Gill, R. (2023, March 14). <i>How a tide mill works</i>. Mill Trails. Retrieved from https://milltrails.example/how-it-works</p>
<p>Okonjo, A. R. (2020). Silt, salt, and patience: restoring a tide mill on the Arun estuary. <i>J. Estuary Herit.</i>, <i>14</i>(2), 101–119. https://doi.org/10.5555/jeh.2021.0142</p>
<p>Rask, I. (2019). <i>Sound and silence in working harbours</i> [Doctoral dissertation, University of Northmere].</p>
<p>The last miller of Thornham. (2022, June). Coast &amp; Country, <i>18</i>(6), 44–49.</p>
<p>Vasquez, L. M., &amp; Thorne, G. (2019). Tidal range and milling capacity. <i>Coastal Engineering Letters</i>, <i>8</i>(4), 55–71. https://doi.org/10.5555/cel.2019.0804</p>`)
await page.getByText('right to the comma').waitFor()
await shot('compare')
const check = async () => {
  await at(`${PAPER}/check`)
  await page.locator('li.finding').first().waitFor()
  await page.locator('li.finding').nth(1).click()
}
await check()
await shot('check')
// The pages as they print: in the paper's own style, and at night with notes at their foot.
const pages = page.getByRole('region', { name: 'The pages as they print' })
await at(`${PAPER}/hand-in`)
await pages.locator('svg').first().waitFor()
await page.waitForTimeout(1500)
await shot('hand-in')
await page.getByRole('button', { name: /^Style:/u }).click()
await page.getByRole('option', { name: /^Chicago notes 18th/u }).click()
await page.getByText('Saved').first().waitFor()
await page.evaluate(() => { document.documentElement.dataset.theme = 'night' })
await pages.locator('svg').nth(1).waitFor()
await page.waitForTimeout(1500)
await shot('hand-in-notes-night')
await page.evaluate(() => { document.documentElement.dataset.theme = 'light' })
await page.getByRole('button', { name: /^Style:/u }).click()
await page.getByRole('option', { name: /^APA 7th/u }).click()
await page.getByText('Saved').first().waitFor()
await page.setViewportSize({ width: 400, height: 800 })
await at(`${PAPER}/gather?source=demo-tremayne-2018`)
// The window that the bookmark opens, at its own width.
const read = {
  address: 'https://coastcountry.example/2024/06/night-gate',
  html: `<title>The Night Gate - Coast &amp; Country</title><meta property="og:title" content="The night gate"><meta property="og:type" content="article">
<meta property="og:site_name" content="Coast &amp; Country"><meta name="author" content="Delphine Marr"><meta property="article:published_time" content="2024-06-11">`,
  marked: 'The gate was shut at night, and the water did the rest.',
}
await page.setViewportSize({ width: 560, height: 680 })
await at(`/take#${encodeURIComponent(JSON.stringify(read))}`)
await page.getByTestId('handed').waitFor()
await shot('bookmark')
await page.setViewportSize({ width: 400, height: 800 })
await at(`${PAPER}/write`)
await page.locator('.citation').nth(1).click()
await shot('write-narrow')
await at('/papers/demo-drowned-king/hand-in')
await pages.locator('svg').first().waitFor()
await page.waitForTimeout(1500)
await shot('hand-in-narrow', { fullPage: true })
await page.setViewportSize({ width: 1280, height: 800 })
await page.evaluate(() => localStorage.setItem('dendle-theme', 'night'))
await check()
await shot('check-night')
await browser.close()
child.kill()
rmSync(data, { force: true })
process.exit(0)
