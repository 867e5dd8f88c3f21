import { describe, expect, it } from 'vitest'
import { styleOf } from '../styles'
import type { Source } from '../source/model'
import type { DocNode } from './document'
import { headsOn, headWords, runningTitle } from './heads'
import { paperDate, surnamesOf } from './opening'
import { printPaper, type PaperToPrint } from './print'
import { marksIn, paragraphsIn, wordsOf, type PrintedPaper, type PrintedParagraph } from './printed'

const SOURCES: Source[] = [
  { id: 'a', kind: 'book', fields: { author: [{ family: 'Tremayne', given: 'Loveday' }], issued: { start: { year: 2018 } }, title: 'Working the tide', publisher: 'Saltmarsh Press' } },
]
const words = (text: string, ...marks: string[]): DocNode => ({ type: 'text', text, ...(marks.length ? { marks: marks.map(type => ({ type })) } : {}) })
const p = (...content: DocNode[]): DocNode => ({ type: 'paragraph', content })
const cite = (data: object = {}): DocNode => ({ type: 'citation', attrs: { id: 'c', data: { items: [{ id: 'a' }], form: 'parenthetical', ...data } } })
const h = (level: number, text: string): DocNode => ({ type: 'heading', attrs: { level }, content: [words(text)] })
const DETAILS = { writer: 'Tamsin Vale', instructor: 'Dr. Nolan', course: 'GEO 214', institution: 'Northmere', date: '2026-03-04' }

const print = (style: string, content: DocNode[], over: Partial<PaperToPrint> = {}): PrintedPaper =>
  printPaper({ style: styleOf(style)!, title: 'A Tide Mill', details: DETAILS, body: { type: 'doc', content }, sources: SOURCES, alsoList: [], ...over })
const lines = (paper: PrintedPaper, section?: string): string[] =>
  paper.sections.filter(one => !section || one.is === section).flatMap(one => paragraphsIn(one.blocks)).map(one => wordsOf(one))
/** A paragraph's marks and place as an eye sees them, before its words. */
const seen = (paper: PrintedPaper, paragraph: PrintedParagraph): string => {
  const look = { ...paper.geometry.looks[paragraph.role], ...paragraph.look }
  const [first] = paragraph.runs
  const marks = first ? marksIn(look, first) : {}
  const shown = [look.align === 'centre' && 'centred', look.first > 0 && 'in', marks.bold && 'b', marks.italic && 'i', marks.underline && 'u', wordsOf(paragraph)]
  return shown.filter(Boolean).join(' ')
}

