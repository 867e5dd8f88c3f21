import { describe, expect, it } from 'vitest'
import { fromCsl, kindOfCsl, toCsl, type CslItem } from './csl'
import { readDate, writeDate } from './dates'
import { freeKey, letters, plainKey } from './keys'
import { hintFor, KINDS, KIND_IDS, kindChain, kindOf } from './kinds'
import { placesOf, readLocator } from './locators'
import { fieldsSchema, isEmpty, missing } from './model'
import { initials, readName, readNames, surname, writeName, type Name } from './names'

describe('names as typed', () => {
  it.each<[string, Name]>([
    ['Okonjo, Adaeze R.', { family: 'Okonjo', given: 'Adaeze R.' }],
    ['Adaeze R. Okonjo', { family: 'Okonjo', given: 'Adaeze R.' }],
    ['Whitlock, Samuel J., Jr.', { family: 'Whitlock', given: 'Samuel J.', suffix: 'Jr.' }],
    ['Samuel J. Whitlock Jr.', { family: 'Whitlock', given: 'Samuel J.', suffix: 'Jr.' }],
    ['van der Berg, Sanne', { family: 'Berg', particle: 'van der', given: 'Sanne' }],
    ['Sanne van der Berg', { family: 'Berg', particle: 'van der', given: 'Sanne' }],
    ['Marine Planning Agency', { literal: 'Marine Planning Agency' }],
    ['{Northmere Museums}', { literal: 'Northmere Museums' }],
    ['Banksy', { literal: 'Banksy' }],
    ['@tidelines', { literal: '@tidelines' }],
    ['Fenn, Walter [@tidelines]', { family: 'Fenn', given: 'Walter', username: '@tidelines' }],
    ['Northmere Museums [@nmuseums]', { literal: 'Northmere Museums', username: '@nmuseums' }],
    ['Marine Planning Agency [MPA]', { literal: 'Marine Planning Agency', short: 'MPA' }],
    ['Sable Ortiz, Camila', { family: 'Sable Ortiz', given: 'Camila' }],
  ])('%s', (typed, name) => {
    expect(readName(typed)).toEqual(name)
    expect(readName(writeName(name))).toEqual(name)
  })
  it('splits several', () => expect(readNames('Vasquez, Lena M.; Thorne, Gareth').map(surname)).toEqual(['Vasquez', 'Thorne']))
})

describe('initials', () => {
  it.each([
    ['Adaeze R.', 'A. R.'],
    ['Jean-Luc', 'J.-L.'],
    ['J.R.', 'J. R.'],
    ['JR', 'J. R.'],
    ['Émile', 'É.'],
    ['J.-L. M.', 'J.-L. M.'],
  ])('%s: %s', (given, set) => expect(initials(given, { stop: '.', space: ' ', hyphen: true })).toBe(set))
  it('closes up for numbered medicine', () => expect(initials('Jean-Luc A.', { stop: '', space: '', hyphen: false })).toBe('JLA'))
})

