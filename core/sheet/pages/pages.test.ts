import * as fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { shippedFaces } from '../../../server/faces'
import { styleOf } from '../../styles'
import type { DocNode } from '../document'
import { printPaper } from '../print'
import { paragraphsIn, wordsOf, type PrintedPaper } from '../printed'
import { Layouter, type Page, type Sheet } from './pages'

const { faces } = shippedFaces('tinos')
const words = (text: string): DocNode => ({ type: 'text', text })
const p = (...content: (DocNode | string)[]): DocNode => ({ type: 'paragraph', content: content.map(one => (typeof one === 'string' ? words(one) : one)) })
const note = (after: string): DocNode => ({ type: 'citation', attrs: { id: `n${after.length}`, data: { items: [], form: 'parenthetical', words: { after } } } })
const SENTENCE = 'The estuary keeps the work of three hundred years in its mud. '
const long = (n: number) => p(SENTENCE.repeat(n).trim())
const heading = (text: string, level = 1): DocNode => ({ type: 'heading', attrs: { level }, content: [words(text)] })

const print = (content: DocNode[], style = 'mla-9', details: Record<string, string> = {}): PrintedPaper =>
  printPaper({ style: styleOf(style)!, title: 'Mud', details: { writer: 'Ada Moss', ...details }, body: { type: 'doc', content }, sources: [], alsoList: [] })
const lay = (content: DocNode[], style?: string, details?: Record<string, string>): Sheet =>
  new Layouter(faces).lay(print(content, style, details))
const lineWords = (page: Page, is: 'text' | 'note' | 'head' = 'text') =>
  page.lines.filter(line => line.is === is).map(line => line.texts.map(text => text.text).join('').trim())
const bottom = (page: Page) => Math.max(...page.lines.filter(line => line.is !== 'head').map(line => line.y + line.height))

