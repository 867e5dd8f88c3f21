import { describe, expect, it } from 'vitest'
import { compose, type Citation } from '../compose/compose'
import { readDate } from '../source/dates'
import { KIND_IDS, kindOf, type KindId } from '../source/kinds'
import type { Fields, Source } from '../source/model'
import { readName } from '../source/names'
import { RULE_IDS, type RuleId } from '../text/origin'
import { toMarkup, type Run } from '../text/runs'
import { STYLES, styleOf, type Style } from '.'
import { BREAKS, runsBreaking, styleBreaking } from './breaks'
import { valueAt, withValues } from './paths'
import { RULES, sayRule } from './rules'

const says = (style: Style, id: RuleId, ...changes: { path: string, value: unknown }[]) =>
  sayRule(withValues(style, changes).style, id)?.says

describe('sentences are computed from the data', () => {
  it.each<[string, RuleId, string, { path: string, value: unknown }[], string]>([
    [
      'apa-7',
      'names.shortened',
      'Up to 20 authors are listed; beyond that the first 19, an ellipsis and the last. In the text three or more become the first and et al.',
      [
        { path: 'names.lead.etAl.from', value: 11 },
        { path: 'names.lead.etAl.keep', value: 7 },
        { path: 'names.lead.etAl.withLast', value: undefined },
        { path: 'names.text.etAl.from', value: 4 },
      ],
      'Up to 10 authors are listed; beyond that the first 7, et al.. In the text four or more become the first and et al.',
    ],
    [
      'mla-9',
      'names.shortened',
      'Three or more authors: the first, then et al.; “and others” in a sentence.',
      [{ path: 'names.lead.etAl.from', value: 5 }],
      'Five or more authors: the first, then et al.; “and others” in a sentence.',
    ],
    [
      'chicago-18-notes',
      'names.shortened',
      'The list names up to six authors, then the first three and et al.; a note names up to two.',
      [{ path: 'names.note.etAl.from', value: 4 }],
      'The list names up to six authors, then the first three and et al.; a note names up to three.',
    ],
    [
      'ieee',
      'pages.range',
      'Page ranges are given in full, after p. or pp.',
      [{ path: 'ranges.pages', value: 'two-digits' }],
      'Page ranges give the last two digits of the second number, after p. or pp.',
    ],
    [
      'ama-11',
      'pages.range',
      'Page ranges are given in full with a hyphen.',
      [{ path: 'dash', value: '–' }],
      'Page ranges are given in full with an en dash.',
    ],
    [
      'chicago-18-notes',
      'title.headline',
      'Titles take headline capitals; prepositions of up to four letters stay lower.',
      [{ path: 'capitals.roman.prepositions', value: 'all' }],
      'Titles take headline capitals; every preposition inside stays lower.',
    ],
    [
      'harvard',
      'edition',
      'An edition other than the first, shortened to “edn”.',
      [{ path: 'terms.edition', value: 'ed.' }],
      'An edition other than the first, shortened to “ed.”.',
    ],
    [
      'mla-9',
      'link.url',
      'A web address is printed without https://.',
      [{ path: 'url.scheme', value: true }],
      'A web address is printed whole.',
    ],
    [
      'apa-7',
      'names.joined',
      'Names are joined by commas, with an ampersand before the last.',
      [{ path: 'names.lead.last', value: ' and ' }],
      'Names are joined by commas, with “and” before the last.',
    ],
  ])('%s, %s', (id, rule, now, changes, then) => {
    expect(says(styleOf(id)!, rule)).toBe(now)
    expect(says(styleOf(id)!, rule, ...changes)).toBe(then)
  })
  it('names the place behind each word that the data decides', () => {
    expect(sayRule(styleOf('mla-9')!, 'edition')!.pieces).toEqual([
      { text: 'An edition other than the first, shortened to ' },
      { text: '“ed.”', path: 'terms.edition' },
      { text: '.' },
    ])
  })
})

