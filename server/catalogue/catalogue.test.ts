import { describe, expect, it } from 'vitest'
import { isbn13, readIsbn } from '../../core/intake/identifiers'
import { missing } from '../../core/source/model'
import { lookUp, type Catalogue } from './index'
import { PAGES } from './pages'
import { RECORDS } from './records'
import { standIn } from './stand-in'

const catalogue = standIn(0)
const ask = (type: 'doi' | 'isbn' | 'url', value: string, from: Catalogue = catalogue) => lookUp(from, { type, value }, 60)
const answering = (answer: unknown): Catalogue => ({ look: () => Promise.resolve({ type: 'record', item: answer }) })

describe('looking up', () => {
  it.each<[string, 'doi' | 'isbn' | 'url', string, string]>([
    ['a DOI in any case', 'doi', '10.5555/JEH.2016.0903', 'found'],
    ['an ISBN of ten digits or thirteen', 'isbn', '9789999901086', 'found'],
    ['an address, whatever its scheme and tail', 'url', 'http://www.coastcountry.example/2024/06/night-gate/?utm_source=x', 'found'],
    ['what is not there', 'doi', '10.5555/no.such', 'none'],
    ['an address that is not there', 'url', 'https://nowhere.example/', 'none'],
    ['a page that says nothing', 'url', 'https://empty.example/', 'nonsense'],
    ['a service that is down', 'doi', '10.5555/down.9', 'down'],
    ['a service that talks nonsense', 'doi', '10.5555/nonsense.9', 'nonsense'],
    ['a service that never answers', 'doi', '10.5555/slow.9', 'slow'],
  ])('%s', async (_, type, value, outcome) => {
    const answer = await ask(type, value)
    expect(answer.outcome).toBe(outcome)
    // Every no says what was asked for and what to do.
    if (answer.outcome !== 'found') expect(answer.says).toMatch(/\. .*(?:type|Type|Check|Try)/u)
    if (answer.outcome !== 'found') expect(answer.says).toContain(value)
  })
  it.each<[string, unknown]>([
    ['text', 'hello'],
    ['nothing', null],
    ['a list', []],
    ['an item without a type', { title: 'x' }],
    ['an item without a title', { type: 'book' }],
    ['a name that is a number', { type: 'book', title: 'x', author: 7 }],
    ['a title that is an object', { type: 'book', title: { a: 1 } }],
    ['a prototype', JSON.parse('{"__proto__":{"type":"book","title":"x"}}')],
  ])('an answer that is %s is no source', async (_, item) =>
    expect((await ask('doi', '10.5555/x', answering(item))).outcome).toBe('nonsense'),
  )
  it('keeps what was asked by, marks every field as the catalogue’s, and takes an item without an id', async () => {
    const answer = await ask('doi', '10.5555/own.1', answering({ type: 'book', title: 'Own' }))
    expect(answer).toMatchObject({
      outcome: 'found',
      proposal: { fields: { title: 'Own', doi: '10.5555/own.1' }, from: { title: { by: 'catalogue' } } },
    })
  })
  it('a catalogue that throws at once is down, not broken', async () =>
    expect(
      (
        await ask('doi', '10.5555/x', {
          look: () => {
            throw new Error('x')
          },
        })
      ).outcome,
    ).toBe('down'))
})

describe('the stand-in’s records', () => {
  it('are some sixty, with some fifteen pages, all made up', () => {
    expect(RECORDS.length).toBeGreaterThanOrEqual(60)
    expect(PAGES.length).toBeGreaterThanOrEqual(15)
    const text = JSON.stringify([RECORDS, PAGES])
    for (const [address] of text.matchAll(/https?:\/\/[^"/\s\\<]+/gu)) expect(address).toMatch(/\.example$|schema\.org$|doi\.org$/u)
    for (const [doi] of text.matchAll(/10\.\d{4,9}\//gu)) expect(doi).toBe('10.5555/')
  })
  it.each(RECORDS.map((record) => [record.fields.title!, record] as const))(
    '%s is complete and found by what identifies it',
    async (_, { kind, fields }) => {
      expect(missing({ id: 'r', kind, fields })).toEqual([])
      if (fields.isbn) expect(readIsbn(fields.isbn)).toBe(isbn13(fields.isbn))
      const answer = fields.doi ? await ask('doi', fields.doi) : await ask('isbn', fields.isbn!)
      expect(answer).toMatchObject({ outcome: 'found', proposal: { kind, fields: { title: fields.title } } })
    },
  )
})

describe('a title looked up', () => {
  const title = (value: string, more: { family?: string, year?: number } = {}, from = catalogue) => lookUp(from, { type: 'title', value, ...more }, 60)
  it.each<[string, string, { family?: string, year?: number }, string]>([
    ['as it is', 'What the sluice gate knows: Oral histories of three estuaries', {}, '10.5555/jeh.2016.0903'],
    ['in capitals, without its subtitle', 'WHAT THE SLUICE GATE KNOWS', { family: 'Okonjo', year: 2016 }, '10.5555/jeh.2016.0903'],
    ['with a word amiss', 'Dating tide mills from their mud', { family: 'Castellan' }, '10.5555/jeh.2023.1604'],
    ['a year beside its own', 'Bed shear stress in gated ponds', { year: 2019 }, '10.5555/ep.2018.4302'],
  ])('%s', async (_, value, more, doi) =>
    expect(await title(value, more)).toMatchObject({ outcome: 'found', proposal: { fields: { doi }, from: { title: { by: 'catalogue' } } } }))
  it.each<[string, string, { family?: string, year?: number }]>([
    ['another’s', 'Bed shear stress in gated ponds', { family: 'Larch' }],
    ['of another time', 'Bed shear stress in gated ponds', { year: 1987 }],
    ['with half its words', 'Bed linen in gated houses', {}],
    ['that nobody has', 'Qqx', {}],
    ['of one whose name is a part of another’s', 'Bed shear stress in gated ponds', { family: 'Bell' }],
  ])('%s is not taken for it', async (_, value, more) => {
    const answer = await title(value, more)
    expect(answer.outcome).toBe('none')
    expect((answer as { says: string }).says).toContain(value)
  })
  it('of many, the one that agrees; what is no record among them is passed over', async () => {
    const items = [null, 'x', { type: 'book', title: 'Gates' }, { type: 'book', title: 'Working the tide', issued: { 'date-parts': [[2018]] } }]
    expect(await title('Working the tide', { year: 2018 }, { look: () => Promise.resolve({ type: 'records', items }) }))
      .toMatchObject({ outcome: 'found', proposal: { kind: 'book', fields: { title: 'Working the tide' } } })
  })
})