describe('dates as typed', () => {
  it.each([
    ['2021', { start: { year: 2021 } }],
    ['14 March 2023', { start: { year: 2023, month: 3, day: 14 } }],
    ['March 14, 2023', { start: { year: 2023, month: 3, day: 14 } }],
    ['2023-03-14', { start: { year: 2023, month: 3, day: 14 } }],
    ['June 2022', { start: { year: 2022, month: 6 } }],
    ['Spring 2020', { start: { year: 2020 }, season: 1 }],
    ['c. 1890', { start: { year: 1890 }, circa: true }],
    ['46 BCE', { start: { year: -46 } }],
    ['2015-2018', { start: { year: 2015 }, end: { year: 2018 } }],
    ['May/June 2020', { start: { year: 2020, month: 5 }, end: { year: 2020, month: 6 } }],
    ['May-June 2020', { start: { year: 2020, month: 5 }, end: { year: 2020, month: 6 } }],
    ['Jan./Feb. 2020', { start: { year: 2020, month: 1 }, end: { year: 2020, month: 2 } }],
    ['May & June, 2020', { start: { year: 2020, month: 5 }, end: { year: 2020, month: 6 } }],
    ['Updated 4 May 2020', { start: { year: 2020, month: 5, day: 4 } }],
    ['Last modified: May 4, 2020', { start: { year: 2020, month: 5, day: 4 } }],
    ['Published on 2020-05-04', { start: { year: 2020, month: 5, day: 4 } }],
    ['3-5 March 2020', { start: { year: 2020, month: 3, day: 3 }, end: { year: 2020, month: 3, day: 5 } }],
    ['Michaelmas term 1871', { literal: 'Michaelmas term 1871' }],
    ['29 February 2024', { start: { year: 2024, month: 2, day: 29 } }],
    ['29 February 2023', { literal: '29 February 2023' }],
    ['2021-02-31', { literal: '2021-02-31' }],
    ['31 April 1999', { literal: '31 April 1999' }],
    ['1e21', { literal: '1e21' }],
    ['14/03/2021', { start: { year: 2021, month: 3, day: 14 } }],
    ['03/14/2021', { start: { year: 2021, month: 3, day: 14 } }],
    ['03/04/2021', { start: { year: 2021 }, literal: '03/04/2021' }],
    ['14.03.2021', { start: { year: 2021, month: 3, day: 14 } }],
    ['[1890]', { start: { year: 1890 } }],
    ['[1890?]', { start: { year: 1890 }, circa: true }],
    ['c1999', { start: { year: 1999 } }],
    ['AD 44', { start: { year: 44 } }],
    ['Winter 2020-21', { start: { year: 2020 }, end: { year: 2021 }, season: 4 }],
  ])('%s', (typed, date) => {
    expect(readDate(typed)).toEqual(date)
    expect(readDate(writeDate(date))).toEqual(date)
  })
  it.each(['', 'n.d.', 'no date', '(  )', ' – ', '[date unknown]'])('"%s" is no date', typed => expect(readDate(typed)).toBeUndefined())
  it('does not take a 13th month', () => expect(readDate('2020-13-01')).toEqual({ literal: '2020-13-01' }))
})

describe('locators as typed', () => {
  it.each([
    ['104-6', 'page', '104-6'],
    ['p. 104', 'page', '104'],
    ['pp 3-5', 'page', '3-5'],
    ['para 4', 'paragraph', '4'],
    ['para. 4', 'paragraph', '4'],
    ['ch 3', 'chapter', '3'],
    ['1:12:30', 'timestamp', '1:12:30'],
    ['3.2.14', 'act', '3.2.14'],
    ['fig 2', 'figure', '2'],
    ['§ 4', 'section', '4'],
    ['lines 3-7', 'line', '3-7'],
    ['xii', 'page', 'xii'],
    ['table 2', 'table', '2'],
    ['tables 2-4', 'table', '2-4'],
    ['bk. 4', 'book', '4'],
    ['pt 2', 'part', '2'],
    ['nn. 4-6', 'note', '4-6'],
    ['Appendix B', 'appendix', 'B'],
    ['eq. (3)', 'equation', '(3)'],
    ['slide 9', 'slide', '9'],
    ['ch. 3, p. 45', 'chapter', '3, p. 45'],
    ['2:117', 'page', '2:117'],
  ])('%s', (typed, label, place) => expect(readLocator(typed)).toEqual({ label, place }))
  it.each<[string, string[]]>([
    ['ch. 3, p. 45', ['chapter 3', 'page 45']],
    ['2:117', ['volume 2', 'page 117']],
    ['vol. 2, pp. 117-19', ['volume 2', 'page 117-19']],
    ['99, 103-105', ['page 99, 103-105']],
    ['p. 45, fig. 2', ['page 45', 'figure 2']],
    ['1:12:30', ['timestamp 1:12:30']],
  ])('%s names %j', (typed, places) => expect(placesOf(readLocator(typed)!).map(({ label, place }) => `${label} ${place}`)).toEqual(places))
  it('is none when empty', () => expect(readLocator('  ')).toBeUndefined())
})