describe('what stands before the text', () => {
  it.each<[string, string[]]>([
    ['apa-7', ['title-page', 'A Tide Mill', 'Tamsin Vale', 'Northmere', 'GEO 214', 'Dr. Nolan', 'March 4, 2026', 'text', 'A Tide Mill', 'Text.']],
    ['mla-9', ['text', 'Tamsin Vale', 'Dr. Nolan', 'GEO 214', '4 March 2026', 'A Tide Mill', 'Text.']],
    // The title is not said again behind its page (Turabian 9, A.2.1.2).
    ['chicago-18-notes', ['title-page', 'A Tide Mill', 'Tamsin Vale', 'Northmere', 'GEO 214', 'Dr. Nolan', 'March 4, 2026', 'text', 'Text.']],
    ['harvard', ['text', 'Tamsin Vale', 'Dr. Nolan', 'GEO 214', '4 March 2026', 'A Tide Mill', 'Text.']],
    ['nature', ['text', 'A Tide Mill', 'Tamsin Vale', 'Dr. Nolan', 'GEO 214', '4 March 2026', 'Text.']],
  ])('in %s', (style, wanted) => {
    expect(print(style, [p(words('Text.'))]).sections.flatMap(section => [section.is, ...paragraphsIn(section.blocks).map(wordsOf)])).toEqual(wanted)
  })
  it('puts an abstract with its keywords on a page of its own behind a title page, and under the title without one', () => {
    const details = { ...DETAILS, abstract: 'The mill should be mended.', keywords: 'tides, mills' }
    expect(lines(print('apa-7', [p(words('Text.'))], { details }), 'abstract')).toEqual(['Abstract', 'The mill should be mended.', 'Keywords: tides, mills'])
    expect(lines(print('nature', [p(words('Text.'))], { details }), 'text').slice(5, 7)).toEqual(['Abstract', 'The mill should be mended.'])
  })
  it.each([
    ['apa-7', ['title-page', 'list']], ['mla-9', ['text', 'list']], ['chicago-18-notes', ['title-page', 'list']], ['ieee', ['text', 'list']],
  ])('a list by itself has its title page, or its heading lines, and no text: %s', (style, sections) => {
    const details = { ...DETAILS, sort: 'annotated', abstract: 'Mud.', contents: 'yes' }
    expect(print(style, [p(words('Text.'))], { details, alsoList: ['a'] }).sections.map(one => one.is)).toEqual(sections)
  })
  it('names what is missing where it will stand, on the screen only', () => {
    const details = { writer: 'Tamsin Vale' }
    const [page] = print('apa-7', [p()], { details, showMissing: true }).sections
    expect(paragraphsIn(page!.blocks).filter(one => one.missing).map(wordsOf)).toEqual(['Institution', 'Course', 'Instructor', 'Date'])
    const handedIn = print('apa-7', [p()], { details })
    expect(handedIn.missing).toEqual(['institution', 'course', 'instructor', 'date'])
    expect(lines(handedIn, 'title-page')).toEqual(['A Tide Mill', 'Tamsin Vale'])
  })
  it('lists headings as contents, with what leads to each', () => {
    const paper = print('chicago-18-notes', [h(1, 'Mud'), p(cite()), h(2, 'Gates')], { details: { ...DETAILS, contents: 'yes' } })
    const contents = paper.sections.find(one => one.is === 'contents')!
    expect(paragraphsIn(contents.blocks).map(one => [wordsOf(one), one.leads])).toEqual([['Contents', undefined], ['Mud', 'heading-0'], ['Gates', 'heading-2'], ['Bibliography', 'list']])
    expect(contents.numbers).toBe('roman')
  })
  it('lists tables and figures by number and title', () => {
    const table: DocNode = { type: 'table', attrs: { title: 'Ponds' }, content: [{ type: 'tableRow', content: [{ type: 'tableCell', content: [p(words('A'))] }] }] }
    const paper = print('apa-7', [table, { type: 'figure', content: [words('A mill')] }], { details: { ...DETAILS, figures: 'yes' } })
    expect(lines(paper, 'contents')).toEqual(['Tables and Figures', 'Table 1 Ponds', 'Figure 1 A mill'])
  })
  it.each([
    ['Tamsin Vale', 'Vale'], ['Jan van der Meer', 'van der Meer'], ['Ada Moss Jr.', 'Moss'], ['Vale, Tamsin', 'Vale'],
    ['Tamsin Vale; Ada Moss', 'Vale and Moss'], ['A One\nB Two\nC Three', 'One, Two and Three'], ['A One; B Two; C Three; D Four', ''], ['', ''],
  ])('%j heads pages as %j', (writer, surname) => {
    expect(surnamesOf({ writer })).toBe(surname)
  })
  it.each([
    ['apa-7', '12 May 2025', 'May 12, 2025'], ['mla-9', 'May 12, 2025', '12 May 2025'], ['harvard', '2025-05-12', '12 May 2025'],
    ['apa-7', 'Spring 2025', 'Spring 2025'], ['apa-7', 'May 2025', 'May 2025'], ['mla-9', 'week 3', 'week 3'], ['mla-9', '', ''],
  ])('%s dates %s as %s', (style, typed, set) => {
    expect(paperDate(styleOf(style)!, typed)).toBe(set)
  })
})

describe('the words at the head of pages', () => {
  const heads = (style: string, first: boolean, over = {}) => {
    const paper = print(style, [p(words('Text.'))], over)
    return headsOn(paper.geometry.heads, first).map(head => `${head.place} ${head.align}: ${headWords(head, paper, '3')}`)
  }
  it.each([
    ['apa-7', ['top right: 3'], ['top right: 3']],
    ['apa-6', ['top left: Running head: A TIDE MILL', 'top right: 3'], ['top left: A TIDE MILL', 'top right: 3']],
    ['mla-9', ['top right: Vale 3'], ['top right: Vale 3']],
    ['chicago-18-notes', [], ['top right: 3']],
    ['harvard', ['bottom centre: 3'], ['bottom centre: 3']],
  ])('in %s', (style, first, later) => {
    expect(heads(style, true)).toEqual(first)
    expect(heads(style, false)).toEqual(later)
  })
  it('in a paper for a journal', () => {
    expect(heads('apa-7', true, { details: { ...DETAILS, professional: 'yes' } })).toEqual(['top left: A TIDE MILL', 'top right: 3'])
  })
  it.each([
    ['Should Carewick mend its tide mill?', 'SHOULD CAREWICK MEND ITS TIDE MILL?'],
    ['Silt and patience: How an estuary keeps the work of three hundred years', 'SILT AND PATIENCE'],
    ['The very slow return of the eelgrass to the estuaries of the north', 'THE VERY SLOW RETURN OF THE EELGRASS TO THE'],
    ['a'.repeat(80), 'A'.repeat(50)],
  ])('%s runs as %s', (title, running) => {
    expect(runningTitle(title)).toBe(running)
  })
})