describe('the catalogue', () => {
  it.each(RULE_IDS)('%s rests on places that styles have', (id) => {
    for (const path of RULES[id].rests) expect(STYLES.some(style => valueAt(style, path) !== undefined), path).toBe(true)
  })
})

/** Sources that between them call on every rule: whole ones and ones with holes, many names, same names, same years. */
const people = (...names: string[]) => names.map(readName)
const VALUES: Fields = {
  author: people('Okonjo, Adaeze R.', 'Thorne, Tom'),
  editor: people('Dale, Di'),
  translator: people('Penn, Harold'),
  director: people('Fell, Una'),
  host: people('Hale, Joan'),
  interviewer: people('Ray, Mo'),
  title: 'The Tidal Mills of Brittany: A Survey',
  container: 'Journal of Estuary Heritage',
  volume: '14',
  issue: '2',
  pages: '101-119',
  edition: '3',
  publisher: 'University of Northmere Press',
  place: 'Northmere',
  issued: readDate('14 March 2021')!,
  number: 'TR-12',
  genre: 'Lecture',
  medium: 'CD',
  season: '2',
  event: 'Tide Congress',
  archive: 'County Record Office',
  authority: 'U.S. Patent Office',
  url: 'https://tides.example/a',
  reviewedTitle: 'Working the Tide',
  section: '4',
}
const make = (id: string, kind: KindId, change: Partial<Record<keyof Fields, unknown>> = {}): Source => {
  const wanted = new Set([...kindOf(kind).required, ...kindOf(kind).usual, ...kindOf(kind).lead.slice(0, 1)])
  const fields = { ...Object.fromEntries(Object.entries(VALUES).filter(([name]) => wanted.has(name as keyof Fields))), ...change }
  return { id, kind, fields: Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as Fields }
}
const SOURCES: Source[] = [
  ...KIND_IDS.map((kind) => make(kind, kind)),
  make('undated', 'web-page', { issued: undefined, accessed: readDate('6 May 2025')! }),
  make('nobody', 'web-page', { author: undefined }),
  make('coming', 'journal-article', { issued: undefined, status: 'in press' }),
  make('reprint', 'book', { originalDate: readDate('1890')! }),
  make('edited', 'book', { author: undefined }),
  make('many', 'book', { author: people(...Array.from({ length: 24 }, (_, i) => `Name${String.fromCharCode(97 + i)}, Al`)) }),
  make('other', 'book', { author: people('Okonjo, Bea'), url: undefined }),
  make('again', 'book', { title: 'Another Year' }),
  make('doi', 'journal-article', { doi: '10.5555/x.1', url: undefined }),
  make('address', 'journal-article', { url: 'https://x.example/b', doi: undefined }),
]
const CITATIONS: Citation[] = [
  ...SOURCES.map(({ id }): Citation => ({ items: [{ id, locator: { label: 'page', place: '12-15' } }] })),
  { items: [{ id: 'book' }, { id: 'again' }] },
  { items: SOURCES.slice(0, 4).map(({ id }) => ({ id })) },
  { items: [{ id: 'book', original: 'Rabbitt, 1982' }] },
  { items: [{ id: 'again' }], form: 'narrative' },
  { items: [{ id: 'again' }] },
]
const lines = (style: Style): Run[][] => {
  const composed = compose(style, SOURCES, { citations: CITATIONS })
  return [...composed.list.map(entry => entry.runs), ...composed.citations, ...composed.notes]
}

describe.each(STYLES.map(style => [style.id, style] as const))('%s', (_, style) => {
  const plain = lines(style)
  const carried = RULE_IDS.filter(id => plain.some(line => line.some(run => run.rules.includes(id))))
  it('has a sentence for every rule that its lines carry', () => expect(carried.filter(id => !sayRule(style, id))).toEqual([]))
  it.each(carried.filter(id => BREAKS[id]).map(id => [id]))('%s can be broken, and breaking it shows', (id) => {
    const broken = styleBreaking(style, id)
    const wrong = broken ? lines(broken) : plain.map(line => runsBreaking(line, id)!)
    expect(wrong.map(toMarkup)).not.toEqual(plain.map(toMarkup))
  })
})