describe('pages', () => {
  it('of double-spaced lines hold twenty-three, under an inch of white', () => {
    const [first] = lay([long(60)]).pages
    expect(lineWords(first!)).toHaveLength(23)
    expect(first!.lines.find(line => line.is === 'text')!.y).toBe(72)
    expect(lineWords(first!, 'head')).toEqual(['Moss 1'])
  })
  it('have two lines of a paragraph at the least, above and below', () => {
    for (let n = 1; n < 24; n++) {
      const { pages } = lay([...Array.from({ length: n }, () => p('Short.')), long(12)])
      for (const page of pages) {
        const own = page.lines.filter(line => line.block && wordsOf(line.block as never).startsWith('The estuary'))
        expect(own.length, `behind ${n} lines`).not.toBe(1)
      }
    }
  })
  it('never end with a heading', () => {
    for (let n = 10; n < 24; n++) {
      const { pages } = lay([...Array.from({ length: n }, () => p('Short.')), heading('Mud'), heading('Gates', 2), long(4)])
      for (const page of pages) expect(['Mud', 'Gates'], `behind ${n} lines`).not.toContain(lineWords(page).at(-1))
    }
  })
  it('begin where the writer breaks one', () => {
    expect(lay([p('One.'), { type: 'pageBreak' }, p('Two.')]).pages.map(page => lineWords(page).at(-1))).toEqual(['One.', 'Two.'])
  })
  it('have their notes at the foot, under a rule, on the page of their mark', () => {
    const { pages } = lay([long(40), p('Here', note('Of mud.'), '.'), long(20)], 'apa-7', { titlePage: 'no' })
    const at = pages.findIndex(page => lineWords(page).some(line => line.startsWith('Here')))
    expect(lineWords(pages[at]!, 'note')).toEqual(['1 Of mud.'])
    expect(pages[at]!.rules).toHaveLength(1)
    expect(bottom(pages[at]!)).toBeLessThanOrEqual(720.1)
    expect(pages.filter(page => lineWords(page, 'note').length)).toHaveLength(1)
  })
  it('let a note that is longer than a page begin with its mark and go on, whole', () => {
    const { pages } = lay([p('Here', note(SENTENCE.repeat(120).trim()), '.'), long(4)], 'chicago-18-notes')
    const notes = pages.map(page => lineWords(page, 'note').join(' '))
    expect(notes.filter(Boolean).length).toBeGreaterThan(1)
    expect(notes.filter(Boolean).join(' ').replace(/\s+/gu, ' ')).toBe(`1. ${SENTENCE.repeat(120).trim()}`)
    for (const page of pages) if (page.lines.length > 1) expect(bottom(page)).toBeLessThanOrEqual(720.1)
  })
  it('have the heading of a table again on every page that it goes on', () => {
    const cell = (text: string, type = 'tableCell'): DocNode => ({ type, content: [p(text)] })
    const row = (content: DocNode[]): DocNode => ({ type: 'tableRow', content })
    const body = Array.from({ length: 150 }, (_, i) => row([cell(`Pond ${i}`), cell(`${i} m`)]))
    const rows = [row([cell('Pond', 'tableHeader'), cell('Depth', 'tableHeader')]), ...body]
    const { pages } = lay([{ type: 'table', attrs: { title: 'Ponds' }, content: rows }])
    expect(pages.length).toBeGreaterThan(2)
    for (const page of pages) expect(lineWords(page).filter(line => line === 'Depth')).toHaveLength(1)
    expect(pages.flatMap(page => lineWords(page)).filter(line => /^Pond \d/u.test(line))).toHaveLength(150)
  })
  it('number what stands before the text in roman where the style does, and say the pages in the contents', () => {
    const { pages } = lay([heading('Mud'), long(80), heading('Gates'), long(5)], 'chicago-18-notes', { contents: 'yes' })
    expect(pages.map(page => page.label)).toEqual(['i', 'ii', ...pages.slice(2).map((_, i) => String(i + 1))])
    const contents = pages.find(page => page.section === 'contents')!
    const gates = pages.find(page => lineWords(page).includes('Gates'))!
    expect(lineWords(contents)[1]).toMatch(/^Mud[ .]+1$/u)
    expect(lineWords(contents)[2]).toMatch(new RegExp(`^Gates[ .]+${gates.label}$`, 'u'))
    expect(lineWords(pages[0]!, 'head')).toEqual([])
    expect(lineWords(contents, 'head')).toEqual(['ii'])
  })
  it('are set in two columns under a title at the full width', () => {
    const [first] = lay([long(60)], 'ieee', { columns: 'yes' }).pages
    const starts = new Set(first!.lines.filter(line => line.is === 'text').map(line => Math.round(line.texts[0]!.x)))
    expect([...starts].filter(x => x > 300 && x < 330)).not.toEqual([])
    expect(lineWords(first!)[0]).toBe('Mud')
  })
  it('number lines through the paper', () => {
    const { pages } = lay([long(60)], 'mla-9', { lineNumbers: 'yes' })
    const numbers = pages.flatMap(page => page.lines.filter(line => line.is === 'number').map(line => line.texts[0]!.text))
    expect(numbers).toEqual(numbers.map((_, i) => String(i + 1)))
  })
  it.each(['annotated', 'bibliography', 'slides'])('of a list by itself are one for both its heading lines and its works: %s', (sort) => {
    const paper = printPaper({
      style: styleOf('mla-9')!, title: 'Mud', details: { writer: 'Ada Moss', sort }, body: { type: 'doc', content: [p('Text.')] }, alsoList: ['a'],
      sources: [{ id: 'a', kind: 'book', fields: { author: [{ family: 'Moss', given: 'Ada' }], issued: { start: { year: 2018 } }, title: 'Silt' } }],
      annotations: new Map([['a', 'A year of it.']]),
    })
    const [page, ...more] = new Layouter(faces).lay(paper).pages
    const shown = lineWords(page!)
    expect(more).toEqual([])
    expect(shown.slice(shown.indexOf('Works Cited'))).toEqual(['Works Cited', 'Moss, Ada. Silt. 2018.', ...(sort === 'annotated' ? ['A year of it.'] : [])])
    expect(shown.includes('Ada Moss')).toBe(sort !== 'slides')
    expect(lineWords(page!, 'head')).toEqual(sort === 'slides' ? [] : ['Moss 1'])
  })
  it('of slides are as wide as a screen, and as many as the works need', () => {
    const sources = Array.from({ length: 30 }, (_, i) =>
      ({ id: `s${i}`, kind: 'book' as const, fields: { author: [{ family: `Moss${i}`, given: 'Ada' }], title: SENTENCE, issued: { start: { year: 1900 + i } } } }))
    const sheet = new Layouter(faces).lay(printPaper({
      style: styleOf('apa-7')!, title: 'Mud', details: { sort: 'slides' }, body: { type: 'doc', content: [] }, alsoList: sources.map(one => one.id), sources,
    }))
    expect([sheet.width, sheet.height]).toEqual([960, 540])
    expect(sheet.pages.length).toBeGreaterThan(2)
    for (const page of sheet.pages) expect(bottom(page)).toBeLessThanOrEqual(540 - 42 + 0.1)
  })
  it('say which letters no face has, and of these pages only', () => {
    expect(lay([p('Mud 𓀀 and שלום.')]).lacking).toEqual(['𓀀'])
    expect(lay([p('Mud.')]).lacking).toEqual([])
  })
  it('of an empty paper are one', () => {
    expect(lay([p()]).pages).toHaveLength(1)
    expect(lay([], 'nature', { writer: '' }).pages).toHaveLength(1)
  })
})

// What is true of every paper -------------------------------------------------------------------------------------------