describe('the text', () => {
  const headed = [1, 2, 3, 4, 5].flatMap(level => [h(level, level === 4 ? 'Why Four?' : `Level ${level}`), p(words('Text.'))])
  it.each<[string, string[]]>([
    ['apa-7', ['centred b Level 1', 'b Level 2', 'b i Level 3', 'in b Why Four? Text.', 'in b i Level 5. Text.']],
    ['apa-6', ['centred b Level 1', 'b Level 2', 'in b Level 3. Text.', 'in b i Why Four? Text.', 'in i Level 5. Text.']],
    ['mla-9', ['b Level 1', 'i Level 2', 'centred b Level 3', 'centred i Why Four?', 'u Level 5']],
    ['chicago-18-notes', ['centred b Level 1', 'centred Level 2', 'b Level 3', 'Why Four?', 'in b Level 5. Text.']],
    ['harvard', ['b Level 1', 'b Level 2', 'b i Level 3', 'b i Why Four?', 'i Level 5']],
  ])('has five levels of headings in %s', (style, wanted) => {
    const paper = print(style, headed)
    const text = paragraphsIn(paper.sections.find(one => one.is === 'text')!.blocks)
    expect(text.filter(one => /Level|Why/u.test(wordsOf(one))).map(one => seen(paper, one))).toEqual(wanted)
  })
  it('sets a further paragraph of a block quotation in at its first line, and no first one', () => {
    const paper = print('apa-7', [{ type: 'blockquote', content: [p(words('One.')), p(words('Two.'))] }, { type: 'blockquote', content: [p(words('Three.'))] }])
    expect(paper.sections[1]!.blocks.slice(1).map(block => (block.is === 'paragraph' ? block.look?.first : 0))).toEqual([undefined, 36, undefined])
  })
  it('numbers lists by their depth, each its own, and not what goes on an item', () => {
    const item = (...content: DocNode[]): DocNode => ({ type: 'listItem', content })
    const paper = print('mla-9', [
      { type: 'orderedList', content: [item(p(words('one')), { type: 'orderedList', content: [item(p(words('inner'))), item(p(words('next')))] }), item(p(words('two')), p(words('more')))] },
      { type: 'orderedList', attrs: { start: 4 }, content: [item(p(words('four')))] },
      { type: 'bulletList', content: [item(p(words('point')))] },
    ])
    expect(lines(paper, 'text').slice(5)).toEqual(['1.\tone', 'a.\tinner', 'b.\tnext', '2.\ttwo', 'more', '4.\tfour', '•\tpoint'])
  })
  it('has citations in their places, their notes beside it', () => {
    const paper = print('chicago-18-notes', [p(words('So '), cite(), words(', it goes.'))])
    const [paragraph] = paragraphsIn(paper.sections.find(one => one.is === 'text')!.blocks)
    expect(wordsOf(paragraph!)).toBe('So,1 it goes.')
    expect(paragraph!.runs.find(run => run.note)).toMatchObject({ superscript: true, note: 1, citation: 0 })
    expect(paper.notes.map(note => note.map(wordsOf))).toEqual([['Loveday Tremayne, Working the Tide (Saltmarsh Press, 2018).']])
  })
  it.each<[string, string, string, string]>([
    ['apa-7', 'parenthetical', 'It silts.1', 'So say others (Tremayne, 2018).'],
    ['apa-7', 'narrative', 'It silts.1', 'So say others Tremayne (2018).'],
    ['mla-9', 'parenthetical', 'It silts.1', 'So say others (Tremayne).'],
    ['chicago-18-notes', 'narrative', 'It silts.1', 'So say others Loveday Tremayne, Working the Tide (Saltmarsh Press, 2018).'],
  ])('a work that stands among the words of a note stands there in %s, %s', (style, form, text, note) => {
    const inNote = cite({ form, inNote: true, words: { before: 'So say others' } })
    const paper = print(style, [p(words('It silts'), inNote, words('.'))], { details: { titlePage: 'no' } })
    expect(lines(paper, 'text').at(-1)).toBe(text)
    expect(paper.notes.map(one => one.map(wordsOf))).toEqual([[note]])
  })
  it.each([['mla-9', ['text', 'endnotes', 'list']], ['apa-7', ['title-page', 'text', 'list', 'endnotes']]])('%s has notes at the end in their place', (style, order) => {
    const paper = print(style, [p(words('So '), cite({ words: { after: 'Never finished.' } }), words('.'))], { details: { ...DETAILS, notes: 'endnotes' } })
    expect(paper.sections.map(one => one.is)).toEqual(order)
    expect(lines(paper, 'endnotes').at(-1)).toBe('Never finished.')
  })
  it('names tables and figures, with their titles where the style has them', () => {
    const table: DocNode = { type: 'table', attrs: { title: 'Ponds', credit: 'Measured by hand.' }, content: [{ type: 'tableRow', content: [{ type: 'tableCell', content: [p(words('A'))] }] }] }
    expect(lines(print('apa-7', [table]), 'text').slice(1)).toEqual(['Table 1', 'Ponds', 'A', 'Measured by hand.'])
    expect(lines(print('harvard', [table]), 'text').slice(5)).toEqual(['Table 1: Ponds', 'A', 'Measured by hand.'])
  })
})

