import { describe, expect, it } from 'vitest'
import { compose } from '../compose/compose'
import { styleOf } from '../styles'
import { countParts, total } from './count'
import type { DocNode } from './document'
import { citationsOf } from './walking'

const doc: DocNode = {
  type: 'doc',
  content: [
    { type: 'heading', attrs: { level: 1 }, content: [{ type: 'text', text: 'Two words' }] },
    {
      type: 'paragraph',
      content: [
        { type: 'text', text: 'They called it “the only clock” ' },
        { type: 'citation', attrs: { id: 'c', data: { items: [{ id: 'a' }], form: 'parenthetical' } } },
        { type: 'text', text: '.' },
        { type: 'text', text: ' ask Nolan', marks: [{ type: 'remark' }] },
      ],
    },
    { type: 'blockquote', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'Four words of it.' }] }] },
    {
      type: 'table',
      attrs: { title: 'Ponds by <i>depth</i>', credit: 'Drawn here.' },
      content: [
        {
          type: 'tableRow',
          content: [{ type: 'tableCell', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'a cell' }] }] }],
        },
      ],
    },
  ],
}
const sources = [
  {
    id: 'a',
    kind: 'book' as const,
    fields: {
      author: [{ family: 'Tremayne', given: 'Loveday' }],
      issued: { start: { year: 2018 } },
      title: 'Tide',
      publisher: 'Saltmarsh',
    },
  },
]
const counts = (style: string) => countParts(doc, compose(styleOf(style)!, sources, { citations: citationsOf(doc) }))

describe('words as instructors count them', () => {
  it.each<[string, string, object]>([
    [
      'a style that cites in the text',
      'apa-7',
      { text: 8, quoted: 3, headings: 2, blockQuotations: 4, captions: 5, citations: 2, notes: 0, list: 5 },
    ],
    ['a style with notes: the number is no word', 'chicago-18-notes', { text: 8, citations: 0, notes: 5 }],
  ])('%s', (_, style, expected) => expect(counts(style)).toMatchObject(expected))
  it('add up as chosen', () =>
    expect([
      total(counts('apa-7'), ['quoted']),
      total(counts('apa-7'), []),
      total(counts('apa-7'), ['quoted', 'headings', 'blockQuotations']),
      total(counts('apa-7'), ['quoted', 'list']),
    ]).toEqual([8, 5, 14, 13]))
})
