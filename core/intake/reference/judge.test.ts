/** Readings by the styles' own templates: they see what no sign tells, any style is read as it is printed, and none takes long. */
import { describe, expect, it } from 'vitest'
import { listEntry } from '../../compose/entry'
import type { FieldName } from '../../source/fields'
import type { Fields, Source } from '../../source/model'
import { styleOf, type Style } from '../../styles'
import { toMarkup } from '../../text/runs'
import { firstReading, readReference } from './reference'
import { skeletonOf } from './skeleton'
import { judge } from './judge'
import { Piece } from './text'
import { Laid, MOST_STEPS } from './turned'

describe('a skeleton', () => {
  it.each<[string, Parameters<typeof skeletonOf>[1], FieldName[], string]>([
    ['apa-7', 'journal-article', ['author', 'container', 'issued', 'title', 'volume'], '{author} ({issued}). {title}. {container}, {volume}.'],
    ['vancouver', 'journal-article', ['author', 'container', 'issued', 'pages', 'title', 'volume'], '{author}. {title}. {container}. {issued};{volume}:{pages}.'],
    ['harvard', 'chapter', ['author', 'container', 'editor', 'issued', 'title'], '{author} ({issued}) \'{title}\', in {editor} (eds) {container}.'],
    ['mla-9', 'web-page', ['container', 'title', 'url'], '"{title}." {container}, {url}.'],
    ['nature', 'book', ['author', 'issued', 'publisher', 'title'], '{author} {title} ({publisher}, {issued}).'],
  ])('of %s, %s', (id, kind, names, wanted) => {
    const { elements } = skeletonOf(styleOf(id)!, kind, { names, date: 'year', many: true, body: false })!
    expect(elements.map(one => ('words' in one ? one.words : `{${one.field}}`)).join('')).toBe(wanted)
  })
  it('there is none where the style does not print a detail, and none for what is never listed', () => {
    const build = { names: ['title', 'isbn'] as FieldName[], date: 'year', many: false, body: false } as const
    expect(skeletonOf(styleOf('apa-7')!, 'book', build)).toBeNull()
    expect(skeletonOf(styleOf('apa-7')!, 'personal-communication', { ...build, names: ['author', 'title'] })).toBeNull()
  })
})

describe('what is read', () => {
  it.each<[string, string, Partial<Fields>]>([
    ['a body that no word tells', 'Northmere Water. How to read your water meter. https://water.northmere.example/meter (2022).',
      { author: [{ literal: 'Northmere Water' }], title: 'How to read your water meter' }],
    ['a day of which the year is no more than a part', 'Carewick City Libraries. Reporting a lost library card. September 4, 2023. https://libraries.carewick.example/cards/lost',
      { author: [{ literal: 'Carewick City Libraries' }], container: undefined, issued: { start: { year: 2023, month: 9, day: 4 } } }],
    ['a quotation that opens a title', 'Mac Giolla, R. (2024, February 11). "We were never asked": Islanders speak out over cable landing. The Skerry Times, A1.',
      { title: '"We were never asked": Islanders speak out over cable landing', container: 'The Skerry Times', pages: 'A1' }],
    ['an episode, with its italics lost', 'Achterberg N, director. The long dry. Field and Furrow. Season 2, episode 7. Channel Nine East. March 14, 2020.',
      { title: 'The long dry', container: 'Field and Furrow', season: '2', number: '7', publisher: 'Channel Nine East' }],
    ['a conversation that has a title', 'Quintana M. Interview with Marisol Quintana. Hale B, interviewer. The Weavers’ Hour; 2018 Nov 2. Available from: https://weavers.example/quintana',
      { title: 'Interview with Marisol Quintana', interviewer: [{ family: 'Hale', given: 'B.' }], container: 'The Weavers’ Hour' }],
    ['editors behind a semicolon', 'Bianchi, C.; Osei, K. Noise Complaints as Archive. In Listening to the City; Lund, S., Ed.; Aldwater University Press, 2019; pp 77–98.',
      { editor: [{ family: 'Lund', given: 'S.' }], publisher: 'Aldwater University Press', place: undefined }],
    ['the page of a newspaper, alone', 'Strand, P. (2023, November 17). Council votes to keep lido open through winter. Carewick Evening Standard, 3.',
      { container: 'Carewick Evening Standard', pages: '3' }],
    ['editor and translator, each in a sentence', 'Ostrow M. Middle march: collected diaries, 1911–1919. Vol. 2. Vance P, editor. Kerr D, translator. Dublin: Saltmarsh Press; 2009.',
      { editor: [{ family: 'Vance', given: 'P.' }], translator: [{ family: 'Kerr', given: 'D.' }], volume: '2' }],
    ['commas in a title, before a comma', 'Å. Lindqvist and P. N. Obi Jr., Bread, Salt, Iron: A Short History of Paying in Kind, rev. ed. Leeds: Hollin & Vale, 2017.',
      { title: 'Bread, Salt, Iron: A Short History of Paying in Kind', edition: 'rev.', place: 'Leeds', publisher: 'Hollin & Vale' }],
  ])('%s', (_, text, wanted) => {
    const read = readReference(text)!
    expect(Object.fromEntries(Object.keys(wanted).map(name => [name, read.fields[name as FieldName]]))).toEqual(wanted)
    expect(read.gives).toBeGreaterThan(0.97)
  })
  it.each([
    'Ruiz, Elena, Gardening by the Moon (Edinburgh: Thistle & Sons, 2003) chapter 4, but see the second printing, which differs',
    'Moss, Tides of Work, pp. 4-9, my copy, with pencil notes, 1987',
  ])('what no style gives back stays as it was read first: %s', (text) => {
    const { gives: _, style: __, ...read } = readReference(text)!
    expect(read).toEqual(firstReading(text))
  })
})

describe('a style that is not shipped', () => {
  const own: Style = {
    ...styleOf('apa-7')!, id: 'northmere',
    kinds: { ...styleOf('apa-7')!.kinds, 'journal-article': { entry: '{lead} / {title} / *{container}* / {volume}[:{issue}] / {pages} / {date}' } },
  }
  const source: Source = {
    id: 's', kind: 'journal-article',
    fields: {
      author: [{ family: 'Okonjo', given: 'A. R.' }], title: 'What the sluice gate knows', container: 'Journal of Estuary Heritage',
      volume: '9', issue: '3', pages: '210-238', issued: { start: { year: 2016 } },
    },
  }
  it('is read as it is printed', () => {
    const text = toMarkup(listEntry(own, source)!)
    expect(text).toBe('Okonjo, A. R. / What the sluice gate knows / *Journal of Estuary Heritage* / 9:3 / 210–238 / 2016.')
    expect(readReference(text, undefined, own)!.fields).toEqual(source.fields)
    expect(firstReading(text)!.fields).not.toEqual(source.fields)
  })
})

it.each(['Ab. ', 'Word, ', 'Smith, J., ', 'In (Ed.), ', 'Vol. 1, 2(3), 4-5. '])('a text without end, of “%s”, is given up after so many steps', (part) => {
  const piece = Piece.read(`A, B. (2020). ${part.repeat(4000 / part.length)}`)
  const laid = new Laid(piece)
  judge(piece, { kind: 'book', fields: { title: part }, certain: new Set() }, undefined, laid)
  expect(laid.spent).toBeLessThan(MOST_STEPS * 1.2)
})