describe('CSL-JSON', () => {
  const odd: CslItem = {
    'id': 7,
    'type': 'article-journal',
    'title': 'A <i>b</i>',
    'issued': { 'date-parts': [['2021', '3']], 'x-note': 'kept' },
    'author': [{ 'family': 'Berg', 'non-dropping-particle': 'van der', 'comma-suffix': true }],
    'volume': 14,
    'custom': { mine: true },
    'x-unknown': [1, 2],
  }
  it('comes back as it went in, unknown properties and spellings included', () => expect(toCsl(fromCsl(odd))).toEqual(odd))
  it.each<[unknown, unknown]>([
    [{ 'date-parts': [[2021, 2, 31]] }, { start: { year: 2021, month: 2 } }],
    [{ 'date-parts': [['1e21']] }, { literal: '1e21' }],
    [{ 'date-parts': [[2021, 21]] }, { start: { year: 2021 }, season: 1 }],
    [{ 'date-parts': [[2021, '', 14]] }, { start: { year: 2021 } }],
    [{ literal: '(  )' }, undefined],
    [{ raw: '', literal: '1890' }, { start: { year: 1890 } }],
    [{ 'date-parts': [] }, undefined],
    [{ 'date-parts': [[]] }, undefined],
  ])('reads the date %j', (issued, date) => expect(fromCsl({ id: 'x', type: 'book', issued }).fields.issued).toEqual(date))
  it('writes what was changed and keeps the rest', () => {
    const source = fromCsl(odd)
    const changed = toCsl({ ...source, fields: { ...source.fields, volume: '15' } })
    expect(changed).toEqual({ ...odd, volume: '15' })
  })
  it('drops a property that was emptied', () => {
    const source = fromCsl(odd)
    const { volume: _, ...fields } = source.fields
    expect('volume' in toCsl({ ...source, fields })).toBe(false)
  })
  it.each(KIND_IDS)('carries the kind %s through', (kind) => {
    expect(fromCsl(toCsl({ id: 'x', kind, fields: { title: 'T', container: 'C', url: 'https://x.example' } })).kind).toBe(kind)
  })
  it.each([
    ['motion_picture', { URL: 'https://x.example', 'container-title': 'ClipHarbor' }, 'online-video'],
    ['motion_picture', {}, 'film'],
    ['broadcast', { genre: 'Audio podcast episode', 'container-title': 'x' }, 'podcast-episode'],
    ['review-book', {}, 'review'],
    ['manuscript', {}, 'archival-item'],
    ['unheard-of', {}, 'book'],
  ])('%s %o is a %s', (type, more, kind) => expect(kindOfCsl({ type, ...more })).toBe(kind))
})

describe('the model', () => {
  it('names what is missing, and lets an editor stand for an author', () => {
    expect(missing({ id: 'a', kind: 'book', fields: { editor: [{ family: 'Petit' }], title: 'T' } })).toEqual(['issued', 'publisher'])
    expect(
      missing({ id: 'a', kind: 'journal-article', fields: { author: [{ family: 'P' }], title: 'T', container: 'J', status: 'in press' } }),
    ).toEqual([])
  })
  it('knows an empty source', () => {
    expect(isEmpty({ fields: { title: '  ', author: [{}] } })).toBe(true)
    expect(isEmpty({ fields: { title: 'T' } })).toBe(false)
  })
  it('keeps a title of 5,000 characters and right-to-left text, and refuses what is no field', () => {
    expect(fieldsSchema.parse({ title: 'ט'.repeat(5000) }).title).toHaveLength(5000)
    expect(fieldsSchema.safeParse({ title: 'x'.repeat(20_001) }).success).toBe(false)
    expect(fieldsSchema.safeParse({ nonsense: 'x' }).success).toBe(false)
  })
  it('makes keys', () => {
    expect(plainKey({ id: 'a', kind: 'book', fields: { author: [{ family: 'Sable Ortiz', given: 'Camila' }], issued: { start: { year: 2015 } } } })).toBe(
      'sable-ortiz-2015',
    )
    expect(plainKey({ id: 'a', kind: 'web-page', fields: { title: 'The old mill pond' } })).toBe('old-mill')
    expect(plainKey({ id: 'a', kind: 'book', fields: {} })).toBe('source')
    expect(freeKey('marsh-2018', new Set(['marsh-2018', 'marsh-2018b']))).toBe('marsh-2018c')
    expect([0, 25, 26, 27].map(letters)).toEqual(['a', 'z', 'aa', 'ab'])
  })
  it.each(KIND_IDS)('tells where on a %s to look for all it needs', (kind) => {
    expect([...kindOf(kind).required, ...kindOf(kind).usual].filter(field => !hintFor(kind, field))).toEqual([])
  })
  it('has every kind like one that exists, in a chain that ends', () => {
    for (const id of KIND_IDS) expect(kindChain(id).every(k => k in KINDS)).toBe(true)
  })
})
