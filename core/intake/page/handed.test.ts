import { describe, expect, it } from 'vitest'
import { PAGES } from '../../../server/catalogue/pages'
import { readPage } from './page'
import { readHanded } from './handed'

const DAY = { year: 2026, month: 5, day: 6 }
const hand = (given: unknown) => readHanded(encodeURIComponent(JSON.stringify(given)), DAY)

it.each(PAGES.map(page => [page.address, page] as const))('%s handed over is read as it is when saved', (_, { address, html }) => {
  const got = hand({ address, html, marked: '  The pond filled twice a day. ' })
  const [read] = readPage(html, address).proposals
  if (!read) { expect(got).toMatch(/Neither a title nor tags/u); return }
  const { accessed, ...fields } = (got as { proposal: { fields: Record<string, unknown> } }).proposal.fields
  expect(fields).toEqual(read.fields)
  // An article with a DOI is the same every day.
  expect([undefined, DAY]).toContainEqual((accessed as { start?: unknown } | undefined)?.start)
  if (fields.doi) expect(accessed).toBeUndefined()
  expect(got).toMatchObject({ address, marked: 'The pond filled twice a day.', letters: 28 })
  // What was marked beyond what comes is counted.
  expect(hand({ address, html, marked: 'The pond', letters: 23_000 })).toMatchObject({ marked: 'The pond', letters: 23_000 })
})

it('a page that may change is read on the day it was handed over', () =>
  expect(hand({ address: 'https://mill.example/pond', html: '<title>Visiting the old mill pond</title>' })).toMatchObject({
    marked: '', proposal: { kind: 'web-page', fields: { accessed: { start: DAY }, url: 'https://mill.example/pond' }, from: { accessed: { by: 'page' } } },
  }))

describe('what is no page is told so', () => {
  const page = { address: 'https://mill.example/', html: '<title>The mill</title>', marked: '' }
  it.each([
    ['nothing', '', /No page was handed over/u],
    ['no JSON', 'qqx', /not a page that can be read/u],
    ['a broken escape', '%E0%A4%A', /not a page that can be read/u],
    ['too long', 'x'.repeat(500_000), /not a page that can be read/u],
    ['an address that runs', encodeURIComponent(JSON.stringify({ ...page, address: 'javascript:alert(1)' })), /not a page that can be read/u],
    ['a file', encodeURIComponent(JSON.stringify({ ...page, address: 'file:///etc/passwd' })), /not a page that can be read/u],
    ['another shape', encodeURIComponent(JSON.stringify([page])), /not a page that can be read/u],
    ['marked without end', encodeURIComponent(JSON.stringify({ ...page, marked: 'a'.repeat(20_000) })), /not a page that can be read/u],
    ['no title', encodeURIComponent(JSON.stringify({ ...page, html: '<p>' })), /Neither a title nor tags were found on mill\.example/u],
  ])('%s', (_, fragment, says) => expect(readHanded(fragment, DAY)).toMatch(says))
})
