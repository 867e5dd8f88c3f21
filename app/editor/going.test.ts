import { Schema, type Node as PmNode } from '@tiptap/pm/model'
import { describe, expect, it } from 'vitest'
import { readBlock } from '~~/core/check/reading'
import { rangeOf, type TextPlace } from './going'

const schema = new Schema({
  nodes: {
    doc: { content: 'block+' },
    paragraph: { group: 'block', content: 'inline*' },
    blockquote: { group: 'block', content: 'block+' },
    text: { group: 'inline' },
    citation: { group: 'inline', inline: true, atom: true, attrs: { id: { default: 'c' }, data: { default: null } } },
  },
  marks: { italic: {} },
})
const words = (text: string, italic = false) => schema.text(text, italic ? [schema.marks.italic.create()] : [])
const line = (...content: PmNode[]) => schema.nodes.paragraph.create(null, content)
const cited = schema.nodes.citation.create()
const doc = schema.nodes.doc.create(null, [
  line(words('Ponds fill '), cited, words(' slowly.')),
  schema.nodes.blockquote.create(null, [line(words('First.')), line(words('The '), words('second', true), words(' line.'))]),
  line(),
])

describe('a place that another view gives, in the document', () => {
  it.each<[string, TextPlace, string]>([
    ['words of a paragraph', { block: 0, from: 0, to: 5 }, 'Ponds'],
    ['a citation counts as one letter', { block: 0, from: 13, to: 19 }, 'slowly'],
    ['the citation itself', { block: 0, from: 11, to: 12 }, '◊'],
    ['a line of a block quotation', { block: 1, path: [1], from: 4, to: 10 }, 'second'],
    ['across letters of another face', { block: 1, path: [1], from: 0, to: 15 }, 'The second line'],
    ['further than the line is long', { block: 0, from: 13, to: 999 }, 'slowly.'],
    ['before it begins', { block: 1, path: [0], from: -5, to: 5 }, 'First'],
    ['turned round: where it begins', { block: 0, from: 6, to: 2 }, ''],
    ['a block alone: its beginning', { block: 2 }, ''],
  ])('%s', (_, place, said) => {
    const range = rangeOf(doc, place)!
    expect(doc.textBetween(range.from, range.to, '\n', '◊')).toBe(said)
  })
  it.each<[string, TextPlace]>([
    ['a block that is gone', { block: 3 }],
    ['none', { block: Number.NaN }],
    ['before the first', { block: -1 }],
    ['half a block', { block: 0.5 }],
    ['a line that is gone', { block: 1, path: [2], from: 0 }],
  ])('nothing: %s', (_, place) => expect(rangeOf(doc, place)).toBeUndefined())

  it('counts as the reader of blocks counts', () => {
    doc.forEach((node, _offset, block) => {
      for (const { path, text } of readBlock(node.toJSON() as never).lines) {
        for (const [at] of [...text].entries()) {
          const { from, to } = rangeOf(doc, { block, path: [...path], from: at, to: at + 1 })!
          expect(doc.textBetween(from, to, '\n', '\uFFFC')).toBe(text[at])
        }
      }
    })
  })
})
