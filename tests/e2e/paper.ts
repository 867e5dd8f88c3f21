/** Papers made for tests, and what is done on their sheet again and again. */
import { expect, type APIRequestContext, type Page } from '@playwright/test'

const person = (family: string, given: string) => [{ family, given }]
export const SOURCES = [
  {
    key: 'okonjo-2021',
    kind: 'journal-article',
    fields: {
      title: 'Silt, salt, and patience',
      author: person('Okonjo', 'Adaeze R.'),
      issued: { start: { year: 2021 } },
      container: 'Journal of Estuary Heritage',
      volume: '14',
      pages: '101-119',
    },
  },
  {
    key: 'tremayne-2018',
    kind: 'book',
    fields: {
      title: 'Working the tide',
      author: person('Tremayne', 'Loveday'),
      issued: { start: { year: 2018 } },
      publisher: 'Saltmarsh Press',
    },
  },
  {
    key: 'vasquez-2019',
    kind: 'journal-article',
    fields: {
      title: 'Tidal range and milling capacity',
      author: [...person('Vasquez', 'Lena M.'), ...person('Thorne', 'Gareth')],
      issued: { start: { year: 2019 } },
      container: 'Coastal Engineering Letters',
      volume: '8',
    },
  },
]
export interface Made { id: string, sources: { id: string, key: string }[] }
export async function newPaper(request: APIRequestContext, title: string, style = 'apa-7', base = ''): Promise<Made> {
  const { id } = await (await request.post(`${base}/api/papers`, { data: { title, style } })).json() as { id: string }
  const sources = (await (
    await request.post(`${base}/api/papers/${id}/sources/many`, { data: { sources: SOURCES } })
  ).json()) as Made['sources']
  return { id, sources }
}
export const sheet = (page: Page) => page.getByRole('textbox', { name: 'The paper', exact: true })
export const chips = (page: Page) => sheet(page).locator('.citation')
export const saved = (page: Page) => expect(page.getByTestId('save-state')).toContainText(/^Saved/u)
export const text = async (page: Page) => (await sheet(page).locator('> *').allInnerTexts()).map(line => line.replace(/\s+/gu, ' ').trim())
export async function cite(page: Page, find: string, place = '', form?: string) {
  await page.keyboard.type(';;')
  const picker = page.getByRole('dialog', { name: 'Cite a source' })
  await picker.getByRole('combobox').fill(find)
  await page.keyboard.press('Enter')
  if (place) await picker.getByPlaceholder(/104-6/u).fill(place)
  if (form) await picker.getByRole('radio', { name: form, exact: true }).click()
  await picker.getByRole('button', { name: 'Put it in' }).click()
  await expect(picker).toHaveCount(0)
}
export const style = async (page: Page, name: string) => {
  await page.getByRole('button', { name: /^Style:/u }).click()
  await page.getByRole('option', { name }).click()
}
export async function begin(page: Page, made: Made) {
  await page.goto(`/papers/${made.id}/write`)
  await sheet(page).click()
}
export const pasteHtml = async (page: Page, html: string, plain = html.replace(/<[^>]+>/gu, ' ')) => {
  await page.evaluate(
    async ({ html, plain }) =>
      navigator.clipboard.write([
        new ClipboardItem({
          'text/html': new Blob([html], { type: 'text/html' }),
          'text/plain': new Blob([plain], { type: 'text/plain' }),
        }),
      ]),
    { html, plain },
  )
  await page.keyboard.press('Control+v')
}
