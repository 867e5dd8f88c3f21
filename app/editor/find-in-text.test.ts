import { Schema, type Node as PmNode } from '@tiptap/pm/model'
import { EditorState } from '@tiptap/pm/state'
import { describe, expect, it } from 'vitest'
import { findWords, noteOf, replaceFound } from './find-in-text'

const schema = new Schema({
  nodes: {
    doc: { content: 'block+' },
    paragraph: { group: 'block', content: 'inline*' },
    figure: { group: 'block', content: 'inline*', attrs: { credit: { default: '' } } },
    text: { group: 'inline' },
    citation: { group: 'inline', inline: true, atom: true, attrs: { id: { default: '' }, data: { default: null } } },
  },
  marks: { italic: {} },
})
const italic = [schema.marks.italic.create()]
const note = (id: string, data: object) => schema.nodes.citation.create({ id, data: { items: [], form: 'parenthetical', ...data } })
const doc = schema.nodes.doc.create(null, [
  schema.nodes.paragraph.create(null, [
    schema.text('The miller’s İron “pond”: a '),
    schema.text('pond', italic),
    note('n', { items: [{ id: 'a', prefix: 'see the pond' }], words: { after: 'A <i>pond</i> is a pond.' } }),
    schema.text(' of mud.'),
  ]),
  schema.nodes.figure.create({ credit: 'From the <i>Pond Book</i>.' }, [schema.text('A pond')]),
])
const show = (node: PmNode): string =>
  node.isText
    ? node.marks.length
      ? `*${node.text}*`
      : node.text!
    : `${node.type.name === 'citation' ? `{${JSON.stringify(node.attrs.data)}}` : ''}${node.attrs.credit ? `<${String(node.attrs.credit)}>` : ''}${node.content.content.map(show).join('')}`

describe('finding words', () => {
  it.each<[string, boolean, number]>([
    ['pond', false, 7],
    ['Pond', true, 1],
    ['miller\'s', false, 1],
    ['"pond"', false, 1],
    ['İron', false, 1],
    ['of mud', false, 1],
    ['nothing', false, 0],
    ['', false, 0],
    ['pond is a pond', false, 1],
  ])('%s', (words, matchCase, n) => expect(findWords(doc, words, matchCase)).toHaveLength(n))
  it('goes through the text in order, a note where its number stands', () =>
    expect(findWords(doc, 'pond', false).map((one) => one.within?.path.join('.') ?? 'text')).toEqual([
      'text',
      'text',
      'data.items.0.prefix',
      'data.words.after',
      'data.words.after',
      'credit',
      'text',
    ]))
  it('tells the note that a place is in', () => expect(findWords(doc, 'is a pond', false).map(one => noteOf(doc, one))).toEqual(['n']))
})
describe('replacing them', () => {
  it('keeps italics, notes and credits whole', () => {
    const tr = replaceFound(EditorState.create({ doc }).tr, findWords(doc, 'pond', false), 'lake')
    expect(show(tr.doc)).toBe(
      'The miller’s İron “lake”: a *lake*{{"items":[{"id":"a","prefix":"see the lake"}],"form":"parenthetical","words":{"after":"A <i>lake</i> is a lake."}}} of mud.<From the <i>lake Book</i>.>A lake',
    )
    expect(show(doc)).toContain('“pond”')
  })
  it('by nothing takes them out', () =>
    expect(show(replaceFound(EditorState.create({ doc }).tr, findWords(doc, ' of mud', false), '').doc)).toContain('}}.<From'))
})
