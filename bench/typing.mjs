// Typing in a paper of 90,000 words and 1,500 citations, against the same editor without Dendle's parts; opening it;
// switching its style. In a real browser on the built server. Run: npm run bench:typing (needs a build and Chromium).
import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { buildSync } from 'esbuild'
import { build, ROOT, serve } from '../scripts/env.mjs'
import { CHROMIUM } from '../scripts/chromium.mjs'

const WORDS = 90_000
const CITATIONS = 1500
const WORKS = 300
const KEYS = 160

/** The paper: paragraphs of sixty words, a citation in each, a heading every forty. */
function paper(ids) {
  const words =
    'the pond remembers what the mill forgot and the tide comes fifty minutes later each day while mud gathers behind a gate that no one is paid to open'.split(
      ' ',
    )
  const per = Math.round(WORDS / CITATIONS)
  const content = []
  for (let i = 0; i < CITATIONS; i++) {
    if (i % 40 === 0) content.push({ type: 'heading', attrs: { level: 2 }, content: [{ type: 'text', text: `Part ${i / 40 + 1}` }] })
    const text = Array.from({ length: per }, (_, n) => words[(i * 7 + n) % words.length]).join(' ')
    content.push({
      type: 'paragraph',
      content: [
        { type: 'text', text: `${text} ` },
        {
          type: 'citation',
          attrs: {
            id: `c${i}`,
            data: { items: [{ id: ids[(i * 13) % ids.length], locator: { label: 'page', place: String(i + 1) } }], form: 'parenthetical' },
          },
        },
        { type: 'text', text: '.' },
      ],
    })
  }
  return { type: 'doc', content }
}

build()
const data = join(mkdtempSync(join(tmpdir(), 'dendle-typing-')), 'dendle.sqlite')
const port = 4394
const base = `http://127.0.0.1:${port}`
const { child, ready } = await serve({ port, data, quiet: true })
if (!ready) process.exit(1)
process.on('exit', () => child.kill())
const post = async (path, body) =>
  (await fetch(base + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })).json()
const { id } = await post('/api/papers', { title: 'Ninety thousand words' })
const made = await post(`/api/papers/${id}/sources/many`, {
  sources: Array.from({ length: WORKS }, (_, i) => ({
    kind: i % 2 ? 'journal-article' : 'book',
    fields: {
      title: `A study of mud, part ${i}`,
      author: [{ family: `Author${i}`, given: 'Mary Ann' }],
      issued: { start: { year: 1990 + (i % 30) } },
      container: 'Journal of Mud',
      volume: '4',
      publisher: 'Saltmarsh Press',
    },
  })),
})
const body = paper(made.map(s => s.id))
await fetch(`${base}/api/papers/${id}`, {
  method: 'PATCH',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ revision: 1, body }),
})

// A server that a writer opens a paper on has been up since before, and made pages: the first ever is not what is measured.
for (let i = 0; i < 2; i++) await (await fetch(`${base}/papers/${id}/write`)).text()

const browser = await chromium.launch(CHROMIUM)
const page = await (await browser.newContext({ viewport: { width: 1440, height: 900 }, reducedMotion: 'reduce' })).newPage()
page.setDefaultTimeout(120_000)
/** From a key going down to the frame that shows it, in milliseconds. */
async function type() {
  const times = []
  for (let i = 0; i < KEYS; i++) {
    await page.evaluate(() => {
      window.__shown = new Promise((resolve) =>
        addEventListener(
          'keydown',
          () => {
            const at = performance.now()
            requestAnimationFrame(() => {
              const channel = new MessageChannel()
              channel.port1.onmessage = () => resolve(performance.now() - at)
              channel.port2.postMessage(0)
            })
          },
          { once: true, capture: true },
        ),
      )
    })
    await page.keyboard.press('abcdefgh '[i % 9])
    times.push(await page.evaluate(() => window.__shown))
    // As a quick typist: pauses long enough for what waits for a pause to begin.
    await page.waitForTimeout(i % 12 === 11 ? 450 : 60)
  }
  times.sort((a, b) => a - b)
  return { median: times[KEYS >> 1], p95: times[Math.floor(KEYS * 0.95)] }
}
const at = () => performance.now()
const into = (selector) =>
  page.evaluate((s) => {
    const p = document.querySelectorAll(s)[700]
    p.scrollIntoView({ block: 'center' })
    const range = document.createRange()
    range.setStart(p.firstChild.firstChild ?? p.firstChild, 5)
    range.collapse(true)
    const sel = getSelection()
    sel.removeAllRanges()
    sel.addRange(range)
    p.closest('[contenteditable]').focus()
  }, selector)

const {
  outputFiles: [script],
} = buildSync({
  entryPoints: [join(ROOT, 'bench/plain-editor.ts')],
  bundle: true,
  write: false,
  minify: true,
  format: 'iife',
  logLevel: 'error',
})
// Its letters and lines are those of the sheet, so that the two lay out as much.
await page.setContent('<div id="sheet" style="width:606px;margin:60px auto;font:17px/34px Tinos,\'Liberation Serif\',serif"></div>')
let began = at()
await page.addScriptTag({ content: script.text })
await page.evaluate(body => window.begin(body), body)
await page.locator('#sheet p').nth(CITATIONS - 1).waitFor({ state: 'attached' })
const openPlain = at() - began
await into('#sheet p')
const plain = await type()
began = at()
await page.goto(`${base}/papers/${id}/write`, { waitUntil: 'load' })
await page.locator('.citation').nth(CITATIONS - 1).waitFor({ state: 'attached' })
const open = at() - began
await into('.sheet-text p')
await page.waitForTimeout(2500)
const dendle = await type()
await page.getByRole('button', { name: /^Style:/ }).click()
began = at()
await page.getByRole('option', { name: 'Chicago notes 18th edition' }).click()
await page.waitForFunction(() => document.querySelector('.citation sup'))
const style = at() - began
await into('.sheet-text p')
await page.waitForTimeout(2500)
const noted = await type()
console.log(`typing a letter, ms      without Dendle's parts   in Dendle   ratio`)
console.log(
  `  median                 ${plain.median.toFixed(1).padStart(10)} ${dendle.median.toFixed(1).padStart(18)} ${(dendle.median / plain.median).toFixed(2).padStart(8)}   (aim: 1.3 at most)`,
)
console.log(
  `  95th of 100            ${plain.p95.toFixed(1).padStart(10)} ${dendle.p95.toFixed(1).padStart(18)} ${(dendle.p95 / plain.p95).toFixed(2).padStart(8)}   (aim: 1.5 at most)`,
)
console.log(
  `  median, with notes     ${plain.median.toFixed(1).padStart(10)} ${noted.median.toFixed(1).padStart(18)} ${(noted.median / plain.median).toFixed(2).padStart(8)}`,
)
console.log(
  `  95th, with notes       ${plain.p95.toFixed(1).padStart(10)} ${noted.p95.toFixed(1).padStart(18)} ${(noted.p95 / plain.p95).toFixed(2).padStart(8)}`,
)
console.log(
  `opening                  ${openPlain.toFixed(0).padStart(10)} ${open.toFixed(0).padStart(18)} ${(open / openPlain).toFixed(2).padStart(8)}`,
)
console.log(
  `switching to notes, ms   ${style.toFixed(0).padStart(29)}   against opening without Dendle's parts: ${(style / openPlain).toFixed(2)}`,
)
await browser.close()
child.kill()
process.exit(0)