describe('the page as the writer chooses it', () => {
  const geometry = (style: string, details: Record<string, string>) => print(style, [p(words('Text.'))], { details: { ...DETAILS, ...details } }).geometry
  it('is what the style has, where nothing else is said or what is said is unknown', () => {
    expect(geometry('apa-7', { paperSize: 'vellum', face: 'Comic', edges: 'torn', columns: 'yes' })).toMatchObject({ width: 612, height: 792, face: 'Times New Roman', columns: 1 })
    expect(geometry('harvard', {})).toMatchObject({ width: 595.28, looks: { body: { after: 12, first: 0 } } })
  })
  it('has another face in its own size, and what is smaller stays smaller', () => {
    const { face, looks } = geometry('apa-7', { face: 'Calibri' })
    expect([face, looks.body.size, looks.note.size]).toEqual(['Calibri', 11, 9])
  })
  it('sets straight edges, columns and the other paper', () => {
    expect(geometry('ieee', { columns: 'yes', paperSize: 'a4' })).toMatchObject({ columns: 2, height: 841.89, looks: { body: { align: 'justified' } } })
    expect(geometry('ieee', { edges: 'ragged' }).looks.body.align).toBe('left')
    expect(geometry('mla-9', { edges: 'justified' }).looks.quotation.align).toBe('justified')
  })
  it('gives an MLA paper a title page, and an APA paper none', () => {
    expect(print('mla-9', [p(words('Text.'))], { details: { ...DETAILS, titlePage: 'yes' } }).sections[0]!.is).toBe('title-page')
    expect(print('apa-7', [p(words('Text.'))], { details: { ...DETAILS, titlePage: 'no' } }).sections.map(one => one.is)).toEqual(['text'])
  })
  it('sets block quotations and the list single in Chicago, with a blank line between', () => {
    const { looks } = geometry('chicago-18-notes', {})
    expect([looks.quotation, looks.entry].map(look => [look.leading, look.after])).toEqual([[1, 13.8], [1, 13.8]])
  })
  const ENTRY = 'Tremayne, Loveday. Working the Tide. Saltmarsh Press, 2018.'
  it.each([['annotated', ['Bibliography', ENTRY, 'Of use.']], ['bibliography', ['Bibliography', ENTRY]]])('%s has annotations or none', (sort, wanted) => {
    const paper = print('chicago-18-notes', [], { details: { ...DETAILS, sort }, alsoList: ['a'], annotations: new Map([['a', 'Of use.']]) })
    expect(lines(paper, 'list')).toEqual(wanted)
  })
  it.each([['bibliography', ['title-page', 'list']], ['notes', ['text', 'endnotes']]])('hands in %s alone', (sort, sections) => {
    expect(print('chicago-18-notes', [p(words('Text '), cite(), words('.'))], { details: { ...DETAILS, sort } }).sections.map(one => one.is)).toEqual(sections)
  })
})
