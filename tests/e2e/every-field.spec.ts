/**
 * Types into every field of every view, found by its role and not from a list, on processors of several speeds, and takes
 * the page away: each word is in the paper afterwards, or in its field again.
 */
import { expect, test, type ElementHandle, type Page } from '@playwright/test'
import { cite, newPaper, saved, sheet, type Made } from './paper'

/** Everything that can be typed into; what only looks for something (a search) is not for keeping. */
const FIELDS = 'input:not([type=checkbox], [type=radio], [type=file], [type=search], [role=combobox], [disabled]), textarea:not([disabled]), [contenteditable=true]'

const VIEWS: [string, (page: Page) => Promise<unknown>][] = [
  ['gather', async (page) => {
    await page.locator('[data-slip]').filter({ hasText: 'Working the tide' }).click()
    await page.getByRole('combobox', { name: /also has/u }).or(page.getByLabel(/^Something this source also has/u)).first().waitFor()
  }],
  ['write', async (page) => {
    await sheet(page).locator('.citation').first().click()
    await page.locator('[data-card] [data-place]').first().waitFor()
    await page.getByRole('button', { name: 'Words around' }).first().click()
  }],
  ['list', async (page) => { await page.getByTestId('list-entry').or(page.locator('[data-entry]')).or(page.getByRole('button', { name: /Working the tide/u })).first().click() }],
  ['list/compare', page => page.getByRole('textbox', { name: 'The other list' }).waitFor()],
  ['check', page => page.getByRole('heading', { level: 1 }).waitFor()],
  ['hand-in', async (page) => {
    const [more, abstract] = [page.getByRole('button', { name: /^Abstract, keywords/u }), page.getByRole('textbox', { name: 'Abstract' })]
    await more.or(abstract).first().waitFor()
    if (await more.isVisible()) await more.click()
  }],
]
const MODES = [
  { rate: 1, delay: 0, then: 'reload' },
  { rate: 4, delay: 30, then: 'close' },
  { rate: 8, delay: 0, then: 'close' },
] as const

/** What a field is to a person: its name, or what it is in. */
const nameOf = (field: ElementHandle<HTMLElement>) => field.evaluate((one) => {
  const label = one.getAttribute('aria-label') ?? (one as HTMLInputElement).labels?.[0]?.textContent ?? one.getAttribute('placeholder') ?? one.tagName
  return label.trim().replace(/\s+/gu, ' ').slice(0, 50)
})
const valuesIn = async (page: Page): Promise<string> => (await page.locator(FIELDS).evaluateAll(all =>
  all.map(one => (one as HTMLInputElement).value ?? one.textContent))).join('\n')

interface Field { handle: ElementHandle<HTMLElement>, name: string, number: boolean }
/** The fields that can be typed into now; each stays the element that it is however much is typed. */
async function fieldsOf(page: Page): Promise<Field[]> {
  const all: Field[] = []
  for (const handle of await page.locator(FIELDS).elementHandles() as ElementHandle<HTMLElement>[]) {
    if (!(await handle.isVisible()) || !(await handle.isEditable())) continue
    all.push({ handle, name: await nameOf(handle), number: (await handle.getAttribute('type')) === 'number' })
  }
  return all
}
async function fill(page: Page, fields: Field[], delay: number, letter: string): Promise<[name: string, word: string][]> {
  const typed: [string, string][] = []
  for (const [i, { handle, name, number }] of fields.entries()) {
    const word = number ? String(1000 + i) : `q${letter}${String.fromCharCode(97 + (i % 26))}${String.fromCharCode(97 + Math.floor(i / 26))}z`
    await handle.focus()
    await page.keyboard.press(number ? 'Control+a' : 'Control+End')
    await page.keyboard.type(word, { delay })
    typed.push([name, word])
  }
  return typed
}
async function prepared(made: Made, page: Page) {
  await page.goto(`/papers/${made.id}/write`)
  await sheet(page).click()
  await page.keyboard.type('The pond silts ')
  await cite(page, 'okonjo', '104')
  await page.keyboard.type(' and so on.')
  await saved(page)
}

test.describe.configure({ mode: 'parallel' })
for (const { rate, delay, then } of MODES)
  test(`every field of every view keeps what is typed into it: ${rate} × slowed, ${delay ? 'letter by letter' : 'at once'}, then ${then}`, async ({ page, context, request }) => {
    test.setTimeout(240_000)
    const made = await newPaper(request, 'Every field')
    await prepared(made, page)
    const lost: string[] = []
    let fields = 0
    for (const [i, [view, open]] of VIEWS.entries()) {
      const tab = await context.newPage()
      await tab.goto(`/papers/${made.id}/${view}`)
      await open(tab)
      const client = await context.newCDPSession(tab)
      const found = await fieldsOf(tab)
      await client.send('Emulation.setCPUThrottlingRate', { rate })
      const typed = await fill(tab, found, delay, String.fromCharCode(97 + i))
      fields += typed.length
      await tab.waitForTimeout(200)
      await client.send('Emulation.setCPUThrottlingRate', { rate: 1 })
      if (then === 'reload') {
        tab.on('dialog', dialog => void dialog.accept())
        await tab.reload()
      }
      else await tab.close()
      const again = then === 'reload' ? tab : await context.newPage()
      await again.goto(`/papers/${made.id}/${view}`)
      await open(again)
      await saved(again)
      const missing = async () => {
        const there = JSON.stringify(await (await request.get(`/api/papers/${made.id}`)).json()) + await valuesIn(again)
        return typed.filter(([, word]) => !there.toLowerCase().includes(word)).map(([name, word]) => `${view}: ${name} (${word})`)
      }
      await expect.poll(missing, { timeout: 8000 }).toEqual([]).catch(async () => lost.push(...await missing()))
      await again.close()
    }
    expect(lost).toEqual([])
    // As many as there are, so that none is passed over unseen.
    expect(fields).toBeGreaterThan(35)
  })
