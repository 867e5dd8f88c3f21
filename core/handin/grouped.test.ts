import { describe, expect, it } from 'vitest'
import type { DocNode } from '../sheet/document'
import { printPaper } from '../sheet/print'
import { wordsOf } from '../sheet/printed'
import { styleOf } from '../styles'
import { grouped, headingLevel, type Grouped } from './grouped'

const p = (text: string): DocNode => ({ type: 'paragraph', content: [{ type: 'text', text }] })
const item = (...content: DocNode[]): DocNode => ({ type: 'listItem', content })
const points = (...content: DocNode[]): DocNode => ({ type: 'bulletList', content })
const numbers = (...content: DocNode[]): DocNode => ({ type: 'orderedList', content })
const of = (content: DocNode[], style = 'harvard'): Grouped[] => {
  const { sections } = printPaper({ style: styleOf(style)!, title: '', details: {}, body: { type: 'doc', content }, sources: [], alsoList: [] })
  return grouped(sections.find(section => section.is === 'text')!.blocks.slice(1))
}
/** A group as few words. */
function said(group: Grouped): unknown {
  switch (group.is) {
    case 'break': return 'break'
    case 'list': return [group.ordered ? `from ${group.start}` : 'points', ...group.items.map(one => one.map(said))]
    case 'captioned': return { above: group.above.map(wordsOf), thing: group.thing?.is, below: group.below.map(wordsOf) }
    case 'paragraph': return group.paragraph.runs.map(run => run.text).join('')
    default: return [group.is, ...group.paragraphs.map(wordsOf)]
  }
}

describe('what documents have names for', () => {
  it.each<[string, DocNode[], unknown]>([
    ['a list in a list', [points(item(p('a'), points(item(p('b')), item(p('c')))), item(p('d')))], [['points', ['a', ['points', ['b'], ['c']]], ['d']]]],
    ['two lists behind each other', [numbers(item(p('a'))), numbers(item(p('b')))], [['from 1', ['a']], ['from 1', ['b']]]],
    ['points in a numbered list, and on', [numbers(item(p('a'), points(item(p('b')))), item(p('c')))], [['from 1', ['a', ['points', ['b']]], ['c']]]],
    ['an item of two paragraphs', [points(item(p('a'), p('more')), item(p('b')))], [['points', ['a', 'more'], ['b']]]],
    ['a paragraph of an outer item behind an inner list', [points(item(p('a'), points(item(p('b'))), p('more')))], [['points', ['a', ['points', ['b']], 'more']]]],
    ['a list that begins later', [{ ...numbers(item(p('a'))), attrs: { start: 4 } }], [['from 4', ['a']]]],
    ['a quotation of two paragraphs, and another', [{ type: 'blockquote', content: [p('a'), p('b')] }, { type: 'blockquote', content: [p('c')] }], [['quotation', 'a', 'b'], ['quotation', 'c']]],
    ['two tables side by side, each with its caption', [
      { type: 'table', attrs: { title: 'One', credit: 'By hand.' }, content: [{ type: 'tableRow', content: [{ type: 'tableCell', content: [p('a')] }] }] },
      { type: 'table', attrs: { title: 'Two' }, content: [{ type: 'tableRow', content: [{ type: 'tableCell', content: [p('b')] }] }] },
    ], [{ above: ['Table 1: One'], thing: 'table', below: ['By hand.'] }, { above: ['Table 2: Two'], thing: 'table', below: [] }]],
    ['a figure whose picture is not the paper’s', [{ type: 'figure', attrs: { src: 'https://x.example/a.png' }, content: [{ type: 'text', text: 'A pond' }] }], [{ above: ['Figure 1: A pond'], thing: undefined, below: [] }]],
    ['a page’s end between paragraphs', [p('a'), { type: 'pageBreak' }, p('b')], ['a', 'break', 'b']],
  ])('%s', (_, content, wanted) => {
    expect(of(content).map(said)).toEqual(wanted)
  })
  it.each([['heading-2', 2], ['list-heading', 1], ['notes-heading', 1], ['body', undefined], ['title', undefined]] as const)('%s is of level %s', (role, level) => {
    expect(headingLevel({ is: 'paragraph', role, runs: [] })).toBe(level)
  })
})
