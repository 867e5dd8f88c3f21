// What a view weighs and how soon it answers: kB of script, and the time to the first answered click on a processor
// slowed four times, beside an empty page of the same framework. `npm run bench:views`
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { build, run, say, serve } from '../scripts/env.mjs'
import { CHROMIUM } from '../scripts/chromium.mjs'

const TIMES = Number(process.argv[2] ?? 5)
build()
const data = join(mkdtempSync(join(tmpdir(), 'dendle-bench-')), 'dendle.sqlite')
run(process.execPath, ['--import', 'tsx', 'server/db/seed.ts'], { env: { ...process.env, DENDLE_DATA: data } })
process.env.NUXT_PUBLIC_PARTS = '1'
const port = 4396
const { child, ready } = await serve({ port, data, quiet: true })
if (!ready) process.exit(1)
process.on('exit', () => child.kill())
const browser = await chromium.launch(CHROMIUM)
const PAPER = '/papers/demo-carewick'
/** A view, a thing to click in it as soon as it is seen, and what shows that it was answered. */
const VIEWS = [
  ['Empty page', '/parts/empty', page => page.getByRole('button', { name: 'Count' }), page => page.getByText('1 counted')],
  ['Desk', '/', page => page.getByRole('button', { name: 'Night' }), page => page.getByRole('button', { name: 'Day' })],
  ['Gather', `${PAPER}/gather`, page => page.locator('[data-slip]').first(), page => page.getByTestId('anatomy')],
  ['Write', `${PAPER}/write`, page => page.getByRole('button', { name: 'Text…' }), page => page.getByRole('menuitem').first()],
  ['List', `${PAPER}/list`, page => page.getByRole('button', { name: /^Style:/u }), page => page.getByRole('option').first()],
  ['Check', `${PAPER}/check`, page => page.getByRole('button', { name: /^Style:/u }), page => page.getByRole('option').first()],
  ['Hand in', `${PAPER}/hand-in`, page => page.getByRole('button', { name: /^Style:/u }), page => page.getByRole('option').first()],
]
const median = list => [...list].sort((a, b) => a - b)[list.length >> 1]

async function weigh(path) {
  const context = await browser.newContext()
  const page = await context.newPage()
  const client = await context.newCDPSession(page)
  await client.send('Network.enable')
  const addresses = new Map()
  let script = 0, styles = 0, other = 0
  client.on('Network.responseReceived', ({ requestId, response }) => addresses.set(requestId, new URL(response.url).pathname))
  client.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    const path = addresses.get(requestId) ?? ''
    if (path.endsWith('.js')) script += encodedDataLength
    else if (path.endsWith('.css')) styles += encodedDataLength
    else other += encodedDataLength
  })
  await page.goto(`http://127.0.0.1:${port}${path}`, { waitUntil: 'networkidle' })
  await page.waitForTimeout(1500)
  await context.close()
  return { script, styles, other }
}
async function answered(path, click, shown) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const page = await context.newPage()
  const client = await context.newCDPSession(page)
  await client.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  const from = performance.now()
  await page.goto(`http://127.0.0.1:${port}${path}`, { waitUntil: 'commit' })
  await click(page).click({ noWaitAfter: true })
  await shown(page).waitFor()
  const took = performance.now() - from
  await context.close()
  return took
}
const kB = n => String(Math.round(n / 1000)).padStart(5)
say('View         script kB  style kB   other kB   first answered click (4× slowed)')
let empty = 0
for (const [name, path, click, shown] of VIEWS) {
  const { script, styles, other } = await weigh(path)
  const times = []
  for (let i = 0; i < TIMES; i++) times.push(await answered(path, click, shown))
  const took = median(times)
  empty ||= took
  say(
    `${name.padEnd(12)} ${kB(script)}      ${kB(styles)}      ${kB(other)}      ${Math.round(took)} ms, ${(took / empty).toFixed(2)} × the empty page`,
  )
}
await browser.close()
child.kill()
