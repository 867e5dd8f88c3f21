/** Lists as students have them: of several styles at once; and without identifiers, looked up whole. */
import { expect, test } from '@playwright/test'

const LIST = [
  'Okonjo, A. R., & Thorne, G. (2016). What the sluice gate knows: Oral histories of three estuaries. Journal of Estuary Heritage, 9(3), 210–283.',
  'Bellweather, I. (2018). Bed shear stress in gated ponds. Estuarine Processes, 43(2), 233–251.',
  'Larch, T. (2019). Nobody has catalogued this one. Wend Papers, 2(1), 3–9.',
].join('\n')

test('a pasted list is looked up by its titles, and taken as one chooses', async ({ page, request }) => {
  const { id } = await (await request.post('/api/papers', { data: { title: 'Looked up', style: 'apa-7' } })).json() as { id: string }
  await page.goto(`/papers/${id}/gather`)
  await page.getByLabel(/^Take in a source/u).fill(LIST)
  await page.keyboard.press('Enter')
  const items = page.getByRole('list', { name: 'Proposed sources' }).getByRole('listitem')
  await expect(items).toHaveCount(3)
  await page.getByRole('button', { name: 'Look the 3 up by title' }).click()
  await expect(page.getByText('The catalogue has 2 of 3 titles.')).toBeVisible()
  await expect(items.nth(0)).toContainText('The catalogue has otherwise: author, pages; adds: ')
  await expect(items.nth(2)).not.toContainText('The catalogue')
  // As typed until one chooses; then its word where it is wished for, and back again in one step.
  await expect(items.nth(0)).toContainText('210–283')
  await items.nth(0).getByRole('button', { name: 'See them side by side' }).click()
  await items.nth(0).getByRole('radiogroup', { name: 'Pages: which stands' }).getByRole('radio').nth(1).click()
  await items.nth(0).getByRole('button', { name: 'Merge them' }).click()
  await expect(items.nth(0)).toContainText('210–238. https://doi.org/10.5555/jeh.2016.0903')
  await page.getByRole('button', { name: 'Undo', exact: true }).first().click()
  await expect(items.nth(0)).toContainText('210–283')
  // What was found is there when the page is loaded again.
  await page.reload()
  await expect(items.nth(1)).toContainText('The catalogue')
  await expect(page.getByRole('button', { name: 'Look the one without an answer up by title' })).toBeVisible()
})

const MIXED: readonly (readonly [given: string, wanted: RegExp])[] = [
  ['THE TAMSIN GAZETTE, “Floating market to close for dredging”, 4 May 2023, https://tamsin.example/a',
    /^Floating market to close for dredging\. \(2023, May 4\)\. The Tamsin Gazette\. https:\/\/tamsin\.example\/a/u],
  ['Okonjo, A. R., & Thorne, G. (2016). What the sluice gate knows. Journal of Estuary Heritage, 9(3), 210–238.',
    /^Okonjo, A\. R\., & Thorne, G\. \(2016\)\. What the sluice gate knows\. Journal of Estuary Heritage, 9\(3\), 210–238\./u],
  ['[3] I. Bellweather, "Bed shear stress in gated ponds," Estuar. Process., vol. 43, no. 2, pp. 233–251, 2018.',
    /^Bellweather, I\. \(2018\)\. Bed shear stress in gated ponds\. Estuar\. Process\., 43\(2\), 233–251\./u],
  ['Penhale, Morwenna. "Miller, Ferryman, Pilot." Journal of Estuary Heritage, vol. 12, no. 1, 2019, pp. 3-27.',
    /^Penhale, M\. \(2019\)\. Miller, ferryman, pilot\. Journal of Estuary Heritage, 12\(1\), 3–27\./u],
  ['Hale P. Dredging at night. Coast Eng Lett. 2024;6(2):11-4.', /^Hale, P\. \(2024\)\. Dredging at night\. Coast Eng Lett, 6\(2\), 11–14\./u],
  ['al-Khatib, Nadia. Gates of the Delta. 3rd ed. Leeds: Meridian University Press, 2011.',
    /^al-Khatib, N\. \(2011\)\. Gates of the delta \(3rd ed\.\)\. Meridian University Press\./u],
]
test('a list of six in as many styles is six sources', async ({ page, request }) => {
  const { id } = await (await request.post('/api/papers', { data: { title: 'Mixed', style: 'apa-7' } })).json() as { id: string }
  await page.goto(`/papers/${id}/gather`)
  await page.getByLabel(/^Take in a source/u).fill(MIXED.map(([given]) => given).join('\n'))
  await page.keyboard.press('Enter')
  const items = page.getByRole('list', { name: 'Proposed sources' }).getByRole('listitem')
  await expect(items).toHaveText(MIXED.map(([, wanted]) => wanted))
  await page.getByRole('button', { name: 'Take all 6' }).click()
  await expect(page.getByRole('list', { name: 'Sources' }).getByRole('listitem')).toHaveCount(6)
})
