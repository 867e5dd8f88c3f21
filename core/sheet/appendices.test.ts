import { describe, expect, it } from 'vitest'
import { STYLES, styleOf } from '../styles'
import { typedLabel } from './appendices'
import { countParts, countWords } from './count'
import type { DocNode } from './document'
import { printPaper } from './print'
import { paragraphsIn, wordsOf } from './printed'

const words = (text: string): DocNode => ({ type: 'text', text })
const p = (text: string): DocNode => ({ type: 'paragraph', content: [words(text)] })
const appendix = (title = ''): DocNode => ({ type: 'heading', attrs: { level: 1, appendix: true }, content: title ? [words(title)] : [] })
const table = (title: string): DocNode => ({
  type: 'table',
  attrs: { title },
  content: [{ type: 'tableRow', content: [{ type: 'tableCell', content: [p('7')] }] }],
})
const cite: DocNode = { type: 'citation', attrs: { id: 'c', data: { items: [{ id: 'a' }], form: 'parenthetical' } } }
const print = (style: string, content: DocNode[], details: Record<string, string> = {}) => printPaper({
  style: styleOf(style)!, title: 'Mud', details: { titlePage: 'no', ...details }, body: { type: 'doc', content }, alsoList: [],
  sources: [{ id: 'a', kind: 'book', fields: { author: [{ family: 'Moss', given: 'Ada' }], issued: { start: { year: 2018 } }, title: 'Silt' } }],
})
const TEXT: DocNode[] = [{ type: 'paragraph', content: [words('It silts '), cite, words('.')] }, table('Text')]
const TWO = [...TEXT, appendix('Asked'), p('Why?'), table('Here'), appendix('Counted'), table('There'), table('Again')]

describe('appendices', () => {
  it.each<[string, string[], string[]]>([
    // APA 7, 2.14: behind everything, label and title on lines of their own, tables lettered.
    ['apa-7', ['text', 'list', 'appendix', 'appendix'], ['Table 1', 'Appendix A\nAsked', 'Table A1', 'Appendix B\nCounted', 'Table B1', 'Table B2']],
    ['mla-9', ['text', 'appendix', 'appendix', 'list'], ['Table 1', 'Appendix A: Asked', 'Table 2', 'Appendix B: Counted', 'Table 3', 'Table 4']],
    ['ieee', ['text', 'appendix', 'appendix', 'list'], ['TABLE I', 'Appendix I\nAsked', 'TABLE II', 'Appendix II\nCounted', 'TABLE III', 'TABLE IV']],
    ['chicago-18-notes', ['text', 'appendix', 'appendix', 'list'], ['Table 1. Text', 'Appendix A\nAsked', 'Table 2. Here', 'Appendix B\nCounted', 'Table 3. There', 'Table 4. Again']],
    ['harvard', ['text', 'list', 'appendix', 'appendix'], ['Table 1: Text', 'Appendix A\nAsked', 'Table 2: Here', 'Appendix B\nCounted', 'Table 3: There', 'Table 4: Again']],
  ])('in %s', (style, sections, labels) => {
    const paper = print(style, TWO)
    expect(paper.sections.map(one => one.is)).toEqual(sections)
    const said = paragraphsIn(paper.sections.flatMap(one => one.blocks)).filter(one => one.anchor && ['appendix-heading', 'caption'].includes(one.role))
    expect(said.map(wordsOf).sort()).toEqual([...labels].sort())
  })
  it('one that is alone has no letter; without a title its label stands alone; its tables are lettered all the same', () => {
    const paper = print('apa-7', [...TEXT, appendix(), table('Here')])
    expect(paragraphsIn(paper.sections.at(-1)!.blocks).map(wordsOf)).toEqual(['Appendix', 'Table A1', 'Here', '7'])
  })
  it.each(STYLES.map(style => style.id))('begin a page, keep their headings and are in the contents: %s', (style) => {
    const paper = print(style, TWO, { contents: 'yes' })
    const own = paper.sections.filter(one => one.is === 'appendix')
    expect(own.map(one => one.newPage)).toEqual([true, true])
    expect(paper.geometry.looks['appendix-heading']).toMatchObject({ align: 'centre', keepNext: true })
    const contents = paragraphsIn(paper.sections.find(one => one.is === 'contents')!.blocks).map(wordsOf)
    expect(contents.filter(line => /^Appendix (?:A|I)(?:\. |: )Asked$/u.test(line))).toHaveLength(1)
  })
  it('notes at the end stand behind them where the style has them before (Turabian 9, A.2.3)', () => {
    const paper = print('chicago-18-notes', TWO, { notes: 'endnotes' })
    expect(paper.sections.map(one => one.is)).toEqual(['text', 'appendix', 'appendix', 'endnotes', 'list'])
  })
  it('count as no words of the paper', () => {
    const doc: DocNode = { type: 'doc', content: TWO }
    expect(countWords(doc)).toBe(countWords({ type: 'doc', content: TEXT }))
    // Asked Why? Here 7 Counted There 7 Again 7, and the numbers stand in cells.
    expect(countParts(doc, { citations: [], notes: [], list: [] })).toMatchObject({ text: 3, captions: 1, appendices: 9 })
  })
  it.each([
    ['Appendix A: Asked', 12], ['APPENDIX 2', 10], ['Appendix', 8], ['Appendix. Asked', 10], ['Appendix B Counted', 11], ['Appendix IV – Asked', 14],
    ['Appendix surgery', 0], ['Appendices', 0], ['The appendix', 0], ['appendix a story', 0],
  ])('the typed label of “%s”', (heading, letters) => expect(typedLabel(heading)).toBe(letters))
})