const WORDS = ['mud', 'pond', 'a', 'sluice-gate', 'Wasserstraße', 'https://a.example/very/long/way', '—', 'Tide.', '“quoted”', 'x'.repeat(90), 'p. 5']
const text = fc.array(fc.constantFrom(...WORDS), { minLength: 1, maxLength: 60 })
  .map(all => all.join(' '))
const block = fc.oneof(
  { weight: 6, arbitrary: fc.tuple(text, fc.option(text, { freq: 3 })).map(([one, said]) => p(one, ...(said ? [note(said)] : []), '.')) },
  { weight: 1, arbitrary: text.map(one => heading(one.slice(0, 60))) },
  { weight: 1, arbitrary: text.map((one): DocNode => ({ type: 'blockquote', content: [p(one), p(one)] })) },
  { weight: 1, arbitrary: text.map((one): DocNode => ({ type: 'orderedList', content: [{ type: 'listItem', content: [p(one)] }] })) },
  { weight: 1, arbitrary: fc.constant<DocNode>({ type: 'pageBreak' }) },
)
const style = fc.constantFrom('apa-7', 'mla-9', 'chicago-18-notes', 'harvard', 'ieee')
const details = fc.record({
  columns: fc.constantFrom('yes', 'no'),
  edges: fc.constantFrom('ragged', 'justified'),
  paperSize: fc.constantFrom('a4', 'letter'),
  notes: fc.constantFrom('foot', 'endnotes'),
})
/** Small capitals are capitals on the page. */
const squeezed = (all: string) => all.replace(/\s+/gu, '').toUpperCase()

describe('of every paper', () => {
  it('every letter is on some page once, in order; no line is wider than its measure; notes are on the page of their mark or begun there', () => {
    fc.assert(fc.property(fc.array(block, { minLength: 1, maxLength: 14 }), style, details, (content, id, choices) => {
      const paper = print(content, id, choices)
      const sheet = new Layouter(faces).lay(paper)
      const placed = (is: 'text' | 'note') =>
        sheet.pages.flatMap(page => page.lines.filter(line => line.is === is).flatMap(line => line.texts.map(one => one.text))).join('')
      const numbered = (n: number | undefined, said: string) =>
        (n === undefined ? '' : paper.geometry.noteNumber === 'raised' ? String(n) : `${n}.`) + said
      const wanted = paper.sections.flatMap(section => paragraphsIn(section.blocks)).map(one => numbered(one.note, wordsOf(one))).join('')
      expect(squeezed(placed('text'))).toBe(squeezed(wanted))
      const { width, height, margins } = paper.geometry
      const begun = new Set<number>()
      for (const page of sheet.pages) {
        for (const line of page.lines)
          for (const one of line.texts) {
            expect(one.x).toBeGreaterThanOrEqual(margins.left - 0.1)
            if (one.text.trim()) expect(one.x + one.width - (/ $/u.test(one.text) ? 6 : 0)).toBeLessThanOrEqual(width - margins.right + 0.2)
          }
        if (page.lines.length > 3) expect(bottom(page)).toBeLessThanOrEqual(height - margins.bottom + 0.2)
        if (paper.notesAt === 'end') continue
        const here = new Set(page.lines.filter(line => line.is === 'note').map(line => line.note!))
        for (const mark of page.lines.filter(line => line.is === 'text').flatMap(line => line.texts.flatMap(one => one.note ?? []))) {
          expect(here).toContain(mark)
          begun.add(mark)
        }
      }
      if (paper.notesAt === 'foot') {
        expect(begun.size).toBe(paper.notes.length)
        const all = paper.notes.map((own, i) => numbered(i + 1, own.map(wordsOf).join(''))).join('')
        expect(squeezed(placed('note'))).toBe(squeezed(all))
      }
    }), { numRuns: 60 })
  }, 120_000)
  it('laid out from a change equals laid out whole', () => {
    const papers = fc.array(block, { minLength: 3, maxLength: 20 })
    const change = fc.record({ put: fc.array(block, { maxLength: 2 }), where: fc.nat(), taken: fc.nat(3) })
    fc.assert(fc.property(papers, change, style, details, (content, { put, where, taken }, id, choices) => {
      const at = where % content.length
      const changed = [...content.slice(0, at), ...put, ...content.slice(at + taken)]
      const kept = new Layouter(faces)
      kept.lay(print(content, id, choices))
      const after = kept.lay(print(changed, id, choices))
      const whole = new Layouter(faces).lay(print(changed, id, choices))
      const bare = ({ pages }: Sheet) =>
        pages.map(({ label, rules, lines }) => ({ label, rules, lines: lines.map(({ y, is, texts }) => ({ y, is, texts })) }))
      expect(bare(after)).toEqual(bare(whole))
    }), { numRuns: 60 })
  }, 120_000)
})
