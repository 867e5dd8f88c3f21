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
const port = 4398
const { child, ready } = await serve({ port, data, quiet: true })
if (!ready) process.exit(1)
const out = join(ROOT, 'docs/screenshots')
mkdirSync(out, { recursive: true })
const browser = await chromium.launch(CHROMIUM)
process.on('exit', () => child.kill())
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 }, reducedMotion: 'reduce', colorScheme: 'light' })).newPage()
page.setDefaultTimeout(10_000)
const at = path => page.goto(`http://127.0.0.1:${port}${path}`, { waitUntil: 'load' })
const shot = async (name) => {
  await page.evaluate(() => document.fonts.ready)
  await page.waitForTimeout(700)
  await page.screenshot({ path: join(out, `${name}.png`) })
  say(name)
}
const PAPER = '/papers/demo-carewick'
await at('/')
await shot('desk')
await at(`${PAPER}/gather?source=demo-okonjo-2021`)
await page.getByLabel('Volume', { exact: true }).first().focus()
await shot('gather')
await at(`${PAPER}/write`)
await page.locator('.citation').nth(3).scrollIntoViewIfNeeded()
await page.locator('.citation').nth(3).click()
await shot('write')
await at(`${PAPER}/list`)
await shot('list')
await at(`${PAPER}/check`)
await shot('check')
await at(`${PAPER}/hand-in`)
await shot('hand-in')
await page.evaluate(() => localStorage.setItem('dendle-theme', 'night'))
await at(`${PAPER}/write`)
await page.getByRole('button', { name: /^Style:/ }).click()
await shot('style-switch-night')
await browser.close()
child.kill()
rmSync(data, { force: true })
process.exit(0)
